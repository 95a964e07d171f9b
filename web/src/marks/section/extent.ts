// The room a piece takes on the board: what it measures, or while it cannot be drawn, where its points are.
import type { PieceDocument } from '@zanfirico/contract/piece';
import type { Derived } from '@zanfirico/core/piece';
import type { Extent } from './fit';

/** How large a piece is, whether or not it can be made. */
export const extentOf = (derived: Derived, document: PieceDocument): Extent =>
  derived.ok ? wholeExtent(derived) : pointExtent(document);

const wholeExtent = (derived: Extract<Derived, { ok: true }>): Extent => ({
  lowest: derived.whole.lowest,
  height: Math.max(0.01, derived.whole.height),
  widest: Math.max(0.005, derived.whole.widest),
});

function pointExtent(document: PieceDocument): Extent {
  const points = document.parts.flatMap((p) => p.profile);
  const heights = points.map((p) => p.height).filter(Number.isFinite);
  const lowest = Math.min(...heights);
  return {
    lowest,
    height: Math.max(...heights, lowest + 0.01) - lowest,
    widest: Math.max(0.005, ...points.map((p) => p.radius).filter(Number.isFinite)),
  };
}
