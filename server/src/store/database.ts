// The database file: SQLite in WAL mode with foreign keys, migrated when it is opened.
import SQLite from 'better-sqlite3';
import { type Generated, Kysely, Migrator, SqliteDialect } from 'kysely';
import { migrations } from './migrations';

/** Tables. A piece's list facts are columns; its documents are revisions, never overwritten. */
export interface Tables {
  pieces: {
    id: string;
    revision: number;
    name: string;
    saved_at: string;
    put_away: number;
  };
  revisions: {
    piece_id: string;
    revision: number;
    saved_at: string;
    name: string;
    document: string;
  };
  shop_revisions: { revision: number; saved_at: string; document: string };
  weigh_ins: {
    id: Generated<number>;
    at: string;
    person: string;
    glass: string;
    iron_diameter: number;
    depth: number;
    planned: number;
    got: number;
    factor: number;
    counts: number;
  };
  rack_entries: {
    id: string;
    revision: number;
    saved_at: string;
    kind: string;
    name: string;
    retired: number;
  };
  rack_revisions: { entry_id: string; revision: number; saved_at: string; document: string };
  fit_tests: {
    id: Generated<number>;
    at: string;
    first: string;
    second: string;
    lot: string | null;
    reading: string;
    counts: number;
  };
  /** Which entries of the rack each revision of a piece names. */
  piece_uses: { piece_id: string; revision: number; entry_id: string };
}

export type Database = Kysely<Tables>;

/** Opens (or makes) the database at a path and brings it up to date. ":memory:" serves tests. */
export async function openDatabase(path: string): Promise<Database> {
  const sqlite = new SQLite(path);
  sqlite.pragma('journal_mode = WAL');
  sqlite.pragma('synchronous = FULL'); // an acknowledged save is on the disk
  sqlite.pragma('foreign_keys = ON');
  const db = new Kysely<Tables>({ dialect: new SqliteDialect({ database: sqlite }) });
  const migrator = new Migrator({
    db,
    provider: { getMigrations: () => Promise.resolve(migrations) },
  });
  const { error } = await migrator.migrateToLatest();
  if (error !== undefined) {
    await db.destroy();
    throw error instanceof Error ? error : new Error('The database could not be migrated.');
  }
  return db;
}

/** Copies the database while it is in use. */
export async function backUp(from: string, to: string): Promise<void> {
  const sqlite = new SQLite(from, { readonly: true, fileMustExist: true });
  try {
    await sqlite.backup(to);
  } finally {
    sqlite.close();
  }
}
