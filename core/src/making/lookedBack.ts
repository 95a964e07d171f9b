// A making looked back at: the order as it happened put through the bench's heat, and what of it nobody gets away with.
import type { HeatPart } from '../iron/hotShop';
import { heatOfWork, type WorkHeat } from '../iron/ofWork';
import type { Fires } from '../iron/surroundings';
import type { WorkStep } from '../work/facts';
import { forecast, type PlanClock } from './forecast';
import { asDone, planId, type HappenedOrder } from './happened';
import { takenOnTime } from './onTime';
import type { MakingState, PlannedStep } from './makingState';

/** A step at which it would have been lost, or nearly, and why. */
export interface LostAt {
  readonly step: string;
  readonly verdict: 'no' | 'watch';
  readonly because: string;
}

/** How it went: the steps as they were done, their heat, and where it was in danger, what is lost first. */
export interface LookedBack {
  readonly order: HappenedOrder;
  readonly heat: WorkHeat;
  readonly lost: readonly LostAt[];
}

/** Undefined where nothing was done. With the plan's clock helpers who tapped nothing are taken to have been on time. */
export function lookedBack(
  parts: readonly HeatPart[],
  state: MakingState<PlannedStep & WorkStep>,
  fires: Fires,
  plan?: PlanClock,
): LookedBack | undefined {
  const { last } = state;
  const stands = plan ? takenOnTime(state, forecast(state, plan, parts, last), last) : state;
  const order = asDone(stands, last, 0);
  if (order.steps.length === 0) return undefined;
  const heat = heatOfWork(parts, order.steps, order.starts, fires);
  const lost = heat.steps
    .flatMap(({ id, verdict }): LostAt[] =>
      verdict && verdict.verdict !== 'good'
        ? [{ step: planId(id), verdict: verdict.verdict, because: verdict.because }]
        : [],
    )
    .sort((a, b) => Number(b.verdict === 'no') - Number(a.verdict === 'no'));
  return { order, heat, lost };
}
