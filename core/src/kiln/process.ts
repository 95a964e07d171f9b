// How far a firing flows, and the process temperature that flows it as far as it is to.
import type { Aim, KilnFiring, KilnWork } from '@zanfirico/contract/kiln';
import { climbAt, naturalTime, type Box } from '../night/box';
import type { Glass } from '../glass/glass';
import { fitVft } from '../glass/viscosity';
import { castOf } from './cast';
import { fluidity, rounds } from './flow';
import { mouldProblem } from './mould';
import { slump } from './slump';

/** Places the fall is told by. */
const SAMPLES = 24;

/** The stretch of a firing in which glass flows: pause, up, held, down to its soak as the box falls by itself. °C, s. */
export function hotStretch(
  { air, process }: Pick<KilnFiring, 'air' | 'process'>,
  glass: Pick<Glass, 'annealing'>,
  box: Box,
): { readonly time: number[]; readonly temperature: number[] } {
  const time = [0, air.hold];
  const temperature = [air.at, air.at];
  const go = (seconds: number, to: number): void => {
    time.push(time[time.length - 1] + Math.max(0, seconds));
    temperature.push(to);
  };
  if (process.at > air.at) go((process.at - air.at) / climbAt(box, process.at), process.at);
  go(process.hold, temperature[temperature.length - 1]);
  const top = temperature[temperature.length - 1];
  const to = Math.min(top, Math.max(glass.annealing, box.room + 1));
  let at = top;
  for (let k = 1; k <= SAMPLES && top > to; k += 1) {
    const next = top + ((to - top) * k) / SAMPLES;
    go(naturalTime(box, at, next), next);
    at = next;
  }
  return { time, temperature };
}

/** How far a firing flows a glass, 1/Pa. */
export const flowOf = (
  firing: Pick<KilnFiring, 'air' | 'process'>,
  glass: Glass,
  box: Box,
): number => fluidity(hotStretch(firing, glass, box), fitVft(glass));

/** What each aim is to have done, ramps and all: rounded by so much, m; within PHYSICS §10’s ranges (common practice, no source). */
const ROUNDED = { polish: 0.0001, tack: 0.0004, contour: 0.0016, full: 0.0045 } as const;
/**
 * A cast has closed its grains and run into the corners of its mould: soft sheet an hour or two about 830 °C (common practice, no source), which rounds by so much, m.
 */
const RUNS_IN = 0.05;
/** Temperatures a process may be set to, °C. */
export const PROCESS = { minimum: 500, maximum: 950 } as const;

/** How far it has to flow for an aim, 1/Pa; undefined where a mould would have to be known. */
export function flowFor(
  aim: Aim,
  glass: Glass,
  work: Pick<KilnWork, 'mould' | 'cast'>,
  thick: number,
): number | undefined {
  if (aim === 'cast')
    return work.cast && Math.max(castOf(1, glass, work.cast.packed).closes, RUNS_IN / rounds(1));
  if (aim !== 'slump' && aim !== 'drape') return ROUNDED[aim] / rounds(1);
  if (!work.mould || mouldProblem(work.mould) !== undefined) return undefined;
  const { between } = slump(work.mould, glass, thick);
  const down = Number.isFinite(between.lies) ? between.lies : between.bottom;
  return Number.isFinite(down) ? down : undefined;
}

/** The process temperature that flows it so far in its hold, °C, to a degree; undefined where none does. */
export function processFor(
  wanted: number,
  firing: Pick<KilnFiring, 'air' | 'process'>,
  glass: Glass,
  box: Box,
): number | undefined {
  let [low, high]: [number, number] = [PROCESS.minimum, PROCESS.maximum];
  const at = (t: number): number =>
    flowOf(
      {
        air: { ...firing.air, at: Math.min(firing.air.at, t) },
        process: { ...firing.process, at: t },
      },
      glass,
      box,
    );
  if (at(high) < wanted || at(low) > wanted) return undefined;
  while (high - low > 0.5) {
    const mid = (low + high) / 2;
    if (at(mid) < wanted) low = mid;
    else high = mid;
  }
  return Math.round(high);
}
