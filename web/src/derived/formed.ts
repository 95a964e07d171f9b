// A piece of the kiln with what comes out of it as its part: the form everything that reads a document draws.
import type { PieceDocument } from '@zanfirico/contract';
import type { Derived } from '@zanfirico/core';

/** The document with the form that was worked out; any other as it is. */
export function formed(document: PieceDocument, derived: Derived | undefined): PieceDocument {
  const [first] = document.parts;
  if (!first || derived?.ok !== true || !derived.fired) return document;
  const { profile, across, work } = derived.fired.form;
  return {
    ...document,
    parts: [
      {
        id: first.id,
        name: first.name,
        work,
        profile: profile.map((p) => ({ ...p })),
        ...(across && { across: structuredClone(across) as NonNullable<typeof first.across> }),
      },
    ],
  };
}
