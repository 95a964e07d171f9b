// Stress at the corners of a section: carried straight from the points of integration and averaged over the elements there.
import { GAUSS, POINTS } from './element';
import type { Equilibrium } from './equilibrium';
import type { SectionMesh } from './mesh';
import { principal } from './principal';

/** Components at the corners, Pa, and the most principal stress. */
export interface NodalStress {
  readonly rr: Float64Array;
  readonly zz: Float64Array;
  readonly tt: Float64Array;
  readonly rz: Float64Array;
  readonly most: Float64Array;
}

/** From six points to three corners: the straight line of least squares, the same for every triangle. */
const TO_CORNERS: readonly (readonly number[])[] = (() => {
  // The fit in barycentric coordinates: (LᵀL)⁻¹Lᵀ, L the coordinates of the points; its rows are the corners' values.
  const l = GAUSS.map(([a, b, c]) => [a, b, c] as const);
  const m = [0, 1, 2].map((i) => [0, 1, 2].map((j) => l.reduce((s, p) => s + p[i] * p[j], 0)));
  const [a, b] = [m[0]?.[0], m[0]?.[1]];
  // A symmetric circulant: inverse (a + b, −b, −b)/((a − b)(a + 2b)).
  const d = (a - b) * (a + 2 * b);
  const inv = (i: number, j: number): number => (i === j ? a + b : -b) / d;
  return [0, 1, 2].map((i) => l.map((p) => [0, 1, 2].reduce((s, j) => s + inv(i, j) * p[j], 0)));
})();

/** Stress at the corners as it stands. */
export function nodalStress(
  { of, corners, triangles }: SectionMesh,
  balance: Equilibrium,
): NodalStress {
  const sums = [0, 1, 2, 3].map(() => new Float64Array(corners)) as [
    Float64Array,
    Float64Array,
    Float64Array,
    Float64Array,
  ];
  const count = new Float64Array(corners);
  const { stress } = balance;
  for (let e = 0; e < triangles; e += 1)
    for (let k = 0; k < 3; k += 1) {
      const c = of[6 * e + k];
      count[c] = count[c] + 1;
      const weights = TO_CORNERS[k];
      for (let q = 0; q < POINTS; q += 1)
        for (let i = 0; i < 4; i += 1) {
          const sum = sums[i];
          sum[c] = sum[c] + weights[q] * stress[4 * (e * POINTS + q) + i];
        }
    }
  for (const sum of sums) for (let c = 0; c < corners; c += 1) sum[c] = sum[c] / count[c];
  const [rr, zz, tt, rz] = sums;
  const most = Float64Array.from({ length: corners }, (_, c) =>
    principal(rr[c], zz[c], tt[c], rz[c]),
  );
  return { rr, zz, tt, rz, most };
}
