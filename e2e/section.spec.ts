// The Section: dragging, nudging, typing, refusing, asking why.
import type { Page } from '@playwright/test';
import { answer, expect, startPiece, test } from './house';

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
});
