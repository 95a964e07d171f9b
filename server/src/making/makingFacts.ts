// What the log says of a making, worked out from its events and kept beside it: how it ended, how it came out, by what words it is found.
import type { LogLine, MakingBegin, MakingEvent, MakingLine } from '@zanfirico/contract/making';
import { causeSays, drawnOf, morningOf, type MadeAgainst, type Morning } from '@zanfirico/core/log';
import {
  holding,
  leadOf,
  makingState,
  plannedSeconds,
  tookOf,
  type MakingState,
  type TookOnce,
} from '@zanfirico/core/making';
import type { Derived } from '@zanfirico/core/piece';
import { trWord } from '@zanfirico/core/words';
import { stepSays } from '@zanfirico/core/work';
import { sql, type SqlBool } from 'kysely';
import type { Database } from '../store/database';
import { inEveryLanguage } from '../language';
import { drawings, type DrawPiece } from '../piece/drawings';

type Good = Extract<Derived, { ok: true }>;

/** A making as it is kept: what it began with, and what happened. */
export interface MadeThen {
  readonly begin: MakingBegin;
  readonly events: readonly MakingEvent[];
}

/** What is kept beside it. */
export type MakingFacts = Omit<LogLine, 'id' | 'piece' | 'begunAt' | 'rehearsal' | 'outcome'> & {
  /** Which way of working it out: an older one is worked out anew. */
  readonly v: number;
};

/** What it teaches; kept apart, for a list of the log need not read it. */
export interface MakingTaught {
  /** What its steps took, each with who led it. */
  readonly took: readonly TookOnce[];
  /** What was measured on it, beside what the drawing has there. */
  readonly against: readonly MadeAgainst[];
  /** Weighed on the iron and again when finished: what did not stay, of what did. */
  readonly moil: number | undefined;
  /** Temperatures that were read at the bench. */
  readonly read: number;
}

/** The way facts are worked out; another version's are no facts. */
const FACTS = 4;

/** A making with its events from a place on; undefined where there is none. */
export async function readMaking(
  db: Database,
  id: string,
  from = 0,
): Promise<MadeThen | undefined> {
  const row = await db
    .selectFrom('makings')
    .select('begin')
    .where('id', '=', id)
    .executeTakeFirst();
  if (!row) return undefined;
  const events = await db
    .selectFrom('making_events')
    .select('event')
    .where('making_id', '=', id)
    .where('place', '>=', from)
    .orderBy('place')
    .execute();
  return {
    begin: JSON.parse(row.begin) as MakingBegin,
    events: events.map((e) => JSON.parse(e.event) as MakingEvent),
  };
}

const stateOf = ({ begin, events }: MadeThen): MakingState<MakingBegin['steps'][number]> =>
  makingState(begin.steps, begin.at, events, begin);

/** What a making's steps took, each with who led it. */
function tookIn(
  { steps, hands = [], crew = [], ordinary }: MakingBegin,
  state: ReturnType<typeof stateOf>,
): TookOnce[] {
  const names = new Map(crew.map((p) => [p.id, p.name]));
  const leads = new Map(steps.map((s, i) => [s.id, names.get(hands[i]?.[0] ?? '')]));
  return tookOf(state, ordinary, (id) => leads.get(id));
}

/** What was measured beside what is drawn. */
const againstIn = (
  { document }: MakingBegin,
  measured: Morning['measured'],
  derived: Good,
): MadeAgainst[] =>
  measured.flatMap(({ of, value, up }) => {
    const drawn = drawnOf(derived, of, up, document.closure?.ovality);
    return drawn === undefined ? [] : [{ of, drawn, made: value }];
  });

/** Undefined where it was not weighed twice, or was no heavier on the iron. */
function moilOf(told: readonly MakingEvent[], measured: Morning['measured']): number | undefined {
  const finished = measured.find((m) => m.of === 'weight')?.value ?? 0;
  const gathered = told.reduce(
    (most, e) => (e.kind === 'reading' && e.of === 'mass' ? Math.max(most, e.value) : most),
    0,
  );
  return finished > 0 && gathered > finished ? gathered / finished - 1 : undefined;
}

/** What is found by its words, in the language that is spoken; nothing where there is none. */
const causeWords = (cause: string | undefined): string =>
  cause === undefined ? '' : causeSays(cause);

