// The recipe as made: the order somebody really worked by, as an order the next one can be planned with.
import type { WorkStep } from '../work/facts';
import {
  ranFor,
  type FireSpan,
  type MakingState,
  type PlannedStep,
  type StepRun,
} from './makingState';

/** Of how much of a span somebody was at a step, s. */
const shared = (runs: readonly StepRun[], span: FireSpan): number =>
  runs.reduce(
    (sum, r) =>
      sum +
      Math.max(0, Math.min(r.to ?? r.from, span.to ?? span.from) - Math.max(r.from, span.from)) /
        1000,
    0,
  );

/** A flash shorter than this was no heat, s. */
const A_FLASH = 1;

/**
 * What was done, in the order it was begun, each for as long as it took (whole seconds; done over it counts in all); what was skipped or
 * never came is left out, and a heat taken out of turn is a flash where it was. Steps beside the lead's that nobody tapped keep the plan's
 * time.
 */
export function asMade<S extends PlannedStep & WorkStep>({
  steps,
  spans,
}: MakingState<S>): WorkStep[] {
  const heats = spans.filter((s) => s.what === 'in' && s.to !== undefined);
  const done = steps.flatMap(({ step, state, begun, runs, assumed, lane }, i) => {
    if (state !== 'done') return [];
    // Where it was mostly done: what was put in before it had it wait.
    const most = runs.reduce<StepRun | undefined>(
      (a, r) => (a && ranFor([a]) >= ranFor([r]) ? a : r),
      undefined,
    );
    const at = most?.from ?? begun ?? 0;
    // The fire taken in its midst is a step of its own.
    const burnt = lane > 0 ? 0 : heats.reduce((sum, h) => sum + shared(runs, h), 0);
    const seconds = Math.max(1, Math.round(ranFor(runs) - burnt));
    return [{ at, place: i, step: assumed ? step : { ...step, seconds } }];
  });
  const ids = new Set(steps.map((s) => s.step.id));
  let n = 0;
  const fresh = (): string => {
    do n += 1;
    while (ids.has(`f${String(n)}`));
    return `f${String(n)}`;
  };
  const flashes = heats.flatMap(({ from, to }) => {
    const seconds = to === undefined ? 0 : Math.round((to - from) / 1000);
    if (seconds < A_FLASH) return [];
    const before = done
      .filter((d) => d.at <= from)
      .reduce<(typeof done)[number] | undefined>((a, b) => (a && a.at > b.at ? a : b), undefined);
    if (!before) return [];
    const step: WorkStep = { id: fresh(), kind: 'flash', part: before.step.part, seconds };
    return [{ at: from, place: before.place + 0.5, step }];
  });
  return [...done, ...flashes]
    .sort((a, b) => a.at - b.at || a.place - b.place)
    .map(({ step }) => step);
}
