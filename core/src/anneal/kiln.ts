// The annealer as a device: it can only heat with the power it has and only cool as fast as it loses heat. What a programme
// really becomes in it, and what that costs.
import type { Box } from './box';
import type { KilnCurve } from './simulate';

/** An annealer. */
export interface Kiln extends Box {
  /** Most heat, W. */
  readonly power: number;
  /** Heat it takes to warm box and load by a kelvin, J/K. */
  readonly capacity: number;
  /** Between its hottest and its coldest place, K. */
  readonly unevenness: number;
}

/** What became of a programme. */
export interface Followed {
  readonly curve: { readonly time: Float64Array; readonly temperature: Float64Array };
  /** Heat given, J. */
  readonly energy: number;
  /** The most it was above (it cannot lose heat faster) and below (it has not the power) what was asked, K, and when. */
  readonly above: { readonly kelvin: number; readonly time: number };
  readonly below: { readonly kelvin: number; readonly time: number };
}

/** Seconds without power, or with the door open. */
export interface Mishap {
  readonly kind: 'power off' | 'door open';
  readonly from: number;
  readonly to: number;
}

/** With the door open a box loses heat so many times faster. From memory: some 100 K in the first minute from 480 °C. */
export const DOOR_OPEN = 60;
/** Longest step, s; a step is never longer than a fortieth of its segment. */
const STEP = 300;
const PARTS = 40;

/** The kiln follows a programme as well as it can: exact for the lumped box in each step. */
export function follow(wanted: KilnCurve, kiln: Kiln, mishaps: readonly Mishap[] = []): Followed {
  const marks = new Set<number>(Array.from(wanted.time));
  const begin = wanted.time[0] as number;
  const end = wanted.time[wanted.time.length - 1] as number;
  for (const m of mishaps) for (const t of [m.from, m.to]) if (t > begin && t < end) marks.add(t);
  const stops = [...marks].sort((a, b) => a - b);
  const time: number[] = [begin];
  const temperature: number[] = [wanted.temperature[0] as number];
  let t = begin;
  let now = wanted.temperature[0] as number;
  let energy = 0;
  let above = { kelvin: 0, time: begin };
  let below = { kelvin: 0, time: begin };
  const loss = kiln.capacity / kiln.coolingTime;
  const fullFor = (at: number): number => kiln.room + at / loss;
  let span = 0;
  for (const stop of stops.slice(1)) {
    const parts = Math.max(1, Math.min(PARTS, Math.ceil((stop - t) / STEP)));
    const dt = (stop - t) / parts;
    for (let k = 0; k < parts; k += 1) {
      const next = k === parts - 1 ? stop : t + dt;
      const middle = (t + next) / 2;
      while (span < wanted.time.length - 2 && (wanted.time[span + 1] as number) < next - 1e-9)
        span += 1;
      const asked = wantedAt(wanted, span, next);
      const off = mishaps.some((m) => m.kind === 'power off' && middle > m.from && middle < m.to);
      const open = mishaps.some((m) => m.kind === 'door open' && middle > m.from && middle < m.to);
      const tau = kiln.coolingTime / (open ? DOOR_OPEN : 1);
      const fade = Math.exp(-(next - t) / tau);
      const coolest = kiln.room + (now - kiln.room) * fade;
      // An open door's loss is more than the elements make good; controllers cut the power then.
      const target = off || open ? coolest : fullFor(kiln.power);
      const hottest = off || open ? coolest : target + (now - target) * fade;
      const reached = Math.min(hottest, Math.max(coolest, asked));
      // The steady power that gets there: what the box would settle at, times its loss.
      const settles = fade < 1 ? (reached - now * fade) / (1 - fade) : kiln.room;
      if (!off && !open) energy += Math.max(0, loss * (settles - kiln.room)) * (next - t);
      t = next;
      now = reached;
      time.push(t);
      temperature.push(now);
      if (now - asked > above.kelvin) above = { kelvin: now - asked, time: t };
      if (asked - now > below.kelvin) below = { kelvin: asked - now, time: t };
    }
  }
  return {
    curve: { time: Float64Array.from(time), temperature: Float64Array.from(temperature) },
    energy,
    above,
    below,
  };
}

function wantedAt({ time, temperature }: KilnCurve, span: number, t: number): number {
  const [t0, t1] = [time[span] as number, time[span + 1] as number];
  const [a, b] = [temperature[span] as number, temperature[span + 1] as number];
  return t1 > t0 ? a + (b - a) * Math.min(1, Math.max(0, (t - t0) / (t1 - t0))) : b;
}

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

/** Fewest readings and least fall a cool-down is learned from. */
const FEWEST = 6;
const LEAST_FALL = 60;

/**
 * Learns the time constant from the longest unbroken fall of a log: ln(T − room) against time is a line (Newton's cooling).
 * Undefined where there is no such fall.
 */
export function learnCooling(log: KilnCurve, room: number): Learnt | undefined {
  const { time, temperature } = log;
  let best: [number, number] | undefined;
  let from = 0;
  for (let i = 1; i <= time.length; i += 1) {
    const falls = i < time.length && (temperature[i] as number) < (temperature[i - 1] as number);
    if (falls) continue;
    const drop = (temperature[from] as number) - (temperature[i - 1] as number);
    if (i - from >= FEWEST && drop >= LEAST_FALL) {
      const known = best ? (temperature[best[0]] as number) - (temperature[best[1]] as number) : 0;
      if (drop > known) best = [from, i - 1];
    }
    from = i;
  }
  if (!best) return undefined;
  const [a, b] = best;
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
  let squares = 0;
  for (let i = a; i <= b; i += 1) {
    const fitted = room + Math.exp(start + slope * ((time[i] as number) - (time[a] as number)));
    squares += ((temperature[i] as number) - fitted) ** 2;
  }
  return {
    coolingTime: -1 / slope,
    misfit: Math.sqrt(squares / (b - a + 1)),
    from: time[a] as number,
    to: time[b] as number,
  };
}
