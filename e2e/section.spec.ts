// The Section: dragging, nudging, typing, refusing, asking why.
import type { Page } from '@playwright/test';
import { answer, expect, openPiece, showLeaf, startPiece, test } from './house';

/** Centre of a handle on the page. */
async function handleAt(page: Page, name: RegExp): Promise<{ x: number; y: number }> {
  const box = await page.getByRole('button', { name }).locator('circle, rect').last().boundingBox();
  if (!box) throw new Error('the handle is not drawn');
  return { x: box.x + box.width / 2, y: box.y + box.height / 2 };
}

async function drag(page: Page, name: RegExp, dx: number, dy: number): Promise<void> {
  const from = await handleAt(page, name);
  await page.mouse.move(from.x, from.y);
  await page.mouse.down();
  await page.mouse.move(from.x + dx / 2, from.y + dy / 2);
  await page.mouse.move(from.x + dx, from.y + dy);
  await page.mouse.up();
}

test.describe('the section', () => {
  test('a drag moves everything: glass, capacity, gathers, the night; one undo takes it back', async ({
    page,
  }) => {
    await startPiece(page, 'tumbler', 'Dragged tumbler');
    const before = await page.getByRole('region', { name: 'Answers' }).innerText();
    const radius = page.getByLabel('Point 5 radius');
    await expect(radius).toHaveValue('38');
    await drag(page, /^Point 5:/, -60, 0);
    await expect(radius).not.toHaveValue('38');
    const after = await page.getByRole('region', { name: 'Answers' }).innerText();
    expect(after).not.toBe(before);
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(radius).toHaveValue('38');
    await expect(page.getByRole('button', { name: 'Undo' })).toBeDisabled();
    await page.keyboard.press('Control+Shift+z');
    await expect(radius).not.toHaveValue('38');
  });

  test('a wall handle thickens the wall, and the night gets longer', async ({ page }) => {
    await startPiece(page, 'bowl', 'Thick bowl');
    const door = async (): Promise<string> =>
      (await answer(page, 'In the box').innerText()).replace(/\s+/g, ' ');
    const before = await door();
    await drag(page, /^Wall at point 1:/, 0, -60);
    const wall = Number(await page.getByLabel('Point 1 wall').inputValue());
    expect(wall).toBeGreaterThan(12);
    expect(await door()).not.toBe(before);
  });

  test('arrow keys nudge by 0.1 mm, with shift by 1 mm; plus and delete add and remove points', async ({
    page,
  }) => {
    await startPiece(page, 'tumbler', 'Nudged tumbler');
    await page.getByRole('button', { name: /^Point 4:/ }).focus();
    await page.keyboard.press('ArrowUp');
    await expect(page.getByLabel('Point 4 height')).toHaveValue('30.1');
    await page.keyboard.press('Shift+ArrowLeft');
    await expect(page.getByLabel('Point 4 radius')).toHaveValue('36');
    await page.getByRole('button', { name: /^Wall at point 4:/ }).focus();
    await page.keyboard.press('ArrowUp');
    await expect(page.getByLabel('Point 4 wall')).toHaveValue('3.6');
    await page.getByRole('button', { name: /^Point 4:/ }).focus();
    await page.keyboard.press('+');
    await expect(page.getByLabel('Point 7 height')).toBeVisible();
    await page.getByRole('button', { name: /^Point 5:/ }).focus();
    await page.keyboard.press('Delete');
    await expect(page.getByLabel('Point 7 height')).toHaveCount(0);
  });

  test('fields read any unit whatever the display shows', async ({ page }) => {
    await startPiece(page, 'tumbler', 'Typed tumbler');
    const height = page.getByLabel('Point 6 height');
    await height.fill('4 1/4 in');
    await height.press('Enter');
    await expect(height).toHaveValue('107.95');
    await showLeaf(page, 'Make');
    await page.getByLabel(/^Pot/).fill('2100F');
    await page.getByLabel(/^Pot/).press('Enter');
    await expect(page.getByLabel(/^Pot/)).toHaveValue('1148.9');
    await page.getByRole('button', { name: /^Length in mm/ }).click();
    await page.getByRole('button', { name: /^Weight in g/ }).click();
    await page.getByRole('button', { name: /^Temperature in/ }).click();
    await expect(page.getByLabel(/^Pot/)).toHaveValue('2100');
    await showLeaf(page, 'Draw');
    await expect(height).toHaveValue('4.25');
    await expect(answer(page, 'Glass')).toContainText('oz');
    await height.fill('100 mm');
    await height.press('Enter');
    await expect(height).toHaveValue('3.937');
  });

  test('bad walls are refused in a sentence at their place; good drawings keep their answers', async ({
    page,
  }) => {
    await startPiece(page, 'tumbler', 'Bad tumbler');
    const wall = page.getByLabel('Point 4 wall');
    await wall.fill('0');
    await wall.press('Enter');
    await expect(page.getByRole('alert')).toContainText(
      'Point 4 wall: given 0.0 mm; allowed 0.3 mm to 500 mm.',
    );
    await wall.press('Escape');
    await wall.fill('60');
    await wall.press('Enter');
    await expect(page.getByRole('alert')).toContainText(
      'Point 4: the wall, 60 mm, is thicker than the room there',
    );
    await expect(page.getByRole('button', { name: /^Point 4:.*problem/ })).toBeVisible();
    await page.getByRole('button', { name: 'Save' }).click();
    await expect(page.getByText('Not saved. body: Point 4')).toBeVisible();
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(page.getByText('This cannot be made yet.')).toHaveCount(0);
  });

  test('every answer can be asked why', async ({ page }) => {
    await openPiece(page, 'Tide-pool bowl');
    for (const label of ['Glass', 'Gathers', 'Tips at', 'In the box']) {
      await answer(page, label).click();
      const why = page.getByRole('complementary', { name: `Why: ${label}` });
      await expect(why).toContainText('Source:');
      await expect(why).toContainText('What would change it');
    }
    await page.keyboard.press('Escape');
    await expect(page.getByRole('complementary')).toHaveCount(0);
  });
});
