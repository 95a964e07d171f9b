// A section as six-node triangles: the boundary laid out by the wall there, points between, Delaunay, evened out, checked.
import { tr } from '../../words/tr';
import Delaunator from 'delaunator';
import { closeOrder, type NodeOrder } from './skyline';
import { crossings, inside, type Loop, type Point } from './loops';
import { MESH_ON_AXIS, ORDINARY_SIZE, sizeOver, type MeshSize } from './sizing';

/** What of a mesh's edge gives off heat how: the skin outside, what stands on the shelf, the skin of the hollow. */
export type SkinSide = 'outside' | 'under' | 'inside';
/** The same, or the axis, where nothing happens. */
export type MeshSide = SkinSide | 'axis';

/** A mesh of quadratic triangles, r and z in m. */
export interface SectionMesh {
  readonly nodes: number;
  readonly r: Float64Array;
  readonly z: Float64Array;
  /** Corners of triangles are the first so many nodes; the others stand midway. */
  readonly corners: number;
  readonly triangles: number;
  /** Six a triangle: corners anticlockwise, then the middles of sides 0–1, 1–2, 2–0. */
  readonly of: Int32Array;
  /** Boundary: two corners and the middle between, and what it is. */
  readonly edges: readonly {
    readonly a: number;
    readonly b: number;
    readonly middle: number;
    readonly side: MeshSide;
  }[];
  /** The nodes of each triangle by itself, and an order of all of them in which neighbours are close. */
  readonly cliques: readonly Int32Array[];
  readonly close: NodeOrder;
  /** Smallest angle of any triangle, degrees. */
  readonly sharpest: number;
}

/** A section that cannot be meshed, and where. */
export class MeshProblem extends Error {
  constructor(
    message: string,
    readonly place: Point | undefined,
  ) {
    super(message);
  }
}

/** A rim that turns by more than this at a point has a corner there, rad. */
const SHARP = 0.5;
const SMOOTHED = 8;
const MOST_CORNERS = 12_000;

/** Meshes loops (m; the first of each body outside, anticlockwise). `sideOf` tells what a place of the skin faces. */
export function meshOf(
  loops: readonly Loop[],
  sideOf: (p: Point) => SkinSide,
  size: MeshSize = ORDINARY_SIZE,
): SectionMesh {
  const sizeAt = sizeOver(loops, size);
  let rims = loops.map((l) => rounded(laidOut(l, sizeAt)));
  for (let tries = 0; tries < 4; tries += 1) {
    const points = rims.flat();
    const boundary = points.length;
    const inner = fill(loops, points, sizeAt, size);
    if (points.length + inner.length > MOST_CORNERS)
      throw new MeshProblem(
        tr`The section is too big for its thinnest wall to be meshed.`,
        undefined,
      );
    const all = [...points, ...inner];
    let triangles = trianglesOf(all, loops);
    for (let k = 0; k < SMOOTHED; k += 1) {
      smooth(all, boundary, triangles);
      triangles = trianglesOf(all, loops);
    }
    const missing = missingEdges(rims, triangles);
    if (missing.every((m) => m.size === 0))
      return finished(all, triangles, rims, loops, sideOf, size.area);
    // A rim that is no edge of a triangle is laid out more finely there.
    rims = rims.map((rim, i) => split(rim, missing[i] ?? new Set()));
  }
  throw new MeshProblem(tr`The section could not be meshed here.`, rims[0]?.[0]);
}

/** A point of a rim; a corner of the drawing stays where it is. */
interface Laid extends Point {
  readonly sharp: boolean;
}

