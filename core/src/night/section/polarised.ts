// A section between polarisers: what its kept stress does to light that goes through the whole vessel, square to its axis. Weak
// birefringence adds up along the line of sight (Aben, Integrated Photoelasticity, 1979; ASTM C148 for what a shop sees).
import { STRESS_OPTICAL } from '../../fit/polarised';
import type { SectionMesh } from './mesh';
import type { NodalStress } from './nodal';

/** Retardation seen from the side: a grid from the axis outwards and from the lowest place up. */
export interface SeenThrough {
  readonly across: number;
  readonly up: number;
  /** Edge of a cell, m, and the height of the lowest, m. */
  readonly cell: number;
  readonly low: number;
  /** Along the axis less across it, and at 45° to that, m; NaN where no glass is in the way. Rows from below. */
  readonly along: Float32Array;
  readonly aslant: Float32Array;
}

/** Cells from the axis to the widest place. */
const CELLS = 110;

/** Looks through a section from the side. `optical` is the stress-optical coefficient, 1/Pa. */
export function seenThrough(
  mesh: Pick<SectionMesh, 'r' | 'z' | 'of' | 'triangles'>,
  stress: NodalStress,
  optical = STRESS_OPTICAL,
): SeenThrough {
  const { r, z } = mesh;
  const widest = r.reduce((a, b) => Math.max(a, b), 0);
  const low = z.reduce((a, b) => Math.min(a, b), Infinity);
  const high = z.reduce((a, b) => Math.max(a, b), -Infinity);
  const cell = widest / CELLS;
  const across = CELLS;
  const up = Math.max(1, Math.ceil((high - low) / cell));
  const field = fieldOf(mesh, stress, { across, up, cell, low });
  const along = new Float32Array(across * up).fill(NaN);
  const aslant = new Float32Array(across * up).fill(NaN);
  for (let k = 0; k < up; k += 1)
    for (let i = 0; i < across; i += 1) {
      const x = i + 0.5;
      let [one, two, glass] = [0, 0, 0];
      for (let j = 0; ; j += 1) {
        const y = j + 0.5;
        const at = Math.hypot(x, y);
        if (at >= across) break;
        const f = 4 * (k * across + Math.floor(at));
        const zz = field[f + 1];
        if (Number.isNaN(zz)) continue;
        const c = x / at;
        const side = field[f] * c * c + field[f + 2] * (1 - c * c);
        one += zz - side;
        two += 2 * field[f + 3] * c;
        glass += 1;
      }
      if (glass === 0) continue;
      // Before the axis and behind it alike.
      along[k * across + i] = 2 * cell * optical * one;
      aslant[k * across + i] = 2 * cell * optical * two;
    }
  return { across, up, cell, low, along, aslant };
}

/** rr, zz, tt, rz of every cell of the section, NaN outside the glass. */
function fieldOf(
  { r, z, of, triangles }: Pick<SectionMesh, 'r' | 'z' | 'of' | 'triangles'>,
  s: NodalStress,
  { across, up, cell, low }: Pick<SeenThrough, 'across' | 'up' | 'cell' | 'low'>,
): Float32Array {
  const field = new Float32Array(4 * across * up).fill(NaN);
  for (let e = 0; e < triangles; e += 1) {
    const [a, b, c] = [of[6 * e], of[6 * e + 1], of[6 * e + 2]] as [number, number, number];
    const [ra, rb, rc] = [r[a], r[b], r[c]];
    const [za, zb, zc] = [z[a], z[b], z[c]];
    const det = (rb - ra) * (zc - za) - (rc - ra) * (zb - za);
    const from = (v: number): number => Math.max(0, Math.floor(v) - 1);
    const [k0, k1] = [
      from((Math.min(za, zb, zc) - low) / cell),
      Math.min(up - 1, Math.ceil((Math.max(za, zb, zc) - low) / cell)),
    ];
    const [i0, i1] = [
      from(Math.min(ra, rb, rc) / cell),
      Math.min(across - 1, Math.ceil(Math.max(ra, rb, rc) / cell)),
    ];
    for (let k = k0; k <= k1; k += 1)
      for (let i = i0; i <= i1; i += 1) {
        const [pr, pz] = [(i + 0.5) * cell, low + (k + 0.5) * cell];
        const lb = ((pr - ra) * (zc - za) - (rc - ra) * (pz - za)) / det;
        const lc = ((rb - ra) * (pz - za) - (pr - ra) * (zb - za)) / det;
        const la = 1 - lb - lc;
        if (la < -1e-9 || lb < -1e-9 || lc < -1e-9) continue;
        const f = 4 * (k * across + i);
        [s.rr, s.zz, s.tt, s.rz].forEach((v, n) => {
          field[f + n] = la * v[a] + lb * v[b] + lc * v[c];
        });
      }
  }
  return field;
}
