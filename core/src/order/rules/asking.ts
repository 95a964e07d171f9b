// What rules look at, what they say, and the few ways they look.
import type { Skill } from '@zanfirico/contract/order';
import type { Way } from '@zanfirico/contract/piece';
import type { Family } from '../../glass/glass';
import type { Verdict } from '../../units/why';
import { factsOf, type WorkStep } from '../../work/facts';
import { afterJoins, areOne } from '../../work/joined';
import type { StepId } from '../../work/step';
import type { Said } from '../../words/tr';

/** A part as rules ask for it. */
export interface RulePart {
  readonly name: string;
  readonly hollow: boolean;
  readonly stopper: boolean;
  readonly family: Family;
  /** Colour lies outside, under nothing clear. */
  readonly colourOutside: boolean;
  readonly coloured: boolean;
  /** Its glass across as it hangs on the iron before it is blown, m, and the iron; for the neck. */
  readonly neck: number | undefined;
  readonly iron: number | undefined;
}

/** What rules look at. */
export interface RuleInput {
  readonly way: Way;
  readonly steps: readonly WorkStep[];
  readonly parts: readonly RulePart[];
  readonly main: number;
  /** Skills of everyone there is; undefined while no crew is named. */
  readonly skills: ReadonlySet<Skill> | undefined;
}

/** A rule broken at a step, or on the whole. */
export interface Finding {
  readonly rule: string;
  readonly step: string | undefined;
  readonly verdict: Exclude<Verdict, { verdict: 'good' }>;
}

/** One rule. */
export interface Rule {
  readonly id: string;
  /** As the shop says it. */
  readonly says: Said;
  readonly check: (input: RuleInput) => readonly Omit<Finding, 'rule'>[];
}

/** What a rule found. */
export type At = readonly Omit<Finding, 'rule'>[];
/** A finding, in words. */
export const tell = (
  step: WorkStep | undefined,
  verdict: 'watch' | 'no',
  because: string,
  remedy: string,
): Omit<Finding, 'rule'> => ({ step: step?.id, verdict: { verdict, because, remedy } });

/** Whether a step is of one of these kinds. */
export const kinds =
  (...wanted: StepId[]) =>
  (s: WorkStep): boolean =>
    s.kind !== 'own' && wanted.includes(s.kind);
/** Whether a step heats the glass. */
export const heats = (s: WorkStep): boolean =>
  factsOf(s).does === 'heat' || kinds('spin', 'firePolish')(s) || factsOf(s).station === 'torch';
/** Whether a step brings glass onto the iron. */
export const gathers = (s: WorkStep): boolean => factsOf(s).does === 'gather';
/** Whether a step joins two parts. */
export const doesJoin = (s: WorkStep): boolean => factsOf(s).does === 'join';

/** Steps of a part or of what it was joined to, with their places in the order. */
export function ofGroup({ steps }: RuleInput, part: number): { s: WorkStep; i: number }[] {
  const groups = afterJoins(steps);
  return steps.flatMap((s, i) =>
    s.part === part || areOne(groups, s.part, part) ? [{ s, i }] : [],
  );
}

/** Every step of a kind that does not have another kind before it (on its part, after `since`). */
export function without(
  input: RuleInput,
  these: (s: WorkStep) => boolean,
  before: (s: WorkStep) => boolean,
  since: (s: WorkStep) => boolean,
  anyPart = false,
): WorkStep[] {
  const { steps } = input;
  return steps.filter((s, i) => {
    if (!these(s)) return false;
    for (let k = i - 1; k >= 0; k -= 1) {
      const t = steps[k] as WorkStep;
      if (!anyPart && t.part !== s.part) continue;
      if (before(t)) return false;
      if (since(t)) return true;
    }
    return true;
  });
}
/** Nothing is. */
export const never = (): boolean => false;

/** Every step of a kind that has no other kind after it. */
export function withoutAfter(
  input: RuleInput,
  these: (s: WorkStep) => boolean,
  after: (s: WorkStep) => boolean,
  until: (s: WorkStep) => boolean = never,
): WorkStep[] {
  const { steps } = input;
  return steps.filter((s, i) => {
    if (!these(s)) return false;
    for (let k = i + 1; k < steps.length; k += 1) {
      const t = steps[k] as WorkStep;
      if (after(t)) return false;
      if (until(t)) return true;
    }
    return true;
  });
}

/** A rule from its id, its saying and its check. */
export const rule = (id: string, says: Said, check: (input: RuleInput) => At): Rule => ({
  id,
  says,
  check,
});
