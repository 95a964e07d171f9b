// Every way the joins of a piece can be made.
import { eachApart, unite, type Groups } from '../work/joined';
import type { DraftInput, Joined } from './draftInput';
import { assemblyOrder, sorted } from './joinOrder';

/** Every order the joins can be made in, what hangs on the main part never carried; at most `most`. */
export function assemblyOrders(
  count: number,
  joins: DraftInput['joins'],
  main: number,
  most = 24,
): Joined[][] {
  // A tree of joins: where parts touch in a ring, the nearest to the main part hold.
  const tree = assemblyOrder(count, joins, main);
  const found = new Map<string, Joined[]>();
  const walk = (left: readonly Joined[], groups: Groups, done: readonly Joined[]): void => {
    if (found.size >= most) return;
    if (left.length === 0) {
      const key = canonical(done, main);
      if (!found.has(key)) found.set(key, [...done]);
      return;
    }
    left.forEach((join, i) => {
      // The side towards the main part stands, the other is carried to it.
      const next = [...groups];
      unite(next, join.part, join.to);
      walk(
        left.filter((_, k) => k !== i),
        next,
        [...done, join],
      );
    });
  };
  walk(tree, eachApart(count), []);
  return [...found.values()];
}

/** Joins onto the main part come after those apart from it, so orders that differ only in that are one. */
function canonical(order: readonly Joined[], main: number): string {
  const { apart, onto } = sorted(order, main);
  const told = (joins: readonly Joined[]): string =>
    joins.map((j) => `${String(j.part)}>${String(j.to)}`).join(' ');
  return `${told(apart)} | ${told(onto)}`;
}
