// Where a piece would have been lost: the order as it happened put through the bench's heat, and what of it nobody gets away with.
import { heatOfWork } from '../heat/ofWork';
import type { HeatPart } from '../heat/hotShop';
import type { Fires } from '../heat/surroundings';
import type { WorkStep } from '../work/facts';
import { asHappened } from './makingHeat';
import type { MakingState, PlannedStep } from './makingState';

/** A step at which it would have been lost, or nearly, and why. */
export interface LostAt {
  readonly step: string;
  readonly verdict: 'no' | 'watch';
  readonly because: string;
}

/** In the order of the work; what is lost first. */
export function lostAt(
  parts: readonly HeatPart[],
  state: MakingState<PlannedStep & WorkStep>,
  fires: Fires,
): LostAt[] {
  const { steps, starts } = asHappened({ ...state, now: -1 }, state.last, 0);
  if (steps.length === 0) return [];
  return heatOfWork(parts, steps, starts, fires)
    .steps.flatMap(({ id, verdict }): LostAt[] =>
      verdict && verdict.verdict !== 'good'
        ? [{ step: id, verdict: verdict.verdict, because: verdict.because }]
        : [],
    )
    .sort((a, b) => Number(b.verdict === 'no') - Number(a.verdict === 'no'));
}
