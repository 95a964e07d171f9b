// Measures in the margin: overall height and foot, and for every point its diameter and wall.
import type { ProfilePoint } from '@zanfirico/contract/piece';
import { ON_AXIS } from '@zanfirico/core/form';
import type { Whole } from '@zanfirico/core/piece';
import { printText } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { useDisplay } from '../../stores/display';
import { toX, toY, type FittedSheet } from '../outline';
import { NARROW, spread } from './fit';

interface Props {
  readonly points: readonly ProfilePoint[];
  /** Solid work: no walls to say. */
  readonly solid: boolean;
  readonly whole: Whole | undefined;
  readonly sheet: FittedSheet;
  readonly size: { readonly width: number; readonly height: number };
  readonly selected: number | undefined;
  /** Are there balloons in the left margin to keep clear of? */
  readonly balloons: boolean;
}

const LABEL_GAP = 18;

/** Measures in the margin. */
export function Measures({ points, solid, whole, sheet, size, selected, balloons }: Props) {
  const units = useDisplay((s) => s.units);
  const text = (v: number): string => printText(v, 'length', units);
  const labelX = size.width - 166;
  const labels = spread(
    points.map((p) => toY(sheet, p.height)),
    LABEL_GAP,
    18,
    size.height - 34,
  );
  return (
    <g aria-hidden="true" className="num" fontSize={12} fill="var(--chalk-dim)">
      {(size.width < NARROW ? [] : points).map((p, i) => {
        const y = labels[i] as number;
        const lit = i === selected;
        const x = toX(sheet, 1, p.radius);
        return (
          <g key={i} fill={lit ? 'var(--color-primary)' : undefined} fontWeight={lit ? 700 : 400}>
            <path
              d={`M${String(x + 4)} ${String(toY(sheet, p.height))}L${String(labelX - 26)} ${String(y)}H${String(labelX - 6)}`}
              fill="none"
              stroke={lit ? 'var(--color-primary)' : 'var(--chalk-dim)'}
              strokeOpacity={lit ? 0.9 : 0.28}
            />
            <text x={labelX} y={y + 4}>
              <tspan>{String(i + 1)}</tspan>
              <tspan x={labelX + 20}>
                {p.radius < ON_AXIS ? tr`axis` : `⌀ ${text(2 * p.radius)}`}
              </tspan>
              {!solid && <tspan x={labelX + 106}>{text(p.wall)}</tspan>}
            </text>
          </g>
        );
      })}
      {whole && <Overall whole={whole} sheet={sheet} text={text} least={balloons ? 72 : 26} />}
    </g>
  );
}

/** Height on the left; foot and widest underneath. */
function Overall({
  whole,
  sheet,
  text,
  least,
}: {
  readonly whole: Whole;
  readonly sheet: FittedSheet;
  readonly text: (v: number) => string;
  readonly least: number;
}) {
  const x = Math.max(least, toX(sheet, -1, whole.widest) - 46);
  const top = toY(sheet, whole.lowest + whole.height);
  const bottom = toY(sheet, whole.lowest);
  const below = bottom + 20;
  const wide = whole.footRadius > 0 ? whole.footRadius : whole.widest;
  return (
    <g stroke="var(--chalk-dim)" fill="none">
      <path
        d={`M${String(x)} ${String(top)}V${String(bottom)}M${String(x - 5)} ${String(top)}h10M${String(x - 5)} ${String(bottom)}h10`}
      />
      <path
        d={`M${String(toX(sheet, -1, wide))} ${String(below)}H${String(toX(sheet, 1, wide))}m0 -5v10M${String(toX(sheet, -1, wide))} ${String(below - 5)}v10`}
      />
      <g fill="var(--chalk)" stroke="var(--board)" strokeWidth={5} paintOrder="stroke">
        <text
          transform={`translate(${String(x - 8)} ${String((top + bottom) / 2)}) rotate(-90)`}
          textAnchor="middle"
          fontSize={13}
        >
          {text(whole.height)}
        </text>
        <text x={sheet.axis} y={below + 17} textAnchor="middle" fontSize={13}>
          {whole.footRadius > 0 ? tr`foot` : tr`widest`} ⌀ {text(2 * wide)}
        </text>
      </g>
    </g>
  );
}
