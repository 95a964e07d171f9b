// What this shop makes of a drawing: walls, heights and weights as made, of what was drawn; the middle of all, so that one wild figure moves
// nothing.
import type { Measure } from '@zanfirico/contract/making';
import { grouped } from '../stats/grouped';
import { robust, type Robust } from '../stats/robust';

/** One measure of one piece, SI. */
export interface MadeAgainst {
  readonly of: Measure;
  readonly drawn: number;
  readonly made: number;
}

/** Fewer pieces than this say nothing yet. */
export const ENOUGH_PIECES = 5;

/** Made of drawn, by measure: 1.06 is a shop that makes it six per cent more than it draws it. Out of round has no share. */
export function biases(all: readonly MadeAgainst[]): Readonly<Partial<Record<Measure, Robust>>> {
  const counting = all.filter((m) => m.of !== 'ovality' && m.drawn > 0 && m.made > 0);
  const found: Partial<Record<Measure, Robust>> = {};
  for (const mine of grouped(counting, (m) => m.of).values()) {
    const told = robust(mine.map((m) => m.made / m.drawn));
    const of = mine[0]?.of;
    if (of && told) found[of] = told;
  }
  return found;
}
