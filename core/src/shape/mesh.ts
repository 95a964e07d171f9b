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

/**
 * Distance from a point to a mesh's nearest facet, m (closest point on a triangle: Ericson, *Real-Time Collision Detection*, 2005). Past
 * `within` only that it is at least so much.
 */
export function distanceToMesh(
  { positions, triangles }: Mesh,
  [x, y, z]: readonly [number, number, number],
  within = Infinity,
): number {
  let best = Infinity;
  const at = (t: number, c: number): number =>
    positions[3 * (triangles[t] as number) + c] as number;
  const off = (v: number, p: number, q: number, r: number): number =>
    Math.max(Math.min(p, q, r) - v, v - Math.max(p, q, r));
  for (let t = 0; t < triangles.length; t += 3) {
    if (within < Infinity) {
      const least = Math.max(
        off(x, at(t, 0), at(t + 1, 0), at(t + 2, 0)),
        off(y, at(t, 1), at(t + 1, 1), at(t + 2, 1)),
        off(z, at(t, 2), at(t + 1, 2), at(t + 2, 2)),
      );
      if (least > within) {
        best = Math.min(best, least * least);
        continue;
      }
    }
    const a = [at(t, 0), at(t, 1), at(t, 2)] as const;
    const ab = [at(t + 1, 0) - a[0], at(t + 1, 1) - a[1], at(t + 1, 2) - a[2]] as const;
    const ac = [at(t + 2, 0) - a[0], at(t + 2, 1) - a[1], at(t + 2, 2) - a[2]] as const;
    const ap = [x - a[0], y - a[1], z - a[2]] as const;
    const dot = (p: readonly number[], q: readonly number[]): number =>
      (p[0] as number) * (q[0] as number) +
      (p[1] as number) * (q[1] as number) +
      (p[2] as number) * (q[2] as number);
    const [d1, d2, bb, cc, bc] = [dot(ab, ap), dot(ac, ap), dot(ab, ab), dot(ac, ac), dot(ab, ac)];
    const clamp = (v: number): number => Math.min(1, Math.max(0, v));
    const det = bb * cc - bc * bc;
    let v = det > 0 ? (cc * d1 - bc * d2) / det : -1;
    let w = det > 0 ? (bb * d2 - bc * d1) / det : -1;
    let square = Infinity;
    const ask = (p: number, q: number): void => {
      const d = ap.map((g, i) => g - p * (ab[i] as number) - q * (ac[i] as number));
      square = Math.min(square, dot(d, d));
    };
    if (v >= 0 && w >= 0 && v + w <= 1) ask(v, w);
    else {
      v = bb > 0 ? clamp(d1 / bb) : 0;
      ask(v, 0);
      w = cc > 0 ? clamp(d2 / cc) : 0;
      ask(0, w);
      const edge = bb - 2 * bc + cc;
      const u = edge > 0 ? clamp((cc - bc + d1 - d2) / edge) : 0;
      ask(u, 1 - u);
    }
    best = Math.min(best, square);
  }
  return Math.sqrt(best);
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
export function turnedMesh(outline: Line, facets: number): Mesh {
  const positions: number[] = [];
  const triangles: number[] = [];
  const ring: number[] = [];
  const n = outline.r.length;
  for (let i = 0; i < n; i += 1) {
    const r = outline.r[i] as number;
    const z = outline.z[i] as number;
    ring.push(positions.length / 3);
    if (r < ON_AXIS) positions.push(0, 0, z);
    else
      for (let k = 0; k < facets; k += 1) {
        const a = (2 * Math.PI * k) / facets;
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
