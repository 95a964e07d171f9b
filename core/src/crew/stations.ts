// The stations of a shop, and how many there are of each.
import type { Station } from '../work/facts';

/** How many of each station there are; those left out are one. */
export type Stations = Readonly<Partial<Record<Station, number>>>;

/** All there can be, in the order of their places in a problem. */
export const STATIONS: readonly Station[] = [
  'bench',
  'glory hole',
  'furnace',
  'marver',
  'garage',
  'annealer',
  'colour kiln',
  'torch',
];
