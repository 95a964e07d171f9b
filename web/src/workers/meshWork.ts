// What the mesh worker does: shells for the turning view, whole files to take away.
import { bodyShells, type GlassBody } from '@zanfirico/core/piece';
import { transfer } from 'comlink';
import { glbOf, shellGeometry, shellsStl } from '../exports/meshes';

/** A shell ready for the screen: corners and normals by threes, and triangles. */
export interface ScreenShell {
  readonly positions: Float32Array<ArrayBuffer>;
  readonly normals: Float32Array<ArrayBuffer>;
  readonly triangles: Uint32Array<ArrayBuffer>;
}

/** A file, and how long it took, ms. */
export interface MeshFile {
  readonly bytes: Uint8Array<ArrayBuffer>;
  readonly milliseconds: number;
}

/** Fineness of the screen's shells and of the files'. */
const SCREEN = { facets: 72, rows: 150 };
const COARSE = { facets: 40, rows: 70 };
const FILE = { facets: 96, rows: 400 };

/** The worker's calls. */
export const meshWork = {
  /** Coarse where no graphics hardware draws them. */
  screen: (body: GlassBody, coarse: boolean): readonly ScreenShell[] => {
    const shells = bodyShells(body.parts, body.bits, coarse ? COARSE : SCREEN).map(({ mesh }) =>
      shellGeometry(mesh),
    );
    return transfer(
      shells,
      shells.flatMap((s) => [s.positions.buffer, s.normals.buffer, s.triangles.buffer]),
    );
  },
  file: async (body: GlassBody, format: 'glb' | 'stl'): Promise<MeshFile> => {
    const start = performance.now();
    const shells = bodyShells(body.parts, body.bits, FILE);
    const bytes = format === 'glb' ? await glbOf(shells) : shellsStl(shells);
    return { bytes, milliseconds: performance.now() - start };
  },
};
