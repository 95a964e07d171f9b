// Another language, everywhere: the page, what its workers and its server say, days, paper and the pairing page.
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { Page } from '@playwright/test';
import type { ShelfPage } from '@zanfirico/contract';
import { expect, expectAccessible, test } from './house';
import { startServer } from './server';

const italian = JSON.parse(
  readFileSync(join(import.meta.dirname, '../words/it.json'), 'utf8'),
) as Record<string, string>;
/** What the demo studio wrote itself: its names stay its own. */
const THEIRS = /^(second hand|third hand|As planned|A clean neck|Each side with the calipers)$/;
/** Sentences that are said another way in Italian. */
const ENGLISH = Object.entries(italian).flatMap(([message, said]) => {
  const bare = message.trim();
  return said !== message &&
    bare.length > 6 &&
    /\s/.test(bare) &&
    !THEIRS.test(bare) &&
    !bare.includes('{')
    ? [bare]
    : [];
});

/** English sentences anybody can read, or hear, on the page. */
const leftIn = (page: Page): Promise<string[]> =>
  page.evaluate((english) => {
    const known = new Set(english);
    const found: string[] = [];
    const texts = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
    while (texts.nextNode()) {
      const says = texts.currentNode.textContent?.trim() ?? '';
      if (known.has(says)) found.push(says);
    }
    for (const of of ['aria-label', 'title', 'placeholder'])
      for (const e of document.querySelectorAll(`[${of}]`)) {
        const says = e.getAttribute(of)?.trim() ?? '';
        if (known.has(says)) found.push(`${of}: ${says}`);
      }
    return found;
  }, ENGLISH);

/** A demo piece’s address. */
async function pieceAt(page: Page, name: string): Promise<string> {
  const list = await page.request.get(`/api/pieces?find=${encodeURIComponent(name)}`);
  const piece = ((await list.json()) as ShelfPage).lines.find((p) => p.name === name);
  if (!piece) throw new Error(`no piece is called ${name}`);
  return `/pieces/${piece.id}`;
}

test.describe('an Italian browser', () => {
  test.use({ locale: 'it-IT' });

  test(
    'finds every place in Italian, whole, and no sentence left in English',
    { tag: '@long' },
    async ({ page }) => {
      test.slow();
      const at = await pieceAt(page, 'Quay goblet');
      for (const [path, title] of [
        ['/pieces', 'Pezzi'],
        ['/rack', 'Rastrelliera'],
        ['/rack/tests', 'Rastrelliera'],
        ['/rack/shop', 'Rastrelliera'],
        ['/rack/screens', 'Rastrelliera'],
        ['/pot', 'Crogiolo'],
        ['/bench', 'Banco'],
        ['/night', 'Notte'],
        ['/log', 'Registro'],
        ['/orders', 'Ordinazioni'],
        ['/class', 'Corso'],
        [`${at}/section`, ''],
        [`${at}/colour`, ''],
        [`${at}/braid`, ''],
        [`${at}/night`, ''],
        [`${at}/card`, ''],
        [`${at}/cost`, ''],
      ] as const) {
        await page.goto(path);
        if (title === '')
          await expect(page.getByRole('region', { name: 'Risposte' })).toContainText('Sportello');
        else await expect(page.getByRole('heading', { name: title, level: 1 })).toBeVisible();
        expect(await leftIn(page), path).toEqual([]);
        expect(await page.evaluate(() => document.documentElement.lang)).toBe('it');
        // Longer words push nothing out of the page.
        expect(
          await page.evaluate(
            () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
          ),
          path,
        ).toBeLessThanOrEqual(0);
      }
      await expectAccessible(page);
    },
  );

  test(
    'is answered by workers and server in Italian, with commas',
    { tag: '@long' },
    async ({ page }) => {
      const at = await pieceAt(page, 'Quay goblet');
      await page.goto(`${at}/night`);
      // Simulated by a worker.
      await expect(page.getByText(/Trattiene \d+,\d+ MPa di 1,00 MPa/).first()).toBeVisible({
        timeout: 60_000,
      });
      await expect(page.getByText(/Lo sportello si può aprire/).first()).toBeVisible();
      // Drafted and placed by another.
      await page.goto(`${at}/braid`);
      await expect(page.getByRole('table').getByText('Scalda il ferro').first()).toBeVisible();
      // Refused by the server.
      await page.goto('/pieces/2f8fad5b-d9cb-469f-a165-70867728950e/section');
      await expect(
        page.getByText('Non c’è un tale pezzo su questo scaffale.').first(),
      ).toBeVisible();
    },
  );

  test('on a phone nothing is pushed off its side', { tag: '@long' }, async ({ page }) => {
    await page.setViewportSize({ width: 320, height: 700 });
    const at = await pieceAt(page, 'Quay goblet');
    for (const path of [
      '/pieces',
      '/bench',
      '/night',
      '/log',
      '/rack',
      `${at}/section`,
      `${at}/night`,
    ]) {
      await page.goto(path);
      await expect(page.locator('main')).not.toBeEmpty();
      await page.waitForLoadState('networkidle');
      expect(
        await page.evaluate(
          () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
        ),
        path,
      ).toBeLessThanOrEqual(0);
    }
  });
});

test('a language is chosen in the head, and stays; what is not saved comes with it', async ({
  page,
}) => {
  await page.goto('/pieces');
  const at = await pieceAt(page, 'Tide-pool bowl');
  await page.goto(`${at}/section`);
  const name = page.getByLabel('Name of the piece');
  await name.fill('Ciotola di prova');
  await name.press('Enter');
  await expect(page.getByRole('button', { name: 'Save' })).toBeVisible();
  await page.waitForTimeout(800);
  await page.locator('summary', { hasText: 'en' }).click();
  await page.getByRole('button', { name: 'Italiano' }).click();
  await expect(page.getByLabel('Nome del pezzo')).toHaveValue('Ciotola di prova');
  await expect(page.getByText('0,5', { exact: true }).first()).toBeVisible();
  await page.reload();
  await expect(page.getByRole('link', { name: 'Pezzi', exact: true })).toBeVisible();
  // And back, by name.
  await page.keyboard.press('Control+k');
  await page.keyboard.type('English');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('link', { name: 'Pieces', exact: true })).toBeVisible();
  await expect(page.getByLabel('Name of the piece')).toHaveValue('Ciotola di prova');
});

test(
  'a screen that is not let in yet is asked in its own language, and nothing more of the app is shown',
  { tag: '@long' },
  async ({ browser }) => {
    const server = await startServer(0, undefined, ['--lan']);
    try {
      const address = await server.network();
      const context = await browser.newContext({ ignoreHTTPSErrors: true, locale: 'it-IT' });
      const page = await context.newPage();
      await page.goto(address);
      await expect(page).toHaveTitle('Fai entrare questo schermo · Zanfirico');
      await expect(
        page.getByText('Lo schermo di un capo mostra sei cifre', { exact: false }),
      ).toBeVisible();
      for (const digit of '123456')
        await page.getByRole('button', { name: digit, exact: true }).click();
      await expect(page.getByText(/^Non è un codice che valga ora/)).toBeVisible();
      await expectAccessible(page);
      await context.close();
    } finally {
      server.stop();
    }
  },
);
