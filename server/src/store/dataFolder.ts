// A data folder and its one user: the files of a database, and a mark that somebody has it open.
import { existsSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';

/** The database of a data folder. */
export const databaseIn = (folder: string): string => join(folder, 'zanfirico.sqlite');

/** The files a database is made of while it is in use. */
export const filesOf = (path: string): string[] => [path, `${path}-wal`, `${path}-shm`];

const lives = (pid: number): boolean => {
  try {
    process.kill(pid, 0);
    return true;
  } catch (error) {
    return (error as NodeJS.ErrnoException).code === 'EPERM';
  }
};

/** The process that has a folder open; undefined when none has, or none any more. */
export function userOf(folder: string): number | undefined {
  const mark = join(folder, 'in-use');
  if (!existsSync(mark)) return undefined;
  const pid = Number(readFileSync(mark, 'utf8'));
  return Number.isInteger(pid) && pid > 0 && pid !== process.pid && lives(pid) ? pid : undefined;
}

/** Marks a folder as this process's own until it is let go; throws a sentence when another has it. */
export function takeFolder(folder: string): () => void {
  const mark = join(folder, 'in-use');
  const other = userOf(folder);
  if (other !== undefined)
    throw new Error(
      `Another Zanfirico (process ${String(other)}) has ${folder} open. Stop it first, or take another folder with --data.`,
    );
  rmSync(mark, { force: true });
  // Of two that start at once one makes the file.
  try {
    writeFileSync(mark, String(process.pid), { flag: 'wx' });
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code !== 'EEXIST') throw error;
    throw new Error(`Another Zanfirico has just opened ${folder}. Stop one of them.`, {
      cause: error,
    });
  }
  return () => {
    rmSync(mark, { force: true });
  };
}
