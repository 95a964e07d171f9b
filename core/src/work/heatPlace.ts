// Where glass is while a step is done, as heat knows it.

/** A place by name. */
export type HeatPlace =
  | 'bench'
  | 'furnace mouth'
  | 'glory hole'
  | 'marver'
  | 'block'
  | 'tools'
  | 'garage'
  | 'annealer'
  | 'flame'
  | 'soft flame'
  | 'hand torch';

/** Where a piece is shown in the fire: the strands of the Braid dip there. */
export const IN_FIRE: ReadonlySet<HeatPlace> = new Set([
  'glory hole',
  'furnace mouth',
  'flame',
  'soft flame',
  'hand torch',
]);
/** Where it stands in the fire at the bench; a hand torch is brought to it. */
export const STANDS_IN_FIRE: ReadonlySet<HeatPlace> = new Set(['glory hole', 'flame']);
