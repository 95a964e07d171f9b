// npm run restore -- FILE: puts a backup in the place of the database, and sets aside what was there.
import SQLite from 'better-sqlite3';
import { existsSync, mkdirSync, renameSync } from 'node:fs';
import { basename, join } from 'node:path';
import { dataFolder, fromHere, told } from './commands';
import { countsOf } from './store/counts';
import { databaseIn, filesOf, userOf } from './store/dataFolder';
import { damageOf } from './store/database';
import { newerThan } from './store/migrate';
import { migrations } from './store/migrations';
import { snapshot } from './store/snapshot';

/** Who was let in when it was kept may have been put out since: every device is paired anew. */
function endSessions(path: string): void {
  const db = new SQLite(path);
  try {
    const has = db.prepare("select 1 from sqlite_master where name = 'sessions'").get();
    if (has !== undefined)
      db.prepare(
        "update sessions set ended_at = ?, ended_why = 'backup put back' where ended_at is null",
      ).run(Date.now());
  } finally {
    db.close();
  }
}

told(() => {
  const given = process.argv[2];
  if (given === undefined)
    throw new Error('Name the backup to put back: npm run restore -- /path/to/backup.sqlite');
  const from = fromHere(given);
  const folder = dataFolder();
  const to = databaseIn(folder);
  const user = userOf(folder);
  if (user !== undefined)
    throw new Error(
      `A Zanfirico (process ${String(user)}) has ${folder} open. Stop it, then restore.`,
    );
  if (!existsSync(from)) throw new Error(`There is no file at ${from}.`);
  const backup = new SQLite(from, { fileMustExist: true, readonly: true });
  try {
    const damage = damageOf(backup);
    if (damage !== undefined)
      throw new Error(`${from} is no whole database (${damage}). Take another backup.`);
    if (newerThan(backup, migrations).length > 0)
      throw new Error(
        `${from} was kept by a newer version of Zanfirico; restore it with that one.`,
      );
    const counts = countsOf(backup);
    mkdirSync(folder, { recursive: true });
    // The copy first, whole and beside; only then is anything moved.
    const fresh = `${to}.restored`;
    snapshot(backup, fresh);
    endSessions(fresh);
    const aside = join(folder, `set-aside-${new Date().toISOString().replaceAll(/[:.]/g, '-')}`);
    const there = filesOf(to).filter((f) => existsSync(f));
    if (there.length > 0) mkdirSync(aside);
    for (const file of there) renameSync(file, join(aside, basename(file)));
    renameSync(fresh, to);
    return [
      `Put back ${from}`,
      `      as ${to}: ${counts.says}`,
      ...(there.length > 0
        ? [`What was there is in ${aside}: ${there.map((f) => basename(f)).join(', ')}`]
        : []),
    ].join('\n');
  } finally {
    backup.close();
  }
});
