// Pieces: every save is a new revision; a save against an old revision is a conflict, not a loss.
import { randomUUID } from 'node:crypto';
import {
  SHELF_PAGE,
  SHELF_SIZES,
  SIZE_BOUNDS,
  type RevisionLine,
  type SavedPiece,
  type ShelfLine,
  type ShelfOrder,
  type ShelfPage,
  type ShelfMade,
  type ShelfSize,
  type TagLine,
} from '@zanfirico/contract';
import { upgradePiece, type PieceDocument } from '@zanfirico/contract/piece';
import type { ShelfFacts } from '@zanfirico/core/piece';
import { sql, type SelectQueryBuilder } from 'kysely';
import type { Database } from '../store/database';
import { shelfReader, soughtAs, type KeptFacts, type Reader } from './shelfFacts';
import type { Tables } from '../store/tables';
import { usesOf } from '../rack/uses';
import { whoAsks } from '../store/who';

/** How a save ended. */
export type SaveResult =
  | { readonly kind: 'saved'; readonly piece: SavedPiece }
  | { readonly kind: 'conflict'; readonly current: SavedPiece }
  | { readonly kind: 'missing' };

/** Which pieces of the shelf: by a part of the name, from a place on; or by their ids, put away or not. */
export type Asked =
  | {
      readonly putAway: boolean;
      readonly find?: string | undefined;
      readonly from?: number | undefined;
      readonly by?: ShelfOrder | undefined;
      readonly glass?: string | undefined;
      readonly way?: string | undefined;
      readonly tag?: string | undefined;
      readonly size?: ShelfSize | undefined;
      readonly made?: ShelfMade | undefined;
    }
  | { readonly ids: readonly string[] };

/** The shelf of pieces. */
export interface PieceStore {
  /** A page of the shelf. */
  page(asked: Asked): Promise<ShelfPage<ShelfFacts>>;
  /** Every tag of the pieces on the shelf, and how many have it. */
  tags(): Promise<TagLine[]>;
  /** Works out afresh, a few at a time, what the shelf says of every piece, where rack, shop or server are others since. */
  refresh(): Promise<void>;
  get(id: string): Promise<SavedPiece | undefined>;
  /** Makes a piece; under a key that made one already, that one is given back as it is now. */
  create(document: PieceDocument, key?: string): Promise<SavedPiece>;
  /** Makes many; all or none. */
  createAll(documents: readonly PieceDocument[]): Promise<SavedPiece[]>;
  /** Every piece on the shelf or put away, or those of these ids, by name. */
  all(ids?: readonly string[]): Promise<SavedPiece[]>;
  save(id: string, baseRevision: number, document: PieceDocument): Promise<SaveResult>;
  /** Its newest revision, and who saved it. */
  newestOf(
    id: string,
  ): Promise<{ readonly revision: number; readonly by: string | null } | undefined>;
  revisions(id: string): Promise<RevisionLine[]>;
  revision(id: string, revision: number): Promise<SavedPiece | undefined>;
  putAway(id: string, away: boolean): Promise<boolean>;
  /** Throws a piece away that is put away, or takes it back; false where there is none such. */
  throwAway(id: string, thrown: boolean): Promise<boolean>;
  /** What was thrown away goes for good, with all its revisions. */
  empty(): Promise<void>;
}

interface Row {
  id: string;
  revision: number;
  saved_at: string;
  stands: Tables['pieces']['stands'];
  document: string;
}

const toPiece = (row: Row): SavedPiece => ({
  id: row.id,
  revision: row.revision,
  savedAt: row.saved_at,
  putAway: row.stands !== 'shelf',
  // Revisions are kept as they were saved; an older one is brought up to date as it is read.
  document: upgradePiece(JSON.parse(row.document)) as PieceDocument,
});

async function keepUses(
  tx: Database,
  piece_id: string,
  revision: number,
  document: PieceDocument,
): Promise<void> {
  await tx
    .insertInto('piece_uses')
    .values(usesOf(document).map((entry_id) => ({ piece_id, revision, entry_id })))
    .execute();
}

