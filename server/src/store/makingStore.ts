// Makings: each as it began, and its events, a row an event. An event is kept once however often it is sent, and never changed.
import type { MakingBegin, MakingEvent, MakingLine } from '@zanfirico/contract';
import { makingState } from '@zanfirico/core';
import type { Database } from './database';

/** What came of events that were sent. */
export interface KeptEvents {
  /** How many the making has now. */
  readonly events: number;
}

/** Makings and what happened in them. */
export interface MakingStore {
  /** Begins it, or finds it begun already under this id. */
  begin(begin: MakingBegin): Promise<MakingBegin>;
  /** Keeps those that are not kept yet, in the order they come; undefined where there is no such making. */
  add(id: string, events: readonly MakingEvent[]): Promise<KeptEvents | undefined>;
  /** A making with its events from a place on. */
  get(
    id: string,
    from?: number,
  ): Promise<{ readonly begin: MakingBegin; readonly events: MakingEvent[] } | undefined>;
  /** The newest first. */
  list(piece?: string): Promise<MakingLine[]>;
  /** Told whenever events of a making were kept; what comes back ends that. */
  watch(id: string, told: () => void): () => void;
}

const MOST_LISTED = 200;
/** What may change how a making ended. */
const ENDS: ReadonlySet<MakingEvent['kind']> = new Set(['boxed', 'given up', 'taken back']);

/** Keeps beside a making whether it came into the box. */
async function ended(db: Database, id: string): Promise<void> {
  const row = await db
    .selectFrom('makings')
    .select('begin')
    .where('id', '=', id)
    .executeTakeFirstOrThrow();
  const rows = await db
    .selectFrom('making_events')
    .select('event')
    .where('making_id', '=', id)
    .orderBy('place')
    .execute();
  const begin = JSON.parse(row.begin) as MakingBegin;
  const state = makingState(
    begin.steps,
    begin.at,
    rows.map((e) => JSON.parse(e.event) as MakingEvent),
  );
  const boxed = state.ended?.how === 'boxed' && begin.rehearsal !== true;
  await db
    .updateTable('makings')
    .set({ boxed: boxed ? 1 : 0 })
    .where('id', '=', id)
    .execute();
}

/** The store over an open database. */
export function makingStore(db: Database): MakingStore {
  const watchers = new Map<string, Set<() => void>>();
  return {
    async begin(begin) {
      await db
        .insertInto('makings')
        .values({
          id: begin.id,
          piece_id: begin.piece,
          begun_at: begin.at,
          begin: JSON.stringify(begin),
        })
        .onConflict((c) => c.column('id').doNothing())
        .execute();
      const row = await db
        .selectFrom('makings')
        .select('begin')
        .where('id', '=', begin.id)
        .executeTakeFirstOrThrow();
      return JSON.parse(row.begin) as MakingBegin;
    },

    async add(id, events) {
      const kept = await db.transaction().execute(async (tx) => {
        const there = await tx
          .selectFrom('makings')
          .select('id')
          .where('id', '=', id)
          .executeTakeFirst();
        if (!there) return undefined;
        const { last } = await tx
          .selectFrom('making_events')
          .select((e) => e.fn.max('place').as('last'))
          .where('making_id', '=', id)
          .executeTakeFirstOrThrow();
        let place = ((last as number | null) ?? -1) + 1;
        for (const event of events) {
          const { numInsertedOrUpdatedRows } = await tx
            .insertInto('making_events')
            .values({
              id: event.id,
              making_id: id,
              place,
              at: event.at,
              event: JSON.stringify(event),
            })
            .onConflict((c) => c.column('id').doNothing())
            .executeTakeFirstOrThrow();
          if (numInsertedOrUpdatedRows !== undefined && numInsertedOrUpdatedRows > 0n) place += 1;
        }
        if (events.some((e) => ENDS.has(e.kind))) await ended(tx, id);
        return { events: place };
      });
      if (kept) for (const told of watchers.get(id) ?? []) told();
      return kept;
    },

    async get(id, from = 0) {
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
    },

    async list(piece) {
      const all = db
        .selectFrom('makings')
        .select(['id', 'begin'])
        .orderBy('begun_at', 'desc')
        .limit(MOST_LISTED);
      const rows = await (piece === undefined ? all : all.where('piece_id', '=', piece)).execute();
      return Promise.all(
        rows.map(async ({ id, begin: text }): Promise<MakingLine> => {
          const begin = JSON.parse(text) as MakingBegin;
          const events = (await this.get(id))?.events ?? [];
          const { ended, last } = makingState(begin.steps, begin.at, events);
          return {
            id,
            piece: begin.piece,
            name: begin.document.name,
            number: begin.number,
            begunAt: begin.at,
            lastAt: last,
            events: events.length,
            ended: ended?.how,
            rehearsal: begin.rehearsal === true,
          };
        }),
      );
    },

    watch(id, told) {
      const mine = watchers.get(id) ?? new Set();
      watchers.set(id, mine);
      mine.add(told);
      return () => {
        mine.delete(told);
        if (mine.size === 0) watchers.delete(id);
      };
    },
  };
}
