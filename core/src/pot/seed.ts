// Seed rises out of melted glass: how long a pot has to be held hot until it is free of bubbles of a size.
import type { Vft } from '../glass/viscosity';
import { logViscosity } from '../glass/viscosity';
import { STANDARD_GRAVITY } from '../units/constants';

/** Pa·s of a log₁₀. */
const etaOf = (log: number): number => 10 ** log;

/**
 * How fast a bubble with a free skin rises, m/s: v = ρ g r²/(3η) (Hadamard 1911, Rybczynski 1911). `radius` m, `density` of the glass
 * kg/m³, `eta` Pa·s. What is in it weighs nothing beside glass.
 *
 * @example
 * bubbleRise(0.0005, 20, 2400) // 0.00009807
 */
export const bubbleRise = (radius: number, eta: number, density: number): number =>
  (density * STANDARD_GRAVITY * radius ** 2) / (3 * eta);

/**
 * How fast a solid ball that much lighter would rise, m/s: 2ρ g r²/(9η) (Stokes 1851): a third slower.
 *
 * @example
 * ballRise(0.0005, 20, 2400) // 0.00006538
 */
export const ballRise = (radius: number, eta: number, density: number): number =>
  (2 * density * STANDARD_GRAVITY * radius ** 2) / (9 * eta);

/**
 * How long bubbles of a diameter take out of glass so deep (both m) at a temperature, s. Dissolving is not counted, nor stirring by what
 * else rises: small ones may go sooner than this, and those under 0.3 mm hardly rise at all.
 */
export function clearsIn(
  diameter: number,
  depth: number,
  glass: { readonly vft: Vft; readonly density: number },
  temperature: number,
): number {
  const eta = etaOf(logViscosity(glass.vft, temperature));
  return depth / bubbleRise(diameter / 2, eta, glass.density);
}

/** The smallest bubble that is out of glass so deep after so long at a temperature, m across. */
export function smallestOut(
  seconds: number,
  depth: number,
  glass: { readonly vft: Vft; readonly density: number },
  temperature: number,
): number {
  const eta = etaOf(logViscosity(glass.vft, temperature));
  return 2 * Math.sqrt((3 * eta * depth) / (glass.density * STANDARD_GRAVITY * seconds));
}
