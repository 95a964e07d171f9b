// The order as it happened, as heat asks for it: each step when somebody was at it, the fire where it was, hands away where they were.
import { tr } from '../words/tr';
import { factsOf, type Effect, type WorkStep } from '../work/facts';
import type { MakingState, PlannedStep, StepStands } from './makingState';

type State = MakingState<PlannedStep & WorkStep>;
/** Steps, and when each began, s from the first gather. */
export interface HappenedOrder {
  readonly steps: readonly WorkStep[];
  readonly starts: readonly number[];
}

/** The shortest a step is, s: what was tapped away at once was done all the same. */
const LEAST = 0.5;
/** Their effect is there when they begin; others have it when they end. */
const AT_ONCE: ReadonlySet<Effect> = new Set(['gather', 'pick', 'begin', 'bit', 'fetch']);
/** What goes on over a step, under that step's id: what is after this sign is no step of the plan. */
const OVER = '~';

/** The id of the plan's step something happened in. */
export const planId = (id: string): string => id.split(OVER)[0] as string;

/** Somebody stands at the bench with it and does nothing. */
const held = (id: string, part: number, seconds: number): WorkStep => ({
  id,
  kind: 'straight',
  part,
  seconds,
});

const begunOf = ({ steps }: State): State['steps'] =>
  steps.filter((s) => s.runs.length > 0 && s.state !== 'skipped');

/** Every run of every step, up to a moment (ms) and on, s. */
function runsOf(state: State, now: number, ahead: number): (readonly [WorkStep, number])[] {
  return begunOf(state).flatMap((line: StepStands<PlannedStep & WorkStep>) => {
    const { step, runs } = line;
    const { does } = factsOf(step);
    // Gone on with after something came between it has its effect once; begun anew, again.
    const worth = runs.map((r, k) => {
      const goesOn = runs[k + 1]?.over === false;
      return AT_ONCE.has(does)
        ? k === 0 || r.over
        : !goesOn && (line.state === 'done' || k === runs.length - 1);
    });
    return runs.map((r, k): readonly [WorkStep, number] => {
      const open = r.to === undefined;
      const seconds = Math.max(LEAST, ((r.to ?? now) - r.from) / 1000 + (open ? ahead : 0));
      return [
        worth[k] === true
          ? { ...step, seconds }
          : held(`${step.id}${OVER}${String(k)}`, step.part, seconds),
        (r.from - state.begun) / 1000,
      ];
    });
  });
}

/** Fire and absence that no step tells of, laid over what was going on. */
function spansOf(
  state: State,
  runs: readonly (readonly [WorkStep, number])[],
  now: number,
  ahead: number,
): (readonly [WorkStep, number])[] {
  const flame = state.steps.some(({ step }) => factsOf(step).heat === 'flame');
  return state.spans.flatMap((span, k): (readonly [WorkStep, number])[] => {
    const start = (span.from - state.begun) / 1000;
    const end = ((span.to ?? now) - state.begun) / 1000 + (span.to === undefined ? ahead : 0);
    if (end - start < LEAST) return [];
    // Over whatever was going on when it began: that names the glass.
    const under = runs.findLast(([, at]) => at <= start + 1e-6)?.[0];
    if (!under) return [];
    const id = tr`${planId(under.id)}${OVER}fire${k}`;
    const seconds = end - start;
    return [
      [
        span.what === 'in'
          ? { id, kind: flame ? 'warmThrough' : 'reheat', part: under.part, seconds, zone: 'all' }
          : held(id, under.part, seconds),
        start,
      ],
    ];
  });
}

const inOrder = (all: readonly (readonly [WorkStep, number])[]): HappenedOrder => ({
  steps: all.map(([s]) => s),
  starts: all.map(([, at]) => at),
});

/** An order as it was done: each step with when it really began and how long it took; what is in hand up to now (ms), and on (s). */
export function asDone(state: State, now: number, ahead: number): HappenedOrder {
  const runs = runsOf(state, now, ahead);
  const byTime = [...runs].sort((a, b) => a[1] - b[1]);
  return inOrder([...runs, ...spansOf(state, byTime, now, ahead)]);
}

/** The same up to now and on, whatever was done: where nothing is done to it any more it is held at the bench. */
export function asHappened(state: State, now: number, ahead: number): HappenedOrder {
  const done = asDone(state, now, ahead);
  const gone = begunOf(state);
  const last = gone.at(-1);
  if (!last || state.now !== undefined) return done;
  const ended = Math.max(...gone.map((s) => s.ended ?? state.begun));
  return {
    steps: [
      ...done.steps,
      held(tr`held`, last.step.part, Math.max(LEAST, (now - ended) / 1000 + ahead)),
    ],
    starts: [...done.starts, (ended - state.begun) / 1000],
  };
}
