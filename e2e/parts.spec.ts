// Pieces of several parts: adding, moving, snapping, mirroring, bits, and what is said when they do not meet.
import type { Page } from '@playwright/test';
import { answer, expect, expectAccessible, openPiece, showLeaf, startPiece, test } from './house';

const strip = (page: Page) => page.getByRole('list', { name: 'Parts and bits' });
const look = (page: Page) => page.getByRole('status', { name: 'Needs a look' });

async function add(page: Page, menu: 'Part' | 'Bit', item: string): Promise<void> {
  await page.locator('summary', { hasText: menu }).click();
  await page.getByRole('button', { name: item, exact: true }).click();
}

test.describe('parts on the axis', () => {
  test('a stemmed glass: a knop goes in above the foot, is moved off, snapped back, copied, removed', async ({
    page,
  }) => {
    await startPiece(page, 'stemmed', 'Built glass');
    await expect(strip(page).getByRole('button')).toHaveText([/foot/, /stem/, /merese/, /bowl/]);
    await add(page, 'Part', 'Knop');
    await expect(page.getByLabel('Name of the part')).toHaveValue('knop');
    await expect(look(page)).toHaveCount(0);
    // By keyboard a part goes where it is told, and what hangs loose is said with its place.
    const balloon = page.getByRole('button', { name: /^5, knop/ });
    await balloon.focus();
    for (let i = 0; i < 2; i += 1) await page.keyboard.press('Shift+ArrowDown');
    // Two millimetres into the foot, and off the stem.
    await expect(look(page)).toContainText(/Part 5, knop, runs [12](\.\d)? mm into foot/);
    await expect(look(page)).toContainText('Part 2, stem, touches no other part');
    await expect(page.getByRole('button', { name: /^5, knop, needs a look/ })).toBeVisible();
    // Dragged near its neighbour it snaps onto it.
    const box = await balloon.boundingBox();
    if (!box) throw new Error('the balloon is not drawn');
    const [x, y] = [box.x + 20, box.y + box.height / 2];
    await page.mouse.move(x, y);
    await page.mouse.down();
    await page.mouse.move(x, y - 2);
    await page.mouse.move(x, y - 4);
    await page.mouse.up();
    await expect(look(page)).toHaveCount(0);
    await page.getByRole('button', { name: 'Copy this part' }).click();
    await expect(page.getByLabel('Name of the part')).toHaveValue('knop again');
    await page.getByRole('button', { name: 'Remove this part' }).click();
    await expect(strip(page).getByRole('button')).toHaveCount(5);
    await page.keyboard.press('Control+z');
    await expect(strip(page).getByRole('button')).toHaveCount(6);
  });

  test('the whole is the sum of its parts, and each answers for itself', async ({ page }) => {
    await openPiece(page, 'Quay goblet');
    await showLeaf(page, 'Read');
    const rows = page.getByRole('table', { name: 'Glass by part' }).getByRole('row');
    await expect(rows.last()).toContainText('in all');
    const grams: number[] = [];
    for (const row of await rows.all()) {
      const found = /([\d.]+)\s*g\b/.exec(await row.innerText());
      if (found) grams.push(Number(found[1]));
    }
    const total = grams.pop() ?? NaN;
    expect(grams).toHaveLength(4);
    expect(Math.abs(grams.reduce((a, b) => a + b, 0) - total)).toBeLessThanOrEqual(2);
    await expect(answer(page, 'Glass')).toContainText(String(total));
    await showLeaf(page, 'Make');
    await page.getByRole('combobox', { name: 'Part' }).selectOption({ index: 1 });
    await expect(page.getByText('Iron (solid: nobody blows through it)')).toBeVisible();
    await page.getByRole('button', { name: /^Gathers \d/ }).click();
    await expect(page.getByRole('complementary', { name: 'Why: Gathers, stem' })).toContainText(
      'What would change it',
    );
  });

  test('a point is put on the line by a double click', async ({ page }) => {
    await startPiece(page, 'tumbler', 'More points');
    const [a, b] = await Promise.all(
      [/^Point 4:/, /^Point 5:/].map((name) => page.getByRole('button', { name }).boundingBox()),
    );
    if (!a || !b) throw new Error('the points are not drawn');
    await page.mouse.dblclick((a.x + b.x) / 2 + 16, (a.y + b.y) / 2 + 13);
    await expect(page.getByLabel('Point 7 height')).toBeVisible();
    await expect(page.getByLabel('Point 5 height')).not.toHaveValue('70');
  });
});

