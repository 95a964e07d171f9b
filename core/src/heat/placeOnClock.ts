// Heats placed for the clock the work really has: a helper who is late, hands that are few, a fire somebody else is at. What the clock
// makes the glass wait is put into the placing, until nothing is wrong by that clock or no more is gained.
import { inTurn, withHelpers } from '../work/clock';
import { factsOf, type WorkStep } from '../work/facts';
import { afterJoins, areOne } from '../work/joined';
import type { HeatPart } from './hotShop';
import { heatOfWork, type WorkHeat } from './ofWork';
import { placeHeats, type Placed, type Working } from './placeHeats';
import { STUDIO_FIRES, type Fires } from './surroundings';

/** Gives every step of an order its start, s. */
export type Clock = (steps: readonly WorkStep[]) => readonly number[];

/** An order by its clock. */
export interface OnClock {
  readonly placed: Placed;
  readonly starts: readonly number[];
  readonly heat: WorkHeat;
}

/** The clock of who works alone, or with helpers beside. */
export const ordinaryClock =
  ({ main, helpers }: Pick<Working, 'main' | 'helpers'>): Clock =>
  (steps) =>
    helpers ? withHelpers(steps, main) : inTurn(steps);

/** Kept further clear of every limit with each round, log₁₀ η. */
const ROUNDS = [0.08, 0.2, 0.35] as const;

/** How much is wrong with an order by its heat: what will not do weighs more than all that is to be watched. */
export const wrongs = (heat: WorkHeat): number =>
  heat.steps.reduce(
    (sum, s) => sum + (s.verdict?.verdict === 'no' ? 100 : s.verdict?.verdict === 'watch' ? 1 : 0),
    0,
  );

/** Seconds the glass at the bench waits before each step, beyond what it is worked: by the step's id. */
export function waitsOf(
  steps: readonly WorkStep[],
  starts: readonly number[],
  main: number,
): ReadonlyMap<string, number> {
  const groups = afterJoins(steps);
  const waits = new Map<string, number>();
  let end: number | undefined;
  steps
    .map((s, i) => ({ s, start: starts[i] ?? 0 }))
    .filter(({ s }) => factsOf(s).off === undefined && areOne(groups, s.part, main))
    .sort((a, b) => a.start - b.start)
    .forEach(({ s, start }) => {
      if (s.part === main || end !== undefined) {
        const gap = end === undefined ? 0 : start - end;
        if (gap > 0.5 && s.part === main) waits.set(s.id, gap);
        end = Math.max(end ?? 0, start + Math.max(0, s.seconds));
      }
    });
  return waits;
}

/** Places the heats so that they hold by a clock; the best of some rounds. */
export function placeOnClock(
  parts: readonly HeatPart[],
  steps: readonly WorkStep[],
  working: Working,
  fires: Fires = STUDIO_FIRES,
  clock: Clock = ordinaryClock(working),
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
    waits = working.helpers ? waitsOf(placed.steps, starts, working.main) : waits;
  }
  return best as OnClock;
}
