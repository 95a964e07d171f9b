// Meshes and bits against closed forms and against three's own geometry.
import * as fc from 'fast-check';
import { BoxGeometry, SphereGeometry, TorusGeometry, type BufferGeometry } from 'three';
import { findGlass } from '../rack/glasses';
import { bodyShells } from '../piece/body';
import { readPart } from '../piece/part';
import { bitVolume, type BitShape } from './bit';
import { bitMesh } from './bitMesh';
import { bitProblem, measureBit } from './bitMeasure';
import { glassOutline, measureShape } from './measure';
import { measureMesh, movedMesh, openEdges, turnedMesh, weldedMesh, type Mesh } from './mesh';
import { startingProfile, FORMS } from './forms';

const still = { height: 0, out: 0.03, around: 0, tilt: 0, copies: 1 };

/** The loose triangles of a three geometry, nine numbers each. */
function soup(geometry: BufferGeometry): number[] {
  const flat = geometry.index ? geometry.toNonIndexed() : geometry;
  return Array.from(flat.getAttribute('position').array);
}

describe('measuring a mesh', () => {
  it.each([
    [
      'three’s sphere',
      weldedMesh(soup(new SphereGeometry(0.05, 128, 96))),
      (4 / 3) * Math.PI * 0.05 ** 3,
      4 * Math.PI * 0.05 ** 2,
    ],
    [
      'three’s torus',
      weldedMesh(soup(new TorusGeometry(0.04, 0.01, 64, 256))),
      2 * Math.PI ** 2 * 0.04 * 0.01 ** 2,
      4 * Math.PI ** 2 * 0.04 * 0.01,
    ],
    [
      'three’s box',
      weldedMesh(soup(new BoxGeometry(0.02, 0.03, 0.04))),
      0.02 * 0.03 * 0.04,
      2 * (0.0006 + 0.0012 + 0.0008),
    ],
  ])(
    '%s is closed; volume and surface agree with the closed form (CRC tables) within 0.2 %%',
    (_, mesh, volume, area) => {
      expect(openEdges(mesh)).toEqual([]);
      const m = measureMesh(mesh);
      expect(m.volume / volume).toBeCloseTo(1, 2);
      expect(Math.abs(m.volume / volume - 1)).toBeLessThan(0.002);
      expect(Math.abs(m.area / area - 1)).toBeLessThan(0.002);
    },
  );

  it('finds the hole when a triangle is missing, and says where', () => {
    const whole = weldedMesh(soup(new BoxGeometry(0.02, 0.02, 0.02)));
    const holed: Mesh = { ...whole, triangles: whole.triangles.slice(3) };
    const open = openEdges(holed);
    expect(open).toHaveLength(3);
    for (const { at } of open) expect(Math.max(...at.map(Math.abs))).toBeCloseTo(0.01, 6);
    expect(bitProblem({ shape: { kind: 'mesh', ...holed }, place: still }, 'Fish')).toMatch(
      /^Fish: the mesh is not closed near /,
    );
  });

  it('an inside-out mesh is refused', () => {
    const box = weldedMesh(soup(new BoxGeometry(0.02, 0.02, 0.02)));
    const flipped = movedMesh(box, (x, y, z) => [-x, y, z]);
    expect(bitProblem({ shape: { kind: 'mesh', ...flipped }, place: still }, 'Fish')).toMatch(
      /inside out/,
    );
    expect(bitProblem({ shape: { kind: 'mesh', ...box }, place: still }, 'Fish')).toBeUndefined();
  });

  it('a mesh keeps its volume wherever it is moved and turned (property)', () => {
    const box = weldedMesh(soup(new BoxGeometry(0.02, 0.03, 0.04)));
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 6, noNaN: true }),
        fc.double({ min: -1, max: 1, noNaN: true }),
        (around, tilt) => {
          const bit = {
            shape: { kind: 'mesh', ...box } as const,
            place: { ...still, around, tilt },
          };
          return Math.abs(measureMesh(bitMesh(bit)).volume / measureMesh(box).volume - 1) < 1e-9;
        },
      ),
      { numRuns: 40 },
    );
  });
});

describe('a turned body as a mesh', () => {
  it.each(FORMS)('%s: watertight, and within 0.5 % of the exact volume at 96 facets', (form) => {
    const reading = measureShape(startingProfile(form), 0.22);
    if (!reading.ok) throw new Error('a starting form must read');
    const { outer, inner, glassVolume } = reading.shape;
    const outline = glassOutline(outer, inner);
    const mesh = turnedMesh({ r: outline.r.slice(0, -1), z: outline.z.slice(0, -1) }, 96);
    expect(openEdges(mesh)).toEqual([]);
    expect(Math.abs(measureMesh(mesh).volume / glassVolume - 1)).toBeLessThan(0.005);
  });
});

