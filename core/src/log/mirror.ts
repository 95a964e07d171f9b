// How hard a piece was pulled where it broke, from the mirror round its origin: the smooth spot before the face turns to mist.

/** Mirror constant of soda-lime glass, Pa·√m, least and most of what is published (fractography, ASTM C1678; the figures as the issue gives them). */
export const MIRROR_CONSTANT = { least: 1.9e6, most: 2.3e6 } as const;

/**
 * Tension at the break, Pa, of a mirror of a radius, m: σ = A/√r.
 *
 * @example
 * mirrorStress(0.005) // { least: 26870000, most: 32530000 }
 */
export function mirrorStress(radius: number): { readonly least: number; readonly most: number } {
  const root = Math.sqrt(radius);
  return { least: MIRROR_CONSTANT.least / root, most: MIRROR_CONSTANT.most / root };
}
