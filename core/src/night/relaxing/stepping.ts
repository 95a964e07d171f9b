// How long a step through a night may be, and from where on tension counts: the same for a wall and for a section.

/** Where glass relaxes within a programme, log₁₀ η. */
export const RELAXES = { from: 8.5, to: 16 };
/** Where it does not, a step may change a temperature so many times more. */
export const COARSER = 4;
/** Most of a step, s. */
export const MOST_STEP = 1800;
/** Tension counts as passing danger below the strain point and this much, K. */
export const GIVES = 20;
