// A firing of flat glass in one programme: slowly up, a pause for the air, quickly to where it flows, held, quickly down, annealed; and what it does.
import type { Box } from '../anneal/box';
import { recipeCurve, type RecipeLine } from '../anneal/recipe';
import type { ScheduleRow } from '../anneal/programme';
import type { Glass } from '../glass/glass';
import { fitVft } from '../glass/viscosity';
import { settledThickness } from '../shape/conserve';
import { fluidity, fuseOf, rounds, sags, SURFACE_TENSION, type Fuse, type Sag } from './flow';

/** What is fired and how. m, °C, s, K/s. */
export interface Firing {
  readonly glass: Glass;
  /** A round stack: across, and high as it is laid. */
  readonly across: number;
  readonly stack: number;
  /** Up to here slowly, at a rate the cold stack bears; then held for the air to come out. */
  readonly climb: number;
  readonly air: { readonly at: number; readonly hold: number };
  readonly process: { readonly at: number; readonly hold: number };
  /** How it comes down, from the process on: its rows from the soak on. */
  readonly down: readonly ScheduleRow[];
  readonly box: Box;
  /** The mouth it sags into, across; nothing where it lies flat. */
  readonly mould?: number | undefined;
}

/** What it does. */
export interface Fired {
  readonly lines: readonly RecipeLine[];
  readonly curve: { readonly time: number[]; readonly temperature: number[] };
  readonly rounded: number;
  readonly name: Fuse;
  /** Where it comes to rest on a flat shelf, m; and how wide it is then, its volume kept. */
  readonly settles: number;
  readonly settledAcross: number;
  readonly sag: Sag | undefined;
  /** In the range where it goes cloudy, s. */
  readonly cloudy: number;
  readonly seconds: number;
}

/** Molten glass meets a primed shelf at this angle (PHYSICS §2). */
const ANGLE = (125 * Math.PI) / 180;
/** Where soft glass goes cloudy if it is left there, °C. Common practice, no source. */
export const CLOUDY = { from: 700, to: 760 } as const;
const ROOM = 20;

/** What glass settles at on a flat shelf, m. */
export const settlesAtHeight = ({ density }: Pick<Glass, 'density'>): number =>
  settledThickness(SURFACE_TENSION, density, ANGLE);

/** Its steps: up, air, process, then down as the night was checked. */
export function firingLines({ climb, air, process, down }: Firing): RecipeLine[] {
  const lines: RecipeLine[] = [{ to: air.at, rate: climb, hold: air.hold }];
  if (process.at > air.at) lines.push({ to: process.at, hold: process.hold });
  const [soak] = down;
  if (soak) lines.push({ to: soak.from, hold: soak.from === soak.to ? soak.duration : 0 });
  for (const row of down.slice(1))
    if (row.from !== row.to)
      lines.push({ to: row.to, ...(row.rate !== undefined && { rate: row.rate }) });
  return lines;
}

/** Fires it: what the whole curve does, ramps and all. */
export function fired(firing: Firing): Fired {
  const { glass, across, stack, box, mould } = firing;
  const lines = firingLines(firing);
  const { time, temperature } = recipeCurve({ name: '', start: ROOM, lines }, box);
  const f = fluidity({ time, temperature }, fitVft(glass));
  const rounded = rounds(f);
  const settles = settlesAtHeight(glass);
  return {
    lines,
    curve: { time, temperature },
    rounded,
    name: fuseOf(rounded),
    settles,
    settledAcross: across * Math.sqrt(stack / settles),
    sag: mould === undefined ? undefined : sags(glass, mould / 2, stack, f),
    cloudy: within({ time, temperature }, CLOUDY.from, CLOUDY.to),
    seconds: time[time.length - 1] ?? 0,
  };
}

/** Seconds a curve is between two temperatures. */
export function within(
  {
    time,
    temperature,
  }: { readonly time: readonly number[]; readonly temperature: readonly number[] },
  from: number,
  to: number,
): number {
  let sum = 0;
  for (let i = 1; i < time.length; i += 1) {
    const [a, b] = [temperature[i - 1] as number, temperature[i] as number];
    const seconds = (time[i] as number) - (time[i - 1] as number);
    const [low, high] = [Math.min(a, b), Math.max(a, b)];
    if (high === low) sum += low >= from && low <= to ? seconds : 0;
    else sum += (seconds * Math.max(0, Math.min(high, to) - Math.max(low, from))) / (high - low);
  }
  return sum;
}
