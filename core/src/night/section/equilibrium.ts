// Balance of a section in one step: stresses kept, a free strain, and the displacement that leaves no force anywhere. A factored
// stiffness serves for as many steps as it speeds conjugate gradients up well; then it is made anew.
import { tr } from '../../words/tr';
import { MODES, type Relaxing } from '../relaxing/relaxation';
import type { PointStep } from '../relaxing/stress';
import {
  GAUSS,
  LOCAL,
  OUTER,
  PACKED_LENGTH,
  POINTS,
  deviatorOf,
  stiffen,
  stiffnessFor,
  type Elements,
} from './element';
import type { SectionMesh } from './mesh';
import { leastPrincipal, principal } from './principal';
import { entryAt, factor, skylineFor, solve } from './skyline';

/** The stress of a section. */
export interface Equilibrium {
  /** Total stress at the points: rr, zz, tt, rz, Pa. */
  readonly stress: Float64Array;
  /** Lets it take a step; `last` leaves no force unbalanced that another step would have to take up. */
  readonly step: (step: PointStep, last?: boolean) => void;
  /** The most tension at any point colder than `below`, and which: −1 where none is. */
  readonly worst: (
    at: Float64Array,
    below: number,
  ) => { readonly most: number; readonly place: number };
  /** The most and the least principal stress at any point, Pa. */
  readonly range: () => readonly [number, number];
  /** How often the stiffness was factored. */
  readonly factored: () => number;
  /** Displacement of the last step by node, r and z, m. */
  readonly moved: (node: number) => readonly [number, number];
}

/** Barycentric places of the points. */
const L1 = Float64Array.from(GAUSS, (g) => g[0]);
const L2 = Float64Array.from(GAUSS, (g) => g[1]);
const L3 = Float64Array.from(GAUSS, (g) => g[2]);
const ON_AXIS = 1e-9;
/** Unbalanced force left, over the load: by a step that another follows, and by the last. */
const BALANCED = 1e-5;
const AT_LAST = 1e-9;
/** More rounds than this with an old factor cost more than a new one. */
const ROUNDS = 4;
const FEW = 1;
/** Shares of the shear modulus nearer than this are the same: what that leaves unbalanced the next step takes up. */
const SAME_GAIN = 1e-4;
const MOST_ROUNDS = 200;

/** What a section in balance is worked out with: its unknowns, its stiffness, its stress, and room to work in. */
function stateOf(mesh: SectionMesh, elements: Elements, r: Relaxing) {
  const { of, nodes, triangles, cliques } = mesh;
  const { order } = mesh.close;
  // Unknowns in the order of the nodes; what is held has none.
  const unknown = new Int32Array(2 * nodes).fill(-1);
  let size = 0;
  order.forEach((node, i) => {
    if (mesh.r[node] > ON_AXIS) unknown[2 * node] = size++;
    if (i > 0) unknown[2 * node + 1] = size++;
  });
  const dofs = new Int32Array(OUTER * triangles);
  for (let e = 0; e < triangles; e += 1)
    for (let i = 0; i < 6; i += 1) {
      const node = of[6 * e + i];
      dofs[OUTER * e + 2 * i] = unknown[2 * node];
      dofs[OUTER * e + 2 * i + 1] = unknown[2 * node + 1];
    }
  const matrix = skylineFor(
    size,
    cliques.map((_, e) => dofs.slice(OUTER * e, OUTER * (e + 1)).filter((d) => d >= 0)),
  );
  const stiff = stiffnessFor(triangles);
  const shearing = deviatorOf(elements);
  const points = triangles * POINTS;
  const deviator = new Float64Array(3 * points * MODES);
  const mean = new Float64Array(3 * triangles);
  const stress = new Float64Array(4 * points);
  const load = new Float64Array(size);
  const x = new Float64Array(size);
  const [res, pre, dir, image] = [0, 1, 2, 3].map(() => new Float64Array(size)) as [
    Float64Array,
    Float64Array,
    Float64Array,
    Float64Array,
  ];
  const bubbles = new Float64Array(2 * triangles);
  const local = new Float64Array(LOCAL);
  /** Of its shear an element had so much when its stiffness was made. */
  const felt = new Float64Array(triangles).fill(NaN);
  return {
    elements,
    r,
    triangles,
    points,
    size,
    unknown,
    dofs,
    matrix,
    stiff,
    shearing,
    deviator,
    mean,
    stress,
    load,
    x,
    res,
    pre,
    dir,
    image,
    bubbles,
    local,
    felt,
    /** How often the stiffness was factored, and whether it is to be again. */
    made: 0,
    stale: true,
  };
}
type State = ReturnType<typeof stateOf>;

