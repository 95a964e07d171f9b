// Something set into thick glass: a metal, a mineral, a lump of another glass.
import { tr } from '../words/tr';
import type { Verdict } from '../units/why';
import { GOOD_TENSION, MOST_TENSION, type FitGlass } from './judgeStack';

/** An inclusion's own elastic facts. SI. */
export interface Inclusion {
  readonly expansion: number;
  readonly youngsModulus: number;
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
  glass: { readonly expansion: number; readonly youngsModulus: number; readonly poisson: number },
  fall: number,
): InclusionStress {
  const strain = (glass.expansion - inclusion.expansion) * fall;
  const give =
    (1 + glass.poisson) / (2 * glass.youngsModulus) +
    (1 - 2 * inclusion.poisson) / inclusion.youngsModulus;
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
export const INCLUSIONS = {
  silver: { expansion: 18.9e-6, youngsModulus: 83e9, poisson: 0.37 },
  gold: { expansion: 14.2e-6, youngsModulus: 78e9, poisson: 0.44 },
  copper: { expansion: 16.5e-6, youngsModulus: 128e9, poisson: 0.34 },
  platinum: { expansion: 8.8e-6, youngsModulus: 168e9, poisson: 0.38 },
  /** Wood ash, mostly lime and silica, fritted with the glass it lies in. From memory. */
  ash: { expansion: 8e-6, youngsModulus: 60e9, poisson: 0.25 },
} as const;

/** Energy of fresh glass surface, J/m². From memory. */
const SURFACE = 4;

/**
 * Radius under which a pressing ball has not the energy to crack the glass round it, m (R. W. Davidge & T. J. Green,
 * J. Mater. Sci. 3, 1968): R = 8γ/{p²[(1+ν_m)/E_m + 2(1−2ν_p)/E_p]}. So a thin platinum wire seals where a lump would not.
 */
export const harmlessRadius = (
  pressure: number,
  inclusion: Pick<Inclusion, 'youngsModulus' | 'poisson'>,
  glass: { readonly youngsModulus: number; readonly poisson: number },
): number =>
  (8 * SURFACE) /
  (pressure ** 2 *
    ((1 + glass.poisson) / glass.youngsModulus +
      (2 * (1 - 2 * inclusion.poisson)) / inclusion.youngsModulus));

/** Lumps of a thing set into a glass, judged: the glass beside them must not be pulled apart; a metal may come loose. */
export function judgeInclusion(
  name: string,
  inclusion: Inclusion,
  glass: FitGlass,
  fall: number,
): { readonly stress: InclusionStress; readonly verdict: Verdict } {
  const stress = inclusionStress(inclusion, glass, fall);
  const mpa = (v: number): string => `${(v / 1e6).toFixed(1)} MPa`;
  if (!stress.holds)
    return {
      stress,
      verdict: {
        verdict: 'watch',
        because: tr`The ${name} shrinks more than the ${glass.name} and cannot stay bonded: it comes loose with a gap of ${Math.round(stress.gap * 1e6)} µm and rattles rather than cracks.`,
        remedy: tr`Let it lie in a bubble of its own, or set in what shrinks with the glass.`,
      },
    };
  if (stress.pressure <= 0)
    return {
      stress,
      verdict: {
        verdict: 'good',
        because: tr`The ${name} shrinks more and pulls at the ${glass.name} with ${mpa(-stress.pressure)}; the bond holds.`,
      },
    };
  const pulled = tr`The ${name} shrinks less: the ${glass.name} round it is pulled with ${mpa(stress.hoop)}`;
  if (stress.hoop <= GOOD_TENSION)
    return { stress, verdict: { verdict: 'good', because: `${pulled}.` } };
  const harmless = harmlessRadius(stress.pressure, inclusion, glass);
  const across = `${(2e3 * harmless).toFixed(1)} mm`;
  if (inclusion.radius < harmless / 2)
    return {
      stress,
      verdict: {
        verdict: 'good',
        because: tr`${pulled}, but under ${across} across it has not the energy to start a crack.`,
      },
    };
  return {
    stress,
    verdict: {
      verdict: inclusion.radius < harmless || stress.hoop <= MOST_TENSION ? 'watch' : 'no',
      because: tr`${pulled}; ${mpa(GOOD_TENSION)} is good, ${mpa(MOST_TENSION)} the most.`,
      remedy: tr`Keep it under ${across} across, better half of that, or set in what shrinks with the glass.`,
    },
  };
}
