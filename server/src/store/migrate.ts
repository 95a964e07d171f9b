// Bringing a database up to date: each migration with its record in one transaction, a copy kept of what was there before.
import type SQLite from 'better-sqlite3';
import type { Kysely } from 'kysely';
import { dirname, join } from 'node:path';
import { snapshot } from './snapshot';

/** One step from an older database to a newer one. It may be run on a database in which a part of it was done already. */
export interface MigrationStep {
  /** Changes the tables and what is in them; called inside a transaction, with the connection and with the same through Kysely. */
  readonly up: (db: Kysely<unknown>, sqlite: SQLite.Database) => Promise<void>;
}

/** What is told while it goes on. */
export type Tell = (says: string) => void;

/** Where records of migrations are kept; the query builder's own names, so that older folders are read. */
const RECORDS = 'kysely_migration';

const hasTable = (sqlite: SQLite.Database, name: string): boolean =>
  sqlite.prepare('select 1 from sqlite_master where type = ? and name = ?').get('table', name) !==
  undefined;

/** Names of the migrations a database has been through. */
export const recorded = (sqlite: SQLite.Database): string[] =>
  hasTable(sqlite, RECORDS)
    ? sqlite
        .prepare<[], { name: string }>(`select name from ${RECORDS} order by name`)
        .all()
        .map((r) => r.name)
    : [];

/** Migrations a database has been through that `steps` do not know: it is of a newer version. */
export const newerThan = (
  sqlite: SQLite.Database,
  steps: Readonly<Record<string, MigrationStep>>,
): string[] => recorded(sqlite).filter((name) => !(name in steps));

/**
 * Runs what is missing, in order. Killed at any moment the database is as it was before or after a whole step, and goes on from
 * there. Throws a sentence for a database of a newer version.
 */
export async function migrate(
  sqlite: SQLite.Database,
  db: Kysely<unknown>,
  steps: Readonly<Record<string, MigrationStep>>,
  path: string,
  tell: Tell,
): Promise<void> {
  const names = Object.keys(steps).sort();
  const newer = newerThan(sqlite, steps);
  if (newer.length > 0)
    throw new Error(
      `${path} was kept by a newer version of Zanfirico (it has been through ${newer.join(', ')}). Start that version, or take another data folder with --data.`,
    );
  const done = recorded(sqlite);
  const missing = names.filter((name) => !done.includes(name));
  if (missing.length === 0) return;
  if (hasTable(sqlite, 'pieces') && path !== ':memory:') {
    const copy = join(dirname(path), `before-${missing[0] ?? ''}.sqlite`);
    snapshot(sqlite, copy);
    tell(`Kept a copy of what was there before: ${copy}`);
  }
  sqlite.exec(
    `create table if not exists ${RECORDS} (name varchar(255) not null primary key, timestamp varchar(255) not null)`,
  );
  const record = sqlite.prepare(`insert into ${RECORDS} (name, timestamp) values (?, ?)`);
  for (const [i, name] of missing.entries()) {
    if (done.length > 0)
      tell(`Bringing ${path} up to date: ${name}, ${String(i + 1)} of ${String(missing.length)} …`);
    sqlite.exec('begin immediate');
    try {
      await (steps[name] as MigrationStep).up(db, sqlite);
      record.run(name, new Date().toISOString());
      sqlite.exec('commit');
    } catch (error) {
      if (sqlite.inTransaction) sqlite.exec('rollback');
      throw new Error(
        `${path} could not be brought up to date (${name}): ${error instanceof Error ? error.message : String(error)}. Nothing was changed.`,
        { cause: error },
      );
    }
  }
}
