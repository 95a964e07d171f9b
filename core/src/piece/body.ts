// The glass body as closed meshes: one shell a part, one a bit.
import { bitMesh } from '../shape/bitMesh';
import { turnedMesh, type Mesh } from '../shape/mesh';
import type { Line } from '../shape/profile';
import type { Part } from './part';
import type { BitInput } from './bits';

/** One named shell. */
export interface Shell {
  readonly name: string;
  readonly mesh: Mesh;
}

/** Thins a closed outline (last point repeats the first) to about `rows` points, keeping first, last and axis points. */
function thinned({ r, z }: Line, rows: number): Line {
  const n = r.length - 1;
  const every = Math.max(1, Math.floor(n / rows));
  const out = { r: [] as number[], z: [] as number[] };
  for (let i = 0; i < n; i += 1) {
    const onAxis = (r[i] as number) < 1e-6;
    const corner = i === 0 || i === n - 1 || turns(r, z, i, n);
    if (i % every !== 0 && !onAxis && !corner) continue;
    out.r.push(onAxis ? 0 : (r[i] as number));
    out.z.push(z[i] as number);
  }
  return out;
}

/** Does the outline bend sharply here (a crisp edge, the lip)? */
function turns(r: readonly number[], z: readonly number[], i: number, n: number): boolean {
  const a = (i + n - 1) % n;
  const b = (i + 1) % n;
  const [ur, uz] = [(r[i] as number) - (r[a] as number), (z[i] as number) - (z[a] as number)];
  const [vr, vz] = [(r[b] as number) - (r[i] as number), (z[b] as number) - (z[i] as number)];
  const l = Math.hypot(ur, uz) * Math.hypot(vr, vz);
  return l > 0 && (ur * vr + uz * vz) / l < 0.94;
}

/**
 * Meshes of a piece, z up, m. `rows` thins each outline to about that many points, `facets` go round. Every shell is
 * watertight on its own; where parts touch, two shells meet.
 */
export function bodyShells(
  parts: readonly Pick<Part, 'name' | 'outline'>[],
  bits: readonly Pick<BitInput, 'name' | 'shape' | 'place'>[],
  { facets, rows }: { readonly facets: number; readonly rows: number },
): Shell[] {
  return [
    ...parts.map((p) => ({ name: p.name, mesh: turnedMesh(thinned(p.outline, rows), facets) })),
    ...bits.map((b) => ({ name: b.name, mesh: bitMesh(b) })),
  ];
}
