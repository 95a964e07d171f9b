// A night as a calendar has it.
import { addSeconds } from 'date-fns';
import { momentOf } from '../clock/moments';

/** One load. */
export interface NightEntry {
  /** Its own for good: the piece's, or the annealer's name. */
  readonly id: string;
  /** The annealer it is in, where that is known. */
  readonly annealer: string | undefined;
  readonly name: string;
  readonly lastIn: Date;
  readonly door: Date;
}

/** One night: the last piece in at a clock time of a day, the door so many seconds later. */
export function nightEntry(
  of: Pick<NightEntry, 'id' | 'name' | 'annealer'>,
  lastIn: string,
  seconds: number,
  day: Date,
): NightEntry {
  const last = momentOf(lastIn, day);
  return { ...of, lastIn: last, door: addSeconds(last, seconds) };
}
