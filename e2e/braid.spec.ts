// The Braid: the order drafted, seen, changed, its heats placed, its crew planned, taken away.
import { expect, expectAccessible, openPiece, startPiece, test } from './house';

test.describe('the braid', () => {
  test('drafts the order of a new piece, says what is wrong, places the heats and says why', async ({
    page,
  }) => {
    await startPiece(page, 'bottle', 'Braided bottle');
    await page.getByRole('link', { name: 'Braid' }).click();
    const braid = page.getByRole('img', { name: /^The braid: 1 parts/ });
    await expect(braid).toBeVisible();
    await expect(page.getByRole('button', { name: /^Step 1: Warm the iron/ })).toBeVisible();
    await expect(page.getByText(/that will not do|to watch/).first()).toBeVisible();
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
    await expect(page.getByText(/that will not do|to watch/).first()).toBeVisible();
  });

  test('a crew is planned beside the page, which goes on answering', async ({ page }) => {
    await openPiece(page, 'Harbour candlestick', 'braid');
    const crew = page.getByRole('region', { name: 'Crew' });
    await crew.getByRole('button', { name: 'Plan the crew' }).click();
    await page.getByRole('button', { name: /^Step 12:/ }).click();
    await expect(page.getByRole('region', { name: 'Step 12' })).toBeVisible();
    await expect(crew).toContainText('This crew');
    await expect(page.getByRole('region', { name: 'Step 12' })).toContainText(/\d:\d\d .*\./);
  });
});
