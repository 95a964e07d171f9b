// The face of this room: annealing; a night searched, checked, told.
export { RESTRAINT, type CoolingWall } from './allow';
export { boxOf, climbAt, lossOf, settlesAt, STUDIO_BOX, type Box } from './box';
export {
  checkedSchedule,
  firstGuess,
  NIGHT_SOLVER,
  seenAs,
  type CheckedNight,
  type Watching,
} from './checked';
export { passesWhere, putThrough, type Assumed, type Outcome } from './outcome';
export { PRACTICES, CLOSE, IN_HAND, MAY_PASS, SAFETY, WORKING_STRESS } from './practice';
export type { WallTrace } from './recorder';
export { KILN_EXCHANGE } from './relaxing/exchange';
export { LIQUID_RATIO, NONLINEARITY, STRUCTURE_SLOWER } from './relaxing/relaxation';
export type { KilnCurve } from './relaxing/walkCurve';
export { annealingSchedule } from './schedule';
export type { Schedule, ScheduleInput, Tuned } from './scheduleInput';
export { flowsAt, sinks, sinksSaid, type Gives } from './sinking';
export { ARRIVES_UNEVEN } from './soak';
export { putAtPlace, putInBox, type InBox } from './unevenBox';
