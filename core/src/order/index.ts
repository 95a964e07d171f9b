// The face of this room: orders drafted and checked.
export { assess, garageWaits, RISK_WEIGHTS, type Assembly } from './assembly';
export { assemblyOrders } from './assemblyOrders';
export type { DraftInput } from './draftInput';
export { draftPlaced, type Drafted, type Stopped } from './draftPlaced';
export { draftWork } from './draftWork';
export { checkOrder, RULES, type Finding } from './rules';
