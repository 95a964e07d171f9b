// A step by what it is kept as, where an event or a list says which it was.
import { tr } from '../words/tr';
import type { WorkStep } from './facts';
import type { StepId } from './step';
import { STEPS } from './steps';

/** What a step is kept as: its kind, or the name of a kind of somebody's own. */
export const stepCode = (s: Pick<WorkStep, 'kind' | 'name'>): string =>
  s.kind === 'own' ? (s.name ?? 'own') : s.kind;

/**
 * A step by what it is kept as; what somebody called it themselves, and what no kind has, as it is.
 *
 * @example stepSays('transfer') // 'Transfer'
 */
export const stepSays = (code: string): string =>
  code === 'own'
    ? tr`A step of our own`
    : // Anybody may have called it anything: "constructor" is no kind.
      Object.hasOwn(STEPS, code)
      ? STEPS[code as StepId].name()
      : code;
