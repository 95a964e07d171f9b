// Databases brought up to date: all of a step or nothing, a copy of what was there, what yesterday's code left half done mended.
import SQLite from 'better-sqlite3';
import { Kysely, SqliteDialect } from 'kysely';
import { existsSync, mkdtempSync, readdirSync, rmSync, truncateSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { openDatabase } from './database';
import { migrate, recorded, type MigrationStep } from './migrate';
import { migrations } from './migrations';
import { older } from './older.fixture';
import { pieceStore } from '../piece/pieceStore';

let folder: string;
let path: string;
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'zanfirico-migrate-'));
  path = join(folder, 'zanfirico.sqlite');
});
afterEach(() => {
  rmSync(folder, { recursive: true, force: true });
});

const count = (sql: string): number => {
  const sqlite = new SQLite(path, { readonly: true });
  try {
    return sqlite.prepare(sql).pluck().get() as number;
  } finally {
    sqlite.close();
  }
};
const told: string[] = [];
const tell = (says: string): void => {
  told.push(says);
};
beforeEach(() => {
  told.length = 0;
});

describe('an older folder', () => {
  it('is brought up to date in batches, told step by step, with a copy of what was there before', async () => {
    await older(path, 1203);
    const db = await openDatabase(path, tell);
    expect(await pieceStore(db).revisions('a')).toHaveLength(1203);
    await db.destroy();
    expect(count('select count(distinct revision) from piece_uses')).toBe(1203);
    expect(told.join('\n')).toMatch(/Kept a copy .*before-003_rack\.sqlite/);
    expect(told.join('\n')).toMatch(/003_rack, 1 of \d+ /);
    const copy = new SQLite(join(folder, 'before-003_rack.sqlite'), { readonly: true });
    expect(recorded(copy)).toEqual(['001_pieces', '002_shop']);
    expect(copy.prepare('select count(*) from revisions').pluck().get()).toBe(1203);
    copy.close();
  });
  it('up to date already is opened without a word and without a copy', async () => {
    await (await openDatabase(path, tell)).destroy();
    told.length = 0;
    await (await openDatabase(path, tell)).destroy();
    expect(told).toEqual([]);
    expect(readdirSync(folder).filter((f) => f.startsWith('before-'))).toEqual([]);
  });
  it('left half done by yesterday’s code, tables there and no record, is mended', async () => {
    await older(path, 40);
    const sqlite = new SQLite(path);
    sqlite.exec(`create table rack_entries (id text primary key, revision integer not null, saved_at text not null,
        kind text not null, name text not null, retired integer not null default 0);
      create table piece_uses (piece_id text not null, revision integer not null, entry_id text not null,
        primary key (piece_id, revision, entry_id));
      insert into piece_uses values ('a', 1, 'borosilicate-33');`);
    sqlite.close();
    const db = await openDatabase(path, tell);
    await db.destroy();
    expect(count('select count(distinct revision) from piece_uses')).toBe(40);
    expect(count("select count(*) from sqlite_master where name = 'fit_tests'")).toBe(1);
  });
});

/** The steps before one. */
const until = (number: string): Record<string, MigrationStep> =>
  Object.fromEntries(Object.entries(migrations).filter(([name]) => name < number));

it('where a piece stood as a number is said in a word afterwards, whichever of the three', async () => {
  const sqlite = new SQLite(path);
  const db = new Kysely<unknown>({ dialect: new SqliteDialect({ database: sqlite }) });
  await migrate(sqlite, db, until('019'), path, tell);
  const put = sqlite.prepare(
    "insert into pieces (id, revision, name, saved_at, put_away) values (?, 1, 'a', '2026', ?)",
  );
  for (const away of [0, 1, 2]) put.run(String(away), away);
  await migrate(sqlite, db, migrations, path, tell);
  expect(sqlite.prepare('select stands from pieces order by id').pluck().all()).toEqual([
    'shelf',
    'put away',
    'thrown away',
  ]);
  await db.destroy();
});

