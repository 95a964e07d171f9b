// Ticks of a clock axis: whole hours, few enough to read.
import { minutesOfDay } from '@zanfirico/core';

const HOUR = 3600;
const STEPS = [1, 2, 3, 6, 12, 24, 48, 96, 168, 336, 720];
const MOST_TICKS = 12;

/** Ticks on whole hours of the clock, few enough to read; seconds from the last piece in. */
export function clockTicks(from: number, to: number, lastIn: string): number[] {
  const step = (STEPS.find((s) => (to - from) / (s * HOUR) <= MOST_TICKS) ?? 1440) * HOUR;
  const midnight = -minutesOfDay(lastIn) * 60;
  const ticks: number[] = [];
  for (let t = midnight + Math.ceil((from - midnight) / step) * step; t <= to; t += step)
    ticks.push(t);
  return ticks;
}
