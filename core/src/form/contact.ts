// Where parts meet: do two outlines touch, and how far does one run into the other.
import type { Line } from './profile';

/** How two outlines meet. Lengths m; `at` is the place in the section. */
export interface Contact {
  /** Nearest distance between the skins; 0 when one runs into the other. */
  readonly gap: number;
  /** How deep one reaches into the other's glass. */
  readonly depth: number;
  readonly at: { readonly r: number; readonly z: number };
}

/** The room an outline takes, m. */
export interface LineBox {
  readonly r0: number;
  readonly r1: number;
  readonly z0: number;
  readonly z1: number;
}

/** The smallest box round a line. */
export const lineBox = ({ r, z }: Line): LineBox => {
  let [r0, r1, z0, z1] = [Infinity, -Infinity, Infinity, -Infinity];
  for (let i = 0; i < r.length; i += 1) {
    const a = r[i] as number;
    const b = z[i] as number;
    if (a < r0) r0 = a;
    if (a > r1) r1 = a;
    if (b < z0) z0 = b;
    if (b > z1) z1 = b;
  }
  return { r0, r1, z0, z1 };
};

/** Distance from a point to a closed outline, m; negative when inside it. */
export function distanceTo({ r, z }: Line, pr: number, pz: number): number {
  let best = Infinity;
  let inside = false;
  const n = r.length;
  let ar = r[n - 1] as number;
  let az = z[n - 1] as number;
  for (let i = 0; i < n; i += 1) {
    const br = r[i] as number;
    const bz = z[i] as number;
    if (az > pz !== bz > pz && pr < ar + ((pz - az) / (bz - az)) * (br - ar)) inside = !inside;
    const dr = br - ar;
    const dz = bz - az;
    const l = dr * dr + dz * dz;
    let t = l === 0 ? 0 : ((pr - ar) * dr + (pz - az) * dz) / l;
    t = t < 0 ? 0 : t > 1 ? 1 : t;
    const er = pr - ar - t * dr;
    const ez = pz - az - t * dz;
    const d = er * er + ez * ez;
    if (d < best) best = d;
    ar = br;
    az = bz;
  }
  return inside ? -Math.sqrt(best) : Math.sqrt(best);
}

/**
 * How two closed outlines (glass only) meet, or undefined when they are further apart than `within`. Every second
 * point of each is asked of the other: ample for skins sampled finely.
 */
export function contact(a: Line, b: Line, within: number): Contact | undefined {
  const boxA = lineBox(a);
  const boxB = lineBox(b);
  let gap = Infinity;
  let depth = 0;
  let at = { r: 0, z: 0 };
  const ask = (of: Line, box: LineBox, other: Line): void => {
    for (let i = 0; i < of.r.length; i += 2) {
      const pr = of.r[i] as number;
      const pz = of.z[i] as number;
      if (pr < box.r0 - within || pr > box.r1 + within) continue;
      if (pz < box.z0 - within || pz > box.z1 + within) continue;
      const d = distanceTo(other, pr, pz);
      if (d < gap) {
        gap = d;
        at = { r: pr, z: pz };
      }
      if (-d > depth) depth = -d;
    }
  };
  ask(a, boxB, b);
  ask(b, boxA, a);
  return gap > within ? undefined : { gap: Math.max(0, gap), depth, at };
}
