// Forms that are not round: areas, volumes and meshes against closed forms, thickness by the largest ball.
import type { Across } from '@zanfirico/contract/piece';
import { bodyShells } from '../piece/body';
import { readPart } from '../piece/part';
import { glassOf, outline, type At } from '../piece/shop.fixture';
import { acrossProblem, cutOf } from './across';
import { contentsTo, measureShape, type Shape } from './measure';
import { measureMesh, openEdges } from './mesh';
import type { Profile } from './profile';

const glass = glassOf('soft-batch-96');
/** A block as high as it is wide, mm. */
const block = (half: number, height: number): Profile =>
  outline([0, 0, 4, true], [0, half, 4, true], [height, half, 4, true], [height, 0, 4, true]);
const cup = outline([0, 0, 5, true], [0, 40, 5, true], [100, 40, 5, true]);
const shapeOf = (profile: Profile, across: Across | undefined, solid = false): Shape => {
  const read = measureShape(profile, 0.22, solid, across);
  if (!read.ok) throw new Error(read.problems[0]?.message);
  return read.shape;
};

/** Γ for arguments from 1 to 2, within 5e-5 (Abramowitz & Stegun 6.1.35). */
const gamma = (x: number): number =>
  [-0.5748646, 0.9512363, -0.6998588, 0.4245549, -0.1010678].reduce(
    (sum, c, i) => sum + c * (x - 1) ** (i + 1),
    1,
  );
/** Area of Lamé's curve of half axes 1 and b, against the circle: 4b Γ(1+1/n)²/Γ(1+2/n)/π (Gridgeman, Math. Gazette 54, 1970). */
const lame = (b: number, n: number): number =>
  (4 * b * gamma(1 + 1 / n) ** 2) / gamma(1 + 2 / n) / Math.PI;

const drawn = (outline: [number, number][]): Across => ({
  kind: 'drawn',
  outline: outline.map(([x, y]) => ({ x, y })),
});

describe('a cut', () => {
  it.each<[string, Across, number, number]>([
    ['an ellipse of 1 : 0.4', { kind: 'oval', depth: 0.4, square: 2 }, lame(0.4, 2), 0.4],
    ['a squarish one, n = 4', { kind: 'oval', depth: 1, square: 4 }, lame(1, 4), 1],
    ['nearly a square, n = 12', { kind: 'oval', depth: 0.8, square: 12 }, lame(0.8, 12), 0.8],
    // Mean of (1 − d/2 (1 − cos nθ))².
    ['ten ribs', { kind: 'ribs', count: 10, depth: 0.1 }, 0.95 ** 2 + 0.1 ** 2 / 8, 0.9],
    // The circle less one segment: (θ − sin θ)/2π with θ = 2 acos(0.8).
    [
      'one flat spot a fifth in',
      { kind: 'flats', count: 1, depth: 0.2 },
      1 - (2 * Math.acos(0.8) - Math.sin(2 * Math.acos(0.8))) / (2 * Math.PI),
      0.8,
    ],
    // A hexagon, corner to corner as wide as the circle.
    [
      'six flats that meet',
      { kind: 'flats', count: 6, depth: 1 - Math.cos(Math.PI / 6) },
      (3 * Math.sqrt(3)) / 2 / Math.PI,
      Math.cos(Math.PI / 6),
    ],
    [
      'a drawn square',
      drawn([
        [-3, -3],
        [3, -3],
        [3, 3],
        [-3, 3],
      ]),
      4 / Math.PI,
      1,
    ],
    [
      'a drawn oblong, off its middle',
      drawn([
        [0, 0],
        [4, 0],
        [4, 2],
        [0, 2],
      ]),
      2 / Math.PI,
      0.5,
    ],
  ])('%s has its area and its nearest skin', (_, across, area, near) => {
    const cut = cutOf(across);
    expect(Math.abs(cut.area / area - 1)).toBeLessThan(1e-3);
    expect(cut.near).toBeCloseTo(near, 3);
  });
  it('its largest ball need not be on the axis: a keyhole’s is in its bow', () => {
    // A circle of 1 joined to a bar: the ball is the circle's, whatever the middle of the whole.
    const circle: [number, number][] = Array.from({ length: 40 }, (_, i) => {
      const a = -0.2 + ((2 * Math.PI - 0.4) * i) / 39 + 0.4 - 0.2;
      return [Math.cos(a), Math.sin(a)];
    });
    const keyhole = drawn([...circle, [1.6, -0.2], [1.6, 0.2]]);
    const { ball, near } = cutOf(keyhole);
    // In units of half its width, (1.6 + 1)/2 = 1.3.
    expect(ball * 1.3).toBeCloseTo(1, 1);
    expect(ball).toBeGreaterThan(near);
    expect(cutOf({ kind: 'oval', depth: 0.4, square: 2 }).ball).toBeCloseTo(0.4, 2);
  });
  it('stands on the edge nearest its middle', () => {
    expect(cutOf({ kind: 'oval', depth: 0.4, square: 2 }).stands).toBeCloseTo(0.4, 3);
    // Between ribs nothing stands, but the ribs do.
    expect(cutOf({ kind: 'ribs', count: 12, depth: 0.3 }).stands).toBeGreaterThan(0.95);
  });
  it('says why a drawing will not do', () => {
    expect(
      acrossProblem(
        drawn([
          [0, 0],
          [10, 0],
          [10, 10],
          [9, 1],
        ]),
      ),
    ).toMatch(/doubles back|round its middle/);
    expect(acrossProblem({ kind: 'flats', count: 6, depth: 0.3 })).toMatch(/meet at 13 %/);
    expect(
      acrossProblem(
        drawn([
          [1, 0],
          [0, 1],
          [-1, 0],
          [0, -1],
        ]),
      ),
    ).toBeUndefined();
  });
});