/** A loop's points anew, as far apart as is wanted; its sharp corners stay. */
function laidOut(loop: Loop, sizeAt: (p: Point) => number): Laid[] {
  const n = loop.length;
  const at = (i: number): Point => loop[((i % n) + n) % n];
  const sharp = loop
    .map((_, i) => i)
    .filter((i) => {
      const [a, b, c] = [at(i - 1), at(i), at(i + 1)];
      const turn = Math.atan2(
        (b.r - a.r) * (c.z - b.z) - (b.z - a.z) * (c.r - b.r),
        (b.r - a.r) * (c.r - b.r) + (b.z - a.z) * (c.z - b.z),
      );
      return Math.abs(turn) > SHARP;
    });
  const starts = sharp.length > 0 ? sharp : [0];
  return starts.flatMap((from, k) => {
    const to = k + 1 < starts.length ? starts[k + 1] : starts[0] + n;
    const chain = Array.from({ length: to - from + 1 }, (_, i) => at(from + i));
    // How many edges fit: the integral of 1 over the length wanted.
    const reach = [0];
    for (let i = 1; i < chain.length; i += 1) {
      const [a, b] = [chain[i - 1], chain[i]];
      const length = Math.hypot(b.r - a.r, b.z - a.z);
      const middle = { r: (a.r + b.r) / 2, z: (a.z + b.z) / 2 };
      reach.push(reach[i - 1] + length / sizeAt(middle));
    }
    const whole = reach.at(-1) ?? 1;
    const edges = Math.max(1, Math.round(whole));
    const out: Laid[] = [];
    let i = 0;
    for (let e = 0; e < edges; e += 1) {
      const want = (whole * e) / edges;
      while (i < chain.length - 2 && reach[i + 1] <= want) i += 1;
      const [a, b] = [chain[i], chain[i + 1]];
      const [ra, rb] = [reach[i], reach[i + 1]];
      const t = rb > ra ? (want - ra) / (rb - ra) : 0;
      const sharpHere = e === 0 && sharp.length > 0;
      out.push({ r: a.r + t * (b.r - a.r), z: a.z + t * (b.z - a.z), sharp: sharpHere });
    }
    return out;
  });
}

/** A rim of chords with the area of the curve they were laid along: its points stand out by a twelfth of edge times turn. */
const rounded = (rim: readonly Laid[]): Point[] =>
  rim.map((b, i) => {
    const a = rim[(i + rim.length - 1) % rim.length] as Point;
    const c = rim[(i + 1) % rim.length] as Point;
    const turn = Math.atan2(
      (b.r - a.r) * (c.z - b.z) - (b.z - a.z) * (c.r - b.r),
      (b.r - a.r) * (c.r - b.r) + (b.z - a.z) * (c.z - b.z),
    );
    if (b.sharp || b.r < MESH_ON_AXIS) return b;
    const [tr, tz] = [c.r - a.r, c.z - a.z];
    const out = turn / 24;
    return { r: b.r + tz * out, z: b.z - tr * out };
  });

/** Points inside, about as far apart as is wanted, clear of the rim: candidates in rows, each taken where there is room. */
function fill(
  loops: readonly Loop[],
  rim: readonly Point[],
  sizeAt: (p: Point) => number,
  size: MeshSize,
): Point[] {
  const cell = size.longest;
  const grid = new Map<string, Point[]>();
  const key = (r: number, z: number): string =>
    `${String(Math.floor(r / cell))},${String(Math.floor(z / cell))}`;
  const put = (p: Point): void => {
    const k = key(p.r, p.z);
    const there = grid.get(k);
    if (there) there.push(p);
    else grid.set(k, [p]);
  };
  const room = (p: Point, h: number): boolean => {
    for (let i = -1; i <= 1; i += 1)
      for (let j = -1; j <= 1; j += 1)
        for (const q of grid.get(key(p.r + i * cell, p.z + j * cell)) ?? [])
          if (Math.hypot(q.r - p.r, q.z - p.z) < 0.86 * h) return false;
    return true;
  };
  rim.forEach(put);
  const out: Point[] = [];
  const lowest = Math.min(...rim.map((p) => p.z));
  const highest = Math.max(...rim.map((p) => p.z));
  const widest = Math.max(...rim.map((p) => p.r));
  const finest = Math.min(...rim.map(sizeAt));
  const dz = 0.43 * finest;
  const dr = 0.5 * finest;
  let row = 0;
  for (let z = lowest + dz; z < highest; z += dz, row += 1) {
    for (const [from, to] of insideSpans(loops, z, widest))
      for (let r = from + (row % 2 === 0 ? 0.3 : 0.8) * dr; r < to; r += dr) {
        const p = { r, z };
        const h = sizeAt(p);
        if (!room(p, h)) continue;
        put(p);
        out.push(p);
      }
  }
  return out;
}

