// The database file: SQLite in WAL mode with foreign keys, migrated when it is opened.
import SQLite from 'better-sqlite3';
import { Kysely, Migrator, SqliteDialect } from 'kysely';
import { migrations } from './migrations';
import type { Tables } from './tables';

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
