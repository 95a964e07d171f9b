// What can be done to an order of work: pure, from steps to steps.
import { factsOf, type WorkStep } from '../work/facts';
import type { StepId } from '../work/step';
import { withChanges, type Changes } from './changed';

/** A kind of step of the shop's own making. */
export interface OwnKind {
  readonly name: string;
  readonly seconds: number;
}

/** An id no step has yet. */
export function freshStepId(steps: readonly WorkStep[]): string {
  const taken = new Set(steps.map((s) => s.id));
  let n = steps.length + 1;
  while (taken.has(`n${String(n)}`)) n += 1;
  return `n${String(n)}`;
}

/** A step with some of it changed; what is changed to nothing is left out. */
export const changeStep = (
  steps: readonly WorkStep[],
  at: number,
  patch: Changes<WorkStep>,
): WorkStep[] => steps.map((s, k) => (k === at ? withChanges(s, patch) : s));

/** A step put elsewhere; undefined where there is nothing to move or nowhere to go. */
export function moveStep(
  steps: readonly WorkStep[],
  from: number,
  to: number,
): WorkStep[] | undefined {
  const step = steps[from];
  if (!step || to < 0 || to >= steps.length || to === from) return undefined;
  const next = steps.filter((_, k) => k !== from);
  next.splice(to, 0, step);
  return next;
}

/** A fresh step of a kind after the one at `at`, on the same part; as the shop's own where it is one of its kinds. */
export function insertStep(
  steps: readonly WorkStep[],
  at: number,
  kind: StepId,
  main: number,
  own?: OwnKind,
): WorkStep[] {
  const fresh: WorkStep = {
    id: freshStepId(steps),
    part: steps[at]?.part ?? main,
    ...(own
      ? { kind: 'own', name: own.name, like: kind, seconds: own.seconds }
      : { kind, seconds: factsOf({ kind }).seconds }),
  };
  return [...steps.slice(0, at + 1), fresh, ...steps.slice(at + 1)];
}

/** The same step once more after itself; undefined where there is none. */
export function repeatStep(steps: readonly WorkStep[], at: number): WorkStep[] | undefined {
  const step = steps[at];
  return (
    step && [...steps.slice(0, at + 1), { ...step, id: freshStepId(steps) }, ...steps.slice(at + 1)]
  );
}

/** Without a step. */
export const removeStep = (steps: readonly WorkStep[], at: number): WorkStep[] =>
  steps.filter((_, k) => k !== at);
