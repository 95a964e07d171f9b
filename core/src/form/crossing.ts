// Where a polyline crosses itself: used to trim the inner line, and to refuse outlines that fold through themselves.
import type { Line } from './profile';

/** Segment i crosses segment j (i < j) at the point (r, z). */
export interface Crossing {
  readonly i: number;
  readonly j: number;
  readonly r: number;
  readonly z: number;
}

/** The first crossing of segment `i` with any later, not neighbouring segment; the furthest one when `furthest`. */
function crossingFrom(line: Line, i: number, furthest: boolean): Crossing | undefined {
  const { r, z } = line;
  const ax = r[i] as number;
  const az = z[i] as number;
  const bx = r[i + 1] as number;
  const bz = z[i + 1] as number;
  const minR = Math.min(ax, bx);
  const maxR = Math.max(ax, bx);
  const minZ = Math.min(az, bz);
  const maxZ = Math.max(az, bz);
  const dx = bx - ax;
  const dz = bz - az;
  let found: Crossing | undefined;
  for (let j = i + 2; j < r.length - 1; j += 1) {
    const cx = r[j] as number;
    const ex = r[j + 1] as number;
    if ((cx < minR && ex < minR) || (cx > maxR && ex > maxR)) continue;
    const cz = z[j] as number;
    const ez = z[j + 1] as number;
    if ((cz < minZ && ez < minZ) || (cz > maxZ && ez > maxZ)) continue;
    const fx = ex - cx;
    const fz = ez - cz;
    const det = dx * fz - dz * fx;
    if (det === 0) continue;
    const t = ((cx - ax) * fz - (cz - az) * fx) / det;
    const u = ((cx - ax) * dz - (cz - az) * dx) / det;
    if (t < 0 || t > 1 || u < 0 || u > 1) continue;
    found = { i, j, r: ax + t * dx, z: az + t * dz };
    if (!furthest) return found;
  }
  return found;
}

/** The first place where a line crosses itself, or undefined. */
export function firstCrossing(line: Line): Crossing | undefined {
  for (let i = 0; i < line.r.length - 3; i += 1) {
    const hit = crossingFrom(line, i, false);
    if (hit) return hit;
  }
  return undefined;
}

/** A line with its loops cut out: at each crossing the part between is dropped. */
export interface Trimmed {
  readonly r: number[];
  readonly z: number[];
  /** The longest stretch of sample indices that one cut dropped, as [from, to]. */
  readonly longestCut: readonly [number, number] | undefined;
}

/** Cuts the loops that offsetting a curve inwards leaves at tight corners. */
export function trimLoops(line: Line): Trimmed {
  const r: number[] = [];
  const z: number[] = [];
  let longest: readonly [number, number] | undefined;
  const n = line.r.length;
  for (let i = 0; i < n; i += 1) {
    r.push(line.r[i] as number);
    z.push(line.z[i] as number);
    if (i >= n - 3) continue;
    const hit = crossingFrom(line, i, true);
    if (!hit) continue;
    r.push(hit.r);
    z.push(hit.z);
    if (!longest || hit.j - i > longest[1] - longest[0]) longest = [i, hit.j];
    i = hit.j;
  }
  return { r, z, longestCut: longest };
}
