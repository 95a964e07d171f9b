// Schedules against published instances and against trying everything.
import * as fc from 'fast-check';
import type { Link, Problem } from './problem';
import { shortest } from './schedule';

/** A job shop: every job a row of (machine, time). */
function shop(jobs: readonly (readonly (readonly [number, number])[])[]): Problem {
  const tasks: { seconds: number; needs: number[] }[] = [];
  const links: Link[] = [];
  let machines = 0;
  for (const job of jobs) {
    job.forEach(([machine, seconds], k) => {
      machines = Math.max(machines, machine + 1);
      tasks.push({ seconds, needs: [machine] });
      if (k > 0) links.push({ from: tasks.length - 2, to: tasks.length - 1, least: 0 });
    });
  }
  return { tasks, links, capacity: Array.from({ length: machines }, () => 1) };
}

/** Fisher and Thompson’s 6 × 6 (1963), as in PHYSICS 7. */
const FT06 = ((): Problem => {
  const text = `2 1,0 3,1 6,3 7,5 3,4 6 | 1 8,2 5,4 10,5 10,0 10,3 4 | 2 5,3 4,5 8,0 9,1 1,4 7 |
    1 5,0 5,2 5,3 3,4 8,5 9 | 2 9,1 3,4 5,5 4,0 3,3 1 | 1 3,3 3,5 9,0 10,4 4,2 1`;
  const jobs = text.split('|').map((row) =>
    row
      .trim()
      .split(',')
      .map((pair) => {
        const [machine, time] = pair.trim().split(/\s+/).map(Number);
        return [machine, time] as const;
      }),
  );
  return shop(jobs);
})();

/** Everything one after another, job by job. */
function inRows({ tasks }: Problem): number[] {
  let clock = 0;
  return tasks.map((t) => {
    const start = clock;
    clock += t.seconds;
    return start;
  });
}

describe('published instances', () => {
  it('Fisher and Thompson’s 6 × 6 (1963) takes 55, proven', () => {
    const found = shortest(FT06);
    expect(found).toMatchObject({ makespan: 55, proven: true, lower: 55 });
  });

  it('Johnson’s two machines (1954): his rule’s order is the shortest', () => {
    // Jobs (a, b): Johnson’s rule orders 2, 4, 3, 1, 5 … and the makespan follows by walking it.
    const jobs = [
      [5, 2],
      [1, 6],
      [9, 7],
      [3, 8],
      [10, 4],
    ] as const;
    const order = [...jobs.keys()].sort((x, y) => {
      const [a, b] = [jobs[x], jobs[y]] as [readonly [number, number], readonly [number, number]];
      return Math.min(a[0], b[1]) - Math.min(b[0], a[1]);
    });
    let [one, two] = [0, 0];
    for (const k of order) {
      const [a, b] = jobs[k] as readonly [number, number];
      one += a;
      two = Math.max(one, two) + b;
    }
    const problem = shop(
      jobs.map(
        ([a, b]) =>
          [
            [0, a],
            [1, b],
          ] as const,
      ),
    );
    expect(shortest(problem)).toMatchObject({ makespan: two, proven: true });
  });

  it('Jackson’s two machines both ways, three jobs each against each, meet their load', () => {
    const jobs = [
      [
        [0, 4],
        [1, 3],
      ],
      [
        [1, 5],
        [0, 2],
      ],
      [
        [0, 3],
        [1, 4],
      ],
    ] as const;
    // Machine 1 has 12 to do and can start at once: nothing is shorter.
    expect(shortest(shop(jobs))).toMatchObject({ makespan: 12, proven: true });
  });
});

