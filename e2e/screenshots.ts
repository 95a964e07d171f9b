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

const server = await startServer(0, undefined, ['--lan']);
await server.network();
const browser = await chromium.launch(CHROMIUM);
const page = await browser.newPage({
  viewport: { width: 1280, height: 800 },
  locale: 'en-GB',
  timezoneId: 'UTC',
  colorScheme: 'dark',
});

async function shoot(name: string, more?: (page: Page) => Promise<void>): Promise<void> {
  // A bench that is followed is never idle.
  await page.waitForLoadState('networkidle', { timeout: 6000 }).catch(() => undefined);
  await more?.(page);
  await page.waitForTimeout(350);
  await page.screenshot({ path: join(folder, `${name}.png`) });
  process.stdout.write(`docs/screenshots/${name}.png\n`);
}

/** Opens a piece from the shelf. */
async function open(name: string): Promise<void> {
  await page.goto(`${server.url}/pieces`);
  await page.getByRole('link', { name }).click();
  await page.getByRole('region', { name: 'Answers' }).waitFor();
}

try {
  // The class is at the bench when the demo begins: it goes cold by itself.
  await page.goto(`${server.url}/wall/class`);
  await shoot('class-wall', (p) => p.waitForTimeout(4000));
  await page.goto(`${server.url}/class`);
  await page.getByRole('link', { name: /Thursday class/ }).click();
  await page.getByRole('link', { name: 'Students’ sheets' }).click();
  await page.getByLabel('Whose sheet').selectOption('Blue apron');
  await shoot('student', (p) => p.getByRole('region', { name: 'Next time' }).waitFor());
  await page.goto(`${server.url}/rack/screens`);
  await page.getByRole('button', { name: 'Show a code' }).click();
  await shoot('screens', (p) => p.waitForTimeout(800));
  await page.goto(`${server.url}/pieces`);
  // Every night on the shelf has been worked out, as it is from the second visit on.
  await shoot('pieces', async (p) => {
    await p.getByText('night being checked').first().waitFor({ state: 'hidden', timeout: 120_000 });
  });
  await page.getByRole('link', { name: 'Oil cruet' }).click();
  await shoot('section', async (p) => {
    await p.getByRole('button', { name: /^Point 6:/ }).focus();
    await p.waitForTimeout(3500);
  });
  await open('Tide-line plate');
  await shoot('from-above', async (p) => {
    await p
      .getByRole('button', { name: /^strip .*arrows move it/ })
      .first()
      .focus();
    await p.waitForTimeout(800);
  });
  await page.getByRole('link', { name: 'Firing', exact: true }).click();
  await shoot('firing', async (p) => {
    await p.getByText('being simulated').first().waitFor({ state: 'hidden', timeout: 60_000 });
    await p.waitForTimeout(1500);
  });
  await open('Tide-pool bowl');
  await page.getByRole('link', { name: 'Colour' }).click();
  await shoot('colour', (p) => p.waitForTimeout(800));
  await open('Harbour candlestick');
  await page.getByRole('link', { name: 'Braid' }).click();
  await shoot('braid', async (p) => {
    await p.getByRole('button', { name: 'Plan the crew' }).click();
    await p.getByText('This crew').waitFor({ timeout: 30_000 });
    await p.getByRole('slider', { name: /^Braid/ }).scrollIntoViewIfNeeded();
    await p.evaluate(() => {
      window.scrollTo(0, 60);
    });
  });
  await open('Oil cruet');
  for (const sheet of ['night', 'card']) {
    await page.goto(page.url().replace(/\/\w+$/, `/${sheet}`));
    await shoot(sheet, async (p) => {
      if (sheet === 'night') await p.getByText(/still hold/).waitFor({ timeout: 60_000 });
      await p.waitForTimeout(1500);
    });
  }
  await open('Quay goblet');
  await page.getByRole('link', { name: 'Its night' }).click();
  await page.getByRole('tab', { name: 'Where' }).click();
  await page.getByRole('img', { name: /^The section once cold/ }).waitFor({ timeout: 60_000 });
  await shoot('where', async (p) => {
    await p.getByRole('tab', { name: 'Where' }).evaluate((e) => {
      e.scrollIntoView({ block: 'start' });
    });
  });
  await page.goto(`${server.url}/bench`);
  await page
    .getByRole('region', { name: 'Make a piece' })
    .getByRole('link', { name: 'Harbour candlestick', exact: true })
    .click();
  await page.getByRole('button', { name: 'Rehearse without glass' }).click();
  await page.getByRole('button', { name: '×8' }).click();
  for (let k = 0; k < 33; k += 1) {
    // At eight times the pace, about as long as the plan has each step.
    await page.waitForTimeout(1250);
    await page.keyboard.press('Space');
  }
  await shoot('bench', (p) => p.waitForTimeout(900));
  await page.goto(`${server.url}/log?came=lost&find=colour`);
  await page
    .getByRole('region', { name: 'Everything made' })
    .getByRole('link', { name: /^Tide-pool bowl/ })
    .first()
    .click();
  await page
    .getByText(/Its (night|box).*(reache|left|leaves)/)
    .first()
    .waitFor({ timeout: 60_000 });
  await shoot('why-it-broke');
  await page.goto(`${server.url}/log`);
  await shoot('log', (p) => p.waitForTimeout(900));
  await page.goto(`${server.url}/pot`);
  await shoot('pot', (p) =>
    p.getByRole('region', { name: 'What is wanted of it' }).waitFor({ timeout: 120_000 }),
  );
  await page.goto(`${server.url}/night`);
  for (const name of ['Harbour candlestick', 'Tide-pool bowl', 'Oil cruet', 'Salt cellar']) {
    await page.getByLabel('Find a piece for the box').fill(name);
    await page.getByRole('button', { name: new RegExp(`^${name}`) }).click();
  }
  await page.getByLabel('Salt cellar, so many').fill('3');
  await page.keyboard.press('Enter');
  await page.getByText(/sets the clock/).waitFor({ timeout: 30_000 });
  // Sent to the box and run by its stand-in, with two hours without power.
  await page.getByRole('button', { name: 'Send this night to the front box' }).click();
  await page.getByText(/read back the same; it was not started/).waitFor();
  await page.getByRole('button', { name: 'See it at the box' }).click();
  const front = page.getByRole('article', { name: 'the front box' });
  await front.getByRole('button', { name: 'Start it now' }).click();
  await front.getByText('It is a stand-in').click();
  await front.getByText('600 times faster', { exact: true }).click();
  // Two hours of climb and five of the hold, at that pace.
  await page.waitForTimeout(43_000);
  await front.getByRole('button', { name: 'power away' }).click();
  await front.getByText(/it had no power/).waitFor({ timeout: 90_000 });
  await front.getByText('60 times faster', { exact: true }).click();
  await front.getByText(/By what was measured it keeps/).waitFor({ timeout: 120_000 });
  await front.getByText('It is a stand-in').click();
  await shoot('at-the-boxes', async (p) => {
    await p.evaluate(() => {
      window.scrollTo(0, 0);
    });
    await front.getByText(/By what was measured it keeps/).waitFor({ timeout: 120_000 });
  });
  await page.goto(`${server.url}/orders`);
  await page.getByRole('region', { name: 'The days to come' }).waitFor({ timeout: 120_000 });
  await shoot('orders', (p) => p.waitForTimeout(800));
  await page.goto(`${server.url}/rack?entry=deep-water`);
  await shoot('rack');
} finally {
  await browser.close();
  server.stop();
}
