// npm run build: the server and its commands as plain scripts, so that they start at once; packages stay where they are installed. Jest
// has it done before all tests, for those that start the server as a process.
import { build } from 'esbuild';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';

const here = import.meta.dirname;
const { dependencies } = JSON.parse(readFileSync(join(here, 'package.json'), 'utf8'));
const packages = Object.keys(dependencies).filter((name) => !name.startsWith('@zanfirico/'));

/** Bundles the server into dist/. */
export default function bundle() {
  return build({
    absWorkingDir: here,
    entryPoints: ['main', 'backup', 'restore', 'standIns'].map((name) => `src/${name}.ts`),
    bundle: true,
    platform: 'node',
    format: 'esm',
    target: 'node20',
    outdir: 'dist',
    external: packages.flatMap((name) => [name, `${name}/*`]),
    logLevel: 'warning',
  });
}

if (process.argv[1] === import.meta.filename) await bundle();
