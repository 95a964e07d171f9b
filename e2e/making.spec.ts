// Making: stages and calipers, the scale that teaches, torch stock, patterns, canes, and the shop they come from.
import { readFileSync } from 'node:fs';
import { expect, expectAccessible, openPiece, showLeaf, startPiece, test } from './house';

test.describe('at the furnace', () => {
  test('a cooler pot lays thicker; every stage has its calipers', async ({ page }) => {
    await startPiece(page, 'tumbler', 'Staged tumbler');
    await showLeaf(page, 'Make');
    const stages = page.getByRole('table', { name: /Set the calipers/ });
    await expect(stages.getByRole('row', { name: /First bubble/ })).toBeVisible();
    await expect(stages.getByRole('row', { name: /Finished, moil and trim off/ })).toContainText(
      '80.0 × 105',
    );
    const layer = page.getByRole('button', { name: /^One layer/ });
    const thin = Number(/[\d.]+/.exec(await layer.innerText())?.[0]);
    await page.getByLabel(/^Pot/).fill('1050');
    await page.getByLabel(/^Pot/).press('Enter');
    await expect
      .poll(async () => Number(/[\d.]+/.exec(await layer.innerText())?.[0]))
      .toBeGreaterThan(thin);
    await expect(page.getByText('The pot is cool for gathering')).toBeVisible();
    await expectAccessible(page);
  });

  test('three weigh-ins teach the layer, a wild one is set aside, and all can be forgotten', async ({
    page,
  }) => {
    await startPiece(page, 'bowl', 'Weighed bowl');
    await showLeaf(page, 'Make');
    await page.getByLabel('Who gathers (role)').fill('apprentice');
    const layer = page.getByRole('button', { name: /^One layer/ });
    const before = (await layer.textContent()) ?? '';
    const weigh = async (grams: string): Promise<void> => {
      await page.getByLabel('Glass on the iron').fill(grams);
      await page.getByLabel('Glass on the iron').press('Enter');
      await page.getByRole('button', { name: 'Log it' }).click();
      await expect(page.getByRole('button', { name: 'Log it' })).toBeDisabled();
    };
    for (const grams of ['240', '250', '244']) await weigh(grams);
    await expect(page.getByText(/layers on this iron come out/)).toContainText('from 3 weigh-ins');
    await expect(layer).not.toHaveText(before);
    const learned = (await layer.textContent()) ?? '';
    await weigh('900');
    await expect(page.getByText('1 of them too wild to count')).toBeVisible();
    await expect(layer).toHaveText(learned);
    // Another hand has learned nothing from it.
    await page.getByLabel('Who gathers (role)').fill('assistant');
    await expect(layer).toHaveText(before);
    await page.getByLabel('Who gathers (role)').fill('apprentice');
    await page.getByRole('button', { name: 'Forget what was learned' }).click();
    await expect(layer).toHaveText(before);
    await expect(page.getByRole('listitem').filter({ hasText: 'reset' })).toHaveCount(4);
  });
});

test.describe('at the torch', () => {
  test('the worked bulb, a pull, and a cut list for a batch', async ({ page }) => {
    await openPiece(page, 'Rain gauge');
    await showLeaf(page, 'Make');
    const moves = page.getByRole('region', { name: 'Moves' });
    await moves.getByLabel('From').selectOption({ label: 'tube 32.0 mm × 4.0 mm' });
    // A 70 mm bulb of 1.8 mm wall from 32 × 4 tubing takes 74.8 mm (conservation of volume).
    await expect(moves).toContainText('Mark 74.8 mm.');
    await moves.getByLabel('Move').selectOption({ label: 'What a pull gives' });
    await moves.getByLabel('Pulled to, across').fill('8');
    await moves.getByLabel('Pulled to, across').press('Enter');
    // 32 to 8 mm: sixteen times as long; bore and wall keep their proportion.
    await expect(moves).toContainText('Gives 960 mm, wall 1.0 mm, bore 6.0 mm.');
    const cuts = page.getByRole('region', { name: 'Cut list' });
    await expect(cuts).toContainText('1 stick of 1500 mm');
    await cuts.getByLabel('Pieces').fill('12');
    await cuts.getByLabel('Pieces').press('Enter');
    await expect(cuts).toContainText(/\d+ sticks of 1500 mm, \d+ % left over/);
    const [file] = await Promise.all([
      page.waitForEvent('download'),
      cuts.getByRole('button', { name: 'CSV' }).click(),
    ]);
    expect(readFileSync(await file.path(), 'utf8').split('\r\n')).toHaveLength(14);
    await expectAccessible(page);
    await page.getByLabel('Tube wall').fill('25');
    await page.getByLabel('Tube wall').press('Enter');
    await expect(page.getByRole('alert')).toContainText('Tube wall: given 25.0 mm; allowed');
  });
});

