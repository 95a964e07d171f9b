// Clock times as the shop writes them, "17:30".
const MINUTE = 60;
const DAY_MINUTES = 24 * 60;

/** Minutes after midnight of "HH:MM". Throws on anything else. */
export function minutesOfDay(clock: string): number {
  const match = /^([01]\d|2[0-3]):([0-5]\d)$/.exec(clock);
  if (!match) throw new RangeError(`"${clock}" is not a time of day; write it as 17:30.`);
  return Number(match[1]) * 60 + Number(match[2]);
}

/** Seconds from the first piece to the last; past midnight when the last is earlier on the clock. */
export const holdingSeconds = (firstIn: string, lastIn: string): number =>
  ((minutesOfDay(lastIn) - minutesOfDay(firstIn) + DAY_MINUTES) % DAY_MINUTES) * MINUTE;

/** What the clock shows some seconds after a time of day, and how many midnights later. */
export function clockAfter(
  clock: string,
  seconds: number,
): { readonly text: string; readonly days: number } {
  const minutes = minutesOfDay(clock) + Math.round(seconds / MINUTE);
  const days = Math.floor(minutes / DAY_MINUTES);
  const left = minutes - days * DAY_MINUTES;
  const two = (n: number): string => String(n).padStart(2, '0');
  return { text: `${two(Math.floor(left / 60))}:${two(left % 60)}`, days };
}
