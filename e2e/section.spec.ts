// The Section: dragging, nudging, typing, refusing, asking why.
import type { Page } from '@playwright/test';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
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

test.describe('looking closer', () => {
  test(
    'wheel and keys look closer about the place, the point in hand stays in sight, Home fits it',
    { tag: '@long' },
    async ({ page }) => {
      await startPiece(page, 'bottle', 'Looked at');
      const point = page.getByRole('button', { name: /^Point 10:/ });
      await point.focus();
      const before = await handleAt(page, /^Point 10:/);
      for (let i = 0; i < 6; i += 1) await page.keyboard.press(']');
      const closer = await handleAt(page, /^Point 10:/);
      expect(Math.hypot(closer.x - before.x, closer.y - before.y)).toBeLessThan(8);
      await expect(page.getByText(/^[12]\.\d : 1 on this screen/)).toBeVisible();
      // Another one taken in hand, far away, comes into sight.
      await page.getByRole('button', { name: /^Point 2:/ }).focus();
      const board = await page.getByRole('group', { name: /^Section drawing/ }).boundingBox();
      await expect
        .poll(async () => (await handleAt(page, /^Point 2:/)).y)
        .toBeLessThan((board?.y ?? 0) + (board?.height ?? 0));
      // Closer, a pixel is a smaller step of the hand.
      const radius = page.getByLabel('Point 2 radius');
      await drag(page, /^Point 2:/, -30, 0);
      expect(Math.abs(Number(await radius.inputValue()) - 38)).toBeLessThan(4);
      await page.keyboard.press('Home');
      await expect(page.getByRole('button', { name: 'All of it (Home)' })).toBeDisabled();
    },
  );

  test(
    'a measure between two places stays on the drawing and on the card until it is taken off',
    { tag: '@long' },
    async ({ page }) => {
      await startPiece(page, 'tumbler', 'Measured');
      await page.getByRole('button', { name: 'Measure between two places' }).click();
      const a = await handleAt(page, /^Point 6:/);
      const board = await page.getByRole('group', { name: /^Section drawing/ }).boundingBox();
      const axis = (await handleAt(page, /^Point 1:/)).x;
      await page.mouse.click(a.x, a.y);
      await page.mouse.click(2 * axis - a.x, a.y);
      // Across the lip, to the skin on both sides: 80 mm as drawn.
      const mark = page.getByRole('button', { name: /^Measured 80\.0 mm/ });
      await expect(mark).toBeVisible();
      expect(board).not.toBeNull();
      await page.keyboard.press('Escape');
      await page.getByRole('link', { name: 'Card' }).click();
      await expect(page.getByRole('img', { name: 'Section with measures' })).toContainText(
        '80.0 mm',
      );
      await page.getByRole('link', { name: 'Section' }).click();
      await mark.focus();
      await page.keyboard.press('Delete');
      await expect(mark).toHaveCount(0);
    },
  );
});

test(
  'a picture to trace from is kept with the piece, scaled by two places and straightened',
  { tag: '@long' },
  async ({ page }) => {
    await startPiece(page, 'bottle', 'Traced');
    await page
      .getByLabel('Picture to trace from')
      .setInputFiles(
        join(dirname(fileURLToPath(import.meta.url)), '../docs/screenshots/section.png'),
      );
    const wide = page.getByRole('textbox', { name: 'Wide mm' });
    await expect(wide).toBeVisible();
    const board = await page.getByRole('group', { name: /^Section drawing/ }).boundingBox();
    if (!board) throw new Error('no board');
    const click = (dx: number, dy: number) => page.mouse.click(board.x + dx, board.y + dy);
    const before = Number(await wide.inputValue());
    await page.getByRole('button', { name: 'Scale by two places' }).click();
    await click(200, 200);
    await click(300, 200);
    const apart = page.getByLabel(/^They are apart/);
    const was = Number(await apart.inputValue());
    await apart.fill(String(2 * was));
    await apart.press('Enter');
    await expect.poll(async () => Number(await wide.inputValue()) / before).toBeCloseTo(2, 1);
    await page.getByRole('button', { name: 'Straighten by two places' }).click();
    await click(200, 300);
    await click(220, 100);
    await expect(page.getByLabel(/^Turned/)).not.toHaveValue('0');
    await page.getByRole('button', { name: 'Save' }).click();
    await expect(page.getByText('Saved as revision 2.')).toBeVisible();
    await page.reload();
    await expect(page.getByRole('textbox', { name: 'Wide mm' })).toBeVisible();
    await page.getByRole('button', { name: 'Take the picture away' }).click();
    await expect(page.getByRole('textbox', { name: 'Wide mm' })).toHaveCount(0);
  },
);
