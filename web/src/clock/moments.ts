// Moments of a night on the calendar. Days may be of any time zone: plain dates are of this machine's, TZDates of their own.
import { minutesOfDay } from '@zanfirico/core/piece';
import { addSeconds, differenceInCalendarDays, format, roundToNearestMinutes, set } from 'date-fns';

const MINUTE = 60;

/** The moment a clock shows a time on a day, in the day's zone. A time that a clock put forward leaps over is the moment after. */
export function momentOf(clock: string, day: Date): Date {
  const m = minutesOfDay(clock);
  return set(day, { hours: Math.floor(m / 60), minutes: m % 60, seconds: 0, milliseconds: 0 });
}

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
  const at = addSeconds(start, Math.round(seconds / MINUTE) * MINUTE);
  return { text: format(at, 'HH:mm'), days: differenceInCalendarDays(at, start) };
}

/** By how much clocks are put forward (back: below nothing) between a time of day and some seconds later, s. */
export function clockChange(clock: string, seconds: number, day: Date): number {
  const start = momentOf(clock, day);
  return (start.getTimezoneOffset() - addSeconds(start, seconds).getTimezoneOffset()) * MINUTE;
}

/** The minute a moment is told as, on every screen and in every file: the nearest. */
export const toMinute = (at: Date): Date => roundToNearestMinutes(at);
