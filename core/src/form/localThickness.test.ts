// How thick glass is, by the largest ball inside it: closed forms, and what used to be read wrongly.
import * as fc from 'fast-check';
import { derive } from '../piece/derive';
import { glassOf, outline, pieceOf } from '../piece/shop.fixture';
import { measureShape, type Shape } from './measure';
import type { Profile } from './profile';

const shapeOf = (profile: Profile, solid = false): Shape => {
  const read = measureShape(profile, 0.22, solid);
  if (!read.ok) throw new Error(read.problems[0]?.message);
  return read.shape;
};
/** Thickness, mm, at the place of the outside nearest to a radius and a height, mm. */
const at = ({ outer, thick }: Shape, r: number, z: number): number => {
  let [best, near] = [0, Infinity];
  outer.r.forEach((v, i) => {
    const off = Math.hypot(1e3 * v - r, 1e3 * (outer.z[i] as number) - z);
    if (off < near) [best, near] = [i, off];
  });
  return 1e3 * (thick[best] as number);
};
const circle = (radius: number, points: number): Profile =>
  outline(
    ...Array.from({ length: points + 1 }, (_, i): readonly [number, number, number] => {
      const a = (Math.PI * i) / points;
      const r = i === 0 || i === points ? 0 : radius * Math.sin(a);
      return [radius * (1 - Math.cos(a)), r, 4];
    }),
  );

describe('in closed form', () => {
  it.each([
    ['a ball of 40 mm', circle(20, 12), true, 40],
    ['a hollow ball of 4 mm', circle(20, 12), false, 4],
    [
      'a rod of 30 mm',
      outline([0, 0, 3], [0, 15, 3, true], [80, 15, 3, true], [80, 0, 3]),
      true,
      30,
    ],
    ['a disc of 8 mm', outline([0, 0, 3], [0, 40, 3, true], [8, 40, 3, true], [8, 0, 3]), true, 8],
    ['a tube of 3 mm', outline([0, 20, 3], [40, 20, 3], [80, 20, 3]), false, 3],
  ] as const)('%s is so thick all over, its edges included (1 %)', (_, profile, solid, mm) => {
    for (const t of shapeOf(profile, solid).thick)
      expect(Math.abs((1e3 * t) / mm - 1)).toBeLessThan(0.02);
  });
  // The ball between the two outsides and the inner edge of a square corner: w = R(1 + 1/√2), so 2R = 1.1716 w.
  it('a square corner of one wall is 1.17 walls thick', () => {
    const cup = shapeOf(outline([0, 0, 5], [0, 36, 5], [0, 40, 5, true], [4, 40, 5], [90, 40, 5]));
    expect(1e3 * cup.thickest.wall).toBeGreaterThan(5.7);
    expect(1e3 * cup.thickest.wall).toBeLessThanOrEqual(5.86 * 1.005);
    expect(at(cup, 40, 50)).toBeCloseTo(5, 2);
    expect(at(cup, 10, 0)).toBeCloseTo(5, 2);
  });
  // A cone of 20° half angle in solid glass: at z from its tip on the skin the ball touching it has R = s·tan 20°.
  it('a solid cone thins to its tip by its own angle', () => {
    const h = 100;
    const cone = shapeOf(
      outline([0, 0, 3, true], [h, h * Math.tan(Math.PI / 9), 3, true], [h, 0, 3]),
      true,
    );
    const z = 30;
    const r = z * Math.tan(Math.PI / 9);
    const s = Math.hypot(z, r);
    expect(Math.abs(at(cone, r, z) / (2 * s * Math.tan(Math.PI / 9)) - 1)).toBeLessThan(0.06);
  });
});

