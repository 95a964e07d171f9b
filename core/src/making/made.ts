// A making as the rules ask for it: its plan with what is beside it, and what happened, parts by number; how it stands is worked out once.
import type { Happened } from './makingState';
import type { WorkStep } from '../work/facts';
import type { PlanClock } from './forecast';
import { makingState, type MakingState, type PlanBeside } from './makingState';

/** A making's plan with its clock and lanes, as workers take it. */
export interface MadePlan extends PlanClock, PlanBeside {
  readonly plan: readonly WorkStep[];
  /** ms */
  readonly begun: number;
  readonly happened: readonly Happened[];
  readonly starts: readonly number[];
}

/** How it stands. */
export const madeState = (made: MadePlan): MakingState<WorkStep> =>
  makingState(made.plan, made.begun, made.happened, made);