async function keepTags(tx: Database, piece_id: string, { tags }: PieceDocument): Promise<void> {
  await tx.deleteFrom('piece_tags').where('piece_id', '=', piece_id).execute();
  if (tags && tags.length > 0)
    await tx
      .insertInto('piece_tags')
      .values(tags.map((tag) => ({ piece_id, tag })))
      .execute();
}

/** Pieces worked out at once by `refresh`: the server answers between two lots. */
const LOT = 10;

/** What all of the store works with, over an open database. */
function handsOf(db: Database) {
  const reader = shelfReader(db);
  const joined = (handle: Database = db) =>
    handle
      .selectFrom('pieces')
      .innerJoin('revisions', 'revisions.piece_id', 'pieces.id')
      .select([
        'pieces.id',
        'revisions.revision',
        'revisions.saved_at',
        'pieces.stands',
        'revisions.document',
      ]);

  const newest = async (id: string, handle: Database = db): Promise<SavedPiece | undefined> => {
    const row = await joined(handle)
      .where('pieces.id', '=', id)
      .whereRef('revisions.revision', '=', 'pieces.revision')
      .executeTakeFirst();
    return row && toPiece(row);
  };

  /** Reads pieces for the shelf and keeps what was found, for the revision that was read; their facts by id. */
  const workOut = async (
    { read }: Reader,
    ids: readonly string[],
  ): Promise<Map<string, string>> => {
    const found = new Map<string, string>();
    if (ids.length === 0) return found;
    const rows = await joined()
      .where('pieces.id', 'in', ids)
      .whereRef('revisions.revision', '=', 'pieces.revision')
      .execute();
    const kept = rows.map((row) => ({ row, facts: read(toPiece(row).document) }));
    await db.transaction().execute(async (tx) => {
      for (const { row, facts } of kept) {
        found.set(row.id, facts.facts);
        await tx
          .updateTable('pieces')
          .set(facts)
          .where('id', '=', row.id)
          .where('revision', '=', row.revision)
          .execute();
      }
    });
    return found;
  };

  /** Tags of some pieces, in alphabetical order. */
  const tagsOf = async (ids: readonly string[]): Promise<Map<string, string[]>> => {
    const found = new Map<string, string[]>();
    if (ids.length === 0) return found;
    const rows = await db
      .selectFrom('piece_tags')
      .selectAll()
      .where('piece_id', 'in', ids)
      .orderBy('tag')
      .execute();
    for (const { piece_id, tag } of rows)
      found.set(piece_id, [...(found.get(piece_id) ?? []), tag]);
    return found;
  };

  /** Puts a new piece on the shelf. */
  const made = async (
    tx: Database,
    document: PieceDocument,
    shown: KeptFacts,
  ): Promise<SavedPiece> => {
    const id = randomUUID();
    const now = new Date().toISOString();
    const line = { revision: 1, name: document.name, saved_at: now };
    await tx
      .insertInto('pieces')
      .values({ id, ...line, ...shown, stands: 'shelf' })
      .execute();
    await tx
      .insertInto('revisions')
      .values({ piece_id: id, ...line, document: JSON.stringify(document), made_by: whoAsks() })
      .execute();
    await keepUses(tx, id, line.revision, document);
    await keepTags(tx, id, document);
    return { id, revision: 1, savedAt: now, putAway: false, document };
  };

  return { reader, joined, newest, workOut, tagsOf, made };
}
type Hands = ReturnType<typeof handsOf>;

