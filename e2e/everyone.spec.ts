// For everyone: axe, narrow screens, a silent server, the keyboard alone.
import type { Page } from '@playwright/test';
import {
  answer,
  expect,
  expectAccessible,
  expectContrast,
  openPiece,
  startPiece,
  test,
} from './house';

test.describe('for everyone', () => {
  test('from an empty name to a saved, thicker bowl with the keyboard alone', async ({ page }) => {
    await page.goto('/pieces');
    await page.getByRole('button', { name: 'New piece' }).focus();
    await page.keyboard.press('Enter');
    await expect(page.getByRole('dialog')).toBeVisible();
    await page.getByRole('radio', { name: 'tumbler' }).focus();
    await page.keyboard.press('ArrowRight');
    await page.getByLabel('Name', { exact: true }).focus();
    await page.keyboard.type('Keyboard bowl');
    await page.keyboard.press('Enter');
    await expect(page).toHaveURL(/section$/);
    await page.getByRole('button', { name: /^Wall at point 6:/ }).focus();
    // A key held: five repeats within one gesture, however slow the machine is.
    await page.getByRole('button', { name: /^Wall at point 6:/ }).evaluate(async (handle) => {
      for (let i = 0; i < 5; i += 1) {
        handle.dispatchEvent(
          new KeyboardEvent('keydown', { key: 'ArrowUp', shiftKey: true, bubbles: true }),
        );
        await new Promise((drawn) => setTimeout(drawn, 0));
      }
    });
    await expect(page.getByLabel('Point 6 wall')).toHaveValue('8.4');
    await page.keyboard.press('Control+z');
    await expect(page.getByLabel('Point 6 wall')).toHaveValue('3.4');
    await page.keyboard.press('Control+y');
    await page.keyboard.press('Control+s');
    await expect(page.getByText('Saved as revision 2.')).toBeVisible();
  });

  test('a finger drags a point on a tablet', async ({ browser, baseURL }) => {
    const context = await browser.newContext({
      baseURL,
      hasTouch: true,
      viewport: { width: 820, height: 1180 },
    });
    const page = await context.newPage();
    await startPiece(page, 'bowl', 'Touched bowl');
    const box = await page
      .getByRole('button', { name: /^Point 6:/ })
      .locator('circle')
      .last()
      .boundingBox();
    if (!box) throw new Error('the handle is not drawn');
    const x = box.x + box.width / 2;
    const y = box.y + box.height / 2;
    const touch = await context.newCDPSession(page);
    const send = (type: 'touchStart' | 'touchMove' | 'touchEnd', dx: number) =>
      touch.send('Input.dispatchTouchEvent', {
        type,
        touchPoints: type === 'touchEnd' ? [] : [{ x: x + dx, y }],
      });
    await send('touchStart', 0);
    await send('touchMove', -12);
    await send('touchMove', -30);
    await send('touchEnd', 0);
    await expect(page.getByLabel('Point 6 radius')).not.toHaveValue('99.5');
    await context.close();
  });

  /** Sheets of a piece, with the leaf or tab that is looked at there. */
  const SHEETS: readonly (readonly [sheet: string, tab?: string])[] = [
    ['section'],
    ['section', 'Make'],
    ['section', 'Pattern'],
    ['colour'],
    ['braid'],
    ['night'],
    ['night', 'Accidents'],
    ['card'],
  ];
  /** Those first whose colours are their own. */
  const PLACES = [
    '/pieces',
    '/rack?entry=kelp',
    '/rack/tests?first=oxide&second=soft-batch-96',
    '/night',
    '/rack/glasses',
    '/rack/shop',
    '/pot',
    '/nowhere',
  ];
  for (const theme of ['dark', 'light']) {
    // What is not contrast is the same in both.
    const look = theme === 'dark' ? (p: Page) => expectAccessible(p, true) : expectContrast;
    const dress = async (page: Page): Promise<void> => {
      if (theme === 'light') await page.getByRole('button', { name: /Light and dark/ }).click();
    };

    // Colours of the light theme are looked at in the long sweep.
    const tag = theme === 'light' ? ['@long'] : [];
    test(`axe finds nothing on any sheet of a piece, ${theme}`, { tag }, async ({ page }) => {
      await openPiece(page, 'Quay goblet');
      await dress(page);
      await answer(page, 'In the box').click();
      await look(page);
      await page.keyboard.press('Escape');
      const sheets = page.getByRole('navigation', { name: 'Sheets' });
      for (const [sheet, tab] of SHEETS) {
        // Contrast is looked at sheet by sheet: what a tab shows has the colours of its sheet.
        if (theme === 'light' && tab !== undefined) continue;
        if (!page.url().endsWith(sheet))
          await sheets.getByRole('link', { name: new RegExp(`^(its )?${sheet}$`, 'i') }).click();
        await expect(page).toHaveURL(new RegExp(`/${sheet}$`));
        await expect(page.getByRole('region', { name: 'Answers' })).toContainText('Door');
        if (sheet === 'night') await expect(page.getByText('strain point')).toBeVisible();
        if (tab !== undefined) await page.getByRole('tab', { name: tab }).click();
        await expect(page.getByText(/One moment|Being simulated|working …/)).toHaveCount(0);
        if (tab === undefined) await look(page);
        else await expectAccessible(page);
      }
    });

    test(`axe finds nothing in any place, ${theme}`, { tag }, async ({ page }) => {
      await page.goto('/pieces');
      await dress(page);
      for (const path of theme === 'light' ? PLACES.slice(0, 4) : PLACES) {
        const link = page.getByRole('navigation', { name: 'Places' }).getByRole('link', {
          name: new RegExp(`^${path.slice(1)}$`, 'i'),
        });
        // By its link where it has one: the page need not come again.
        if ((await link.count()) === 1) await link.click();
        else await page.goto(path);
        await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
        await expect(page).toHaveURL(new RegExp(path.replace(/\?.*$/, '')));
        await look(page);
      }
      await page.goto('/pieces');
      await page.getByRole('button', { name: 'New piece' }).click();
      await look(page);
    });
  }

  /** By how much a page is wider than its window, px; while it is still being laid out that may be anything. */
  const over = (page: Page): Promise<number> =>
    page.evaluate(
      () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
    );

  test(
    'the screens fit any width without sideways scrolling, down to 320 px',
    { tag: '@long' },
    async ({ page }) => {
      await openPiece(page, 'Tide-pool bowl');
      for (const width of [1920, 820, 390, 320]) {
        await page.setViewportSize({ width, height: 1000 });
        for (const sheet of ['section', 'colour', 'braid', 'night', 'card', 'cost']) {
          await page.goto(page.url().replace(/\/\w+$/, `/${sheet}`));
          await expect(page.getByRole('region', { name: 'Answers' })).toContainText('Door');
          await expect
            .poll(() => over(page), `${sheet} at ${String(width)}`)
            .toBeLessThanOrEqual(0);
        }
      }
      await page.setViewportSize({ width: 320, height: 640 });
      for (const [path, there] of [
        ['/pieces', 'Pieces'],
        ['/rack', 'Rack'],
        ['/rack/glasses', 'Rack'],
        ['/rack/tests', 'Rack'],
        ['/rack/shop', 'Rack'],
        ['/night', 'Night'],
        ['/orders', 'Orders'],
        ['/pot', 'Pot'],
      ] as const) {
        await page.goto(path);
        await expect(page.getByRole('heading', { name: there, exact: true })).toBeVisible();
        await page.waitForTimeout(500);
        await expect.poll(() => over(page), path).toBeLessThanOrEqual(0);
      }
    },
  );
});
