// A moment as a person says it: the day and the time, as their language writes them.
import { daysIn } from '../words/language';

/** A moment by its day and clock, in words. */
export const dayWords = (at: number): string =>
  new Intl.DateTimeFormat(daysIn(), { dateStyle: 'medium', timeStyle: 'short' }).format(at);
