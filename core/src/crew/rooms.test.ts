// The pieces the crew's search is made of, each by itself: paths, Jackson's bound, forced orders, starts held against a problem.
import * as fc from 'fast-check';
import { jackson } from './jackson';
import { Orders, type Decided } from './orders';
import { Paths } from './paths';
import type { Link, Problem } from './problem';
import { shortest } from './schedule';
import { asLate, fits } from './starts';

const far = 1e6;

describe('paths', () => {
  it('are the longest: a task starts when the last it waits for is done', () => {
    // 0 → 1 → 3 and 0 → 2 → 3, with a wait of 4 before the last.
    const links: Link[] = [
      { from: 0, to: 1, least: 0 },
      { from: 0, to: 2, least: 0 },
      { from: 1, to: 3, least: 0 },
      { from: 2, to: 3, least: 4 },
    ];
    const root = new Paths([5, 9, 3, 2], links, far).root();
    expect([...(root?.head ?? [])]).toEqual([0, 5, 5, 14]);
    expect([...(root?.tail ?? [])]).toEqual([16, 11, 9, 2]);
  });
  it('hold a longest wait: what may not wait pulls its forerunner along', () => {
    const links: Link[] = [
      { from: 0, to: 2, least: 0, most: 1 },
      { from: 1, to: 2, least: 0 },
    ];
    const root = new Paths([2, 10, 1], links, far).root();
    // The third waits for the second until 10; the first may end no more than 1 before that.
    expect([...(root?.head ?? [])]).toEqual([7, 0, 10]);
  });
  it('say when no schedule keeps every wait', () => {
    const impossible: Link[] = [
      { from: 0, to: 1, least: 5, most: 6 },
      { from: 1, to: 2, least: 5 },
      { from: 0, to: 2, least: 0, most: 8 },
    ];
    expect(new Paths([1, 1, 1], impossible, far).root()).toBeUndefined();
  });
  it('say when it would end later than what is known', () => {
    expect(new Paths([5, 5], [{ from: 0, to: 1, least: 0 }], 4).root()).toBeUndefined();
  });
  it('take a decision back without a trace', () => {
    const paths = new Paths([3, 4], [], far);
    const first = paths.root();
    const node = paths.root();
    if (!first || !node) throw new Error('nothing stands in the way');
    expect(paths.fix(node, 0, 1)).toBe(true);
    expect(node.head[1]).toBe(3);
    paths.undo(0, 1);
    expect(paths.root()).toEqual(first);
    // Both ways round is a circle.
    expect(paths.fix(node, 0, 1)).toBe(true);
    expect(paths.fix(node, 1, 0)).toBe(false);
  });
});

describe('Jackson’s bound', () => {
  // Carlier (1982), his example of seven jobs: heads, times, tails. The best order takes 50; of tasks 2, 3 and 4 alone the least
  // head, their times and the least tail come to 11 + 17 + 21 = 49, which is the bound.
  const heads = [10, 13, 11, 20, 30, 0, 30];
  const times = [5, 6, 7, 4, 3, 6, 2];
  const tails = [7, 26, 24, 21, 8, 17, 0];

  it('of Carlier’s seven jobs (1982) is 49, and their best order takes 50', () => {
    const all = times.map((_, i) => i);
    expect(jackson(all, times, Float64Array.from(heads), Float64Array.from(tails))).toBe(49);
    const n = times.length;
    const found = shortest({
      tasks: [
        ...times.map((seconds) => ({ seconds, needs: [0] })),
        ...tails.map((seconds) => ({ seconds, needs: [] })),
        { seconds: 0, needs: [] },
      ],
      links: all.flatMap((i): Link[] => [
        { from: 2 * n, to: i, least: heads[i] },
        { from: i, to: n + i, least: 0 },
      ]),
      capacity: [1],
    });
    expect(found).toMatchObject({ makespan: 50, proven: true });
  });
  it('is no more than the best order without interruption, which is tried', () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.nat(20), fc.integer({ min: 1, max: 9 }), fc.nat(20)), {
          minLength: 1,
          maxLength: 5,
        }),
        (jobs) => {
          const head = Float64Array.from(jobs.map(([r]) => r));
          const d = jobs.map(([, p]) => p);
          const tail = Float64Array.from(jobs.map(([, , q]) => q));
          const ids = d.map((_, i) => i);
          let best = Infinity;
          const walk = (left: readonly number[], t: number, end: number): void => {
            if (left.length === 0) best = Math.min(best, end);
            for (const i of left) {
              const done = Math.max(t, head[i]) + d[i];
              walk(
                left.filter((k) => k !== i),
                done,
                Math.max(end, done + tail[i]),
              );
            }
          };
          walk(ids, 0, 0);
          const bound = jackson(ids, d, head, tail);
          expect(bound).toBeLessThanOrEqual(best);
          // It is no weaker than each task alone, nor than all of them after the first.
          for (const i of ids) expect(bound).toBeGreaterThanOrEqual(head[i] + d[i] + tail[i]);
          expect(bound).toBeGreaterThanOrEqual(
            Math.min(...head) + d.reduce((a, b) => a + b, 0) + Math.min(...tail),
          );
        },
      ),
    );
  });
});

