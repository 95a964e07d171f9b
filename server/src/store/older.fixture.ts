// A data folder as an older version left it: before uses of the rack were kept.
import SQLite from 'better-sqlite3';
import { Kysely, SqliteDialect } from 'kysely';
import { demoPieces } from '../demo/demoPieces';
import { migrate, type MigrationStep } from './migrate';
import { migrations } from './migrations';

const first = demoPieces()[0]?.[0];
if (!first) throw new Error('the demo has a piece');
/** A piece to keep. */
export const document = first;

/** Makes such a database at a path, with one piece of so many revisions. */
export async function older(path: string, revisions: number): Promise<void> {
  const sqlite = new SQLite(path);
  sqlite.pragma('journal_mode = WAL');
  const db = new Kysely<unknown>({ dialect: new SqliteDialect({ database: sqlite }) });
  const { '001_pieces': pieces, '002_shop': shop } = migrations;
  await migrate(
    sqlite,
    db,
    { '001_pieces': pieces as MigrationStep, '002_shop': shop as MigrationStep },
    path,
    () => undefined,
  );
  sqlite.transaction(() => {
    sqlite
      .prepare('insert into pieces (id, revision, name, saved_at) values (?, ?, ?, ?)')
      .run('a', revisions, 'Old', '2026-01-01');
    const put = sqlite.prepare(
      'insert into revisions (piece_id, revision, saved_at, name, document) values (?, ?, ?, ?, ?)',
    );
    for (let i = 1; i <= revisions; i += 1)
      put.run('a', i, '2026-01-01', 'Old', JSON.stringify(document));
  })();
  await db.destroy();
}
