// The face of this room: layers on an iron.
export type { GatherPlan } from './gatherPlan';
export { ENOUGH_WEIGH_INS, learnLayer, type Learned, type WeighIn } from './learnLayer';
export type { Stage } from './stages';