/** Factors the stiffness as it is. */
function refactor(state: State): void {
  const { matrix, stiff, triangles, dofs } = state;
  matrix.values.fill(0);
  for (let e = 0; e < triangles; e += 1) {
    let o = e * PACKED_LENGTH;
    for (let i = 0; i < OUTER; i += 1) {
      const a = dofs[OUTER * e + i];
      for (let j = i; j < OUTER; j += 1, o += 1) {
        const b = dofs[OUTER * e + j];
        if (a < 0 || b < 0) continue;
        const at = entryAt(matrix, a > b ? a : b, a > b ? b : a);
        matrix.values[at] = matrix.values[at] + stiff.outer[o];
      }
    }
  }
  if (!factor(matrix)) throw new Error(tr`The section has no stiffness here.`);
  state.made += 1;
  state.stale = false;
}

/** The stiffness times a displacement. */
function times({ stiff, triangles, dofs }: State, v: Float64Array, out: Float64Array): void {
  out.fill(0);
  for (let e = 0; e < triangles; e += 1) {
    let o = e * PACKED_LENGTH;
    for (let i = 0; i < OUTER; i += 1) {
      const a = dofs[OUTER * e + i];
      const va = a < 0 ? 0 : v[a];
      let sum = va * stiff.outer[o];
      o += 1;
      for (let j = i + 1; j < OUTER; j += 1, o += 1) {
        const b = dofs[OUTER * e + j];
        if (b < 0) continue;
        const k = stiff.outer[o];
        sum += k * v[b];
        out[b] = out[b] + k * va;
      }
      if (a >= 0) out[a] = out[a] + sum;
    }
  }
}

function dot(a: Float64Array, b: Float64Array): number {
  let sum = 0;
  for (let i = 0; i < a.length; i += 1) sum += a[i] * b[i];
  return sum;
}

/** Solves for `load` into `x` by conjugate gradients, the factor at hand as the first guess of the inverse. */
function balance(state: State, left: number): number {
  const { matrix, size, load, x, res, pre, dir, image } = state;
  x.set(load);
  solve(matrix, x);
  times(state, x, image);
  for (let i = 0; i < size; i += 1) res[i] = load[i] - image[i];
  const wanted = left * left * dot(load, load);
  let rounds = 0;
  let rz = 0;
  while (dot(res, res) > wanted && rounds < MOST_ROUNDS) {
    pre.set(res);
    solve(matrix, pre);
    const now = dot(res, pre);
    const beta = rounds === 0 ? 0 : now / rz;
    rz = now;
    for (let i = 0; i < size; i += 1) dir[i] = pre[i] + beta * dir[i];
    times(state, dir, image);
    const alpha = rz / dot(dir, image);
    for (let i = 0; i < size; i += 1) {
      x[i] = x[i] + alpha * dir[i];
      res[i] = res[i] - alpha * image[i];
    }
    rounds += 1;
  }
  return rounds;
}

/** Mean stress at a point, from the element's three. */
const meanAt = (mean: Float64Array, e: number, q: number): number =>
  L1[q] * mean[3 * e] + L2[q] * mean[3 * e + 1] + L3[q] * mean[3 * e + 2];

