// Night and Card of a piece.
import { expect, openPiece, test } from './house';

test.describe('night, braid and card', () => {
  test('the practice, the hold and the clock change tonight', async ({ page }) => {
    await openPiece(page, 'Tide-pool bowl');
    await page.getByRole('link', { name: 'Night', exact: true }).last().click();
    const slow = page.getByRole('button', { name: /^Slow fall \d/ });
    const studio = await slow.innerText();
    await page.getByText('Casting and fine work').click();
    await expect(slow).not.toHaveText(studio);
    const soak = page.getByRole('button', { name: /^Soak/ });
    const atAnnealing = await soak.innerText();
    await page.getByRole('button', { name: '925 °F' }).click();
    await expect(soak).not.toHaveText(atAnnealing);
    await page.getByLabel('Last piece in').fill('5.30 pm');
    await page.getByLabel('Last piece in').press('Enter');
    await expect(page.getByLabel('Last piece in')).toHaveValue('17:30');
    await expect(page.getByRole('row', { name: /Soak after the last piece/ })).toContainText(
      '17:30',
    );
    await page.getByLabel(/^Hold at/).fill('640 C');
    await page.getByLabel(/^Hold at/).press('Enter');
    await expect(page.getByText('the piece would sag')).toBeVisible();
  });

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
      const pdf = await page.pdf({ preferCSSPageSize: true });
      const pages = pdf.toString('latin1').match(/\/Type\s*\/Page[^s]/g) ?? [];
      expect(pages.length, name).toBeLessThanOrEqual(most);
      await page.emulateMedia({ media: 'print' });
      await expect(page.getByRole('banner')).toBeHidden();
      await page.emulateMedia({ media: null });
    }
  });
});
