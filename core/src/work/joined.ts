// Which parts hang together: the one place where joined parts are made one.
//
// A list of numbers, one a part; parts that are one piece share a number. Everything joined to what is joined moves with it.
import { factsOf, type WorkStep } from './facts';

/** Parts and what they hang together with, by number; changed in place by `unite`. */
export type Groups = number[];

/**
 * So many parts, each by itself.
 *
 * @example
 * eachApart(3) // [0, 1, 2]
 */
export const eachApart = (count: number): Groups => Array.from({ length: count }, (_, i) => i);

/**
 * Everything that is one with a part, itself among them; none where there is no such part.
 *
 * @example partsTogether(groups, 0) // [0, 1] once they were joined
 */
export const partsTogether = (groups: Groups, part: number): number[] =>
  groups.flatMap((g, k) => (g === groups[part] ? [k] : []));

/**
 * Are these two one piece? A part that is not there is one with nothing.
 *
 * @example areOne(groups, 0, 1) // true once 0 and 1 were joined
 */
export const areOne = (groups: Groups, a: number, b: number): boolean =>
  groups[a] !== undefined && groups[a] === groups[b];

/**
 * Makes two one, with all that each is one with. Nothing where either is not there.
 *
 * @example
 * const groups = eachApart(3);
 * unite(groups, 2, 1); // the foot onto the stem
 * unite(groups, 1, 0); // the stem, and so the foot, onto the bowl
 * together(groups, 0); // [0, 1, 2]
 */
export function unite(groups: Groups, part: number, to: number): void {
  const mine = groups[part];
  const theirs = groups[to];
  if (mine === undefined || theirs === undefined) return;
  groups.forEach((g, k) => {
    if (g === mine) groups[k] = theirs;
  });
}

/** What a step joins to what; undefined where it joins nothing, or does not say to what. */
export const joinOf = (
  step: WorkStep,
): { readonly part: number; readonly to: number } | undefined =>
  factsOf(step).does === 'join' && step.to !== undefined
    ? { part: step.part, to: step.to }
    : undefined;

/** How many parts steps speak of: one more than the highest number. */
export const partsIn = (steps: readonly WorkStep[]): number =>
  1 + steps.reduce((most, s) => Math.max(most, s.part, s.to ?? -1), -1);

/** What hangs together once all these steps are done. Parts no step joins are each by themselves. */
export function afterJoins(steps: readonly WorkStep[]): Groups {
  const groups = eachApart(partsIn(steps));
  for (const s of steps) {
    const join = joinOf(s);
    if (join) unite(groups, join.part, join.to);
  }
  return groups;
}
