// The inner surface: the outer line moved inwards by the wall, square to the surface.
import { beyond, BLOCK, blocksOf } from './blocks';
import { trimLoops } from './crossing';
import type { OuterLine } from './curve';
import { sharp } from './edges';
import { ON_AXIS, type Line } from './profile';

/** The hollow's line from base to lip, and where the wall left no room for a hollow. */
export interface InnerLine extends Line {
  /** Index on the outer line where the wall reaches past the axis away from a closed end, if anywhere. */
  readonly pinchedAt: number | undefined;
  /** The longest stretch of the outer line, by sample index, whose inner line was cut away at a tight corner. */
  readonly longestCut: readonly [number, number] | undefined;
}

/** Unit normal towards the inside (left of the direction base → lip), averaged over the two neighbours. */
function inwardNormal(line: OuterLine, i: number): readonly [number, number] {
  const n = line.r.length;
  // Where the outside meets the axis square, the mirrored neighbour makes the normal exactly vertical.
  const onAxis = (line.r[i] as number) < ON_AXIS;
  const a = Math.max(0, i - 1);
  const b = Math.min(n - 1, i + 1);
  let dr = (line.r[b] as number) - (line.r[a] as number);
  let dz = (line.z[b] as number) - (line.z[a] as number);
  if (onAxis && ((i === 0 && !line.pointed[0]) || (i === n - 1 && !line.pointed[1]))) dz = 0;
  const length = Math.sqrt(dr * dr + dz * dz) || 1;
  dr /= length;
  dz /= length;
  return [-dz, dr];
}

/** Offsets the outer line by its wall, cuts the loops at tight corners and the part past the axis at closed ends. */
export function innerLine(outer: OuterLine): InnerLine {
  const n = outer.r.length;
  const r: number[] = [];
  const z: number[] = [];
  for (let i = 0; i < n; i += 1) {
    const [nr, nz] = inwardNormal(outer, i);
    const wall = outer.wall[i] as number;
    r.push((outer.r[i] as number) + nr * wall);
    z.push((outer.z[i] as number) + nz * wall);
  }
  // The part past the axis next to a closed end is the solid tip of a pointed base; elsewhere it is a pinch.
  let first = 0;
  let last = n - 1;
  while (first < n - 1 && (r[first] as number) < -ON_AXIS) first += 1;
  while (last > 0 && (r[last] as number) < -ON_AXIS) last -= 1;
  let pinchedAt: number | undefined = first >= last ? Math.floor(n / 2) : undefined;
  if ((outer.r[0] as number) > ON_AXIS && first > 0) pinchedAt = 0;
  if ((outer.r[n - 1] as number) > ON_AXIS && last < n - 1) pinchedAt ??= n - 1;
  for (let i = first; i <= last && pinchedAt === undefined; i += 1)
    if ((r[i] as number) < -ON_AXIS) pinchedAt = i;
  const keep: Line = { r: r.slice(first, last + 1), z: z.slice(first, last + 1) };
  const headR = first > 0 ? [0] : [];
  const headZ = first > 0 ? [axisCrossing(r, z, first - 1)] : [];
  const tailR = last < n - 1 ? [0] : [];
  const tailZ = last < n - 1 ? [axisCrossing(r, z, last)] : [];
  const trimmed = trimLoops({
    r: [...headR, ...keep.r, ...tailR],
    z: [...headZ, ...keep.z, ...tailZ],
  });
  const shift = first - headR.length;
  const cut = trimmed.longestCut;
  // Only an inside that still folds back on itself can lie in another wall.
  const free = foldsBack(trimmed) ? outsideWalls(trimmed, outer) : trimmed;
  return {
    r: free.r.map((v) => Math.max(0, v)),
    z: free.z,
    pinchedAt,
    longestCut: cut && [Math.max(0, cut[0] + shift), Math.min(n - 1, cut[1] + shift)],
  };
}

/** Cosine of a turn past which a line folds back: a square corner of an inside is none. */
const FOLD = -0.1;

/** Does a line anywhere turn by more than a square corner? */
function foldsBack({ r, z }: Line): boolean {
  for (let i = 2; i < r.length; i += 1) {
    const ar = (r[i - 1] as number) - (r[i - 2] as number);
    const az = (z[i - 1] as number) - (z[i - 2] as number);
    const br = (r[i] as number) - (r[i - 1] as number);
    const bz = (z[i] as number) - (z[i - 1] as number);
    const dot = ar * br + az * bz;
    if (dot < 0 && dot * dot > FOLD * FOLD * (ar * ar + az * az) * (br * br + bz * bz)) return true;
  }
  return false;
}

/** A place may lie so far inside a wall before it is taken out, as a share of the wall: lines of samples are not exact. */
const WITHIN = 0.02;

/**
 * The line without what lies in the wall of another place: beside a thick crisp base the wall's inside would run down into the base.
 * A place lies in a wall where it is nearer to the outside, square to it, than the wall there; or nearer to an edge than its wall.
 */
function outsideWalls(line: Line, outer: OuterLine): Line {
  const { r, z, wall } = outer;
  const n = r.length;
  const edges = outer.knot.filter((k) => (r[k] as number) > ON_AXIS && sharp(outer, k));
  const boxes = blocksOf(r, z);
  const most = wall.reduce((m, w) => Math.max(m, w), 0);
  const inside = (pr: number, pz: number): boolean => {
    for (let k = 0; k < n - 1; k += 1) {
      while (k % BLOCK === 0 && k < n - 1 && beyond(boxes, k / BLOCK, pr, pz, most)) k += BLOCK;
      if (k >= n - 1) break;
      const ar = r[k] as number;
      const az = z[k] as number;
      const dr = (r[k + 1] as number) - ar;
      const dz = (z[k + 1] as number) - az;
      const qr = pr - ar;
      const qz = pz - az;
      const w = wall[k] as number;
      // How deep under this piece of the outside, times its length; and how far along it.
      const deep = qz * dr - qr * dz;
      if (deep < 0) continue;
      const along = qr * dr + qz * dz;
      const length = dr * dr + dz * dz;
      if (along < 0 || along > length) continue;
      const here = (w + (along / length) * ((wall[k + 1] as number) - w)) * (1 - WITHIN);
      if (deep * deep < here * here * length) return true;
    }
    return edges.some((k) => {
      const w = (wall[k] as number) * (1 - WITHIN);
      return (pr - (r[k] as number)) ** 2 + (pz - (z[k] as number)) ** 2 < w * w;
    });
  };
  const keep = line.r.map((pr, i) => !inside(pr, line.z[i] as number));
  // A hollow that lies in walls everywhere is told by its pinch, not here.
  if (keep.every(Boolean) || keep.filter(Boolean).length < LEAST_KEPT) return line;
  const kept = (of: readonly number[]): number[] => of.filter((_, i) => keep[i]);
  return { r: kept(line.r), z: kept(line.z) };
}

/** Fewer places than these are no hollow's line. */
const LEAST_KEPT = 3;

/** Height where the segment i → i+1 crosses the axis. */
function axisCrossing(r: readonly number[], z: readonly number[], i: number): number {
  const r0 = r[i] as number;
  const r1 = r[i + 1] as number;
  const z0 = z[i] as number;
  const z1 = z[i + 1] as number;
  return r1 === r0 ? z0 : z0 + ((0 - r0) / (r1 - r0)) * (z1 - z0);
}

/** The line so deep in the wall, as a share of it from the outside: 0 is the outside, 1 the inside. */
export const lineWithin = (outer: OuterLine, share: number): Line =>
  share === 0 ? outer : innerLine({ ...outer, wall: outer.wall.map((w) => w * share) });
