// npm run backup -- FILE: copies the database while the server may be running.
import { dirname, join, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import { backUp } from './store/database';

const home = resolve(dirname(fileURLToPath(import.meta.url)), '../..');
const target = process.argv[2];
const data = process.env['ZANFIRICO_DATA'] ?? join(home, 'data');

if (target === undefined) {
  process.stderr.write('Name the file to write: npm run backup -- /path/to/backup.sqlite\n');
  process.exitCode = 1;
} else {
  const to = resolve(process.env['INIT_CWD'] ?? '.', target);
  backUp(join(data, 'zanfirico.sqlite'), to)
    .then(() => process.stdout.write(`Backed up to ${to}\n`))
    .catch((error: unknown) => {
      process.stderr.write(`${error instanceof Error ? error.message : String(error)}\n`);
      process.exitCode = 1;
    });
}
