// A crew's plan with heats placed for it: what few hands and one fire make the glass wait goes into the placing; the search then looks
// for what is shorter and keeps those waits.
import type { Person } from '@zanfirico/contract/order';
import type { HeatPart } from '../iron/hotShop';
import { heatOfWork } from '../iron/ofWork';
import type { Working } from '../iron/passing';
import { placeOnClock, type Clock } from '../iron/placeOnClock';
import type { Fires } from '../iron/surroundings';
import type { WorkStep } from '../work/facts';
import { crewClock, planCrew, type CrewPlan } from './crew';
import type { CrewLooking } from './problem';
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

/** Nodes looked at before heats are placed anew for what this crew makes the glass wait. */
const FIRST_LOOK = 800;

/** Plans a crew, and places the heats for it; `looking.enough` ends the search. */
export function planPlaced(
  { steps, parts, working, fires }: ToPlan,
  people: readonly Person[],
  stations: Stations = {},
  looking: CrewLooking = {},
): CrewPlanned {
  const how: Working = { ...working, helpers: people.length > 1 };
  const plan = (
    order: readonly WorkStep[],
    look: CrewLooking,
    clock?: readonly number[],
  ): CrewPlanned => {
    const found = planCrew(order, parts, people, how, stations, look, clock);
    const wrong = heatOfWork(parts, order, found.starts, fires).steps.flatMap((s) =>
      s.verdict?.verdict === 'no' ? [s.id] : [],
    );
    return { plan: found, steps: order, wrong };
  };
  // Alone the heats are others than with helpers; else they may hold as they are.
  const ordinary =
    how.helpers === working.helpers ? steps : placeOnClock(parts, steps, how, fires).placed.steps;
  const first = plan(ordinary, {
    ...looking,
    enough: (nodes) => nodes > FIRST_LOOK || looking.enough?.(nodes) === true,
  });
  if (first.wrong.length === 0) return first.plan.proven ? first : plan(ordinary, looking);
  const clockOf: Clock = (order) => crewClock(order, parts, people, how, stations);
  const made = placeOnClock(parts, steps, how, fires, clockOf);
  const placed = plan(made.placed.steps, looking, made.starts);
  // What is shorter is not better where glass goes cold for it.
  const slow = plan(made.placed.steps, { ...looking, enough: () => true }, made.starts);
  return [placed, slow, first].reduce((a, b) => (b.wrong.length < a.wrong.length ? b : a));
}
