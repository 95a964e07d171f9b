// Nights as calendar entries: the last piece in, and the door. Real time, so that a clock put forward or back is right.
import { format } from 'date-fns';
import { createEvents, type DateArray } from 'ics';
import { toMinute } from '../clock/moments';
import type { NightEntry } from './nightEntry';

/** Local date and time as the package wants them: the minute every clock on the screen shows. */
const parts = (d: Date): DateArray =>
  format(toMinute(d), 'y M d H m').split(' ').map(Number) as DateArray;

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
  return folded(value);
}

/** Octets a line of a calendar may have at most, its end apart (RFC 5545, 3.1). */
const OCTETS = 75;

/** The same text with its lines folded by octets: the package counts letters, of which other alphabets need two or three. */
function folded(text: string): string {
  const size = (s: string): number => new TextEncoder().encode(s).length;
  return text
    .replace(/\r\n[ \t]/g, '')
    .split('\r\n')
    .flatMap((line) => {
      const lines = [''];
      let left = OCTETS;
      for (const letter of line) {
        if (size(letter) > left) {
          lines.push(' ');
          left = OCTETS - 1;
        }
        lines.push(`${lines.pop() ?? ''}${letter}`);
        left -= size(letter);
      }
      return lines;
    })
    .join('\r\n');
}