/** A making as the log tells it; `outcome` as it came out, or was given up at the bench. */
export function makingFacts(
  making: MadeThen,
  derived?: Good,
): {
  facts: MakingFacts;
  taught: MakingTaught;
  outcome: string | null;
  words: string;
} {
  const { begin, events } = making;
  const state = stateOf(making);
  const { ended, last, mishaps } = state;
  const morning = morningOf(events);
  const lead = leadOf(begin);
  const told = holding(events);
  const given = told.findLast((e) => e.kind === 'given up');
  const boxed = told.findLast((e) => e.kind === 'boxed');
  const facts: MakingFacts = {
    name: begin.document.name,
    number: begin.number,
    lastAt: last,
    events: events.length,
    ended: ended?.how,
    cause: morning.cause,
    lead: lead?.name,
    annealer: boxed?.annealer ?? begin.annealer,
    where: given?.where,
    hole: begin.hole,
    glass: begin.document.glass,
    colours: [
      ...new Set(begin.document.parts.flatMap((p) => (p.colours ?? []).map((c) => c.colour))),
    ],
    planned: plannedSeconds(begin),
    taken: ended?.how === 'boxed' ? (last - begin.at) / 1000 : undefined,
    mass: derived?.whole.mass,
    v: FACTS,
  };
  const taught: MakingTaught = {
    took: tookIn(begin, state),
    against: derived ? againstIn(begin, morning.measured, derived) : [],
    moil: moilOf(told, morning.measured),
    read: told.filter((e) => e.kind === 'reading' && e.of === 'temperature').length,
  };
  const outcome = morning.outcome ?? (ended?.how === 'given up' ? 'lost' : null);
  const words = [
    begin.document.name,
    begin.document.notes,
    ...(begin.document.tags ?? []),
    ...(begin.crew ?? []).map((p) => p.name),
    facts.annealer ?? '',
    begin.hole ?? '',
    outcome ?? '',
    ...inEveryLanguage(() => stepSays(facts.where ?? '')),
    ...inEveryLanguage(() => causeWords(morning.cause)),
    ...mishaps.flatMap((m) => inEveryLanguage(() => trWord(m.what))),
    ...told.flatMap((e) => (e.kind === 'note' ? [e.says] : [])),
    ...begin.document.parts.flatMap((p) => (p.colours ?? []).map((c) => c.colour)),
    new Date(begin.at).toISOString().slice(0, 10),
  ];
  return { facts, taught, outcome, words: words.join(' ') };
}

/** Works it out anew and keeps it; nothing where there is no such making. A rehearsal is none of the log's; what is made in a class stands in its own sheets. */
export async function noteMaking(db: Database, id: string, drawn: DrawPiece): Promise<void> {
  const making = await readMaking(db, id);
  if (!making || making.begin.rehearsal === true || making.begin.lesson) return;
  const { facts, taught, outcome, words } = makingFacts(making, drawn(making.begin.document));
  await db
    .updateTable('makings')
    .set({
      boxed: facts.ended === 'boxed' ? 1 : 0,
      facts: JSON.stringify(facts),
      taught: JSON.stringify(taught),
      outcome,
    })
    .where('id', '=', id)
    .execute();
  await sql`delete from making_words where making_id = ${id}`.execute(db);
  await sql`insert into making_words (making_id, words) values (${id}, ${words})`.execute(db);
}

/** A making as the bench lists it, of what is kept of it. */
export const lineOf = (
  row: { readonly id: string; readonly piece_id: string; readonly begun_at: number },
  { name, number, lastAt, events, ended }: MakingFacts,
): MakingLine => ({
  id: row.id,
  piece: row.piece_id,
  name,
  number,
  begunAt: row.begun_at,
  lastAt,
  events,
  ended,
  rehearsal: false,
});

/** Works out what makings kept before there were such facts come to; afterwards every making but a rehearsal has them. */
export async function mendFacts(db: Database): Promise<void> {
  const old = await db
    .selectFrom('makings')
    .select('id')
    .where(sql<SqlBool>`json_extract(begin, '$.rehearsal') is not 1`)
    .where(sql<SqlBool>`json_extract(begin, '$.lesson') is null`)
    .where(sql<SqlBool>`facts is null or json_extract(facts, '$.v') is not ${FACTS}`)
    .execute();
  if (old.length === 0) return;
  await db.transaction().execute(async (tx) => {
    const drawn = await drawings()(tx);
    for (const { id } of old) await noteMaking(tx, id, drawn);
  });
}
