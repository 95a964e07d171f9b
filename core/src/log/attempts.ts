// How often a piece is begun for so many good ones: what is lost is begun again.

/** More are never lost than this: what is always lost has no price. */
export const MOST_LOST = 0.95;

/**
 * Share that is lost, as it counts.
 *
 * @example
 * countedLost(0.2) // 0.2
 */
export const countedLost = (lost: number): number => Math.min(MOST_LOST, Math.max(0, lost));

/**
 * Attempts to be expected for so many good ones, of which a share is lost.
 *
 * @example
 * attemptsFor(10, 0.2) // 13
 */
export const attemptsFor = (count: number, lost: number): number =>
  Math.ceil(count / (1 - countedLost(lost)) - 1e-9);