test.describe('patterns and canes', () => {
  test('a figure is laid on, pre-shrunk, moved off the glass, printed true to scale', async ({
    page,
  }) => {
    await startPiece(page, 'bowl', 'Leafed bowl');
    await showLeaf(page, 'Pattern');
    await page.getByRole('button', { name: 'Lay a figure on the body' }).click();
    await expect(page.getByText(/On the blank each dot is/)).toBeVisible();
    const dots = await page.getByText(/On the blank each dot is/).innerText();
    await page.getByLabel('Across', { exact: false }).fill('18');
    await page.getByLabel('Across', { exact: false }).press('Enter');
    await expect(page.getByText(/On the blank each dot is/)).not.toHaveText(dots);
    await page.getByRole('button', { name: 'Print it for the blank, 1 : 1' }).click();
    const sheet = page.getByRole('dialog', { name: 'For the blank, true to scale' });
    await expect(sheet.getByRole('img', { name: '12 figures at true scale' })).toBeVisible();
    await expectAccessible(page);
    await page.keyboard.press('Escape');
    await page.getByText('the blank', { exact: true }).click();
    await expect(page.getByText(/On the glass each dot ends/)).toBeVisible();
    await page.getByLabel('Middle at').fill('500');
    await page.getByLabel('Middle at').press('Enter');
    await expect(page.getByText('the two forms share no glass')).toBeVisible();
    await page.keyboard.press('Control+z');
    await page.getByText('From an SVG').click();
    const file = (text: string) => ({
      name: 'leaf.svg',
      mimeType: 'image/svg+xml',
      buffer: Buffer.from(text),
    });
    await page.getByLabel('Figure file').setInputFiles(file('<svg><text>no</text></svg>'));
    await expect(page.getByRole('alert')).toContainText('This drawing has no path');
    await page
      .getByLabel('Figure file')
      .setInputFiles(file('<svg><path d="M0 0C4 -8 12 -8 16 0C12 8 4 8 0 0Z"/></svg>'));
    await expect(page.getByRole('alert')).toHaveCount(0);
    const [template] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name: 'As SVG' }).click(),
    ]);
    expect(readFileSync(await template.path(), 'utf8')).toContain('50 mm · 1:1');
  });

  test('canes close round the bubble, the billet suffices or is asked for, turns make the twist', async ({
    page,
  }) => {
    await openPiece(page, 'Tide-pool bowl');
    await showLeaf(page, 'Cane');
    await page.getByLabel('Bubble ⌀').fill('40');
    await page.getByLabel('Bubble ⌀').press('Enter');
    await page.getByLabel('Cane ⌀').fill('6');
    await page.getByLabel('Cane ⌀').press('Enter');
    // Chords on the circle of the canes' middles: 2π / (2 asin(6/46)) = 24.04.
    await expect(page.getByText(/24 canes go round/)).toBeVisible();
    await page.getByLabel('Billet ⌀').fill('5');
    await page.getByLabel('Billet ⌀').press('Enter');
    await expect(page.getByRole('alert')).toContainText('A pull only thins');
    await page.getByRole('button', { name: 'Dip it in a ribbed mould' }).click();
    await expect(page.getByText(/on the finished glass every/)).toBeVisible();
    await expectAccessible(page);
  });
});

test.describe('the shop', () => {
  test('what it has is kept, and the plans use it', async ({ page }) => {
    await page.goto('/rack/shop');
    await page.getByRole('button', { name: 'Add to: Glory holes' }).click();
    const name = page.getByRole('region', { name: 'Glory holes' }).getByLabel('Name').last();
    await name.fill('the keyhole');
    await name.press('Enter');
    await page.getByLabel('the keyhole, mouth').fill('60 mm');
    await page.getByLabel('the keyhole, mouth').press('Enter');
    await page.reload();
    await expect(page.getByLabel('the keyhole, mouth')).toHaveValue('60');
    await page.getByLabel('Stock 1, wall').fill('30');
    await page.getByLabel('Stock 1, wall').press('Enter');
    await expect(page.getByRole('alert')).toContainText('Stock 1, wall: given 30.0 mm; allowed');
    await page.keyboard.press('Escape');
    await expectAccessible(page);
    await openPiece(page, 'Tide-pool bowl');
    await showLeaf(page, 'Read');
    await expect(
      page.getByText(/244 mm across does not pass the keyhole’s mouth of 60 mm/),
    ).toBeVisible();
    await page.goto('/rack/shop');
    await page.getByRole('button', { name: 'Remove the keyhole' }).click();
    await expect(page.getByLabel('the keyhole, mouth')).toHaveCount(0);
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(page.getByLabel('the keyhole, mouth')).toHaveCount(1);
    await page.getByRole('button', { name: 'Remove the keyhole' }).click();
  });
});
