// A crew's clock without a search: nothing before what it follows, nobody at two things, what is parked goes at once.
import * as fc from 'fast-check';
import { inOrder } from './inOrder';
import type { Problem } from './problem';

const problem: fc.Arbitrary<Problem> = fc
  .array(
    fc.record({
      seconds: fc.integer({ min: 1, max: 60 }),
      needs: fc.uniqueArray(fc.integer({ min: 0, max: 2 }), { maxLength: 2 }),
      after: fc.array(fc.nat(), { maxLength: 2 }),
    }),
    { minLength: 1, maxLength: 14 },
  )
  .map((rows) => ({
    tasks: rows.map(({ seconds, needs }) => ({ seconds, needs })),
    links: rows.flatMap(({ after }, i) =>
      i === 0 ? [] : after.map((k) => ({ from: k % i, to: i, least: 0 })),
    ),
    capacity: [1, 1, 2],
  }));
const inTurn = (p: Problem): number[] => p.tasks.map((_, i) => i);

describe('any order', () => {
  it('keeps what follows what, and never has more at a thing than there are', () => {
    fc.assert(
      fc.property(problem, (p) => {
        const starts = inOrder(p, inTurn(p), new Set());
        const end = (i: number): number => (starts[i] ?? 0) + (p.tasks[i]?.seconds ?? 0);
        for (const l of p.links) expect(starts[l.to]).toBeGreaterThanOrEqual(end(l.from) - 1e-6);
        p.capacity.forEach((most, k) => {
          starts.forEach((at) => {
            const there = p.tasks.filter(
              (t, j) => t.needs.includes(k) && (starts[j] ?? 0) <= at + 1e-6 && at < end(j) - 1e-6,
            );
            expect(there.length).toBeLessThanOrEqual(most);
          });
        });
      }),
      { numRuns: 200 },
    );
  });
  it('is no longer than everything one after another', () => {
    fc.assert(
      fc.property(problem, (p) => {
        const starts = inOrder(p, inTurn(p), new Set());
        const total = Math.max(...starts.map((at, i) => at + (p.tasks[i]?.seconds ?? 0)));
        expect(total).toBeLessThanOrEqual(p.tasks.reduce((sum, t) => sum + t.seconds, 0) + 1e-6);
      }),
    );
  });
});

describe('what waits', () => {
  const made: Problem = {
    tasks: [
      { seconds: 10, needs: [0] },
      { seconds: 5, needs: [1] },
      { seconds: 100, needs: [0] },
      { seconds: 5, needs: [1] },
    ],
    links: [
      { from: 0, to: 1, least: 0 },
      { from: 1, to: 3, least: 0 },
      { from: 2, to: 3, least: 0 },
    ],
    capacity: [1, 1],
  };
  it('is begun as late as it can be, but for what goes to where it is safe', () => {
    expect(inOrder(made, [0, 1, 2, 3], new Set())[1]).toBe(105);
    expect(inOrder(made, [0, 1, 2, 3], new Set([1]))[1]).toBe(10);
  });
});
