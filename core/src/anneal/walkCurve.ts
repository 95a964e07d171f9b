// Walking a kiln's curve in steps as long as the glass lets them be: each is tried, shortened where a temperature moved too far, kept.

/** Temperature of the kiln over time: seconds rising, °C; straight between. Two equal times are a sudden change. */
export interface KilnCurve {
  readonly time: ArrayLike<number>;
  readonly temperature: ArrayLike<number>;
}

/** What is walked, and who takes the steps. */
export interface Walked {
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

/** Walks it from its first point to its last. False where it was stopped. */
export function walkCurve({ curve, mostStep, limit, attempt, keep }: Walked): boolean {
  const { time, temperature } = curve;
  const points = time.length;
  const begin = time[0] as number;
  const end = time[points - 1] as number;
  let now = begin;
  let span = 0;
  let dt = Math.min(1, (end - begin) / 100);
  while (now < end) {
    while (span < points - 2 && (time[span + 1] as number) <= now + 1e-9) span += 1;
    const t0 = time[span] as number;
    const t1 = time[span + 1] as number;
    const k0 = temperature[span] as number;
    const k1 = temperature[span + 1] as number;
    const slope = t1 > t0 ? (k1 - k0) / (t1 - t0) : 0;
    if (t1 <= now) break;
    const may = limit();
    dt = Math.min(dt, mostStep, t1 - now);
    if (slope !== 0) dt = Math.min(dt, Math.max(LEAST_STEP, may / Math.abs(slope)));
    let most = 0;
    for (;;) {
      most = attempt(dt, k0 + slope * (now + dt - t0));
      if (most <= 2 * may || dt <= LEAST_STEP) break;
      dt = Math.max(LEAST_STEP, (0.9 * dt * may) / most);
    }
    now = t1 - now - dt < 1e-6 * dt ? t1 : now + dt;
    if (!keep(dt, k0 + slope * (now - t0), now)) return false;
    dt *= most > 0 ? Math.min(1.6, Math.max(0.3, may / most)) : 1.6;
  }
  return true;
}
