// Heat through a section: straight elements on the quarters of each triangle, lumped, one implicit step at a time; the skin gives off
// heat by grey radiation and air, made linear where it stands.
import type { Glass } from '../../glass/glass';
import { exchangeAt, type BoxExchange } from '../../conduction/lattice';
import type { SectionMesh } from './mesh';
import { entryAt, factor, skylineFor, solve, type Skyline } from './skyline';

/** How the skin stands to the box. */
export interface Sees {
  /** How much of the box the outside sees, 0 (shut off) to 1. */
  readonly outside: number;
  /** The same of what stands on the shelf. */
  readonly under: number;
  /**
   * The hollow: open, so that air and box reach its whole skin; or a mouth of so much area (m², 0 shut), behind which its sides
   * see one another.
   */
  readonly hollow: 'open' | { readonly mouth: number };
}

/** A section's heat. */
export interface Warmth {
  readonly nodes: number;
  /** Heat a node holds a kelvin, J/K per radian. */
  readonly capacity: Float64Array;
  /** Skin of a node that sees the box, m² per radian. */
  readonly skin: Float64Array;
  /** Skin of a node that sees the hollow and not the box, and the mouth of that, m² per radian. */
  readonly hollow: Float64Array;
  readonly mouth: number;
  /** Conduction, and the room the step's matrix is factored in; places of nodes in it. */
  readonly links: Float64Array;
  readonly matrix: Skyline;
  readonly place: Int32Array;
  readonly right: Float64Array;
  readonly unit: Float64Array;
  readonly faces: Float64Array;
}

/** The four small triangles of a six-node one. */
const QUARTERS = [
  [0, 3, 5],
  [3, 1, 4],
  [5, 4, 2],
  [3, 4, 5],
] as const;

/** Sets a section's heat up. */
export function warmthOf(mesh: SectionMesh, glass: Glass, sees: Sees): Warmth {
  const { nodes, r, z, cliques } = mesh;
  const { place } = mesh.close;
  const placed = cliques.map((c) => c.map((i) => place[i]));
  const matrix = skylineFor(nodes, placed);
  const links = new Float64Array(matrix.values.length);
  const capacity = new Float64Array(nodes);
  const skin = new Float64Array(nodes);
  const hollow = new Float64Array(nodes);
  const open = sees.hollow === 'open';
  const heat = glass.density * glass.specificHeat;
  for (const c of cliques)
    for (const [i, j, k] of QUARTERS) {
      const ids = [c[i], c[j], c[k]] as const;
      const rs = ids.map((n) => r[n]) as [number, number, number];
      const zs = ids.map((n) => z[n]) as [number, number, number];
      const twice = (rs[1] - rs[0]) * (zs[2] - zs[0]) - (rs[2] - rs[0]) * (zs[1] - zs[0]);
      const b = [zs[1] - zs[2], zs[2] - zs[0], zs[0] - zs[1]] as const;
      const d = [rs[2] - rs[1], rs[0] - rs[2], rs[1] - rs[0]] as const;
      const sum = rs[0] + rs[1] + rs[2];
      const conducts = (glass.conductivity * sum) / 3 / (2 * twice);
      for (let x = 0; x < 3; x += 1) {
        const px = place[ids[x]];
        capacity[px] = capacity[px] + (heat * twice * (sum + rs[x])) / 24;
        for (let y = 0; y < 3; y += 1) {
          const py = place[ids[y]];
          if (py > px) continue;
          const at = entryAt(matrix, px, py);
          links[at] = links[at] + conducts * (b[x] * b[y] + d[x] * d[y]);
        }
      }
    }
  for (const { a, b, middle, side } of mesh.edges) {
    if (side === 'axis') continue;
    for (const [i, j] of [
      [a, middle],
      [middle, b],
    ] as const) {
      const [ri, rj] = [r[i], r[j]];
      const length = Math.hypot(rj - ri, z[j] - z[i]);
      const [pi, pj] = [place[i], place[j]];
      const on = side === 'inside' && !open ? hollow : skin;
      const share = side === 'inside' ? 1 : sees[side];
      on[pi] = on[pi] + (share * length * (2 * ri + rj)) / 6;
      on[pj] = on[pj] + (share * length * (ri + 2 * rj)) / 6;
    }
  }
  const mouth = sees.hollow === 'open' ? 0 : sees.hollow.mouth / (2 * Math.PI);
  return {
    nodes,
    capacity,
    skin,
    hollow,
    mouth,
    links,
    matrix,
    place,
    right: new Float64Array(nodes),
    unit: new Float64Array(nodes),
    faces: new Float64Array(nodes),
  };
}

/** One implicit step of `dt` s from `now` to `next`, °C, in the order of the matrix. Returns heat given off, J per radian. */
export function warmthStep(
  w: Warmth,
  exchange: BoxExchange,
  kiln: number,
  dt: number,
  now: Float64Array,
  next: Float64Array,
): number {
  const { values } = w.matrix;
  values.set(w.links);
  const facing = hollowMean(w, now, kiln);
  let [gives, takes] = [0, 0];
  for (let i = 0; i < w.nodes; i += 1) {
    const t = now[i];
    const held = w.capacity[i] / dt;
    const area = w.skin[i];
    const given = area > 0 ? area * exchangeAt(exchange, kiln, t) : 0;
    const faces = w.hollow[i];
    const within = faces > 0 ? faces * exchangeAt(exchange, facing, t) : 0;
    const at = entryAt(w.matrix, i, i);
    values[at] = values[at] + held + given + within;
    w.right[i] = given;
    w.unit[i] = within;
    w.faces[i] = within;
    gives += within;
    next[i] = held * t + given * kiln;
  }
  factor(w.matrix);
  solve(w.matrix, next);
  if (gives > 0) {
    // The hollow takes the heat its sides give it and hands it out by the mouth: one more unknown, eliminated.
    const out = w.mouth * exchangeAt(exchange, kiln, facing);
    solve(w.matrix, w.unit);
    let [from, by] = [0, 0];
    for (let i = 0; i < w.nodes; i += 1) {
      from += w.faces[i] * next[i];
      by += w.faces[i] * w.unit[i];
    }
    const air = (from + out * kiln) / (gives + out - by);
    for (let i = 0; i < w.nodes; i += 1) next[i] = next[i] + air * w.unit[i];
    takes = dt * out * (air - kiln);
  }
  let lost = takes;
  for (let i = 0; i < w.nodes; i += 1) lost += dt * w.right[i] * (next[i] - kiln);
  return lost;
}

/** Mean of the hollow's sides and its mouth, by area, °C: what a side is made linear about. */
function hollowMean(w: Warmth, now: Float64Array, kiln: number): number {
  let [sum, area] = [w.mouth * kiln, w.mouth];
  for (let i = 0; i < w.nodes; i += 1) {
    const a = w.hollow[i];
    sum += a * now[i];
    area += a;
  }
  return area > 0 ? sum / area : kiln;
}
