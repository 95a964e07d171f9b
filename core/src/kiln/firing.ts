// A firing in one programme: slowly up, a pause for the air, quickly to where glass flows, held, quickly down, annealed.

import type { RecipeLine } from '@zanfirico/contract/shop';
import type { ScheduleRow } from '../night/programme';
import type { Glass } from '../glass/glass';
import { settledThickness } from '../form/conserve';
import { SURFACE_TENSION } from './flow';

/** What it is made of. °C, s, K/s. */
interface Programme {
  /** Up to the pause slowly, at a rate the cold stack bears; then held for the air to come out. */
  readonly climb: number;
  readonly air: { readonly at: number; readonly hold: number };
  readonly process: { readonly at: number; readonly hold: number };
  /** How it comes down, from the process on: its rows from the soak on. */
  readonly down: readonly ScheduleRow[];
}

/** Molten glass meets a primed shelf at this angle (PHYSICS §2). */
const ANGLE = (125 * Math.PI) / 180;
/** Where soft glass goes cloudy if it is left there, °C. Common practice, no source. */
export const CLOUDY = { from: 700, to: 760 } as const;

/** What glass settles at on a flat shelf, m. */
export const settlesAtHeight = ({ density }: Pick<Glass, 'density'>): number =>
  settledThickness(SURFACE_TENSION, density, ANGLE);

/** Its steps: up, air, process, then down as the night was checked. */
export function firingLines({ climb, air, process, down }: Programme): RecipeLine[] {
  const lines: RecipeLine[] = [{ to: air.at, rate: climb, hold: air.hold }];
  if (process.at > air.at) lines.push({ to: process.at, hold: process.hold });
  const [soak] = down;
  if (soak) lines.push({ to: soak.from, hold: soak.from === soak.to ? soak.duration : 0 });
  for (const row of down.slice(1))
    if (row.from !== row.to)
      lines.push({ to: row.to, ...(row.rate !== undefined && { rate: row.rate }) });
  return lines;
}

/** Seconds a curve is between two temperatures. */
export function withinFiring(
  {
    time,
    temperature,
  }: { readonly time: readonly number[]; readonly temperature: readonly number[] },
  from: number,
  to: number,
): number {
  let sum = 0;
  for (let i = 1; i < time.length; i += 1) {
    const [a, b] = [temperature[i - 1], temperature[i]];
    const seconds = time[i] - time[i - 1];
    const [low, high] = [Math.min(a, b), Math.max(a, b)];
    if (high === low) sum += low >= from && low <= to ? seconds : 0;
    else sum += (seconds * Math.max(0, Math.min(high, to) - Math.max(low, from))) / (high - low);
  }
  return sum;
}
