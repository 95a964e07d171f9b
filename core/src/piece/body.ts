// The glass body as closed meshes: one shell a part, one a bit.
import { isPulled, pulledMesh } from '../form/pulled';
import { bitMesh } from '../form/bitMesh';
import { bulkOf, type LightBulk } from '../fit/bulk';
import { RAYS } from '../form/across';
import { punchedMesh } from '../form/holes';
import { radiusAt } from '../form/lofted';
import { ringedMesh, turnedMesh, type Mesh } from '../form/mesh';
import { ON_AXIS, type Line } from '../form/profile';
import type { Part } from './part';
import type { BitInput } from './bits';
import type { PlannedPart } from './derive';
import { lyingBits } from './followed';

/** Glass within this of a part's top is its lip, m. */
const NEAR_TOP = 0.002;

/** How a shell looks: its colour in bulk, and an ordinary wall of it, m. */
export interface ShellLook extends LightBulk {
  readonly wall: number;
}

/** How a part looks: its colour at a wall midway between its thinnest and its thickest. */
export function lookOf({ layers, shape }: Pick<PlannedPart, 'layers' | 'shape'>): ShellLook {
  const wall = (shape.thickest.wall + shape.thinnest.wall) / 2;
  return { ...bulkOf(layers, wall), wall };
}

/** One named shell. */
export interface PartShell {
  readonly name: string;
  /** How it looks, where that is known. */
  readonly look?: ShellLook | undefined;
  readonly mesh: Mesh;
}

/** The places of a closed outline (last point repeats the first) that stay when it is thinned to about `rows`: first, last and axis points too. */
function stays({ r, z }: Line, rows: number): number[] {
  const n = r.length - 1;
  const every = Math.max(1, Math.floor(n / rows));
  const places: number[] = [];
  for (let i = 0; i < n; i += 1) {
    const onAxis = (r[i] as number) < ON_AXIS;
    const corner = i === 0 || i === n - 1 || turns(r, z, i, n);
    if (i % every === 0 || onAxis || corner) places.push(i);
  }
  return places;
}

/** The mesh of one part: turned, or carried round its cut along every second of its rays, every fourth where it is drawn coarsely. */
function partMesh(
  { outline, lofted, holes }: Omit<MeshedPart, 'name'>,
  { facets, rows }: Fineness,
): Mesh {
  const places = stays(outline, rows);
  const line = {
    r: places.map((i) => ((outline.r[i] as number) < ON_AXIS ? 0 : (outline.r[i] as number))),
    z: places.map((i) => outline.z[i] as number),
  };
  if (!lofted) return punchedMesh(turnedMesh(line, facets), holes ?? []);
  const every = facets < COARSE ? 4 : 2;
  return punchedMesh(
    ringedMesh(line, RAYS / every, (i, k) => radiusAt(lofted, places[i] as number, k * every)),
    holes ?? [],
  );
}

/** Fewer facets than this round a turned part are a coarse drawing. */
const COARSE = 60;

/** What a shell is made from. */
type MeshedPart = Pick<Part, 'name' | 'outline' | 'lofted'> &
  Partial<Pick<Part, 'holes'>> & { readonly look?: ShellLook | undefined };

/** A bit as a shell is made from it. */
type MeshedBit = Pick<BitInput, 'name' | 'shape' | 'place'>;

/** What a piece's shells are made from, and no more: it crosses to the worker. */
export interface GlassBody {
  readonly parts: readonly MeshedPart[];
  readonly bits: readonly MeshedBit[];
}

/** Of a piece as it was worked out: its parts with their looks, its bits where they lie. */
export const bodyOf = (
  { parts }: { readonly parts: readonly PlannedPart[] },
  bits: readonly MeshedBit[],
): GlassBody => ({
  parts: parts.map((p) => {
    const { name, outline, lofted, holes } = p;
    return { name, outline, lofted, holes, look: lookOf(p) };
  }),
  bits: lyingBits({ ok: true, parts }, bits),
});

/** How finely shells are made: facets round, and about so many points along each outline. */
export interface Fineness {
  readonly facets: number;
  readonly rows: number;
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
  parts: readonly MeshedPart[],
  bits: readonly MeshedBit[],
  fineness: Fineness,
): PartShell[] {
  const pulled = bits.filter(isPulled).map((bit) => ({ bit, from: lipOf(parts, bit) }));
  return [
    ...parts.map((p, i) => ({
      name: p.name,
      look: p.look,
      mesh: pulled.reduce(
        (mesh, { bit, from }) => (from === i ? pulledMesh(mesh, bit) : mesh),
        partMesh(p, fineness),
      ),
    })),
    ...bits.flatMap((b) => (isPulled(b) ? [] : [{ name: b.name, mesh: bitMesh(b) }])),
  ];
}
