// What is known of a glass by number.
import type { Quantity } from '@zanfirico/contract/rack';

/** What is known of a glass by number. SI; temperatures °C. */
export const QUANTITIES = [
  'expansion',
  'strainPoint',
  'annealing',
  'softening',
  'working',
  'density',
  'youngsModulus',
  'poisson',
  'conductivity',
  'specificHeat',
  'stressOptical',
] as const satisfies readonly Quantity[];
