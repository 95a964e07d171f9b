// The bench: rehearsed in two windows that stay in step, its heat live, readable and workable by whoever cannot use a mouse.
import { expect, expectAccessible, test } from './house';

test('a goblet is rehearsed in two windows in step, and its heat is there', async ({
  page,
  context,
}) => {
  await page.goto('/bench');
  await expect(page.getByRole('heading', { name: 'Make a piece' })).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('link', { name: 'Quay goblet' }).click();
  await expect(page.getByRole('region', { name: 'Before the fire' })).toContainText('Calipers');
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Rehearse without glass' }).click();
  const now = page.getByRole('region', { name: 'Now' });
  await expect(now).toContainText('Gather');
  await page.getByRole('button', { name: '×8' }).click();
  const other = await context.newPage();
  await other.goto(page.url());
  const there = other.getByRole('region', { name: 'Now' });
  await expect(there).toContainText('Gather');
  await page.bringToFront();
  await page.keyboard.press('Space');
  await expect(now).not.toContainText('Gather');
  const step = (await now.getByRole('heading').textContent()) ?? '';
  // The other window is told.
  await expect(there.getByRole('heading', { name: step })).toBeVisible();
  const heat = page.getByRole('complementary', { name: 'Heat' });
  await expect(heat).toContainText(/bowl\s*(runny|soft|workable|stiff)/);
  const before = await heat.textContent();
  await page.waitForTimeout(2500);
  expect(await heat.textContent()).not.toBe(before);
  await expectAccessible(page);
  // A tap in the other window comes back.
  await other.bringToFront();
  await other.keyboard.press('PageDown');
  await page.bringToFront();
  await expect(now.getByRole('heading', { name: step })).toHaveCount(0);
  await page.reload();
  await expect(page.getByRole('region', { name: 'Now' })).not.toContainText('Gather');
});

test('on a phone the step, the fire’s clock and the big key are in sight', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto('/bench');
  await page.getByRole('link', { name: 'Salt cellar' }).click();
  await page.getByRole('button', { name: 'Rehearse without glass' }).click();
  await expect(page.getByRole('region', { name: 'Now' }).getByRole('heading')).toBeInViewport();
  await expect(page.getByRole('button', { name: /^Next/ })).toBeInViewport();
  const wide = await page.evaluate(() => document.documentElement.scrollWidth);
  expect(wide).toBeLessThanOrEqual(390);
});
