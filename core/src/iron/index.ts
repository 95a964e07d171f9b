// The face of this room: heat at the bench.
export { glow } from './glow';
export type { HeatPart } from './hotShop';
export { heatOfWork, type HeatTrack, type WorkHeat } from './ofWork';
export type { Working } from './passing';
export type { PlacedHeats } from './placeHeats';
export { placeOnClock } from './placeOnClock';
export { firesFor, potFor, STUDIO_FIRES, type Fires, type AirExchange } from './surroundings';
export { needOf } from './trouble';
