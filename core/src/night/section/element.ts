// The element: six nodes and a bubble for the displacement, a straight discontinuous pressure (Crouzeix & Raviart 1973), about the
// axis. Inf–sup stable, so that hot glass, whose deviator flows and whose bulk does not, locks nothing. Bubble and pressure stay
// inside the element. Six Gauss points of degree 4 (Dunavant 1985).
import type { SectionMesh } from './mesh';

/** Points of integration in an element; unknowns of the element with its bubble, and without. */
export const POINTS = 6;
/** Unknowns of an element, its bubble's among them. */
export const LOCAL = 14;
/** Unknowns of its corners and sides. */
export const OUTER = 12;
/** Of a symmetric matrix of the outer unknowns, its upper half by rows. */
export const PACKED_LENGTH = (OUTER * (OUTER + 1)) / 2;

const A = 0.445948490915965;
const B = 0.091576213509771;
const WA = 0.223381589678011;
const WB = 0.109951743655322;
/** Barycentric places and weights. */
export const GAUSS: readonly (readonly [number, number, number, number])[] = [
  [1 - 2 * A, A, A, WA],
  [A, 1 - 2 * A, A, WA],
  [A, A, 1 - 2 * A, WA],
  [1 - 2 * B, B, B, WB],
  [B, 1 - 2 * B, B, WB],
  [B, B, 1 - 2 * B, WB],
];

/**
 * Shape functions of the six nodes at barycentric places.
 *
 * @example
 * shapes(1, 0, 0) // [1, 0, 0, 0, 0, 0]
 */
export const shapes = (l1: number, l2: number, l3: number): number[] => [
  l1 * (2 * l1 - 1),
  l2 * (2 * l2 - 1),
  l3 * (2 * l3 - 1),
  4 * l1 * l2,
  4 * l2 * l3,
  4 * l3 * l1,
];

/** Everything about the elements that no step changes. Per radian about the axis. */
export interface Elements {
  readonly count: number;
  /** Weight of a point: area times radius. */
  readonly weight: Float64Array;
  /** Of seven functions at each point: derivatives along r and z, and value over r. */
  readonly dr: Float64Array;
  readonly dz: Float64Array;
  readonly over: Float64Array;
  /** M⁻¹B of the pressure, 3 × 14 an element, and the volume stiffness for a bulk modulus of 1, 14 × 14. */
  readonly pressure: Float64Array;
  readonly volume: Float64Array;
  /** M⁻¹ of the pressure, 3 × 3. */
  readonly mass: Float64Array;
}

/** Works the elements of a mesh out. */
export function elementsOf(mesh: SectionMesh): Elements {
  const count = mesh.triangles;
  const weight = new Float64Array(count * POINTS);
  const dr = new Float64Array(count * POINTS * 7);
  const dz = new Float64Array(count * POINTS * 7);
  const over = new Float64Array(count * POINTS * 7);
  const pressure = new Float64Array(count * 3 * LOCAL);
  const volume = new Float64Array(count * LOCAL * LOCAL);
  const mass = new Float64Array(count * 9);
  for (let e = 0; e < count; e += 1) {
    const [r1, r2, r3] = corner(mesh.r, mesh.of, e);
    const [z1, z2, z3] = corner(mesh.z, mesh.of, e);
    const det = (r2 - r1) * (z3 - z1) - (r3 - r1) * (z2 - z1);
    const lr = [(z2 - z3) / det, (z3 - z1) / det, (z1 - z2) / det] as const;
    const lz = [(r3 - r2) / det, (r1 - r3) / det, (r2 - r1) / det] as const;
    const m = new Float64Array(9);
    const b = new Float64Array(3 * LOCAL);
    GAUSS.forEach(([l1, l2, l3, w], q) => {
      const g = (e * POINTS + q) * 7;
      const radius = l1 * r1 + l2 * r2 + l3 * r3;
      const of = (w * det * radius) / 2;
      weight[e * POINTS + q] = of;
      const n = [...shapes(l1, l2, l3), 27 * l1 * l2 * l3];
      // Of each function by the three barycentric coordinates.
      const by: readonly (readonly [number, number, number])[] = [
        [4 * l1 - 1, 0, 0],
        [0, 4 * l2 - 1, 0],
        [0, 0, 4 * l3 - 1],
        [4 * l2, 4 * l1, 0],
        [0, 4 * l3, 4 * l2],
        [4 * l3, 0, 4 * l1],
        [27 * l2 * l3, 27 * l3 * l1, 27 * l1 * l2],
      ];
      by.forEach(([a, c, d], i) => {
        dr[g + i] = a * lr[0] + c * lr[1] + d * lr[2];
        dz[g + i] = a * lz[0] + c * lz[1] + d * lz[2];
        over[g + i] = n[i] / radius;
      });
      const psi = [l1, l2, l3];
      for (let j = 0; j < 3; j += 1) {
        for (let k = 0; k < 3; k += 1) m[3 * j + k] = m[3 * j + k] + of * psi[j] * psi[k];
        for (let i = 0; i < 7; i += 1) {
          const at = j * LOCAL + 2 * i;
          const p = of * psi[j];
          b[at] = b[at] + p * (dr[g + i] + over[g + i]);
          b[at + 1] = b[at + 1] + p * dz[g + i];
        }
      }
    });
    const inv = inverse3(m);
    mass.set(inv, 9 * e);
    for (let j = 0; j < 3; j += 1)
      for (let i = 0; i < LOCAL; i += 1) {
        let sum = 0;
        for (let k = 0; k < 3; k += 1) sum += inv[3 * j + k] * b[k * LOCAL + i];
        pressure[e * 3 * LOCAL + j * LOCAL + i] = sum;
      }
    for (let i = 0; i < LOCAL; i += 1)
      for (let k = 0; k < LOCAL; k += 1) {
        let sum = 0;
        for (let j = 0; j < 3; j += 1)
          sum += b[j * LOCAL + i] * pressure[e * 3 * LOCAL + j * LOCAL + k];
        volume[(e * LOCAL + i) * LOCAL + k] = sum;
      }
  }
  return { count, weight, dr, dz, over, pressure, volume, mass };
}

