// By how much a rate is moved towards using what is allowed: tension goes nearly by the rate, so the share used tells.

/** Aimed at, as a share of what is allowed. */
export const AIM = 0.97;
/** One correction moves a rate by no more than this; that of a section, which is less like its joined walls, by more. */
export const MOST_MOVE = 3;
/** A drawn section's rates move by no more than this factor a round. */
export const MOST_MOVE_DRAWN = 8;

/**
 * What to multiply a rate by that uses such a share, by no more than `most` either way.
 *
 * @example
 * towards(0.5, 2) // 1.94
 */
export const towards = (used: number, most: number): number =>
  Math.min(most, Math.max(1 / most, AIM / Math.max(used, 1e-6)));
