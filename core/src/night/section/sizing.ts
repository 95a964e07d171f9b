// How fine a section is meshed where: by the wall there, its corners and its curves, and growing away from the finest.
import { along, crossings, type Loop, type Point } from './loops';

/** How fine: the longest edge anywhere, elements through a wall, and round an inside corner of the radius the corners were rounded by. */
export interface MeshSize {
  readonly longest: number;
  readonly through: number;
  readonly shortest: number;
  readonly corner: number;
  /** Edges along a curve need be no shorter than this, m. */
  readonly curve: number;
  /** How far its area may be from the drawing's, as a share of that. */
  readonly area: number;
}

/** As PHYSICS §9 has it: one to two quadratic elements through a thin wall, three and more through a thick one. */
export const ORDINARY_SIZE: MeshSize = {
  longest: 1.8e-3,
  through: 1.7,
  shortest: 4e-4,
  corner: 1e-3,
  curve: 1.8e-3,
  area: 1e-3,
};

/** A point no further out than this is on the axis, m. */
export const MESH_ON_AXIS = 1e-7;
/** Edges grow by this much of the distance from finer ones. */
const GROWS = 0.35;
/** A curve is followed by edges no longer than this share of its radius. */
const FOLLOWED = 0.3;

interface Sample extends Point {
  readonly size: number;
}

/** The edge length wanted at any place of the section, m. */
export function sizeOver(loops: readonly Loop[], size: MeshSize): (p: Point) => number {
  return graded(samplesOf(loops, size), size);
}

/** Points along the rims with the edge length wanted there. */
function samplesOf(loops: readonly Loop[], size: MeshSize): Sample[] {
  const step = Math.max(size.shortest, size.longest / 6);
  return loops.flatMap((loop) => {
    const points = along(loop, step).filter((p) => !(p.r < MESH_ON_AXIS && p.nr < -0.99));
    return points.map((p): Sample => {
      const wall = thicknessAt(loops, p);
      const bend = Math.abs(p.bend) > 0 && p.bend < 0 ? Math.abs(1 / p.bend) : Infinity;
      // Three edges round an inside corner.
      const corner = bend < 4 * size.corner ? 0.55 * Math.max(bend, size.corner / 2) : Infinity;
      // A curve is not followed by edges longer than a third of its radius.
      const curve = Math.max(size.curve, FOLLOWED / Math.max(1e-9, Math.abs(p.bend)));
      const wanted = Math.min(size.longest, wall / size.through, corner, curve);
      return { r: p.r, z: p.z, size: Math.max(size.shortest, wanted) };
    });
  });
}

/** The edge length wanted at a place: of the nearest samples, growing away from them. */
function graded(samples: readonly Sample[], { longest }: MeshSize): (p: Point) => number {
  return ({ r, z }) => {
    let least = longest;
    for (const s of samples) {
      const dr = Math.abs(s.r - r);
      const dz = Math.abs(s.z - z);
      const near = (least - s.size) / GROWS;
      if (dr > near || dz > near) continue;
      least = Math.min(least, s.size + GROWS * Math.hypot(dr, dz));
    }
    return least;
  };
}

/** How thick the glass is straight in from most of its rims, m: from three places in five it is no thicker. */
export function mostlyThick(loops: readonly Loop[]): number {
  const all = loops
    .flatMap((loop) =>
      along(loop, COARSE)
        .filter((p) => !(p.r < MESH_ON_AXIS && p.nr < -0.99))
        .map((p) => thicknessAt(loops, p)),
    )
    .filter(Number.isFinite)
    .sort((x, y) => x - y);
  return all[Math.floor(MOSTLY * all.length)] ?? 0;
}
const COARSE = 3e-3;
const MOSTLY = 0.6;

/** How thick the glass is straight in from a place of the rim; to the axis and as far beyond. */
function thicknessAt(
  loops: readonly Loop[],
  p: Point & { readonly nr: number; readonly nz: number },
): number {
  const [dr, dz] = [-p.nr, -p.nz];
  const off = 1e-6;
  let nearest = dr < -1e-9 ? (2 * p.r) / -dr : Infinity;
  for (const t of crossings(loops, { r: p.r + dr * off, z: p.z + dz * off }, dr, dz))
    nearest = Math.min(nearest, t);
  return nearest;
}
