// A part's course through the work: a filament a zone, glowing with the heat it has.
import { tr } from '@zanfirico/core/words';
import type { BandSpan } from '@zanfirico/core/glass';
import type { HeatTrack } from '@zanfirico/core/iron';
import { curveMonotoneX, line } from 'd3-shape';
import { memo } from 'react';
import { shine } from './shine';
import { marksAlong } from './stiffness';
import type { Strand } from './strands';

/** Filaments of a strand stand so far apart, px. */
const APART = 4;
/** px between points of a strand. */
const GRAIN = 3;
interface StrandMarkProps {
  readonly id: string;
  readonly strand: Strand;
  readonly name: string;
  readonly tracks: readonly HeatTrack[];
  readonly every: number;
  /** The bands of its glass. */
  readonly spans: readonly BandSpan[];
  readonly x: (t: number) => number;
}

export const StrandMark = memo(function StrandMark({
  id,
  strand,
  name,
  tracks,
  every,
  spans,
  x,
}: StrandMarkProps) {
  const { from, to } = strand;
  if (!(to > from)) return null;
  const n = Math.max(2, Math.ceil((x(to) - x(from)) / GRAIN));
  const times = Array.from({ length: n + 1 }, (_, k) => from + ((to - from) * k) / n);
  const course = times.map((t) => [x(t), strand.y(t)] as const);
  const path = (offset: number): string =>
    line<readonly [number, number]>()
      .x(([at]) => at)
      .y(([, y]) => y + offset)
      .curve(curveMonotoneX)(course) ?? '';
  const shown = tracks.filter((t) => t.mean.some((v) => !Number.isNaN(v)));
  // The middle of the part speaks for it.
  const middle = shown[Math.floor((shown.length - 1) / 2)];
  const left = x(from);
  const perPx = (to - from) / Math.max(1, x(to) - left);
  const marks = middle
    ? marksAlong(
        x(to) - left,
        (px) => middle.mean[Math.round((from + px * perPx) / every)] ?? NaN,
        spans,
      )
    : [];
  const half = (shown.length * APART) / 2 + 1;
  return (
    <g pointerEvents="none">
      {strand.waits.map(([a, b]) => (
        <text
          key={a}
          x={(x(a) + x(b)) / 2}
          y={strand.y((a + b) / 2) - 10}
          textAnchor="middle"
          fontSize={11.5}
          fill="var(--chalk-dim)"
        >
          {tr`garage`}
        </text>
      ))}
      {shown.map((track, k) => {
        const d = path((k - (shown.length - 1) / 2) * APART);
        return (
          <g key={track.zone}>
            <linearGradient
              id={`${id}z${String(track.zone)}`}
              gradientUnits="userSpaceOnUse"
              x1={x(from)}
              x2={x(to)}
              y1={0}
              y2={0}
            >
              {stopsOf(track, every, from, to).map((s, i) => (
                <stop key={i} offset={s.at} stopColor={s.colour} />
              ))}
            </linearGradient>
            <path
              d={d}
              fill="none"
              stroke="var(--board)"
              strokeWidth={APART + 1.6}
              strokeLinejoin="round"
            />
            <path
              d={d}
              fill="none"
              stroke={`url(#${id}z${String(track.zone)})`}
              strokeWidth={APART - 0.5}
              strokeLinejoin="round"
            />
          </g>
        );
      })}
      <path
        d={marks
          .map((px) => {
            const y = strand.y(from + px * perPx);
            return `M${(left + px).toFixed(1)} ${(y - half).toFixed(1)}v${String(2 * half)}`;
          })
          .join('')}
        stroke="var(--board)"
        strokeWidth={1.4}
      />
      <text
        x={x(from) - 6 < 60 ? x(from) + 4 : x(from) - 6}
        // Its own lane is empty before it: the name stands there; at the edge above it.
        y={x(from) - 6 < 60 ? strand.y(from) - 14 : strand.y(from) + 4}
        textAnchor={x(from) - 6 < 60 ? 'start' : 'end'}
        fontSize={14}
        className="font-display"
        fontWeight={600}
        fill="var(--chalk)"
        stroke="var(--board)"
        strokeWidth={4}
        paintOrder="stroke"
      >
        {name}
      </text>
    </g>
  );
});

/** Colours along a filament; places that look like the one before are left out. */
function stopsOf(
  track: HeatTrack,
  every: number,
  from: number,
  to: number,
): { readonly at: number; readonly colour: string }[] {
  const stops: { at: number; colour: string }[] = [];
  const span = Math.max(1e-6, to - from);
  const first = Math.max(0, Math.ceil(from / every));
  const last = Math.min(track.mean.length - 1, Math.floor(to / every));
  let shown = NaN;
  for (let k = first; k <= last; k += 1) {
    const t = track.mean[k] as number;
    if (Number.isNaN(t)) continue;
    if (Math.abs(t - shown) < 14 && k !== last) continue;
    // A sudden change stays sudden: the colour before it ends where it begins.
    if (!Number.isNaN(shown) && Math.abs(t - shown) > 120)
      stops.push({ at: (k * every - from) / span, colour: shine(shown) });
    stops.push({ at: (k * every - from) / span, colour: shine(t) });
    shown = t;
  }
  return stops;
}
