// Placing the heats: the fewest flashes and reheats, then the shortest, that keep every step in its band and every zone
// above its floor. Each is put as late as it can be and made to reach as far as it can: for heats in one line that is the
// fewest there can be, for nothing before the first step that fails could have spared it. Waits for glass to set are made
// as long as it takes.
import { factsOf, type WorkStep, type Zone } from '../work/facts';
import { areOne, joinOf, together } from '../work/joined';
import {
  coldTrouble,
  faces,
  found,
  stiffnessOf,
  troubleOf,
  type Stiffness,
  type Trouble,
} from './trouble';
import { STUDIO_FIRES, type Fires } from './surroundings';
import { coldShop, copyState, integrate, type HeatPart, type HeatState } from './hotShop';
import { begin, finish } from './stepEffects';

/** What came of it. */
export type Placed =
  | {
      readonly ok: true;
      readonly steps: readonly WorkStep[];
      /** Why each heat and each wait is there, by its id. */
      readonly reasons: ReadonlyMap<string, string>;
    }
  | {
      readonly ok: false;
      /** The first step nothing could save, and how many seconds it is too long. */
      readonly step: string;
      readonly seconds: number;
      readonly because: string;
      /** Placed all the same, with that step as it is. */
      readonly steps: readonly WorkStep[];
      readonly reasons: ReadonlyMap<string, string>;
    };

/** How the shop works: alone, or with helpers who make what is to be joined beside the main part. */
export interface Working {
  readonly main: number;
  readonly helpers: boolean;
}

/** Heats tried, s. */
const TRIED = [4, 6, 8, 10, 12, 15, 20, 25, 30, 40, 50, 60, 80, 100, 130, 170, 220];
/** Waits tried, s. */
const WAITS = [10, 20, 30, 40, 50, 60, 75, 90, 110, 130, 160, 200, 240];
/** Shorter than this is a flash. */
const FLASH = 12;
/** Steps looked ahead when a heat is made to reach on. */
const AHEAD = 7;
/** Kept clear of the strain point while placing, beyond what is to be watched, K. */
const MARGIN = 10;
/** Time steps while placing, s. */
const DT = 2;

const isHeat = (s: WorkStep): boolean =>
  s.pinned !== true && (s.kind === 'reheat' || s.kind === 'flash');

interface Shop {
  readonly parts: readonly HeatPart[];
  readonly stiff: Stiffness;
  readonly fires: Fires;
  readonly working: Working;
}

/** Lets one step pass; what went wrong in it, if anything did. */
function pass(
  { parts, stiff, fires, working }: Shop,
  state: HeatState,
  step: WorkStep,
): Trouble | undefined {
  const { groups } = state;
  const apart =
    working.helpers &&
    state.phase[working.main] !== 'absent' &&
    !areOne(groups, step.part, working.main);
  const join = joinOf(step);
  // A helper's work costs the main part no time, but for what it takes longer than the work since the last join.
  const beside = apart && (join === undefined || !areOne(groups, join.to, working.main));
  if (beside) state.helper.pending += Math.max(0, step.seconds);
  else if (apart) {
    const wait = state.helper.pending - state.helper.since;
    if (wait > 0) {
      const others = new Set(parts.flatMap((_, k) => (areOne(groups, k, step.part) ? [] : [k])));
      integrate(state, parts, [], wait, DT, fires, undefined, undefined, others);
    }
    state.helper.pending = 0;
    state.helper.since = 0;
  } else state.helper.since += Math.max(0, step.seconds);
  begin(state, parts, step, fires);
  const met = faces(state, parts, stiff, step);
  const only = beside
    ? new Set([...together(groups, step.part), ...(join ? together(groups, join.to) : [])])
    : undefined;
  integrate(state, parts, [step], Math.max(0, step.seconds), DT, fires, undefined, undefined, only);
  const end = found(state, parts, step);
  const own = troubleOf(step, parts, stiff, end) ?? coldTrouble(state, parts, stiff, MARGIN);
  finish(state, parts, step);
  return met ?? own;
}

/** Can heat mend it? Glass that should have set wants time; glass that runs wants less heat. */
const curable = (t: Trouble): boolean =>
  t.kind === 'stiff' || t.kind === 'cold' || t.kind === 'faces';

/**
 * Places the heats of an order and the waits. Pinned steps stay as they are; the long reheat stays where it is and is made as
 * long as it must be.
 */