/** The shelf: a page of it, its tags, its figures worked out by and by. */
const shelfOf = (
  db: Database,
  { reader, workOut, tagsOf }: Hands,
): Pick<PieceStore, 'tags' | 'page' | 'refresh'> => ({
  tags: () =>
    db
      .selectFrom('piece_tags')
      .innerJoin('pieces', 'pieces.id', 'piece_tags.piece_id')
      .where('pieces.stands', '=', 'shelf')
      .select(['tag', sql<number>`count(*)`.as('pieces')])
      .groupBy('tag')
      .orderBy('tag')
      .execute(),

  async page(asked) {
    const chosen = <O>(of: SelectQueryBuilder<Tables, 'pieces', O>) => {
      if ('ids' in asked) return of.where('id', 'in', asked.ids);
      let away = of.where('stands', '=', asked.putAway ? 'put away' : 'shelf');
      if (asked.glass !== undefined) away = away.where('glass', '=', asked.glass);
      if (asked.way !== undefined) away = away.where('way', '=', asked.way);
      const { tag, size } = asked;
      if (tag !== undefined)
        away = away.where('id', 'in', (e) =>
          e.selectFrom('piece_tags').select('piece_id').where('tag', '=', tag),
        );
      if (asked.made !== undefined)
        away = away.where('id', asked.made === 'made' ? 'in' : 'not in', (e) =>
          e.selectFrom('makings').select('piece_id').where('boxed', '=', 1),
        );
      const step = size === undefined ? -1 : SHELF_SIZES.indexOf(size);
      const [low, high] = [SIZE_BOUNDS[step - 1], SIZE_BOUNDS[step]];
      if (step >= 0 && low !== undefined) away = away.where('tall', '>', low);
      if (step >= 0 && high !== undefined) away = away.where('tall', '<=', high);
      const find = soughtAs((asked.find ?? '').trim());
      return find === ''
        ? away
        : away.where((e) => e(e.fn('instr', ['sought', e.val(find)]), '>', 0));
    };
    const all = await chosen(db.selectFrom('pieces'))
      .select([sql<number>`count(*)`.as('total'), sql<number | null>`max(tall)`.as('tallest')])
      .executeTakeFirstOrThrow();
    const rows = await chosen(db.selectFrom('pieces'))
      .select(['id', 'revision', 'saved_at', 'name', 'facts', 'facts_of'])
      .$call((q) => inOrder(q, ('by' in asked ? asked.by : undefined) ?? 'newest'))
      .orderBy('name')
      .orderBy('id')
      .limit(SHELF_PAGE)
      .offset('from' in asked ? (asked.from ?? 0) : 0)
      .execute();
    const tagged = await tagsOf(rows.map((r) => r.id));
    const now = await reader();
    const stale = rows.filter((r) => r.facts_of !== now.of).map((r) => r.id);
    const fresh = await workOut(now, stale);
    const lines = rows.map((r): ShelfLine<ShelfFacts> => ({
      id: r.id,
      revision: r.revision,
      savedAt: r.saved_at,
      name: r.name,
      tags: tagged.get(r.id) ?? [],
      facts: JSON.parse(fresh.get(r.id) ?? r.facts ?? '{"ok":false}') as ShelfFacts,
    }));
    const here = lines.map((l) => (l.facts.ok ? l.facts.glyph.height : 0));
    return { total: all.total, tallest: Math.max(0, all.tallest ?? 0, ...here), lines };
  },

  async refresh() {
    const { of } = await reader();
    for (;;) {
      const lot = await db
        .selectFrom('pieces')
        .select('id')
        .where((e) => e.or([e('facts_of', 'is', null), e('facts_of', '!=', of)]))
        .limit(LOT)
        .execute();
      // Another rack or shop meanwhile: what is left is worked out as it is asked for.
      const now = await reader();
      if (lot.length === 0 || now.of !== of) return;
      await workOut(
        now,
        lot.map((l) => l.id),
      );
      await new Promise((rested) => setImmediate(rested));
    }
  },
});

