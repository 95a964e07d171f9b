// Makings: each as it began, and its events, a row an event. An event is kept once however often it is sent, and never changed.
import { withIds } from '../store/stepNamesThen';
import {
  MOST_EVENTS,
  type MakingBegin,
  type MakingEvent,
  type MakingLine,
  type StepPace,
} from '@zanfirico/contract/making';
import { paceOf } from '@zanfirico/core/making';
import { sql, type SqlBool } from 'kysely';
import type { Database } from '../store/database';
import { drawings } from '../piece/drawings';
import {
  makingFacts,
  lineOf,
  mendFacts,
  noteMaking,
  readMaking,
  type MadeThen,
  type MakingFacts,
  type MakingTaught,
} from './makingFacts';
import { onceAtATime } from '../store/once';
import { whoAsks } from '../store/who';

/** What came of events that were sent. */
export interface KeptEvents {
  /** How many the making has now. */
  readonly events: number;
}

/** Makings and what happened in them. */
export interface MakingStore {
  /** Begins it, or finds it begun already; no where another was begun under this id. */
  begin(begin: MakingBegin): Promise<boolean>;
  /** Keeps those that are not kept yet, in the order they come; undefined where there is no such making, "full" where it takes no more. */
  add(id: string, events: readonly MakingEvent[]): Promise<KeptEvents | 'full' | undefined>;
  /** A whole making from a file: begun and its events kept, or none of it; "other" where another was begun under its id. */
  readIn(making: MadeThen): Promise<KeptEvents | 'other'>;
  /** A making with its events from a place on. */
  get(id: string, from?: number): Promise<MadeThen | undefined>;
  has(id: string): Promise<boolean>;
  /** Who told of its events, by their ids, from a place on: those that somebody did. */
  whose(id: string, from?: number): Promise<Record<string, string>>;
  /** Ids of makings of these pieces, or of all, the oldest first; rehearsals left out. */
  idsOf(pieces?: readonly string[]): Promise<string[]>;
  /** The newest first; those of a class stand in it. */
  list(piece?: string): Promise<MakingLine[]>;
  /** What steps took, of the makings that came into the box: by kind, and by person. */
  pace(): Promise<StepPace[]>;
  /** A picture; kept under its id once. */
  keepPhoto(id: string, bytes: Buffer): Promise<void>;
  photo(id: string): Promise<Buffer | undefined>;
  /** Told whenever events of a making were kept; what comes back ends that. */
  watch(id: string, told: () => void): () => void;
}

const MOST_LISTED = 200;
/** Events a statement takes. */
const AT_ONCE = 500;
/** What changes what the log says of a making: how it ended, came out, and the words it is found by. */
const TELLS: ReadonlySet<MakingEvent['kind']> = new Set([
  'boxed',
  'given up',
  'taken back',
  'opened',
  'broke',
  'cause',
  'note',
  'mishap',
]);

const has = async (db: Database, id: string): Promise<boolean> =>
  (await db.selectFrom('makings').select('id').where('id', '=', id).executeTakeFirst()) !==
  undefined;

/** Is it the one that was begun under its id? Begun now where none was. */
async function insertBegin(db: Database, begin: MakingBegin): Promise<boolean> {
  const text = JSON.stringify(begin);
  await db
    .insertInto('makings')
    .values({
      id: begin.id,
      piece_id: begin.piece,
      begun_at: begin.at,
      begin: text,
      made_by: whoAsks(),
    })
    .onConflict((c) => c.column('id').doNothing())
    .execute();
  const row = await db
    .selectFrom('makings')
    .select('begin')
    .where('id', '=', begin.id)
    .executeTakeFirstOrThrow();
  return row.begin === text;
}

/** How many events a making has: the place of the next. */
async function placeAfter(tx: Database, id: string): Promise<number> {
  const { last } = await tx
    .selectFrom('making_events')
    .select((e) => e.fn.max('place').as('last'))
    .where('making_id', '=', id)
    .executeTakeFirstOrThrow();
  return ((last as number | null) ?? -1) + 1;
}

async function insertEvents(
  tx: Database,
  id: string,
  told: readonly MakingEvent[],
): Promise<KeptEvents> {
  // A file of before, or a screen that was cut off since, may still say a step by its name.
  const events = told.map(withIds);
  let place = await placeAfter(tx, id);
  for (let from = 0; from < events.length; from += AT_ONCE) {
    const lot = events.slice(from, from + AT_ONCE);
    const rows = await tx
      .selectFrom('making_events')
      .select('id')
      .where(
        'id',
        'in',
        lot.map((e) => e.id),
      )
      .execute();
    const known = new Set(rows.map((r) => r.id));
    const fresh = lot.filter(({ id: one }) => !known.has(one) && known.add(one));
    if (fresh.length === 0) continue;
    await tx
      .insertInto('making_events')
      .values(
        fresh.map((event, i) => ({
          id: event.id,
          making_id: id,
          place: place + i,
          at: event.at,
          event: JSON.stringify(event),
          made_by: whoAsks(),
        })),
      )
      .execute();
    place += fresh.length;
  }
  return { events: place };
}

