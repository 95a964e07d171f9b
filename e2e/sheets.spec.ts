// Night and Card of a piece.
import { expect, openPiece, test } from './house';

test.describe('night, braid and card', () => {
  test('the card is one A4 page in print where it has few steps, two where it has many, without the rest of the screen', async ({
    page,
  }) => {
    for (const [name, most] of [
      ['Tide-pool bowl', 2],
      ['Rain gauge', 1],
      ['Oil cruet', 2],
      ['Harbour candlestick', 2],
    ] as const) {
      await openPiece(page, name);
      await page.getByRole('link', { name: 'Card' }).click();
      await expect(page.getByRole('article', { name: 'Bench card' })).toContainText(
        'Night: door may open',
      );
      await expect(page.getByRole('heading', { name: 'Order of work' })).toBeVisible();
      const pdf = await page.pdf({ preferCSSPageSize: true });
      const pages = pdf.toString('latin1').match(/\/Type\s*\/Page[^s]/g) ?? [];
      expect(pages.length, name).toBeLessThanOrEqual(most);
      await page.emulateMedia({ media: 'print' });
      await expect(page.getByRole('banner')).toBeHidden();
      await page.emulateMedia({ media: null });
    }
  });

  test('the card is read at arm’s length: nothing below 9 pt, columns apart, in the clock’s order', async ({
    page,
  }) => {
    await openPiece(page, 'Harbour candlestick');
    await page.getByRole('link', { name: 'Card' }).click();
    await expect(page.getByRole('heading', { name: 'Order of work' })).toBeVisible();
    await page.setViewportSize({ width: 703, height: 1000 }); // A4 between its margins
    await page.emulateMedia({ media: 'print' });
    const card = page.getByRole('article', { name: 'Bench card' });
    const small = await card.evaluate((e) =>
      [...e.querySelectorAll('li, li *, dd, dt, td, th, footer, p')]
        .filter((n) => !n.closest('svg') && n.textContent.trim() !== '')
        .map((n) => [Number.parseFloat(getComputedStyle(n).fontSize), n.textContent] as const)
        .filter(([px]) => px < 11.99),
    );
    expect(small).toEqual([]);
    const rows = await card
      .locator('ol')
      .last()
      .locator('> li')
      .evaluateAll((items) =>
        items.map((n) => {
          const { left, right } = n.getBoundingClientRect();
          return { left, right, at: n.firstElementChild?.textContent ?? '' };
        }),
      );
    const first = Math.min(...rows.map((r) => r.left));
    const [one, two] = [
      rows.filter((r) => r.left < first + 50),
      rows.filter((r) => r.left >= first + 50),
    ];
    expect(two.length).toBeGreaterThan(5);
    expect(Math.max(...one.map((r) => r.right)) + 16).toBeLessThan(
      Math.min(...two.map((r) => r.left)),
    );
    const seconds = rows.map(({ at }) => {
      const [m = 0, sec = 0] = at.replace('−', '').split(':').map(Number);
      return (at.startsWith('−') ? -1 : 1) * (60 * m + sec);
    });
    expect(seconds).toEqual([...seconds].sort((a, b) => a - b));
  });

  test(
    'every sheet prints on light paper, no wider than the page, and the screen is as it was after',
    { tag: '@long' },
    async ({ page }) => {
      await openPiece(page, 'Oil cruet');
      for (const sheet of ['Section', 'Colour', 'Braid', 'Its night', 'Card']) {
        await page.getByRole('link', { name: sheet, exact: true }).click();
        await page.waitForTimeout(800);
        const before = await page.evaluate(() => document.documentElement.dataset['theme']);
        await page.evaluate(() => dispatchEvent(new Event('beforeprint')));
        await page.emulateMedia({ media: 'print' });
        await page.setViewportSize({ width: sheet === 'Braid' ? 1030 : 703, height: 1000 });
        const paper = await page.evaluate(() => ({
          theme: document.documentElement.dataset['theme'],
          back: getComputedStyle(document.body).backgroundColor,
          wider: document.documentElement.scrollWidth - innerWidth,
          title: getComputedStyle(document.documentElement).getPropertyValue('--paper-title'),
        }));
        expect(paper, sheet).toMatchObject({ theme: 'ash', back: 'rgb(255, 255, 255)', wider: 0 });
        expect(paper.title).toContain('Oil cruet');
        await page.evaluate(() => dispatchEvent(new Event('afterprint')));
        await page.emulateMedia({ media: null });
        await page.setViewportSize({ width: 1280, height: 800 });
        expect(await page.evaluate(() => document.documentElement.dataset['theme'])).toBe(before);
      }
    },
  );
});
