// Files out: meshes as other programs read them, templates true to scale.
import type { PatternFigure } from '@zanfirico/contract/piece';
import { measureShape, startingProfile } from '@zanfirico/core/form';
import { carry, shrunkBlank, stretchMap } from '@zanfirico/core/form/pattern';
import { bodyShells, readPart } from '@zanfirico/core/piece';
import { findGlass } from '@zanfirico/core/rack';
import { Box3, BufferAttribute, BufferGeometry } from 'three';
import { STLLoader } from 'three/examples/jsm/loaders/STLLoader.js';
import { glbOf, shellGeometry, shellsStl } from './meshes';
import { templateSvg } from './templateSvg';

const soft = findGlass('soft-batch-96');
if (!soft) throw new Error('the rack has lost its soft batch');
const part = readPart({ name: 'bowl', profile: startingProfile('bowl') }, 0, soft);
if (!part.ok) throw new Error('the bowl must read');
const shells = bodyShells([part.part], [], { facets: 96, rows: 400 });

/** Blob reading as browsers have it; Node has Blob but no FileReader, which three's exporter asks for. */
class NodeFileReader {
  result: ArrayBuffer | null = null;
  onloadend: (() => void) | undefined;
  readAsArrayBuffer(blob: Blob): void {
    void blob.arrayBuffer().then((buffer) => {
      this.result = buffer;
      this.onloadend?.();
    });
  }
}

describe('the glass body', () => {
  it('as STL is read by three as the same solid, mm, z up: volume and size', () => {
    const bytes = shellsStl(shells);
    const read = new STLLoader().parse(bytes.slice().buffer);
    const p = read.getAttribute('position').array;
    let volume = 0;
    for (let t = 0; t < p.length; t += 9) {
      const [ax, ay, az, bx, by, bz, cx, cy, cz] = Array.from(p.slice(t, t + 9)) as [
        number,
        number,
        number,
        number,
        number,
        number,
        number,
        number,
        number,
      ];
      volume +=
        (ax * (by * cz - bz * cy) + ay * (bz * cx - bx * cz) + az * (bx * cy - by * cx)) / 6;
    }
    expect(Math.abs((volume * 1e-9) / part.part.shape.glassVolume - 1)).toBeLessThan(0.005);
    const box = new Box3().setFromBufferAttribute(
      new BufferAttribute(read.getAttribute('position').array, 3),
    );
    expect(box.max.z - box.min.z).toBeCloseTo(part.part.shape.height * 1e3, 1);
    expect(box.max.x).toBeCloseTo(part.part.shape.widest * 1e3, 1);
  });

  it('as GLB is glTF 2.0 with a named node, in metres, y up', async () => {
    Object.assign(globalThis, { FileReader: NodeFileReader });
    const look = { absorb: [Math.log(2) / 0.004, 0, 0], body: [0, 0, 0], wall: 0.004 } as const;
    const glb = await glbOf(shells.map((s) => ({ ...s, look })));
    const view = new DataView(glb.buffer);
    expect(new TextDecoder().decode(glb.slice(0, 4))).toBe('glTF');
    expect(view.getUint32(4, true)).toBe(2);
    expect(view.getUint32(8, true)).toBe(glb.byteLength);
    const json = JSON.parse(
      new TextDecoder().decode(glb.slice(20, 20 + view.getUint32(12, true))),
    ) as {
      asset: { version: string };
      materials: {
        extensions: {
          KHR_materials_volume: { thicknessFactor: number; attenuationColor: number[] };
        };
      }[];
      nodes: { name?: string }[];
      accessors: { min?: number[]; max?: number[]; count: number }[];
    };
    expect(json.asset.version).toBe('2.0');
    const [material] = json.materials;
    expect(material?.extensions.KHR_materials_volume).toMatchObject({
      thicknessFactor: expect.closeTo(0.004, 6) as number,
      attenuationDistance: expect.closeTo(0.004, 6) as number,
    });
    // Half the red is left after the wall, all of the blue.
    const [red = 0, , blue = 0] = material?.extensions.KHR_materials_volume.attenuationColor ?? [];
    expect(red / blue).toBeCloseTo(0.5, 3);
    expect(json.nodes.some((n) => n.name === 'bowl')).toBe(true);
    const positions = json.accessors.find((a) => a.max?.length === 3 && (a.max[1] ?? 0) > 0.05);
    expect(positions?.max?.[1]).toBeCloseTo(part.part.shape.lowest + part.part.shape.height, 3);
  });

  it('for the screen has unit normals that point out of the glass', () => {
    const [shell] = shells;
    if (!shell) throw new Error('the bowl has a shell');
    const { positions, normals, triangles } = shellGeometry(shell.mesh);
    expect(triangles).toHaveLength(shell.mesh.triangles.length);
    const geometry = new BufferGeometry();
    geometry.setAttribute('position', new BufferAttribute(positions, 3));
    for (let i = 0; i < normals.length; i += 300)
      expect(
        Math.hypot(normals[i] as number, normals[i + 1] as number, normals[i + 2] as number),
      ).toBeCloseTo(1, 4);
  });
});

describe('a template', () => {
  const profile = startingProfile('bowl');
  const small = shrunkBlank(profile, 0.6, 0.22);
  const blank = small && measureShape(small, 0.22);
  const final = measureShape(profile, 0.22);
  if (!blank?.ok || !final.ok) throw new Error('both must be makeable');
  const map = stretchMap(blank.shape, final.shape);
  const dots: PatternFigure = { kind: 'dots', count: 10, diameter: 0.012, height: 0.05 };

  it('is as wide as the dot is drawn, by the hoop stretch, at 1:1', () => {
    const carried = carry(map, dots, 'final');
    const on = (form: 'blank' | 'final') => {
      const made = templateSvg(map, carried, form, 'bowl', 10);
      if (!made) throw new Error('there are dots to print');
      const xs = [...made.text.matchAll(/[ML](-?[\d.]+) -?[\d.]+/g)]
        .slice(0, 32)
        .map((m) => Number(m[1]));
      return Math.max(...xs) - Math.min(...xs);
    };
    expect(on('final')).toBeCloseTo(12, 1);
    expect(on('blank') / on('final')).toBeCloseTo(0.6, 1);
  });

  it('is none where nothing could be carried', () => {
    const nowhere = carry(map, { ...dots, height: 9 }, 'final');
    expect(templateSvg(map, nowhere, 'blank', 'bowl', 10)).toBeUndefined();
  });
});
