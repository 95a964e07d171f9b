// What the page loads at once.
import { spawnSync } from 'node:child_process';
import { readFileSync, readdirSync } from 'node:fs';
import { dirname, join, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import { gzipSync } from 'node:zlib';
import { SMALL, type Row } from './rows';

const home = resolve(dirname(fileURLToPath(import.meta.url)), '..');

/** Script that index.html loads at once, gzipped, kB; the place it lands on is fetched beside it, and told apart. */
function initialScript(): number {
  const dist = join(home, 'web', 'dist');
  const html = readFileSync(join(dist, 'index.html'), 'utf8');
  const files = readdirSync(join(dist, 'assets')).filter(
    (f) => f.endsWith('.js') && html.includes(f) && !f.startsWith('PiecesPlace'),
  );
  return (
    files.reduce((sum, f) => sum + gzipSync(readFileSync(join(dist, 'assets', f))).length, 0) / 1000
  );
}

/** Builds the page and weighs it; a small run weighs what is built. */
export function measureScript(): Row[] {
  if (
    !SMALL &&
    spawnSync('npm', ['run', '--silent', 'build'], { cwd: home, stdio: 'inherit' }).status !== 0
  )
    throw new Error('the page could not be built');
  return [
    {
      what: 'initial script, gzip',
      measured: `${initialScript().toFixed(0)} kB`,
      wanted: '< 150 kB',
    },
  ];
}
