// Runs and changes: the runs test against its closed forms and published tables, and changes that are built in, or are not there.
import * as fc from 'fast-check';
import { chanceOfRuns, changeIn, runsOf } from './runs';

it('all numbers of runs together are certain', () => {
  for (const [a, b] of [
    [1, 1],
    [3, 7],
    [10, 10],
    [14, 102],
    [40, 160],
  ] as const) {
    let sum = 0;
    for (let r = 2; r <= a + b; r += 1) sum += chanceOfRuns(r, a, b);
    expect(sum).toBeCloseTo(1, 8);
  }
});

it('by hand: of two and two, six orders; two of them have two runs, two three, two four', () => {
  expect([2, 3, 4].map((r) => chanceOfRuns(r, 2, 2))).toEqual([
    expect.closeTo(1 / 3, 12),
    expect.closeTo(1 / 3, 12),
    expect.closeTo(1 / 3, 12),
  ]);
});

// Swed & Eisenhart (1943), lower critical values at 2.5 % (from memory; the exact sums agree): the most runs that are still too few.
it.each([
  [5, 5, 2],
  [8, 8, 4],
  [10, 10, 6],
  [15, 15, 10],
  [20, 20, 14],
])('of %d and %d up to %d runs are too few', (a, b, critical) => {
  const upTo = (most: number): number => {
    let sum = 0;
    for (let r = 2; r <= most; r += 1) sum += chanceOfRuns(r, a, b);
    return sum;
  };
  expect(upTo(critical)).toBeLessThanOrEqual(0.025);
  expect(upTo(critical + 1)).toBeGreaterThan(0.025);
});

it('NIST/SEMATECH e-Handbook 1.3.5.13: of 100 and 100, 101 runs are expected', () => {
  const row = Array.from({ length: 200 }, (_, i) => i % 2 === 0);
  expect(runsOf(row)?.expected).toBe(101);
});

it('losses one upon another are told, losses spread out are not; of none there is nothing to tell', () => {
  const bunched = Array.from({ length: 60 }, (_, i) => i >= 20 && i < 30);
  const spread = Array.from({ length: 60 }, (_, i) => i % 6 === 3);
  expect(runsOf(bunched)?.clustered).toBeLessThan(1e-6);
  expect(runsOf(spread)?.clustered).toBeGreaterThan(0.9);
  expect(runsOf([false, false])).toBeUndefined();
  expect(changeIn([false, true])).toBeUndefined();
});

it('a change that is built in is found where it is', () => {
  // One of twenty for 60 makings, then one of three.
  const row = Array.from({ length: 100 }, (_, i) => (i < 60 ? i % 20 === 9 : i % 3 === 0));
  const change = changeIn(row);
  expect(change?.at).toBeGreaterThanOrEqual(55);
  expect(change?.at).toBeLessThanOrEqual(65);
  expect(change?.chance).toBeLessThan(0.01);
  expect((change?.before.all ?? 0) + (change?.after.all ?? 0)).toBe(100);
});

it('an even row is no change to speak of, told twice the same', () => {
  const row = Array.from({ length: 100 }, (_, i) => i % 10 === 4);
  expect(changeIn(row)?.chance).toBeGreaterThan(0.5);
  expect(changeIn(row)).toEqual(changeIn(row));
});

it('of rows that are only chance about one of twenty is told, not many', () => {
  let told = 0;
  fc.assert(
    fc.property(
      fc.array(
        fc.integer({ min: 1, max: 8 }).map((v) => v === 1),
        { minLength: 60, maxLength: 60 },
      ),
      (row) => {
        if ((changeIn(row)?.chance ?? 1) < 0.05) told += 1;
      },
    ),
    { numRuns: 100, seed: 7 },
  );
  expect(told).toBeLessThanOrEqual(12);
});
