// The rack: every save of an entry is a new revision; tests are kept, set aside or counted, never overwritten.
import { upgradeEntry } from '@zanfirico/contract/piece';
import type {
  KeptEntry,
  KeptTest,
  NewTest,
  PieceUse,
  RackEntry,
  SavedRack,
} from '@zanfirico/contract/rack';
import { rackOf, type Rack } from '@zanfirico/core/rack';
import type { Database } from '../store/database';
import { whoAsks } from '../store/who';

/** How a change of the rack ended. */
export type StoredEntry =
  | { readonly kind: 'kept'; readonly entry: KeptEntry }
  | { readonly kind: 'conflict'; readonly revision: number };

/** The shop's own entries and its tests. */
export interface RackStore {
  saved(): Promise<SavedRack>;
  /** Everything there is to choose from, shipped entries too. */
  rack(): Promise<Rack>;
  keep(baseRevision: number, entry: RackEntry): Promise<StoredEntry>;
  /** Takes many in, each as a new revision of what has its id. All or none. */
  keepAll(entries: readonly RackEntry[]): Promise<KeptEntry[]>;
  /** What speaks against dropping an entry. */
  uses(id: string): Promise<PieceUse[]>;
  drop(id: string): Promise<boolean>;
  test(test: NewTest): Promise<KeptTest>;
  count(id: number, counts: boolean): Promise<boolean>;
}

/** Entries as they are kept, and put. */
function entriesOf(db: Database) {
  let known: Rack | undefined;
  const forget = (): void => {
    known = undefined;
  };

  const revisionOf = async (handle: Database, id: string): Promise<number> =>
    (
      await handle
        .selectFrom('rack_entries')
        .select('revision')
        .where('id', '=', id)
        .executeTakeFirst()
    )?.revision ?? 0;

  /** Keeps an entry over its revision `base`, 0 for none; what was dropped before goes on from where it ended. */
  const put = async (tx: Database, entry: RackEntry, base: number): Promise<KeptEntry> => {
    const gone =
      base > 0
        ? undefined
        : await tx
            .selectFrom('rack_gone')
            .select('revision')
            .where('id', '=', entry.id)
            .executeTakeFirst();
    const revision = (gone?.revision ?? base) + 1;
    const now = new Date().toISOString();
    const line = {
      revision,
      saved_at: now,
      kind: entry.kind,
      name: entry.name,
      retired: entry.retired ? 1 : 0,
    };
    await tx
      .insertInto('rack_entries')
      .values({ id: entry.id, ...line })
      .onConflict((c) => c.column('id').doUpdateSet(line))
      .execute();
    await tx
      .insertInto('rack_revisions')
      .values({
        entry_id: entry.id,
        revision,
        saved_at: now,
        document: JSON.stringify(entry),
        made_by: whoAsks(),
      })
      .execute();
    forget();
    return { revision, savedAt: now, entry };
  };

  const entries = async (): Promise<KeptEntry[]> =>
    (
      await db
        .selectFrom('rack_entries')
        .innerJoin('rack_revisions', (j) =>
          j
            .onRef('rack_revisions.entry_id', '=', 'rack_entries.id')
            .onRef('rack_revisions.revision', '=', 'rack_entries.revision'),
        )
        .select(['rack_entries.revision', 'rack_entries.saved_at', 'rack_revisions.document'])
        .orderBy('rack_entries.name')
        .execute()
    ).map((row) => ({
      revision: row.revision,
      savedAt: row.saved_at,
      entry: upgradeEntry(JSON.parse(row.document)) as RackEntry,
    }));

  const rack = async (): Promise<Rack> => {
    known ??= rackOf(
      (await entries()).map((e) => e.entry),
      [],
    );
    return known;
  };

  return { revisionOf, put, entries, rack, forget };
}

type Entries = ReturnType<typeof entriesOf>;

/** Entries: read, kept, dropped. */
const entryKeeping = (
  db: Database,
  { revisionOf, put, forget }: Entries,
): Pick<RackStore, 'keep' | 'keepAll' | 'uses' | 'drop'> => ({
  keep: (baseRevision, entry) =>
    db.transaction().execute(async (tx): Promise<StoredEntry> => {
      const revision = await revisionOf(tx, entry.id);
      if (revision !== baseRevision) return { kind: 'conflict', revision };
      return { kind: 'kept', entry: await put(tx, entry, revision) };
    }),

  keepAll: (all) =>
    db.transaction().execute(async (tx) => {
      const kept: KeptEntry[] = [];
      for (const entry of all) kept.push(await put(tx, entry, await revisionOf(tx, entry.id)));
      return kept;
    }),

  async uses(id) {
    const pieces = await db
      .selectFrom('piece_uses')
      .innerJoin('pieces', 'pieces.id', 'piece_uses.piece_id')
      .select(['pieces.id', 'pieces.name'])
      .distinct()
      .where('piece_uses.entry_id', '=', id)
      .orderBy('pieces.name')
      .execute();
    const tests = await db
      .selectFrom('fit_tests')
      .select('id')
      .where((e) => e.or([e('first', '=', id), e('second', '=', id)]))
      .execute();
    return tests.length === 0
      ? pieces
      : [...pieces, { id: 'tests', name: `${String(tests.length)} fit tests` }];
  },

  async drop(id) {
    const dropped = await db.transaction().execute(async (tx) => {
      const revision = await revisionOf(tx, id);
      if (revision === 0) return false;
      await tx
        .insertInto('rack_gone')
        .values({ id, revision })
        .onConflict((c) => c.column('id').doUpdateSet({ revision }))
        .execute();
      await tx.deleteFrom('rack_entries').where('id', '=', id).execute();
      return true;
    });
    forget();
    return dropped;
  },
});

/** Tests of pairs, and all there is. */
const testKeeping = (
  db: Database,
  { entries }: Entries,
): Pick<RackStore, 'saved' | 'test' | 'count'> => ({
  async saved() {
    const tests = await db
      .selectFrom('fit_tests')
      .select(['id', 'at', 'first', 'second', 'lot', 'reading', 'counts'])
      .orderBy('id', 'desc')
      .execute();
    return {
      entries: await entries(),
      tests: tests.map(({ lot, reading, counts, ...row }) => ({
        ...row,
        ...(lot !== null && { lot }),
        reading: JSON.parse(reading) as KeptTest['reading'],
        counts: counts !== 0,
      })),
    };
  },

  async test({ reading, lot, ...pair }) {
    const at = new Date().toISOString();
    const { id } = await db
      .insertInto('fit_tests')
      .values({
        ...pair,
        at,
        lot: lot ?? null,
        reading: JSON.stringify(reading),
        counts: 1,
        made_by: whoAsks(),
      })
      .returning('id')
      .executeTakeFirstOrThrow();
    return { ...pair, ...(lot !== undefined && { lot }), reading, id, at, counts: true };
  },

  async count(id, counts) {
    const { numUpdatedRows } = await db
      .updateTable('fit_tests')
      .set({ counts: counts ? 1 : 0 })
      .where('id', '=', id)
      .executeTakeFirst();
    return numUpdatedRows > 0;
  },
});

/** The store over an open database. */
export function rackStore(db: Database): RackStore {
  const entries = entriesOf(db);
  return { ...entryKeeping(db, entries), ...testKeeping(db, entries), rack: entries.rack };
}
