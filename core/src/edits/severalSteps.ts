// Several steps of an order at once: taken out, moved together, copied and put in elsewhere. Pure.
import type { WorkStep } from '../work/facts';
import { NO_PART } from './order';
import { placesIn } from './placesIn';
import { freshStepId } from './steps';

/** Without the chosen steps. */
export function removeSteps(steps: readonly WorkStep[], chosen: readonly number[]): WorkStep[] {
  const going = new Set(chosen);
  return steps.filter((_, i) => !going.has(i));
}

/** The chosen steps, in their order. */
export const copiedSteps = (steps: readonly WorkStep[], chosen: readonly number[]): WorkStep[] =>
  placesIn(steps, chosen).map((i) => steps[i] as WorkStep);

/**
 * Puts copied steps in after the one at `after`, with ids of their own. A step of a part that is not here is of the part of
 * the step it is put after, and is joined to none that is not here.
 */
export function pasteSteps(
  steps: readonly WorkStep[],
  after: number,
  copied: readonly WorkStep[],
  main: number,
): WorkStep[] {
  const at = Math.max(-1, Math.min(steps.length - 1, after));
  const here = steps[at]?.part ?? main;
  const added: WorkStep[] = [];
  for (const { to, ...step } of copied)
    added.push({
      ...step,
      id: freshStepId([...steps, ...added]),
      part: step.part === NO_PART ? here : step.part,
      ...(to !== undefined && to !== NO_PART && { to }),
    });
  return [...steps.slice(0, at + 1), ...added, ...steps.slice(at + 1)];
}

/** Moves the chosen steps one place earlier (−1) or later (1), side by side as they stand; undefined at either end. */
export function moveSteps(
  steps: readonly WorkStep[],
  chosen: readonly number[],
  by: -1 | 1,
): WorkStep[] | undefined {
  const taken = placesIn(steps, chosen);
  const [first] = taken;
  const last = taken[taken.length - 1];
  if (first === undefined || last === undefined) return undefined;
  if (first + by < 0 || last + by >= steps.length) return undefined;
  const next = [...steps];
  for (const i of by < 0 ? taken : taken.reverse()) {
    const other = next[i + by] as WorkStep;
    next[i + by] = next[i] as WorkStep;
    next[i] = other;
  }
  return next;
}
