// npm test: installs what is missing; types, lint, format, words, arrows, unused code, unit tests, interface tests.
// Two lanes beside each other while nothing needs a browser; then the interface tests on two workers. The time of every stage and
// the share of tests are told at the end, and the last line is "N passed, N failed".
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

/** A stage that passes or fails as one. */
async function check(name, script) {
  const good = await stage(name, 'npm', ['run', '--silent', script]);
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

/** One of Jest's two projects. */
const jest = (project, workers) =>
  counted(
    `${project} tests`,
    [
      'jest',
      `--selectProjects=${project}`,
      `--maxWorkers=${workers}`,
      '--json',
      `--outputFile=test-results/${project}.json`,
    ],
    `${project}.json`,
    (r) => ({ passed: r.numPassedTests, failed: r.numFailedTests + r.numRuntimeErrorTestSuites }),
  );

ensurePackages();
ensureChromium();
rmSync(results, { recursive: true, force: true });
mkdirSync(results, { recursive: true });
const since = Date.now();

let built = false;
const programs = async () => {
  await check('types', 'check:types');
  await check('lint', 'check:lint');
  await check('format', 'check:format');
  await check('words', 'check:words');
};
const rest = async () => {
  built = await check('build', 'build');
  await check('arrows', 'check:arrows');
  await check('unused', 'check:unused');
  await jest('unit', 1);
};
await Promise.all([programs(), rest()]);
await jest('screens', 2);

if (built)
  await counted('interface tests', ['playwright', 'test', '-c', 'e2e'], 'e2e.json', (r) => ({
    passed: r.stats.expected + r.stats.flaky,
    failed: r.stats.unexpected,
  }));

console.log(`\n${stages.map((s) => `${s.name} ${s.seconds.toFixed(0)} s`).join(' · ')}`);
console.log(`all of it ${((Date.now() - since) / 60_000).toFixed(1)} min`);
const { tests, lines, share } = shareOfTests();
console.log(`tests are ${tests} of ${lines} lines of TypeScript, ${(100 * share).toFixed(1)} %`);
console.log(`\n${passed} passed, ${failed} failed`);
process.exit(failed === 0 ? 0 : 1);
