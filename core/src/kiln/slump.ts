// A sheet sagging into a mould or over a form, between two honest limits: its rim slides in and it only bends, or its rim is held and it has to
// stretch. Where it touches it stays. All of it goes by one number, ∫dt/η.
import type { Mould } from '@zanfirico/contract/kiln';
import { STANDARD_GRAVITY } from '../units/constants';
import { bends } from './bends';
import { down, glassAt, LYING, type Hanging, type Sagging } from './hanging';
import { isDrape, mouldDepth } from './mould';
import { stretches } from './stretches';

/** Both limits of a slump; a drape has no held rim. */
export interface Slump {
  readonly free: Sagging;
  readonly held: Sagging | undefined;
  /** What is drawn: as far down as both are, after a flow midway between theirs by ratio ("ten minutes, watched"). */
  readonly between: Sagging;
}

const NODES = 48;
/** Slumps kept: the same one is asked by every row of a table. */
const kept = new Map<string, Slump>();
const MOST_KEPT = 12;

/** The sheet is taken to be as wide as the mould's mouth, or a drape's form. Some hundred milliseconds at first, then kept. */
export function slump(
  mould: Mould,
  { density }: { readonly density: number },
  thickness: number,
): Slump {
  const key = JSON.stringify([mould, density, thickness]);
  const known = kept.get(key);
  if (known) return known;
  const found = sagged(mould, density, thickness);
  kept.set(key, found);
  const [oldest] = kept.keys();
  if (kept.size > MOST_KEPT && oldest !== undefined) kept.delete(oldest);
  return found;
}

function sagged(mould: Mould, density: number, thickness: number): Slump {
  const a = mould.across / 2;
  const out = Array.from({ length: NODES + 1 }, (_, k) => (a * k) / NODES);
  const under = out.map((r) => mouldDepth(mould, r));
  const weight = density * STANDARD_GRAVITY;
  const free = bends(mould, out, under, weight, thickness);
  if (isDrape(mould)) return { free, held: undefined, between: free };
  const shares = glassAt(mould, out);
  const held = alsoBends(stretches(mould, out, under, weight, thickness), free, shares);
  return { free, held, between: midway(free, held, shares, under) };
}

/** Where one has come so far down: its state, between two; undefined where it never does. */
function downTo({ states }: Sagging, to: number, shares: readonly number[]): Hanging | undefined {
  const after = states.findIndex((s) => down(s, shares) >= to);
  const b = states[after];
  if (!b) return undefined;
  const a = states[Math.max(0, after - 1)];
  const [x, y] = [down(a, shares), down(b, shares)];
  return mixed(a, b, y > x ? (to - x) / (y - x) : 1);
}

/** Between two states, by a share of the way. */
function mixed(a: Hanging, b: Hanging, share: number): Hanging {
  const mix = (p: readonly number[], q: readonly number[]): number[] =>
    p.map((v, i) => v + share * (q[i] - v));
  return {
    flowed: a.flowed + share * (b.flowed - a.flowed),
    hangs: mix(a.hangs, b.hangs),
    touches: share >= 1 ? b.touches : a.touches,
    thick: mix(a.thick, b.thick),
  };
}

/** So far down its deepest place is down. */
const DOWN = 0.97;
/** Steps the way between the two is told in. */
const PARTS = 50;

function midway(
  free: Sagging,
  held: Sagging,
  shares: readonly number[],
  under: readonly number[],
): Sagging {
  const all = down({ hangs: under }, shares);
  const deep = Math.max(...under);
  const states: Hanging[] = [free.states[0]];
  let bottom = Infinity;
  let lies = Infinity;
  for (let i = 1; i <= PARTS; i += 1) {
    const to = (all * i) / PARTS;
    const [a, b] = [downTo(free, to, shares), downTo(held, to, shares)];
    if (!a || !b) break;
    const { hangs, thick } = mixed(a, b, 0.5);
    const flowed = Math.max(states[states.length - 1].flowed, Math.sqrt(a.flowed * b.flowed));
    if (Math.max(...hangs) >= DOWN * deep) bottom = Math.min(bottom, flowed);
    if (to >= LYING * all) lies = Math.min(lies, flowed);
    states.push({
      flowed,
      hangs,
      touches: a.touches.map((t, k) => t && b.touches[k] === true),
      thick,
    });
  }
  return { out: free.out, states, bottom, lies };
}

/** Held, it has to bend as well as to stretch: what resists adds up, so the flow it takes does. It is put by how much has come down of both. */
function alsoBends(held: Sagging, free: Sagging, shares: readonly number[]): Sagging {
  const longest = free.states[free.states.length - 1]?.flowed ?? 0;
  const bending = (to: number): number => downTo(free, to, shares)?.flowed ?? longest;
  let last = 0;
  const states = held.states.map((s) => {
    last = Math.max(last, s.flowed + bending(down(s, shares)));
    return { ...s, flowed: last };
  });
  const at = (flowed: number): number => {
    const k = held.states.findIndex((s) => s.flowed >= flowed);
    return k < 0 ? Infinity : (states[k]?.flowed ?? Infinity);
  };
  return { ...held, states, bottom: at(held.bottom), lies: at(held.lies) };
}

/** The sheet as it is after so much flow, between two states. */
export function hangsAt({ states }: Sagging, flowed: number): Hanging {
  const after = states.findIndex((s) => s.flowed >= flowed);
  const last = states[states.length - 1];
  if (after < 0) return last;
  const [a, b] = [states[Math.max(0, after - 1)], states[after]];
  return {
    ...mixed(a, b, b.flowed > a.flowed ? (flowed - a.flowed) / (b.flowed - a.flowed) : 1),
    flowed,
  };
}

/** Along a hanging sheet from its middle outwards, m. */
export const alongOf = (out: readonly number[], hangs: readonly number[]): number =>
  out.slice(1).reduce((sum, r, k) => {
    return sum + Math.hypot(r - out[k], hangs[k + 1] - hangs[k]);
  }, 0);

/** How far its rim has slid in where it only bends: it is as long as it was. m */
export const slid = (out: readonly number[], hangs: readonly number[]): number =>
  alongOf(out, hangs) - out[out.length - 1];
