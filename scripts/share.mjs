// How much of the TypeScript is tests, by lines that are not blank; declarations are neither.
import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { home } from './lib.mjs';

const isTest = (file) =>
  /(\.test\.tsx?|\.spec\.ts)$|^e2e\/|^web\/testing\/|\.fixture\.tsx?$/.test(file);

/** Lines of tests, of all, and their share. */
export function shareOfTests() {
  const files = execFileSync('git', ['ls-files', '-co', '--exclude-standard', '*.ts', '*.tsx'], {
    cwd: home,
    encoding: 'utf8',
  })
    .split('\n')
    .filter((f) => f !== '' && !f.endsWith('.d.ts'));
  const linesOf = (file) => {
    try {
      return readFileSync(join(home, file), 'utf8')
        .split('\n')
        .filter((l) => l.trim() !== '').length;
    } catch {
      return 0;
    }
  };
  let [tests, lines] = [0, 0];
  for (const file of files) {
    const n = linesOf(file);
    lines += n;
    if (isTest(file)) tests += n;
  }
  return { tests, lines, share: tests / lines };
}
