// A sculpted bit out of an STL file: welded, checked closed, small enough to keep with the piece.
import { measureMesh, openEdges, weldedMesh, type Mesh } from '@zanfirico/core/form';
import { tr } from '@zanfirico/core/words';
import { STLLoader } from 'three/examples/jsm/loaders/STLLoader.js';

/** Largest STL looked into, bytes, and most corners and facets a piece file keeps. */
export const STL_LIMIT = 25_000_000;
const MOST_CORNERS = 10_000;
const MOST_FACETS = 20_000;

/** A mesh as the piece keeps it, m, about its own middle. */
export interface ReadMesh {
  readonly positions: number[];
  readonly triangles: number[];
  readonly volume: number;
  readonly flipped: boolean;
}

const mm = (v: number): string => `${String(Number((v * 1e3).toFixed(1)))} mm`;

/** Reads an STL (binary or text); `unit` is metres a unit of the file. Throws a sentence with the place. */
export function meshFromStl(bytes: ArrayBuffer, unit: number): ReadMesh {
  let soup: ArrayLike<number>;
  try {
    soup = new STLLoader().parse(bytes).getAttribute('position').array;
  } catch {
    throw new Error(tr`This is no STL file, or only half of one.`);
  }
  if (soup.length < 36) throw new Error(tr`This file holds no mesh: fewer than four facets.`);
  const scaled = Float64Array.from(soup, (v) => v * unit);
  if (scaled.some((v) => !Number.isFinite(v)))
    throw new Error(tr`This mesh has corners that are no numbers; mend it where it was made.`);
  const mesh = weldedMesh(scaled);
  const corners = mesh.positions.length / 3;
  const facets = mesh.triangles.length / 3;
  if (corners > MOST_CORNERS || facets > MOST_FACETS)
    throw new Error(
      tr`This mesh has ${corners} corners and ${facets} facets; at most ${MOST_CORNERS} and ${MOST_FACETS} can be kept. Thin it out where it was made.`,
    );
  const open = openEdges(mesh);
  const first = open[0];
  if (first)
    throw new Error(
      tr`The mesh is not closed: ${open.length} edges stand open, the first near x ${mm(first.at[0])}, y ${mm(first.at[1])}, z ${mm(first.at[2])}. Close it where it was made.`,
    );
  const { volume, centre } = measureMesh(mesh);
  if (Math.abs(volume) < 1e-12)
    throw new Error(tr`The mesh is closed but holds no glass: is the unit right?`);
  const size = Math.max(...mesh.positions.map(Math.abs));
  if (size > 2)
    throw new Error(tr`The mesh reaches ${mm(size)} at this unit; at most 2 m can be kept.`);
  const flipped = volume < 0;
  return {
    positions: mesh.positions.map((v, i) => Number((v - (centre[i % 3] as number)).toFixed(6))),
    triangles: flipped ? turnedOver(mesh) : [...mesh.triangles],
    volume: Math.abs(volume),
    flipped,
  };
}

function turnedOver({ triangles }: Mesh): number[] {
  const over: number[] = [];
  for (let t = 0; t < triangles.length; t += 3)
    over.push(triangles[t] as number, triangles[t + 2] as number, triangles[t + 1] as number);
  return over;
}
