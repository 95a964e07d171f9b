// A making as it stands, from its events alone: which step is now, what is next, since when it is out of the fire, what went wrong, how it
// ended. Pure: the same events in the same order give the same answer anywhere. Times ms.
import { FACTS } from '../work/facts';
import type { StepId } from '../work/step';

/** A step of the plan as a making keeps it. */
export interface PlannedStep {
  readonly id: string;
  readonly kind: string;
  /** By id, or by its number in the piece. */
  readonly part: string | number;
  readonly seconds: number;
}

/** One thing that happened. What does not matter here is carried along. */
export type Happened = { readonly id: string; readonly at: number } & (
  | {
      readonly kind: 'step';
      readonly step: string;
      readonly what: 'begun' | 'done' | 'skipped' | 'again';
    }
  | { readonly kind: 'put in'; readonly after?: string; readonly step: PlannedStep }
  | { readonly kind: 'fire'; readonly what: 'in' | 'out' }
  | { readonly kind: 'away'; readonly what: 'gone' | 'back' }
  | { readonly kind: 'boxed'; readonly annealer: string }
  | { readonly kind: 'given up' }
  | { readonly kind: 'mishap'; readonly what: string; readonly says?: string }
  | { readonly kind: 'taken back'; readonly event: string }
  | { readonly kind: 'call' | 'note' | 'reading' }
);

/** How a step stands. */
export interface StepStands<S extends PlannedStep = PlannedStep> {
  readonly step: S;
  readonly state: 'to come' | 'now' | 'done' | 'skipped';
  /** When it was begun first, and ended last. */
  readonly begun: number | undefined;
  readonly ended: number | undefined;
  /** How often it was done over. */
  readonly again: number;
  /** It was not in the plan. */
  readonly putIn: boolean;
}

/** A making as it stands. */
export interface MakingState<S extends PlannedStep = PlannedStep> {
  readonly steps: readonly StepStands<S>[];
  /** Place of the step that is now; undefined once all are done, or it has ended. */
  readonly now: number | undefined;
  /** In the fire or out of it, and since when; undefined before the first. */
  readonly fire: { readonly what: 'in' | 'out'; readonly since: number } | undefined;
  readonly away: boolean;
  readonly mishaps: readonly {
    readonly what: string;
    readonly at: number;
    readonly says?: string;
  }[];
  readonly ended: { readonly how: 'boxed' | 'given up'; readonly at: number } | undefined;
  readonly begun: number;
  readonly last: number;
  /** What the next undo takes back; undefined where there is nothing. */
  readonly undoable: string | undefined;
}

interface Line<S> {
  step: S;
  state: StepStands['state'];
  begun: number | undefined;
  ended: number | undefined;
  again: number;
  putIn: boolean;
}

/** Works out how a making stands. `steps` is the plan it began from, `begun` when. Events may come in any order; ids met twice count once. */
export function makingState<S extends PlannedStep>(
  steps: readonly S[],
  begun: number,
  events: readonly Happened[],
): MakingState<S> {
  const seen = new Set<string>();
  const all = events
    .filter(({ id }) => !seen.has(id) && seen.add(id))
    .map((e, order) => ({ e, order }))
    .sort((a, b) => a.e.at - b.e.at || a.order - b.order)
    .map(({ e }) => e);
  // What was taken back never happened; a taking back may be taken back.
  const gone = new Set<string>();
  for (const e of [...all].reverse())
    if (e.kind === 'taken back' && !gone.has(e.id)) gone.add(e.event);
  const lines: Line<S>[] = steps.map((step) => ({
    step,
    state: 'to come',
    begun: undefined,
    ended: undefined,
    again: 0,
    putIn: false,
  }));
  let fire: { what: 'in' | 'out'; since: number } | undefined;
  /** As it was before the heat that is now. */
  let fireBefore = fire;
  const heated = (line: Line<S>, at: number): void => {
    if (!isHeat(line.step)) return;
    fireBefore = fire;
    fire = { what: 'in', since: at };
  };
  const find = (id: string): Line<S> | undefined => lines.find((l) => l.step.id === id);
  const next = (at: number): void => {
    if (lines.some((l) => l.state === 'now')) return;
    const line = lines.find((l) => l.state === 'to come');
    if (!line) return;
    line.state = 'now';
    line.begun ??= at;
    heated(line, at);
  };
  let away = false;
  let ended: MakingState['ended'];
  let last = begun;
  let undoable: string | undefined;
  const mishaps: { what: string; at: number; says?: string }[] = [];
  next(begun);
  for (const e of all) {
    if (gone.has(e.id) || e.kind === 'taken back') continue;
    last = Math.max(last, e.at);
    undoable = e.id;
    switch (e.kind) {
      case 'step': {
        const line = find(e.step);
        if (!line) break;
        if (e.what === 'begun' || e.what === 'again') {
          for (const other of lines) if (other.state === 'now') other.state = 'to come';
          if (e.what === 'again') line.again += 1;
          line.state = 'now';
          line.begun ??= e.at;
          line.ended = undefined;
          heated(line, e.at);
          break;
        }
        // A heat that is skipped while it is now never was one.
        if (e.what === 'skipped' && line.state === 'now' && isHeat(line.step)) fire = fireBefore;
        line.state = e.what === 'done' ? 'done' : 'skipped';
        if (e.what === 'done') line.begun ??= e.at;
        line.ended = e.at;
        if (e.what === 'done' && isHeat(line.step)) fire = { what: 'out', since: e.at };
        next(e.at);
        break;
      }
      case 'put in': {
        const after = e.after === undefined ? -1 : lines.findIndex((l) => l.step.id === e.after);
        // Where it is not said, before what is now.
        const at =
          after >= 0
            ? after + 1
            : Math.max(
                0,
                lines.findIndex((l) => l.state === 'now'),
              );
        if (find(e.step.id)) break;
        const put: Line<S> = {
          step: e.step as S,
          state: 'to come',
          begun: undefined,
          ended: undefined,
          again: 0,
          putIn: true,
        };
        lines.splice(at, 0, put);
        // It is for now: what was now waits for it.
        const current = lines.find((l) => l.state === 'now');
        if (current && lines.indexOf(current) > at) current.state = 'to come';
        next(e.at);
        break;
      }
      case 'fire':
        fire = { what: e.what, since: e.at };
        break;
      case 'away':
        away = e.what === 'gone';
        break;
      case 'mishap':
        mishaps.push({ what: e.what, at: e.at, ...(e.says !== undefined && { says: e.says }) });
        break;
      case 'boxed':
      case 'given up':
        ended = { how: e.kind, at: e.at };
        break;
      default:
        break;
    }
  }
  const now = ended ? -1 : lines.findIndex((l) => l.state === 'now');
  return {
    steps: lines,
    now: now < 0 ? undefined : now,
    fire,
    away,
    mishaps,
    ended,
    begun,
    last,
    undoable,
  };
}

/** It puts the glass through the fire: done, it is out of it. */
const isHeat = ({ kind }: PlannedStep): boolean =>
  kind in FACTS && FACTS[kind as StepId].does === 'heat';

/** How long each step took, s, by its kind: of those that were begun and ended. */
export function takenSeconds({ steps }: MakingState): readonly {
  readonly id: string;
  readonly kind: string;
  readonly planned: number;
  readonly took: number;
}[] {
  return steps.flatMap(({ step, state, begun, ended }) =>
    state === 'done' && begun !== undefined && ended !== undefined
      ? [
          {
            id: step.id,
            kind: step.kind,
            planned: step.seconds,
            took: (ended - begun) / 1000,
          },
        ]
      : [],
  );
}
