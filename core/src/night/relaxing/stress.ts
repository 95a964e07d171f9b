// Stress in a wall that relaxes: its deviator flows as a sum of exponentials, its bulk is elastic. Flat walls in closed form
// (equal in both directions of the plane, no net force), round ones by linear elements on the radius. No step makes an array.
import { MODES, MODE_WEIGHTS, type Relaxing } from './relaxation';
import type { Lattice } from '../../conduction/lattice';

/** What one step of time does at every point: how much is kept of each mode, how stiff the step is, how much it would shrink. */
export interface PointStep {
  /** exp(−Δξ/τ), point by mode. */
  readonly keep: Float64Array;
  /** Σ w·(1−exp(−Δξ/τ))τ/Δξ: the share of the shear modulus the step feels. */
  readonly gain: Float64Array;
  /** The same mode by mode, weight and all. */
  readonly part: Float64Array;
  /** Free strain of the step. */
  readonly strain: Float64Array;
}

/** The stress of one wall. Pa. */
export interface StressState {
  readonly points: number;
  /** Deviator modes: point by mode, once or twice (radial; hoop of a cylinder). */
  readonly radial: Float64Array;
  readonly hoop: Float64Array;
  /** Mean stress of round bodies. */
  readonly mean: Float64Array;
  /** Flat: the stress in the plane. Cylinder: along it. Ball: round it. */
  readonly plane: Float64Array;
  /** The most tension at a point in any direction. */
  readonly most: Float64Array;
  readonly scratch: readonly Float64Array[];
}

/** Points of a lattice: nodes of a flat wall, spaces between the nodes of a round one. */
export const pointsOf = (lattice: Lattice): number =>
  lattice.power === 0 ? lattice.nodes : lattice.nodes - 1;

/** No stress. */
export function unstressed(lattice: Lattice): StressState {
  const points = pointsOf(lattice);
  const zero = (n: number): Float64Array => new Float64Array(n);
  return {
    points,
    radial: zero(points * MODES),
    hoop: zero(lattice.power === 1 ? points * MODES : 0),
    mean: zero(points),
    plane: zero(points),
    most: zero(points),
    scratch: Array.from({ length: 8 }, () => zero(lattice.nodes)),
  };
}

/**
 * Lets the stress of a flat wall take one step. `imposed` is the strain of the whole wall in its plane; left out (NaN) it is
 * the one that leaves no net force, and with `bends` no net moment either. Returns the strain.
 */
export function flatStep(
  state: StressState,
  lattice: Lattice,
  r: Relaxing,
  step: PointStep,
  bends: boolean,
  imposed: number,
): number {
  const [a, b] = state.scratch as [Float64Array, Float64Array];
  const { points, radial: s, plane } = state;
  const { share, at } = lattice;
  const twoG = 2 * r.shear;
  const nineK = 9 * r.bulk;
  let [fa, fb, fz, ma, mz] = [0, 0, 0, 0, 0];
  for (let p = 0; p < points; p += 1) {
    let kept = 0;
    for (let m = p * MODES; m < (p + 1) * MODES; m += 1) {
      const v = s[m] * step.keep[m];
      s[m] = v;
      kept += v;
    }
    const g = twoG * step.gain[p];
    const below = 1 / 3 + (2 * g) / nineK;
    const free = (2 * plane[p]) / nineK - step.strain[p];
    a[p] = (kept + g * free) / below;
    b[p] = g / below;
    const w = share[p];
    const z = at[p];
    fa += w * a[p];
    fb += w * b[p];
    fz += w * z * b[p];
    ma += w * z * a[p];
    mz += w * z * z * b[p];
  }
  let whole = imposed;
  let slope = 0;
  if (Number.isNaN(imposed)) {
    const determinant = fb * mz - fz * fz;
    if (bends && determinant > 1e-12 * fb * mz) {
      whole = (-fa * mz + ma * fz) / determinant;
      slope = (-ma * fb + fa * fz) / determinant;
    } else whole = fb > 0 ? -fa / fb : meanOf(step.strain, share, points);
  }
  for (let p = 0; p < points; p += 1) {
    const strain = whole + slope * at[p];
    const next = a[p] + b[p] * strain;
    // The deviator's own strain: what of the step is neither free nor bulk.
    const e = strain - step.strain[p] - (2 * (next - plane[p])) / nineK;
    for (let m = 0, i = p * MODES; m < MODES; m += 1, i += 1) s[i] = s[i] + twoG * step.part[i] * e;
    plane[p] = next;
    state.most[p] = next;
  }
  return whole;
}

