// Clock times in words: "04:31 tomorrow".
import { clockAfter } from '@zanfirico/core';

/** The clock some seconds after a time of day, and the day in words. */
export function clockWords(
  from: string,
  seconds: number,
): { readonly time: string; readonly day: string } {
  if (!Number.isFinite(seconds)) return { time: '–', day: '' };
  const { text, days } = clockAfter(from, seconds);
  const day =
    days < 0
      ? 'the day before'
      : days === 0
        ? 'today'
        : days === 1
          ? 'tomorrow'
          : `in ${String(days)} days`;
  return { time: text, day };
}
