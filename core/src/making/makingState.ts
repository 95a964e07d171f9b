// A making as it stands, from its events alone: which step is now, what is next, since when it is out of the fire, what went wrong, how it
// ended. Pure: the same events in the same order give the same answer anywhere. Times ms.
import type { MakingEvent } from '@zanfirico/contract/making';
import { FACTS } from '../work/facts';
import type { StepId } from '../work/step';
import { holding } from './holding';

/** A step of the plan as a making keeps it. */
export interface PlannedStep {
  readonly id: string;
  readonly kind: string;
  /** By id, or by its number in the piece. */
  readonly part: string | number;
  readonly seconds: number;
  /** By a join: what it is joined to. */
  readonly to?: string | number | undefined;
}

/** One thing that happened, as the file has it; of a step that was put in, its parts by id or by number. */
export type Happened =
  | Exclude<MakingEvent, { kind: 'put in' }>
  | (Omit<Extract<MakingEvent, { kind: 'put in' }>, 'step'> & { readonly step: PlannedStep });

/** Told the morning after, or later: no part of the making's own time. */
export const AFTER_THE_BOX: ReadonlySet<string> = new Set([
  'opened',
  'measured',
  'polarised',
  'flaw',
  'broke',
  'cause',
]);

/** A time somebody was at a step, ms; `over` where it was begun anew, not gone on with. */
export interface StepRun {
  readonly from: number;
  readonly to: number | undefined;
  readonly over: boolean;
}

/** How a step stands. */
export interface StepStands<S extends PlannedStep = PlannedStep> {
  readonly step: S;
  readonly state: 'to come' | 'now' | 'done' | 'skipped';
  /** When it was begun first, and ended last. */
  readonly begun: number | undefined;
  readonly ended: number | undefined;
  /** How often it was done over. */
  readonly again: number;
  /** Its place in the plan; undefined where it was put in. */
  readonly place: number | undefined;
  /** It was not in the plan. */
  readonly putIn: boolean;
  /** When somebody was at it, in order; the last has no end while it is now. */
  readonly runs: readonly StepRun[];
  /** 0 is the lead's; a helper's step runs beside it. */
  readonly lane: number;
  /** Nobody tapped it: what came after it was begun, so it was done, by the plan's own times. */
  readonly assumed: boolean;
}

/** In the fire where the step is none, out of it where the step is one, or left alone; ms. `to` is undefined while it lasts. */
export interface FireSpan {
  readonly what: 'in' | 'out' | 'away';
  readonly from: number;
  readonly to: number | undefined;
}

/** A making as it stands. */
export interface MakingState<S extends PlannedStep = PlannedStep> {
  readonly steps: readonly StepStands<S>[];
  /** Place of the lead's step that is now; undefined once all are done, or it has ended. */
  readonly now: number | undefined;
  /** Places of what helpers do now. */
  readonly beside: readonly number[];
  /** In the fire or out of it, and since when; undefined before the first. */
  readonly fire: { readonly what: 'in' | 'out'; readonly since: number } | undefined;
  /** Where the fire, or nobody's hands, were other than the steps say. */
  readonly spans: readonly FireSpan[];
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
  place: number | undefined;
  /** s, by the plan. */
  due: number | undefined;
  state: StepStands['state'];
  begun: number | undefined;
  ended: number | undefined;
  again: number;
  putIn: boolean;
  runs: { from: number; to: number | undefined; over: boolean }[];
  lane: number;
  assumed: boolean;
}

/** What a plan has beside its steps, by their place. */
export interface PlanBeside {
  /** Who goes on beside whom (`lanesOf`); one lane where left out. */
  readonly lanes?: readonly number[] | undefined;
  /** When each was to begin, s from the first gather. */
  readonly starts?: readonly number[] | undefined;
}

/** The fire, as it stands. */
type FireNow = { readonly what: 'in' | 'out'; readonly since: number } | undefined;

