// Placing the heats: the fewest flashes and reheats, then the shortest, that keep every step in its band and every zone
// above its floor. Each is put as late as it can be and made to reach as far as it can: for heats in one line that is the
// fewest there can be, for nothing before the first step that fails could have spared it. A heat never makes a formed wall run;
// where no one heat lasts for a step, the step is done in two goes with a heat between. Waits for glass to set, and to keep its
// form when it is let go, are made as long as it takes.
import { factsOf, type WorkStep, type Zone } from '../work/facts';
import { areOne, joinOf, together } from '../work/joined';
import {
  bitTrouble,
  coldTrouble,
  faces,
  found,
  heatedTrouble,
  sagTrouble,
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
  /** Seconds the glass at the bench has to wait before a step, by its id: what a crew that is there brings with it. */
  readonly waits?: ReadonlyMap<string, number> | undefined;
  /** How far every limit is kept clear of, log₁₀ η. */
  readonly margin?: number | undefined;
}

/** Heats tried, s. */
const TRIED = [3, 4, 6, 8, 10, 12, 15, 20, 25, 30, 40, 50, 60, 80, 100, 130, 170, 220];
/** The customary long heat is made longer by these, s, where it must be. */
const LONGER = [0, 10, 20, 30, 45, 60, 90, 120];
/** Flashes of the main part tried before another is heated, s. */
const FIRST = [8, 15, 25, 40];
/** Waits tried, s. */
const WAITS = [
  6, 8, 10, 12, 15, 20, 25, 30, 35, 40, 50, 60, 75, 90, 110, 130, 160, 200, 240, 300, 360, 450, 600,
];
/** In the flame, s. */
const FLAMES = [20, 30, 40, 50, 60, 80, 100, 130, 170, 220, 280, 350, 450, 600, 800, 1100];
/** Shorter than this is a flash. */
const FLASH = 12;
/** Steps looked ahead when a heat is made to reach on. */
const AHEAD = 6;
/** Kept clear of the strain point while placing, beyond what is to be watched, K. */
const MARGIN = 10;
/** And short of a step's stiffest glass, log₁₀ η: the clock it is judged by runs in finer steps. */
const STIFF_MARGIN = 0.08;
const HAIR = 0.04;
/** So many longer heats that reach no further are the last that are tried. */
const IDLE = 4;
/** Time steps while placing, s. */
const DT = 2;
/** Nothing shorter is done in two goes, s; and nothing in more goes than this. */
const SHORTEST_GO = 4;
const MOST_GOES = 6;
/** A step's wait is made longer, and its heat again, so often at most. */
const ROUNDS = 4;

const isHeat = (s: WorkStep): boolean =>
  s.pinned !== true && (s.kind === 'reheat' || s.kind === 'flash' || s.kind === 'warmThrough');

interface Shop {
  readonly parts: readonly HeatPart[];
  readonly stiff: Stiffness;
  readonly fires: Fires;
  readonly working: Working;
}

/** Lets one step pass; what went wrong in it, if anything did. */
function pass(shop: Shop, state: HeatState, step: WorkStep): Trouble | undefined {
  const { parts, stiff, fires, working } = shop;
  const { groups } = state;
  const margin = working.margin ?? STIFF_MARGIN;
  const { off } = factsOf(step);
  if (off === 'ahead' || off === 'after') return undefined;
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
      new Set(together(groups, step.part)),
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
  begin(state, parts, step, fires);
  const met = faces(state, parts, stiff, step) ?? bitTrouble(state, parts, stiff, step);
  const only = beside
    ? new Set([...together(groups, step.part), ...(join ? together(groups, join.to) : [])])
    : undefined;
  integrate(state, parts, [step], length, DT, fires, undefined, undefined, only);
  const own =
    troubleOf(step, parts, stiff, found(state, parts, step), margin) ??
    heatedTrouble(state, parts, stiff, step, margin) ??
    coldTrouble(state, parts, stiff, MARGIN) ??
    sagTrouble(state, parts, stiff, step, fires);
  finish(state, parts, step);
  return met ?? own;
}

/** Can heat mend it? Glass that should have set wants time; glass that runs wants less heat. */
const curable = (t: Trouble): boolean =>
  t.kind === 'stiff' || t.kind === 'cold' || t.kind === 'faces';
