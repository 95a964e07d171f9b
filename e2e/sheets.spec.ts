// Night and Card of a piece.
import { expect, openPiece, test } from './house';

test.describe('night, braid and card', () => {
  test('the card is one A4 page in print, of the candlestick three at most, without the rest of the screen', async ({
    page,
  }) => {
    for (const [name, most] of [
      ['Tide-pool bowl', 1],
      ['Rain gauge', 1],
      ['Oil cruet', 2],
      ['Harbour candlestick', 3],
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
});
