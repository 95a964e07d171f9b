// The piece file: the document as it is saved, readable by people.
import type { PieceDocument } from '@zanfirico/contract/piece';

/** JSON text of a piece; what `Read a piece file` takes back. */
export const pieceJson = (document: PieceDocument): string =>
  `${JSON.stringify(document, null, 2)}\n`;