/** Makes the stiffness of elements anew that have softened or set since; whether there were any. */
function stiffened(state: State, gain: PointStep['gain']): boolean {
  const { triangles, elements, shearing, stiff, r, felt } = state;
  let changed = false;
  for (let e = 0; e < triangles; e += 1) {
    let share = 0;
    for (let q = 0; q < POINTS; q += 1) share += gain[e * POINTS + q] / POINTS;
    if (Math.abs(share - felt[e]) < SAME_GAIN) continue;
    stiffen(e, elements, shearing, stiff, r.shear * share, r.bulk);
    felt[e] = share;
    changed = true;
  }
  return changed;
}

/** What is out of balance: the stress kept, and what the free strain takes; the bubble's share put on the corners and sides. */
function loaded(state: State, { keep, strain }: PointStep): void {
  const { triangles, dofs, stiff, r, deviator, mean, load, local, bubbles } = state;
  const { weight, dr, dz, over, mass } = state.elements;
  load.fill(0);
  for (let e = 0; e < triangles; e += 1) {
    local.fill(0);
    // The mean stress without any displacement: what was, less what the free strain takes.
    let h0 = 0;
    let h1 = 0;
    let h2 = 0;
    for (let q = 0; q < POINTS; q += 1) {
      const p = e * POINTS + q;
      const taken = weight[p] * strain[p];
      h0 += taken * L1[q];
      h1 += taken * L2[q];
      h2 += taken * L3[q];
    }
    for (let j = 0; j < 3; j += 1) {
      const m = 9 * e + 3 * j;
      mean[3 * e + j] =
        mean[3 * e + j] - 3 * r.bulk * (mass[m] * h0 + mass[m + 1] * h1 + mass[m + 2] * h2);
    }
    for (let q = 0; q < POINTS; q += 1) {
      const p = e * POINTS + q;
      let rr = 0;
      let zz = 0;
      let rz = 0;
      for (let m = 0; m < MODES; m += 1) {
        const i = p * MODES + m;
        const k = keep[i];
        const at = 3 * i;
        rr += deviator[at] = deviator[at] * k;
        zz += deviator[at + 1] = deviator[at + 1] * k;
        rz += deviator[at + 2] = deviator[at + 2] * k;
      }
      const pm = meanAt(mean, e, q);
      const w = weight[p];
      const sr = w * (rr + pm);
      const sz = w * (zz + pm);
      const st = w * (pm - rr - zz);
      const ss = w * rz;
      const g = p * 7;
      for (let a = 0; a < 7; a += 1) {
        const da = dr[g + a];
        const db = dz[g + a];
        local[2 * a] = local[2 * a] - sr * da - st * over[g + a] - ss * db;
        local[2 * a + 1] = local[2 * a + 1] - sz * db - ss * da;
      }
    }
    const b0 = local[12];
    const b1 = local[13];
    const at = e * 2 * OUTER;
    for (let i = 0; i < OUTER; i += 1) {
      const d = dofs[OUTER * e + i];
      if (d < 0) continue;
      load[d] = load[d] + local[i] - stiff.bubble[at + i] * b0 - stiff.bubble[at + OUTER + i] * b1;
    }
    bubbles[2 * e] = b0;
    bubbles[2 * e + 1] = b1;
  }
}

