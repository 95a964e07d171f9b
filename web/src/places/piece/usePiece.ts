// The piece on the board with everything derived from it: one computation, shared by all sheets.
import type { PieceDocument } from '@zanfirico/contract';
import { derive, NO_SHOP, type Derived, type Glass, type ShopFacts } from '@zanfirico/core';
import { useOutletContext } from 'react-router';
import type { CarriedPattern } from './useCarried';

export interface OnBoard {
  readonly document: PieceDocument;
  readonly glass: Glass;
  readonly derived: Derived;
  /** The newest derivation that could be made: what the figures show while the drawing has a problem. */
  readonly last: Extract<Derived, { ok: true }> | undefined;
  /** The pattern carried between blank and final form, if the piece has one that can be. */
  readonly carried: CarriedPattern | undefined;
}

/** What the piece place hands to its sheets. */
export const usePiece = (): OnBoard => useOutletContext<OnBoard>();

/** Derives a document; the glass of an unknown id is nobody's. */
export function deriveDocument(
  document: PieceDocument,
  facts: ShopFacts = NO_SHOP,
): { readonly glass: Glass; readonly derived: Derived } | undefined {
  const glass = facts.rack.glass(document.glass);
  return glass && { glass, derived: derive(document, glass, facts) };
}
