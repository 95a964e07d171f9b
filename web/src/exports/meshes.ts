// The glass body as files other programs read: GLB (glTF 2.0, metres, y up) and STL (binary, millimetres, z up).
import { tr } from '@zanfirico/core/words';
import { stlBytes, type Mesh } from '@zanfirico/core/form';
import type { PartShell, ShellLook } from '@zanfirico/core/piece';
import {
  BufferAttribute,
  BufferGeometry,
  Color,
  Mesh as SceneMesh,
  MeshPhysicalMaterial,
  Scene,
} from 'three';
import { GLTFExporter } from 'three/examples/jsm/exporters/GLTFExporter.js';

/** Normals of a mesh, each corner's the mean of its facets' by their area; plain loops, for they are many. */
function smoothNormals(
  positions: Float32Array<ArrayBuffer>,
  triangles: Uint32Array<ArrayBuffer>,
): Float32Array<ArrayBuffer> {
  const normals = new Float32Array(positions.length);
  for (let t = 0; t < triangles.length; t += 3) {
    const a = 3 * (triangles[t] as number);
    const b = 3 * (triangles[t + 1] as number);
    const c = 3 * (triangles[t + 2] as number);
    const ax = positions[a] as number;
    const ay = positions[a + 1] as number;
    const az = positions[a + 2] as number;
    const ux = (positions[b] as number) - ax;
    const uy = (positions[b + 1] as number) - ay;
    const uz = (positions[b + 2] as number) - az;
    const vx = (positions[c] as number) - ax;
    const vy = (positions[c + 1] as number) - ay;
    const vz = (positions[c + 2] as number) - az;
    const nx = uy * vz - uz * vy;
    const ny = uz * vx - ux * vz;
    const nz = ux * vy - uy * vx;
    for (let k = 0; k < 3; k += 1) {
      const at = k === 0 ? a : k === 1 ? b : c;
      normals[at] = (normals[at] as number) + nx;
      normals[at + 1] = (normals[at + 1] as number) + ny;
      normals[at + 2] = (normals[at + 2] as number) + nz;
    }
  }
  for (let i = 0; i < normals.length; i += 3) {
    const x = normals[i] as number;
    const y = normals[i + 1] as number;
    const z = normals[i + 2] as number;
    const length = Math.sqrt(x * x + y * y + z * z) || 1;
    normals[i] = x / length;
    normals[i + 1] = y / length;
    normals[i + 2] = z / length;
  }
  return normals;
}

/** Corners, smooth normals and triangles as typed arrays. */
export function shellGeometry(mesh: Mesh): {
  positions: Float32Array<ArrayBuffer>;
  normals: Float32Array<ArrayBuffer>;
  triangles: Uint32Array<ArrayBuffer>;
} {
  const positions = new Float32Array(mesh.positions);
  const triangles = new Uint32Array(mesh.triangles);
  return { positions, normals: smoothNormals(positions, triangles), triangles };
}

/** Clear glass where nobody says. */
const CLEAR: ShellLook = { absorb: [0, 0, 0], body: [0, 0, 0], wall: 0.003 };

type Rgb = readonly [number, number, number];
const WHITE: Rgb = [1, 1, 1];
const scaled = ([r, g, b]: Rgb, by: number): Rgb => [r * by, g * by, b * by];

/** A shell's glass: its wall, what that lets through (Beer–Lambert), and the light a scattering colour sends back. */
function glassOf({ absorb, body, wall }: ShellLook = CLEAR): MeshPhysicalMaterial {
  const [ra, ga, ba] = absorb;
  const through: Rgb = [Math.exp(-ra * wall), Math.exp(-ga * wall), Math.exp(-ba * wall)];
  const opaque = Math.min(1, Math.max(...body));
  const tinted = Math.min(...through) < 1;
  return new MeshPhysicalMaterial({
    color: new Color().setRGB(...(opaque > 0 ? scaled(body, 1 / opaque) : WHITE)),
    roughness: 0.02 + 0.3 * opaque,
    transmission: 1 - opaque,
    ior: 1.51,
    thickness: wall,
    ...(tinted && {
      attenuationColor: new Color().setRGB(...through),
      attenuationDistance: wall,
    }),
  });
}

/** A scene of named shells, y up. */
function sceneOf(shells: readonly PartShell[]): Scene {
  const scene = new Scene();
  for (const { name, mesh, look } of shells) {
    const positions = new Float32Array(mesh.positions.length);
    for (let i = 0; i < positions.length; i += 3)
      positions.set(
        [
          mesh.positions[i] as number,
          mesh.positions[i + 2] as number,
          -(mesh.positions[i + 1] as number),
        ],
        i,
      );
    const geometry = new BufferGeometry();
    geometry.setAttribute('position', new BufferAttribute(positions, 3));
    const triangles = new Uint32Array(mesh.triangles);
    geometry.setIndex(new BufferAttribute(triangles, 1));
    geometry.setAttribute('normal', new BufferAttribute(smoothNormals(positions, triangles), 3));
    const shell = new SceneMesh(geometry, glassOf(look));
    shell.name = name;
    scene.add(shell);
  }
  return scene;
}

/** GLB of the shells: one named node a shell, metres, y up. */
export async function glbOf(shells: readonly PartShell[]): Promise<Uint8Array<ArrayBuffer>> {
  const scene = sceneOf(shells);
  const file = await new GLTFExporter().parseAsync(scene, { binary: true });
  if (!(file instanceof ArrayBuffer)) throw new Error(tr`The GLB could not be written.`);
  return new Uint8Array(file);
}

/** Binary STL of the shells, mm, z up, as printers take it. */
export const shellsStl = (shells: readonly PartShell[]): Uint8Array<ArrayBuffer> =>
  stlBytes(shells.map(({ mesh }) => mesh));