it('what an event said in a language is an id afterwards, in both; what was somebody’s own word stays', async () => {
  const before = until('018');
  const sqlite = new SQLite(path);
  const db = new Kysely<unknown>({ dialect: new SqliteDialect({ database: sqlite }) });
  await migrate(sqlite, db, before, path, tell);
  const told = [
    { kind: 'given up', where: 'Passaggio' },
    { kind: 'given up', where: 'Transfer' },
    { kind: 'given up', where: 'Heat: left wing' },
    { kind: 'given up', where: 'Lick the seam' },
    { kind: 'given up', where: 'constructor' },
    { kind: 'reading', of: 'temperature', value: 700, where: 'non si muove più' },
    { kind: 'broke', when: 'settimane dopo', face: 'in two' },
  ];
  sqlite.pragma('foreign_keys = off');
  const put = sqlite.prepare(
    "insert into making_events (id, making_id, place, at, event) values (?, 'm', ?, 0, ?)",
  );
  told.forEach((e, i) => put.run(String(i), i, JSON.stringify(e)));
  await migrate(sqlite, db, migrations, path, tell);
  const now = sqlite.prepare('select event from making_events order by place').pluck().all();
  expect(now.map((e) => JSON.parse(e as string) as unknown)).toEqual([
    { kind: 'given up', where: 'transfer' },
    { kind: 'given up', where: 'transfer' },
    { kind: 'given up', where: 'reheat' },
    { kind: 'given up', where: 'Lick the seam' },
    { kind: 'given up', where: 'constructor' },
    { kind: 'reading', of: 'temperature', value: 700, where: 'stopped moving' },
    { kind: 'broke', when: 'weeks later', face: 'in two' },
  ]);
  await db.destroy();
});

describe('a step that fails', () => {
  it('leaves the database as it was, and says at which step; the next start goes on from there', async () => {
    await older(path, 3);
    const sqlite = new SQLite(path);
    const db = new Kysely<unknown>({ dialect: new SqliteDialect({ database: sqlite }) });
    const before = sqlite.prepare('select name from sqlite_master order by name').all();
    const bad: MigrationStep = {
      up: (_, raw) => {
        raw.exec('create table half (a text); delete from revisions');
        return Promise.reject(new Error('out of luck'));
      },
    };
    await expect(migrate(sqlite, db, { ...migrations, '002_z': bad }, path, tell)).rejects.toThrow(
      /002_z.*out of luck.*Nothing was changed/,
    );
    expect(sqlite.prepare('select name from sqlite_master order by name').all()).toEqual(before);
    await db.destroy();
    expect(count('select count(*) from revisions')).toBe(3);
    await (await openDatabase(path, tell)).destroy();
    expect(count('select count(distinct revision) from piece_uses')).toBe(3);
  });
});

describe('a folder that is refused', () => {
  it('because a newer version kept it', async () => {
    await (await openDatabase(path)).destroy();
    const sqlite = new SQLite(path);
    sqlite.prepare('insert into kysely_migration values (?, ?)').run('999_later', 'then');
    sqlite.close();
    await expect(openDatabase(path)).rejects.toThrow(/newer version.*999_later.*--data/);
  });
  it('because its file is no database, with the file and the remedy', async () => {
    writeFileSync(path, 'This is a shopping list, and a long one at that. '.repeat(50));
    await expect(openDatabase(path)).rejects.toThrow(
      /zanfirico\.sqlite is no database.*npm run restore/,
    );
  });
  it('because its file is damaged', async () => {
    await older(path, 400);
    await (await openDatabase(path)).destroy();
    const sqlite = new SQLite(path);
    sqlite.pragma('wal_checkpoint(truncate)');
    sqlite.close();
    const size = count(
      'select page_count * page_size from pragma_page_count(), pragma_page_size()',
    );
    truncateSync(path, Math.floor(size / 2));
    await expect(openDatabase(path)).rejects.toThrow(/damaged.*npm run restore/);
  });
  it('because its folder is none', async () => {
    await expect(openDatabase(join(folder, 'nowhere', 'z.sqlite'))).rejects.toThrow(/nowhere/);
    expect(existsSync(join(folder, 'nowhere'))).toBe(false);
  });
});
