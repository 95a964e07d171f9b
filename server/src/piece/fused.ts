// The glass of a piece as one closed skin: what is fused is one body, what lifts out stays another.
import type { PieceDocument } from '@zanfirico/contract/piece';
import type { Mesh } from '@zanfirico/core/form';
import { bodyOf, bodyShells, derive, NO_SHOP } from '@zanfirico/core/piece';
import type { Rack } from '@zanfirico/core/rack';
import { tr } from '@zanfirico/core/words';
import type { Manifold, ManifoldToplevel } from 'manifold-3d';

/** As fine as the files of the parts. */
const FINENESS = { facets: 96, rows: 400 };
const MM = 1e3;

let started: Promise<ManifoldToplevel> | undefined;
/** The kernel for solids, started when something is first fused. */
const solids = (): Promise<ManifoldToplevel> =>
  (started ??= import('manifold-3d').then(async ({ default: start }) => {
    const kernel = await start();
    kernel.setup();
    return kernel;
  }));

/** A closed mesh (m) as a solid (mm); throws where it is not closed. */
function solidOf({ Manifold, Mesh: KernelMesh }: ManifoldToplevel, mesh: Mesh): Manifold {
  const given = new KernelMesh({
    numProp: 3,
    vertProperties: Float32Array.from(mesh.positions, (v) => v * MM),
    triVerts: Uint32Array.from(mesh.triangles),
  });
  given.merge();
  return new Manifold(given);
}

/**
 * The skins of several closed meshes, m: all that are fused as one, each that lifts out by itself. A bit belongs to the body it
 * shares most glass with.
 */
export async function fusedMeshes(
  shells: readonly { readonly mesh: Mesh; readonly liftsOut: boolean; readonly bit: boolean }[],
): Promise<Mesh[]> {
  const kernel = await solids();
  const all = shells.map((s) => ({ ...s, solid: solidOf(kernel, s.mesh) }));
  try {
    const lifted = all.filter((s) => s.liftsOut && !s.bit);
    const groups = [all.filter((s) => !s.liftsOut && !s.bit), ...lifted.map((s) => [s])];
    const bodies = groups.filter((g) => g.length > 0);
    for (const bit of all.filter((s) => s.bit)) {
      const shared = bodies.map((g) =>
        g.reduce((sum, s) => {
          const common = s.solid.intersect(bit.solid);
          const volume = common.volume();
          common.delete();
          return sum + volume;
        }, 0),
      );
      bodies[shared.indexOf(Math.max(...shared))]?.push(bit);
    }
    return bodies.map((g) => {
      const one = kernel.Manifold.union(g.map((s) => s.solid));
      const { vertProperties, triVerts, numProp } = one.getMesh();
      one.delete();
      const positions: number[] = [];
      for (let i = 0; i < vertProperties.length; i += numProp)
        for (let k = 0; k < 3; k += 1) positions.push((vertProperties[i + k] as number) / MM);
      return { positions, triangles: [...triVerts] };
    });
  } finally {
    for (const s of all) s.solid.delete();
  }
}

/** The fused glass of a piece; a sentence where it cannot be made. */
export async function fusedPiece(document: PieceDocument, rack: Rack): Promise<Mesh[] | string> {
  const glass = rack.glass(document.glass);
  const derived = glass && derive(document, glass, { ...NO_SHOP, rack });
  if (derived?.ok !== true) return tr`The drawing needs mending before it can be fused.`;
  const { parts, bits } = bodyOf(derived, document.bits ?? []);
  const shells = bodyShells(parts, bits, FINENESS);
  try {
    return await fusedMeshes(
      shells.map(({ mesh }, i) => ({
        mesh,
        liftsOut: document.parts[i]?.role === 'stopper',
        bit: i >= parts.length,
      })),
    );
  } catch {
    return tr`A part of this piece is no closed body: it cannot be fused to one skin.`;
  }
}