const meanOf = (v: Float64Array, w: Float64Array, n: number): number => {
  let [sum, all] = [0, 0];
  for (let i = 0; i < n; i += 1) {
    sum += v[i] * w[i];
    all += w[i];
  }
  return sum / all;
};

/** Room to work in, by name: the rows of the displacement, the load and a unit along it, what was kept. */
function roomOf(state: StressState) {
  const [diagonal, off, f, g, u, v, sr, st] = state.scratch as [
    Float64Array,
    Float64Array,
    Float64Array,
    Float64Array,
    Float64Array,
    Float64Array,
    Float64Array,
    Float64Array,
  ];
  return { diagonal, off, f, g, u, v, sr, st };
}

/** Rows of a cylinder or a ball: stiffness and load; the force along it, and its stiffness, of a cylinder. */
function roundRows(
  state: StressState,
  lattice: Lattice,
  r: Relaxing,
  step: PointStep,
): readonly [axial: number, axialStiff: number] {
  const { points, radial, hoop, mean } = state;
  const { at, power } = lattice;
  const { diagonal, off, f, g, sr, st } = roomOf(state);
  const long = power === 1;
  const twoG = 2 * r.shear;
  diagonal.fill(0);
  off.fill(0);
  f.fill(0);
  g.fill(0);
  let [axial, axialStiff] = [0, 0];
  for (let p = 0; p < points; p += 1) {
    let [kr, kt] = [0, 0];
    for (let m = p * MODES; m < (p + 1) * MODES; m += 1) {
      const keep = step.keep[m];
      radial[m] = radial[m] * keep;
      kr += radial[m];
      if (long) {
        hoop[m] = hoop[m] * keep;
        kt += hoop[m];
      }
    }
    sr[p] = kr;
    st[p] = kt;
    const [r1, r2] = [at[p], at[p + 1]];
    const inv = 1 / (r2 - r1);
    const volume = (r2 ** (power + 1) - r1 ** (power + 1)) / (power + 1);
    const flow = twoG * step.gain[p];
    const p0 = mean[p] - 3 * r.bulk * step.strain[p];
    // Volume and deviator of a unit of each end's displacement.
    const [t1, t2] = [roundnessOf(r1, r2, power, 0), roundnessOf(r1, r2, power, 1)];
    const b1 = -inv + power * t1;
    const b2 = inv + power * t2;
    if (long) {
      const [er1, er2] = [-inv - b1 / 3, inv - b2 / 3];
      const [et1, et2] = [t1 - b1 / 3, t2 - b2 / 3];
      const [ez1, ez2] = [-b1 / 3, -b2 / 3];
      const kz = -(kr + kt);
      diagonal[p] =
        diagonal[p] + volume * (r.bulk * b1 * b1 + flow * (er1 * er1 + et1 * et1 + ez1 * ez1));
      diagonal[p + 1] = volume * (r.bulk * b2 * b2 + flow * (er2 * er2 + et2 * et2 + ez2 * ez2));
      off[p] = volume * (r.bulk * b1 * b2 + flow * (er1 * er2 + et1 * et2 + ez1 * ez2));
      f[p] = f[p] + volume * (p0 * b1 + kr * er1 + kt * et1 + kz * ez1);
      f[p + 1] = volume * (p0 * b2 + kr * er2 + kt * et2 + kz * ez2);
      // A unit of strain along it: volume 1, deviator −1/3, −1/3, 2/3.
      g[p] = g[p] + volume * (r.bulk * b1 + flow * ((2 * ez1 - er1 - et1) / 3));
      g[p + 1] = volume * (r.bulk * b2 + flow * ((2 * ez2 - er2 - et2) / 3));
      axial += volume * (p0 + kz);
      axialStiff += volume * (r.bulk + (2 / 3) * flow);
    } else {
      const [d1, d2] = [(2 / 3) * (-inv - t1), (2 / 3) * (inv - t2)];
      diagonal[p] = diagonal[p] + volume * (r.bulk * b1 * b1 + 1.5 * flow * d1 * d1);
      diagonal[p + 1] = volume * (r.bulk * b2 * b2 + 1.5 * flow * d2 * d2);
      off[p] = volume * (r.bulk * b1 * b2 + 1.5 * flow * d1 * d2);
      f[p] = f[p] + volume * (p0 * b1 + 1.5 * kr * d1);
      f[p + 1] = volume * (p0 * b2 + 1.5 * kr * d2);
    }
  }
  return [axial, axialStiff];
}