/** The lines of a plan while events are told one by one, and the fire; `fire` changes. */
function tableOf<S extends PlannedStep>(
  steps: readonly S[],
  lanes: readonly number[],
  starts: readonly number[] | undefined,
) {
  const line = (step: S, place?: number): Line<S> => ({
    step,
    place,
    due: place === undefined ? undefined : starts?.[place],
    state: 'to come',
    begun: undefined,
    ended: undefined,
    again: 0,
    putIn: place === undefined,
    runs: [],
    lane: lanes[place ?? -1] ?? 0,
    assumed: false,
  });
  const lines = steps.map(line);
  const spans: { what: FireSpan['what']; from: number; to: number | undefined }[] = [];
  const table = {
    lines,
    line,
    spans,
    fire: undefined as FireNow,
    /** As it was before the heat that is now. */
    fireBefore: undefined as FireNow,
    close: (at: number, ...of: FireSpan['what'][]): void => {
      for (const s of spans) if (s.to === undefined && of.includes(s.what)) s.to = at;
    },
    /** The lead's fire: the glass went in by a step, or came out of it. */
    byStep: (what: 'in' | 'out', at: number): void => {
      table.close(at, 'in', 'out');
      table.fireBefore = table.fire;
      table.fire = { what, since: at };
    },
    find: (id: string): Line<S> | undefined => lines.find((l) => l.step.id === id),
    isNow: (l: Line<S>, lane: number): boolean => l.state === 'now' && l.lane === lane,
    start: (l: Line<S>, at: number, over = false): void => {
      l.state = 'now';
      l.begun ??= at;
      if (over || l.runs.at(-1)?.to !== undefined || l.runs.length === 0) {
        endRun(l, at);
        l.runs.push({ from: at, to: undefined, over });
      }
      if (l.lane === 0 && isHeat(l.step)) table.byStep('in', at);
    },
    next: (at: number): void => {
      if (lines.some((l) => table.isNow(l, 0))) return;
      const coming = lines.find((l) => l.state === 'to come' && l.lane === 0);
      if (coming) table.start(coming, at);
    },
  };
  return table;
}
type Table<S extends PlannedStep> = ReturnType<typeof tableOf<S>>;
type Told<K extends Happened['kind']> = Extract<Happened, { kind: K }>;

/** A step was begun, done, skipped, or done again. */
function tellStep<S extends PlannedStep>(table: Table<S>, e: Told<'step'>): void {
  const l = table.find(e.step);
  if (!l) return;
  if (e.what === 'begun' || e.what === 'again') {
    // Begun twice, by two who tapped at once, it is begun once.
    if (e.what === 'begun' && l.state === 'now') return;
    for (const other of table.lines)
      if (other !== l && table.isNow(other, l.lane)) setAside(other, e.at);
    if (e.what === 'again') l.again += 1;
    l.ended = undefined;
    l.assumed = false;
    table.start(l, e.at, e.what === 'again');
    // A helper who is at this has done what comes before it in it.
    if (l.lane > 0) broughtTo(table.lines, l, (o) => o.lane === l.lane);
    return;
  }
  const was = l.state;
  if (was === 'done' && e.what === 'done' && !l.assumed) return;
  // A heat that is skipped while it is now never was one.
  if (e.what === 'skipped' && table.isNow(l, 0) && isHeat(l.step)) table.fire = table.fireBefore;
  if (e.what === 'done' && l.runs.length === 0) {
    l.begun ??= e.at;
    l.runs.push({ from: e.at, to: e.at, over: false });
  }
  l.state = e.what;
  l.ended = e.at;
  if (l.assumed) l.runs = l.begun === undefined ? [] : [{ from: l.begun, to: e.at, over: false }];
  endRun(l, e.at);
  l.assumed = false;
  if (e.what === 'done' && l.lane === 0) broughtTo(table.lines, l, (o) => o.lane > 0);
  if (e.what === 'done' && l.lane === 0 && isHeat(l.step)) table.byStep('out', e.at);
  table.next(e.at);
}

/** A step was put in. */
function tellPutIn<S extends PlannedStep>(table: Table<S>, e: Told<'put in'>): void {
  const after = e.after === undefined ? -1 : table.lines.findIndex((l) => l.step.id === e.after);
  // Where it is not said, before what is now.
  const at =
    after >= 0
      ? after + 1
      : Math.max(
          0,
          table.lines.findIndex((l) => table.isNow(l, 0)),
        );
  if (table.find(e.step.id)) return;
  table.lines.splice(at, 0, table.line(e.step as S));
  // It is for now: what was now waits for it.
  const current = table.lines.find((l) => table.isNow(l, 0));
  if (current && table.lines.indexOf(current) > at) setAside(current, e.at);
  table.next(e.at);
}

/** The glass went into the fire or out of it, tapped by itself. */
function tellFire<S extends PlannedStep>(table: Table<S>, e: Told<'fire'>): void {
  const current = table.lines.find((l) => table.isNow(l, 0));
  const heating = current !== undefined && isHeat(current.step);
  table.close(e.at, 'in', 'out');
  // What the step says anyhow is no news to the heat.
  if ((e.what === 'in') !== heating) table.spans.push({ what: e.what, from: e.at, to: undefined });
  table.fire = { what: e.what, since: e.at };
}

/**
 * Works out how a making stands. `steps` is the plan it began from, `begun` when. Events may come in any order; ids met twice count once.
 */
