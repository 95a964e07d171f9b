// How many of one piece stand in an annealer at once.
import { stand, type PieceInside, type LoadPiece } from './load';

/** More are never tried. */
const MOST = 400;

/** The most that stand; nothing where one does not fit. */
export function howMany(piece: LoadPiece, inside: PieceInside): number {
  const fits = (count: number): boolean => stand([{ ...piece, count }], inside).left.length === 0;
  if (!fits(1)) return 0;
  let [low, high] = [1, 2];
  while (high <= MOST && fits(high)) [low, high] = [high, 2 * high];
  while (high - low > 1) {
    const middle = Math.floor((low + high) / 2);
    if (fits(middle)) low = middle;
    else high = middle;
  }
  return low;
}
