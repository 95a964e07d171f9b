// Which entries of the rack a piece is made of.
import type { PieceDocument } from '@zanfirico/contract';

/** Ids of every glass and colour a document names, each once. */
export const usesOf = (document: PieceDocument): string[] => [
  ...new Set([
    document.glass,
    ...document.parts.flatMap((p) => [
      ...(p.glass === undefined ? [] : [p.glass]),
      ...(p.colours ?? []).map((c) => c.colour),
      ...(p.stock?.colour === undefined ? [] : [p.stock.colour]),
    ]),
    ...(document.bits ?? []).flatMap((b) => (b.glass === undefined ? [] : [b.glass])),
  ]),
];
