// Viscosity: the Vogel–Fulcher–Tammann curve through a glass's fixed points.
import { tr } from '../words/tr';
import type { Glass } from './glass';

/** log₁₀ η(Pa·s) at the fixed points (ASTM C336, C338, C965; ISO 7884). */
export const LOG_STRAIN = 13.5;
/** log₁₀ η (Pa·s) at the annealing point (ASTM C336). */
export const LOG_ANNEALING = 12;
/** log₁₀ η (Pa·s) at the softening point (ASTM C338). */
export const LOG_SOFTENING = 6.6;
/** log₁₀ η (Pa·s) at the working point. */
export const LOG_WORKING = 3;

/** log₁₀ η = a + b/(T − t0), η in Pa·s and T in °C. */
export interface Vft {
  readonly a: number;
  readonly b: number;
  readonly t0: number;
}

/** The three temperatures a VFT curve is drawn through, °C. */
export type FixedPoints = Pick<Glass, 'annealing' | 'softening' | 'working'>;

/**
 * The VFT curve exactly through annealing, softening and working points.
 * Throws when the points are out of order, which no glass is.
 */
export function fitVft({ annealing, softening, working }: FixedPoints): Vft {
  if (!(annealing < softening && softening < working))
    throw new RangeError(
      tr`The fixed points must rise: annealing ${annealing} < softening ${softening} < working ${working} °C.`,
    );
  return vftThrough([
    [annealing, LOG_ANNEALING],
    [softening, LOG_SOFTENING],
    [working, LOG_WORKING],
  ]);
}

/** A place on a viscosity curve: °C and log₁₀ η. */
export type CurvePoint = readonly [temperature: number, log: number];

/** The VFT curve exactly through three points of rising temperature and falling viscosity. */
export function vftThrough([[t1, l1], [t2, l2], [t3, l3]]: readonly [
  CurvePoint,
  CurvePoint,
  CurvePoint,
]): Vft {
  // (L1−L2)/(L2−L3) = (T2−T1)(T3−T0) / ((T3−T2)(T1−T0)) is linear in T0.
  const k = (((l1 - l2) / (l2 - l3)) * (t3 - t2)) / (t2 - t1);
  const t0 = (k * t1 - t3) / (k - 1);
  const b = ((l1 - l2) * (t1 - t0) * (t2 - t0)) / (t2 - t1);
  return { a: l1 - b / (t1 - t0), b, t0 };
}

/**
 * log₁₀ η (Pa·s) at a temperature in °C; Infinity at and below the curve's own T₀.
 *
 * @example logViscosity(fitVft(softBatch96), 690) // 6.6, its softening point
 */
export const logViscosity = (vft: Vft, temperature: number): number =>
  temperature <= vft.t0 ? Infinity : vft.a + vft.b / (temperature - vft.t0);

/** The temperature in °C where log₁₀ η (Pa·s) has the given value. */
export const temperatureAtLog = (vft: Vft, log: number): number => vft.t0 + vft.b / (log - vft.a);

/** The strain point (10^13.5 Pa·s) of a glass, °C, from its own curve. */
export const strainPoint = (points: FixedPoints): number =>
  temperatureAtLog(fitVft(points), LOG_STRAIN);

/**
 * The strain point everything goes by, °C: as it was given, else of the glass's own curve.
 *
 * @example strainOf(softBatch96) // 475.4 °C, of the curve itself
 */
export const strainOf = (glass: FixedPoints & Pick<Glass, 'strainPoint'>): number =>
  glass.strainPoint ?? strainPoint(glass);
