// When each step of an order begins: one after another, or with helpers who make beside the main part what is joined to it.
import type { WorkStep } from './facts';
import { areOne, eachApart, joinOf, unite } from './joined';

const lasts = (s: WorkStep | undefined): number => Math.max(0, s?.seconds ?? 0);

/** Starts of steps one after another, s. */
export function inTurn(steps: readonly WorkStep[]): number[] {
  let at = 0;
  return steps.map((s) => {
    const start = at;
    at += lasts(s);
    return start;
  });
}

/**
 * Starts with helpers: glass that is made for a join once the main part is begun is made beside it, and is ready just when it is
 * wanted. What hangs on the main part, through however many joins, is worked in its turn. `main` is the part the rest hangs on.
 */
export function withHelpers(steps: readonly WorkStep[], main: number): number[] {
  const starts = steps.map(() => 0);
  const groups = eachApart(
    1 + steps.reduce((most, s) => Math.max(most, s.part, s.to ?? 0), Math.max(0, main)),
  );
  let clock = 0;
  let free = 0;
  let begun = false;
  let chain: number[] = [];
  steps.forEach((s, i) => {
    if (s.part === main) begun = true;
    const join = joinOf(s);
    const ontoMain =
      join !== undefined &&
      (areOne(groups, join.part, main) || areOne(groups, join.to, main)) &&
      !areOne(groups, join.part, join.to);
    if (!begun || (areOne(groups, s.part, main) && !ontoMain)) {
      starts[i] = clock;
      clock += lasts(s);
    } else if (ontoMain) {
      const length = chain.reduce((sum, k) => sum + lasts(steps[k]), 0);
      const at = Math.max(clock, free + length);
      let t = at - length;
      for (const k of chain) {
        starts[k] = t;
        t += lasts(steps[k]);
      }
      chain = [];
      starts[i] = at;
      clock = at + lasts(s);
      free = at;
    } else chain = [...chain, i];
    if (join) unite(groups, join.part, join.to);
  });
  // What was made and never joined is made at the end.
  for (const k of chain) {
    starts[k] = clock;
    clock += lasts(steps[k]);
  }
  return starts;
}