describe('a whole piece as shells', () => {
  it('96 × 400: each shell watertight, the sum within 0.5 % of the exact glass', () => {
    const soft = findGlass('soft-batch-96');
    if (!soft) throw new Error('the rack has lost its soft batch');
    const cap = {
      name: 'dots',
      shape: { kind: 'dot', diameter: 0.01, rise: 0.003 },
      place: { height: 0.06, out: 0.0375, around: 0, tilt: 0, copies: 5 },
    } as const;
    const body = readPart({ profile: startingProfile('tumbler') }, 0, soft);
    const ball = readPart({ profile: startingProfile('ball'), work: 'solid' }, 1, soft);
    if (!body.ok || !ball.ok) throw new Error('starting forms must read');
    const shells = bodyShells([body.part, ball.part], [cap], { facets: 96, rows: 400 });
    const exact =
      body.part.shape.glassVolume + ball.part.shape.glassVolume + measureBit(cap).volume;
    for (const { mesh } of shells) expect(openEdges(mesh)).toEqual([]);
    const sum = shells.reduce((v, { mesh }) => v + measureMesh(mesh).volume, 0);
    expect(Math.abs(sum / exact - 1)).toBeLessThan(0.005);
  });
});

const shapes: readonly (readonly [string, BitShape, number])[] = [
  ['rod 10 × 60', { kind: 'rod', diameter: 0.01, length: 0.06 }, (Math.PI / 4) * 1e-4 * 0.06],
  ['ball 20', { kind: 'ball', diameter: 0.02 }, (Math.PI / 6) * 8e-6],
  [
    'ellipsoid 20 × 30 × 40',
    { kind: 'ellipsoid', x: 0.02, y: 0.03, z: 0.04 },
    (Math.PI / 6) * 24e-6,
  ],
  ['box 20 × 30 × 40', { kind: 'box', x: 0.02, y: 0.03, z: 0.04 }, 24e-6],
  [
    'dot: cap of base 12, rise 4',
    { kind: 'dot', diameter: 0.012, rise: 0.004 },
    ((Math.PI * 0.004) / 6) * (3 * 0.006 ** 2 + 0.004 ** 2),
  ],
  [
    'wrap: torus R 30, rod 4',
    { kind: 'wrap', diameter: 0.004, turns: 1, pitch: 0 },
    2 * Math.PI ** 2 * 0.03 * 0.002 ** 2,
  ],
  [
    'straight spout 16 × 2, 50 long',
    {
      kind: 'bent',
      diameter: 0.016,
      wall: 0.002,
      path: [
        { out: 0, up: 0 },
        { out: 0.03, up: 0.04 },
      ],
    },
    (Math.PI / 4) * (0.016 ** 2 - 0.012 ** 2) * 0.05,
  ],
];

describe('bits', () => {
  it.each(shapes)('%s: volume by its closed form (CRC tables; Pappus)', (_, shape, volume) => {
    expect(bitVolume(shape, 0.03) / volume).toBeCloseTo(1, 6);
  });

  it.each(shapes.filter(([name]) => !name.startsWith('wrap')))(
    '%s: its mesh is closed and within 0.5 %% of that volume',
    (_, shape, volume) => {
      const mesh = bitMesh({ shape, place: { ...still, tilt: 0.3, copies: 3 } });
      expect(openEdges(mesh)).toEqual([]);
      expect(Math.abs(measureMesh(mesh).volume / (3 * volume) - 1)).toBeLessThan(0.005);
    },
  );

  it('a wound thread: closed at its ends, mesh within 0.5 % of Pappus on the helix', () => {
    const shape: BitShape = { kind: 'wrap', diameter: 0.003, turns: 3.5, pitch: 0.005 };
    const mesh = bitMesh({ shape, place: still });
    expect(openEdges(mesh)).toEqual([]);
    expect(Math.abs(measureMesh(mesh).volume / bitVolume(shape, still.out) - 1)).toBeLessThan(
      0.005,
    );
  });

  it('a curved handle: mesh within 0.5 % of Pappus along its path', () => {
    const shape: BitShape = {
      kind: 'bent',
      diameter: 0.009,
      path: [
        { out: 0, up: 0.03 },
        { out: 0.03, up: 0.02 },
        { out: 0.03, up: -0.03 },
        { out: 0, up: -0.04 },
      ],
    };
    const bit = { shape, place: still };
    expect(openEdges(bitMesh(bit))).toEqual([]);
    expect(Math.abs(measureMesh(bitMesh(bit)).volume / measureBit(bit).volume - 1)).toBeLessThan(
      0.005,
    );
  });

  it.each<readonly [string, BitShape, RegExp]>([
    [
      'tube without bore',
      {
        kind: 'bent',
        diameter: 0.006,
        wall: 0.003,
        path: [
          { out: 0, up: 0 },
          { out: 0.02, up: 0 },
        ],
      },
      /leaves no bore/,
    ],
    [
      'path of no length',
      {
        kind: 'bent',
        diameter: 0.006,
        path: [
          { out: 0, up: 0 },
          { out: 0, up: 0 },
        ],
      },
      /no length/,
    ],
    [
      'turns through each other',
      { kind: 'wrap', diameter: 0.004, turns: 3, pitch: 0.002 },
      /run into each other/,
    ],
    ['a dot taller than wide', { kind: 'dot', diameter: 0.004, rise: 0.006 }, /rises/],
  ])('%s is refused in a sentence with its name', (_, shape, says) => {
    expect(bitProblem({ shape, place: still }, 'Prunt')).toMatch(says);
    expect(bitProblem({ shape, place: still }, 'Prunt')).toMatch(/^Prunt: /);
  });
});
