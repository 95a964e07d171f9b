// What a steady change of temperature does inside glass: the lag between skin and core, and the stress it leaves.
import type { Body } from '../conduction/lattice';
import { diffusivity, thermoelasticModulus, type Glass } from '../glass/glass';

// Temperature difference centre − surface in steady ramp: R d²/(number·κ); d is thickness or diameter
// (Carslaw & Jaeger, *Conduction of Heat in Solids*).
const LAG: Readonly<Record<Body, number>> = { slab: 8, oneSided: 2, cylinder: 16, ball: 24 };

// Frozen-in centre tension by the classical theory: M R d²/(number·κ) (Adams & Williamson 1920 in shape;
// Timoshenko & Goodier). The one-sided wall is half a slab of twice the thickness.
/** Under a steady ramp the middle lags by this share of Rd²/κ, by body. */
export const FROZEN_UNDER: Readonly<Record<Body, number>> = {
  slab: 24,
  oneSided: 6,
  cylinder: 32,
  ball: 60,
};

/** Centre minus surface, K, when cooling steadily at `rate` (K/s) through thickness or diameter `d` (m). */
export const rampDifference = (body: Body, rate: number, d: number, kappa: number): number =>
  (rate * d * d) / (LAG[body] * kappa);

/** Stress per unit cooling rate that the classical theory leaves at the centre, Pa per (K/s). */
export const frozenTensionPerRate = (body: Body, glass: Glass, d: number): number =>
  (thermoelasticModulus(glass) * d * d) / (FROZEN_UNDER[body] * diffusivity(glass));

/** Centre tension the classical theory leaves after a fall at `rate` (K/s), Pa. */
export const frozenTension = (body: Body, glass: Glass, d: number, rate: number): number =>
  rate * frozenTensionPerRate(body, glass, d);

/**
 * Surface tension while cooling, per unit rate, in glass already set: twice the middle's in a flat wall, as much as the middle's
 * in a round body (Timoshenko & Goodier).
 */
export const surfaceTensionPerRate = (body: Body, glass: Glass, d: number): number =>
  (body === 'slab' || body === 'oneSided' ? 2 : 1) * frozenTensionPerRate(body, glass, d);
