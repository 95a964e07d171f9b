// How the skin stretches from blank to final form, along the profile: round and along.
import type { StretchMap } from '@zanfirico/core/form/pattern';
import { displayUnit, fromSI, printText } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import {
  CartesianGrid,
  Legend,
  Line,
  LineChart,
  ReferenceLine,
  Tooltip,
  XAxis,
  YAxis,
} from 'recharts';
import { useDisplay } from '../../../../stores/display';

const WIDTH = 315;
const HEIGHT = 170;
/** The base's few millimetres stretch by any number and say little; the picture is cut here. */
const MOST = 4;

export function StretchCurve({ map }: { readonly map: StretchMap }) {
  const units = useDisplay((s) => s.units);
  const unit = displayUnit('length', units);
  const rows = map.rows
    .filter((_, i) => i % 2 === 0)
    .map((r) => ({
      s: Number(fromSI(r.final.s, unit).toFixed(2)),
      round: Number(Math.min(MOST, r.hoop).toFixed(3)),
      along: Number(Math.min(MOST, r.meridian).toFixed(3)),
    }));
  const least = map.rows.reduce((a, b) => (b.hoop < a.hoop ? b : a));
  const most = map.rows.reduce((a, b) => (b.hoop > a.hoop ? b : a));
  return (
    <figure className="mt-3">
      <figcaption className="quiet text-sm">{tr`Stretch along the outside, base to lip (${unit.symbol})`}</figcaption>
      <div
        role="img"
        aria-label={tr`Round the axis from ×${least.hoop.toFixed(2)} at ${printText(least.final.s, 'length', units)} to ×${most.hoop.toFixed(2)} at ${printText(most.final.s, 'length', units)} along the skin`}
      >
        <LineChart
          width={WIDTH}
          height={HEIGHT}
          data={rows}
          margin={{ top: 6, right: 8, bottom: 0, left: -24 }}
          accessibilityLayer={false}
        >
          <CartesianGrid stroke="var(--color-base-300)" strokeOpacity={0.5} />
          <XAxis dataKey="s" type="number" tick={TICK} stroke="var(--chalk-dim)" />
          <YAxis domain={[0, 'auto']} tick={TICK} stroke="var(--chalk-dim)" />
          <ReferenceLine y={1} stroke="var(--chalk-dim)" strokeDasharray="3 3" />
          <Line
            dataKey="round"
            name="round ×"
            stroke="var(--color-accent)"
            strokeWidth={2}
            dot={false}
            isAnimationActive={false}
          />
          <Line
            dataKey="along"
            name="along ×"
            stroke="var(--color-primary)"
            strokeWidth={2}
            strokeDasharray="6 3"
            dot={false}
            isAnimationActive={false}
          />
          <Tooltip
            contentStyle={{
              background: 'var(--color-base-100)',
              border: '1px solid var(--color-base-300)',
            }}
          />
          <Legend height={20} iconType="plainline" wrapperStyle={{ fontSize: 13 }} />
        </LineChart>
      </div>
    </figure>
  );
}

const TICK = { fontSize: 11, fill: 'var(--chalk-dim)' };
