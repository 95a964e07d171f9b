// Attacked on purpose: killed while it migrates, backs up and restores; restored after a crash; two servers on one folder.
// A short form is part of npm test; npm run test:long does each twenty times.
import SQLite from 'better-sqlite3';
import { spawn, spawnSync, type ChildProcess } from 'node:child_process';
import { existsSync, mkdtempSync, readdirSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { doorOver } from '../door/door';
import { takeFolder, userOf } from '../store/dataFolder';
import { openDatabase } from '../store/database';
import { document, older } from '../store/older.fixture';
import { pieceStore } from '../piece/pieceStore';
import { sessionStore } from '../door/sessionStore';

const ROUNDS = process.env['ZANFIRICO_LONG'] === '1' ? 20 : 1;
const here = join(__dirname, '../../dist');
let folder: string;
let path: string;
const started: ChildProcess[] = [];
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'zanfirico-faults-'));
  path = join(folder, 'zanfirico.sqlite');
});
afterEach(() => {
  for (const child of started.splice(0)) child.kill('SIGKILL');
  rmSync(folder, { recursive: true, force: true });
});

const command = (script: string, ...args: readonly string[]) =>
  spawnSync(process.execPath, [join(here, script), ...args], {
    cwd: here,
    encoding: 'utf8',
    env: { ...process.env, ZANFIRICO_DATA: folder, INIT_CWD: folder },
  });
/** Starts a server; its address, or what it said when it ended. */
function serve(): Promise<{ readonly child: ChildProcess; readonly says: string }> {
  const child = spawn(process.execPath, [join(here, 'main.js'), '--port', '0', '--data', folder], {
    cwd: here,
    stdio: ['ignore', 'pipe', 'pipe'],
  });
  started.push(child);
  let said = '';
  return new Promise((done) => {
    const hear = (chunk: Buffer): void => {
      said += chunk.toString();
      if (said.includes('is ready')) done({ child, says: said });
    };
    child.stdout.on('data', hear);
    child.stderr.on('data', hear);
    child.once('exit', () => {
      done({ child, says: said });
    });
  });
}
const gone = (child: ChildProcess): Promise<void> =>
  new Promise((done) => {
    if (child.exitCode !== null || child.signalCode !== null) done();
    else
      child.once('exit', () => {
        done();
      });
  });
const revisions = (file = path): number => {
  const sqlite = new SQLite(file, { readonly: true });
  try {
    return sqlite.prepare('select count(*) from revisions').pluck().get() as number;
  } finally {
    sqlite.close();
  }
};
describe('killed while it is brought up to date', () => {
  long(
    'an older folder starts the next time, and everything is there',
    async () => {
      for (let round = 0; round < ROUNDS; round += 1) {
        rmSync(folder, { recursive: true, force: true });
        folder = mkdtempSync(join(tmpdir(), 'zanfirico-faults-'));
        path = join(folder, 'zanfirico.sqlite');
        await older(path, 1500);
        const child = spawn(
          process.execPath,
          [join(here, 'main.js'), '--port', '0', '--data', folder],
          { cwd: here, stdio: ['ignore', 'pipe', 'pipe'] },
        );
        started.push(child);
        // As soon as it says that it begins, and a little later each round.
        await new Promise<void>((begun) => {
          child.stderr.on('data', (c: Buffer) => {
            if (c.toString().includes('up to date')) setTimeout(begun, 15 * round);
          });
          child.once('exit', () => {
            begun();
          });
          child.stdout.on('data', () => {
            begun();
          });
        });
        child.kill('SIGKILL');
        await gone(child);
        // The next start: it goes on from where it was.
        await (await openDatabase(path)).destroy();
        const sqlite = new SQLite(path);
        expect(sqlite.pragma('integrity_check', { simple: true })).toBe('ok');
        expect(
          sqlite.prepare('select count(distinct revision) from piece_uses').pluck().get(),
        ).toBe(1500);
        sqlite.close();
      }
    },
    120_000,
  );
});

