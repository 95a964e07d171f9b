// A whole copy of a database in one moment, also while others save into it.
import type SQLite from 'better-sqlite3';
import { renameSync, rmSync } from 'node:fs';

/**
 * Writes the database as it is now to a file of its own, in place of what was there. One reading of the database, however much is
 * saved meanwhile: it ends. Throws what the system says when there is no room.
 */
export function snapshot(sqlite: SQLite.Database, to: string): void {
  const unfinished = `${to}.unfinished`;
  rmSync(unfinished, { force: true });
  try {
    sqlite.prepare('vacuum into ?').run(unfinished);
    renameSync(unfinished, to);
  } catch (error) {
    rmSync(unfinished, { force: true });
    throw error;
  }
}
