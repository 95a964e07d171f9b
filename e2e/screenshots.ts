// npm run screenshots: one current picture per main view, from the demo data, into docs/screenshots/.
import { chromium, type Page } from '@playwright/test';
import { spawnSync } from 'node:child_process';
import { mkdirSync } from 'node:fs';
import { dirname, join, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import { CHROMIUM } from './chromium';
import { startServer } from './server';

const home = resolve(dirname(fileURLToPath(import.meta.url)), '..');
const folder = join(home, 'docs', 'screenshots');

const build = spawnSync('npm', ['run', '--silent', 'build'], { cwd: home, stdio: 'inherit' });
if (build.status !== 0) process.exit(1);
mkdirSync(folder, { recursive: true });

const server = await startServer();
const browser = await chromium.launch(CHROMIUM);
const page = await browser.newPage({
  viewport: { width: 1280, height: 800 },
  locale: 'en-GB',
  timezoneId: 'UTC',
});

async function shoot(name: string, more?: (page: Page) => Promise<void>): Promise<void> {
  await page.waitForLoadState('networkidle');
  await more?.(page);
  await page.waitForTimeout(350);
  await page.screenshot({ path: join(folder, `${name}.png`) });
  process.stdout.write(`docs/screenshots/${name}.png\n`);
}

try {
  await page.goto(`${server.url}/pieces`);
  await shoot('pieces');
  await page.getByRole('button', { name: 'New piece' }).click();
  await shoot('new-piece');
  await page.getByRole('button', { name: 'Not now' }).click();
  await page.getByRole('link', { name: 'Oil cruet' }).click();
  await shoot('section', async (p) => {
    await p.getByRole('button', { name: /^Point 6:/ }).focus();
  });
  await page
    .getByRole('region', { name: 'Answers' })
    .getByRole('button', { name: 'In the box' })
    .click();
  await shoot('why');
  await page.keyboard.press('Escape');
  for (const sheet of ['braid', 'night', 'card']) {
    await page.goto(page.url().replace(/\/\w+$/, `/${sheet}`));
    await shoot(sheet);
  }
  await page.goto(`${server.url}/rack`);
  await shoot('rack');
  await page.getByRole('button', { name: /Light and dark/ }).click();
  await page.goto(`${server.url}/pieces`);
  await page.getByRole('link', { name: 'Tide-pool bowl' }).click();
  await shoot('section-light');
} finally {
  await browser.close();
  server.stop();
}
