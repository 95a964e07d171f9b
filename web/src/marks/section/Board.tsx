// The board before anything is drawn on it.
import type { FittedSheet } from '../outline';
import { marginOf, NARROW } from './fit';

/** Table line and axis, as chalked before anything else. */
export function Board({
  size,
  sheet,
}: {
  readonly size: { readonly width: number; readonly height: number };
  readonly sheet: FittedSheet;
}) {
  return (
    <g stroke="var(--chalk-dim)" aria-hidden="true">
      <line
        x1={size.width < NARROW ? 12 : 64}
        x2={size.width - marginOf(size.width).right}
        y1={sheet.table}
        y2={sheet.table}
        strokeOpacity={0.5}
      />
      <line
        x1={sheet.axis}
        x2={sheet.axis}
        y1={10}
        y2={size.height - 10}
        strokeDasharray="14 4 2 4"
        strokeOpacity={0.8}
      />
    </g>
  );
}
