// The braid: every part a strand of filaments, one a zone, glowing with the heat it really has; dips through the fire, levels
// in the garage, twists where parts are one.
import {
  glow,
  hexOf,
  type CrewPlan,
  type HeatTrack,
  type Person,
  type WorkHeat,
  type WorkStep,
} from '@zanfirico/core';
import { scaleLinear } from 'd3-scale';
import { curveMonotoneX, line } from 'd3-shape';
import { memo, useId, useMemo } from 'react';
import { CREW_ROW, CrewLanes, crewRows } from './CrewLanes';
import { clockText, LANE, strandsOf, TOP, type Strand } from './strands';

interface Props {
  readonly names: readonly string[];
  readonly steps: readonly WorkStep[];
  readonly starts: readonly number[];
  readonly heat: WorkHeat;
  /** Step in hand, by place. */
  readonly at: number | undefined;
  /** px a second. */
  readonly scale: number;
  readonly troubled: ReadonlyMap<string, 'watch' | 'no'>;
  /** Who does what, along the same clock, once it is planned. */
  readonly crew?: { readonly people: readonly Person[]; readonly plan: CrewPlan } | undefined;
  readonly onTake: (index: number) => void;
}

const LEFT = 26;
const RIGHT = 30;
const FOOT = 26;
/** Filaments of a strand stand so far apart, px. */
const APART = 4;
/** px between points of a strand. */
const GRAIN = 3;
/** Cold glass: a little of its own tint. */
const COLD = [0.16, 0.26, 0.25] as const;

/** Room a step's number takes, px. */
const NUMBER_WIDTH = 18;
/** Seconds between the clock's lines. */
const EVERY = [5, 10, 15, 30, 60, 120, 300, 600, 1200];
const HOUR = 3600;

const shines = new Map<number, string>();
/** How glass at T looks here, to the nearest 2 K: the sum over the spectrum is made once. */
const shine = (t: number): string => {
  const known = Math.round(t / 2);
  const kept = shines.get(known);
  if (kept !== undefined) return kept;
  const fresh = shineAt(2 * known);
  shines.set(known, fresh);
  return fresh;
};
const shineAt = (t: number): string => {
  const [r, g, b] = glow(t);
  const most = Math.max(r, g, b);
  const rest = 1 - 0.8 * Math.min(1, most * 3);
  return hexOf([
    Math.min(1, r + COLD[0] * rest),
    Math.min(1, g + COLD[1] * rest),
    Math.min(1, b + COLD[2] * rest),
  ]);
};

export const BraidDrawing = memo(function BraidDrawing(props: Props) {
  const { names, steps, starts, heat, at, scale, troubled, crew, onTake } = props;
  const id = useId().replace(/:/g, '');
  const total = Math.max(1, heat.total);
  const width = LEFT + total * scale + RIGHT;
  const braidHeight = TOP + LANE * names.length + FOOT;
  const height = braidHeight + (crew ? crewRows(crew.people, steps).length * CREW_ROW + 6 : 0);
  const x = useMemo(
    () =>
      scaleLinear()
        .domain([0, total])
        .range([LEFT, LEFT + total * scale]),
    [total, scale],
  );
  const strands = useMemo(
    () => strandsOf(names.length, steps, starts, total),
    [names.length, steps, starts, total],
  );
  const apart = EVERY.find((s) => s * scale >= 110) ?? HOUR;
  const ticks = Array.from({ length: Math.floor(total / apart) + 1 }, (_, k) => k * apart);
  const numbered = numbersThatFit(steps, starts, x);
  return (
    <svg
      width={width}
      height={height}
      viewBox={`0 0 ${String(width)} ${String(height)}`}
      role="img"
      aria-label={`The braid: ${String(names.length)} parts through ${clockText(total)}, ${String(steps.length)} steps. The table tells the same.`}
      className="block"
      data-braid=""
    >
      {ticks.map((t) => (
        <g key={t}>
          <line
            x1={x(t)}
            x2={x(t)}
            y1={TOP - 8}
            y2={braidHeight - FOOT}
            stroke="var(--chalk-dim)"
            strokeOpacity={0.16}
          />
          <text
            x={x(t)}
            y={braidHeight - 8}
            textAnchor="middle"
            fontSize={12}
            className="num"
            fill="var(--chalk-dim)"
          >
            {clockText(t)}
          </text>
        </g>
      ))}
      {steps.map((s, i) => (
        <StepMark
          key={s.id}
          step={s}
          index={i}
          from={x(starts[i] ?? 0)}
          to={x((starts[i] ?? 0) + Math.max(0, s.seconds))}
          y={strands[s.part]?.y((starts[i] ?? 0) + s.seconds / 2) ?? TOP}
          height={height}
          lit={i === at}
          numbered={numbered.has(i)}
          trouble={troubled.get(s.id)}
          onTake={onTake}
        />
      ))}
      {strands.map((strand) => (
        <StrandMark
          key={strand.part}
          id={`${id}p${String(strand.part)}`}
          strand={strand}
          name={names[strand.part] ?? ''}
          tracks={heat.tracks.filter((t) => t.part === strand.part)}
          every={heat.every}
          x={x}
        />
      ))}
      {crew && (
        <CrewLanes
          people={crew.people}
          plan={crew.plan}
          steps={steps}
          x={x}
          top={braidHeight}
          at={at}
        />
      )}
    </svg>
  );
});

