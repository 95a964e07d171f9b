// Glass is neither made nor lost: pulls, bulbs from tubing, decoration that stretches, and the slab it settles to.
import type { Tube } from '@zanfirico/contract/piece';
import { tr } from '../words/tr';
import { STANDARD_GRAVITY } from '../units/constants';

/**
 * Length a rod or cane reaches when pulled from one diameter to another: L₂ = L₁(d₁/d₂)². Any one unit.
 *
 * @example
 * pulledLength(0.1, 0.02, 0.01) // 0.4
 */
export const pulledLength = (length: number, from: number, to: number): number =>
  length * (from / to) ** 2;

/**
 * Tubing pulled down keeps its proportions: the inner diameter when the outer becomes `to`.
 *
 * @example
 * pulledBore(0.02, 0.01, 0.008) // 0.004
 */
export const pulledBore = (outer: number, bore: number, to: number): number => (bore / outer) * to;

/** Glass per length of tubing, m². Throws when the wall leaves no bore. */
export function tubeSection({ outerDiameter, wall }: Tube): number {
  if (!(wall > 0 && 2 * wall < outerDiameter))
    throw new RangeError(
      tr`A tube of ${outerDiameter * 1e3} mm cannot have a wall of ${wall * 1e3} mm.`,
    );
  return (Math.PI / 4) * (outerDiameter ** 2 - (outerDiameter - 2 * wall) ** 2);
}

/** Length of tubing that holds a given volume of glass, m. */
export const tubeLength = (volume: number, tube: Tube): number => volume / tubeSection(tube);

/** Length of tubing to mark for a round bulb of outer radius and wall, m. */
export const bulbLength = (radius: number, wall: number, tube: Tube): number =>
  tubeLength((4 / 3) * Math.PI * (radius ** 3 - (radius - wall) ** 3), tube);

/**
 * Thickness molten glass settles to on a flat shelf, m: h = 2√(γ/ρg)·sin(θ/2)
 * (de Gennes, Brochard-Wyart & Quéré, *Capillarity and Wetting Phenomena*). Surface tension N/m, angle rad.
 *
 * @example
 * settledThickness(0.3, 2500, Math.PI / 2) // 0.004947
 */
export const settledThickness = (surfaceTension: number, density: number, angle: number): number =>
  2 * Math.sqrt(surfaceTension / (density * STANDARD_GRAVITY)) * Math.sin(angle / 2);

/** How a place stretches when the glass under it goes from one radius and wall to another (volume conserved). */
export function stretch(
  from: { readonly radius: number; readonly wall: number },
  to: { readonly radius: number; readonly wall: number },
): { readonly hoop: number; readonly meridian: number } {
  const hoop = to.radius / from.radius;
  return { hoop, meridian: from.wall / (to.wall * hoop) };
}
