// A mesh's facets in a tree of boxes, so that the nearest is found without asking all of them.
import type { Mesh } from './mesh';

/** Facets a leaf holds. */
const LEAF = 4;

/** Nearest facets of one mesh, asked many times. Boxes are halved only where something is asked for. */
export class FacetTree {
  /** Corners of every facet, nine numbers each, and its middle, m. */
  private readonly corners: Float64Array;
  private readonly middles: Float64Array;
  /** Facets in the order of the nodes: a node's are together. */
  private readonly order: Uint32Array;
  /** Six bounds a node: low x y z, high x y z. */
  private readonly bounds: number[] = [];
  /** A node's facets in the order; and its first child, the second being the next, 0 while it has none. */
  private readonly from: number[] = [];
  private readonly to: number[] = [];
  private readonly child: number[] = [];

  constructor({ positions, triangles }: Mesh) {
    const n = Math.floor(triangles.length / 3);
    this.corners = new Float64Array(9 * n);
    this.middles = new Float64Array(3 * n);
    this.order = Uint32Array.from({ length: n }, (_, i) => i);
    for (let k = 0; k < 3 * n; k += 1) {
      const at = 3 * (triangles[k] as number);
      const f = 3 * Math.floor(k / 3);
      for (let c = 0; c < 3; c += 1) {
        const v = positions[at + c] as number;
        this.corners[3 * k + c] = v;
        this.middles[f + c] = (this.middles[f + c] as number) + v / 3;
      }
    }
    if (n > 0) this.node(0, n);
  }

  private node(from: number, to: number): void {
    this.bounds.push(...boundsOf(this.corners, 3, this.order, from, to));
    this.from.push(from);
    this.to.push(to);
    this.child.push(0);
  }

  /** The first child of a node, made when it is asked for: its facets halved across the longest side of their middles' box. */
  private childOf(node: number): number {
    const made = this.child[node] as number;
    if (made !== 0) return made;
    const { order, middles } = this;
    const from = this.from[node] as number;
    const to = this.to[node] as number;
    const room = boundsOf(middles, 1, order, from, to);
    const side = (c: number): number => (room[c + 3] as number) - (room[c] as number);
    const axis = [1, 2].reduce((best, c) => (side(c) > side(best) ? c : best), 0);
    const half = ((room[axis] as number) + (room[axis + 3] as number)) / 2;
    let middle = from;
    for (let i = from; i < to; i += 1) {
      const f = order[i] as number;
      if ((middles[3 * f + axis] as number) >= half) continue;
      order[i] = order[middle] as number;
      order[middle] = f;
      middle += 1;
    }
    // All in one place: any half will do.
    if (middle === from || middle === to) middle = (from + to) >> 1;
    const child = this.child.length;
    this.child[node] = child;
    this.node(from, middle);
    this.node(middle, to);
    return child;
  }

  /** Square of the way from a point to a node's box; 0 inside. */
  private off(node: number, x: number, y: number, z: number): number {
    const b = this.bounds;
    const k = 6 * node;
    const dx = Math.max(0, (b[k] as number) - x, x - (b[k + 3] as number));
    const dy = Math.max(0, (b[k + 1] as number) - y, y - (b[k + 4] as number));
    const dz = Math.max(0, (b[k + 2] as number) - z, z - (b[k + 5] as number));
    return dx * dx + dy * dy + dz * dz;
  }

  /**
   * Distance from a point to the nearest facet, m. Where none is nearer than `within`: no less than that, and no more than the
   * distance.
   */
  distance([x, y, z]: readonly [number, number, number], within = Infinity): number {
    let best = Infinity;
    const enough = within * within;
    /** The nearest box that was not looked into. */
    let shut = Infinity;
    const waiting: number[] = this.child.length > 0 ? [0] : [];
    for (let node = waiting.pop(); node !== undefined; node = waiting.pop()) {
      const off = this.off(node, x, y, z);
      if (off >= best) continue;
      if (off >= enough) {
        shut = Math.min(shut, off);
        continue;
      }
      const to = this.to[node] as number;
      if (to - (this.from[node] as number) <= LEAF) {
        for (let i = this.from[node] as number; i < to; i += 1)
          best = Math.min(best, squareTo(this.corners, 9 * (this.order[i] as number), x, y, z));
        continue;
      }
      const one = this.childOf(node);
      // The nearer half is looked into first.
      if (this.off(one, x, y, z) <= this.off(one + 1, x, y, z)) waiting.push(one + 1, one);
      else waiting.push(one, one + 1);
    }
    return Math.sqrt(Math.min(best, shut));
  }
}

/** Least x y z, then most, of so many points a facet. */
function boundsOf(
  values: Float64Array,
  points: number,
  order: Uint32Array,
  from: number,
  to: number,
): number[] {
  let [x0, y0, z0] = [Infinity, Infinity, Infinity];
  let [x1, y1, z1] = [-Infinity, -Infinity, -Infinity];
  for (let i = from; i < to; i += 1) {
    const at = 3 * points * (order[i] as number);
    for (let k = at; k < at + 3 * points; k += 3) {
      const [x, y, z] = [values[k] as number, values[k + 1] as number, values[k + 2] as number];
      if (x < x0) x0 = x;
      if (x > x1) x1 = x;
      if (y < y0) y0 = y;
      if (y > y1) y1 = y;
      if (z < z0) z0 = z;
      if (z > z1) z1 = z;
    }
  }
  return [x0, y0, z0, x1, y1, z1];
}

/** Square of the distance to a triangle (closest point on a triangle: Ericson, *Real-Time Collision Detection*, 2005, 5.1.5). */
function squareTo(p: Float64Array, at: number, x: number, y: number, z: number): number {
  const ax = p[at] as number;
  const ay = p[at + 1] as number;
  const az = p[at + 2] as number;
  const abx = (p[at + 3] as number) - ax;
  const aby = (p[at + 4] as number) - ay;
  const abz = (p[at + 5] as number) - az;
  const acx = (p[at + 6] as number) - ax;
  const acy = (p[at + 7] as number) - ay;
  const acz = (p[at + 8] as number) - az;
  const apx = x - ax;
  const apy = y - ay;
  const apz = z - az;
  const gap = (v: number, w: number): number => {
    const dx = apx - v * abx - w * acx;
    const dy = apy - v * aby - w * acy;
    const dz = apz - v * abz - w * acz;
    return dx * dx + dy * dy + dz * dz;
  };
  const d1 = abx * apx + aby * apy + abz * apz;
  const d2 = acx * apx + acy * apy + acz * apz;
  const bb = abx * abx + aby * aby + abz * abz;
  const cc = acx * acx + acy * acy + acz * acz;
  const bc = abx * acx + aby * acy + abz * acz;
  const det = bb * cc - bc * bc;
  if (det > 0) {
    const v = (cc * d1 - bc * d2) / det;
    const w = (bb * d2 - bc * d1) / det;
    if (v >= 0 && w >= 0 && v + w <= 1) return gap(v, w);
  }
  const edge = bb - 2 * bc + cc;
  const u = edge > 0 ? clamp((cc - bc + d1 - d2) / edge) : 0;
  return Math.min(
    gap(bb > 0 ? clamp(d1 / bb) : 0, 0),
    gap(0, cc > 0 ? clamp(d2 / cc) : 0),
    gap(u, 1 - u),
  );
}

const clamp = (v: number): number => Math.min(1, Math.max(0, v));
