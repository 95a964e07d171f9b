// The face of this room: how much is left.
export { cook, CHARGED, SEED, type Cooked } from './charge';
export { potDepth, potMass, potRadius } from './form';
export { entriesOf, ledger } from './ledger';
export { daysLeft, levelAt, usedADay } from './level';
export { buckets } from './scrap';
export { spoilt } from './spoilt';
export { stiffens } from './stiffens';
