// A night as a calendar has it.
import { addSeconds } from 'date-fns';
import { momentOf } from '../clock/moments';

/** One load. */
export interface NightEntry {
  readonly name: string;
  readonly lastIn: Date;
  readonly door: Date;
}

/** One night: the last piece in at a clock time of a day, the door so many seconds later. */
export function nightEntry(name: string, lastIn: string, seconds: number, day: Date): NightEntry {
  const last = momentOf(lastIn, day);
  return { name, lastIn: last, door: addSeconds(last, seconds) };
}
