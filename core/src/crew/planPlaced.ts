// A crew's plan with heats placed for it: what few hands and one fire make the glass wait goes into the placing, and the plan is made
// anew, until nothing is wrong by its own clock or no more is gained.
import type { HeatPart } from '../heat/hotShop';
import { heatOfWork } from '../heat/ofWork';
import type { Working } from '../heat/placeHeats';
import { ordinaryClock, placeOnClock, waitsOf, type Clock } from '../heat/placeOnClock';
import type { Fires } from '../heat/surroundings';
import type { WorkStep } from '../work/facts';
import { planCrew, type CrewPlan } from './crew';
import type { Looking } from './problem';
import type { Person } from './share';
import type { Stations } from './stations';

/** What is planned for. */
export interface ToPlan {
  readonly steps: readonly WorkStep[];
  readonly parts: readonly HeatPart[];
  readonly working: Working;
  readonly fires: Fires;
}

/** A plan, the steps with the heats placed for it, and those that will not do by its clock. */
export interface CrewPlanned {
  readonly plan: CrewPlan;
  readonly steps: readonly WorkStep[];
  readonly wrong: readonly string[];
}

/** How often heats are placed anew for what a plan makes the glass wait. */
const ROUNDS = 3;

/** Plans a crew, and places the heats for it. `looking.enough` ends the search, and further rounds with it. */
export function planPlaced(
  { steps, parts, working, fires }: ToPlan,
  people: readonly Person[],
  stations: Stations = {},
  looking: Looking = {},
): CrewPlanned {
  const how: Working = { ...working, helpers: people.length > 1 };
  const ordinary = ordinaryClock(how);
  let placed = steps;
  let best: CrewPlanned | undefined;
  for (let round = 0; round < ROUNDS; round += 1) {
    if (round > 0 || how.helpers !== working.helpers)
      placed = placeOnClock(
        parts,
        steps,
        how,
        fires,
        best ? waiting(best, ordinary, how.main) : ordinary,
      ).placed.steps;
    const plan = planCrew(placed, parts, people, how, stations, looking);
    const wrong = heatOfWork(parts, placed, plan.starts, fires).steps.flatMap((s) =>
      s.verdict?.verdict === 'no' ? [s.id] : [],
    );
    if (!best || wrong.length < best.wrong.length) best = { plan, steps: placed, wrong };
    if (wrong.length === 0 || looking.enough?.(plan.nodes) === true) break;
  }
  return best as CrewPlanned;
}

/** The ordinary clock with the waits a plan put into it: what is placed for it holds for the plan. */
function waiting({ plan, steps: planned }: CrewPlanned, ordinary: Clock, main: number): Clock {
  const waits = waitsOf(planned, plan.starts, main);
  return (steps) => {
    let late = 0;
    return ordinary(steps).map((at, i) => {
      late += waits.get(steps[i]?.id ?? '') ?? 0;
      return at + late;
    });
  };
}
