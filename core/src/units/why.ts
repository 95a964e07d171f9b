// Why: the answer to "where does this number come from", carried beside the number itself.
import type { QuantityKind } from './quantity';

/** One input of a formula: its name as the trade says it, its SI value and the kind that decides how it prints. */
export interface WhyInput {
  readonly name: string;
  readonly value: number;
  readonly kind: QuantityKind;
}

/** The reasoning behind one figure: a sentence, the formula, what went into it, where it is from, what would move it. */
export interface Why {
  readonly says: string;
  readonly formula: string;
  readonly inputs: readonly WhyInput[];
  readonly source: string;
  readonly changes: string;
}

/** A number that can answer why. `value` is SI (°C for temperatures). */
export interface Figure {
  readonly value: number;
  readonly kind: QuantityKind;
  readonly why: Why;
}

/** Graded advice in the three words every screen uses; `watch` and `no` always carry a cause and a remedy. */
export type Verdict =
  | { readonly verdict: 'good'; readonly because: string }
  | { readonly verdict: 'watch' | 'no'; readonly because: string; readonly remedy: string };

/** The three words in order, the worst highest. */
export const GRADE = { good: 0, watch: 1, no: 2 } as const satisfies Readonly<
  Record<Verdict['verdict'], number>
>;
