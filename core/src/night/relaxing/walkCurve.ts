// Walking a kiln's curve in steps as long as the glass lets them be: each is tried, shortened where a temperature moved too far, kept.

/** Temperature of the kiln over time: seconds rising, °C; straight between. Two equal times are a sudden change. */
export interface KilnCurve {
  readonly time: ArrayLike<number>;
  readonly temperature: ArrayLike<number>;
}

/** What is walked, and who takes the steps. */
export interface WalkedCurve {
  readonly curve: KilnCurve;
  /** Longest step, s. */
  readonly mostStep: number;
  /** The most a temperature may change in the step about to be taken, K. */
  readonly limit: () => number;
  /** Tries a step of `dt` s to a kiln at `kiln` °C; the most a temperature moved, K. May be tried again, shorter. */
  readonly attempt: (dt: number, kiln: number) => number;
  /** Keeps the step just tried, `now` at its end; false stops the walk. */
  readonly keep: (dt: number, kiln: number, now: number) => boolean;
}

const LEAST_STEP = 1e-3;
/** A bend whose speeds differ by less than this share of the greater is stepped over: a curve told by many points. */
const SLIGHT = 0.35;

/** Walks it from its first point to its last. False where it was stopped. */
export function walkCurve({ curve, mostStep, limit, attempt, keep }: WalkedCurve): boolean {
  const { time, temperature } = curve;
  const stops = bendsOf(curve);
  const begin = time[0];
  const end = time[time.length - 1];
  let now = begin;
  let stop = 0;
  let span = 0;
  // What a step would be if its stretch of the curve did not end first: the next one begins with that.
  let wanted = Math.min(1, (end - begin) / 100);
  while (now < end) {
    while (stop < stops.length - 1 && stops[stop] <= now + 1e-9) stop += 1;
    while (span < time.length - 2 && time[span + 1] <= now + 1e-9) span += 1;
    const until = stops[stop];
    if (until <= now) break;
    const kilnAt = (t: number): number => {
      let k = span;
      while (k < time.length - 2 && time[k + 1] < t - 1e-9) k += 1;
      const [t0, t1] = [time[k], time[k + 1]];
      const [k0, k1] = [temperature[k], temperature[k + 1]];
      return t1 > t0 ? k0 + ((k1 - k0) * (t - t0)) / (t1 - t0) : k1;
    };
    const [t0, t1] = [time[span], time[span + 1]];
    const rise = temperature[span + 1] - temperature[span];
    const slope = t1 > t0 ? rise / (t1 - t0) : 0;
    const may = limit();
    wanted = Math.min(wanted, mostStep);
    if (slope !== 0) wanted = Math.min(wanted, Math.max(LEAST_STEP, may / Math.abs(slope)));
    let dt = Math.min(wanted, until - now);
    const cut = dt < wanted;
    let most = 0;
    for (;;) {
      most = attempt(dt, kilnAt(now + dt));
      if (most <= 2 * may || dt <= LEAST_STEP) break;
      dt = Math.max(LEAST_STEP, (0.9 * dt * may) / most);
    }
    now = until - now - dt < 1e-6 * dt ? until : now + dt;
    if (!keep(dt, kilnAt(now), now)) return false;
    const next = dt * (most > 0 ? Math.min(1.6, Math.max(0.3, may / most)) : 1.6);
    wanted = cut && most <= may ? Math.max(wanted, next) : next;
  }
  return true;
}

/** When a curve bends so that a step must end there: the end of it, jumps, and all but slight changes of speed, s. */
function bendsOf({ time, temperature }: KilnCurve): number[] {
  const stops: number[] = [];
  const slope = (k: number): number =>
    (temperature[k + 1] - temperature[k]) / (time[k + 1] - time[k]);
  for (let k = 1; k < time.length - 1; k += 1) {
    const [before, after] = [slope(k - 1), slope(k)];
    const greater = Math.max(Math.abs(before), Math.abs(after));
    // Of two equal times the slope is no number, and that is a stop; a hold told by many points is walked by them.
    if (!(Math.abs(before - after) < SLIGHT * greater)) stops.push(time[k]);
  }
  stops.push(time[time.length - 1]);
  return stops;
}