/** The middle does not move: rows 1 … last, forwards and back, for the load and for a unit along it. */
function solveRows(state: StressState, last: number): void {
  const { diagonal, off, f, g, u, v } = roomOf(state);
  u[0] = 0;
  v[0] = 0;
  for (let i = 1; i <= last; i += 1) {
    let pivot = diagonal[i];
    let [fu, fv] = [-f[i], -g[i]];
    if (i > 1) {
      const ratio = off[i - 1] / diagonal[i - 1];
      pivot -= ratio * off[i - 1];
      fu -= ratio * u[i - 1];
      fv -= ratio * v[i - 1];
    }
    diagonal[i] = pivot;
    u[i] = fu;
    v[i] = fv;
  }
  for (let i = last; i >= 1; i -= 1) {
    const next = i < last ? off[i] : 0;
    u[i] = (u[i] - next * (i < last ? u[i + 1] : 0)) / diagonal[i];
    v[i] = (v[i] - next * (i < last ? v[i + 1] : 0)) / diagonal[i];
  }
}

/** Stress from the displacement in hand, and the strain along it. */
function roundStress(
  state: StressState,
  { at, power }: Lattice,
  r: Relaxing,
  step: PointStep,
  along: number,
): void {
  const { points, radial, hoop, mean, plane, most } = state;
  const { u, sr, st } = roomOf(state);
  const long = power === 1;
  const twoG = 2 * r.shear;
  for (let p = 0; p < points; p += 1) {
    const [r1, r2] = [at[p], at[p + 1]];
    const er = (u[p + 1] - u[p]) / (r2 - r1);
    const et = roundnessOf(r1, r2, power, 0) * u[p] + roundnessOf(r1, r2, power, 1) * u[p + 1];
    const volume = er + power * et + along;
    const now = mean[p] + r.bulk * (volume - 3 * step.strain[p]);
    mean[p] = now;
    const [dr, dt] = [twoG * (er - volume / 3), twoG * (et - volume / 3)];
    let [kr, kt] = [sr[p], st[p]];
    for (let m = 0, i = p * MODES; m < MODES; m += 1, i += 1) {
      const part = step.part[i];
      radial[i] = radial[i] + part * dr;
      kr += part * dr;
      if (long) {
        hoop[i] = hoop[i] + part * dt;
        kt += part * dt;
      }
    }
    const round = now + (long ? kt : -kr / 2);
    plane[p] = long ? now - kr - kt : round;
    most[p] = Math.max(plane[p], round, now + kr);
  }
}

/**
 * The same for a long cylinder (one strain along it, no net force unless it is `imposed`) or a ball. Returns the strain along
 * the cylinder, or of the ball's skin.
 */
export function roundStep(
  state: StressState,
  lattice: Lattice,
  r: Relaxing,
  step: PointStep,
  imposed: number,
): number {
  const { at, nodes, power } = lattice;
  const [axial, axialStiff] = roundRows(state, lattice, r, step);
  const last = nodes - 1;
  solveRows(state, last);
  const { g, u, v } = roomOf(state);
  const long = power === 1;
  let along = 0;
  if (long) {
    along = imposed;
    if (Number.isNaN(imposed)) {
      let [fu, fv] = [axial, axialStiff];
      for (let i = 1; i <= last; i += 1) {
        fu += g[i] * u[i];
        fv += g[i] * v[i];
      }
      along = -fu / fv;
    }
    for (let i = 1; i <= last; i += 1) u[i] = u[i] + along * v[i];
  }
  roundStress(state, lattice, r, step, along);
  return long ? along : u[last] / at[last];
}

/** Mean over a ring or shell of an end's share of u/r: exact for displacements straight between the ends. */
function roundnessOf(r1: number, r2: number, power: number, end: 0 | 1): number {
  if (power === 1) return 1 / (r1 + r2);
  const squares = (r2 * r2 - r1 * r1) / 2;
  const cubes = (r2 ** 3 - r1 ** 3) / 3;
  return (end === 0 ? r2 * squares - cubes : cubes - r1 * squares) / ((r2 - r1) * cubes);
}

/** Room for a step of so many points. */
export const emptyStep = (points: number): PointStep => ({
  keep: new Float64Array(points * MODES),
  gain: new Float64Array(points),
  part: new Float64Array(points * MODES),
  strain: new Float64Array(points),
});

/** A step in which nothing flows: every mode kept, the glass as stiff as it is cold. */
export function stiffStep(step: PointStep): void {
  step.keep.fill(1);
  step.gain.fill(1);
  for (let i = 0; i < step.part.length; i += 1) step.part[i] = MODE_WEIGHTS[i % MODES];
}
