// A sheet sagging into a mould or over a form, between two honest limits: its rim slides in and it only bends, or its rim is held and it has to
// stretch. Where it touches it stays. All of it goes by one number, ∫dt/η.
import { STANDARD_GRAVITY } from '../units/constants';
import { isChannel, isDrape, mouldDepth, type Mould } from './mould';

/** The sheet at some moment: how far it hangs at each distance, where it lies on the mould, how thick it is. m. */
export interface Hanging {
  /** ∫dt/η until here, 1/Pa. */
  readonly flowed: number;
  readonly hangs: readonly number[];
  readonly touches: readonly boolean[];
  readonly thick: readonly number[];
}

/** One limit: from flat to lying in the mould. */
export interface Sagging {
  /** Distances from the middle, even, m. */
  readonly out: readonly number[];
  readonly states: readonly Hanging[];
  /** Until its deepest place touches; until it lies all along, but for a hair (95 % of the way); Infinity where it never does. */
  readonly bottom: number;
  readonly lies: number;
}

/** Both limits of a slump; a drape has no held rim. */
export interface Slump {
  readonly free: Sagging;
  readonly held: Sagging | undefined;
  /** What is drawn: as far down as both are, after a flow midway between theirs by ratio ("ten minutes, watched"). */
  readonly between: Sagging;
}

const NODES = 48;
const POISSON = 0.5;
/** A gap of less than so much of the depth is none: it touches there. */
const HAIR = 0.005;
/** It lies where it has come down by so much of the way, by the mean of its glass. */
const LYING = 0.95;
/** Turns of the search for what touches. */
const TURNS = 60;
/** Flow after which nobody waits, 1/Pa: a day and a half where glass is as soft as at a full fuse. */
const NEVER = 3;

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

/** How much of it has come down, m: the mean of where it hangs, by glass. */
const down = ({ hangs }: Pick<Hanging, 'hangs'>, shares: readonly number[]): number =>
  hangs.reduce((s, w, k) => s + w * (shares[k] as number), 0);

/** Where one has come so far down: its state, between two; undefined where it never does. */
function downTo({ states }: Sagging, to: number, shares: readonly number[]): Hanging | undefined {
  const after = states.findIndex((s) => down(s, shares) >= to);
  const b = states[after];
  if (!b) return undefined;
  const a = states[Math.max(0, after - 1)] as Hanging;
  const [x, y] = [down(a, shares), down(b, shares)];
  return mixed(a, b, y > x ? (to - x) / (y - x) : 1);
}

