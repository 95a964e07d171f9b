// The thread test: two glasses pulled side by side into a thread; the bow says how differently they shrink.

/** The thread. SI; `thickness` is that of each half, `glass` in the same order. */
export interface Thread {
  readonly length: number;
  readonly thickness: readonly [number, number];
  readonly youngsModuli: readonly [number, number];
  /** From the set point down to the room, K. */
  readonly fall: number;
}

/** Curvature per Δα·ΔT (Timoshenko, J. Opt. Soc. Am. 11, 1925), 1/m: κ = 6ε(1+m)²/{h[3(1+m)²+(1+mn)(m²+1/mn)]}. */
function curvaturePerStrain({ thickness: [a, b], youngsModuli: [ea, eb] }: Thread): number {
  const h = a + b;
  const m = a / b;
  const n = ea / eb;
  return (6 * (1 + m) ** 2) / (h * (3 * (1 + m) ** 2 + (1 + m * n) * (m * m + 1 / (m * n))));
}

/**
 * Bow of the thread's middle from the straight line between its ends, m, for a difference of expansion Δα (1/K; first
 * glass less second). Positive: the first glass lies on the inside of the bow.
 */
export const bowFor = (thread: Thread, difference: number): number =>
  (curvaturePerStrain(thread) * difference * thread.fall * thread.length ** 2) / 8;

/** How well the bow, the length and the thicknesses were read, as one standard deviation each, m. */
export interface ThreadSeen {
  readonly bow: number;
  readonly bowError: number;
  readonly lengthError: number;
  readonly thicknessError: number;
}

/** Δα with its uncertainty, 1/K. */
export interface Difference {
  readonly value: number;
  readonly error: number;
}

/**
 * Δα from a measured bow. Errors go through the formula by small steps and are added in squares (GUM, JCGM 100:2008,
 * 5.1.2); both halves' thickness errors are taken as independent.
 */
export function differenceFrom(thread: Thread, reading: ThreadSeen): Difference {
  const at = (t: Thread, bow: number): number => bow / bowFor(t, 1);
  const value = at(thread, reading.bow);
  const [a, b] = thread.thickness;
  const moved = [
    at(thread, reading.bow + reading.bowError),
    at({ ...thread, length: thread.length + reading.lengthError }, reading.bow),
    at({ ...thread, thickness: [a + reading.thicknessError, b] }, reading.bow),
    at({ ...thread, thickness: [a, b + reading.thicknessError] }, reading.bow),
  ];
  return { value, error: Math.sqrt(moved.reduce((sum, v) => sum + (v - value) ** 2, 0)) };
}

/**
 * Stoney's limit for a very thin film (Proc. R. Soc. A 82, 1909): curvature of a strip under a film, 1/m.
 *
 * @example
 * stoneyCurvature(1e6, 1e-5, 1e-3, 7e10) // 0.0008571
 */
export const stoneyCurvature = (
  filmStress: number,
  film: number,
  strip: number,
  stripYoungs: number,
): number => (6 * filmStress * film) / (stripYoungs * strip ** 2);
