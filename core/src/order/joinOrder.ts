// In which order parts are joined, and which of the joins are made apart from the main part.
import { areOne, eachApart, unite } from '../work/joined';
import type { DraftInput, Joined } from './draftInput';

/** Parts in the order they are joined to the main one: nearest first (what can still be held and reached). */
export function assemblyOrder(count: number, joins: DraftInput['joins'], main: number): Joined[] {
  const order: Joined[] = [];
  const reached = new Set([main]);
  let edge = [main];
  while (edge.length > 0) {
    const next: number[] = [];
    for (const from of edge)
      for (const [a, b] of joins) {
        const other = a === from ? b : b === from ? a : undefined;
        if (other === undefined || reached.has(other) || other >= count) continue;
        reached.add(other);
        order.push({ part: other, to: from });
        next.push(other);
      }
    edge = next;
  }
  return order;
}

/** Joins that are made apart from the main part, and those onto what already hangs on it. */
export function sorted(
  order: readonly Joined[],
  main: number,
): { apart: Joined[]; onto: Joined[] } {
  const groups = eachApart(order.reduce((most, j) => Math.max(most, j.part, j.to), main) + 1);
  const [apart, onto]: [Joined[], Joined[]] = [[], []];
  for (const j of order) {
    (areOne(groups, j.to, main) ? onto : apart).push(j);
    unite(groups, j.part, j.to);
  }
  return { apart, onto };
}
