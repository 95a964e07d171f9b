// The glass body as files other programs read: GLB (glTF 2.0, metres, y up) and STL (binary, millimetres, z up).
import type { Mesh, Shell } from '@zanfirico/core';
import {
  BufferAttribute,
  BufferGeometry,
  Mesh as SceneMesh,
  MeshPhysicalMaterial,
  Scene,
} from 'three';
import { GLTFExporter } from 'three/examples/jsm/exporters/GLTFExporter.js';
import { STLExporter } from 'three/examples/jsm/exporters/STLExporter.js';

/** Corners, smooth normals and triangles as typed arrays. */
export function shellGeometry(mesh: Mesh): {
  positions: Float32Array<ArrayBuffer>;
  normals: Float32Array<ArrayBuffer>;
  triangles: Uint32Array<ArrayBuffer>;
} {
  const positions = new Float32Array(mesh.positions);
  const triangles = new Uint32Array(mesh.triangles);
  const geometry = new BufferGeometry();
  geometry.setAttribute('position', new BufferAttribute(positions, 3));
  geometry.setIndex(new BufferAttribute(triangles, 1));
  geometry.computeVertexNormals();
  return {
    positions,
    normals: geometry.getAttribute('normal').array as Float32Array<ArrayBuffer>,
    triangles,
  };
}

/** A scene of named shells; `turn` puts a corner where the file wants it. */
function sceneOf(
  shells: readonly Shell[],
  turn: (x: number, y: number, z: number) => readonly [number, number, number],
  normals: boolean,
): Scene {
  const scene = new Scene();
  const glass = new MeshPhysicalMaterial({
    color: 0xffffff,
    roughness: 0.02,
    transmission: 1,
    ior: 1.51,
    thickness: 0.003,
  });
  for (const { name, mesh } of shells) {
    const positions = new Float32Array(mesh.positions.length);
    for (let i = 0; i < positions.length; i += 3)
      positions.set(
        turn(
          mesh.positions[i] as number,
          mesh.positions[i + 1] as number,
          mesh.positions[i + 2] as number,
        ),
        i,
      );
    const geometry = new BufferGeometry();
    geometry.setAttribute('position', new BufferAttribute(positions, 3));
    geometry.setIndex(new BufferAttribute(new Uint32Array(mesh.triangles), 1));
    if (normals) geometry.computeVertexNormals();
    const shell = new SceneMesh(geometry, glass);
    shell.name = name;
    scene.add(shell);
  }
  return scene;
}

/** GLB of the shells: one named node a shell, metres, y up. */
export async function glbOf(shells: readonly Shell[]): Promise<Uint8Array<ArrayBuffer>> {
  const scene = sceneOf(shells, (x, y, z) => [x, z, -y], true);
  const file = await new GLTFExporter().parseAsync(scene, { binary: true });
  if (!(file instanceof ArrayBuffer)) throw new Error('The GLB could not be written.');
  return new Uint8Array(file);
}

/** Binary STL of the shells, mm, z up, as printers take it. */
export function stlOf(shells: readonly Shell[]): Uint8Array<ArrayBuffer> {
  const scene = sceneOf(shells, (x, y, z) => [x * 1e3, y * 1e3, z * 1e3], false);
  const view = new STLExporter().parse(scene, { binary: true });
  return new Uint8Array(view.buffer, view.byteOffset, view.byteLength);
}
