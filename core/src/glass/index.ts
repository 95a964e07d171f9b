// The face of this room: a glass and how stiff it is.
export { bandSpans, consistency, type BandSpan } from './consistency';
export type { Family, Glass } from './glass';
export { fitVft, logViscosity, strainOf } from './viscosity';
export { MELT_HEAT, MELTING } from './melting';
