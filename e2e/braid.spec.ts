// The Braid: the order drafted, seen, changed, its heats placed, its crew planned, taken away.
import { expect, expectAccessible, startPiece, test } from './house';

test.describe('the braid', () => {
  test('drafts the order of a new piece, says what is wrong, places the heats and says why', async ({
    page,
  }) => {
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
  });
});
