// Nights as calendar entries: the last piece in, and the door. Real time, so that a clock put forward or back is right.
import { addSeconds, format } from 'date-fns';
import { createEvents, type DateArray } from 'ics';
import { momentOf } from '../clock/moments';

/** Local date and time as the package wants them. */
const parts = (d: Date): DateArray => format(d, 'y M d H m').split(' ').map(Number) as DateArray;

/** One load. */
export interface NightEntry {
  readonly name: string;
  readonly lastIn: Date;
  readonly door: Date;
}

/** An iCalendar text of several loads; throws with a sentence when it cannot be made. */
export function weekIcs(entries: readonly NightEntry[]): string {
  const { error, value } = createEvents(
    entries.flatMap(({ name, lastIn, door }) => [
      {
        title: `Last piece in: ${name}`,
        start: parts(lastIn),
        startInputType: 'local' as const,
        duration: { minutes: 15 },
      },
      {
        title: `Door may open: ${name}`,
        start: parts(door),
        startInputType: 'local' as const,
        duration: { minutes: 15 },
        description: 'Power off before reaching in.',
      },
    ]),
  );
  if (error || !value)
    throw new Error(`The calendar could not be written: ${error?.message ?? 'no text came'}.`);
  return value;
}

/** One night: the last piece in at a clock time of a day, the door so many seconds later. */
export function nightIcs(name: string, lastIn: string, seconds: number, day: Date): string {
  const last = momentOf(lastIn, day);
  return weekIcs([{ name, lastIn: last, door: addSeconds(last, seconds) }]);
}
