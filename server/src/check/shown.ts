// A given value in a refusal: short enough to print, whatever it is.
import { tr } from '@zanfirico/core/words';

const MOST = 60;

const short = (text: string): string =>
  text.length > MOST ? `${text.slice(0, MOST - 3).toWellFormed()}…` : text;

/** A given value, short enough to print; nested deeper than can be written down it is told by its kind. */
export function shownValue(value: unknown): string {
  if (value === undefined) return tr`nothing`;
  if (typeof value === 'number') return String(value);
  if (typeof value === 'string') return short(JSON.stringify(value.slice(0, 2 * MOST)));
  try {
    return short(JSON.stringify(value));
  } catch {
    return Array.isArray(value) ? tr`a list, nested very deep` : tr`an object, nested very deep`;
  }
}
