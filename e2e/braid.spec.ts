// The Braid: the order drafted, seen, changed, its heats placed, its crew planned, taken away.
import { expect, expectAccessible, openPiece, startPiece, test } from './house';

test.describe('the braid', () => {
  test(
    'shows the drawing with its crew, the step in hand and twelve rows together',
    { tag: '@long' },
    async ({ page }) => {
      await openPiece(page, 'Harbour candlestick');
      await page.getByRole('link', { name: 'Braid' }).click();
      await page
        .getByRole('button', { name: /^Step 4:/ })
        .first()
        .click();
      const braid = await page.getByRole('img', { name: /^The braid: 5 parts/ }).boundingBox();
      expect(braid?.y).toBeGreaterThan(0);
      const rows = await page.getByRole('row').evaluateAll(
        (all) =>
          all.filter((r) => {
            const { top, bottom } = r.getBoundingClientRect();
            const frame = r.closest('div')?.getBoundingClientRect();
            return frame && top >= frame.top && bottom <= Math.min(frame.bottom, innerHeight) + 0.5;
          }).length,
      );
      // The head is a row too.
      expect(rows).toBeGreaterThanOrEqual(13);
      await expect(page.getByRole('heading', { name: /Puff and cap/ })).toBeInViewport();
    },
  );

  test(
    'drafts the order of a new piece, says what is wrong, places the heats and says why',
    { tag: '@long' },
    async ({ page }) => {
      await startPiece(page, 'bottle', 'Braided bottle');
      await page.getByRole('link', { name: 'Braid' }).click();
      const braid = page.getByRole('img', { name: /^The braid: 1 parts/ });
      await expect(braid).toBeVisible();
      await expect(page.getByRole('button', { name: /^Step 1: Warm the iron/ })).toBeVisible();
      // Untouched the draft is the placed order: nothing in it will not do.
      await expect(page.getByText(/^Good order/)).toBeVisible();
      await page.getByRole('button', { name: 'Place the heats' }).click();
      await expect(page.getByText('The heats are placed; each says why.')).toBeVisible();
      await expect(page.getByText(/that will not do/)).toHaveCount(0);
      await page
        .getByRole('button', { name: /: (Heat|Flash), body/ })
        .last()
        .click();
      await expect(page.getByText('Placed because:')).toBeVisible();
      await expectAccessible(page);
      // One undo takes all of it back.
      await page.keyboard.press('Escape');
      await page.getByRole('button', { name: 'Undo', exact: true }).first().click();
      // Untouched the draft is the placed order: nothing in it will not do.
      await expect(page.getByText(/^Good order/)).toBeVisible();
    },
  );
});
