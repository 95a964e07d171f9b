// Layers fused into one wall that cools together: the stress each keeps, for any number of concentric layers.
//
// Elastic layers that would shrink by different strains e_i are bonded. In a sphere u = A r + B/r²; in a long cylinder
// u = A r + B/r with one common axial strain and no axial force (Timoshenko & Goodier, *Theory of Elasticity*, §§ thick
// tubes and spheres, with eigenstrain). Every layer's A and B follow from: no pressure on free skins (or nothing singular
// on the axis), equal displacement and equal radial stress where layers meet. A small linear system, solved exactly.
import { tr } from '../words/tr';

/** One layer as the wall sees it. SI; `strain` is its free change of length on cooling (negative: it shrinks). */
export interface WallLayer {
  readonly thickness: number;
  readonly youngsModulus: number;
  readonly poisson: number;
  readonly strain: number;
}

/** The form of the wall, and the radius of the hollow inside it, m: 0 is a solid core. */
export interface WallForm {
  readonly kind: 'cylinder' | 'sphere';
  readonly inside: number;
}

/** Stress at one face of a layer, Pa; tension positive. For a sphere `axial` is the hoop in the other direction. */
export interface FaceStress {
  readonly radial: number;
  readonly hoop: number;
  readonly axial: number;
}

/** A layer's stress at its inner and outer face. */
export interface LayerStress {
  readonly inner: FaceStress;
  readonly outer: FaceStress;
}

/**
 * Solves the stack from inside to outside. Throws when there is no layer, or one has no thickness.
 */
export function wallStress(layers: readonly WallLayer[], form: WallForm): LayerStress[] {
  const n = layers.length;
  if (n === 0) throw new RangeError(tr`A wall needs one layer at least.`);
  if (layers.some((l) => !(l.thickness > 0)))
    throw new RangeError(tr`Every layer needs a thickness above nothing.`);
  const radii = [form.inside];
  for (const l of layers) radii.push((radii[radii.length - 1] as number) + l.thickness);
  // Lengths are taken in units of the outermost radius, so that the system is well scaled.
  const size = radii[n] as number;
  const r = radii.map((v) => v / size);
  const cylinder = form.kind === 'cylinder';
  const terms = layers.map((l) => coefficients(l, cylinder));
  const unknowns = 2 * n + (cylinder ? 1 : 0);
  const rows: number[][] = [];
  const right: number[] = [];
  const row = (): number[] => new Array<number>(unknowns).fill(0);
  const add = (fill: (line: number[]) => number): void => {
    const line = row();
    right.push(fill(line));
    rows.push(line);
  };
  const decay = cylinder ? 2 : 3;
  /** σ_r of layer i at ρ: its share of the line, and what it adds to the right side. */
  const radial = (line: number[], i: number, rho: number, sign: number): number => {
    const t = terms[i] as Terms;
    line[2 * i] = (line[2 * i] as number) + sign * t.radialA;
    line[2 * i + 1] = (line[2 * i + 1] as number) + (sign * t.radialB) / rho ** decay;
    if (cylinder) line[2 * n] = (line[2 * n] as number) + sign * t.lambda;
    return sign * t.free;
  };
  // At the innermost face: nothing singular in a solid core, no pressure in a hollow.
  if ((r[0] as number) === 0)
    add((line) => {
      line[1] = 1;
      return 0;
    });
  else add((line) => radial(line, 0, r[0] as number, 1));
  for (let i = 1; i < n; i += 1) {
    const rho = r[i] as number;
    add((line) => {
      line[2 * i - 2] = rho;
      line[2 * i - 1] = rho ** (1 - decay);
      line[2 * i] = -rho;
      line[2 * i + 1] = -(rho ** (1 - decay));
      return 0;
    });
    add((line) => radial(line, i - 1, rho, 1) + radial(line, i, rho, -1));
  }
  add((line) => radial(line, n - 1, r[n] as number, 1));
  if (cylinder)
    add((line) => {
      // No axial force: Σ ∫σ_z r dr = 0. σ_z = λ(2A + ε_z) + 2μ ε_z − free; the B terms cancel.
      let side = 0;
      terms.forEach((t, i) => {
        const area = ((r[i + 1] as number) ** 2 - (r[i] as number) ** 2) / 2;
        line[2 * i] = 2 * t.lambda * area;
        line[2 * n] = (line[2 * n] as number) + (t.lambda + 2 * t.mu) * area;
        side += t.free * area;
      });
      return side;
    });
  const x = solved(rows, right);
  const axialStrain = cylinder ? (x[2 * n] as number) : 0;
  return layers.map((_, i) => {
    const t = terms[i] as Terms;
    const [a, b] = [x[2 * i] as number, x[2 * i + 1] as number];
    const at = (rho: number): FaceStress => {
      const fall = rho === 0 ? 0 : b / rho ** decay;
      if (cylinder) {
        const mean = t.lambda * (2 * a + axialStrain) - t.free;
        return {
          radial: mean + 2 * t.mu * (a - fall),
          hoop: mean + 2 * t.mu * (a + fall),
          axial: mean + 2 * t.mu * axialStrain,
        };
      }
      const mean = t.lambda * 3 * a - t.free;
      const hoop = mean + 2 * t.mu * (a + fall);
      return { radial: mean + 2 * t.mu * (a - 2 * fall), hoop, axial: hoop };
    };
    return { inner: at(r[i] as number), outer: at(r[i + 1] as number) };
  });
}

