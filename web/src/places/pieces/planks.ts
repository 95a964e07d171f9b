// Which pieces stand on which plank.
import type { OnShelf } from '../../api/queries';

/** The least room of a piece, for its words; and what is left free beside a wide one; px. */
const LEAST = 200;
const BESIDE = 70;
/** Room of a piece that cannot be drawn, px. */
const UNDRAWN = 80;

/** How much of a plank a piece takes at so many px a metre: never more than all of it. */
export const roomOf = (piece: OnShelf, scale: number, plank: number): number => {
  const { facts } = piece;
  const wide = facts.ok ? 2 * facts.glyph.widest * scale : UNDRAWN;
  return Math.min(Math.max(LEAST, wide + BESIDE), Math.max(LEAST, plank));
};

/** Stands pieces on planks of a width in their order: each goes on the next plank when it has no room left. */
export function planks(pieces: readonly OnShelf[], scale: number, width: number): OnShelf[][] {
  const rows: OnShelf[][] = [];
  let left = 0;
  for (const piece of pieces) {
    const room = roomOf(piece, scale, width);
    if (rows.length === 0 || room > left) {
      rows.push([]);
      left = width;
    }
    rows.at(-1)?.push(piece);
    left -= room;
  }
  return rows;
}