export function placeHeats(
  parts: readonly HeatPart[],
  steps: readonly WorkStep[],
  working: Working,
  fires: Fires = STUDIO_FIRES,
): Placed {
  const shop: Shop = { parts, stiff: stiffnessOf(parts), fires, working };
  const wanted = [...steps.filter((s) => !isHeat(s))];
  const out: WorkStep[] = [];
  const reasons = new Map<string, string>();
  let failed: { step: string; seconds: number; because: string } | undefined;
  let state = coldShop(parts);
  let n = 0;
  const names = new Set(steps.map((s) => s.id));
  const nextId = (): string => {
    do n += 1;
    while (names.has(`h${String(n)}`));
    return `h${String(n)}`;
  };
  for (let i = 0; i < wanted.length; i += 1) {
    let step = wanted[i] as WorkStep;
    const before = copyState(state);
    if (step.kind === 'longReheat' && step.pinned !== true) {
      const best = bestHeat(shop, before, wanted, i + 1, step.part, ['top', 'all'], 'longReheat');
      const long = best ? { ...step, seconds: best.seconds, zone: best.zone } : step;
      pass(shop, state, long);
      out.push(long);
      reasons.set(step.id, 'Its top has been away from the fire longest.');
      continue;
    }
    let trouble = pass(shop, state, step);
    if (!trouble) {
      out.push(step);
      continue;
    }
    if (trouble.kind === 'unset' && step.pinned !== true) {
      const wait = WAITS.find(
        (seconds) =>
          seconds > step.seconds &&
          pass(shop, copyState(before), { ...step, seconds })?.kind !== 'unset',
      );
      if (wait !== undefined) {
        reasons.set(step.id, trouble.verdict.because);
        step = { ...step, seconds: wait };
      }
      state = copyState(before);
      trouble = pass(shop, state, step);
      if (!trouble || !curable(trouble)) {
        out.push(step);
        continue;
      }
      // What waits has to stay hot elsewhere: the heat comes before the wait.
      wanted[i] = step;
    }
    const best = curable(trouble)
      ? bestHeat(shop, before, wanted, i, trouble.part, [
          'all',
          ...(trouble.end === 'all' || trouble.end === 'middle' ? [] : [trouble.end]),
          ...(step.zone === undefined && factsOf(step).zone === 'all'
            ? []
            : [step.zone ?? factsOf(step).zone]),
        ])
      : undefined;
    if (!best) {
      if (curable(trouble) && !failed)
        failed = {
          step: step.id,
          seconds: Math.max(1, Math.ceil(step.seconds - longest(shop, before, step, trouble.part))),
          because: trouble.verdict.because,
        };
      out.push(step);
      continue;
    }
    const torch = factsOf(step).station === 'torch';
    const heat: WorkStep = {
      id: nextId(),
      kind: torch ? 'flameAnneal' : best.seconds < FLASH ? 'flash' : 'reheat',
      part: best.part,
      seconds: best.seconds,
      ...(best.zone !== 'all' && { zone: best.zone }),
    };
    reasons.set(heat.id, trouble.verdict.because);
    state = before;
    pass(shop, state, heat);
    pass(shop, state, step);
    out.push(heat, step);
  }
  return failed ? { ok: false, ...failed, steps: out, reasons } : { ok: true, steps: out, reasons };
}

interface Heat {
  readonly part: number;
  readonly zone: Zone;
  readonly seconds: number;
}

/** The heat before step i that reaches furthest; of those the shortest. */
function bestHeat(
  shop: Shop,
  from: HeatState,
  steps: readonly WorkStep[],
  i: number,
  part: number,
  zones: readonly Zone[],
  kind: 'reheat' | 'longReheat' = 'reheat',
): Heat | undefined {
  const step = steps[i];
  if (!step) return undefined;
  const torch = factsOf(step).station === 'torch';
  let best: { heat: Heat; reach: number } | undefined;
  for (const zone of new Set(zones))
    for (const seconds of TRIED) {
      const heat: Heat = { part, zone, seconds };
      const state = copyState(from);
      pass(shop, state, { id: '', kind: torch ? 'shapeTorch' : kind, ...heat });
      let reach = 0;
      for (let k = i; k < Math.min(steps.length, i + AHEAD); k += 1) {
        const trouble = pass(shop, state, steps[k] as WorkStep);
        // A wait that is too short is made longer in its own turn.
        if (trouble && trouble.kind !== 'unset') break;
        reach += 1;
        if ((steps[k] as WorkStep).kind === 'longReheat') break;
      }
      if (reach > 0 && (!best || reach > best.reach)) best = { heat, reach };
    }
  return best?.heat;
}

/** How long the step would hold after the best heat, s. */
function longest(shop: Shop, from: HeatState, step: WorkStep, part: number): number {
  let most = 0;
  for (const seconds of TRIED) {
    const heated = copyState(from);
    pass(shop, heated, { id: '', kind: 'reheat', part, seconds });
    let [low, high] = [0, step.seconds];
    for (let k = 0; k < 6; k += 1) {
      const middle = (low + high) / 2;
      const trouble = pass(shop, copyState(heated), { ...step, seconds: middle });
      if (trouble && curable(trouble)) high = middle;
      else low = middle;
    }
    most = Math.max(most, low);
  }
  return most;
}