/** Pieces put on it, read, and saved. */
const keepingOf = (
  db: Database,
  { reader, joined, newest, made }: Hands,
): Pick<PieceStore, 'get' | 'create' | 'createAll' | 'all' | 'save'> => ({
  get: (id) => newest(id),

  create: async (document, key) => {
    const shown = (await reader()).read(document);
    return db.transaction().execute(async (tx) => {
      const before =
        key === undefined
          ? undefined
          : await tx
              .selectFrom('creations')
              .select('piece_id')
              .where('key', '=', key)
              .executeTakeFirst();
      const there = before && (await newest(before.piece_id, tx));
      if (there) return there;
      const piece = await made(tx, document, shown);
      if (key !== undefined)
        await tx
          .insertInto('creations')
          .values({ key, piece_id: piece.id, at: piece.savedAt })
          .execute();
      return piece;
    });
  },

  createAll: async (documents) => {
    const { read } = await reader();
    const shown = documents.map((d) => [d, read(d)] as const);
    return db.transaction().execute(async (tx) => {
      const all: SavedPiece[] = [];
      for (const [document, facts] of shown) all.push(await made(tx, document, facts));
      return all;
    });
  },

  async all(ids) {
    const rows = await joined()
      .whereRef('revisions.revision', '=', 'pieces.revision')
      .where('pieces.stands', '!=', 'thrown away')
      .$if(ids !== undefined, (q) => q.where('pieces.id', 'in', ids ?? []))
      .orderBy('pieces.name')
      .orderBy('pieces.id')
      .execute();
    return rows.map(toPiece);
  },

  save: async (id, baseRevision, document) => {
    const shown = (await reader()).read(document);
    return db.transaction().execute(async (tx): Promise<SaveResult> => {
      const current = await newest(id, tx);
      if (!current) return { kind: 'missing' };
      if (current.revision !== baseRevision) return { kind: 'conflict', current };
      const revision = baseRevision + 1;
      const now = new Date().toISOString();
      const line = { revision, name: document.name, saved_at: now };
      await tx
        .insertInto('revisions')
        .values({ piece_id: id, ...line, document: JSON.stringify(document), made_by: whoAsks() })
        .execute();
      await keepUses(tx, id, line.revision, document);
      await keepTags(tx, id, document);
      await tx
        .updateTable('pieces')
        .set({ ...line, ...shown })
        .where('id', '=', id)
        .execute();
      return {
        kind: 'saved',
        piece: { id, revision, savedAt: now, putAway: current.putAway, document },
      };
    });
  },
});

/** Revisions, and what is put away or thrown away. */
const historyOf = (
  db: Database,
  { joined }: Hands,
): Pick<PieceStore, 'newestOf' | 'revisions' | 'revision' | 'putAway' | 'throwAway' | 'empty'> => ({
  newestOf: (id) =>
    db
      .selectFrom('revisions')
      .select(['revision', 'made_by as by'])
      .where('piece_id', '=', id)
      .orderBy('revision', 'desc')
      .limit(1)
      .executeTakeFirst(),

  revisions: (id) =>
    db
      .selectFrom('revisions')
      .select(['revision', 'saved_at as savedAt', 'name', 'made_by as by'])
      .where('piece_id', '=', id)
      .orderBy('revision', 'desc')
      .execute(),

  async revision(id, revision) {
    const row = await joined()
      .where('pieces.id', '=', id)
      .where('revisions.revision', '=', revision)
      .executeTakeFirst();
    return row && toPiece(row);
  },

  async putAway(id, away) {
    const result = await db
      .updateTable('pieces')
      .set({ stands: away ? 'put away' : 'shelf' })
      .where('id', '=', id)
      .where('stands', '!=', 'thrown away')
      .executeTakeFirst();
    return result.numUpdatedRows > 0n;
  },

  async throwAway(id, thrown) {
    const [from, to] = thrown
      ? (['put away', 'thrown away'] as const)
      : (['thrown away', 'put away'] as const);
    const result = await db
      .updateTable('pieces')
      .set({ stands: to })
      .where('id', '=', id)
      .where('stands', '=', from)
      .executeTakeFirst();
    return result.numUpdatedRows > 0n;
  },

  async empty() {
    await db.deleteFrom('pieces').where('stands', '=', 'thrown away').execute();
  },
});

/** The store over an open database. */
export function pieceStore(db: Database): PieceStore {
  const hands = handsOf(db);
  return { ...shelfOf(db, hands), ...keepingOf(db, hands), ...historyOf(db, hands) };
}

/** The shelf in an order; what cannot be told its height or weight stands last. */
function inOrder<O>(
  of: SelectQueryBuilder<Tables, 'pieces', O>,
  by: ShelfOrder,
): SelectQueryBuilder<Tables, 'pieces', O> {
  switch (by) {
    case 'newest':
      return of.orderBy('saved_at', 'desc');
    case 'name':
      return of.orderBy('sought');
    case 'tallest':
      return of.orderBy('tall', (o) => o.desc().nullsLast());
    case 'heaviest':
      return of.orderBy('heavy', (o) => o.desc().nullsLast());
  }
}
