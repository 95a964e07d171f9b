// Sections for the tests: a ball, a rod, a plate, a tube, and what is where in a mesh.
import { unitedLoops, type Loop, type Point } from './loops';
import { meshOf, type SectionMesh, type SkinSide } from './mesh';
import { ORDINARY_SIZE, type MeshSize } from './sizing';

export const ballLoop = (radius: number, pieces = 160): Loop =>
  Array.from({ length: pieces + 1 }, (_, i) => {
    const a = -Math.PI / 2 + (Math.PI * i) / pieces;
    return {
      r: i === 0 || i === pieces ? 0 : radius * Math.cos(a),
      z: radius * Math.sin(a),
    };
  });
export const ringLoop = (inner: number, outer: number, height: number): Loop => [
  { r: inner, z: 0 },
  { r: outer, z: 0 },
  { r: outer, z: height },
  { r: inner, z: height },
];
/** A thick-walled hollow ball, closed: outside and inside as one line along the axis. */
export const shellLoop = (inner: number, outer: number): Loop => [
  ...ballLoop(outer),
  ...[...ballLoop(inner)].reverse(),
];
export const outside = (): SkinSide => 'outside';

export const meshed = (
  loop: Loop,
  size: Partial<MeshSize> = {},
  sideOf: (p: Point) => SkinSide = outside,
): SectionMesh => meshOf(unitedLoops([loop], 0), sideOf, { ...ORDINARY_SIZE, ...size });

/** The corner nearest to a place. */
export function cornerAt({ corners, r, z }: SectionMesh, at: Point): number {
  let [best, least] = [0, Infinity];
  for (let i = 0; i < corners; i += 1) {
    const d = Math.hypot(r[i] - at.r, z[i] - at.z);
    if (d < least) [best, least] = [i, d];
  }
  return best;
}
