// An order walked through in time: each step begins and ends at its moment, and between them the glass is carried on.
import { factsOf, type WorkStep } from '../work/facts';
import { coldShop, copyState, integrate, type HeatPart, type HeatState } from './hotShop';
import { beginPart, finish } from './stepEffects';
import type { Fires } from './surroundings';

/** Who is told what, on the way. */
export interface Walking {
  /** A step has just begun; it is on the glass from now. */
  readonly onBegin?: (i: number, state: HeatState) => void;
  /** A step is about to end; what it leaves behind comes after. */
  readonly onEnd?: (i: number, state: HeatState) => void;
  /** Every step of time. */
  readonly onTime?: (now: number, state: HeatState) => void;
}

/** A walk as far as it has come: go on with it from there. */
export interface WalkedWork {
  /** s */
  readonly at: number;
  readonly state: HeatState;
  /** Steps that are under way, by place. */
  readonly going: readonly number[];
}

/**
 * Walks it, in steps of time of at most `every` s, to the end of its last step. `starts` s; times between steps pass too. `from` goes on with
 * a walk of the same steps up to there; `until` stops before what begins then, with what has ended by then ended.
 */
export function walk(
  parts: readonly HeatPart[],
  steps: readonly WorkStep[],
  starts: readonly number[],
  every: number,
  fires: Fires,
  { onBegin, onEnd, onTime }: Walking,
  { from, until }: { readonly from?: WalkedWork | undefined; readonly until?: number } = {},
): WalkedWork {
  const state = from ? copyState(from.state) : coldShop(parts, steps);
  let now = from?.at ?? 0;
  const going = [...(from?.going ?? [])];
  const startOf = (i: number): number => starts[i] ?? 0;
  const endOf = (i: number): number => startOf(i) + Math.max(0, steps[i]?.seconds ?? 0);
  const carry = (to: number, active: readonly WorkStep[]): void => {
    const base = now;
    integrate(state, parts, active, to - base, every, fires, (after) => {
      now = base + after;
      onTime?.(now, state);
    });
    now = to;
  };
  // By way of whole steps of time from the first on: what is asked at one of those is what there is then, not a step later.
  const advance = (to: number): void => {
    if (to <= now) return;
    const active = going.map((i) => steps[i] as WorkStep);
    for (const whole of [Math.ceil(now / every - 1e-9), Math.floor(to / every + 1e-9)]) {
      const by = Math.min(whole * every, to);
      if (by > now + 1e-9) carry(by, active);
    }
    if (to > now + 1e-9) carry(to, active);
    now = to;
  };
  const close = (i: number): void => {
    onEnd?.(i, state);
    finish(state, parts, steps[i] as WorkStep);
    going.splice(going.indexOf(i), 1);
  };
  /** Everything that has ended by a moment ends, the soonest first. */
  const endBy = (moment: number): void => {
    for (;;) {
      const soonest = going.reduce((a, b) => (a < 0 || endOf(b) < endOf(a) ? b : a), -1);
      if (soonest < 0 || endOf(soonest) > moment + 1e-9) return;
      advance(endOf(soonest));
      close(soonest);
    }
  };
  const order = steps.map((_, i) => i).sort((a, b) => startOf(a) - startOf(b) || a - b);
  for (const i of order) {
    const start = startOf(i);
    if (from && start < from.at - 1e-9) continue;
    if (until !== undefined && start >= until - 1e-9) break;
    endBy(start);
    advance(start);
    const step = steps[i] as WorkStep;
    // Irons and colour warm before there is glass; a helper's hands, and the bucket afterwards, are no glass of the piece.
    if (factsOf(step).off !== undefined) continue;
    beginPart(state, parts, step, fires);
    going.push(i);
    onBegin?.(i, state);
  }
  endBy(until ?? Infinity);
  if (until !== undefined) advance(until);
  return { at: now, state, going };
}