/** Steps whose numbers do not run into one another, those that take longest first. */
function numbersThatFit(
  steps: readonly WorkStep[],
  starts: readonly number[],
  x: (t: number) => number,
): ReadonlySet<number> {
  const taken: number[] = [];
  const fit = new Set<number>();
  const order = steps
    .map((_, i) => i)
    .sort((a, b) => (steps[b] as WorkStep).seconds - (steps[a] as WorkStep).seconds);
  for (const i of order) {
    const s = steps[i] as WorkStep;
    const at = x((starts[i] ?? 0) + Math.max(0, s.seconds) / 2);
    if (taken.some((t) => Math.abs(t - at) < NUMBER_WIDTH)) continue;
    taken.push(at);
    fit.add(i);
  }
  return fit;
}

interface StepMarkProps {
  readonly step: WorkStep;
  readonly index: number;
  readonly from: number;
  readonly to: number;
  readonly y: number;
  readonly height: number;
  readonly lit: boolean;
  readonly numbered: boolean;
  readonly trouble: 'watch' | 'no' | undefined;
  readonly onTake: (index: number) => void;
}

function StepMark({ index, from, to, y, height, lit, numbered, trouble, onTake }: StepMarkProps) {
  const middle = (from + to) / 2;
  return (
    <g
      className="cursor-pointer"
      onClick={() => {
        onTake(index);
      }}
    >
      <rect
        x={from}
        y={TOP - 24}
        width={Math.max(2, to - from)}
        height={height - TOP + 24}
        fill={lit ? 'var(--color-primary)' : 'var(--chalk)'}
        fillOpacity={lit ? 0.2 : index % 2 === 0 ? 0.035 : 0}
      />
      {(numbered || lit) && (
        <text
          x={middle}
          y={TOP - 10}
          textAnchor="middle"
          fontSize={11.5}
          className="num"
          fontWeight={lit ? 700 : 400}
          fill={lit ? 'var(--color-primary)' : 'var(--chalk-dim)'}
        >
          {index + 1}
        </text>
      )}
      {trouble && (
        <g transform={`translate(${String(middle)} ${String(y - 17)})`}>
          {trouble === 'no' ? (
            <path d="M-6 -6H6L6 6H-6Z" fill="var(--color-error)" />
          ) : (
            <path d="M0 -7L7 6H-7Z" fill="var(--color-warning)" />
          )}
          <path d="M0 -3V2M0 4V4.6" stroke="#1a0e06" strokeWidth={1.8} strokeLinecap="round" />
        </g>
      )}
    </g>
  );
}

interface StrandMarkProps {
  readonly id: string;
  readonly strand: Strand;
  readonly name: string;
  readonly tracks: readonly HeatTrack[];
  readonly every: number;
  readonly x: (t: number) => number;
}

const StrandMark = memo(function StrandMark({
  id,
  strand,
  name,
  tracks,
  every,
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
  return (
    <g pointerEvents="none">
      <text
        x={x(from) - 6 < 60 ? x(from) + 4 : x(from) - 6}
        y={strand.y(from) - 14}
        textAnchor={x(from) - 6 < 60 ? 'start' : 'end'}
        fontSize={14}
        className="font-display"
        fontWeight={600}
        fill="var(--chalk)"
      >
        {name}
      </text>
      {strand.waits.map(([a, b]) => (
        <text
          key={a}
          x={(x(a) + x(b)) / 2}
          y={strand.y((a + b) / 2) - 10}
          textAnchor="middle"
          fontSize={11.5}
          fill="var(--chalk-dim)"
        >
          garage
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
              {stopsOf(track, every, from, to).map((s) => (
                <stop key={s.at} offset={s.at} stopColor={s.colour} />
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
