// Wilson's interval against the examples of Newcombe, Two-sided confidence intervals for the single proportion, Statistics in Medicine 17
// (1998) 857–872, table I, and Interval estimation for the difference, ibid. 873–890, table II.
import * as fc from 'fast-check';
import { difference, wilson } from './wilson';

it.each([
  [81, 263, 0.2553, 0.3662],
  [15, 148, 0.0624, 0.1605],
  [0, 20, 0, 0.1611],
  [1, 29, 0.0061, 0.1718],
])('%i of %i lies between %p and %p', (count, all, low, high) => {
  const share = wilson(count, all);
  expect(share.low).toBeCloseTo(low, 4);
  expect(share.high).toBeCloseTo(high, 4);
});

it.each([
  [56, 70, 48, 80, 0.2, 0.0524, 0.3339],
  [9, 10, 3, 10, 0.6, 0.1705, 0.809],
  [6, 7, 2, 7, 0.5714, 0.0582, 0.8062],
])('%i of %i against %i of %i', (a, m, b, n, d, low, high) => {
  const found = difference({ count: a, all: m }, { count: b, all: n });
  expect(found.of).toBeCloseTo(d, 4);
  expect(found.low).toBeCloseTo(low, 4);
  expect(found.high).toBeCloseTo(high, 4);
});

it('holds the share it is of, within none and all, and is the narrower the more there are', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 500 }),
      fc.double({ min: 0, max: 1, noNaN: true }),
      (all, of) => {
        const count = Math.round(of * all);
        const { of: p, low, high } = wilson(count, all);
        expect(low).toBeGreaterThanOrEqual(0);
        expect(high).toBeLessThanOrEqual(1);
        expect(low).toBeLessThanOrEqual(p + 1e-12);
        expect(high).toBeGreaterThanOrEqual(p - 1e-12);
        const more = wilson(10 * count, 10 * all);
        expect(more.high - more.low).toBeLessThan(high - low);
      },
    ),
  );
});