describe('orders', () => {
  const problem: Problem = {
    tasks: [
      { seconds: 5, needs: [0] },
      { seconds: 5, needs: [0] },
      { seconds: 2, needs: [1] },
    ],
    links: [{ from: 0, to: 2, least: 10 }],
    capacity: [1, 1],
  };
  it('are forced where the other way round would be too long', () => {
    // Within 18 s the first has to come first: after the second it would end at 5 + 5 + 10 + 2.
    const paths = new Paths([5, 5, 2], problem.links, 18);
    const orders = new Orders(problem, paths);
    const node = paths.root();
    if (!node) throw new Error('17 s are enough');
    const decided: Decided = [];
    expect(orders.force(node, decided)).toBe(true);
    expect(decided).toEqual([[0, 1]]);
    expect(node.head[1]).toBe(5);
    orders.unfix(decided);
  });
  it('fail where neither way is left', () => {
    const tight: Problem = { ...problem, links: [] };
    const paths = new Paths([5, 5, 2], [], 9);
    const orders = new Orders(tight, paths);
    const node = paths.root();
    if (!node) throw new Error('each alone is short enough');
    expect(orders.force(node, [])).toBe(false);
  });
  it('the first clash is the first moment when too many run', () => {
    const orders = new Orders(problem, new Paths([5, 5, 2], [], far));
    expect(orders.conflict(Float64Array.from([0, 4, 4]))).toEqual([0, 1]);
    expect(orders.conflict(Float64Array.from([0, 5, 4]))).toBeUndefined();
  });
  it('the bound knows that one thing does one task at a time', () => {
    const paths = new Paths([5, 5, 2], [], far);
    const node = paths.root();
    if (!node) throw new Error('nothing stands in the way');
    expect(new Orders({ ...problem, links: [] }, paths).boundOf(node)).toBe(10);
  });
});

describe('starts held against a problem', () => {
  const problem: Problem = {
    tasks: [
      { seconds: 4, needs: [0] },
      { seconds: 4, needs: [0] },
      { seconds: 3, needs: [] },
    ],
    links: [{ from: 0, to: 2, least: 1, most: 3 }],
    capacity: [1],
  };
  it.each([
    ['all kept', [0, 4, 6], true],
    ['two at one thing', [0, 3, 6], false],
    ['a wait too short', [0, 4, 4.5], false],
    ['a wait too long', [0, 4, 8], false],
    ['ends touching are no clash', [4, 0, 9], true],
  ])('%s', (_, at, good) => {
    expect(fits(problem, at)).toBe(good);
  });

  it('begun as late as can be: nothing ends later, nothing clashes, no wait is broken', () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.integer({ min: 1, max: 9 }), fc.nat(2)), {
          minLength: 2,
          maxLength: 7,
        }),
        fc.array(fc.tuple(fc.nat(6), fc.nat(6), fc.nat(4)), { maxLength: 4 }),
        (rows, waits) => {
          const tasks = rows.map(([seconds, machine]) => ({ seconds, needs: [machine] }));
          const links = waits.flatMap(([a, b, least]): Link[] =>
            a < b && b < tasks.length ? [{ from: a, to: b, least, most: least + 6 }] : [],
          );
          const p: Problem = { tasks, links, capacity: [1, 1, 1] };
          const found = shortest(p);
          if (!found) return;
          expect(fits(p, found.starts)).toBe(true);
          const late = asLate(p, found);
          expect(fits(p, late)).toBe(true);
          late.forEach((t, i) => {
            expect(t).toBeGreaterThanOrEqual(found.starts[i] - 1e-9);
            expect(t + (tasks[i]?.seconds ?? 0)).toBeLessThanOrEqual(found.makespan + 1e-9);
          });
        },
      ),
      { numRuns: 200 },
    );
  });
});
