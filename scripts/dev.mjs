// npm run dev: server and web with hot reload of both, on the demo data.
import { join } from 'node:path';
import { ensurePackages, home, run } from './lib.mjs';

ensurePackages();
const data = process.env.ZANFIRICO_DATA ?? join(home, 'data', 'dev');
process.exit(
  run('npx', [
    'concurrently',
    '--kill-others',
    '--names',
    'server,web',
    `tsx watch server/src/main.ts --demo --data "${data}"`,
    'vite web --config web/vite.config.ts',
  ]),
);
