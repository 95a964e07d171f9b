// One step after another, as fast as a search needs it: what a step does to the glass, who waits meanwhile, and what goes wrong in it.
import { factsOf, onTheClock, type WorkStep } from '../work/facts';
import { areOne, joinOf, partsTogether } from '../work/joined';
import { copyState, integrate, type HeatPart, type HeatState } from './hotShop';
import { beginPart, finish } from './stepEffects';
import type { Fires } from './surroundings';
import {
  found,
  heatedTrouble,
  sagTrouble,
  heatTrouble,
  type GlassStiffness,
  type Trouble,
} from './trouble';
import { coldTrouble } from './troubleCold';
import { bitTrouble, faces } from './troubleJoins';

/** How the shop works: alone, or with helpers who make what is to be joined beside the main part. */
export interface Working {
  readonly main: number;
  readonly helpers: boolean;
  /** Seconds the glass at the bench has to wait before a step, by its id: what a crew that is there brings with it. */
  readonly waits?: ReadonlyMap<string, number> | undefined;
  /** How far every limit is kept clear of, log₁₀ η. */
  readonly margin?: number | undefined;
}

/** Kept clear of the strain point while placing, beyond what is to be watched, K. */
const MARGIN = 10;
/** Kept short of a step's stiffest glass, log₁₀ η: the clock it is judged by runs in finer steps. */
export const STIFF_MARGIN = 0.08;
/** Time steps while placing, s. */
const DT = 2;

/** A shop at work: what is made, in which fires, by whom. */
export interface Shop {
  readonly parts: readonly HeatPart[];
  readonly stiff: GlassStiffness;
  readonly fires: Fires;
  readonly working: Working;
}

/** Lets one step pass; what went wrong in it, if anything did. */
export function pass(shop: Shop, state: HeatState, step: WorkStep): Trouble | undefined {
  const { parts, stiff, fires, working } = shop;
  const { groups } = state;
  const margin = working.margin ?? STIFF_MARGIN;
  const { off } = factsOf(step);
  if (!onTheClock(step)) return undefined;
  const length = Math.max(0, step.seconds);
  const onMain = areOne(groups, step.part, working.main);
  if (off === 'beside') {
    if (working.helpers && state.phase[working.main] !== 'absent') {
      if (!working.waits) state.helper.pending += length;
    } else integrate(state, parts, [], length, DT, fires);
    return undefined;
  }
  const wait = working.waits?.get(step.id) ?? 0;
  // Only this glass is left standing: what else there is has waits of its own.
  if (wait > 0)
    integrate(
      state,
      parts,
      [],
      wait,
      DT,
      fires,
      undefined,
      undefined,
      new Set(partsTogether(groups, step.part)),
    );
  const apart = working.helpers && state.phase[working.main] !== 'absent' && !onMain;
  const join = joinOf(step);
  // A helper's work costs the main part no time, but for what it takes longer than the work since the last join.
  const beside = apart && (join === undefined || !areOne(groups, join.to, working.main));
  if (beside) state.helper.pending += working.waits ? 0 : length;
  else {
    if (apart || (onMain && state.helper.pending > 0)) {
      const late = state.helper.pending - state.helper.since;
      if (late > 0) {
        const others = apart
          ? new Set(parts.flatMap((_, k) => (areOne(groups, k, step.part) ? [] : [k])))
          : undefined;
        integrate(state, parts, [], late, DT, fires, undefined, undefined, others);
      }
      state.helper.pending = 0;
      state.helper.since = 0;
    }
    if (!apart) state.helper.since += length;
  }
  beginPart(state, parts, step, fires);
  const met = faces(state, parts, stiff, step) ?? bitTrouble(state, parts, stiff, step);
  const only = beside
    ? new Set([
        ...partsTogether(groups, step.part),
        ...(join ? partsTogether(groups, join.to) : []),
      ])
    : undefined;
  integrate(state, parts, [step], length, DT, fires, undefined, undefined, only);
  const own =
    heatTrouble(step, parts, stiff, found(state, parts, step), margin) ??
    heatedTrouble(state, parts, stiff, step, margin) ??
    coldTrouble(state, parts, stiff, MARGIN) ??
    sagTrouble(state, parts, stiff, step, fires);
  finish(state, parts, step);
  return met ?? own;
}

/** Can heat mend it? Glass that should have set wants time; glass that runs wants less heat. */
export const curable = (t: Trouble): boolean =>
  t.kind === 'stiff' || t.kind === 'cold' || t.kind === 'faces';
/** Only waiting mends it. */
export const patience = (t: Trouble): boolean => t.kind === 'unset' || t.kind === 'sags';
const WAITING = new Set<string>(['letSet', 'setBase', 'setBubble', 'coolStem', 'flameAnneal']);
/** Whether a step is waiting for glass to set. */
export const waits = (s: WorkStep): boolean => WAITING.has(s.kind);

/** What would go wrong in a step from here; nothing is changed by asking. */
export const foresee = (shop: Shop, state: HeatState, step: WorkStep): Trouble | undefined =>
  pass(shop, copyState(state), step);
