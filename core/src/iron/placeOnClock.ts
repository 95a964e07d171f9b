// Heats placed for the clock the work really has: a helper who is late, hands that are few, a fire somebody else is at. What the clock
// makes the glass wait is put into the placing, until nothing is wrong by that clock or no more is gained.
import { clockOf } from '../work/clock';
import { factsOf, type WorkStep } from '../work/facts';
import { eachApart, joinOf, partsIn, partsTogether, unite } from '../work/joined';
import type { HeatPart } from './hotShop';
import { heatOfWork, type WorkHeat } from './ofWork';
import type { Working } from './passing';
import { placeHeats, type PlacedHeats } from './placeHeats';
import { STUDIO_FIRES, type Fires } from './surroundings';

/** Gives every step of an order its start, s. */
export type Clock = (steps: readonly WorkStep[]) => readonly number[];

/** An order by its clock. */
export interface OnClock {
  readonly placed: PlacedHeats;
  readonly starts: readonly number[];
  readonly heat: WorkHeat;
}

/** Kept further clear of every limit with each round, log₁₀ η. */
const ROUNDS = [0.08, 0.2, 0.35] as const;

/** How much is wrong with an order by its heat: what will not do weighs more than all that is to be watched. */
export const wrongs = (heat: WorkHeat): number =>
  heat.steps.reduce(
    (sum, s) => sum + (s.verdict?.verdict === 'no' ? 100 : s.verdict?.verdict === 'watch' ? 1 : 0),
    0,
  );

/** Seconds glass waits in the air before each step it is worked at, by the step's id: whatever is one with it was left that long. */
export function waitsOf(
  steps: readonly WorkStep[],
  starts: readonly number[],
): ReadonlyMap<string, number> {
  const groups = eachApart(partsIn(steps));
  const waits = new Map<string, number>();
  /** When each part was let go last; nowhere while it is parked or not begun. */
  const free: (number | undefined)[] = groups.map(() => undefined);
  steps
    .map((s, i) => ({ s, start: starts[i] ?? 0 }))
    .filter(({ s }) => factsOf(s).off === undefined && groups[s.part] !== undefined)
    .sort((a, b) => a.start - b.start)
    .forEach(({ s, start }) => {
      const mine = partsTogether(groups, s.part);
      const since = Math.max(-Infinity, ...mine.map((k) => free[k] ?? -Infinity));
      if (start - since > 0.5 && since > -Infinity) waits.set(s.id, start - since);
      const join = joinOf(s);
      if (join) unite(groups, join.part, join.to);
      const parked = factsOf(s).does === 'park';
      for (const k of partsTogether(groups, s.part))
        free[k] = parked ? undefined : start + Math.max(0, s.seconds);
    });
  return waits;
}

/** Places the heats so that they hold by a clock; the best of some rounds. */
export function placeOnClock(
  parts: readonly HeatPart[],
  steps: readonly WorkStep[],
  working: Working,
  fires: Fires = STUDIO_FIRES,
  clock: Clock = (order) => clockOf(order, working),
): OnClock {
  let best: OnClock | undefined;
  let waits = working.waits;
  for (const margin of ROUNDS) {
    const placed = placeHeats(parts, steps, { ...working, waits, margin }, fires);
    const starts = clock(placed.steps);
    const heat = heatOfWork(parts, placed.steps, starts, fires);
    if (!best || wrongs(heat) < wrongs(best.heat)) best = { placed, starts, heat };
    // A step no heat could save is not saved by more room.
    if (wrongs(heat) === 0 || !placed.ok) break;
    waits = working.helpers ? waitsOf(placed.steps, starts) : waits;
  }
  return best as OnClock;
}