const corner = (
  of: Float64Array,
  nodes: Int32Array,
  e: number,
): readonly [number, number, number] => [
  of[nodes[6 * e]],
  of[nodes[6 * e + 1]],
  of[nodes[6 * e + 2]],
];

function inverse3(m: Float64Array): Float64Array {
  const [a, b, c, d, e, f, g, h, i] = m as unknown as [
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
  ];
  const [x, y, z] = [e * i - f * h, f * g - d * i, d * h - e * g];
  const det = a * x + b * y + c * z;
  return Float64Array.from(
    [
      x,
      c * h - b * i,
      b * f - c * e,
      y,
      a * i - c * g,
      c * d - a * f,
      z,
      b * g - a * h,
      a * e - b * d,
    ],
    (v) => v / det,
  );
}

/** The condensed stiffness of every element: what is solved with, and what gives the bubbles back. */
export interface ElementStiffness {
  /** Upper half by rows, PACKED an element. */
  readonly outer: Float64Array;
  /** K_bb⁻¹ K_bo, 2 × 12. */
  readonly bubble: Float64Array;
  /** K_bb⁻¹, three numbers. */
  readonly inner: Float64Array;
}

/** Room for it. */
export const stiffnessFor = (count: number): ElementStiffness => ({
  outer: new Float64Array(count * PACKED_LENGTH),
  bubble: new Float64Array(count * 2 * OUTER),
  inner: new Float64Array(count * 3),
});

const full = new Float64Array(LOCAL * LOCAL);

/** The deviator's stiffness of every element for a shear modulus of 1, 14 × 14, the upper half filled. */
export function deviatorOf({ count, weight, dr, dz, over }: Elements): Float64Array {
  const all = new Float64Array(count * LOCAL * LOCAL);
  for (let e = 0; e < count; e += 1) {
    const v = e * LOCAL * LOCAL;
    for (let q = 0; q < POINTS; q += 1) {
      const p = e * POINTS + q;
      const g = p * 7;
      const s = 2 * weight[p];
      for (let a = 0; a < 7; a += 1) {
        const ra = dr[g + a];
        const za = dz[g + a];
        const oa = over[g + a];
        const ta = ra + oa;
        for (let b = a; b < 7; b += 1) {
          const rb = dr[g + b];
          const zb = dz[g + b];
          const ob = over[g + b];
          const tb = rb + ob;
          const rr = v + 2 * a * LOCAL + 2 * b;
          all[rr] = all[rr] + s * (ra * rb + oa * ob + (za * zb) / 2 - (ta * tb) / 3);
          all[rr + 1] = all[rr + 1] + s * ((za * rb) / 2 - (ta * zb) / 3);
          all[rr + LOCAL] = all[rr + LOCAL] + s * ((ra * zb) / 2 - (za * tb) / 3);
          all[rr + LOCAL + 1] = all[rr + LOCAL + 1] + s * ((2 / 3) * za * zb + (ra * rb) / 2);
        }
      }
    }
  }
  return all;
}

/**
 * Fills one element for a shear modulus, the element's own in this step, and a bulk modulus, Pa. One shear an element: what its
 * points differ by is left unbalanced, and the next step takes that up.
 */
export function stiffen(
  e: number,
  { volume }: Elements,
  deviator: Float64Array,
  into: ElementStiffness,
  shear: number,
  bulk: number,
): void {
  const { outer, bubble, inner } = into;
  const v = e * LOCAL * LOCAL;
  for (let i = 0; i < LOCAL * LOCAL; i += 1)
    full[i] = bulk * volume[v + i] + shear * deviator[v + i];
  const k00 = full[12 * LOCAL + 12];
  const k01 = full[12 * LOCAL + 13];
  const k11 = full[13 * LOCAL + 13];
  const det = k00 * k11 - k01 * k01;
  const [i00, i01, i11] = [k11 / det, -k01 / det, k00 / det];
  inner[3 * e] = i00;
  inner[3 * e + 1] = i01;
  inner[3 * e + 2] = i11;
  const at = e * 2 * OUTER;
  for (let j = 0; j < OUTER; j += 1) {
    const b0 = full[j * LOCAL + 12];
    const b1 = full[j * LOCAL + 13];
    bubble[at + j] = i00 * b0 + i01 * b1;
    bubble[at + OUTER + j] = i01 * b0 + i11 * b1;
  }
  let o = e * PACKED_LENGTH;
  for (let i = 0; i < OUTER; i += 1) {
    const b0 = full[i * LOCAL + 12];
    const b1 = full[i * LOCAL + 13];
    for (let j = i; j < OUTER; j += 1, o += 1)
      outer[o] = full[i * LOCAL + j] - b0 * bubble[at + j] - b1 * bubble[at + OUTER + j];
  }
}
