// A piece of the kiln with what comes out of it as its part: the form everything that reads a document draws.
import type { PieceDocument, PiecePart } from '@zanfirico/contract/piece';
import { formPart, type Derived } from '@zanfirico/core/piece';

/** The document with the form that was worked out; any other as it is. */
export function formed(document: PieceDocument, derived: Derived | undefined): PieceDocument {
  const [first] = document.parts;
  if (!first || derived?.ok !== true || !derived.fired) return document;
  // A copy: what is worked out is kept, and nobody changes it.
  const part = structuredClone(formPart(derived.fired.form, first)) as PiecePart;
  return { ...document, parts: [part] };
}
