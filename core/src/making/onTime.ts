// Helpers who tap nothing are taken to be where the plan timed anew has them: their glass is hot, parked or cold by that.
import type { Forecast } from './forecast';
import type { MakingState, PlannedStep, StepStands } from './makingState';

/** The making with the steps of those who tap nothing begun and done by the forecast, up to a moment, ms; they say that they are assumed. */
export function takenOnTime<S extends PlannedStep>(
  state: MakingState<S>,
  told: Forecast,
  now: number,
): MakingState<S> {
  const tap = new Set(
    state.steps.flatMap((l) => (l.runs.length > 0 && !l.assumed ? [l.lane] : [])),
  );
  const ms = (s: number): number => state.begun + 1000 * s;
  const steps = state.steps.map((line, i): StepStands<S> => {
    const from = ms(told.starts[i] ?? NaN);
    if (line.lane === 0 || line.state !== 'to come' || tap.has(line.lane) || !(from <= now))
      return line;
    const end = ms(told.ends[i] ?? NaN);
    const over = end <= now;
    return {
      ...line,
      state: over ? 'done' : 'now',
      begun: from,
      ended: over ? end : undefined,
      runs: [{ from, to: over ? end : undefined, over: false }],
      assumed: true,
    };
  });
  return {
    ...state,
    steps,
    beside: steps.flatMap((l, i) => (l.lane > 0 && l.state === 'now' ? [i] : [])),
  };
}
