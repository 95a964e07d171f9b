/**
 * A length as the drawing keeps it when it was worked out: to the micron, m.
 *
 * @example
 * micron(0.0123456789) // 0.01235
 */
export const micron = (v: number): number => Number(v.toFixed(6));
