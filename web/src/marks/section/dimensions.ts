// Places measured on the drawing: what a click means, and what lies between two places.
import type { PieceDimension } from '@zanfirico/contract/piece';
import type { Line } from '@zanfirico/core/form';
import type { FittedSheet } from '../outline';

/** A place on the drawing, m: out from the axis (left is less than nothing), and up. */
export type DimensionEnd = PieceDimension['from'];

/** A click this near to a line's place means that place, px. */
const NEAR = 10;

/** What a click on the board means: the nearest place of a drawn line, on the side it was made, or the bare place itself. */
export function spotAt(
  sheet: FittedSheet,
  at: { readonly x: number; readonly y: number },
  lines: readonly Line[],
): DimensionEnd {
  const bare = {
    out: (at.x - sheet.axis) / sheet.scale,
    height: (sheet.table - at.y) / sheet.scale,
  };
  const side = bare.out < 0 ? -1 : 1;
  let best: { spot: DimensionEnd; off: number } | undefined;
  for (const { r, z } of lines)
    r.forEach((v, i) => {
      const spot = { out: side * v, height: z[i] as number };
      const off = Math.hypot(spot.out - bare.out, spot.height - bare.height) * sheet.scale;
      if (off <= NEAR && off < (best?.off ?? Infinity)) best = { spot, off };
    });
  const round = (v: number): number => Number(v.toFixed(5));
  const { out, height } = best?.spot ?? bare;
  return { out: round(out), height: round(height) };
}

/** How far it is, straight, across and up, m. */
export const dimensionBetween = ({ from, to }: PieceDimension) => ({
  straight: Math.hypot(to.out - from.out, to.height - from.height),
  across: Math.abs(to.out - from.out),
  up: Math.abs(to.height - from.height),
});
