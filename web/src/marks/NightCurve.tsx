// The night curve: the programme on a real clock, glowing where the glass does, with the points that matter named.
import type { Schedule } from '@zanfirico/core/night';
import { printText } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import {
  Area,
  AreaChart,
  CartesianGrid,
  ReferenceDot,
  ReferenceLine,
  ResponsiveContainer,
  XAxis,
  YAxis,
} from 'recharts';
import { clockWords } from '../clock/clockWords';
import { clockAxis, degreeTicks, GRID, LABEL, PLAIN_LINE, uprightAxis } from './chartLook';
import { useDisplay } from '../stores/display';

interface Props {
  readonly schedule: Schedule;
  readonly lastIn: string;
  readonly annealing: number;
  readonly strain: number;
}

/** A night on a real clock. */
export function NightCurve({ schedule, lastIn, annealing, strain }: Props) {
  const units = useDisplay((s) => s.units);
  const text = (v: number): string => printText(v, 'temperature', units);
  const { curve } = schedule;
  const from = curve[0]?.time ?? 0;
  const to = curve[curve.length - 1]?.time ?? 1;
  const door = clockWords(lastIn, to);
  const doorSays = tr`door ${door.time}`;
  const last = curve[curve.length - 1];
  return (
    <figure
      className="mt-1 h-[250px] bg-(--board)"
      aria-label={tr`Temperature through the night: holds at ${text(annealing)} or as set, door at ${door.time} ${door.day}. The table below gives every segment.`}
    >
      <ResponsiveContainer
        width="100%"
        height="100%"
        initialDimension={{ width: 800, height: 250 }}
      >
        <AreaChart
          data={[...curve]}
          margin={{ top: 16, right: 28, bottom: 2, left: 2 }}
          accessibilityLayer={false}
        >
          <defs>
            <linearGradient id="glow" x1="0" x2="0" y1="0" y2="1">
              <stop offset="0" stopColor="var(--color-primary)" stopOpacity={0.55} />
              <stop offset="0.45" stopColor="var(--color-secondary)" stopOpacity={0.25} />
              <stop offset="1" stopColor="var(--color-secondary)" stopOpacity={0} />
            </linearGradient>
          </defs>
          <CartesianGrid {...GRID} vertical />
          <XAxis {...clockAxis(from, to, lastIn)} />
          <YAxis {...uprightAxis([0, 100, 200, 300, 400, 500, 600], degreeTicks(units))} />
          <ReferenceLine
            y={annealing}
            stroke="var(--chalk-dim)"
            strokeDasharray="2 4"
            label={{
              value: tr`annealing point ${text(annealing)}`,
              position: 'insideBottomRight',
              ...LABEL,
            }}
          />
          <ReferenceLine
            y={strain}
            stroke="var(--chalk-dim)"
            strokeDasharray="2 4"
            label={{
              value: tr`strain point ${text(strain)}`,
              position: 'insideTopRight',
              ...LABEL,
            }}
          />
          <ReferenceLine
            x={0}
            stroke="var(--chalk)"
            strokeDasharray="4 3"
            label={{
              value: tr`last in ${lastIn}`,
              position: 'insideBottomLeft',
              ...LABEL,
              fill: 'var(--chalk)',
            }}
          />
          <Area
            {...PLAIN_LINE}
            dataKey="temperature"
            stroke="var(--color-primary)"
            strokeWidth={2.5}
            fill="url(#glow)"
          />
          {last && (
            <ReferenceDot
              x={last.time}
              y={last.temperature}
              r={5}
              fill="var(--color-accent)"
              stroke="var(--board)"
              label={{
                value: doorSays,
                position: 'top',
                ...LABEL,
                fill: 'var(--color-accent)',
                // Its end stays within the drawing however long its words are.
                dx: 11 - 3.3 * doorSays.length,
                dy: -4,
              }}
            />
          )}
        </AreaChart>
      </ResponsiveContainer>
    </figure>
  );
}
