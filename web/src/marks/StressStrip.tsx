// Tension through the night under the same clock: skin and middle of the thickest wall, and what may stay.
import type { Outcome } from '@zanfirico/core/night';
import { writtenWith } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import {
  CartesianGrid,
  Line,
  LineChart,
  ReferenceLine,
  ResponsiveContainer,
  XAxis,
  YAxis,
} from 'recharts';
import { shownNumber } from '../fields/shown';
import { useDisplay } from '../stores/display';
import { clockAxis, GRID, LABEL, PLAIN_LINE, uprightAxis } from './chartLook';
import { LineMark } from './LineMark';

interface Props {
  readonly outcome: Outcome;
  /** Of the whole picture above, s from the last piece in. */
  readonly from: number;
  readonly to: number;
  readonly lastIn: string;
  /** What may stay, Pa. */
  readonly allows: number;
}

const MPA = 1e6;
/** Tensions are drawn up to whole steps of this, MPa. */
const STEPS = [0.1, 0.2, 0.5, 1, 2, 5, 10, 20, 50];

/** Lines by what they are of. */
type Lines = Readonly<
  Record<
    string,
    {
      readonly stroke: string;
      readonly width: number;
      readonly dash: string;
      readonly says: string;
    }
  >
>;

/** The lines, the boldest last so that it lies on top. */
const LINES = {
  anywhere: { stroke: 'var(--color-accent)', width: 1.4, dash: '1 3', says: tr`the most anywhere` },
  skin: { stroke: 'var(--chalk)', width: 1.6, dash: '5 3', says: tr`its skin` },
  middle: {
    stroke: 'var(--color-primary)',
    width: 2.2,
    dash: '',
    says: tr`middle of the thickest wall`,
  },
} as const;

const DRAWN = {
  pressed: { stroke: 'var(--chalk)', width: 1.6, dash: '5 3', says: tr`most pressed anywhere` },
  pulled: {
    stroke: 'var(--color-primary)',
    width: 2.2,
    dash: '',
    says: tr`most pulled anywhere in the section`,
  },
} as const;

/** Tension through the wall, as a strip. */
export function StressStrip({ outcome, from, to, lastIn, allows }: Props) {
  const units = useDisplay((s) => s.units);
  const lines: Lines = outcome.section ? DRAWN : LINES;
  const points = outcome.section ? ofSection(outcome.section) : ofWalls(outcome);
  const most = Math.max(
    (1.2 * allows) / MPA,
    ...points.flatMap((p) => Object.keys(lines).map((key) => Math.abs(p[key] ?? 0))),
  );
  const step = STEPS.find((s) => most / s <= 3) ?? 100;
  const limit = Math.ceil(most / step) * step;
  const last = points[points.length - 1];
  return (
    <figure
      className="bg-(--board) pb-1"
      aria-label={tr`Tension through the night in megapascals: at the end ${Object.entries(lines)
        .map(([key, { says }]) => `${says} ${last ? shownNumber(last[key] ?? NaN, 2) : '–'}`)
        .join(', ')}; ${shownNumber(allows / MPA, 1)} may stay.`}
    >
      <ResponsiveContainer width="100%" height={132} initialDimension={{ width: 800, height: 132 }}>
        <LineChart
          data={points}
          margin={{ top: 6, right: 28, bottom: 2, left: 2 }}
          accessibilityLayer={false}
        >
          <CartesianGrid {...GRID} />
          <XAxis {...clockAxis(from, to, lastIn)} tick={false} height={4} />
          <YAxis
            {...uprightAxis([-limit, 0, limit], (v) =>
              writtenWith(String(Number(v.toFixed(2))), units),
            )}
          />
          <ReferenceLine y={0} stroke="var(--chalk-dim)" />
          <ReferenceLine
            y={allows / MPA}
            stroke="var(--color-warning)"
            strokeDasharray="2 4"
            label={{
              value: tr`may stay ${shownNumber(allows / MPA, 1)}`,
              position: 'insideBottomRight',
              ...LABEL,
            }}
          />
          <ReferenceLine x={0} stroke="var(--chalk)" strokeDasharray="4 3" />
          {Object.entries(lines).map(([key, { stroke, width, dash }]) => (
            <Line
              key={key}
              {...PLAIN_LINE}
              dataKey={key}
              stroke={stroke}
              strokeWidth={width}
              strokeDasharray={dash}
            />
          ))}
        </LineChart>
      </ResponsiveContainer>
      <figcaption className="quiet -mt-1 flex flex-wrap gap-x-5 pl-12 text-sm leading-tight">
        <span>{tr`Tension, MPa:`}</span>
        {Object.values(lines)
          .reverse()
          .map(({ says, ...look }) => (
            <span key={says} className="flex items-center gap-1.5">
              <LineMark {...look} />
              {says}
            </span>
          ))}
      </figcaption>
    </figure>
  );
}

/** A moment and what each line has there, MPa. */
type Point = Record<string, number> & { readonly time: number };

/** Of joined walls: middle and skin of the thickest, and the most anywhere, also in the biggest step where that is elsewhere. */
function ofWalls({ night, step }: Outcome): Point[] {
  const wall = night.walls[0];
  if (!wall) return [];
  const others = [night, ...(step ? [step] : [])];
  return Array.from({ length: night.samples }, (_, i): Point => {
    const time = night.time[i] as number;
    const anywhere = others.flatMap((n) => {
      const k = n === night ? i : nearest(n.time, time);
      return n.walls.map((w) => w.most[k] as number);
    });
    return {
      time,
      middle: (wall.middleStress[i] as number) / MPA,
      skin: (wall.skinStress[i] as number) / MPA,
      anywhere: Math.max(0, ...anywhere) / MPA,
    };
  });
}

/** Of a drawn section: the most it is pulled and pressed anywhere. */
const ofSection = ({ trace }: NonNullable<Outcome['section']>): Point[] =>
  Array.from(trace.time, (time, i) => ({
    time,
    pressed: (trace.least[i] as number) / MPA,
    pulled: (trace.most[i] as number) / MPA,
  }));

/** The last sample not after t. */
function nearest(time: Float64Array, t: number): number {
  let [low, high] = [0, time.length - 1];
  while (low < high) {
    const middle = Math.ceil((low + high) / 2);
    if ((time[middle] as number) <= t) low = middle;
    else high = middle - 1;
  }
  return low;
}
