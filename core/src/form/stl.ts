// Binary STL of closed surfaces, as printers take it: millimetres, z up.
import type { Mesh } from './mesh';

type Corner = readonly [number, number, number];

function normalOf(a: Corner, b: Corner, c: Corner): Corner {
  const [ux, uy, uz] = [b[0] - a[0], b[1] - a[1], b[2] - a[2]];
  const [vx, vy, vz] = [c[0] - a[0], c[1] - a[1], c[2] - a[2]];
  const n: Corner = [uy * vz - uz * vy, uz * vx - ux * vz, ux * vy - uy * vx];
  const length = Math.hypot(...n) || 1;
  return [n[0] / length, n[1] / length, n[2] / length];
}

/** What the file begins with; no reader may take it for the text form, which begins with "solid". */
const HEAD = 'Zanfirico, mm';
const MM = 1000;

/**
 * A file of all of them together: a facet a triangle, its normal outwards. Meshes in m.
 *
 * @example
 * stlBytes([{ positions: [0, 0, 0, 1, 0, 0, 0, 1, 0], triangles: [0, 1, 2] }]).length; // 134
 */
export function stlBytes(meshes: readonly Mesh[]): Uint8Array<ArrayBuffer> {
  const count = meshes.reduce((n, m) => n + m.triangles.length / 3, 0);
  const view = new DataView(new ArrayBuffer(84 + 50 * count));
  for (let i = 0; i < HEAD.length; i += 1) view.setUint8(i, HEAD.charCodeAt(i));
  view.setUint32(80, count, true);
  let at = 84;
  for (const { positions, triangles } of meshes)
    for (let t = 0; t < triangles.length; t += 3) {
      const corner = (k: number): Corner => {
        const i = 3 * (triangles[t + k] as number);
        const mm = (c: number): number => (positions[i + c] as number) * MM;
        return [mm(0), mm(1), mm(2)];
      };
      const [a, b, c] = [corner(0), corner(1), corner(2)];
      for (const v of [normalOf(a, b, c), a, b, c])
        for (const x of v) {
          view.setFloat32(at, x, true);
          at += 4;
        }
      at += 2;
    }
  return new Uint8Array(view.buffer);
}
