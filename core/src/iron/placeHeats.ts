// Placing the heats: the fewest flashes and reheats, then the shortest, that keep every step in its band and every zone
// above its floor. Each is put as late as it can be and made to reach as far as it can: for heats in one line that is the
// fewest there can be, for nothing before the first step that fails could have spared it. A heat never makes a formed wall run;
// where no one heat lasts for a step, the step is done in two goes with a heat between. Waits for glass to set, and to keep its
// form when it is let go, are made as long as it takes.
import type { Zone } from '@zanfirico/contract/order';
import { tr } from '../words/tr';
import { factsOf, type WorkStep } from '../work/facts';
import {
  bestHeat,
  flashFirst,
  heatFor,
  inGoes,
  longest,
  longHeat,
  settled,
  TRIED,
  WAITS,
} from './heatSearch';
import { coldShop, copyState, type HeatPart, type HeatState } from './hotShop';
import { curable, foresee, pass, patience, waits, type Shop, type Working } from './passing';
import { STUDIO_FIRES, type Fires } from './surroundings';
import { stiffnessOf, type Trouble } from './trouble';

/** What came of it. */
export type PlacedHeats =
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

/** In the flame, s. */
const FLAMES = [20, 30, 40, 50, 60, 80, 100, 130, 170, 220, 280, 350, 450, 600, 800, 1100];
/** Shorter than this is a flash. */
const FLASH = 12;
/** A step's wait is made longer, and its heat again, so often at most. */
const ROUNDS = 4;

/** What a heat so long before a step is called. */
function heatOf(step: WorkStep, seconds: number): 'warmThrough' | 'reheat' | 'flash' {
  const fire = heatFor(step);
  return fire === 'reheat' && seconds < FLASH ? 'flash' : fire;
}

const isHeat = (s: WorkStep): boolean =>
  s.pinned !== true && (s.kind === 'reheat' || s.kind === 'flash' || s.kind === 'warmThrough');

/** The first of some lengths a step can be given that ends a kind of trouble. */
const firstFree = (
  shop: Shop,
  state: HeatState,
  step: WorkStep,
  lengths: readonly number[],
  isIt: (trouble: Trouble) => boolean,
): number | undefined =>
  lengths.find((seconds) => {
    const then = foresee(shop, state, { ...step, seconds });
    return !then || !isIt(then);
  });
const stiff = ({ kind }: Trouble): boolean => kind === 'stiff';
const runs = ({ kind }: Trouble): boolean => kind === 'runs';
const longer = (step: WorkStep, lengths: readonly number[]): number[] =>
  lengths.filter((seconds) => seconds > step.seconds);
/** A step as long as its glass wants: a wait until it has set, flame work until it flows, a fire only what its walls bear. */
function fitted(
  shop: Shop,
  state: HeatState,
  step: WorkStep,
  reasons: Map<string, string>,
): WorkStep {
  if (step.pinned === true || step.kind === 'longReheat') return step;
  const { heat } = factsOf(step);
  if (!waits(step) && heat !== 'flame' && heat !== 'glory hole') return step;
  const trouble = foresee(shop, state, step);
  if (!trouble) return step;
  if (waits(step) && patience(trouble)) {
    const seconds = firstFree(shop, state, step, longer(step, WAITS), patience);
    if (seconds === undefined) return step;
    reasons.set(step.id, trouble.verdict.because);
    return { ...step, seconds };
  }
  if (heat === 'flame' && stiff(trouble)) {
    const seconds = firstFree(shop, state, step, longer(step, FLAMES), stiff);
    return seconds === undefined ? step : { ...step, seconds };
  }
  if (heat !== 'glory hole' || !runs(trouble)) return step;
  const shorter = TRIED.filter((seconds) => seconds < step.seconds).reverse();
  const seconds =
    firstFree(shop, state, step, shorter, runs) ?? Math.min(step.seconds, TRIED[0] ?? 3);
  return { ...step, seconds };
}

/** The ends a heat may be given for a trouble: all of it, where the trouble is, where the step works. */
const endsOf = (step: WorkStep, trouble: Trouble): Zone[] => [
  'all',
  ...(trouble.end === 'all' || trouble.end === 'middle' ? [] : [trouble.end]),
  ...(step.zone === undefined && factsOf(step).zone === 'all'
    ? []
    : [step.zone ?? factsOf(step).zone]),
];

/** A step nothing could save, and how much it is too long. */
const failedAt = (shop: Shop, state: HeatState, step: WorkStep, trouble: Trouble) => ({
  step: step.id,
  seconds: Math.max(1, Math.ceil(step.seconds - longest(shop, state, step, trouble.part))),
  because: trouble.verdict.because,
});

