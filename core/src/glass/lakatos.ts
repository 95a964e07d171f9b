// Viscosity from composition for soda-lime glasses: Lakatos, Johansson & Simmingsköld, Glass Technology 13 (1972).
import { tr } from '../words/tr';
import type { Vft } from './viscosity';

/** Oxides the model knows, and their molar masses in g/mol (IUPAC atomic weights). */
export const MOLAR_MASS = {
  SiO2: 60.084,
  Al2O3: 101.961,
  CaO: 56.077,
  MgO: 40.304,
  Na2O: 61.979,
  K2O: 94.196,
} as const;

/** Composition in weight per cent. */
export type Composition = Readonly<Record<keyof typeof MOLAR_MASS, number>>;

// Coefficients per mol of oxide per mol SiO2; log η in dPa·s = −A + B/(T−T0). From memory.
const B = { Na2O: -6039.7, K2O: -1439.6, CaO: -3919.3, MgO: 6285.3, Al2O3: 2253.4 };
const A = { Na2O: -1.4788, K2O: 0.835, CaO: 1.603, MgO: 5.4936, Al2O3: -1.5183 };
const T0 = { Na2O: -25.07, K2O: -321, CaO: 544.3, MgO: -384, Al2O3: 294.4 };
const LOG_DPAS_PER_PAS = 1;

/** VFT curve (Pa·s) of a soda-lime glass from its oxides. Meant for ordinary soda-lime; elsewhere it is a guess. */
export function vftFromComposition(weight: Composition): Vft {
  const silica = weight.SiO2 / MOLAR_MASS.SiO2;
  if (!(silica > 0)) throw new RangeError(tr`A glass without SiO2 is outside this model.`);
  const mix = (coefficient: Record<keyof typeof B, number>, constant: number): number => {
    let sum = constant;
    for (const oxide of Object.keys(coefficient) as (keyof typeof B)[])
      sum += (coefficient[oxide] * weight[oxide]) / MOLAR_MASS[oxide] / silica;
    return sum;
  };
  return { a: -mix(A, 1.455) - LOG_DPAS_PER_PAS, b: mix(B, 5736.4), t0: mix(T0, 198.1) };
}
