// Drawing and reading where a pointer and a canvas are needed.
import { expect, expectAccessible, openPiece, showLeaf, startPiece, test } from './house';

test.describe('parts on the axis', () => {
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
  test(
    'is drawn, turns by keyboard and by hand, and can be put away',
    { tag: '@long' },
    async ({ page }) => {
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
      // What a graphics reset does: the picture is gone, which is said, and it can be had again.
      await view.locator('canvas').evaluate((canvas: HTMLCanvasElement) => {
        canvas.getContext('webgl2')?.getExtension('WEBGL_lose_context')?.loseContext();
      });
      await page.getByRole('button', { name: 'Draw it again' }).click();
      await expect.poll(colours, { timeout: 20_000 }).toBeGreaterThan(4000);
      await page.getByRole('button', { name: 'Glass', exact: true }).click();
      await expect(view).toHaveCount(0);
    },
  );
});
