// npm run demo: installs what is missing, builds, loads the demo studio, serves it all on one address.
import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { ensurePackages, home, run } from './lib.mjs';

ensurePackages();
if (run('npm', ['run', '--silent', 'build']) !== 0) process.exit(1);

const data = process.env.ZANFIRICO_DATA ?? join(home, 'data', 'demo');
const server = spawn(
  process.execPath,
  ['server/dist/main.js', '--demo', '--data', data, ...process.argv.slice(2)],
  { cwd: home, stdio: 'inherit' },
);
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal));
server.on('exit', (code) => process.exit(code ?? 0));
