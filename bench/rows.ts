// A row of the table, and the middle of many timings.

/** What was measured, what came of it, what was asked for. */
export interface Row {
  readonly what: string;
  readonly measured: string;
  readonly wanted: string;
}

/** The value below which so much of them lies. */
export const quantile = (values: readonly number[], q: number): number =>
  [...values].sort((a, b) => a - b)[Math.min(values.length - 1, Math.floor(values.length * q))] ??
  NaN;

/** The middle one; of an even number the upper of the two. */
export const median = (values: readonly number[]): number => quantile(values, 0.5);

/** A small run (--small): every part goes through, for as little as shows that it does; its figures say nothing. */
export const SMALL = process.argv.includes('--small');

/** So many in a small run, else as many as tell. */
export const often = (many: number, small = 1): number => (SMALL ? small : many);
