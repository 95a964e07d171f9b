// What the commands on a data folder share: paths as they were typed, one line of answer, one of refusal.
import { join, resolve } from 'node:path';
import { HOME } from './home';

/** A path as it was meant: from where the command was given, not from where npm runs it. */
export const fromHere = (path: string): string => resolve(process.env['INIT_CWD'] ?? '.', path);

/** The data folder the environment names, else the one `npm start` uses. */
export const dataFolder = (): string => {
  const named = process.env['ZANFIRICO_DATA'];
  return named === undefined ? join(HOME, 'data') : fromHere(named);
};

/** Does it and says what came of it; what is thrown is said, and makes the command fail. */
export function told(work: () => string): void {
  try {
    process.stdout.write(`${work()}\n`);
  } catch (error) {
    process.stderr.write(`${error instanceof Error ? error.message : String(error)}\n`);
    process.exitCode = 1;
  }
}
