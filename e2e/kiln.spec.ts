// In the kiln: laid by hand on the shelf, fired, cut, warmed for the bench; each screen sound for everyone and on a phone.
import { expect, expectAccessible, openPiece, test } from './house';

test('what is laid is moved by keys and by hand, one undo each; the weight never changes by it', async ({
  page,
}) => {
  await openPiece(page, 'Tide-line plate', 'above');
  const drawing = page.getByRole('group', { name: 'What is laid, from above' });
  const frit = drawing.getByRole('button', { name: /^frit 160/ });
  await frit.focus();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('Shift+ArrowUp');
  await expect(page.getByLabel(/^To the right/)).toHaveValue('1');
  await expect(page.getByLabel(/^To the back/)).toHaveValue('11');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByLabel(/^To the back/)).toHaveValue('1');
  const box = await frit.boundingBox();
  if (!box) throw new Error('the frit is not drawn');
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2 + 40, box.y + box.height / 2 - 30, { steps: 6 });
  await page.mouse.up();
  await expect(page.getByLabel(/^To the right/)).not.toHaveValue('1');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByLabel(/^To the right/)).toHaveValue('1');
  await expect(page.getByText(/865.g of glass/)).toBeVisible();
});

test('a drawing in SVG is laid as it is, in millimetres', { tag: '@long' }, async ({ page }) => {
  await openPiece(page, 'Tide-line plate', 'above');
  await page.getByLabel('A drawing in SVG, laid 100 mm wide').setInputFiles({
    name: 'boat.svg',
    mimeType: 'image/svg+xml',
    buffer: Buffer.from(
      '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 100 60"><path d="M0 40 L100 40 L80 60 L20 60 Z"/></svg>',
    ),
  });
  await expect(page.getByRole('button', { name: /^sheet drawn, Kiln sheet/ }).last()).toBeVisible();
});

for (const sheet of ['above', 'firing', 'cutting'] as const)
  test(
    `axe finds nothing ${sheet}, in both themes; it fits a phone and prints`,
    {
      tag: sheet === 'firing' ? [] : ['@long'],
    },
    async ({ page }) => {
      await openPiece(page, 'Tide-line plate', sheet);
      const there = {
        above: page.getByRole('heading', { name: 'It keeps its outline' }),
        firing: page.getByRole('heading', { name: /its edges round by/ }),
        cutting: page.getByRole('heading', { name: /pieces from/ }),
      }[sheet];
      await expect(there).toBeVisible();
      await expectAccessible(page, true);
      await page.getByRole('button', { name: /Light and dark/ }).click();
      await expectAccessible(page, true);
      const over = (): Promise<number> =>
        page.evaluate(
          () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
        );
      for (const width of [1920, 820, 390, 320]) {
        await page.setViewportSize({ width, height: 1000 });
        await expect.poll(over, String(width)).toBeLessThanOrEqual(0);
      }
      await page.setViewportSize({ width: 703, height: 1000 });
      await page.emulateMedia({ media: 'print' });
      await expect(there).toBeVisible();
      await expect.poll(over, 'on paper').toBeLessThanOrEqual(0);
    },
  );

test(
  'warmed for the bench: as the thickest bears, both nights of a piece of two sessions on one line',
  { tag: '@long' },
  async ({ page }) => {
    await page.goto('/night');
    await page.getByRole('tab', { name: 'Warm for the bench' }).click();
    await expect(page.getByText(/as the colour bar bears/)).toBeVisible();
    await page.getByRole('button', { name: 'Another in the same kiln' }).click();
    await page
      .getByLabel(/^Thick/)
      .last()
      .fill('60');
    await page.keyboard.press('Enter');
    await expect(page.getByText(/as the blank bears/)).toBeVisible();
    // Other tests put pieces on the shelf: it is found by its name.
    await page.getByLabel('Find a piece for the box').fill('Tide-pool bowl');
    await page.getByRole('button', { name: 'Tide-pool bowl', exact: true }).click();
    await expect(page.getByText('Taken up and blown out')).toBeVisible();
    await expect(page.getByText(/first night, \d+ h/)).toBeVisible({ timeout: 60_000 });
    await expectAccessible(page, true);
  },
);
