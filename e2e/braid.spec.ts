// The Braid: the order drafted, seen, changed, its heats placed, its crew planned, taken away.
import { readFileSync } from 'node:fs';
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

  test('three people at the candlestick: who does what, what goes short alone; CSV, JSON and SVG leave', async ({
    page,
  }) => {
    await openPiece(page, 'Harbour candlestick');
    await page.getByRole('link', { name: 'Braid' }).click();
    const crew = page.getByRole('region', { name: 'Crew' });
    await crew.getByRole('button', { name: 'Plan the crew' }).click();
    await expect(crew).toContainText('This crew', { timeout: 20_000 });
    await expect(crew).toContainText(/nothing is under|nothing can be shorter/);
    await expect(crew).toContainText('Without ');
    await expect(crew).toContainText(/Alone: \d+:\d\d/);
    await expect(crew).toContainText('Nobody for:');
    await expect(crew).toContainText('It is as long as steps');
    await expectAccessible(page);
    const leave = async (name: string): Promise<string> => {
      await page.getByText('Take away', { exact: true }).last().click();
      const taken = page.waitForEvent('download');
      await page.getByRole('button', { name }).click();
      return readFileSync(await (await taken).path(), 'utf8');
    };
    expect(await leave('The order (CSV)')).toContain('number,start_s,seconds,step');
    expect(JSON.parse(await leave('The order (JSON)'))).toMatchObject({
      format: 'zanfirico.order',
      piece: 'Harbour candlestick',
    });
    const svg = await leave('The braid (SVG)');
    expect(svg).toContain('<svg');
    expect(svg).not.toContain('var(--');
    // A crew nobody in which can lead.
    for (const box of await crew.getByLabel('leads').all()) await box.uncheck();
    await expect(page.getByText('Nobody of the crew can lead at the bench.')).toBeVisible();
  });

  test('a glory hole fewer costs waits, which is said; a step in hand says who and what it waits for', async ({
    page,
  }) => {
    await openPiece(page, 'Harbour candlestick');
    await page.getByRole('link', { name: 'Braid' }).click();
    const crew = page.getByRole('region', { name: 'Crew' });
    await crew.getByLabel('Glory holes').fill('1');
    await crew.getByLabel('Glory holes').press('Enter');
    await crew.getByRole('button', { name: 'Plan the crew' }).click();
    await expect(crew).toContainText('With 2 glory holes every wait would hold', {
      timeout: 20_000,
    });
    await page.getByRole('button', { name: /^Step 45:/ }).click();
    await expect(page.getByRole('region', { name: 'Step 45' })).toContainText(/gaffer.*once/);
  });
});
