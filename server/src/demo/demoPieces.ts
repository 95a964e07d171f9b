// The invented studio's pieces: Tern Quay Glass, a small workshop on a tidal estuary. Piece files like anybody's, in demo/pieces/.
import { upgradePiece, type PieceDocument } from '@zanfirico/contract/piece';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { SERVER } from '../home';

const folder = join(SERVER, 'src/demo/pieces');

/** Names of the files, "05-harbour-candlestick.1.json": a piece each number, its revisions counted at the end. */
const files = (): string[] =>
  readdirSync(folder)
    .filter((f) => f.endsWith('.json'))
    .sort();

/** A piece file as text. */
export const demoFiles = (): { readonly file: string; readonly text: string }[] =>
  files().map((file) => ({ file, text: readFileSync(join(folder, file), 'utf8') }));

/** Pieces, each as the list of its revisions from first to newest; not checked: `stockDemo` does. */
export function demoPieces(): PieceDocument[][] {
  const pieces = new Map<string, PieceDocument[]>();
  for (const { file, text } of demoFiles()) {
    const [piece = file] = file.split('.');
    const document = upgradePiece(JSON.parse(text)) as PieceDocument;
    pieces.set(piece, [...(pieces.get(piece) ?? []), document]);
  }
  return [...pieces.values()];
}
