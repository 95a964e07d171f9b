// The most and the least of a state of stress about the axis.

/**
 * The most principal stress: how much it is pulled, Pa.
 *
 * @example
 * principal(3, 1, 2, 0) // 3
 */
export const principal = (rr: number, zz: number, tt: number, rz: number): number =>
  Math.max(tt, (rr + zz) / 2 + Math.hypot((rr - zz) / 2, rz));

/**
 * The least: how much it is pressed, Pa.
 *
 * @example
 * leastPrincipal(3, 1, 2, 0) // 1
 */
export const leastPrincipal = (rr: number, zz: number, tt: number, rz: number): number =>
  Math.min(tt, (rr + zz) / 2 - Math.hypot((rr - zz) / 2, rz));
