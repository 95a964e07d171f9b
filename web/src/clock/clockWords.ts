// Clock times in words: "04:31 tomorrow".
import { tr } from '@zanfirico/core/words';
import { clockAfter, clockChange } from './moments';

/** The clock some seconds after a time of day of `day` (tonight, when left out), and the day in words. */
export function clockWords(
  from: string,
  seconds: number,
  when = new Date(),
): { readonly time: string; readonly day: string } {
  if (!Number.isFinite(seconds)) return { time: '–', day: '' };
  const { text, days } = clockAfter(from, seconds, when);
  const day =
    days < 0
      ? tr`the day before`
      : days === 0
        ? tr`today`
        : days === 1
          ? tr`tomorrow`
          : tr`in ${days} days`;
  return { time: text, day };
}

/** What to say where clocks are changed within so many seconds of a time of day; undefined where they are not. */
export function changeWords(from: string, seconds: number, when = new Date()): string | undefined {
  const change = clockChange(from, seconds, when);
  return change === 0
    ? undefined
    : tr`Clocks are put ${change > 0 ? tr`forward` : tr`back`} within this night; the times are those they will show.`;
}
