// Measures somebody put on the drawing: an arrow at both ends, the figure in the open beside it.
import type { PieceDimension } from '@zanfirico/contract/piece';
import { printText } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { useDisplay } from '../../stores/display';
import { toX, toY, type FittedSheet } from '../outline';
import { dimensionBetween } from './dimensions';

interface Props {
  readonly dimensions: readonly PieceDimension[];
  readonly sheet: FittedSheet;
  /** Ink, where it is not the board's. */
  readonly ink?: string;
  /** Left out where they only are to be read. */
  readonly onRemove?: (index: number) => void;
}

const ARROW = 6;

/** Measures put on the drawing. */
export function DimensionMarks({ dimensions, sheet, ink = 'var(--color-info)', onRemove }: Props) {
  const units = useDisplay((s) => s.units);
  return (
    <g stroke={ink} fill={ink}>
      {dimensions.map((d, i) => {
        const [x1, y1] = [toX(sheet, 1, d.from.out), toY(sheet, d.from.height)];
        const [x2, y2] = [toX(sheet, 1, d.to.out), toY(sheet, d.to.height)];
        const long = Math.hypot(x2 - x1, y2 - y1) || 1;
        const [ux, uy] = [(x2 - x1) / long, (y2 - y1) / long];
        const says = printText(dimensionBetween(d).straight, 'length', units);
        const head = (x: number, y: number, way: 1 | -1): string =>
          `M${String(x + way * (ux * ARROW - uy * ARROW * 0.5))} ${String(y + way * (uy * ARROW + ux * ARROW * 0.5))}L${String(x)} ${String(y)}L${String(x + way * (ux * ARROW + uy * ARROW * 0.5))} ${String(y + way * (uy * ARROW - ux * ARROW * 0.5))}`;
        // The figure stands off the line, upwards where there is a choice.
        const off = ux < 0 || (ux === 0 && uy > 0) ? -1 : 1;
        const mark = (
          <>
            <path
              d={`M${String(x1)} ${String(y1)}L${String(x2)} ${String(y2)}${head(x1, y1, 1)}${head(x2, y2, -1)}`}
              fill="none"
              strokeWidth={1.5}
            />
            <text
              x={(x1 + x2) / 2 + uy * 12 * off}
              y={(y1 + y2) / 2 - ux * 12 * off + 4}
              textAnchor={Math.abs(uy) > 0.7 ? (uy * off > 0 ? 'start' : 'end') : 'middle'}
              fontSize={12}
              fontWeight={700}
              className="num"
              stroke="var(--board)"
              strokeWidth={4}
              paintOrder="stroke"
            >
              {says}
            </text>
          </>
        );
        if (!onRemove) return <g key={i}>{mark}</g>;
        return (
          <g
            key={i}
            role="button"
            tabIndex={0}
            aria-label={tr`Measured ${says}; Delete takes it off the drawing`}
            className="cursor-pointer outline-none focus-visible:[&>path]:stroke-[3]"
            onKeyDown={(e) => {
              if (e.key !== 'Delete' && e.key !== 'Backspace') return;
              e.preventDefault();
              onRemove(i);
            }}
            onDoubleClick={(e) => {
              e.stopPropagation();
              onRemove(i);
            }}
          >
            <path
              d={`M${String(x1)} ${String(y1)}L${String(x2)} ${String(y2)}`}
              stroke="transparent"
              strokeWidth={24}
              fill="none"
            />
            {mark}
          </g>
        );
      })}
    </g>
  );
}