/** Only waiting mends it. */
const patience = (t: Trouble): boolean => t.kind === 'unset' || t.kind === 'sags';
const WAITING = new Set<string>(['letSet', 'setBase', 'setBubble', 'coolStem', 'flameAnneal']);
const waits = (s: WorkStep): boolean => WAITING.has(s.kind);

/**
 * Places the heats of an order and the waits. Pinned steps stay as they are; the long reheat stays where it is, as long as it is or
 * longer, and no other heat is longer than it where that can be.
 */
export function placeHeats(
  parts: readonly HeatPart[],
  steps: readonly WorkStep[],
  working: Working,
  fires: Fires = STUDIO_FIRES,
): Placed {
  const shop: Shop = { parts, stiff: stiffnessOf(parts), fires, working };
  const wanted = [...steps.filter((s) => !isHeat(s))];
  const long = Math.max(0, ...wanted.map((s) => (s.kind === 'longReheat' ? s.seconds : 0)));
  const cap = long > 0 ? long : Infinity;
  const out: WorkStep[] = [];
  const reasons = new Map<string, string>();
  let failed: { step: string; seconds: number; because: string } | undefined;
  let state = coldShop(parts, wanted);
  let n = 0;
  const names = new Set(steps.map((s) => s.id));
  const nextId = (): string => {
    do n += 1;
    while (names.has(`h${String(n)}`));
    return `h${String(n)}`;
  };
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
  /** The step with its wait as long as it has to be, from here; itself where that is no help. */
  const patient = (step: WorkStep): WorkStep => {
    if (step.pinned === true || !waits(step)) return step;
    const trouble = pass(shop, copyState(state), step);
    if (!trouble || !patience(trouble)) return step;
    const enough = WAITS.find((seconds) => {
      if (seconds <= step.seconds) return false;
      const then = pass(shop, copyState(state), { ...step, seconds });
      return !then || !patience(then);
    });
    if (enough === undefined) return step;
    reasons.set(step.id, trouble.verdict.because);
    return { ...step, seconds: enough };
  };
  /** Work in the flame goes on until it flows: what is thick is kept there longer. */
  const through = (step: WorkStep): WorkStep => {
    if (step.pinned === true || factsOf(step).heat !== 'flame') return step;
    if (pass(shop, copyState(state), step)?.kind !== 'stiff') return step;
    const flows = FLAMES.find(
      (seconds) =>
        seconds > step.seconds &&
        pass(shop, copyState(state), { ...step, seconds })?.kind !== 'stiff',
    );
    return flows === undefined ? step : { ...step, seconds: flows };
  };
  /** What is done in the fire, no longer than its walls bear. */
  const gentle = (step: WorkStep): WorkStep => {
    if (step.pinned === true || factsOf(step).heat !== 'glory hole' || step.kind === 'longReheat')
      return step;
    if (pass(shop, copyState(state), step)?.kind !== 'runs') return step;
    const bears = [...TRIED]
      .reverse()
      .find(
        (seconds) =>
          seconds < step.seconds &&
          pass(shop, copyState(state), { ...step, seconds })?.kind !== 'runs',
      );
    return { ...step, seconds: bears ?? Math.min(step.seconds, TRIED[0] ?? 3) };
  };
  for (let i = 0; i < wanted.length; i += 1) {
    let step = wanted[i] as WorkStep;
    if (step.kind === 'longReheat' && step.pinned !== true) {
      const made = longHeat(shop, state, wanted, i);
      pass(shop, state, made);
      out.push(made);
      reasons.set(step.id, 'Its top has been away from the fire longest.');
      continue;
    }
    for (let round = 0; ; round += 1) {
      step = through(gentle(patient(step)));
      const trouble = pass(shop, copyState(state), step);
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
        if (trouble && curable(trouble) && !failed)
          failed = {
            step: step.id,
            seconds: Math.max(
              1,
              Math.ceil(step.seconds - longest(shop, state, step, trouble.part)),
            ),
            because: trouble.verdict.because,
          };
        pass(shop, state, step);
        out.push(step);
        just = undefined;
        break;
      }
      const ends: Zone[] = [
        'all',
        ...(trouble.end === 'all' || trouble.end === 'middle' ? [] : [trouble.end]),
        ...(step.zone === undefined && factsOf(step).zone === 'all'
          ? []
          : [step.zone ?? factsOf(step).zone]),
      ];
      wanted[i] = step;
      const instead = just && bestHeat(shop, just.before, wanted, i, trouble.part, ends, cap);
      if (just && instead) {
        const { before, id } = just;
        state = before;
        out.splice(
          out.findIndex((s) => s.id === id),
          1,
        );
        reasons.delete(id);
      }
      const best =
        instead ??
        bestHeat(shop, state, wanted, i, trouble.part, ends, cap) ??
        (cap < Infinity && bestHeat(shop, state, wanted, i, trouble.part, ends, Infinity));
      if (best) {
        const torch = factsOf(step).station === 'torch';
        putHeat(
          {
            id: nextId(),
            kind: torch ? 'warmThrough' : best.seconds < FLASH ? 'flash' : 'reheat',
            part: best.part,
            seconds: best.seconds,
            ...(best.zone !== 'all' && { zone: best.zone }),
          },
          trouble.verdict.because,
        );
        if (instead) just = undefined;
        continue;
      }
      // While one part is heated the other goes cold: that one is flashed first.
      const first = flashFirst(shop, state, wanted, i, trouble.part, ends, cap);
      if (first) {
        putHeat(
          {
            id: nextId(),
            kind: first < FLASH ? 'flash' : 'reheat',
            part: working.main,
            seconds: first,
          },
          'It goes cold while the other part is heated.',
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

/** The wait that lets what a step works set before it; undefined where none does. */
function settled(shop: Shop, state: HeatState, step: WorkStep, id: string): WorkStep | undefined {
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
function inGoes(
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
function reachOf(
  shop: Shop,
  state: HeatState,
  steps: readonly WorkStep[],
  i: number,
): { readonly reach: number; readonly long: boolean } {
  let reach = 0;
  for (let k = i; k < Math.min(steps.length, i + AHEAD); k += 1) {
    const step = steps[k] as WorkStep;
    if (step.kind === 'longReheat') return { reach: reach + 1, long: true };
    const trouble = pass(shop, state, step);
    if (trouble && !(patience(trouble) && waits(step))) break;
    reach += 1;
    // The wait that comes is as long as it takes: nothing counts on beyond it.
    if (trouble) break;
  }
  return { reach, long: false };
}

/** The heat before step i that reaches furthest; of those the shortest. None of them makes a wall run. */
function bestHeat(
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
  const torch = factsOf(step).station === 'torch';
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
        kind: torch ? 'shapeTorch' : 'reheat',
        part,
        zone,
        seconds: seconds - so,
      };
      const ran = pass(shop, heated, more);
      so = seconds;
      if (ran?.kind === 'runs') break;
      const { reach } = reachOf(strict, copyState(heated), steps, i);
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
function flashFirst(
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
    const flash: WorkStep = { id: '', kind: 'reheat', part: main, seconds };
    if (pass(shop, state, flash)?.kind === 'runs') return undefined;
    if (bestHeat(shop, state, steps, i, part, zones, cap)) return seconds;
  }
  return undefined;
}

/** The long heat as long as it is drafted, or as much longer as what follows it needs. */
function longHeat(shop: Shop, from: HeatState, steps: readonly WorkStep[], i: number): WorkStep {
  const step = steps[i] as WorkStep;
  let best: { made: WorkStep; reach: number } | undefined;
  for (const more of LONGER) {
    const made = { ...step, seconds: step.seconds + more };
    const state = copyState(from);
    const ran = pass(shop, state, made);
    if (ran?.kind === 'runs' && best) break;
    const { reach } = reachOf(shop, state, steps, i + 1);
    if (!best || reach > best.reach) best = { made, reach };
  }
  return best?.made ?? step;
}

/** How long the step would hold after the best heat, s. */
function longest(shop: Shop, from: HeatState, step: WorkStep, part: number): number {
  let most = 0;
  for (const seconds of TRIED) {
    const heated = copyState(from);
    if (pass(shop, heated, { id: '', kind: 'reheat', part, seconds })?.kind === 'runs') break;
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
