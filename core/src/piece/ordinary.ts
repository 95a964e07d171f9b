// The shop's ordinary settings: what a fresh piece starts with until someone says otherwise.
import type { PieceInput } from './derive';

/** Pot, iron, dip, allowance and tubing. Common practice, no source; every value is the user's to change. */
export const ORDINARY_MAKING = {
  potTemperature: 1150,
  ironDiameter: 0.0254,
  dipDepth: 0.07,
  allowance: 0.15,
  tube: { outerDiameter: 0.038, wall: 0.004 },
} as const satisfies PieceInput['making'];

/** Studio ware, held at the annealing point, a small box, a day from ten to five. */
export const ORDINARY_FIRING = {
  practice: 'studio',
  holdTemperature: null,
  firstIn: '10:00',
  lastIn: '17:00',
  boxCoolingTime: 4 * 3600,
  doorTemperature: 50,
} as const satisfies PieceInput['firing'];
