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

/** An ordinary small shop, until it says what it has. From memory; every entry is the user's to change. Lengths m, s, W, J/K, K. */
export const ORDINARY_SHOP = {
  gloryHoles: [
    { name: 'the small hole', mouth: 0.15, reach: 0.3 },
    { name: 'the big hole', mouth: 0.36, reach: 0.5 },
  ],
  annealers: [
    {
      name: 'the front box',
      width: 0.45,
      depth: 0.45,
      height: 0.4,
      coolingTime: 4 * 3600,
      power: 4500,
      capacity: 45e3,
      unevenness: 8,
    },
    {
      name: 'the big box',
      width: 0.9,
      depth: 0.6,
      height: 0.6,
      coolingTime: 6 * 3600,
      power: 9000,
      capacity: 110e3,
      unevenness: 12,
    },
  ],
  irons: [
    { name: 'small pipe', diameter: 0.0191, hollow: true },
    { name: 'pipe', diameter: 0.0254, hollow: true },
    { name: 'big pipe', diameter: 0.0318, hollow: true },
    { name: 'bit iron', diameter: 0.0127, hollow: false },
    { name: 'punty', diameter: 0.0191, hollow: false },
  ],
  blocks: [0.051, 0.064, 0.076, 0.089, 0.102, 0.127, 0.152],
  stock: [
    { glass: 'borosilicate-33', diameter: 0.032, wall: 0.004, length: 1.5 },
    { glass: 'borosilicate-33', diameter: 0.038, wall: 0.0025, length: 1.5 },
    { glass: 'borosilicate-33', diameter: 0.038, wall: 0.004, length: 1.5 },
    { glass: 'borosilicate-33', diameter: 0.016, wall: 0.002, length: 1.5 },
    { glass: 'borosilicate-33', diameter: 0.01, length: 1.5 },
    { glass: 'borosilicate-33', diameter: 0.007, length: 1.5 },
    { glass: 'soft-rod-104', diameter: 0.006, length: 0.5 },
  ],
};
