// Several nights on one clock.
import { tr } from '@zanfirico/core/words';
import type { KilnCurve } from '@zanfirico/core/night';
import { CartesianGrid, Line, LineChart, ResponsiveContainer, XAxis, YAxis } from 'recharts';
import { useDisplay } from '../stores/display';
import { clockAxis, degreeTicks, GRID, PLAIN_LINE, uprightAxis } from './chartLook';
import { LineMark, lineStyle } from './LineMark';

interface Curve {
  readonly id: string;
  readonly name: string;
  readonly curve: KilnCurve;
  /** Drawn boldest. */
  readonly lead: boolean;
}

interface Props {
  readonly curves: readonly Curve[];
  readonly lastIn: string;
  /** Named under the chart; not where the table beside it does. */
  readonly named?: boolean;
}

/** Curves of nights over one another. */
export function CurvesChart({ curves, lastIn, named = true }: Props) {
  const units = useDisplay((s) => s.units);
  const to = Math.max(3600, ...curves.map((c) => c.curve.time[c.curve.time.length - 1] as number));
  return (
    <figure
      className="mb-2 bg-(--board) pb-1"
      aria-label={tr`${curves.length} nights on one clock; the table below gives their figures.`}
    >
      <ResponsiveContainer width="100%" height={230} initialDimension={{ width: 800, height: 230 }}>
        <LineChart margin={{ top: 10, right: 28, bottom: 2, left: 2 }} accessibilityLayer={false}>
          <CartesianGrid {...GRID} />
          <XAxis {...clockAxis(0, to, lastIn)} allowDuplicatedCategory={false} />
          <YAxis {...uprightAxis([0, 200, 400, 600], degreeTicks(units))} />
          {curves.map((c, i) => (
            <Line
              key={c.id}
              name={c.name}
              data={Array.from({ length: c.curve.time.length }, (_, k) => ({
                time: c.curve.time[k],
                temperature: c.curve.temperature[k],
              }))}
              dataKey="temperature"
              {...PLAIN_LINE}
              stroke={lineStyle(i, c.lead).stroke}
              strokeWidth={lineStyle(i, c.lead).width}
              strokeDasharray={lineStyle(i, c.lead).dash}
            />
          ))}
        </LineChart>
      </ResponsiveContainer>
      {named && (
        <figcaption className="quiet -mt-1 flex flex-wrap gap-x-5 pl-12 text-sm leading-tight">
          {curves.map((c, i) => (
            <span key={c.id} className="flex items-center gap-1.5">
              <LineMark {...lineStyle(i, c.lead)} />
              {c.name}
            </span>
          ))}
        </figcaption>
      )}
    </figure>
  );
}
