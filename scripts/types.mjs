// Type-checks every package.
import { spawnSync } from 'node:child_process';

let failed = 0;
for (const folder of ['core', 'contract', 'server', 'web', 'e2e', 'bench']) {
  const { status } = spawnSync('npx', ['tsc', '-p', folder], { stdio: 'inherit' });
  if (status !== 0) failed += 1;
}
process.exit(failed === 0 ? 0 : 1);
