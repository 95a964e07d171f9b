// Expansion from composition: every oxide adds its share (A. Winkelmann & O. Schott, Annalen der Physik 51, 1894).
import { tr } from '../words/tr';

/** Cubic expansion per weight per cent, 1e-7/K, as Winkelmann and Schott give it (from memory). */
const SHARES: Readonly<Record<string, number>> = {
  SiO2: 0.8,
  B2O3: 0.1,
  Li2O: 2.0,
  Na2O: 10.0,
  K2O: 8.5,
  MgO: 0.1,
  CaO: 5.0,
  ZnO: 1.8,
  BaO: 3.0,
  PbO: 3.0,
  Al2O3: 5.0,
  P2O5: 2.0,
  As2O5: 2.0,
};

/** Factors were measured up to 100 °C; means to 300 °C lie about this much higher. From memory. */
const TO_300 = 1.06;
/** How far additive factors miss for ordinary soda-lime and lead glasses, as a share. From memory. */
export const ADDITIVE_ERROR = 0.05;

/** Oxides the factors know. */
export const ADDITIVE_OXIDES: readonly string[] = Object.keys(SHARES);

/** An estimate with its error, 1/K. */
export interface Estimate {
  readonly value: number;
  readonly error: number;
}

/**
 * Mean linear expansion 20–300 °C from oxides in weight per cent. Throws for an oxide without a factor, or when the
 * oxides do not come to about 100 %.
 */
export function expansionFrom(weightPercent: Readonly<Record<string, number>>): Estimate {
  let cubic = 0;
  let sum = 0;
  for (const [oxide, percent] of Object.entries(weightPercent)) {
    const share = SHARES[oxide];
    if (share === undefined)
      throw new RangeError(
        tr`${oxide} has no published factor; known are ${ADDITIVE_OXIDES.join(', ')}.`,
      );
    if (!(percent >= 0 && percent <= 100))
      throw new RangeError(tr`${oxide}: given ${percent} %; allowed 0 to 100 %.`);
    cubic += share * percent;
    sum += percent;
  }
  if (Math.abs(sum - 100) > 2)
    throw new RangeError(
      tr`The oxides come to ${sum.toFixed(1)} %; they should come to 100 % (98 to 102).`,
    );
  const value = ((cubic / sum) * 100 * 1e-7 * TO_300) / 3;
  return { value, error: value * ADDITIVE_ERROR };
}
