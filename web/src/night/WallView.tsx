// Tonight on the studio wall: to be read from three metres, or printed in black.
import { trNodes } from '../words/trNodes';
import type { Schedule } from '@zanfirico/core/night';
import type { SectionOutcome } from '@zanfirico/core/night/section';
import { printText } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { momentOf } from '../clock/moments';
import { scaleLinear } from 'd3-scale';
import { line } from 'd3-shape';
import { differenceInSeconds } from 'date-fns';
import { X } from 'lucide-react';
import { useMemo } from 'react';
import { clockTicks, tickWords } from '../clock/clockTicks';
import { SectionField } from '../marks/section/SectionField';
import { useDisplay } from '../stores/display';
import { clockWords } from '../clock/clockWords';
import { useWall } from './useWall';

interface Props {
  readonly name: string;
  readonly schedule: Schedule;
  /** Its section with what it keeps, where that is drawn and here. */
  readonly section?: SectionOutcome | undefined;
  readonly lastIn: string;
  readonly onClose: () => void;
}

const [W, H] = [1600, 620];
const EDGE = { left: 120, right: 60, top: 30, bottom: 70 };
const DAY = 86400;
/** Looked at so often, ms. */
const TICK = 20_000;

/** Seconds from the last piece in to this moment, taken as tonight's: from a quarter of a day before it on. */
function sinceLastIn(lastIn: string, now: Date): number {
  const s = differenceInSeconds(now, momentOf(lastIn, now));
  return s < -DAY / 4 ? s + DAY : s;
}

export function WallView({ name, schedule, section, lastIn, onClose }: Props) {
  const units = useDisplay((s) => s.units);
  const { dialog, now } = useWall(TICK);
  const { curve, rows, total } = schedule;
  const from = curve[0]?.time ?? 0;
  const to = curve[curve.length - 1]?.time ?? 1;
  const most = Math.max(...curve.map((p) => p.temperature));
  const x = scaleLinear()
    .domain([from, to])
    .range([EDGE.left, W - EDGE.right]);
  const y = scaleLinear()
    .domain([0, most * 1.08])
    .range([H - EDGE.bottom, EDGE.top]);
  const path =
    line<(typeof curve)[number]>()
      .x((p) => x(p.time))
      .y((p) => y(p.temperature))([...curve]) ?? '';
  const t = sinceLastIn(lastIn, now);
  const running = t >= from && t <= to;
  const k = curve.findIndex((p) => p.time >= t);
  const [a, b] = [curve[k - 1], curve[k]];
  const planned =
    running && a && b
      ? a.temperature +
        ((b.temperature - a.temperature) * (t - a.time)) / Math.max(1, b.time - a.time)
      : undefined;
  const row = rows.find((r) => t >= r.start && t < r.start + r.duration);
  const door = clockWords(lastIn, total.value);
  const text = (v: number): string => printText(v, 'temperature', units);
  return (
    <dialog
      ref={dialog}
      aria-label={tr`Tonight on the wall: ${name}`}
      className="bg-base-100 text-base-content m-0 print:bg-white print:text-black flex h-dvh max-h-none w-screen max-w-none flex-col p-[2.5vmin]"
      onClose={onClose}
    >
      <div className="flex items-start justify-between">
        <p className="font-display text-[5vmin] leading-none font-semibold">{name}</p>
        <button
          type="button"
          className="btn btn-ghost no-print"
          aria-label={tr`Off the wall`}
          onClick={() => dialog.current?.close()}
        >
          <X />
        </button>
      </div>
      <p className="mt-[1vmin] text-[7vmin] leading-tight">
        {trNodes`Door ${(<b className="num text-primary text-[15vmin] leading-none">{door.time}</b>)} ${door.day}`}
      </p>
      <p className="text-[5vmin] leading-tight">
        {running && planned !== undefined ? (
          <>
            {trNodes`Now ${(<b className="num">{text(planned)}</b>)} by plan: ${(row?.name ?? '').toLowerCase()}`}
          </>
        ) : (
          <>{tr`Last piece in ${lastIn}. Leave the door shut.`}</>
        )}
      </p>
      <div className="mt-[1vmin] flex min-h-0 flex-1 gap-[2vmin] max-lg:flex-col">
        <svg
          viewBox={`0 0 ${String(W)} ${String(H)}`}
          className="min-h-0 w-full flex-1"
          role="img"
          aria-label={tr`Temperature through the night`}
        >
          {clockTicks(from, to, lastIn).map((v) => (
            <g key={v}>
              <line
                x1={x(v)}
                x2={x(v)}
                y1={EDGE.top}
                y2={H - EDGE.bottom}
                stroke="currentColor"
                strokeOpacity={0.2}
                strokeWidth={2}
              />
              <text
                x={x(v)}
                y={H - 18}
                textAnchor="middle"
                fontSize={34}
                className="num"
                fill="currentColor"
              >
                {tickWords(v, from, to, lastIn)}
              </text>
            </g>
          ))}
          {[most, 300, 100].map((v) => (
            <g key={v}>
              <line
                x1={EDGE.left}
                x2={W - EDGE.right}
                y1={y(v)}
                y2={y(v)}
                stroke="currentColor"
                strokeOpacity={0.25}
                strokeWidth={2}
              />
              <text
                x={EDGE.left - 14}
                y={y(v) + 12}
                textAnchor="end"
                fontSize={36}
                className="num"
                fill="currentColor"
              >
                {text(v).replace(/ °.$/, '°')}
              </text>
            </g>
          ))}
          <path
            d={path}
            className="print:stroke-black"
            fill="none"
            stroke="var(--color-primary)"
            strokeWidth={9}
            strokeLinejoin="round"
          />
          {running && planned !== undefined && (
            <g>
              <line
                x1={x(t)}
                x2={x(t)}
                y1={EDGE.top}
                y2={H - EDGE.bottom}
                stroke="currentColor"
                strokeWidth={4}
                strokeDasharray="12 8"
              />
              <circle cx={x(t)} cy={y(planned)} r={16} fill="currentColor" />
            </g>
          )}
        </svg>
        {section?.picture && <Kept section={section} picture={section.picture} />}
      </div>
    </dialog>
  );
}

/** The section beside the curve: where it keeps the most. */
function Kept({
  section,
  picture: { mesh, night },
}: {
  readonly section: SectionOutcome;
  readonly picture: NonNullable<SectionOutcome['picture']>;
}) {
  const units = useDisplay((s) => s.units);
  const values = useMemo(() => Float32Array.from(night.kept.most), [night]);
  const says = printText(section.keeps.stress, 'stress', units);
  return (
    <figure className="flex w-[34vw] flex-col max-lg:w-full">
      <SectionField
        mesh={mesh}
        values={values}
        low={section.pressed}
        high={section.keeps.stress}
        signed
        mark={{ r: section.keeps.r, z: section.keeps.z, says }}
        label={tr`The section once cold: ${says} ${section.keeps.where}`}
      />
      <figcaption className="text-[2.6vmin] leading-tight">
        {trNodes`Keeps ${(<b className="num">{says}</b>)} ${section.keeps.where}`}
      </figcaption>
    </figure>
  );
}