describe('what was read wrongly', () => {
  it('a solid stem drawn in a blown part: 30 mm, not its 15 mm of wall', () => {
    const goblet = shapeOf(
      outline(
        [0, 0, 3],
        [0, 30, 3, true],
        [4, 30, 4],
        [10, 15, 15],
        [60, 15, 15],
        [70, 20, 5],
        [110, 35, 2.5],
      ),
    );
    expect(at(goblet, 15, 35)).toBeCloseTo(30, 1);
    expect(at(goblet, 35, 110)).toBeCloseTo(2.5, 1);
    expect(1e3 * goblet.thickest.wall).toBeCloseTo(30, 1);
  });
  const flanged = outline(
    [0, 0, 3],
    [8, 16, 3],
    [18, 19.9, 3, true],
    [18.5, 35, 3, true],
    [21.5, 35, 3, true],
    [22, 19.9, 3, true],
    [32, 16, 3],
    [40, 0, 3],
  );
  it('a 3 mm flange on a 40 mm ball: 3 to 4 mm out to its rim, the ball 40 behind it', () => {
    const ball = shapeOf(flanged, true);
    for (const [r, z] of [
      [25, 18.2],
      [32, 18.4],
      [35, 20],
      [28, 21.7],
    ] as const)
      expect(at(ball, r, z)).toBeLessThan(4);
    expect(at(ball, 19, 14)).toBeGreaterThan(38);
    expect(at(ball, 0, 0)).toBeGreaterThan(38);
  });
  it('and its night is the ball’s, a few hours, not a 40 mm slab’s', () => {
    const night = (profile: Profile) => {
      const d = derive(
        pieceOf('solid', 'soft-batch-96', [{ name: 'ball', work: 'solid', profile }]),
        glassOf('soft-batch-96'),
      );
      if (!d.ok) throw new Error(d.problems[0]?.message);
      return d.night.wall;
    };
    expect(night(flanged).body).toBe(night(circle(20, 12)).body);
    expect(night(flanged).thickest / night(circle(20, 12)).thickest).toBeCloseTo(1, 1);
  });
  it('beside a thick crisp base the inside goes up over it, and makes no slot', () => {
    const { inner, thinnest } = shapeOf(
      outline([0, 0, 18], [0, 40, 18, true], [12, 45.5, 8.5], [21, 48, 4]),
    );
    for (const z of inner.z) expect(1e3 * z).toBeGreaterThan(17.5);
    for (let i = 1; i < inner.r.length; i += 1)
      expect(inner.r[i] as number).toBeGreaterThanOrEqual((inner.r[i - 1] as number) - 1e-9);
    expect(1e3 * thinnest.wall).toBeGreaterThan(3.5);
  });
  it('a loose stopper’s taper is no step of the bottle it stands in', () => {
    const bottle = {
      name: 'bottle',
      profile: outline([0, 0, 4], [0, 30, 4, true], [60, 30, 4], [80, 9, 4], [100, 12, 4]),
    };
    const stopper = {
      name: 'stopper',
      work: 'solid' as const,
      role: 'stopper' as const,
      profile: outline([82, 0, 3], [82, 4, 3, true], [100, 7, 3], [106, 16, 3], [124, 0, 3]),
    };
    const step = (parts: readonly (typeof bottle)[]) => {
      const d = derive(pieceOf('bottle', 'soft-batch-96', parts), glassOf('soft-batch-96'));
      if (!d.ok) throw new Error(d.problems[0]?.message);
      return d.whole.step;
    };
    expect(step([bottle, stopper])).toEqual(step([bottle]));
    expect(step([stopper, bottle])).toEqual(step([bottle]));
  });
});

describe('of any gentle vase', () => {
  const wall = fc.double({ min: 0.002, max: 0.005, noNaN: true });
  const radius = fc.double({ min: 0.025, max: 0.05, noNaN: true });
  it('glass is nowhere thinner than its thinnest wall by much, nor thicker than its thickest corner', () => {
    fc.assert(
      fc.property(fc.array(fc.tuple(radius, wall), { minLength: 3, maxLength: 6 }), (drawn) => {
        const profile: Profile = [
          { height: 0, radius: 0, wall: drawn[0]?.[1] ?? 0.003 },
          // Not undercut: an acute edge is thinner than its walls.
          ...drawn.map(([r, w], i) => ({
            height: 0.03 * i,
            radius: i === 0 ? 0.02 : r,
            wall: w,
            corner: i === 0,
          })),
        ];
        const read = measureShape(profile, 0.22);
        if (!read.ok) return;
        const walls = drawn.map(([, w]) => w);
        const { thick } = read.shape;
        expect(Math.min(...thick)).toBeGreaterThan(0.8 * Math.min(...walls));
        expect(Math.max(...thick)).toBeLessThan(1.6 * Math.max(...walls));
      }),
      { numRuns: 200 },
    );
  });
});

describe('a hollow shut in at both ends', () => {
  it('of a ball of 40 mm with a wall of 4 is a ball of 32 (closed form, 1 %); nothing else shuts any in', () => {
    const ball = shapeOf(circle(20, 12));
    expect(ball.shutIn / ((4 / 3) * Math.PI * 0.016 ** 3)).toBeCloseTo(1, 2);
    expect(ball.capacity).toBe(0);
    expect(shapeOf(circle(20, 12), true).shutIn).toBe(0);
    expect(shapeOf(outline([0, 0, 4], [0, 30, 4, true], [80, 30, 4])).shutIn).toBe(0);
    expect(shapeOf(outline([0, 20, 3], [40, 20, 3], [80, 20, 3])).shutIn).toBe(0);
  });
});
