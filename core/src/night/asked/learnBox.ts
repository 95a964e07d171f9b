// What a log teaches about an annealer: how fast it loses heat, from its longest fall; what it takes to warm it, from its longest
// climb at full power; how uneven it is, from two places read at once.
import type { Box } from '../box';
import type { KilnCurve } from '../relaxing/walkCurve';

/** A cooling time learned from a log. */
export interface Learnt {
  /** s */
  readonly coolingTime: number;
  /** How far the log lies from the curve, K (root mean square). */
  readonly misfit: number;
  /** The stretch it was learned from, s. */
  readonly from: number;
  readonly to: number;
}

/** Fewest readings and least change a fall or a climb is learned from. */
const FEWEST = 6;
const LEAST_CHANGE = 60;

/** The unbroken run that changes most, up (1) or down (−1): first and last reading. */
function longestRun({ time, temperature }: KilnCurve, way: 1 | -1): [number, number] | undefined {
  let best: [number, number] | undefined;
  let most = LEAST_CHANGE;
  let from = 0;
  for (let i = 1; i <= time.length; i += 1) {
    if (i < time.length && way * ((temperature[i] as number) - (temperature[i - 1] as number)) > 0)
      continue;
    const change = way * ((temperature[i - 1] as number) - (temperature[from] as number));
    if (i - from >= FEWEST && change >= most) [best, most] = [[from, i - 1], change];
    from = i;
  }
  return best;
}

/** Root mean square of what a run is from a curve, K. */
function misfitOf(
  { time, temperature }: KilnCurve,
  [a, b]: readonly [number, number],
  at: (seconds: number) => number,
): number {
  let squares = 0;
  for (let i = a; i <= b; i += 1)
    squares += ((temperature[i] as number) - at((time[i] as number) - (time[a] as number))) ** 2;
  return Math.sqrt(squares / (b - a + 1));
}

/**
 * Learns the time constant from the longest unbroken fall of a log: ln(T − room) against time is a line (Newton's cooling).
 * Undefined where there is no such fall.
 */
export function learnCooling(log: KilnCurve, room: number): Learnt | undefined {
  const { time, temperature } = log;
  const run = longestRun(log, -1);
  if (!run) return undefined;
  const [a, b] = run;
  let [n, sx, sy, sxx, sxy] = [0, 0, 0, 0, 0];
  for (let i = a; i <= b; i += 1) {
    const over = (temperature[i] as number) - room;
    if (over < 5) continue;
    const [x, y] = [(time[i] as number) - (time[a] as number), Math.log(over)];
    n += 1;
    sx += x;
    sy += y;
    sxx += x * x;
    sxy += x * y;
  }
  const slope = (n * sxy - sx * sy) / (n * sxx - sx * sx);
  if (n < FEWEST || !(slope < 0)) return undefined;
  const start = (sy - slope * sx) / n;
  return {
    coolingTime: -1 / slope,
    misfit: misfitOf(log, run, (s) => room + Math.exp(start + slope * s)),
    from: time[a] as number,
    to: time[b] as number,
  };
}

/**
 * Learns the heat it takes to warm the box, J/K, from the longest unbroken climb: at full power it nears room + P/loss with the time
 * constant of its cooling, and where it would end gives the loss. Undefined where there is no such climb, or where a straight line
 * fits it better: then a programme was held, not full power.
 */
export function learnCapacity(log: KilnCurve, box: Box): number | undefined {
  const run = longestRun(log, 1);
  if (!run) return undefined;
  const { time, temperature } = log;
  const [a, b] = run;
  const start = temperature[a] as number;
  let [xy, xx, line, lines] = [0, 0, 0, 0];
  for (let i = a; i <= b; i += 1) {
    const s = (time[i] as number) - (time[a] as number);
    const x = 1 - Math.exp(-s / box.coolingTime);
    xy += x * ((temperature[i] as number) - start * (1 - x));
    xx += x * x;
    line += s * ((temperature[i] as number) - start);
    lines += s * s;
  }
  const ends = xy / xx;
  const bent = misfitOf(log, run, (s) => ends + (start - ends) * Math.exp(-s / box.coolingTime));
  const straight = misfitOf(log, run, (s) => start + (line / lines) * s);
  if (!(ends > box.room + LEAST_CHANGE) || bent >= straight) return undefined;
  return (box.power * box.coolingTime) / (ends - box.room);
}

/** What a log taught, each undefined where it has nothing to teach it from. */
export interface LearntBox {
  readonly cooling: Learnt | undefined;
  /** J/K */
  readonly capacity: number | undefined;
  /** K */
  readonly unevenness: number | undefined;
}

/** Everything a log teaches about a box whose power is known. `spread` is the difference between places read at once, K. */
export function learnBox(log: KilnCurve, box: Box, spread?: number): LearntBox {
  const cooling = learnCooling(log, box.room);
  const known = { ...box, coolingTime: cooling?.coolingTime ?? box.coolingTime };
  const capacity = learnCapacity(log, known);
  return { cooling, capacity, unevenness: spread };
}
