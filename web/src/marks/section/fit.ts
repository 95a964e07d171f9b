// How big the drawing stands on its board: the largest round scale that leaves the margins for measures.
import type { FittedSheet } from '../outline';

const MARGIN = { left: 118, right: 178, top: 34, bottom: 58 };
const NARROW_MARGIN = { left: 100, right: 22, top: 30, bottom: 58 };

/** A board too narrow for measures in the margin, px: a phone. */
export const NARROW = 520;

/** The margins of a board of this width, px. */
export const marginOf = (width: number): typeof MARGIN => (width < NARROW ? NARROW_MARGIN : MARGIN);

/** px per metre of an ordinary screen at natural size (96 px an inch, the CSS reference pixel). */
export const NATURAL_SIZE = 96 / 0.0254;

/** The room a form takes, m. */
export interface Extent {
  readonly height: number;
  readonly lowest: number;
  readonly widest: number;
}

/** Places a form of this extent on a board of this size (px). */
export function fitSheet(
  board: { readonly width: number; readonly height: number },
  extent: Extent,
): FittedSheet {
  const margin = marginOf(board.width);
  const across = Math.max(50, board.width - margin.left - margin.right);
  const up = Math.max(50, board.height - margin.top - margin.bottom);
  const scale = Math.min(
    across / Math.max(0.01, 2 * extent.widest),
    up / Math.max(0.01, extent.height),
    2.5 * NATURAL_SIZE,
  );
  const spare = up - extent.height * scale;
  return {
    axis: margin.left + across / 2,
    table: board.height - margin.bottom - spare / 2 + extent.lowest * scale,
    scale,
  };
}

/** Label heights pushed apart so that none overlap, keeping their order; px. */
export function spread(
  wanted: readonly number[],
  gap: number,
  low: number,
  high: number,
): number[] {
  const order = wanted
    .map((_, i) => i)
    .sort((a, b) => (wanted[a] as number) - (wanted[b] as number));
  const placed = [...wanted];
  let floor = low;
  for (const i of order) {
    placed[i] = Math.max(wanted[i] as number, floor);
    floor = placed[i] + gap;
  }
  let ceiling = high;
  for (const i of [...order].reverse()) {
    placed[i] = Math.min(placed[i] as number, ceiling);
    ceiling = placed[i] - gap;
  }
  return placed;
}
