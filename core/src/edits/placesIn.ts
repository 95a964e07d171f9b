/**
 * The chosen places that a list has, each once, in order.
 *
 * @example
 * placesIn(['a', 'b', 'c'], [2, 0, 7]) // [0, 2]
 */
export const placesIn = (list: readonly unknown[], chosen: readonly number[]): number[] =>
  [...new Set(chosen)].filter((i) => list[i] !== undefined).sort((a, b) => a - b);
