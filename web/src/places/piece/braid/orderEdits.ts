// What can be done to an order of work: pure, from steps to steps.
import { factsOf, type StepId, type WorkStep } from '@zanfirico/core';
import type { OwnStep } from '@zanfirico/contract';
import { changed } from '../../../stores/draft';
import { freshId } from './useBraid';

/** A step with some of it changed; what is changed to nothing is left out. */
export const stepChanged = (
  steps: readonly WorkStep[],
  at: number,
  patch: Partial<WorkStep>,
): WorkStep[] => steps.map((s, k) => (k === at ? changed(s, patch) : s));

/** A step put elsewhere; undefined where there is nothing to move or nowhere to go. */
export function moved(
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
export function inserted(
  steps: readonly WorkStep[],
  at: number,
  kind: StepId,
  main: number,
  own?: OwnStep,
): WorkStep[] {
  const fresh: WorkStep = {
    id: freshId(steps),
    part: steps[at]?.part ?? main,
    ...(own
      ? { kind: 'own', name: own.name, like: kind, seconds: own.seconds }
      : { kind, seconds: factsOf({ kind }).seconds }),
  };
  return [...steps.slice(0, at + 1), fresh, ...steps.slice(at + 1)];
}

/** The same step once more after itself; undefined where there is none. */
export function repeated(steps: readonly WorkStep[], at: number): WorkStep[] | undefined {
  const step = steps[at];
  return (
    step && [...steps.slice(0, at + 1), { ...step, id: freshId(steps) }, ...steps.slice(at + 1)]
  );
}

/** Without a step. */
export const removed = (steps: readonly WorkStep[], at: number): WorkStep[] =>
  steps.filter((_, k) => k !== at);
