// How deep under its skin a place of a section lies, and under which side of it.
import type { Point } from './loops';
import type { SectionMesh, MeshSide } from './mesh';

/** The skin nearest to a place, m, and what that faces. */
export function skinNear(
  { r, z, edges }: SectionMesh,
  at: Point,
): { readonly depth: number; readonly side: MeshSide | undefined } {
  let depth = Infinity;
  let side: MeshSide | undefined;
  for (const { a, b, side: of } of edges) {
    if (of === 'axis') continue;
    const [ar, az] = [r[a], z[a]];
    const [er, ez] = [r[b] - ar, z[b] - az];
    const along = ((at.r - ar) * er + (at.z - az) * ez) / (er * er + ez * ez);
    const t = Math.min(1, Math.max(0, along));
    const d = Math.hypot(ar + t * er - at.r, az + t * ez - at.z);
    if (d < depth) [depth, side] = [d, of];
  }
  return { depth, side };
}

/** Distance of every node from the nearest skin, m. */
export const depthsOf = (mesh: SectionMesh): Float64Array =>
  Float64Array.from(
    { length: mesh.nodes },
    (_, i) => skinNear(mesh, { r: mesh.r[i], z: mesh.z[i] }).depth,
  );
