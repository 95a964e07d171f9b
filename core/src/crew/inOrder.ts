// A crew's clock without a search: every step in the order of the work, as soon as its glass, its hands and its station are free; then
// everything as late as it can be, so that hot glass waits least. What a plan begins from, and what heats are placed for where hands
// or fires are few.
import type { Problem } from './problem';
import { asLate } from './starts';

/** Starts in the order given, none before what it follows has ended; waits may be as long as they come. */
export function inOrder(
  problem: Problem,
  order: readonly number[],
  stay: ReadonlySet<number>,
): readonly number[] {
  const { tasks, capacity } = problem;
  const links = problem.links.map(({ from, to, least }) => ({ from, to, least }));
  const starts = tasks.map(() => 0);
  const placed: number[] = [];
  const end = (i: number): number => starts[i] + (tasks[i]?.seconds ?? 0);
  for (const i of order) {
    const { seconds, needs } = tasks[i];
    let t = links.reduce((at, l) => (l.to === i ? Math.max(at, end(l.from) + l.least) : at), 0);
    for (let moved = true; moved;) {
      moved = false;
      for (const k of needs) {
        const busy = placed.filter(
          (j) =>
            tasks[j]?.needs.includes(k) === true &&
            starts[j] < t + seconds - 1e-9 &&
            t < end(j) - 1e-9,
        );
        if (busy.length < (capacity[k] ?? 1)) continue;
        t = Math.min(...busy.map(end));
        moved = true;
      }
    }
    starts[i] = t;
    placed.push(i);
  }
  const makespan = tasks.reduce((most, _, i) => Math.max(most, end(i)), 0);
  const found = { starts, makespan, lower: 0, proven: false, nodes: 0 };
  return asLate({ tasks, capacity, links }, found, stay);
}
