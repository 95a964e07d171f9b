// What no crew can be shorter than, and the chain that makes a plan as long as it is.
import type { Person } from '@zanfirico/contract/order';
import { factsOf, onTheClock, SKILLS, type WorkStep } from '../work/facts';
import type { Link, Task } from './problem';
import { shortest } from './schedule';
import { STATIONS, type Stations } from './stations';

/** However hands are shared out: the longest chain, and what everyone who can do a thing has to do of it, divided among them. */
export function lowerBound(
  all: readonly WorkStep[],
  links: readonly Link[],
  people: readonly Person[],
  stations: Stations,
): number {
  // What is done ahead of the clock or after the box costs nobody's time on it.
  const steps = all.map((s) => (onTheClock(s) ? s : { ...s, seconds: 0 }));
  const chain = shortest({
    tasks: steps.map((s) => ({ seconds: Math.max(0, s.seconds), needs: [] })),
    links: links.map((l) => ({ from: l.from, to: l.to, least: l.least })),
    capacity: [],
  });
  let bound = chain?.makespan ?? 0;
  for (const station of STATIONS) {
    const load = steps.reduce(
      (sum, s) => sum + (factsOf(s).station === station ? Math.max(0, s.seconds) : 0),
      0,
    );
    bound = Math.max(bound, load / (stations[station] ?? 1));
  }
  // What only some can do, by those who can.
  for (const skill of SKILLS) {
    const able = people.filter((p) => p.skills.includes(skill)).length;
    if (able === 0) continue;
    const load = steps.reduce(
      (sum, s) =>
        sum +
        (factsOf(s).does !== 'heat' && factsOf(s).hands.includes(skill)
          ? Math.max(0, s.seconds)
          : 0),
      0,
    );
    bound = Math.max(bound, load / able);
  }
  // Hands of every kind, by all who have any of the kinds.
  const work = steps.reduce(
    (sum, s) =>
      sum +
      Math.max(0, s.seconds) *
        factsOf(s).hands.filter((k) => people.some((p) => p.skills.includes(k))).length,
    0,
  );
  if (people.length === 1) {
    const alone = steps.reduce(
      (sum, s) =>
        sum +
        (factsOf(s).hands.some((k) => people[0]?.skills.includes(k)) ? Math.max(0, s.seconds) : 0),
      0,
    );
    bound = Math.max(bound, alone);
  } else if (people.length > 1) bound = Math.max(bound, work / people.length);
  return bound;
}

/** The chain that makes it as long as it is: backwards from the last step, over whatever each start waited for. */
export function criticalOf(
  steps: readonly WorkStep[],
  tasks: readonly Task[],
  links: readonly Link[],
  starts: readonly number[],
  total: number,
): string[] {
  const chain: string[] = [];
  const end = (i: number): number => (starts[i] ?? 0) + (tasks[i]?.seconds ?? 0);
  let at = steps.findIndex((_, i) => Math.abs(end(i) - total) < 1e-6);
  const seen = new Set<number>();
  while (at >= 0 && !seen.has(at)) {
    seen.add(at);
    chain.unshift(steps[at]?.id ?? '');
    const start = starts[at] ?? 0;
    const here = at;
    const before = steps.findIndex(
      (_, j) =>
        j !== here &&
        !seen.has(j) &&
        Math.abs(end(j) - start) < 1e-6 &&
        (links.some((l) => l.from === j && l.to === here) ||
          (tasks[j]?.needs ?? []).some((k) => tasks[here]?.needs.includes(k))),
    );
    at = before;
  }
  return chain;
}
