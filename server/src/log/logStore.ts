// The log: makings by how they came out and by any word, and what is lost to what.
import { LOG_AT_ONCE } from '@zanfirico/contract';
import type { LogLine, LogPage, LogQuery, Taught } from '@zanfirico/contract/making';
import type { Static } from '@sinclair/typebox';
import type { MadeAgainst } from '@zanfirico/core/log';
import { sql, type SqlBool } from 'kysely';
import type { Database } from '../store/database';
import { lineOf, mendFacts, type MakingFacts } from '../making/makingFacts';
import { onceAtATime } from '../store/once';

/** What is looked for. */
export type LogQueryAsked = Omit<Static<typeof LogQuery>, 'from'> & { readonly from?: number };

/** The log over the makings. */
export interface LogStore {
  /** Fifty at a time, the newest first; rehearsals are none of it. */
  page(asked: LogQueryAsked): Promise<LogPage>;
  /** All of it, the oldest first, whatever page is asked for: for shares and counts, and for tables. */
  all(asked: LogQueryAsked): Promise<LogLine[]>;
  /** What there is to learn from of the latest makings begun since a moment, ms. */
  taught(since: number): Promise<Taught>;
}

const PAGE = 50;
/** Of so many pieces it is learnt. */
const MOST_MEASURED = 1000;

/** What somebody typed as FTS5 asks for it: every word, by its beginning; signs of its own language are words' limits. */
const asWords = (find: string): string =>
  find
    .split(/[^\p{L}\p{N}-]+/u)
    .filter((w) => w !== '')
    .map((w) => `"${w}"*`)
    .join(' ');

/** A making as the log lists it. */
function logLineOf(row: {
  readonly id: string;
  readonly piece_id: string;
  readonly begun_at: number;
  readonly facts: string | null;
  readonly outcome: string | null;
}): LogLine {
  const facts = JSON.parse(row.facts ?? '{}') as MakingFacts;
  const { cause, lead, annealer, where, hole, glass, colours, planned, taken, mass } = facts;
  const outcome = (row.outcome ?? undefined) as LogLine['outcome'];
  const told = {
    outcome,
    cause,
    lead,
    annealer,
    where,
    hole,
    glass,
    colours,
    planned,
    taken,
    mass,
  };
  return { ...lineOf(row, facts), ...told };
}

/** The store over an open database. */
export function logStore(db: Database): LogStore {
  const mended = onceAtATime(() => mendFacts(db));
  /** What is asked for, but for its page. */
  const chosen = ({
    find = '',
    outcome,
    since,
    until,
    lead,
    annealer,
    piece,
    cause,
  }: LogQueryAsked) => {
    let rows = db
      .selectFrom('makings')
      .select(['id', 'piece_id', 'begun_at', 'facts', 'outcome'])
      .where('facts', 'is not', null);
    const words = asWords(find);
    if (words !== '')
      rows = rows.where(
        sql<SqlBool>`id in (select making_id from making_words where making_words match ${words})`,
      );
    if (outcome === 'waits') rows = rows.where('boxed', '=', 1).where('outcome', 'is', null);
    else if (outcome === 'boxed') rows = rows.where('boxed', '=', 1);
    else if (outcome === 'came') rows = rows.where('outcome', 'is not', null);
    else if (outcome !== undefined) rows = rows.where('outcome', '=', outcome);
    if (since !== undefined) rows = rows.where('begun_at', '>=', Number(since));
    if (until !== undefined) rows = rows.where('begun_at', '<', Number(until));
    if (piece !== undefined) rows = rows.where('piece_id', '=', piece);
    for (const [field, value] of Object.entries({ lead, annealer, cause }))
      if (value !== undefined)
        rows = rows.where(sql<SqlBool>`json_extract(facts, ${`$.${field}`}) = ${value}`);
    return rows;
  };
  return {
    async page({ from = 0, ...asked }) {
      await mended();
      const { total } = await chosen(asked)
        .clearSelect()
        .select((e) => e.fn.countAll<number>().as('total'))
        .executeTakeFirstOrThrow();
      const rows = await chosen(asked)
        .orderBy('begun_at', 'desc')
        .orderBy('id')
        .limit(PAGE)
        .offset(from)
        .execute();
      return { lines: rows.map(logLineOf), total };
    },

    async all({ from = 0, ...asked }) {
      await mended();
      const rows = await chosen(asked)
        .orderBy('begun_at')
        .orderBy('id')
        .limit(LOG_AT_ONCE)
        .offset(from)
        .execute();
      return rows.map(logLineOf);
    },

    async taught(since) {
      await mended();
      const rows = await db
        .selectFrom('makings')
        .select([
          'id',
          sql<string>`json_extract(taught, '$.against')`.as('against'),
          sql<number | null>`json_extract(taught, '$.moil')`.as('moil'),
          sql<number>`json_extract(taught, '$.read')`.as('read'),
        ])
        .where('taught', 'is not', null)
        .where('begun_at', '>=', since)
        .where(
          sql<SqlBool>`(json_array_length(taught, '$.against') > 0 or json_extract(taught, '$.moil') is not null or json_extract(taught, '$.read') > 0)`,
        )
        .orderBy('begun_at', 'desc')
        .limit(MOST_MEASURED)
        .execute();
      return {
        against: rows.flatMap((r) => JSON.parse(r.against) as MadeAgainst[]),
        moil: rows.flatMap((r) => r.moil ?? []),
        read: rows.filter((r) => r.read > 0).map((r) => r.id),
      };
    },
  };
}
