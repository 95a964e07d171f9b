// How big the drawing stands on its board: the largest round scale that leaves the margins for measures.
import type { Sheet } from '../outline';

export const MARGIN = { left: 96, right: 178, top: 34, bottom: 58 };

/** px per metre of an ordinary screen at natural size (96 px an inch, the CSS reference pixel). */
export const NATURAL_SIZE = 96 / 0.0254;

interface Extent {
  readonly height: number;
  readonly lowest: number;
  readonly widest: number;
}

/** Places a form of this extent on a board of this size (px). */
export function fitSheet(
  board: { readonly width: number; readonly height: number },
  extent: Extent,
): Sheet {
  const across = Math.max(50, board.width - MARGIN.left - MARGIN.right);
  const up = Math.max(50, board.height - MARGIN.top - MARGIN.bottom);
  const scale = Math.min(
    across / Math.max(0.01, 2 * extent.widest),
    up / Math.max(0.01, extent.height),
    2.5 * NATURAL_SIZE,
  );
  const spare = up - extent.height * scale;
  return {
    axis: MARGIN.left + across / 2,
    table: board.height - MARGIN.bottom - spare / 2 + extent.lowest * scale,
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
