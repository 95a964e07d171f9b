// The face of this room: the morning after.
export { against, drawnOf, BY_SHARE, LET_PASS, type Against } from './against';
export { attemptsFor } from './attempts';
export { besideSteps, besideSum } from './beside';
export { biases, ENOUGH_PIECES, type MadeAgainst } from './biases';
export { CAUSES, causeSays, FACE, WHEN, WHERE, type BreakSeen, type CauseId } from './breaks';
export { planChange, type PlanChange } from './change';
export { diagnose, type Diagnosis, type History } from './diagnose';
export type { Evidence } from './evidence';
export { fitExchange, skinAt, type ReadAt, type ReadMaking } from './exchangeFit';
export { lossesBy, timesBy, type Losses, type Times } from './losses';
export { mirrorStress } from './mirror';
export { FLAWS, MEASURES, morningOf, OUTCOMES, type Morning } from './morning';
export { neckRead, recordOf } from './recordOf';
export { changeIn, runsOf } from './runs';
export { COLOURS_SEEN, stressSeen } from './seen';
export { whereOn } from './whereOn';
export { wilson } from './wilson';
