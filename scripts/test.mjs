// npm test: installs what is missing; types, words, lint, format, house, arrows, unused code, unit and screen tests, interface tests.
// Two lanes beside each other, so that neither core waits: what reads the source, and what runs it. Then the interface tests on two
// workers. The time of every stage and the share of tests are told at the end, and the last line is "N passed, N failed".
// With --long what is long by nature runs too (npm run test:long), before an issue is said to be done.
import { spawn } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { ensureChromium, ensurePackages, home } from './lib.mjs';
import { shareOfTests } from './share.mjs';

const results = join(home, 'test-results');
const stages = [];
let passed = 0;
let failed = 0;

/** Runs a program; its output is kept together and printed when it ends. */
function stage(name, command, args, env = {}) {
  const since = Date.now();
  return new Promise((done) => {
    const child = spawn(command, args, { cwd: home, env: { ...process.env, ...env } });
    const said = [];
    child.stdout.on('data', (chunk) => said.push(chunk));
    child.stderr.on('data', (chunk) => said.push(chunk));
    child.on('close', (code) => {
      const seconds = (Date.now() - since) / 1000;
      stages.push({ name, seconds });
      const good = code === 0;
      console.log(`\n— ${name}: ${good ? 'good' : 'FAILED'} (${seconds.toFixed(0)} s)`);
      process.stdout.write(Buffer.concat(said));
      done(good);
    });
  });
}

/** What is long by nature is asked too. */
const LONG = process.argv.includes('--long') ? { ZANFIRICO_LONG: '1' } : {};

/** A stage that passes or fails as one. */
async function check(name, script) {
  const good = await stage(name, 'npm', ['run', '--silent', script], LONG);
  if (good) passed += 1;
  else failed += 1;
  return good;
}

/** A runner that counts for itself; one that left no counts has failed as a whole. */
async function counted(name, args, file, count, env) {
  const good = await stage(name, 'npx', args, env);
  const path = join(results, file);
  const counts = existsSync(path) ? count(JSON.parse(readFileSync(path, 'utf8'))) : undefined;
  const wrong = counts?.failed ?? 0;
  passed += counts?.passed ?? 0;
  failed += wrong === 0 && (!good || !counts || counts.passed === 0) ? 1 : wrong;
}

ensurePackages();
ensureChromium();
rmSync(results, { recursive: true, force: true });
mkdirSync(results, { recursive: true });
const since = Date.now();

let built = false;
/** What reads the source: types, words and lint over one program, the rest one after another. */
const read = async () => {
  await check('types, words and lint', 'check');
  await check('format', 'check:format');
  await check('house', 'check:house');
  await check('arrows', 'check:arrows');
  await check('unused', 'check:unused');
  // Every measure goes through, for as little as shows that it does; those that take a browser in the long run.
  await check('measures', LONG.ZANFIRICO_LONG ? 'bench:small' : 'bench:small:node');
};
/** What runs it: unit tests and those of screens in one go; the page is built first, for what serves it. */
const run = async () => {
  built = await check('build', 'build');
  await counted(
    'unit and screen tests',
    ['jest', '--maxWorkers=2', '--forceExit', '--json', '--outputFile=test-results/jest.json'],
    'jest.json',
    (r) => ({ passed: r.numPassedTests, failed: r.numFailedTests + r.numRuntimeErrorTestSuites }),
    LONG,
  );
};
await Promise.all([read(), run()]);

if (built)
  await counted(
    'interface tests',
    ['playwright', 'test', '-c', 'e2e'],
    'e2e.json',
    (r) => ({ passed: r.stats.expected, failed: r.stats.unexpected + r.stats.flaky }),
    LONG,
  );

console.log(`\n${stages.map((s) => `${s.name} ${s.seconds.toFixed(0)} s`).join(' · ')}`);
console.log(`all of it ${((Date.now() - since) / 60_000).toFixed(1)} min`);
const { tests, lines, share } = shareOfTests();
console.log(`tests are ${tests} of ${lines} lines of TypeScript, ${(100 * share).toFixed(1)} %`);
console.log(`\n${passed} passed, ${failed} failed`);
process.exit(failed === 0 ? 0 : 1);