/** The stress that the displacement in `x` leaves. */
function updated(state: State, { part }: PointStep): void {
  const { triangles, dofs, stiff, r, deviator, mean, stress, x, local, bubbles } = state;
  const { dr, dz, over, pressure } = state.elements;
  for (let e = 0; e < triangles; e += 1) {
    const at = e * 2 * OUTER;
    const i00 = stiff.inner[3 * e];
    const i01 = stiff.inner[3 * e + 1];
    const i11 = stiff.inner[3 * e + 2];
    const f0 = bubbles[2 * e];
    const f1 = bubbles[2 * e + 1];
    let u0 = i00 * f0 + i01 * f1;
    let u1 = i01 * f0 + i11 * f1;
    for (let i = 0; i < OUTER; i += 1) {
      const d = dofs[OUTER * e + i];
      const v = d < 0 ? 0 : x[d];
      local[i] = v;
      u0 -= stiff.bubble[at + i] * v;
      u1 -= stiff.bubble[at + OUTER + i] * v;
    }
    local[12] = u0;
    local[13] = u1;
    for (let j = 0; j < 3; j += 1) {
      let sum = 0;
      for (let i = 0; i < LOCAL; i += 1) sum += pressure[e * 3 * LOCAL + j * LOCAL + i] * local[i];
      mean[3 * e + j] = mean[3 * e + j] + r.bulk * sum;
    }
    for (let q = 0; q < POINTS; q += 1) {
      const p = e * POINTS + q;
      const g = p * 7;
      let err = 0;
      let ezz = 0;
      let ett = 0;
      let erz = 0;
      for (let a = 0; a < 7; a += 1) {
        const ur = local[2 * a];
        const uz = local[2 * a + 1];
        err += dr[g + a] * ur;
        ezz += dz[g + a] * uz;
        ett += over[g + a] * ur;
        erz += (dz[g + a] * ur + dr[g + a] * uz) / 2;
      }
      const third = (err + ezz + ett) / 3;
      const d0 = 2 * r.shear * (err - third);
      const d1 = 2 * r.shear * (ezz - third);
      const d2 = 2 * r.shear * erz;
      let rr = 0;
      let zz = 0;
      let rz = 0;
      for (let m = 0; m < MODES; m += 1) {
        const i = p * MODES + m;
        const share = part[i];
        const s = 3 * i;
        rr += deviator[s] = deviator[s] + share * d0;
        zz += deviator[s + 1] = deviator[s + 1] + share * d1;
        rz += deviator[s + 2] = deviator[s + 2] + share * d2;
      }
      const pm = meanAt(mean, e, q);
      stress[4 * p] = rr + pm;
      stress[4 * p + 1] = zz + pm;
      stress[4 * p + 2] = pm - rr - zz;
      stress[4 * p + 3] = rz;
    }
  }
}

/** Sets it up, free of stress. The axis keeps to itself, one node keeps its height. */
export function equilibrium(mesh: SectionMesh, elements: Elements, r: Relaxing): Equilibrium {
  const state = stateOf(mesh, elements, r);
  const { points, stress, unknown, x } = state;
  const step = (of: PointStep, last = false): void => {
    const changed = stiffened(state, of.gain);
    if (state.stale) refactor(state);
    loaded(state, of);
    const rounds = balance(state, last ? AT_LAST : BALANCED);
    // Cold glass stays as stiff as it is: a factor of just that serves to the end.
    if (rounds > ROUNDS || (!changed && rounds > FEW)) state.stale = true;
    updated(state, of);
  };
  const ofPoint = (p: number, how: typeof principal): number =>
    how(stress[4 * p], stress[4 * p + 1], stress[4 * p + 2], stress[4 * p + 3]);
  return {
    stress,
    step,
    worst: (at, below) => {
      let [most, place] = [-Infinity, -1];
      for (let p = 0; p < points; p += 1) {
        if (!(at[p] < below)) continue;
        const v = ofPoint(p, principal);
        if (v > most) {
          most = v;
          place = p;
        }
      }
      return { most, place };
    },
    range: () => {
      let [most, least] = [-Infinity, Infinity];
      for (let p = 0; p < points; p += 1) {
        most = Math.max(most, ofPoint(p, principal));
        least = Math.min(least, ofPoint(p, leastPrincipal));
      }
      return [most, least];
    },
    factored: () => state.made,
    moved: (node) => {
      const [a, b] = [unknown[2 * node], unknown[2 * node + 1]];
      return [a < 0 ? 0 : x[a], b < 0 ? 0 : x[b]];
    },
  };
}
