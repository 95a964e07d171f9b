// Nights as calendar entries: the last piece in, and the door. Real time, so that a clock put forward or back is right.
import { tr } from '@zanfirico/core/words';
import { format } from 'date-fns';
import { createEvents, type Alarm, type DateArray } from 'ics';
import { toMinute } from '../clock/moments';
import type { NightEntry } from './nightEntry';

/** Local date and time as the package wants them: the minute every clock on the screen shows. */
const parts = (d: Date): DateArray =>
  format(toMinute(d), 'y M d H m').split(' ').map(Number) as DateArray;

/** Who wrote it (RFC 5545, 3.7.3); the host is reserved to lead nowhere (RFC 2606). */
const PRODUCT = '-//Zanfirico//Nights//EN';
const HOST = 'zanfirico.invalid';

/** Rings so many minutes before. */
const bell = (description: string, minutes: number): Alarm => ({
  action: 'display',
  description,
  trigger: { before: true, minutes },
});

/** An iCalendar text of several loads; throws with a sentence when it cannot be made. */
export function weekIcs(entries: readonly NightEntry[], now = new Date()): string {
  const { error, value } = createEvents(
    entries.flatMap(({ id, name, annealer, lastIn, door }) => {
      const common = {
        productId: PRODUCT,
        // Read in again it takes the place of what was read in before.
        sequence: Math.floor(now.getTime() / 60_000) % 2 ** 31,
        startInputType: 'local' as const,
        duration: { minutes: 15 },
        ...(annealer !== undefined && { location: annealer }),
      };
      const key = `${id}-${format(lastIn, 'yyyyMMdd')}`;
      return [
        {
          ...common,
          uid: `${key}-in@${HOST}`,
          title: tr`Last piece in: ${name}`,
          start: parts(lastIn),
          alarms: [bell(tr`Last piece in: ${name}`, 30)],
        },
        {
          ...common,
          uid: `${key}-door@${HOST}`,
          title: tr`Door may open: ${name}`,
          start: parts(door),
          description: tr`Power off before reaching in.`,
          alarms: [bell(tr`Door may open: ${name}`, 0)],
        },
      ];
    }),
  );
  if (error || !value)
    throw new Error(tr`The calendar could not be written: ${error?.message ?? tr`no text came`}.`);
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
