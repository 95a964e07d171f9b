// A glass: the handful of numbers every calculation asks of it.

/** Soft (soda-lime, lead) or hard (borosilicate): the two never join. */
export type Family = 'soft' | 'hard';

/** A glass as a supplier's sheet gives it. SI; fixed points in °C. */
export interface Glass {
  readonly id: string;
  readonly name: string;
  readonly family: Family;
  /** Mean linear expansion 20–300 °C, 1/K. */
  readonly expansion: number;
  /** Annealing point, 10^12 Pa·s, °C. */
  readonly annealing: number;
  /** Strain point where one was given or measured, °C; else it follows from the curve. */
  readonly strainPoint?: number | undefined;
  /** Softening point, 10^6.6 Pa·s, °C. */
  readonly softening: number;
  /** Working point, 10^3 Pa·s, °C. */
  readonly working: number;
  /** kg/m³ at room temperature. */
  readonly density: number;
  /** kg/m³ as gathered. */
  readonly moltenDensity: number;
  /** Young's modulus, Pa. */
  readonly youngsModulus: number;
  /** Poisson's ratio. */
  readonly poisson: number;
  /** W/(m·K) in the annealing range. */
  readonly conductivity: number;
  /** J/(kg·K) in the annealing range. */
  readonly specificHeat: number;
  /** Stress-optical coefficient, 1/Pa. */
  readonly stressOptical?: number | undefined;
  /** What matters to its neighbours, as chemical symbols: lead crystal its lead. */
  readonly holds: readonly string[];
  /** Where the values are from, in words. */
  readonly source: string;
}

/** Thermoelastic modulus M = Eα/(1−ν): stress per kelvin of suppressed shrinkage, Pa/K (Timoshenko & Goodier). */
export const thermoelasticModulus = (g: Glass): number =>
  (g.youngsModulus * g.expansion) / (1 - g.poisson);

/** Thermal diffusivity κ = k/ρc, m²/s, in the annealing range. */
export const diffusivity = (g: Glass): number => g.conductivity / (g.density * g.specificHeat);
