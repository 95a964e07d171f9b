// Consistency: what glass of a given viscosity will do under a tool, in the shop's own words.

import { temperatureAtLog, type Vft } from './viscosity';

/** From runniest to coldest. The bands go by viscosity, so they are the same for every glass. */
export type Band = 'runny' | 'soft' | 'workable' | 'stiff' | 'set' | 'brittle';

// Upper bounds in log₁₀ η (Pa·s); below the strain point (13.5) glass is brittle.
const BANDS: readonly (readonly [Band, number])[] = [
  ['runny', 2.6],
  ['soft', 3.6],
  ['workable', 5],
  ['stiff', 6.6],
  ['set', 13.5],
];

/**
 * The band of a log₁₀ viscosity (Pa·s). Bounds belong to the colder band.
 *
 * @example
 * consistency(3) // 'soft'
 * consistency(6) // 'stiff'
 */
export function consistency(logEta: number): Band {
  for (const [band, upper] of BANDS) if (logEta < upper) return band;
  return 'brittle';
}

/** A band of one glass: it begins above `from`, °C; brittle begins anywhere. */
export interface BandSpan {
  readonly band: Band;
  readonly from: number;
}

/** The bands of a glass by temperature, from the hottest down. */
export const bandSpans = (vft: Vft): BandSpan[] => [
  ...BANDS.map(([band, upper]) => ({ band, from: temperatureAtLog(vft, upper) })),
  { band: 'brittle', from: -Infinity },
];