interface Terms {
  readonly lambda: number;
  readonly mu: number;
  /** (3λ + 2μ)·e: the stress that would hold the layer at its old size. */
  readonly free: number;
  readonly radialA: number;
  readonly radialB: number;
}

function coefficients(
  { youngsModulus: modulus, poisson, strain }: WallLayer,
  cylinder: boolean,
): Terms {
  const lambda = (modulus * poisson) / ((1 + poisson) * (1 - 2 * poisson));
  const mu = modulus / (2 * (1 + poisson));
  return {
    lambda,
    mu,
    free: (3 * lambda + 2 * mu) * strain,
    radialA: cylinder ? 2 * (lambda + mu) : 3 * lambda + 2 * mu,
    radialB: cylinder ? -2 * mu : -4 * mu,
  };
}

/** Gauss with partial pivoting on one flat matrix; the systems here are of a dozen unknowns. */
function solved(rows: readonly (readonly number[])[], right: readonly number[]): Float64Array {
  const n = rows.length;
  const w = n + 1;
  const m = new Float64Array(n * w);
  for (let i = 0; i < n; i += 1) {
    const line = rows[i] as readonly number[];
    // Rows of displacement are of order 1, rows of stress of order 10¹⁰: each is scaled to its largest.
    let largest = 0;
    for (let j = 0; j < n; j += 1) largest = Math.max(largest, Math.abs(line[j] as number));
    for (let j = 0; j < n; j += 1) m[i * w + j] = (line[j] as number) / largest;
    m[i * w + n] = (right[i] as number) / largest;
  }
  for (let c = 0; c < n; c += 1) {
    let pivot = c;
    for (let i = c + 1; i < n; i += 1)
      if (Math.abs(m[i * w + c] as number) > Math.abs(m[pivot * w + c] as number)) pivot = i;
    if (pivot !== c)
      for (let j = c; j <= n; j += 1) {
        const kept = m[c * w + j] as number;
        m[c * w + j] = m[pivot * w + j] as number;
        m[pivot * w + j] = kept;
      }
    const head = m[c * w + c] as number;
    for (let i = c + 1; i < n; i += 1) {
      const k = (m[i * w + c] as number) / head;
      if (k === 0) continue;
      for (let j = c; j <= n; j += 1)
        m[i * w + j] = (m[i * w + j] as number) - k * (m[c * w + j] as number);
    }
  }
  const x = new Float64Array(n);
  for (let i = n - 1; i >= 0; i -= 1) {
    let v = m[i * w + n] as number;
    for (let j = i + 1; j < n; j += 1) v -= (m[i * w + j] as number) * (x[j] as number);
    x[i] = v / (m[i * w + i] as number);
  }
  return x;
}

/**
 * The thin wall, PHYSICS' own overlay: all layers share one in-plane strain and no force is left over,
 * σ_i = M_i(ε − e_i), ε = ΣM_i t_i e_i / ΣM_i t_i, M = E/(1−ν). What `wallStress` comes to for thin walls. Pa.
 */
export function thinWallStress(layers: readonly WallLayer[]): number[] {
  const m = layers.map((l) => l.youngsModulus / (1 - l.poisson));
  const stiff = layers.reduce((sum, l, i) => sum + (m[i] as number) * l.thickness, 0);
  const common =
    layers.reduce((sum, l, i) => sum + (m[i] as number) * l.thickness * l.strain, 0) / stiff;
  return layers.map((l, i) => (m[i] as number) * (common - l.strain));
}