describe('waits', () => {
  const two = (link: Omit<Link, 'from' | 'to'>): Problem => ({
    tasks: [
      { seconds: 5, needs: [0] },
      { seconds: 4, needs: [1] },
      { seconds: 20, needs: [1] },
    ],
    links: [{ from: 0, to: 1, ...link }],
    capacity: [1, 1],
  });
  it('a longest wait makes what comes before start later, not break', () => {
    const found = shortest(two({ least: 0, most: 0 }));
    expect(found?.makespan).toBe(24);
    const [a = 0, b = 0] = found?.starts ?? [];
    expect(b - a).toBe(5);
  });
  it('stopped early still states a bound that is no more than the best (Fisher and Thompson 1963: 55)', () => {
    const stopped = shortest(FT06, { from: inRows(FT06), enough: () => true });
    expect(stopped?.proven).toBe(false);
    expect(stopped?.lower).toBeLessThanOrEqual(55 + 1e-9);
    // The longest job alone is 47: trying for less has to raise it.
    expect(stopped?.lower).toBeGreaterThan(47);
  });
  it('that cannot be kept is no schedule', () => {
    expect(
      shortest({
        tasks: [
          { seconds: 5, needs: [] },
          { seconds: 5, needs: [] },
        ],
        links: [
          { from: 0, to: 1, least: 10 },
          { from: 0, to: 1, least: 0, most: 4 },
        ],
        capacity: [],
      }),
    ).toBeUndefined();
  });
});

/** Everything tried: every order of starting, each as early as it can. Exact without longest waits. */
function tried(problem: Problem): number {
  const { tasks, links, capacity } = problem;
  let best = Infinity;
  const go = (starts: (number | undefined)[], left: number): void => {
    if (left === 0) {
      best = Math.min(best, Math.max(...starts.map((s, i) => (s ?? 0) + (tasks[i]?.seconds ?? 0))));
      return;
    }
    tasks.forEach((t, i) => {
      if (starts[i] !== undefined) return;
      const before = links.filter((l) => l.to === i);
      if (before.some((l) => starts[l.from] === undefined)) return;
      let at = Math.max(
        0,
        ...before.map((l) => (starts[l.from] ?? 0) + (tasks[l.from]?.seconds ?? 0) + l.least),
      );
      const free = (from: number): boolean =>
        t.needs.every((k) => {
          for (let x = from; x < from + t.seconds; x += 1) {
            const running = tasks.filter(
              (u, j) =>
                starts[j] !== undefined &&
                u.needs.includes(k) &&
                (starts[j] ?? 0) <= x &&
                x < (starts[j] ?? 0) + u.seconds,
            ).length;
            if (running >= (capacity[k] ?? 0)) return false;
          }
          return true;
        });
      while (!free(at)) at += 1;
      const next = [...starts];
      next[i] = at;
      go(next, left - 1);
    });
  };
  go(
    tasks.map(() => undefined),
    tasks.length,
  );
  return best;
}

it('agrees with trying everything on small random shops (up to six tasks, two of some things)', () => {
  fc.assert(
    fc.property(
      fc.array(
        fc.record({
          seconds: fc.integer({ min: 1, max: 5 }),
          needs: fc.uniqueArray(fc.integer({ min: 0, max: 2 }), { maxLength: 2 }),
        }),
        { minLength: 2, maxLength: 6 },
      ),
      fc.array(fc.tuple(fc.nat(5), fc.nat(5), fc.nat(3)), { maxLength: 4 }),
      fc.integer({ min: 1, max: 2 }),
      (tasks, raw, third) => {
        const links = raw.flatMap(([a, b, least]): Link[] =>
          a < b && b < tasks.length ? [{ from: a, to: b, least }] : [],
        );
        const problem = { tasks, links, capacity: [1, 1, third] };
        const found = shortest(problem);
        if (found?.proven !== true) return false;
        const best = tried(problem);
        // One after another is a schedule to start from; nothing known beforehand may change the answer.
        let clock = 0;
        const turn = tasks.map((t, i) => {
          const start = Math.max(
            clock,
            ...links.filter((l) => l.to === i).map((l) => clock + l.least),
          );
          clock = start + t.seconds;
          return start;
        });
        const from = shortest(problem, { from: turn });
        return (
          Math.abs(found.makespan - best) < 1e-9 && Math.abs((from?.makespan ?? 0) - best) < 1e-9
        );
      },
    ),
    { numRuns: 150 },
  );
});
