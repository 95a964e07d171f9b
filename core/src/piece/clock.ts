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

/** The moment a clock shows a time on a day, local. A time that a clock put forward leaps over is the moment after. */
export function momentOf(clock: string, day: Date): Date {
  const m = minutesOfDay(clock);
  return new Date(day.getFullYear(), day.getMonth(), day.getDate(), Math.floor(m / 60), m % 60);
}

/** Days since 1970 of a date's own calendar. */
const dayNumber = (d: Date): number =>
  Date.UTC(d.getFullYear(), d.getMonth(), d.getDate()) / (DAY_MINUTES * MINUTE * 1000);

/**
 * What the clock shows some seconds after a time of day, and how many midnights later. Seconds are real ones: in a night whose
 * clocks are put forward or back (`day` is that of the time) the clock shows an hour more or less.
 */
export function clockAfter(
  clock: string,
  seconds: number,
  day: Date,
): { readonly text: string; readonly days: number } {
  const start = momentOf(clock, day);
  const at = new Date(start.getTime() + Math.round(seconds / MINUTE) * MINUTE * 1000);
  const two = (n: number): string => String(n).padStart(2, '0');
  return {
    text: `${two(at.getHours())}:${two(at.getMinutes())}`,
    days: dayNumber(at) - dayNumber(start),
  };
}

/** By how much clocks are put forward (back: below nothing) between a time of day and some seconds later, s. */
export function clockChange(clock: string, seconds: number, day: Date): number {
  const start = momentOf(clock, day);
  const at = new Date(start.getTime() + seconds * 1000);
  return (start.getTimezoneOffset() - at.getTimezoneOffset()) * MINUTE;
}
