// What a composition says of a glass nobody has measured: its fixed points and its expansion, each with its error.
import type { Quantity } from '@zanfirico/contract/rack';
import { expansionFrom } from '../fit/additive';
import { MOLAR_MASS, vftFromComposition, type Composition } from '../glass/lakatos';
import {
  LOG_ANNEALING,
  LOG_SOFTENING,
  LOG_STRAIN,
  LOG_WORKING,
  temperatureAtLog,
} from '../glass/viscosity';

/** A value with its error, in the quantity's own unit. */
export interface Estimated {
  readonly value: number;
  readonly error: number;
}

/** Oxides outside the viscosity model may come to so much, weight per cent, before it says nothing. From memory. */
const STRANGERS = 3;

/**
 * How far the viscosity model misses, K. On DGG standard glass I it is 3 °C off at working and softening point and 12 °C at
 * the annealing point (tested in core/glass); the strain point is taken as the annealing point's.
 */
const POINT_ERROR = { working: 5, softening: 5, annealing: 12, strainPoint: 12 } as const;
const POINT_LOG = {
  working: LOG_WORKING,
  softening: LOG_SOFTENING,
  annealing: LOG_ANNEALING,
  strainPoint: LOG_STRAIN,
} as const;

/**
 * Expansion by additive factors (Winkelmann & Schott 1894), fixed points by Lakatos, Johansson & Simmingsköld (1972) where
 * the glass is a soda-lime. Oxides in weight per cent. Throws what `expansionFrom` throws.
 */
export function estimate(
  weightPercent: Readonly<Record<string, number>>,
): Partial<Record<Quantity, Estimated>> {
  const expansion = expansionFrom(weightPercent);
  const known = Object.keys(MOLAR_MASS) as (keyof Composition)[];
  const strangers = Object.entries(weightPercent)
    .filter(([oxide]) => !(known as string[]).includes(oxide))
    .reduce((sum, [, percent]) => sum + percent, 0);
  if (strangers > STRANGERS || !((weightPercent['SiO2'] ?? 0) > 0)) return { expansion };
  const vft = vftFromComposition(
    Object.fromEntries(known.map((oxide) => [oxide, weightPercent[oxide] ?? 0])) as Composition,
  );
  const point = (name: keyof typeof POINT_LOG): Estimated => ({
    value: temperatureAtLog(vft, POINT_LOG[name]),
    error: POINT_ERROR[name],
  });
  return {
    expansion,
    strainPoint: point('strainPoint'),
    annealing: point('annealing'),
    softening: point('softening'),
    working: point('working'),
  };
}
