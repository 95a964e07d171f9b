// The face of this room: a making from its events.
export { boxedAt } from './makingState';
export { asMade } from './asMade';
export { AT_THE_GATHER, type AtHole } from './atHole';
export { leadOf, plannedSeconds } from './begun';
export { benchPlan, type BenchPlan } from './benchPlan';
export { forecast, type Forecast, type Held, type PlanClock } from './forecast';
export { asDone } from './happened';
export { heatWanted, type HeatWanted } from './heatWanted';
export { holding } from './holding';
export { lookedBack, type LookedBack } from './lookedBack';
export { madeState, type MadePlan } from './made';
export { HEAT_SPREAD, heatNow, type GlassNow } from './makingHeat';
export {
  fireNow,
  makingState,
  ranFor,
  takenSeconds,
  type Happened,
  type MakingState,
  type PlannedStep,
  type StepStands,
} from './makingState';
export { oddities } from './oddities';
export { takenOnTime } from './onTime';
export { paceOf, tookOf, type TookOnce } from './ours';
export { REMEDIES } from './remedies';
