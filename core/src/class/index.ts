// The face of this room: a class and its hole.
export { holdAgainst, limitsOf, type HeldAgainst } from './exercise';
export { fairHole, type Turn } from './fairHole';
export { gathersTaken, type GatherTaken } from './halves';
export { nextTime, type NextTime } from './nextTime';
export { comesNearer, howNear } from './overWeeks';
export { outTooLong, type OutToo } from './tooLong';
export { TWO_WORDS } from './twoWords';
