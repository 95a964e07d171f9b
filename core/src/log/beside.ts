// Makings of one piece side by side: each step of the plan with what it took in each, what was put in, and the heats.
import { factsOf, type WorkStep } from '../work/facts';
import { ranFor, type MakingState } from '../making/makingState';

/** A step and what it took in each making, s; undefined where it was not done there, or nobody tapped it. */
export interface BesideStep {
  readonly step: WorkStep;
  readonly took: readonly (number | undefined)[];
}

/** What a making comes to beside others. */
export interface BesideSum {
  /** To the box, s; undefined where it never came there. */
  readonly total: number | undefined;
  readonly heats: number;
  /** In the fire, s. */
  readonly inFire: number;
  /** Steps that were put in, done again, or skipped. */
  readonly putIn: number;
  readonly again: number;
  readonly skipped: number;
}

type State = MakingState<WorkStep>;
const isHeat = (step: WorkStep): boolean => factsOf(step).does === 'heat';

/** Steps by their ids, in the order of the first making that has them, later makings' own after the step they followed. */
export function besideSteps(makings: readonly State[]): BesideStep[] {
  const order: string[] = [];
  const steps = new Map<string, WorkStep>();
  // A put-in step's id is its making's own: the same id elsewhere is another step.
  const keyOf = (k: number, line: State['steps'][number]): string =>
    line.putIn ? `${String(k)}/${line.step.id}` : `${line.step.id} ${line.step.kind}`;
  makings.forEach((m, k) => {
    let after = -1;
    for (const line of m.steps) {
      const key = keyOf(k, line);
      const at = order.indexOf(key);
      if (at >= 0) after = at;
      else {
        after += 1;
        order.splice(after, 0, key);
        steps.set(key, line.step);
      }
    }
  });
  return order.map((key) => ({
    step: steps.get(key) as WorkStep,
    took: makings.map((m, k) => {
      const line = m.steps.find((l) => keyOf(k, l) === key);
      return line?.state === 'done' && !line.assumed ? ranFor(line.runs) : undefined;
    }),
  }));
}

/** A making in one line. */
export function besideSum({ steps, spans, ended, begun }: State): BesideSum {
  const heats = steps.filter((l) => l.state === 'done' && isHeat(l.step));
  const extra = spans.filter((s) => s.what === 'in' && s.to !== undefined);
  const seconds = extra.reduce((t, s) => t + ((s.to ?? s.from) - s.from) / 1000, 0);
  return {
    total: ended?.how === 'boxed' ? (ended.at - begun) / 1000 : undefined,
    heats: heats.length + extra.length,
    inFire: heats.reduce((t, l) => t + ranFor(l.runs), seconds),
    putIn: steps.filter((l) => l.putIn).length,
    again: steps.reduce((n, l) => n + l.again, 0),
    skipped: steps.filter((l) => l.state === 'skipped').length,
  };
}
