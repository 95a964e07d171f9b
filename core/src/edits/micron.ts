/** A length as the drawing keeps it when it was worked out: to the micron, m. */
export const micron = (v: number): number => Number(v.toFixed(6));