/** Between two states, by a share of the way. */
function mixed(a: Hanging, b: Hanging, share: number): Hanging {
  const mix = (p: readonly number[], q: readonly number[]): number[] =>
    p.map((v, i) => v + share * ((q[i] as number) - v));
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
  const states: Hanging[] = [free.states[0] as Hanging];
  let bottom = Infinity;
  let lies = Infinity;
  for (let i = 1; i <= PARTS; i += 1) {
    const to = (all * i) / PARTS;
    const [a, b] = [downTo(free, to, shares), downTo(held, to, shares)];
    if (!a || !b) break;
    const { hangs, thick } = mixed(a, b, 0.5);
    const flowed = Math.max(
      (states[states.length - 1] as Hanging).flowed,
      Math.sqrt(a.flowed * b.flowed),
    );
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
  const by = free.states.map((s) => ({ flowed: s.flowed, down: down(s, shares) }));
  const bending = (to: number): number => {
    const after = by.findIndex((b) => b.down >= to);
    if (after < 0) return by[by.length - 1]?.flowed ?? 0;
    const [a, b] = [by[Math.max(0, after - 1)], by[after]];
    if (!a || !b || b.down <= a.down) return b?.flowed ?? 0;
    return a.flowed + ((to - a.down) / (b.down - a.down)) * (b.flowed - a.flowed);
  };
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
  const last = states[states.length - 1] as Hanging;
  if (after < 0) return last;
  const [a, b] = [states[Math.max(0, after - 1)] as Hanging, states[after] as Hanging];
  return {
    ...mixed(a, b, b.flowed > a.flowed ? (flowed - a.flowed) / (b.flowed - a.flowed) : 1),
    flowed,
  };
}

/** Along a hanging sheet from its middle outwards, m. */
export const alongOf = (out: readonly number[], hangs: readonly number[]): number =>
  out.slice(1).reduce((sum, r, k) => {
    return (
      sum + Math.hypot(r - (out[k] as number), (hangs[k + 1] as number) - (hangs[k] as number))
    );
  }, 0);

/** How far its rim has slid in where it only bends: it is as long as it was. m */
export const slid = (out: readonly number[], hangs: readonly number[]): number =>
  alongOf(out, hangs) - (out[out.length - 1] as number);

/** Rings of the mould's mouth, as shares of all the glass. */
function glassAt(mould: Mould, out: readonly number[]): number[] {
  const mass = out.map((r, k) => {
    const from = k === 0 ? 0 : (r + (out[k - 1] as number)) / 2;
    const to = k === out.length - 1 ? r : (r + (out[k + 1] as number)) / 2;
    return isChannel(mould) ? to - from : to * to - from * from;
  });
  const all = mass.reduce((s, m) => s + m, 0);
  return mass.map((m) => m / all);
}

/**
 * Bending alone: a thin viscous plate is an elastic one with 3η for E and ½ for ν, its speeds for deflections (Timoshenko & Woinowsky-Krieger). Between two
 * touches its speed does not change, so it goes from touch to touch.
 */
function bends(
  mould: Mould,
  out: readonly number[],
  under: readonly number[],
  weight: number,
  thickness: number,
): Sagging {
  const n = out.length;
  const shares = glassAt(mould, out);
  const load = shares.map((s) => s * weight * thickness);
  const matrix = plate(mould, out, thickness);
  const hangs = new Array<number>(n).fill(0);
  const all = down({ hangs: under }, shares);
  const drape = isDrape(mould);
  const deep = Math.max(...under);
  const stays = (k: number): boolean => (drape ? false : k === n - 1);
  // A drape lies on its form's top from the start; a rim lies on the mould's.
  const touches = under.map((d, k) => stays(k) || d <= 1e-4 * deep);
  const states: Hanging[] = [
    { flowed: 0, hangs: [...hangs], touches: [...touches], thick: hangs.map(() => thickness) },
  ];
  let flowed = 0;
  let bottom = Infinity;
  let lies = Infinity;
  for (let turn = 0; turn < 4 * NODES && flowed < NEVER; turn += 1) {
    const speed = freed(matrix, load, touches, stays);
    let step = NEVER - flowed;
    speed.forEach((v, k) => {
      if (touches[k] !== true && v > 0)
        step = Math.min(step, ((under[k] as number) - (hangs[k] as number)) / v);
    });
    step = Math.max(step, 0);
    flowed += step;
    for (let k = 0; k < n; k += 1)
      hangs[k] = Math.max(
        0,
        Math.min(under[k] as number, (hangs[k] as number) + (speed[k] as number) * step),
      );
    under.forEach((d, k) => {
      if (d - (hangs[k] as number) <= HAIR * deep) {
        touches[k] = true;
        if (d >= deep * (1 - 1e-9)) bottom = Math.min(bottom, flowed);
      }
    });
    states.push({
      flowed,
      hangs: [...hangs],
      touches: [...touches],
      thick: hangs.map(() => thickness),
    });
    const come = down({ hangs }, shares) / all;
    if (come >= LYING) lies = Math.min(lies, flowed);
    if (come >= 1 - HAIR) break;
  }
  return { out, states, bottom, lies };
}

/** Speeds where it is free, for a viscosity of one; what touches and would be pulled off is let go first. */
function freed(
  matrix: readonly (readonly number[])[],
  load: readonly number[],
  touches: boolean[],
  stays: (k: number) => boolean,
): number[] {
  for (let turn = 0; turn < TURNS; turn += 1) {
    const speed = solveWith(matrix, load, touches);
    // What the mould pushes with; where that is less than nothing the sheet lifts off.
    const pulls = touches.map((t, k) => {
      if (!t || stays(k)) return 0;
      const row = matrix[k] as readonly number[];
      return row.reduce((s, m, j) => s + m * (speed[j] as number), 0) - (load[k] as number);
    });
    const most = pulls.reduce((best, p, k) => (p > (pulls[best] ?? 0) ? k : best), 0);
    if ((pulls[most] ?? 0) <= 1e-9 * (load[most] ?? 1) || turn === TURNS - 1) return speed;
    touches[most] = false;
  }
  return load.map(() => 0);
}

/** The plate's resistance at each node against each, for η = 1: curvatures squared, summed (curved along and round about for a round one). */
function plate(mould: Mould, out: readonly number[], thickness: number): number[][] {
  const n = out.length;
  const dx = out[1] as number;
  const stiff = thickness ** 3 / 3;
  const shares = glassAt(mould, out);
  const matrix = Array.from({ length: n }, () => new Array<number>(n).fill(0));
  type Row = readonly (readonly [number, number])[];
  const add = (p: Row, q: Row, by: number): void => {
    for (const [i, a] of p)
      for (const [j, b] of q) {
        const row = matrix[i] as number[];
        row[j] = (row[j] as number) + by * a * b;
      }
  };
  const end = n - 1;
  for (let k = 0; k < end; k += 1) {
    const along: Row =
      k === 0
        ? [
            [0, -2 / dx ** 2],
            [1, 2 / dx ** 2],
          ]
        : [
            [k - 1, 1 / dx ** 2],
            [k, -2 / dx ** 2],
            [k + 1, 1 / dx ** 2],
          ];
    const weight = stiff * (shares[k] as number);
    add(along, along, weight);
    if (isChannel(mould)) continue;
    const r = out[k] as number;
    const about: Row =
      k === 0
        ? along
        : [
            [k - 1, -1 / (2 * dx * r)],
            [k + 1, 1 / (2 * dx * r)],
          ];
    add(about, about, weight);
    add(along, about, weight * POISSON);
    add(about, along, weight * POISSON);
  }
  return matrix;
}

/** Solves for the free nodes, the others held at nothing (Cholesky within a band of two). */
function solveWith(
  matrix: readonly (readonly number[])[],
  load: readonly number[],
  held: readonly boolean[],
): number[] {
  const free = load.flatMap((_, k) => (held[k] === true ? [] : [k]));
  const n = free.length;
  const answer = load.map(() => 0);
  const lower = free.map(() => [0, 0, 0] as number[]);
  const y = new Array<number>(n).fill(0);
  for (let i = 0; i < n; i += 1) {
    const row = matrix[free[i] as number] as readonly number[];
    for (let j = Math.max(0, i - 2); j <= i; j += 1) {
      let sum = row[free[j] as number] as number;
      for (let k = Math.max(0, i - 2); k < j; k += 1)
        sum -= (lower[i]?.[k - i + 2] ?? 0) * (k >= j - 2 ? (lower[j]?.[k - j + 2] ?? 0) : 0);
      const mine = lower[i] as number[];
      mine[j - i + 2] = j === i ? Math.sqrt(Math.max(sum, 1e-300)) : sum / (lower[j]?.[2] ?? 1);
    }
    let sum = load[free[i] as number] as number;
    for (let k = Math.max(0, i - 2); k < i; k += 1)
      sum -= (lower[i]?.[k - i + 2] ?? 0) * (y[k] as number);
    y[i] = sum / (lower[i]?.[2] ?? 1);
  }
  for (let i = n - 1; i >= 0; i -= 1) {
    let sum = y[i] as number;
    for (let k = i + 1; k <= Math.min(n - 1, i + 2); k += 1)
      sum -= (lower[k]?.[i - k + 2] ?? 0) * (answer[free[k] as number] as number);
    answer[free[i] as number] = sum / (lower[i]?.[2] ?? 1);
  }
  return answer;
}

/** Viscosity for one direction of stretch: 4 where it cannot give sideways, 6 where it is stretched both ways. */
const PULLED = { channel: 4, round: 6 } as const;
const LONGER = 1.12;

/**
 * Stretching alone: a skin under its own weight has the same curvature wherever it is free, ∇²w = −κ; its pull ρgh/κ makes it longer at the rate
 * ρg/(6ηκ), 4 for a channel. For a shallow round one that is w³ = (3/32)ρga⁴t/η.
 */
function stretches(
  mould: Mould,
  out: readonly number[],
  under: readonly number[],
  weight: number,
  thickness: number,
): Sagging {
  const n = out.length;
  const channel = isChannel(mould);
  const shares = glassAt(mould, out);
  const deep = Math.max(...under);
  const a = out[n - 1] as number;
  let hangs = out.map(() => 0);
  let touches = out.map((_, k) => k === n - 1);
  let thick = out.map(() => thickness);
  const states: Hanging[] = [{ flowed: 0, hangs, touches, thick }];
  let flowed = 0;
  let bottom = Infinity;
  let lies = Infinity;
  const c = channel ? PULLED.channel : PULLED.round;
  const all = down({ hangs: under }, shares);
  let curve = (0.02 * Math.min(deep, a / 4)) / (a * a);
  for (let step = 0; step < 400 && flowed < NEVER; step += 1, curve *= LONGER) {
    const next = skin(channel, out, under, curve, hangs);
    const [was, is] = [
      freeRoom(channel, out, hangs, touches),
      freeRoom(channel, out, next, touches),
    ];
    if (was.along > 0)
      flowed += ((c * curve) / weight) * Math.log(Math.max(1, is.along / was.along));
    const thins = is.area > 0 ? was.area / is.area : 1;
    const before = touches;
    thick = thick.map((t, k) => (before[k] === true && k !== n - 1 ? t : t * Math.min(1, thins)));
    touches = under.map((d, k) => before[k] === true || d - (next[k] as number) <= HAIR * deep);
    hangs = next;
    if (
      bottom === Infinity &&
      touches.some((t, k) => t && (under[k] as number) >= deep * (1 - 1e-9))
    )
      bottom = flowed;
    states.push({ flowed, hangs, touches, thick });
    const come = down({ hangs }, shares) / all;
    if (come >= LYING) lies = Math.min(lies, flowed);
    if (come >= 1 - HAIR) break;
  }
  return { out, states, bottom, lies };
}

/** Length and surface of what is not yet touching. */
function freeRoom(
  channel: boolean,
  out: readonly number[],
  hangs: readonly number[],
  touches: readonly boolean[],
): { readonly along: number; readonly area: number } {
  let along = 0;
  let area = 0;
  for (let k = 0; k + 1 < out.length; k += 1) {
    if (touches[k] === true && touches[k + 1] === true) continue;
    const [r, s] = [out[k] as number, out[k + 1] as number];
    const length = Math.hypot(s - r, (hangs[k + 1] as number) - (hangs[k] as number));
    along += length;
    area += length * (channel ? 1 : (r + s) / 2);
  }
  return { along, area };
}

/** A skin of even pull over a mould: as low as its curvature brings it, no lower than the mould, its rim held (projected Gauss-Seidel, from how it was). */
function skin(
  channel: boolean,
  out: readonly number[],
  under: readonly number[],
  curve: number,
  from: readonly number[],
): number[] {
  const n = out.length;
  const dx = out[1] as number;
  const w = [...from];
  const faster = 2 / (1 + Math.sin(Math.PI / n));
  for (let turn = 0; turn < 600; turn += 1) {
    let most = 0;
    for (let k = n - 2; k >= 0; k -= 1) {
      const outer = channel ? 1 : (k + 0.5) / Math.max(k, 0.25);
      const inner = channel ? 1 : k === 0 ? 0 : (k - 0.5) / k;
      const [a, b] = k === 0 ? [channel ? 2 : 4, 0] : [outer, inner];
      const wants = (a * (w[k + 1] as number) + b * (w[k - 1] ?? 0) + curve * dx * dx) / (a + b);
      const was = w[k] as number;
      const to = Math.min(under[k] as number, was + faster * (wants - was));
      most = Math.max(most, Math.abs(to - was));
      w[k] = to;
    }
    if (most < 1e-9 + 1e-6 * (w[0] as number)) break;
  }
  return w;
}
