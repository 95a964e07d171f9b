// Ticks of a clock axis: whole hours, few enough to read.
import { addSeconds, format, setHours, startOfDay } from 'date-fns';
import { clockAfter, momentOf } from './moments';

const HOUR = 3600;
const STEPS = [1, 2, 3, 6, 12, 24, 48, 96, 168, 336, 720];
const LONGEST = 1440;
const MOST_TICKS = 12;

/**
 * Ticks on whole hours of the clock, few enough to read; seconds from the last piece in, on `day`. In a night whose clocks change
 * they stay on the clock's hours, one space being an hour longer or shorter.
 */
export function clockTicks(from: number, to: number, lastIn: string, day = new Date()): number[] {
  const step = STEPS.find((s) => (to - from) / (s * HOUR) <= MOST_TICKS) ?? LONGEST;
  const lastInAt = momentOf(lastIn, day).getTime();
  const begin = startOfDay(addSeconds(momentOf(lastIn, day), from));
  const ticks: number[] = [];
  for (let hour = 0; ; hour += step) {
    const at = setHours(begin, hour);
    const t = (at.getTime() - lastInAt) / 1000;
    if (t > to) return ticks;
    // Where a clock is put forward two of its hours are one moment.
    if (t >= from && t !== ticks[ticks.length - 1]) ticks.push(t);
  }
}

/** A span longer than this has more than one midnight that matters, s. */
const LONG = 36 * HOUR;

/** What a tick says: the clock; midnights of a night of days say whose day begins. */
export function tickWords(
  at: number,
  from: number,
  to: number,
  lastIn: string,
  day = new Date(),
): string {
  const { text } = clockAfter(lastIn, at, day);
  return text === '00:00' && to - from > LONG
    ? format(addSeconds(momentOf(lastIn, day), at), to - from > 5 * 24 * HOUR ? 'EEE d' : 'EEE')
    : text;
}
