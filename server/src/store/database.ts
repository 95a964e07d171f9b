// The database file: SQLite in WAL mode with foreign keys, checked and brought up to date when it is opened.
import SQLite from 'better-sqlite3';
import { Kysely, SqliteDialect, type SqliteDatabase } from 'kysely';
import { migrate, type Tell } from './migrate';
import { migrations } from './migrations';
import type { Tables } from './tables';

/** The studio's database, through Kysely. */
export type Database = Kysely<Tables>;

const RESTORE = 'Put a backup back: npm run restore -- /path/to/backup.sqlite';

/** What is first found wrong with a database's file, in the engine's words; undefined when it is whole. */
export function damageOf(sqlite: SQLite.Database): string | undefined {
  try {
    const [found = ''] = (sqlite.pragma('quick_check', { simple: true }) as string).split('\n');
    return found === 'ok' ? undefined : found;
  } catch (error) {
    return error instanceof Error ? error.message : String(error);
  }
}

/** What an operating system's or the engine's refusal of a file means, with the file and what to do. */
function refused(path: string, error: unknown): Error {
  const { code = '', message } = error as { code?: string; message: string };
  const why =
    code === 'SQLITE_NOTADB'
      ? 'is no database'
      : code.startsWith('SQLITE_CORRUPT')
        ? 'is damaged'
        : code === 'SQLITE_FULL'
          ? 'cannot be written: the disc is full. Make room, then start again'
          : code.startsWith('SQLITE_READONLY') || code === 'SQLITE_CANTOPEN'
            ? 'cannot be opened for writing. See who owns it and its folder'
            : `cannot be opened (${message})`;
  const remedy =
    code === 'SQLITE_NOTADB' || code.startsWith('SQLITE_CORRUPT') ? `. ${RESTORE}` : '.';
  return new Error(`${path} ${why}${remedy}`, { cause: error });
}

/**
 * The engine as the query builder uses it. A full disc ends a transaction by itself; the builder would end it once more, and that refusal
 * would hide the first.
 */
const rolledBack = (sqlite: SQLite.Database): SqliteDatabase => ({
  prepare: (text) =>
    sqlite.prepare(text === 'rollback' && !sqlite.inTransaction ? 'select 1' : text),
  close: () => {
    sqlite.close();
  },
});

/** Opens (or makes) the database at a path and brings it up to date. ":memory:" serves tests. Throws a sentence. */
export async function openDatabase(path: string, tell: Tell = () => undefined): Promise<Database> {
  let sqlite: SQLite.Database | undefined;
  try {
    sqlite = new SQLite(path);
    sqlite.pragma('journal_mode = WAL');
    sqlite.pragma('synchronous = FULL'); // an acknowledged save is on the disk
    sqlite.pragma('foreign_keys = ON');
  } catch (error) {
    sqlite?.close();
    throw refused(path, error);
  }
  const damage = damageOf(sqlite);
  if (damage !== undefined) {
    sqlite.close();
    throw new Error(`${path} is damaged (${damage}). ${RESTORE}`);
  }
  const db = new Kysely<Tables>({ dialect: new SqliteDialect({ database: rolledBack(sqlite) }) });
  try {
    await migrate(sqlite, db as Kysely<unknown>, migrations, path, tell);
  } catch (error) {
    await db.destroy();
    throw error;
  }
  return db;
}
