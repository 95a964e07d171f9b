// Pieces: every save is a new revision; a save against an old revision is a conflict, not a loss.
import { randomUUID } from 'node:crypto';
import {
  upgradePiece,
  type PieceDocument,
  type RevisionLine,
  type SavedPiece,
} from '@zanfirico/contract';
import type { Database } from './database';
import { usesOf } from './uses';

/** How a save ended. */
export type SaveResult =
  | { readonly kind: 'saved'; readonly piece: SavedPiece }
  | { readonly kind: 'conflict'; readonly current: SavedPiece }
  | { readonly kind: 'missing' };

/** The shelf of pieces. */
export interface PieceStore {
  list(putAway: boolean): Promise<SavedPiece[]>;
  get(id: string): Promise<SavedPiece | undefined>;
  /** Makes a piece; under a key that made one already, that one is given back as it is now. */
  create(document: PieceDocument, key?: string): Promise<SavedPiece>;
  save(id: string, baseRevision: number, document: PieceDocument): Promise<SaveResult>;
  revisions(id: string): Promise<RevisionLine[]>;
  revision(id: string, revision: number): Promise<SavedPiece | undefined>;
  putAway(id: string, away: boolean): Promise<boolean>;
}

interface Row {
  id: string;
  revision: number;
  saved_at: string;
  put_away: number;
  document: string;
}

const toPiece = (row: Row): SavedPiece => ({
  id: row.id,
  revision: row.revision,
  savedAt: row.saved_at,
  putAway: row.put_away !== 0,
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

/** The store over an open database. */
export function pieceStore(db: Database): PieceStore {
  const joined = (handle: Database = db) =>
    handle
      .selectFrom('pieces')
      .innerJoin('revisions', 'revisions.piece_id', 'pieces.id')
      .select([
        'pieces.id',
        'revisions.revision',
        'revisions.saved_at',
        'pieces.put_away',
        'revisions.document',
      ]);

  const newest = async (id: string, handle: Database = db): Promise<SavedPiece | undefined> => {
    const row = await joined(handle)
      .where('pieces.id', '=', id)
      .whereRef('revisions.revision', '=', 'pieces.revision')
      .executeTakeFirst();
    return row && toPiece(row);
  };

  return {
    async list(putAway) {
      const rows = await joined()
        .where('pieces.put_away', '=', putAway ? 1 : 0)
        .whereRef('revisions.revision', '=', 'pieces.revision')
        .orderBy('pieces.saved_at', 'desc')
        .orderBy('pieces.name')
        .execute();
      return rows.map(toPiece);
    },

    get: (id) => newest(id),

    create: (document, key) =>
      db.transaction().execute(async (tx) => {
        const made =
          key === undefined
            ? undefined
            : await tx
                .selectFrom('creations')
                .select('piece_id')
                .where('key', '=', key)
                .executeTakeFirst();
        const there = made && (await newest(made.piece_id, tx));
        if (there) return there;
        const id = randomUUID();
        const now = new Date().toISOString();
        const line = { revision: 1, name: document.name, saved_at: now };
        await tx
          .insertInto('pieces')
          .values({ id, ...line, put_away: 0 })
          .execute();
        await tx
          .insertInto('revisions')
          .values({ piece_id: id, ...line, document: JSON.stringify(document) })
          .execute();
        await keepUses(tx, id, line.revision, document);
        if (key !== undefined)
          await tx.insertInto('creations').values({ key, piece_id: id, at: now }).execute();
        return { id, revision: 1, savedAt: now, putAway: false, document };
      }),

    save: (id, baseRevision, document) =>
      db.transaction().execute(async (tx): Promise<SaveResult> => {
        const current = await newest(id, tx);
        if (!current) return { kind: 'missing' };
        if (current.revision !== baseRevision) return { kind: 'conflict', current };
        const revision = baseRevision + 1;
        const now = new Date().toISOString();
        const line = { revision, name: document.name, saved_at: now };
        await tx
          .insertInto('revisions')
          .values({ piece_id: id, ...line, document: JSON.stringify(document) })
          .execute();
        await keepUses(tx, id, line.revision, document);
        await tx.updateTable('pieces').set(line).where('id', '=', id).execute();
        return {
          kind: 'saved',
          piece: { id, revision, savedAt: now, putAway: current.putAway, document },
        };
      }),

    revisions: (id) =>
      db
        .selectFrom('revisions')
        .select(['revision', 'saved_at as savedAt', 'name'])
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
        .set({ put_away: away ? 1 : 0 })
        .where('id', '=', id)
        .executeTakeFirst();
      return result.numUpdatedRows > 0n;
    },
  };
}
