// The heat that melting takes.

/** Mean heat capacity of glass up to 1200 °C, J/(kg·K) (PHYSICS §8, from memory). */
export const MELT_HEAT = 1200;
/** What melting takes beside, J/kg: the middle of 0.5 to 0.7 MJ of batch; pellets are batch pressed; cullet is glass already (PHYSICS §8, from memory). */
export const MELTING: Readonly<Record<'batch' | 'pellets' | 'cullet', number>> = {
  batch: 0.6e6,
  pellets: 0.6e6,
  cullet: 0,
};
