// Days as an address and a field write them: 2026-11-27, of the clock on the wall here.
import { addDays, format, isValid, parse } from 'date-fns';
import { momentOf } from './moments';

/** "2026-11-27" of a moment. */
export const dayOf = (at: number): string => format(at, 'yyyy-MM-dd');

/** From its first moment to the next day's, ms; undefined where it is no day. */
export function daySpan(
  day: string,
): { readonly since: number; readonly until: number } | undefined {
  const first = parse(day, 'yyyy-MM-dd', 0);
  return isValid(first) && /^\d{4}-\d\d-\d\d$/.test(day)
    ? { since: first.getTime(), until: addDays(first, 1).getTime() }
    : undefined;
}

/** The moment a clock shows a time on a day; undefined where it is no day. */
export function momentOn(day: string, clock: string): Date | undefined {
  const span = daySpan(day);
  return span && momentOf(clock, new Date(span.since));
}

/** So many days on. */
export const daysOn = (day: string, by: number): string => {
  const span = daySpan(day);
  return span ? dayOf(addDays(span.since, by).getTime()) : day;
};

/** Today here, or so many days on. */
export const today = (by = 0): string => daysOn(dayOf(Date.now()), by);
