// Starts held against a problem: whether they fit, and the same begun as late as it can be.
import type { CrewSchedule, Problem } from './problem';

/** Are there hands and stations enough for these starts, and the order kept? */
export function fits({ tasks, links, capacity }: Problem, at: readonly number[]): boolean {
  const end = (i: number): number => at[i] + tasks[i].seconds;
  if (
    links.some((l) => {
      const gap = at[l.to] - end(l.from);
      return gap < l.least - 1e-6 || (l.most !== undefined && gap > l.most + 1e-6);
    })
  )
    return false;
  return tasks.every((t, i) =>
    t.needs.every(
      (k) =>
        tasks.filter(
          (o, j) => o.needs.includes(k) && at[j] <= at[i] + 1e-6 && at[i] < end(j) - 1e-6,
        ).length <= (capacity[k] ?? 1),
    ),
  );
}

/**
 * The same schedule with everything begun as late as it can be: hot glass then waits least, and nothing ends later. Kept only
 * where no wait gets longer than it was allowed to be. `stay` are not put off: what goes to where it is safe goes there at once.
 */
export function asLate(
  { tasks, links, capacity }: Problem,
  found: CrewSchedule,
  stay: ReadonlySet<number> = new Set(),
): readonly number[] {
  const starts = [...found.starts];
  const fixed: number[] = [];
  const order = starts.map((_, i) => i).sort((a, b) => starts[b] - starts[a] || b - a);
  for (const i of order) {
    const { seconds: d, needs } = tasks[i];
    let t = found.makespan - d;
    for (const l of links) if (l.from === i) t = Math.min(t, starts[l.to] - l.least - d);
    for (let moved = true; moved;) {
      moved = false;
      for (const k of needs) {
        const running = fixed.filter(
          (j) =>
            tasks[j].needs.includes(k) &&
            starts[j] < t + d - 1e-9 &&
            t < starts[j] + tasks[j].seconds - 1e-9,
        );
        if (running.length < (capacity[k] ?? 1)) continue;
        t = Math.min(...running.map((j) => starts[j])) - d;
        moved = true;
      }
    }
    starts[i] = stay.has(i) ? found.starts[i] : Math.max(t, found.starts[i]);
    fixed.push(i);
  }
  const over = (at: readonly number[]): number =>
    links.reduce(
      (sum, l) =>
        l.most === undefined
          ? sum
          : sum + Math.max(0, at[l.to] - at[l.from] - (tasks[l.from]?.seconds ?? 0) - l.most),
      0,
    );
  // Where there are several of a thing, what was put off may leave no room for what was not.
  const least = links.map(({ from, to, least: gap }) => ({ from, to, least: gap }));
  const room = fits({ tasks, links: least, capacity }, starts);
  return room && over(starts) <= over(found.starts) + 1e-6 ? starts : found.starts;
}
