// A sheet whose rim is held: a skin of even pull that has to stretch.
import type { Mould } from '@zanfirico/contract/kiln';
import { down, glassAt, HAIR, LYING, NEVER, type Hanging, type Sagging } from './hanging';
import { isChannel } from './mould';

/** Viscosity for one direction of stretch: 4 where it cannot give sideways, 6 where it is stretched both ways. */
const PULLED = { channel: 4, round: 6 } as const;
const LONGER = 1.12;

/**
 * Stretching alone: a skin under its own weight has the same curvature wherever it is free, ∇²w = −κ; its pull ρgh/κ makes it longer at the rate
 * ρg/(6ηκ), 4 for a channel. For a shallow round one that is w³ = (3/32)ρga⁴t/η.
 */
export function stretches(
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
  const a = out[n - 1];
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
    touches = under.map((d, k) => before[k] === true || d - next[k] <= HAIR * deep);
    hangs = next;
    if (bottom === Infinity && touches.some((t, k) => t && under[k] >= deep * (1 - 1e-9)))
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
    const [r, s] = [out[k], out[k + 1]];
    const length = Math.hypot(s - r, hangs[k + 1] - hangs[k]);
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
  const dx = out[1];
  const w = [...from];
  const faster = 2 / (1 + Math.sin(Math.PI / n));
  for (let turn = 0; turn < 600; turn += 1) {
    let most = 0;
    for (let k = n - 2; k >= 0; k -= 1) {
      const outer = channel ? 1 : (k + 0.5) / Math.max(k, 0.25);
      const inner = channel ? 1 : k === 0 ? 0 : (k - 0.5) / k;
      const [a, b] = k === 0 ? [channel ? 2 : 4, 0] : [outer, inner];
      const wants = (a * w[k + 1] + b * (w[k - 1] ?? 0) + curve * dx * dx) / (a + b);
      const was = w[k];
      const to = Math.min(under[k], was + faster * (wants - was));
      most = Math.max(most, Math.abs(to - was));
      w[k] = to;
    }
    if (most < 1e-9 + 1e-6 * w[0]) break;
  }
  return w;
}