test.describe('bits off the axis', () => {
  test('a handle weighs, moves the weight off the axis, and is bent by its path', async ({
    page,
  }) => {
    await startPiece(page, 'tumbler', 'Mug');
    const tips = (await answer(page, 'Tips at').textContent()) ?? '';
    await add(page, 'Bit', 'Handle');
    await expect(answer(page, 'Tips at')).not.toHaveText(tips);
    await expect(look(page)).toHaveCount(0);
    const before = (await page.getByRole('region', { name: 'Bit handle' }).textContent()) ?? '';
    await page.getByRole('button', { name: /^handle, path point 2/ }).focus();
    for (let i = 0; i < 6; i += 1) await page.keyboard.press('Shift+ArrowRight');
    await expect(page.getByRole('region', { name: 'Bit handle' })).not.toHaveText(before);
    await page.getByLabel('Off the axis').fill('70');
    await page.getByLabel('Off the axis').press('Enter');
    await expect(look(page)).toContainText('handle hangs in the air');
    await page.getByLabel('Across', { exact: false }).first().fill('0.1');
    await page.getByLabel('Across', { exact: false }).first().press('Enter');
    await expect(page.getByRole('alert')).toContainText(
      /Across: given 0\.1 mm; allowed 0\.2 mm to/,
    );
    await page.keyboard.press('Escape');
    await page.getByRole('button', { name: 'Remove this bit' }).click();
    await expect(answer(page, 'Tips at')).toHaveText(tips);
  });
});

test.describe('reading the glass', () => {
  test('the fill line is drawn down; stopper, cork and boxes answer', async ({ page }) => {
    await openPiece(page, 'Oil cruet');
    await showLeaf(page, 'Read');
    const filled = page.getByRole('button', { name: /^To the fill line/ });
    const before = await filled.innerText();
    await page.getByRole('slider', { name: 'Fill line' }).focus();
    for (let i = 0; i < 5; i += 1) await page.keyboard.press('Shift+ArrowDown');
    await expect(filled).not.toHaveText(before);
    await expect(page.getByText(/The stopper seats \d+ mm deep/)).toBeVisible();
    await page.getByLabel('Mouth, oval by').fill('3');
    await page.getByLabel('Mouth, oval by').press('Enter');
    await expect(page.getByText('The mouth is 3 mm out of round: the gap shows')).toBeVisible();
    await expect(page.getByText(/of room each side in the small hole/)).toBeVisible();
    await expect(page.getByText('Stands in the front box.')).toBeVisible();
    await expectAccessible(page);
  });
});

test.describe('the glass turning', () => {
  test.use({ glassView: true });
  test('is drawn, turns by keyboard and by hand, and can be put away', async ({ page }) => {
    test.setTimeout(90_000);
    await openPiece(page, 'Quay goblet');
    const view = page.getByRole('slider', { name: 'Turn the glass' });
    await expect(view).toBeVisible();
    /** How many different colours the picture holds: an empty board has few. */
    const colours = async (): Promise<number> => {
      const png = await view.screenshot();
      return new Set(png.toString('latin1').match(/.{4}/gs)).size;
    };
    await expect.poll(colours, { timeout: 20_000 }).toBeGreaterThan(4000);
    const before = await view.getAttribute('aria-valuenow');
    await view.focus();
    await page.keyboard.press('ArrowRight');
    await expect(view).not.toHaveAttribute('aria-valuenow', before ?? '');
    await expectAccessible(page);
    await page.getByRole('button', { name: 'Glass', exact: true }).click();
    await expect(view).toHaveCount(0);
  });
});
