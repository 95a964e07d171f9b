// npm test: installs what is missing; types, lint, format, arrows, unused code, unit tests, interface tests.
// Ends with a line "N passed, N failed".
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { ensureChromium, ensurePackages, home, run } from './lib.mjs';

const results = join(home, 'test-results');
let passed = 0;
let failed = 0;

function check(name, command, args) {
  console.log(`\n— ${name}`);
  const ok = run(command, args) === 0;
  if (ok) passed += 1;
  else failed += 1;
  console.log(ok ? `  ${name}: good` : `  ${name}: FAILED`);
  return ok;
}

/** Adds a runner's own counts; a runner that left none has failed as a whole. */
function tally(file, count) {
  const path = join(results, file);
  if (!existsSync(path)) {
    failed += 1;
    return;
  }
  const counts = count(JSON.parse(readFileSync(path, 'utf8')));
  passed += counts.passed;
  failed += counts.failed;
  if (counts.passed + counts.failed === 0) failed += 1;
}

ensurePackages();
ensureChromium();
rmSync(results, { recursive: true, force: true });
mkdirSync(results, { recursive: true });

for (const [name, script] of [
  ['types', 'check:types'],
  ['lint', 'check:lint'],
  ['format', 'check:format'],
  ['arrows', 'check:arrows'],
  ['unused', 'check:unused'],
])
  check(name, 'npm', ['run', '--silent', script]);

console.log('\n— unit tests');
const unit = run('npx', ['jest', '--json', '--outputFile', 'test-results/unit.json']);
tally('unit.json', (r) => ({
  passed: r.numPassedTests,
  failed: r.numFailedTests + r.numRuntimeErrorTestSuites,
}));
if (unit !== 0 && failed === 0) failed += 1;

if (check('build', 'npm', ['run', '--silent', 'build'])) {
  console.log('\n— interface tests');
  const before = failed;
  const e2e = run('npx', ['playwright', 'test', '-c', 'e2e']);
  tally('e2e.json', (r) => ({
    passed: r.stats.expected + r.stats.flaky,
    failed: r.stats.unexpected,
  }));
  if (e2e !== 0 && failed === before) failed += 1;
}

console.log(`\n${passed} passed, ${failed} failed`);
process.exit(failed === 0 ? 0 : 1);