describe('restoring', () => {
  it('after a crash puts the backup back, whatever the crash had left in the log, and sets the rest aside', async () => {
    const db = await openDatabase(path);
    const store = pieceStore(db);
    const piece = await store.create(document);
    const made = command('backup.js', 'kept.sqlite');
    expect(made.stdout).toMatch(
      /Backed up .*zanfirico\.sqlite\s+to .*kept\.sqlite: 1 pieces, 1 revisions/,
    );
    let revision = piece.revision;
    for (let i = 0; i < 20; i += 1) {
      const saved = await store.save(piece.id, revision, {
        ...document,
        notes: `later ${String(i)}`,
      });
      if (saved.kind !== 'saved') throw new Error('nobody else saves');
      revision = saved.piece.revision;
    }
    // A crash: the log is there and was not worked into the file.
    expect(existsSync(`${path}-wal`)).toBe(true);
    const back = command('restore.js', 'kept.sqlite');
    expect(back.stderr).toBe('');
    expect(back.stdout).toMatch(/Put back .*kept\.sqlite\s+as .*: 1 pieces, 1 revisions/);
    expect(back.stdout).toMatch(/What was there is in .*set-aside-/);
    await db.destroy();
    const again = await openDatabase(path);
    expect(await pieceStore(again).revisions(piece.id)).toHaveLength(1);
    await again.destroy();
    const aside = readdirSync(folder).find((f) => f.startsWith('set-aside-')) ?? '';
    expect(readdirSync(join(folder, aside))).toEqual(
      expect.arrayContaining(['zanfirico.sqlite', 'zanfirico.sqlite-wal']),
    );
  }, 60_000);
  it('lets nobody in who was let in when it was kept', async () => {
    const db = await openDatabase(path);
    await pieceStore(db).create(document);
    const door = await doorOver(sessionStore(db));
    const code = await door.codes.issue({ name: 'bench', may: 'hand' });
    const entered = await door.enter({ code: code?.code ?? '', device: 'tablet' }, undefined);
    expect((await door.standing(entered?.token)).kind).toBe('in');
    await db.destroy();
    expect(command('backup.js', 'kept.sqlite').stderr).toBe('');
    expect(command('restore.js', 'kept.sqlite').stderr).toBe('');
    const again = await openDatabase(path);
    const after = await doorOver(sessionStore(again));
    expect((await after.standing(entered?.token)).kind).toBe('none');
    expect(await after.lines()).toEqual([]);
    await again.destroy();
  }, 60_000);
  long(
    'refuses what is no backup, what is not there, and a folder that is in use; nothing is moved',
    async () => {
      const db = await openDatabase(path);
      await pieceStore(db).create(document);
      await db.destroy();
      expect(command('restore.js', 'nothing.sqlite').stderr).toMatch(
        /There is no file at .*nothing/,
      );
      expect(command('restore.js').stderr).toContain('Name the backup');
      const other = command('restore.js', join(here, 'main.js'));
      expect(other.stderr).toMatch(/no whole database|not a database/);
      const letGo = takeFolder(folder);
      try {
        expect(command('restore.js', path).stderr).toMatch(/has .* open\. Stop it/);
      } finally {
        letGo();
      }
      expect(readdirSync(folder).filter((f) => f.startsWith('set-aside'))).toEqual([]);
      expect(revisions()).toBe(1);
    },
    60_000,
  );
});

describe('backing up', () => {
  it('ends while saves go on without a pause, and holds all that was saved when it began', async () => {
    const db = await openDatabase(path);
    const store = pieceStore(db);
    const piece = await store.create({ ...document, notes: 'x'.repeat(1500) });
    let revision = piece.revision;
    const state = { going: true };
    const saving = (async () => {
      while (state.going) {
        const saved = await store.save(piece.id, revision, {
          ...document,
          notes: String(revision),
        });
        if (saved.kind === 'saved') revision = saved.piece.revision;
        await new Promise((next) => setImmediate(next));
      }
    })();
    const before = revision;
    const ended = await new Promise<number | null>((done) => {
      const child = spawn(process.execPath, [join(here, 'backup.js'), 'kept.sqlite'], {
        cwd: here,
        env: { ...process.env, ZANFIRICO_DATA: folder, INIT_CWD: folder },
        stdio: 'ignore',
      });
      child.once('exit', done);
    });
    state.going = false;
    await saving;
    await db.destroy();
    expect(ended).toBe(0);
    const copy = new SQLite(join(folder, 'kept.sqlite'), { readonly: true });
    expect(copy.pragma('integrity_check', { simple: true })).toBe('ok');
    copy.close();
    expect(revisions(join(folder, 'kept.sqlite'))).toBeGreaterThanOrEqual(before);
  }, 60_000);
  it('of an empty shelf, or of a folder without one, is refused with the folder it looked in', async () => {
    expect(command('backup.js', 'kept.sqlite').stderr).toContain(`no database at ${path}`);
    await (await openDatabase(path)).destroy();
    expect(command('backup.js', 'kept.sqlite').stderr).toMatch(/The shelf in .* is empty/);
    expect(existsSync(join(folder, 'kept.sqlite'))).toBe(false);
  }, 40_000);
});

describe('two servers on one folder', () => {
  long(
    'the second is refused by name and goes away; after a kill the folder is free',
    async () => {
      const first = await serve();
      expect(first.says).toContain('is ready');
      const second = await serve();
      await gone(second.child);
      expect(second.child.exitCode).toBe(1);
      expect(second.says).toMatch(/Another Zanfirico \(process \d+\) has .* open/);
      first.child.kill('SIGKILL');
      await gone(first.child);
      expect(userOf(folder)).toBeUndefined();
      takeFolder(folder)();
    },
    60_000,
  );
});
