// Triangle meshes in metres, z up: made from turned outlines, checked closed, measured by the divergence theorem.
import type { Line } from './profile';
import { ON_AXIS } from './profile';

/** `positions` holds x, y, z of each corner; `triangles` three corner indices each, anticlockwise seen from outside. */
export interface Mesh {
  readonly positions: readonly number[];
  readonly triangles: readonly number[];
}

/** Volume m³ (by signed tetrahedra), centre of mass m, surface m². Closed meshes only give a true volume. */
export interface MeshMeasure {
  readonly volume: number;
  readonly centre: readonly [number, number, number];
  readonly area: number;
}

/** Measures a mesh (divergence theorem; Mirtich, Journal of Graphics Tools 1, 1996). */
export function measureMesh({ positions, triangles }: Mesh): MeshMeasure {
  let volume = 0;
  let area = 0;
  const moment = [0, 0, 0];
  const p = (i: number, c: number): number => positions[3 * (triangles[i] as number) + c] as number;
  for (let t = 0; t < triangles.length; t += 3) {
    const [ax, ay, az] = [p(t, 0), p(t, 1), p(t, 2)];
    const [bx, by, bz] = [p(t + 1, 0), p(t + 1, 1), p(t + 1, 2)];
    const [cx, cy, cz] = [p(t + 2, 0), p(t + 2, 1), p(t + 2, 2)];
    const nx = (by - ay) * (cz - az) - (bz - az) * (cy - ay);
    const ny = (bz - az) * (cx - ax) - (bx - ax) * (cz - az);
    const nz = (bx - ax) * (cy - ay) - (by - ay) * (cx - ax);
    area += Math.hypot(nx, ny, nz) / 2;
    const six = ax * (by * cz - bz * cy) + ay * (bz * cx - bx * cz) + az * (bx * cy - by * cx);
    volume += six / 6;
    moment[0] = (moment[0] as number) + (six / 24) * (ax + bx + cx);
    moment[1] = (moment[1] as number) + (six / 24) * (ay + by + cy);
    moment[2] = (moment[2] as number) + (six / 24) * (az + bz + cz);
  }
  const by = volume === 0 ? 1 : volume;
  return {
    volume,
    area,
    centre: [(moment[0] as number) / by, (moment[1] as number) / by, (moment[2] as number) / by],
  };
}

/** An edge that does not have exactly one triangle on each side, as its middle point, m. */
export interface OpenEdge {
  readonly at: readonly [number, number, number];
}

/** Edges that keep a mesh from being watertight: every edge must be walked once in each direction. */
export function openEdges({ positions, triangles }: Mesh): OpenEdge[] {
  const corners = positions.length / 3;
  const walked = new Map<number, number>();
  for (let t = 0; t < triangles.length; t += 3)
    for (let k = 0; k < 3; k += 1) {
      const a = triangles[t + k] as number;
      const b = triangles[t + ((k + 1) % 3)] as number;
      const [low, high] = a < b ? [a, b] : [b, a];
      const key = low * corners + high;
      // Units count walks up, thousands walks down: exactly 1001 is one each way.
      walked.set(key, (walked.get(key) ?? 0) + (a < b ? 1 : 1000));
    }
  const open: OpenEdge[] = [];
  for (const [key, walks] of walked)
    if (walks !== 1001) {
      const low = Math.floor(key / corners);
      const high = key - low * corners;
      const mid = (c: number): number =>
        ((positions[3 * low + c] as number) + (positions[3 * high + c] as number)) / 2;
      open.push({ at: [mid(0), mid(1), mid(2)] });
    }
  return open;
}

/**
 * Turns a closed outline of the right half-plane (first point not repeated) into a watertight mesh of so many facets.
 * The outline may touch the axis; it must run anticlockwise (up the outside, down the inside).
 */
export const turnedMesh = (outline: Line, facets: number): Mesh =>
  ringedMesh(outline, facets, (i) => outline.r[i] as number);

/**
 * The same of an outline that is another along every facet: `radius` tells place and facet's own distance from the axis, m. `outline`
 * is the widest; what it has on the axis is there along all of them.
 */
export function ringedMesh(
  outline: Line,
  facets: number,
  radius: (place: number, facet: number) => number,
): Mesh {
  const positions: number[] = [];
  const triangles: number[] = [];
  const ring: number[] = [];
  const n = outline.r.length;
  for (let i = 0; i < n; i += 1) {
    const z = outline.z[i] as number;
    ring.push(positions.length / 3);
    if ((outline.r[i] as number) < ON_AXIS) positions.push(0, 0, z);
    else
      for (let k = 0; k < facets; k += 1) {
        const a = (2 * Math.PI * k) / facets;
        const r = radius(i, k);
        positions.push(r * Math.cos(a), r * Math.sin(a), z);
      }
  }
  for (let i = 0; i < n; i += 1) {
    const j = (i + 1) % n;
    const poleI = (outline.r[i] as number) < ON_AXIS;
    const poleJ = (outline.r[j] as number) < ON_AXIS;
    if (poleI && poleJ) continue;
    const a = ring[i] as number;
    const b = ring[j] as number;
    for (let k = 0; k < facets; k += 1) {
      const next = (k + 1) % facets;
      if (poleI) triangles.push(a, b + next, b + k);
      else if (poleJ) triangles.push(a + k, a + next, b);
      else triangles.push(a + k, a + next, b + next, a + k, b + next, b + k);
    }
  }
  return { positions, triangles };
}

/** Moves every corner by a function of (x, y, z). Keep it orientation-preserving. */
export function movedMesh(
  mesh: Mesh,
  to: (x: number, y: number, z: number) => readonly [number, number, number],
): Mesh {
  const positions = new Array<number>(mesh.positions.length);
  for (let i = 0; i < positions.length; i += 3) {
    const [x, y, z] = to(
      mesh.positions[i] as number,
      mesh.positions[i + 1] as number,
      mesh.positions[i + 2] as number,
    );
    positions[i] = x;
    positions[i + 1] = y;
    positions[i + 2] = z;
  }
  return { positions, triangles: mesh.triangles };
}

/** Several meshes as one; each stays a closed shell of its own. */
export function joinedMesh(meshes: readonly Mesh[]): Mesh {
  const positions: number[] = [];
  const triangles: number[] = [];
  for (const m of meshes) {
    const base = positions.length / 3;
    for (const v of m.positions) positions.push(v);
    for (const t of m.triangles) triangles.push(base + t);
  }
  return { positions, triangles };
}

/** Corners closer than this are one when a triangle soup is welded, m. */
const WELD = 1e-6;

/** Joins the loose triangles of a file (nine numbers each) at their shared corners; drops those of no area. */
export function weldedMesh(soup: ArrayLike<number>): Mesh {
  const index = new Map<string, number>();
  const positions: number[] = [];
  const corner = (i: number): number => {
    const v = [soup[i] as number, soup[i + 1] as number, soup[i + 2] as number];
    const key = v.map((c) => Math.round(c / WELD)).join(',');
    let at = index.get(key);
    if (at === undefined) {
      at = positions.length / 3;
      index.set(key, at);
      positions.push(...v);
    }
    return at;
  };
  const triangles: number[] = [];
  for (let i = 0; i + 8 < soup.length; i += 9) {
    const [a, b, c] = [corner(i), corner(i + 3), corner(i + 6)];
    if (a !== b && b !== c && c !== a) triangles.push(a, b, c);
  }
  return { positions, triangles };
}
