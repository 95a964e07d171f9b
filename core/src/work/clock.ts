// When each step of an order begins: one after another, or with helpers who make beside the main part what is joined to it.
//
// The clock runs from the first gather. What is done ahead (irons, colour in its kiln) has its time before the step it is for, and
// so before the clock where it is for the first: a start may be less than nothing. What comes after the box is not on the piece's
// way: it follows at the end.
import { factsOf, type WorkStep } from './facts';
import { areOne, eachApart, joinOf, partsIn, unite } from './joined';

const lasts = (s: WorkStep | undefined): number => Math.max(0, s?.seconds ?? 0);

const isAhead = (s: WorkStep): boolean => factsOf(s).off === 'ahead';

/** Steps done ahead end where the next step of their part begins; one before another where there are several. */
export function aheadOf(steps: readonly WorkStep[], starts: number[]): number[] {
  for (let i = steps.length - 1; i >= 0; i -= 1) {
    const s = steps[i] as WorkStep;
    if (!isAhead(s)) continue;
    const next = steps.findIndex(
      (t, k) => k > i && t.part === s.part && (!isAhead(t) || t.kind !== s.kind),
    );
    const by = next < 0 ? (starts[i + 1] ?? 0) : (starts[next] as number);
    starts[i] = by - lasts(s);
  }
  return starts;
}

/** Starts of steps one after another, s; what is done ahead takes no turn. */
export function inTurn(steps: readonly WorkStep[]): number[] {
  let at = 0;
  return aheadOf(
    steps,
    steps.map((s) => {
      const start = at;
      if (!isAhead(s)) at += lasts(s);
      return start;
    }),
  );
}

/** Starts as who works so has them, s: with helpers beside what hangs on the main part, or all in turn. */
export const clockOf = (
  steps: readonly WorkStep[],
  { main, helpers }: { readonly main: number; readonly helpers: boolean },
): number[] => (helpers ? withHelpers(steps, main) : inTurn(steps));

/**
 * When an order begins at the earliest, s: less than nothing where something is done ahead of the clock.
 *
 * @example
 * beginsAt([30, 12, 50]) // 0
 */
export const beginsAt = (starts: readonly number[]): number =>
  starts.reduce((least, s) => Math.min(least, s), 0);

/**
 * Starts with helpers: glass that is made for a join once the main part is begun is made beside it, and is ready just when it is
 * wanted. What hangs on the main part, through however many joins, is worked in its turn. `main` is the part the rest hangs on.
 */
export function withHelpers(steps: readonly WorkStep[], main: number): number[] {
  const starts = steps.map(() => 0);
  const groups = eachApart(Math.max(partsIn(steps), main + 1, 1));
  let clock = 0;
  let free = 0;
  let begun = false;
  let chain: number[] = [];
  // A helper's step for what hangs on the main part, done while the steps before it go on: when it is due is known with the next.
  let due: number[] = [];
  steps.forEach((s, i) => {
    const { off } = factsOf(s);
    if (off === 'ahead') return;
    if (off === 'beside' && begun && areOne(groups, s.part, main)) {
      due = [...due, i];
      return;
    }
    if (s.part === main && off !== 'beside') begun = true;
    const join = joinOf(s);
    const ontoMain =
      join !== undefined &&
      (areOne(groups, join.part, main) || areOne(groups, join.to, main)) &&
      !areOne(groups, join.part, join.to);
    if (!begun || (areOne(groups, s.part, main) && !ontoMain)) {
      const length = due.reduce((sum, k) => sum + lasts(steps[k]), 0);
      // It is waited for only where the helper could not have begun soon enough.
      clock = due.length > 0 ? Math.max(clock, free + length) : clock;
      let t = clock - length;
      for (const k of due) {
        starts[k] = t;
        t += lasts(steps[k]);
      }
      if (due.length > 0) free = clock;
      due = [];
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
  for (const k of [...due, ...chain]) {
    starts[k] = clock;
    clock += lasts(steps[k]);
  }
  return aheadOf(steps, starts);
}
