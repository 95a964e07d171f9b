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

  test('a step is walked to, lengthened, moved, repeated, taken out, made one’s own; the rules speak at once', async ({
    page,
  }) => {
    await openPiece(page, 'Oil cruet');
    await page.getByRole('link', { name: 'Braid' }).click();
    const strand = page.getByRole('slider', { name: /^Braid: arrow keys/ });
    await strand.focus();
    await page.keyboard.press('ArrowRight');
    await page.keyboard.press('ArrowRight');
    await expect(strand).toHaveAttribute('aria-valuetext', /^2 Gather, stopper, at 1:30 for 0:12/);
    await page.keyboard.press('+');
    await expect(strand).toHaveAttribute('aria-valuetext', /for 0:13/);
    // The chilled tip goes: the rule says so at the blow.
    await page.getByRole('button', { name: /: Chill the tip, body/ }).click();
    await page.keyboard.press('Delete');
    await page.getByRole('button', { name: /: Blow out, body/ }).click();
    await expect(page.getByText('The tip is hottest and blows out first.')).toBeVisible();
    await page.getByRole('button', { name: /: Open, body/ }).click();
    const leaf = page.getByRole('region', { name: /^Step \d+$/ });
    await leaf.getByLabel('Seconds').fill('90');
    await leaf.getByLabel('Seconds').press('Enter');
    await expect(leaf).toContainText(/The lip of the body is (stiff|set|brittle)/);
    await page.getByRole('button', { name: 'Place the heats' }).click();
    await expect(page.getByRole('alert')).toContainText(/too long for any heat before it/);
    await leaf.getByLabel('Kind').selectOption('A kind of our own');
    await leaf.getByLabel('Called').fill('Ring the quay bell');
    await expect(page.getByRole('button', { name: /: Ring the quay bell, body/ })).toBeVisible();
    await page.keyboard.press('Control+s');
    await expect(page.getByText(/Saved as revision/)).toBeVisible();
    await page.reload();
    await expect(page.getByRole('button', { name: /: Ring the quay bell, body/ })).toBeVisible();
  });

  test('variants stand beside each other; drafted afresh the order follows the form again', async ({
    page,
  }) => {
    await openPiece(page, 'Salt cellar');
    await page.getByRole('link', { name: 'Braid' }).click();
    await page.getByRole('button', { name: 'Another variant, from this one' }).click();
    await page.getByLabel('Name of the variant').fill('Two hands');
    await page.getByRole('button', { name: /^Step 3:/ }).click();
    await page.getByRole('button', { name: 'Repeat step 3' }).click();
    await page.getByLabel('Variant', { exact: true }).selectOption({ label: 'As planned' });
    await expect(page.getByText(/, 23 steps/)).toBeVisible();
    await page.getByLabel('Variant', { exact: true }).selectOption({ label: 'Two hands' });
    await expect(page.getByText(/, 24 steps/)).toBeVisible();
    await page.getByRole('button', { name: 'Draft afresh' }).click();
    await expect(page.getByText(/, 23 steps/)).toBeVisible();
  });

  test('orders of assembly are compared, and one is taken as a variant', async ({ page }) => {
    await openPiece(page, 'Harbour candlestick');
    await page.getByRole('link', { name: 'Braid' }).click();
    const assembly = page.getByRole('region', { name: 'Assembly' });
    await expect(assembly).toContainText(/In the garage: knop/);
    await assembly.getByRole('button', { name: /^Compare \d+ orders$/ }).click();
    await expect(assembly.getByRole('status')).toContainText(/[2-9] of \d+/, { timeout: 30_000 });
    await assembly.getByRole('button', { name: 'Stop' }).click();
    await expect(assembly).toContainText('Least risk first');
    await assembly.getByRole('button', { name: 'Take order 2' }).click();
    await expect(page.getByLabel('Name of the variant')).toHaveValue(/Joined another way/);
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(page.getByLabel('Name of the variant')).toHaveValue('As planned');
  });

  test('a kind of our own is kept for the shop and offered in another piece', async ({ page }) => {
    await openPiece(page, 'Salt cellar');
    await page.getByRole('link', { name: 'Braid' }).click();
    await page.getByRole('button', { name: /^Step 4:/ }).click();
    await page.getByLabel('Kind').selectOption('own');
    await page.getByLabel('Called').fill('Press in the tide stamp');
    await page.getByRole('button', { name: 'Keep this kind for the shop' }).click();
    await expect(page.getByText('is offered under “+ a step” in every piece')).toBeVisible();
    await openPiece(page, 'Oil cruet');
    await page.getByRole('link', { name: 'Braid' }).click();
    await page.getByRole('button', { name: /^Step 2:/ }).click();
    await page
      .getByLabel('Add a step after the one in hand')
      .selectOption({ label: 'Press in the tide stamp' });
    await expect(page.getByRole('heading', { name: /Press in the tide stamp/ })).toBeVisible();
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
