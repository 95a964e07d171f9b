// npm run backup -- FILE: copies the database while the server may be running.
import SQLite from 'better-sqlite3';
import { existsSync } from 'node:fs';
import { dataFolder, fromHere, told } from './commands';
import { countsOf } from './store/counts';
import { databaseIn } from './store/dataFolder';
import { snapshot } from './store/snapshot';

told(() => {
  const target = process.argv[2];
  if (target === undefined)
    throw new Error('Name the file to write: npm run backup -- /path/to/backup.sqlite');
  const from = databaseIn(dataFolder());
  const to = fromHere(target);
  if (!existsSync(from))
    throw new Error(
      `There is no database at ${from}. Name the data folder: ZANFIRICO_DATA=data/demo npm run backup -- ${target}`,
    );
  const sqlite = new SQLite(from, { readonly: true, fileMustExist: true });
  try {
    const counts = countsOf(sqlite);
    if (counts.pieces === 0)
      throw new Error(
        `The shelf in ${from} is empty; nothing was written. Name the data folder you mean: ZANFIRICO_DATA=data/demo npm run backup -- ${target}`,
      );
    snapshot(sqlite, to);
    return `Backed up ${from}\n      to ${to}: ${counts.says}`;
  } finally {
    sqlite.close();
  }
});
