// The piece on the board with everything derived from it: one computation, shared by all sheets.
import type { PieceDocument } from '@zanfirico/contract';
import { derive, NO_SHOP, type Derived, type Glass, type ShopFacts } from '@zanfirico/core';
import { useOutletContext } from 'react-router';
import type { Believed } from '../night/useChecked';
import type { CarriedPattern } from './useCarried';

export interface OnBoard {
  readonly document: PieceDocument;
  readonly glass: Glass;
  readonly derived: Derived;
  /** The newest derivation that could be made: what the figures show while the drawing has a problem. */
  readonly last: Extract<Derived, { ok: true }> | undefined;
  /** Tonight put through the simulation; its schedule is the one in `last` once it is here. */
  readonly night: Believed;
  /** The pattern carried between blank and final form, if the piece has one that can be. */
  readonly carried: CarriedPattern | undefined;
}

/** What the piece place hands to its sheets. */
export const usePiece = (): OnBoard => useOutletContext<OnBoard>();

interface Answer {
  readonly glass: Glass;
  readonly derived: Derived;
}

/** Nothing is derived from these: editing them keeps what was derived. */
const SAYS_NOTHING = new Set<string>(['name', 'notes', 'sequence']);
let newest:
  | { readonly document: PieceDocument; readonly facts: ShopFacts; readonly answer: Answer }
  | undefined;

/** The same in all that something is derived from. */
function sameForm(a: PieceDocument, b: PieceDocument): boolean {
  const keys = new Set([...Object.keys(a), ...Object.keys(b)]) as Set<keyof PieceDocument>;
  return [...keys].every((k) => SAYS_NOTHING.has(k) || a[k] === b[k]);
}

/** Derives a document; the glass of an unknown id is nobody's. The newest answer is kept for as long as its form is. */
export function deriveDocument(
  document: PieceDocument,
  facts: ShopFacts = NO_SHOP,
): Answer | undefined {
  if (newest?.facts === facts && sameForm(newest.document, document)) return newest.answer;
  const glass = facts.rack.glass(document.glass);
  if (!glass) return undefined;
  const answer = { glass, derived: derive(document, glass, facts) };
  newest = { document, facts, answer };
  return answer;
}
