// What is tried where a step would fail: heats of every length and end, a wait, two goes, a flash of what would go cold meanwhile.
import type { Zone } from '@zanfirico/contract/order';
import { factsOf, type WorkStep } from '../work/facts';
import { areOne } from '../work/joined';
import { copyState, type HeatState } from './hotShop';
import { curable, foresee, pass, patience, STIFF_MARGIN, waits, type Shop } from './passing';

/** Heats tried, s. */
export const TRIED = [3, 4, 6, 8, 10, 12, 15, 20, 25, 30, 40, 50, 60, 80, 100, 130, 170, 220];
/** The customary long heat is made longer by these, s, where it must be. */
const LONGER = [0, 10, 20, 30, 45, 60, 90, 120];
/** One step further is worth so many seconds more of it: about what a flash takes instead. */
const STEP_WORTH = 12;
/** Flashes of the main part tried before another is heated, s. */
const FIRST = [8, 15, 25, 40];
/** Waits tried, s. */
export const WAITS = [
  6, 8, 10, 12, 15, 20, 25, 30, 35, 40, 50, 60, 75, 90, 110, 130, 160, 200, 240, 300, 360, 450, 600,
];
/** Steps looked ahead when a heat is made to reach on. */
const AHEAD = 6;
const HAIR = 0.04;
/** So many longer heats that reach no further are the last that are tried. */
const IDLE = 4;
/** Nothing shorter is done in two goes, s; and nothing in more goes than this. */
const SHORTEST_GO = 4;
const MOST_GOES = 6;

/** The fire glass goes back to before a step: the flame it is worked in, or the hole. What is tried is what is put. */
export const heatFor = (step: WorkStep | undefined): 'warmThrough' | 'reheat' =>
  step && factsOf(step).station === 'torch' ? 'warmThrough' : 'reheat';

/** The wait that lets what a step works set before it; undefined where none does. */
export function settled(
  shop: Shop,
  state: HeatState,
  step: WorkStep,
  id: string,
): WorkStep | undefined {
  const kind = factsOf(step).station === 'torch' ? 'flameAnneal' : 'setBase';
  const wait = (seconds: number): WorkStep => ({
    id,
    kind,
    part: step.part,
    seconds,
    zone: step.zone ?? factsOf(step).zone,
  });
  const enough = WAITS.find((seconds) => {
    const then = copyState(state);
    pass(shop, then, wait(seconds));
    return pass(shop, then, step)?.kind !== 'unset';
  });
  return enough === undefined ? undefined : wait(enough);
}

/** The step in two goes; undefined where it cannot be, or is in as many already. */
export function inGoes(
  step: WorkStep,
  wanted: readonly WorkStep[],
  i: number,
  nextId: () => string,
): [WorkStep, WorkStep] | undefined {
  const { does, off } = factsOf(step);
  if (step.pinned === true || off !== undefined || waits(step)) return undefined;
  if (does !== 'nothing' && does !== 'form') return undefined;
  const half = Math.ceil(step.seconds / 2);
  if (half < SHORTEST_GO) return undefined;
  const like = wanted
    .slice(Math.max(0, i - MOST_GOES), i + MOST_GOES)
    .filter((s) => s.kind === step.kind && s.part === step.part).length;
  if (like >= MOST_GOES) return undefined;
  return [
    { ...step, seconds: half },
    { ...step, id: nextId(), seconds: step.seconds - half },
  ];
}

interface Heat {
  readonly part: number;
  readonly zone: Zone;
  readonly seconds: number;
}

/** How many of the steps from i on pass; a wait that is too short is made longer in its own turn. */
function reachOf(shop: Shop, state: HeatState, steps: readonly WorkStep[], i: number): number {
  let reach = 0;
  for (let k = i; k < Math.min(steps.length, i + AHEAD); k += 1) {
    const step = steps[k] as WorkStep;
    if (step.kind === 'longReheat') return reach + 1;
    const trouble = pass(shop, state, step);
    if (trouble && !(patience(trouble) && waits(step))) break;
    reach += 1;
    // The wait that comes is as long as it takes: nothing counts on beyond it.
    if (trouble) break;
  }
  return reach;
}