/** Where a level line is inside the glass. */
function insideSpans(
  loops: readonly Loop[],
  z: number,
  widest: number,
): (readonly [number, number])[] {
  const hits = crossings(loops, { r: -1e-3, z }, 1, 0)
    .map((t) => t - 1e-3)
    .filter((r) => r > -1e-9 && r < widest + 1e-3)
    .sort((a, b) => a - b);
  const spans: [number, number][] = [];
  for (let i = 0; i + 1 < hits.length; i += 2) spans.push([hits[i], hits[i + 1]]);
  return spans;
}

/** Delaunay triangles whose middle is in the glass, three corners each. */
function trianglesOf(points: readonly Point[], loops: readonly Loop[]): Int32Array {
  const { triangles } = Delaunator.from(
    [...points],
    (p) => p.r,
    (p) => p.z,
  );
  const kept: number[] = [];
  for (let t = 0; t < triangles.length; t += 3) {
    const ids = [triangles[t], triangles[t + 1], triangles[t + 2]] as [number, number, number];
    const [a, b, c] = ids.map((i) => points[i]) as [Point, Point, Point];
    const turned = (b.r - a.r) * (c.z - a.z) - (b.z - a.z) * (c.r - a.r);
    if (Math.abs(turned) < 1e-14) continue;
    if (!inside(loops, { r: (a.r + b.r + c.r) / 3, z: (a.z + b.z + c.z) / 3 })) continue;
    kept.push(...(turned > 0 ? ids : [ids[0], ids[2], ids[1]]));
  }
  return Int32Array.from(kept);
}

/** Moves the points inside towards the middle of their neighbours. */
function smooth(points: Point[], fixed: number, triangles: Int32Array): void {
  const n = points.length;
  const [sr, sz, count] = [new Float64Array(n), new Float64Array(n), new Float64Array(n)];
  for (let t = 0; t < triangles.length; t += 3)
    for (let k = 0; k < 3; k += 1) {
      const i = triangles[t + k];
      for (const o of [1, 2]) {
        const q = points[triangles[t + ((k + o) % 3)]];
        sr[i] = sr[i] + q.r;
        sz[i] = sz[i] + q.z;
        count[i] = count[i] + 1;
      }
    }
  for (let i = fixed; i < n; i += 1) {
    const c = count[i];
    if (c > 0) points[i] = { r: sr[i] / c, z: sz[i] / c };
  }
}

const edgeKey = (a: number, b: number): number => (a < b ? a * 65_536 + b : b * 65_536 + a);

/** Of each rim the edges (by their first corner) that are no side of a triangle. */
function missingEdges(rims: readonly (readonly Point[])[], triangles: Int32Array): Set<number>[] {
  const sides = new Set<number>();
  for (let t = 0; t < triangles.length; t += 3)
    for (let k = 0; k < 3; k += 1)
      sides.add(edgeKey(triangles[t + k], triangles[t + ((k + 1) % 3)]));
  let from = 0;
  return rims.map((rim) => {
    const missing = new Set<number>();
    for (let i = 0; i < rim.length; i += 1)
      if (!sides.has(edgeKey(from + i, from + ((i + 1) % rim.length)))) missing.add(i);
    from += rim.length;
    return missing;
  });
}

/** A rim with the named edges halved. */
const split = (rim: readonly Point[], missing: ReadonlySet<number>): Point[] =>
  rim.flatMap((p, i) => {
    if (!missing.has(i)) return [p];
    const q = rim[(i + 1) % rim.length];
    return [p, { r: (p.r + q.r) / 2, z: (p.z + q.z) / 2 }];
  });

