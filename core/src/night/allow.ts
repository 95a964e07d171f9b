// The fastest fall the glass allows: from the wall's own lag and from thick places lagging behind thin ones.
import { diffusivity, thermoelasticModulus, type Glass } from '../glass/glass';
import type { Body } from '../conduction/lattice';
import { frozenTensionPerRate, surfaceTensionPerRate } from './ramp';

/**
 * How much more tension stays than the classical theory says, because the liquid shrinks more than the solid
 * (structural relaxation: between 1 and α_liquid/α_glass = 2.9). The simulation gives 1.64 for slab, cylinder and ball
 * alike (soft glass, 3.6 to 55 °C/h); the first guess stays a little to the safe side of it.
 */
export const STRUCTURAL_FACTOR = 1.7;

/** How much two joined sections hold each other back: 0 free, 1 fully. Default, from memory. */
export const RESTRAINT = 0.5;

/** What of the piece matters for cooling. Lengths m. */
export interface CoolingWall {
  readonly thickest: number;
  /** Thick and thin neighbour at the biggest step. */
  readonly stepThick: number;
  readonly stepThin: number;
  /** `slab` when air reaches both sides, `oneSided` for closed and narrow-necked forms; rods and balls by name. */
  readonly body: Body;
}

/** As a slab cooled from both sides, m: a one-sided wall is one twice as thick. */
export const slabEquivalent = (w: CoolingWall, d = w.thickest): number =>
  w.body === 'oneSided' ? 2 * d : d;

/** Seconds by which the thicker section trails the thinner one, K per (K/s): ρc(d₁−d₂)/2h + (d₁²−d₂²)/12κ. */
export function stepLag(glass: Glass, wall: CoolingWall, exchange: number): number {
  const d1 = slabEquivalent(wall, wall.stepThick);
  const d2 = slabEquivalent(wall, wall.stepThin);
  return (
    (glass.density * glass.specificHeat * (d1 - d2)) / (2 * exchange) +
    (d1 * d1 - d2 * d2) / (12 * diffusivity(glass))
  );
}

/** Stress per unit rate, Pa per (K/s), split by cause. */
export interface StressPerRate {
  readonly wall: number;
  readonly step: number;
}

/** What stays for good after a fall through the annealing range. */
export const lastingPerRate = (
  glass: Glass,
  wall: CoolingWall,
  exchange: number,
  restraint = RESTRAINT,
): StressPerRate => ({
  wall: STRUCTURAL_FACTOR * frozenTensionPerRate(wall.body, glass, wall.thickest),
  step:
    STRUCTURAL_FACTOR * thermoelasticModulus(glass) * stepLag(glass, wall, exchange) * restraint,
});

/** What passes while set glass cools: tension in the skin, and between thick and thin. */
export const passingPerRate = (
  glass: Glass,
  wall: CoolingWall,
  exchange: number,
  restraint = RESTRAINT,
): StressPerRate => ({
  wall: surfaceTensionPerRate(wall.body, glass, wall.thickest),
  step: thermoelasticModulus(glass) * stepLag(glass, wall, exchange) * restraint,
});

/** Fastest rate, K/s, that keeps the sum of both under `allowed` Pa. */
export const allowedRate = (perRate: StressPerRate, allowed: number): number =>
  allowed / (perRate.wall + perRate.step);
