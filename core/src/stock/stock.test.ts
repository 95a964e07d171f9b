// Torch stock, pulls and cut lists, worked by hand.
import * as fc from 'fast-check';
import { bulbLength } from '../form/conserve';
import { cutList } from './cutList';
import {
  bubbleGlass,
  bubbleWall,
  cylinderGlass,
  discGlass,
  lengthForPull,
  pull,
  stockLength,
  stockSection,
} from './moves';

const tube32 = { diameter: 0.032, wall: 0.004 };
const rod7 = { diameter: 0.007 };

describe('lengths to mark', () => {
  // PHYSICS check value: a 70 mm bulb of 1.8 mm wall from 32 × 4 tubing takes 74.8 mm.
  it('a 70 mm bulb, 1.8 mm wall, from 32 × 4 tubing: 74.8 mm', () => {
    const length = stockLength(bubbleGlass(0.07, 0.0018), tube32);
    expect(length * 1e3).toBeCloseTo(74.8, 1);
    expect(length).toBeCloseTo(bulbLength(0.035, 0.0018, { outerDiameter: 0.032, wall: 0.004 }), 9);
  });

  it.each([
    // By hand: π/4·60²·3 = 8482 mm³ over π/4·7² = 38.48 mm² is 220.4 mm of rod.
    ['a 60 × 3 disc foot from 7 mm rod', discGlass(0.06, 0.003), rod7, 220.4],
    // By hand: 100 mm of 10 × 1.5 is 4005 mm³, the same glass in 32 × 4 (351.9 mm²) is 11.38 mm.
    ['100 mm of 10 × 1.5 tube from 32 × 4', cylinderGlass(0.1, 0.01, 0.0015), tube32, 11.38],
    ['a 20 mm ball from 7 mm rod', (Math.PI / 6) * 0.02 ** 3, rod7, 108.8],
  ])('%s', (_, volume, stock, mm) => {
    expect(stockLength(volume, stock) * 1e3).toBeCloseTo(mm, 1);
  });

  it('the bubble wall is the inverse of the length marked (property)', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.04, max: 0.2, noNaN: true }),
        fc.double({ min: 0.0005, max: 0.005, noNaN: true }),
        (d, wall) => {
          const length = stockLength(bubbleGlass(d, wall), tube32);
          expect(bubbleWall(length, tube32, d)).toBeCloseTo(wall, 9);
        },
      ),
    );
    expect(bubbleWall(1, tube32, 0.03)).toBeUndefined();
  });

  it('a wall without a hollow is refused', () => {
    expect(() => bubbleGlass(0.02, 0.01)).toThrow(/hollow/);
    expect(() => stockSection({ diameter: 0.01, wall: 0.005 })).toThrow(/wall/);
  });
});

describe('pulls', () => {
  it('half the width, four times the length; tubing keeps its proportion (by hand)', () => {
    const p = pull(0.05, tube32, 0.016);
    expect(p.length).toBeCloseTo(0.2, 12);
    expect(p.bore).toBeCloseTo(0.012, 12);
    expect(p.wall).toBeCloseTo(0.002, 12);
    expect(pull(0.05, rod7, 0.0035)).toMatchObject({ bore: undefined, wall: undefined });
  });
  it('marking for a pull is its inverse, and glass is kept (property)', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.002, max: 0.03, noNaN: true }),
        fc.double({ min: 0.01, max: 1, noNaN: true }),
        (to, length) => {
          const p = pull(lengthForPull(length, tube32, to), tube32, to);
          expect(p.length).toBeCloseTo(length, 9);
          const glass = cylinderGlass(p.length, p.diameter, p.wall);
          expect(glass / (stockSection(tube32) * lengthForPull(length, tube32, to))).toBeCloseTo(
            1,
            9,
          );
        },
      ),
    );
  });
});

describe('the cut list', () => {
  it('three of 400 and three of 600 from 1 m sticks: three sticks, nothing left but kerf (by hand)', () => {
    const list = cutList(
      [
        { label: 'a', length: 0.4, count: 1 },
        { label: 'b', length: 0.6, count: 1 },
      ],
      1.002,
      3,
    );
    expect(list.sticks).toHaveLength(3);
    expect(list.atLeast).toBe(3);
    expect(list.waste).toBeLessThan(0.005);
  });
  it('every cut is there once, no stick is overdrawn, never better than the bound (property)', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 0.01, max: 1.4, noNaN: true }), { minLength: 1, maxLength: 12 }),
        fc.integer({ min: 1, max: 6 }),
        (lengths, batch) => {
          const list = cutList(
            lengths.map((length, i) => ({ label: String(i), length, count: 1 })),
            1.5,
            batch,
          );
          const cuts = list.sticks.flatMap((s) => s.cuts);
          expect(cuts).toHaveLength(lengths.length * batch);
          for (const s of list.sticks)
            expect(s.cuts.reduce((sum, c) => sum + c.length, 0)).toBeLessThanOrEqual(1.5 + 1e-9);
          expect(list.sticks.length).toBeGreaterThanOrEqual(list.atLeast);
          expect(list.sticks.length).toBeLessThanOrEqual(
            Math.ceil((11 / 9) * 1.2 * list.atLeast) + 2,
          );
        },
      ),
    );
  });
  it('names what is longer than a stick', () => {
    expect(cutList([{ label: 'mast', length: 2, count: 1 }], 1.5, 1).tooLong[0]?.label).toBe(
      'mast',
    );
  });
});
