// The middle of numbers and how far they lie from it, which one wild entry does not move.

/** The median distance from the middle of a normal distribution, turned into its deviation (Hampel 1974). */
export const MAD_TO_SIGMA = 1.4826;

/**
 * The middle one; of an even number the mean of the two. NaN of none.
 *
 * @example
 * median([3, 1, 2]) // 2
 */
export function median(values: readonly number[]): number {
  const s = [...values].sort((a, b) => a - b);
  const m = Math.floor(s.length / 2);
  return s.length % 2 === 1 ? (s[m] as number) : ((s[m - 1] as number) + (s[m] as number)) / 2;
}

/**
 * How far they lie from a middle, as a standard deviation would be: 1.4826 × the median distance.
 *
 * @example
 * madOf([1, 2, 3, 4], 2.5) // 1.483
 */
export const madOf = (values: readonly number[], middle: number): number =>
  MAD_TO_SIGMA * median(values.map((v) => Math.abs(v - middle)));

/** A middle and a spread, and of how many. */
export interface Robust {
  readonly middle: number;
  readonly spread: number;
  readonly count: number;
}

/**
 * Median and MAD; undefined of nothing.
 *
 * @example
 * robust([1, 2, 3, 4, 100]) // { middle: 3, spread: 1.483, count: 5 }
 */
export function robust(values: readonly number[]): Robust | undefined {
  if (values.length === 0) return undefined;
  const middle = median(values);
  return { middle, spread: madOf(values, middle), count: values.length };
}