export function makingState<S extends PlannedStep>(
  steps: readonly S[],
  begun: number,
  events: readonly Happened[],
  { lanes = [], starts }: PlanBeside = {},
): MakingState<S> {
  const table = tableOf(steps, lanes, starts);
  const { lines, spans, close } = table;
  let away = false;
  let ended: MakingState['ended'];
  let last = begun;
  let undoable: string | undefined;
  const mishaps: { what: string; at: number; says?: string }[] = [];
  table.next(begun);
  for (const e of holding(events)) {
    if (AFTER_THE_BOX.has(e.kind)) continue;
    // A picture or a note of a piece that has left the bench makes its time there no longer.
    if (ended && (e.kind === 'photo' || e.kind === 'note')) continue;
    last = Math.max(last, e.at);
    undoable = e.id;
    switch (e.kind) {
      case 'step':
        tellStep(table, e);
        break;
      case 'put in':
        tellPutIn(table, e);
        break;
      case 'fire':
        tellFire(table, e);
        break;
      case 'away':
        close(e.at, 'away');
        away = e.what === 'gone';
        if (away) spans.push({ what: 'away', from: e.at, to: undefined });
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
  const now = ended ? -1 : lines.findIndex((l) => table.isNow(l, 0));
  return {
    steps: lines,
    now: now < 0 ? undefined : now,
    beside: ended ? [] : lines.flatMap((l, i) => (l.state === 'now' && l.lane > 0 ? [i] : [])),
    fire: table.fire,
    spans,
    away,
    mishaps,
    ended,
    begun,
    last,
    undoable,
  };
}

const endRun = <S>(l: Line<S>, at: number): void => {
  const run = l.runs.at(-1);
  if (run) run.to ??= at;
};

/** Another comes before it. */
const setAside = <S>(l: Line<S>, at: number): void => {
  l.state = 'to come';
  endRun(l, at);
};

/** What was brought to a step was done, tapped or not: in time for it, as the plan has it. */
function broughtTo<S extends PlannedStep>(
  lines: Line<S>[],
  to: Line<S>,
  by: (line: Line<S>) => boolean,
): void {
  const parts = new Set([to.step.part, to.step.to ?? to.step.part]);
  const wanted = to.begun ?? 0;
  let end = wanted;
  for (let i = lines.indexOf(to) - 1; i >= 0; i -= 1) {
    const l = lines[i] as Line<S>;
    if (!by(l)) continue;
    if (!parts.has(l.step.part) && (l.step.to === undefined || !parts.has(l.step.to))) continue;
    parts.add(l.step.part);
    if (l.step.to !== undefined) parts.add(l.step.to);
    if (l.state === 'done' || l.state === 'skipped') continue;
    l.assumed = true;
    l.state = 'done';
    // As long before it as planned; one before the other where no clock was.
    const took = 1000 * Math.max(0, l.step.seconds);
    const ahead = l.due === undefined || to.due === undefined ? undefined : 1000 * (to.due - l.due);
    l.begun ??= Math.min(end, wanted - (ahead ?? 0)) - (ahead === undefined ? took : 0);
    l.ended = Math.max(l.begun, Math.min(end, l.begun + took));
    if (l.runs.length === 0) l.runs.push({ from: l.begun, to: l.ended, over: false });
    endRun(l, l.ended);
    end = Math.min(end, l.begun);
  }
}

/** It puts the glass through the fire: done, it is out of it. */
const isHeat = ({ kind }: PlannedStep): boolean =>
  kind in FACTS && FACTS[kind as StepId].does === 'heat';

/** How long somebody was at a step in all, s; what is still under way up to `now`, ms, or not at all where that is left out. */
export const ranFor = (runs: readonly StepRun[], now?: number): number =>
  runs.reduce((sum, r) => sum + ((r.to ?? now ?? r.from) - r.from) / 1000, 0);

/** How long each step took, s, by its kind: of those that somebody began and ended. */
export function takenSeconds({ steps }: MakingState): readonly {
  readonly id: string;
  readonly kind: string;
  readonly planned: number;
  readonly took: number;
}[] {
  return steps.flatMap(({ step, state, begun, ended, assumed, runs }) =>
    state === 'done' && !assumed && begun !== undefined && ended !== undefined
      ? [
          {
            id: step.id,
            kind: step.kind,
            planned: step.seconds,
            took: ranFor(runs),
          },
        ]
      : [],
  );
}

/** In the fire or out of it, and since when, ms; before the first heat it is out since it came out of the furnace. */
export function fireNow({ fire, steps }: MakingState): MakingState['fire'] {
  if (fire) return fire;
  const gathered = steps.findLast(
    ({ step, state, ended }) =>
      state === 'done' &&
      ended !== undefined &&
      step.kind in FACTS &&
      FACTS[step.kind as StepId].does === 'gather',
  )?.ended;
  return gathered === undefined ? undefined : { what: 'out', since: gathered };
}

/** When it came into its box, ms; undefined where it did not. */
export const boxedAt = ({ ended }: Pick<MakingState, 'ended'>): number | undefined =>
  ended?.how === 'boxed' ? ended.at : undefined;
