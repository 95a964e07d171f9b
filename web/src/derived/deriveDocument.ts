// A document with everything its numbers imply: derived once for as long as its form stays the same.
import type { PieceDocument } from '@zanfirico/contract/piece';
import type { Glass } from '@zanfirico/core/glass';
import { derive, NO_SHOP, type Derived, type ShopFacts } from '@zanfirico/core/piece';

interface Answer {
  readonly glass: Glass;
  readonly derived: Derived;
}

/** Nothing is derived from these: editing them keeps what was derived. */
const SAYS_NOTHING = new Set<string>(['name', 'notes', 'tags', 'sequence']);
/** What saved documents come to, kept for as long as they are there: revisions are looked at side by side with the board. */
const kept = new WeakMap<PieceDocument, { readonly facts: ShopFacts; readonly answer: Answer }>();
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
  const before = kept.get(document);
  if (before?.facts === facts) return before.answer;
  const glass = facts.rack.glass(document.glass);
  if (!glass) return undefined;
  const answer = { glass, derived: derive(document, glass, facts) };
  newest = { document, facts, answer };
  kept.set(document, { facts, answer });
  return answer;
}
