// A grid under the drawing: a line each millimetre, five or more of them as there is room, every tenth or second a little stronger.
import { METRES_PER_INCH } from '@zanfirico/core/units';
import { useDisplay } from '../../stores/display';
import type { FittedSheet } from '../outline';

/** Lines no nearer than this, px. */
const NEAREST = 9;
const METRIC = [0.001, 0.005, 0.01, 0.05, 0.1];
const INCHES = [1 / 16, 1 / 8, 1 / 4, 1, 4].map((v) => v * METRES_PER_INCH);

/** How far apart its lines are, m, and every how manieth is stronger. */
export function sheetGrid(
  scale: number,
  inches: boolean,
): { readonly step: number; readonly strong: number } {
  const steps = inches ? INCHES : METRIC;
  const at = steps.findIndex((s) => s * scale >= NEAREST);
  const step = steps[at < 0 ? steps.length - 1 : at] as number;
  const next = steps[Math.min(steps.length - 1, (at < 0 ? steps.length : at) + 1)] as number;
  return { step, strong: Math.max(2, Math.round(next / step)) };
}

/** Millimetres behind the drawing. */
export function SheetGrid({
  sheet,
  size,
}: {
  readonly sheet: FittedSheet;
  readonly size: { readonly width: number; readonly height: number };
}) {
  const inches = useDisplay((s) => s.units.length === 'in');
  const { step, strong } = sheetGrid(sheet.scale, inches);
  const px = step * sheet.scale;
  const lines = (origin: number, room: number): { at: number; strong: boolean }[] => {
    const first = Math.ceil(-origin / px);
    const count = Math.min(400, Math.floor((room - origin) / px) - first + 1);
    return Array.from({ length: Math.max(0, count) }, (_, i) => ({
      at: origin + (first + i) * px,
      strong: (first + i) % strong === 0,
    }));
  };
  return (
    <g aria-hidden="true" stroke="var(--chalk-dim)" data-grid={step}>
      {lines(sheet.axis, size.width).map((l) => (
        <line
          key={`x${String(l.at)}`}
          x1={l.at}
          x2={l.at}
          y1={0}
          y2={size.height}
          strokeOpacity={l.strong ? 0.28 : 0.12}
        />
      ))}
      {lines(sheet.table, size.height).map((l) => (
        <line
          key={`y${String(l.at)}`}
          y1={l.at}
          y2={l.at}
          x1={0}
          x2={size.width}
          strokeOpacity={l.strong ? 0.28 : 0.12}
        />
      ))}
    </g>
  );
}
