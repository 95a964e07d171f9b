// npm run demo:photos: the demo's pictures, drawn by the app itself: a bowl as it turns, and its night between polarisers.
import { chromium } from '@playwright/test';
import { spawnSync } from 'node:child_process';
import { mkdirSync } from 'node:fs';
import { dirname, join, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import { CHROMIUM } from './chromium';
import { startServer } from './server';

const home = resolve(dirname(fileURLToPath(import.meta.url)), '..');
const folder = join(home, 'server', 'src', 'demo', 'photos');
const build = spawnSync('npm', ['run', '--silent', 'build'], { cwd: home, stdio: 'inherit' });
if (build.status !== 0) process.exit(1);
mkdirSync(folder, { recursive: true });

const server = await startServer();
const browser = await chromium.launch(CHROMIUM);
try {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 }, locale: 'en-GB' });
  await page.goto(`${server.url}/pieces`);
  await page.getByRole('link', { name: 'Tide-pool bowl' }).click();
  const glass = page.locator('canvas').first();
  await glass.waitFor({ timeout: 60_000 });
  await page.waitForTimeout(6000);
  await glass.screenshot({ path: join(folder, 'bowl.jpg'), type: 'jpeg', quality: 80 });
  await page.getByRole('link', { name: 'Its night' }).click();
  await page.getByRole('tab', { name: 'Where' }).click();
  const looks = page.getByRole('radio', { name: /Polarisers/ });
  await looks.waitFor({ timeout: 120_000 });
  await looks.check({ force: true });
  const seen = page.getByRole('img', { name: /^Between crossed polarisers/ });
  await seen.waitFor();
  await page.waitForTimeout(800);
  await seen.screenshot({ path: join(folder, 'between.jpg'), type: 'jpeg', quality: 85 });
} finally {
  await browser.close();
  server.stop();
}
