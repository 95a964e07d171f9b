// What is lost month by month: the share with the interval it lies in.
import { lossesBy } from '@zanfirico/core/log';
import { tr } from '@zanfirico/core/words';
import { format } from 'date-fns';
import {
  CartesianGrid,
  ComposedChart,
  ErrorBar,
  ResponsiveContainer,
  Scatter,
  XAxis,
  YAxis,
} from 'recharts';
import { GRID, LABEL, uprightAxis } from '../../marks/chartLook';

interface Came {
  readonly begunAt: number;
  readonly lost: boolean;
  readonly second: boolean;
}

/** Month by month, the oldest first; `apart` is how far the interval reaches below and above the share. */
const monthsOf = (came: readonly Came[]) =>
  lossesBy(came, (c) => format(c.begunAt, 'yyyy-MM'))
    .map(({ of: month, all, lost, share: { of: share, low, high } }) => ({
      month,
      all,
      lost,
      share,
      apart: [share - low, high - share],
    }))
    .sort((a, b) => (a.month < b.month ? -1 : 1));

const percent = (v: number): string => `${String(Math.round(100 * v))} %`;
/** Months told at once. */
const MOST = 24;

export function Trend({ came }: { readonly came: readonly Came[] }) {
  const months = monthsOf(came).slice(-MOST);
  if (months.length < 2) return null;
  return (
    <figure className="mt-4 bg-(--board) pb-1">
      <figcaption className="quiet px-3 pt-2 text-sm">{tr`Lost month by month, of a hundred; the lines are where it lies 95 times of 100.`}</figcaption>
      <div
        role="img"
        aria-label={tr`Lost by month: ${months.map((m) => tr`${m.month} ${m.lost} of ${m.all}`).join(', ')}`}
      >
        <ResponsiveContainer
          width="100%"
          height={190}
          initialDimension={{ width: 800, height: 190 }}
        >
          <ComposedChart
            data={months}
            margin={{ top: 12, right: 28, bottom: 2, left: 2 }}
            accessibilityLayer={false}
          >
            <CartesianGrid {...GRID} vertical={false} />
            <XAxis
              dataKey="month"
              tickFormatter={(m: string) => format(new Date(`${m}-15T12:00`), 'MMM yy')}
              tick={LABEL}
              stroke="var(--chalk-dim)"
              padding={{ left: 30, right: 30 }}
            />
            <YAxis {...uprightAxis([0, 0.25, 0.5], percent)} allowDataOverflow />
            <Scatter dataKey="share" fill="var(--color-primary)" isAnimationActive={false}>
              <ErrorBar dataKey="apart" width={6} stroke="var(--chalk)" strokeWidth={1.5} />
            </Scatter>
          </ComposedChart>
        </ResponsiveContainer>
      </div>
    </figure>
  );
}
