// A plan as the bench has it: what is done at it alone, in the order of the clock, each step with its lane and its hands.

import type { Person } from '@zanfirico/contract/order';
import { factsOf, type WorkStep } from '../work/facts';
import { whoDoes } from './lanes';

/** All beside one another, in the order of the clock. */
export interface BenchPlan {
  readonly steps: readonly WorkStep[];
  /** s from the first gather. */
  readonly starts: readonly number[];
  readonly lanes: readonly number[];
  readonly hands: readonly (readonly string[])[];
}

/** `starts` s by the whole order; `main` the part the rest hangs on; `planned` the hands of a crew's plan, by id. */
export function benchPlan(
  steps: readonly WorkStep[],
  starts: readonly number[],
  main: number,
  people: readonly Person[],
  planned?: readonly (readonly string[])[],
): BenchPlan {
  const who = whoDoes(steps, starts, main, people, planned);
  // Irons and bars are warm before it, the box ends it, and what comes after that is no bench work.
  const atBench = steps
    .flatMap((step, i) => {
      const { off, does } = factsOf(step);
      return off === 'ahead' || off === 'after' || does === 'box' ? [] : [i];
    })
    // A list may have them by parts.
    .sort((a, b) => (starts[a] ?? 0) - (starts[b] ?? 0) || a - b);
  const of = <T>(list: readonly T[]): T[] => atBench.map((i) => list[i] as T);
  return { steps: of(steps), starts: of(starts), lanes: of(who.lanes), hands: of(who.hands) };
}
