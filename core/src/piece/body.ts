// The glass body as closed meshes: one shell a part, one a bit.
import { isPulled, pulledMesh } from '../shape/pulled';
import { bitMesh } from '../shape/bitMesh';
import { turnedMesh, type Mesh } from '../shape/mesh';
import type { Line } from '../shape/profile';
import type { Part } from './part';
import type { BitInput } from './bits';

/** Glass within this of a part's top is its lip, m. */
const NEAR_TOP = 0.002;

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

/** Which part's lip a spout is pulled from: the one whose top is nearest its anchor. */
function lipOf(
  parts: readonly Pick<Part, 'outline'>[],
  { place }: Pick<BitInput, 'place'>,
): number {
  const off = parts.map(({ outline: { r, z } }) => {
    const top = Math.max(...z);
    const lip = Math.max(...r.filter((_, i) => (z[i] as number) > top - NEAR_TOP));
    return Math.hypot(top - place.height, lip - place.out);
  });
  return off.indexOf(Math.min(...off));
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
  const pulled = bits.filter(isPulled).map((bit) => ({ bit, from: lipOf(parts, bit) }));
  return [
    ...parts.map((p, i) => ({
      name: p.name,
      mesh: pulled.reduce(
        (mesh, { bit, from }) => (from === i ? pulledMesh(mesh, bit) : mesh),
        turnedMesh(thinned(p.outline, rows), facets),
      ),
    })),
    ...bits.flatMap((b) => (isPulled(b) ? [] : [{ name: b.name, mesh: bitMesh(b) }])),
  ];
}