/** The heat before step i that reaches furthest; of those the shortest. None of them makes a wall run. */
export function bestHeat(
  shop: Shop,
  from: HeatState,
  steps: readonly WorkStep[],
  i: number,
  part: number,
  zones: readonly Zone[],
  cap: number,
): Heat | undefined {
  const step = steps[i];
  if (!step) return undefined;
  const kind = heatFor(step);
  // What only just holds in these steps of time might not in others.
  const strict = {
    ...shop,
    working: { ...shop.working, margin: (shop.working.margin ?? STIFF_MARGIN) + HAIR },
  };
  let best: { heat: Heat; reach: number } | undefined;
  for (const zone of new Set(zones)) {
    // A longer heat is the shorter one and some more.
    const heated = copyState(from);
    let so = 0;
    let idle = 0;
    for (const seconds of TRIED) {
      if (seconds > cap) break;
      const more: WorkStep = {
        id: '',
        kind,
        part,
        zone,
        seconds: seconds - so,
      };
      const ran = pass(shop, heated, more);
      so = seconds;
      if (ran?.kind === 'runs') break;
      const reach = reachOf(strict, copyState(heated), steps, i);
      if (reach > 0 && (!best || reach > best.reach)) {
        best = { heat: { part, zone, seconds }, reach };
        idle = 0;
      } else idle += 1;
      // Longer ones have not reached further for a while: nor will the next.
      if (best && idle >= IDLE) break;
    }
  }
  return best?.heat;
}

/** How long the main part is heated, s, so that another can be heated after it; undefined where that is no help. */
export function flashFirst(
  shop: Shop,
  from: HeatState,
  steps: readonly WorkStep[],
  i: number,
  part: number,
  zones: readonly Zone[],
  cap: number,
): number | undefined {
  const { main } = shop.working;
  if (from.phase[main] !== 'formed' || areOne(from.groups, part, main)) return undefined;
  for (const seconds of FIRST) {
    const state = copyState(from);
    const flash: WorkStep = { id: '', kind: heatFor(steps[i]), part: main, seconds };
    if (pass(shop, state, flash)?.kind === 'runs') return undefined;
    if (bestHeat(shop, state, steps, i, part, zones, cap)) return seconds;
  }
  return undefined;
}

/** The long heat as long as it is drafted, or as much longer as what follows it needs. */
export function longHeat(
  shop: Shop,
  from: HeatState,
  steps: readonly WorkStep[],
  i: number,
): WorkStep {
  const step = steps[i] as WorkStep;
  let best: { made: WorkStep; worth: number } | undefined;
  for (const more of LONGER) {
    const made = { ...step, seconds: step.seconds + more };
    const state = copyState(from);
    const ran = pass(shop, state, made);
    if (ran?.kind === 'runs' && best) break;
    const worth = reachOf(shop, state, steps, i + 1) * STEP_WORTH - more;
    if (!best || worth > best.worth) best = { made, worth };
  }
  return best?.made ?? step;
}

/** How long the step would hold after the best heat, s. */
export function longest(shop: Shop, from: HeatState, step: WorkStep, part: number): number {
  let most = 0;
  for (const seconds of TRIED) {
    const heated = copyState(from);
    if (pass(shop, heated, { id: '', kind: heatFor(step), part, seconds })?.kind === 'runs') break;
    let [low, high] = [0, step.seconds];
    for (let k = 0; k < 6; k += 1) {
      const middle = (low + high) / 2;
      const trouble = foresee(shop, heated, { ...step, seconds: middle });
      if (trouble && curable(trouble)) high = middle;
      else low = middle;
    }
    most = Math.max(most, low);
  }
  return most;
}