/** A heat as a step. */
const asHeat = (
  id: string,
  step: WorkStep,
  { part, seconds, zone }: { readonly part: number; readonly seconds: number; readonly zone: Zone },
): WorkStep => ({
  id,
  kind: heatOf(step, seconds),
  part,
  seconds,
  ...(zone !== 'all' && { zone }),
});

/** A heat that was put goes again. */
function takeOut(out: WorkStep[], reasons: Map<string, string>, id: string): void {
  out.splice(
    out.findIndex((s) => s.id === id),
    1,
  );
  reasons.delete(id);
}

/** Ids no step has yet. */
function freshIds(steps: readonly WorkStep[]): () => string {
  const names = new Set(steps.map((s) => s.id));
  let n = 0;
  return () => {
    do n += 1;
    while (names.has(`h${String(n)}`));
    return `h${String(n)}`;
  };
}

/**
 * Places the heats of an order and the waits. Pinned steps stay as they are; the long reheat stays where it is, as long as it is or
 * longer, and no other heat is longer than it where that can be.
 */
export function placeHeats(
  parts: readonly HeatPart[],
  steps: readonly WorkStep[],
  working: Working,
  fires: Fires = STUDIO_FIRES,
): PlacedHeats {
  const shop: Shop = { parts, stiff: stiffnessOf(parts), fires, working };
  const wanted = [...steps.filter((s) => !isHeat(s))];
  const long = Math.max(0, ...wanted.map((s) => (s.kind === 'longReheat' ? s.seconds : 0)));
  const cap = long > 0 ? long : Infinity;
  const out: WorkStep[] = [];
  const reasons = new Map<string, string>();
  let failed: ReturnType<typeof failedAt> | undefined;
  let state = coldShop(parts, wanted);
  const nextId = freshIds(steps);
  // The heat just put, and how it was before it: one longer heat is better than two in a row.
  let just: { readonly before: HeatState; readonly id: string } | undefined;
  const putHeat = (heat: WorkStep, because: string): void => {
    just = { before: copyState(state), id: heat.id };
    reasons.set(heat.id, because);
    pass(shop, state, heat);
    // What a helper does for the step goes on beside the heat; alone it is done before it.
    let at = out.length;
    while (working.helpers && at > 0 && factsOf(out[at - 1] as WorkStep).off === 'beside') at -= 1;
    out.splice(at, 0, heat);
  };
  for (let i = 0; i < wanted.length; i += 1) {
    let step = wanted[i] as WorkStep;
    if (step.kind === 'longReheat' && step.pinned !== true) {
      const made = longHeat(shop, state, wanted, i);
      pass(shop, state, made);
      out.push(made);
      reasons.set(step.id, tr`Its top has been away from the fire longest.`);
      continue;
    }
    for (let round = 0; ; round += 1) {
      step = fitted(shop, state, step, reasons);
      const trouble = foresee(shop, state, step);
      // Hot where it should have set, and no wait before it: one is put there.
      if (trouble?.kind === 'unset' && !waits(step) && step.pinned !== true && round < ROUNDS) {
        const wait = settled(shop, state, step, nextId());
        if (wait) {
          reasons.set(wait.id, trouble.verdict.because);
          pass(shop, state, wait);
          out.push(wait);
          just = undefined;
          continue;
        }
      }
      if (!trouble || !curable(trouble) || round === ROUNDS) {
        if (trouble && curable(trouble)) failed ??= failedAt(shop, state, step, trouble);
        pass(shop, state, step);
        out.push(step);
        just = undefined;
        break;
      }
      wanted[i] = step;
      const ends = endsOf(step, trouble);
      const instead = just && bestHeat(shop, just.before, wanted, i, trouble.part, ends, cap);
      if (just && instead) {
        state = just.before;
        takeOut(out, reasons, just.id);
      }
      const best =
        instead ??
        bestHeat(shop, state, wanted, i, trouble.part, ends, cap) ??
        (cap < Infinity && bestHeat(shop, state, wanted, i, trouble.part, ends, Infinity));
      if (best) {
        putHeat(asHeat(nextId(), step, best), trouble.verdict.because);
        if (instead) just = undefined;
        continue;
      }
      // While one part is heated the other goes cold: that one is flashed first.
      const first = flashFirst(shop, state, wanted, i, trouble.part, ends, cap);
      if (first) {
        putHeat(
          asHeat(nextId(), step, { part: working.main, seconds: first, zone: 'all' }),
          tr`It goes cold while the other part is heated.`,
        );
        just = undefined;
        continue;
      }
      const goes = inGoes(step, wanted, i, nextId);
      if (!goes) {
        round = ROUNDS - 1;
        continue;
      }
      wanted.splice(i, 1, ...goes);
      step = goes[0];
      round -= 1;
    }
  }
  return failed ? { ok: false, ...failed, steps: out, reasons } : { ok: true, steps: out, reasons };
}
