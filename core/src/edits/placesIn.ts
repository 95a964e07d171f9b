/** The chosen places that a list has, each once, in order. */
export const placesIn = (list: readonly unknown[], chosen: readonly number[]): number[] =>
  [...new Set(chosen)].filter((i) => list[i] !== undefined).sort((a, b) => a - b);
