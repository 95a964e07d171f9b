// Which entries of the rack a piece is made of.
import type { PieceDocument } from '@zanfirico/contract/piece';

/** The document with every id of the rack it names put through `to`. */
export const withEntries = (
  document: PieceDocument,
  to: (id: string) => string,
): PieceDocument => ({
  ...document,
  glass: to(document.glass),
  parts: document.parts.map((p) => ({
    ...p,
    ...(p.glass !== undefined && { glass: to(p.glass) }),
    ...(p.colours && { colours: p.colours.map((c) => ({ ...c, colour: to(c.colour) })) }),
    ...(p.stock && {
      stock: {
        ...p.stock,
        ...(p.stock.colour !== undefined && { colour: to(p.stock.colour) }),
      },
    }),
  })),
  ...(document.kiln && {
    kiln: {
      ...document.kiln,
      laid: document.kiln.laid.map((l) => ({
        ...l,
        ...(l.of !== undefined && { of: to(l.of) }),
      })),
    },
  }),
  ...(document.bits && {
    bits: document.bits.map((b) => ({
      ...b,
      ...(b.glass !== undefined && { glass: to(b.glass) }),
    })),
  }),
});

/** Ids of every glass and colour a document names, each once. */
export function usesOf(document: PieceDocument): string[] {
  const ids = new Set<string>();
  withEntries(document, (id) => {
    ids.add(id);
    return id;
  });
  return [...ids];
}