/** Middles of the sides, the boundary named, angles and area checked. */
function finished(
  points: readonly Point[],
  triangles: Int32Array,
  rims: readonly (readonly Point[])[],
  loops: readonly Loop[],
  sideOf: (p: Point) => SkinSide,
  off: number,
): SectionMesh {
  // Points no triangle uses fall away.
  const used = new Map<number, number>();
  for (const i of triangles) if (!used.has(i)) used.set(i, used.size);
  const corners = used.size;
  const r: number[] = new Array<number>(corners).fill(0);
  const z: number[] = new Array<number>(corners).fill(0);
  for (const [old, now] of used) {
    const p = points[old];
    r[now] = p.r < MESH_ON_AXIS ? 0 : p.r;
    z[now] = p.z;
  }
  const middles = new Map<number, number>();
  const sides = new Map<number, number>();
  const middle = (a: number, b: number): number => {
    const k = edgeKey(a, b);
    sides.set(k, (sides.get(k) ?? 0) + 1);
    const there = middles.get(k);
    if (there !== undefined) return there;
    const at = r.length;
    r.push((r[a] + r[b]) / 2);
    z.push((z[a] + z[b]) / 2);
    middles.set(k, at);
    return at;
  };
  const of: number[] = [];
  let sharpest = 180;
  let area = 0;
  let worst: Point | undefined;
  for (let t = 0; t < triangles.length; t += 3) {
    const [a, b, c] = [0, 1, 2].map((k) => used.get(triangles[t + k]) as number) as [
      number,
      number,
      number,
    ];
    of.push(a, b, c, middle(a, b), middle(b, c), middle(c, a));
    const p = [a, b, c].map((i) => ({ r: r[i], z: z[i] })) as [Point, Point, Point];
    area += ((p[1].r - p[0].r) * (p[2].z - p[0].z) - (p[1].z - p[0].z) * (p[2].r - p[0].r)) / 2;
    const angle = leastAngle(p);
    if (angle < sharpest) {
      sharpest = angle;
      worst = p[0];
    }
  }
  const drawn = rims.reduce((sum, l) => sum + areaOf(l), 0);
  const given = loops.reduce((sum, l) => sum + areaOf(l), 0);
  if (Math.abs(area - drawn) > 1e-6 * drawn || Math.abs(drawn - given) > off * given)
    throw new MeshProblem(
      tr`The section could not be meshed: its area is not that of the drawing.`,
      worst,
    );
  if (sharpest < 8)
    throw new MeshProblem(tr`The glass runs out to a sliver here: no mesh holds it.`, worst);
  const edges: SectionMesh['edges'][number][] = [];
  for (const [k, count] of sides) {
    if (count !== 1) continue;
    const [a, b] = [Math.floor(k / 65_536), k % 65_536];
    const m = middles.get(k) as number;
    const p = { r: r[m], z: z[m] };
    const axis = r[a] < MESH_ON_AXIS && r[b] < MESH_ON_AXIS;
    edges.push({ a, b, middle: m, side: axis ? 'axis' : sideOf(p) });
  }
  const nodesOf = Int32Array.from(of);
  const cliques = Array.from({ length: of.length / 6 }, (_, e) => nodesOf.slice(6 * e, 6 * e + 6));
  return {
    nodes: r.length,
    r: Float64Array.from(r),
    z: Float64Array.from(z),
    corners,
    triangles: of.length / 6,
    of: nodesOf,
    cliques,
    close: closeOrder(r.length, cliques),
    edges,
    sharpest,
  };
}

const areaOf = (loop: readonly Point[]): number =>
  loop.reduce((sum, p, i) => {
    const q = loop[(i + 1) % loop.length];
    return sum + (p.r * q.z - q.r * p.z) / 2;
  }, 0);

function leastAngle([a, b, c]: readonly [Point, Point, Point]): number {
  const angle = (p: Point, q: Point, s: Point): number => {
    const [ur, uz, vr, vz] = [q.r - p.r, q.z - p.z, s.r - p.r, s.z - p.z];
    return (Math.abs(Math.atan2(ur * vz - uz * vr, ur * vr + uz * vz)) * 180) / Math.PI;
  };
  return Math.min(angle(a, b, c), angle(b, c, a), angle(c, a, b));
}
