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
