// Shared by the commands: running programs, and installing what a fresh machine lacks.
import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { dirname, join, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';

export const home = resolve(dirname(fileURLToPath(import.meta.url)), '..');

/** Runs a program in the checkout with its output on ours; its exit code. */
export function run(command, args, options = {}) {
  const { status } = spawnSync(command, args, { cwd: home, stdio: 'inherit', ...options });
  return status ?? 1;
}

/** npm install, unless the installed packages are already those of the lock file. */
export function ensurePackages() {
  const mark = join(home, 'node_modules', '.zanfirico-lock');
  const lock = createHash('sha256')
    .update(readFileSync(join(home, 'package-lock.json')))
    .update(process.version)
    .digest('hex');
  if (existsSync(mark) && readFileSync(mark, 'utf8') === lock) return;
  console.log('Installing packages (the database engine compiles: about three minutes) …');
  if (run('npm', ['ci', '--no-audit', '--no-fund']) !== 0) process.exit(1);
  writeFileSync(mark, lock);
}

/** Debian's Chromium for the interface tests, installed when absent and allowed. */
export function ensureChromium() {
  const path = process.env.ZANFIRICO_CHROMIUM ?? '/usr/bin/chromium';
  if (existsSync(path)) return;
  console.log('Installing Chromium for the interface tests …');
  if (run('apt-get', ['update']) !== 0 || run('apt-get', ['install', '-y', 'chromium']) !== 0) {
    console.error(
      `No Chromium at ${path}, and it could not be installed. Install it, or name one in ZANFIRICO_CHROMIUM.`,
    );
    process.exit(1);
  }
}
