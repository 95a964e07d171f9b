// Tension through the night under the same clock: skin and middle of the thickest wall, and what may stay.
import type { Outcome } from '@zanfirico/core';
import {
  CartesianGrid,
  Line,
  LineChart,
  ReferenceLine,
  ResponsiveContainer,
  XAxis,
  YAxis,
} from 'recharts';
import { clockWords } from '../places/piece/clock';
import { clockTicks } from './clockTicks';
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

export function StressStrip({ outcome, from, to, lastIn, allows }: Props) {
  const { night } = outcome;
  const wall = night.walls[0];
  if (!wall) return null;
  // The most anywhere: of both joined walls, and of the biggest step where that is elsewhere.
  const others = [night, ...(outcome.step ? [outcome.step] : [])];
  const anywhere = (i: number): number => {
    const t = night.time[i] as number;
    return Math.max(
      0,
      ...others.flatMap((n) => {
        const k = n === night ? i : nearest(n.time, t);
        return n.walls.map((w) => w.most[k] as number);
      }),
    );
  };
  const points = Array.from({ length: night.samples }, (_, i) => ({
    time: night.time[i] as number,
    middle: (wall.middleStress[i] as number) / MPA,
    skin: (wall.skinStress[i] as number) / MPA,
    anywhere: anywhere(i) / MPA,
  }));
  const most = Math.max(
    (1.2 * allows) / MPA,
    ...points.map((p) => Math.max(Math.abs(p.middle), Math.abs(p.skin), p.anywhere)),
  );
  const step = STEPS.find((s) => most / s <= 3) ?? 100;
  const limit = Math.ceil(most / step) * step;
  const label = { fill: 'var(--chalk-dim)', fontSize: 12, fontFamily: 'var(--font-mono)' };
  const last = points[points.length - 1];
  return (
    <figure
      className="bg-(--board) pb-1"
      aria-label={`Tension through the night in megapascals: at the end the middle has ${last?.middle.toFixed(2) ?? '–'} and the skin ${last?.skin.toFixed(2) ?? '–'}; ${(allows / MPA).toFixed(1)} may stay.`}
    >
      <ResponsiveContainer width="100%" height={132} initialDimension={{ width: 800, height: 132 }}>
        <LineChart
          data={points}
          margin={{ top: 6, right: 28, bottom: 2, left: 2 }}
          accessibilityLayer={false}
        >
          <CartesianGrid stroke="var(--chalk-dim)" strokeOpacity={0.16} />
          <XAxis
            dataKey="time"
            type="number"
            domain={[from, to]}
            ticks={clockTicks(from, to, lastIn)}
            tickFormatter={(t: number) => clockWords(lastIn, t).time}
            tick={false}
            height={4}
            stroke="var(--chalk-dim)"
          />
          <YAxis
            type="number"
            domain={[-limit, limit]}
            ticks={[-limit, 0, limit]}
            tickFormatter={(v: number) => String(Number(v.toFixed(2)))}
            tick={label}
            width={48}
            stroke="var(--chalk-dim)"
          />
          <ReferenceLine y={0} stroke="var(--chalk-dim)" />
          <ReferenceLine
            y={allows / MPA}
            stroke="var(--color-warning)"
            strokeDasharray="2 4"
            label={{
              value: `may stay ${(allows / MPA).toFixed(1)}`,
              position: 'insideBottomRight',
              ...label,
            }}
          />
          <ReferenceLine x={0} stroke="var(--chalk)" strokeDasharray="4 3" />
          <Line
            dataKey="anywhere"
            type="linear"
            stroke="var(--color-accent)"
            strokeWidth={1.4}
            strokeDasharray="1 3"
            dot={false}
            isAnimationActive={false}
          />
          <Line
            dataKey="skin"
            type="linear"
            stroke="var(--chalk)"
            strokeWidth={1.6}
            strokeDasharray="5 3"
            dot={false}
            isAnimationActive={false}
          />
          <Line
            dataKey="middle"
            type="linear"
            stroke="var(--color-primary)"
            strokeWidth={2.2}
            dot={false}
            isAnimationActive={false}
          />
        </LineChart>
      </ResponsiveContainer>
      <figcaption className="quiet -mt-1 flex flex-wrap gap-x-5 pl-12 text-sm leading-tight">
        <span>Tension, MPa:</span>
        <Key stroke="var(--color-primary)" width={2.2} dash="" says="middle of the thickest wall" />
        <Key stroke="var(--chalk)" width={1.6} dash="5 3" says="its skin" />
        <Key stroke="var(--color-accent)" width={1.4} dash="1 3" says="the most anywhere" />
      </figcaption>
    </figure>
  );
}

function Key({
  stroke,
  width,
  dash,
  says,
}: {
  readonly stroke: string;
  readonly width: number;
  readonly dash: string;
  readonly says: string;
}) {
  return (
    <span className="flex items-center gap-1.5">
      <LineMark stroke={stroke} width={width} dash={dash} />
      {says}
    </span>
  );
}

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
