// Clock times as the shop writes them, "17:30".
import { tr } from '../words/tr';
const MINUTE = 60;
const DAY_MINUTES = 24 * 60;

/**
 * Minutes after midnight of "HH:MM". Throws on anything else.
 *
 * @example
 * minutesOfDay('16:30') // 990
 */
export function minutesOfDay(clock: string): number {
  const match = /^([01]\d|2[0-3]):([0-5]\d)$/.exec(clock);
  if (!match) throw new RangeError(tr`"${clock}" is not a time of day; write it as 17:30.`);
  return Number(match[1]) * 60 + Number(match[2]);
}

/**
 * Seconds from the first piece to the last; past midnight when the last is earlier on the clock.
 *
 * @example
 * holdingSeconds('15:00', '18:30') // 12600
 */
export const holdingSeconds = (firstIn: string, lastIn: string): number =>
  ((minutesOfDay(lastIn) - minutesOfDay(firstIn) + DAY_MINUTES) % DAY_MINUTES) * MINUTE;