/** Whoever follows a making, told when there is more of it. */
function watching(): Pick<MakingStore, 'watch'> & { readonly tell: (id: string) => void } {
  const watchers = new Map<string, Set<() => void>>();
  return {
    tell: (id) => {
      for (const told of watchers.get(id) ?? []) told();
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

/** What happens is kept, and told. */
const telling = (
  db: Database,
  watchers: { readonly tell: (id: string) => void },
): Pick<MakingStore, 'begin' | 'add' | 'readIn'> => {
  const drawn = drawings();
  return {
    begin: (begin) =>
      db.transaction().execute(async (tx) => {
        const mine = await insertBegin(tx, begin);
        if (mine) await noteMaking(tx, begin.id, await drawn(tx));
        return mine;
      }),

    async add(id, events) {
      const kept = await db.transaction().execute(async (tx) => {
        const row = await tx
          .selectFrom('makings')
          .select('facts')
          .where('id', '=', id)
          .executeTakeFirst();
        if (!row) return undefined;
        if ((await placeAfter(tx, id)) + events.length > MOST_EVENTS) return 'full' as const;
        const known = await insertEvents(tx, id, events);
        // Of one that is still being made only what the log tells of it; of one that has ended everything is told.
        const { ended } = JSON.parse(row.facts ?? '{}') as Partial<MakingFacts>;
        if (ended !== undefined || events.some((e) => TELLS.has(e.kind)))
          await noteMaking(tx, id, await drawn(tx));
        return known;
      });
      if (kept && kept !== 'full') watchers.tell(id);
      return kept;
    },

    async readIn({ begin, events }) {
      const kept = await db.transaction().execute(async (tx) => {
        if (!(await insertBegin(tx, begin))) return 'other' as const;
        const known = await insertEvents(tx, begin.id, events);
        await noteMaking(tx, begin.id, await drawn(tx));
        return known;
      });
      watchers.tell(begin.id);
      return kept;
    },
  };
};

/** One making, and whose it is. */
const oneOf = (db: Database): Pick<MakingStore, 'get' | 'has' | 'whose' | 'idsOf'> => ({
  get: (id, from) => readMaking(db, id, from),

  has: (id) => has(db, id),

  async whose(id, from = 0) {
    const rows = await db
      .selectFrom('making_events')
      .select(['id', 'made_by'])
      .where('making_id', '=', id)
      .where('place', '>=', from)
      .where('made_by', 'is not', null)
      .execute();
    return Object.fromEntries(rows.map((r) => [r.id, r.made_by ?? '']));
  },

  async idsOf(pieces) {
    const all = db
      .selectFrom('makings')
      .select('id')
      .where(sql<SqlBool>`json_extract(begin, '$.rehearsal') is not 1`)
      .orderBy('begun_at');
    const rows = await (pieces ? all.where('piece_id', 'in', pieces) : all).execute();
    return rows.map((r) => r.id);
  },
});

/** All of them: the list, and what steps took. */
const allOf = (db: Database): Pick<MakingStore, 'list' | 'pace'> => {
  const mended = onceAtATime(() => mendFacts(db));
  return {
    async list(piece) {
      await mended();
      const all = db
        .selectFrom('makings')
        .select(['id', 'piece_id', 'begun_at', 'facts'])
        .where(sql<SqlBool>`json_extract(begin, '$.lesson') is null`)
        .orderBy('begun_at', 'desc')
        .limit(MOST_LISTED);
      const rows = await (piece === undefined ? all : all.where('piece_id', '=', piece)).execute();
      const lines: MakingLine[] = [];
      for (const row of rows) {
        const known = JSON.parse(row.facts ?? '{}') as Partial<MakingFacts>;
        // One that has ended stands in its facts; what goes on, or is rehearsed, is read.
        if (known.ended !== undefined) lines.push(lineOf(row, known as MakingFacts));
        else {
          const making = await readMaking(db, row.id);
          if (making)
            lines.push({
              ...lineOf(row, makingFacts(making).facts),
              rehearsal: making.begin.rehearsal === true,
            });
        }
      }
      return lines;
    },

    async pace() {
      await mended();
      const rows = await db
        .selectFrom('makings')
        .select('taught')
        .where('boxed', '=', 1)
        .orderBy('begun_at', 'desc')
        .limit(MOST_LISTED)
        .execute();
      return paceOf(
        rows.flatMap((r) => (r.taught === null ? [] : (JSON.parse(r.taught) as MakingTaught).took)),
      );
    },
  };
};

/** Pictures, by the id an event names. */
const photosOf = (db: Database): Pick<MakingStore, 'keepPhoto' | 'photo'> => ({
  async keepPhoto(id, bytes) {
    await db
      .insertInto('photos')
      .values({ id, at: new Date().toISOString(), bytes, made_by: whoAsks() })
      .onConflict((c) => c.column('id').doNothing())
      .execute();
  },

  photo: async (id) =>
    (await db.selectFrom('photos').select('bytes').where('id', '=', id).executeTakeFirst())?.bytes,
});

/** The store over an open database. */
export function makingStore(db: Database): MakingStore {
  const { tell, watch } = watching();
  return { ...telling(db, { tell }), ...oneOf(db), ...allOf(db), ...photosOf(db), watch };
}