describe('a form that is not round', () => {
  it('a solid cube of 57 mm weighs what TRADE §2’s two gathers are for: 467 g', () => {
    const cube = shapeOf(
      block(28.5, 57),
      drawn([
        [-1, -1],
        [1, -1],
        [1, 1],
        [-1, 1],
      ]),
      true,
    );
    expect(cube.glassVolume).toBeCloseTo(0.057 ** 3, 7);
    expect(Math.abs((cube.glassVolume * glass.density) / 0.467 - 1)).toBeLessThan(0.02);
    // The largest ball in it is as wide as it is.
    expect(cube.thickest.wall).toBeCloseTo(0.057, 4);
    expect(cube.widest).toBeCloseTo(0.0285, 6);
  });
  it('an ellipsoid: 4/3 π a b c, its thickest across the flat', () => {
    const ball = outline(
      ...Array.from({ length: 13 }, (_, i): At => {
        const a = (Math.PI * i) / 12;
        return [30 * (1 - Math.cos(a)), i % 12 === 0 ? 0 : 30 * Math.sin(a), 3];
      }),
    );
    const flat = shapeOf(ball, { kind: 'oval', depth: 0.5, square: 2 }, true);
    expect(flat.glassVolume / ((4 / 3) * Math.PI * 0.03 * 0.03 * 0.015) - 1).toBeLessThan(2e-3);
    expect(flat.thickest.wall).toBeCloseTo(0.03, 3);
    expect(flat.centreOfMass).toBeCloseTo(0.03, 5);
  });
  it('a flattened flask has one wall all round: capacity near that of the parallel curve A − Pt + πt²', () => {
    const cut = cutOf({ kind: 'oval', depth: 0.6, square: 2 });
    const flask = shapeOf(cup, { kind: 'oval', depth: 0.6, square: 2 });
    const [a, t] = [0.04, 0.005];
    const inside = cut.area * Math.PI * a ** 2 - cut.rim * 2 * Math.PI * a * t + Math.PI * t ** 2;
    // Wall is measured along the rays, not along the skin's normals: second order in wall over the ends' radius of 14 mm.
    expect(Math.abs(flask.capacity / (inside * 0.095) - 1)).toBeLessThan(0.01);
    // As thick as the round one, in its corner too: r√2 + r = t√2.
    const corner = (2 * t * Math.SQRT2) / (1 + Math.SQRT2);
    expect(Math.abs(flask.thickest.wall / corner - 1)).toBeLessThan(0.02);
    expect(flask.thinnest.wall).toBeCloseTo(t, 4);
    expect(contentsTo(flask, 0.0525).volume / (flask.capacity / 2) - 1).toBeLessThan(1e-3);
    // It tips over its narrow side.
    expect(flask.footRadius).toBeCloseTo(0.024, 4);
  });
  it('a round cut is the turned form', () => {
    const [round, oval] = [
      shapeOf(cup, undefined),
      shapeOf(cup, { kind: 'oval', depth: 1, square: 2 }),
    ];
    for (const key of [
      'glassVolume',
      'capacity',
      'outsideArea',
      'centreOfMass',
      'footRadius',
    ] as const)
      expect(Math.abs(oval[key] / round[key] - 1)).toBeLessThan(1e-3);
    expect(oval.thickest.wall).toBeCloseTo(round.thickest.wall, 6);
  });
  it.each<[string, Profile, Across, 'solid' | undefined]>([
    ['a cube', block(20, 40), { kind: 'oval', depth: 1, square: 12 }, 'solid'],
    ['a ribbed cup', cup, { kind: 'ribs', count: 9, depth: 0.08 }, undefined],
    ['a cup with three flats', cup, { kind: 'flats', count: 3, depth: 0.2 }, undefined],
    ['a flask', cup, { kind: 'oval', depth: 0.45, square: 2.5 }, undefined],
  ])('the mesh of %s is closed and weighs the same', (_, profile, across, work) => {
    const read = readPart({ profile, across, ...(work && { work }) }, 0, glass);
    if (!read.ok) throw new Error(read.problems[0]?.message);
    const [shell] = bodyShells([read.part], [], { facets: 96, rows: 400 });
    if (!shell) throw new Error('no shell');
    expect(openEdges(shell.mesh)).toEqual([]);
    expect(Math.abs(measureMesh(shell.mesh).volume / read.part.shape.glassVolume - 1)).toBeLessThan(
      2e-3,
    );
  });
});
