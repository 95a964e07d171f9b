// Something set into thick glass: a metal, a mineral, a lump of another glass.

/** An inclusion's own elastic facts. SI. */
export interface Inclusion {
  readonly expansion: number;
  readonly youngs: number;
  readonly poisson: number;
  readonly radius: number;
}

/** What it does. `pressure` on the interface, Pa (negative: it pulls); `hoop` in the glass beside it. */
export interface InclusionStress {
  readonly pressure: number;
  readonly hoop: number;
  /** Gap it leaves if it lets go, m; 0 when it presses. */
  readonly gap: number;
  /** Does the bond stand the pull? */
  readonly holds: boolean;
}

/** A bond between glass and metal holds about so much pull, Pa; above it the metal lets go. From memory. */
const BOND_HOLDS = 30e6;

/**
 * A ball in thick glass (J. Selsing, J. Am. Ceram. Soc. 44, 1961): p = ΔαΔT/[(1+ν_m)/2E_m + (1−2ν_p)/E_p], glass hoop
 * p/2. What shrinks less than the glass is pressed on, and the glass around it is pulled; what shrinks more pulls away.
 */
export function inclusionStress(
  inclusion: Inclusion,
  glass: { readonly expansion: number; readonly youngs: number; readonly poisson: number },
  fall: number,
): InclusionStress {
  const strain = (glass.expansion - inclusion.expansion) * fall;
  const give =
    (1 + glass.poisson) / (2 * glass.youngs) + (1 - 2 * inclusion.poisson) / inclusion.youngs;
  const pressure = strain / give;
  return {
    pressure,
    // In the glass beside it: tension p/2 round a ball that presses outwards.
    hoop: pressure / 2,
    gap: strain < 0 ? -strain * inclusion.radius : 0,
    holds: pressure > -BOND_HOLDS,
  };
}

/** Metals and minerals set into glass: mean expansion (1/K; CRC Handbook for the metals, 20 °C), E and ν (from memory). */
export const INCLUSIONS = [
  { name: 'silver', expansion: 18.9e-6, youngs: 83e9, poisson: 0.37 },
  { name: 'gold', expansion: 14.2e-6, youngs: 78e9, poisson: 0.44 },
  { name: 'copper', expansion: 16.5e-6, youngs: 128e9, poisson: 0.34 },
  { name: 'platinum', expansion: 8.8e-6, youngs: 168e9, poisson: 0.38 },
] as const;
