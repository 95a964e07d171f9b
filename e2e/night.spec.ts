// The night: believed by simulation, looked into, compared, shortened, judged after an accident; the box, and bare numbers.
import { expect, expectAccessible, openPiece, test } from './house';

test.describe('the night', () => {
  test('the schedule is put through the simulation, looked into, and the wall shows it big', async ({
    page,
  }) => {
    await openPiece(page, 'Tide-pool bowl');
    await page.getByRole('link', { name: 'Its night' }).click();
    await expect(page.getByText(/Good\. It keeps \d\.\d\d MPa/)).toBeVisible();
    await expect(page.getByRole('figure', { name: /Tension through the night/ })).toBeVisible();
    await page.getByRole('tab', { name: 'Inside' }).click();
    const inside = page.getByRole('region', { name: /Inside the wall: tension/ });
    await expect(inside).toContainText('Orange is pulled');
    const moment = page.getByLabel('Moment of the night');
    const before = await moment.getAttribute('aria-valuetext');
    await moment.focus();
    for (let i = 0; i < 5; i += 1) await page.keyboard.press('ArrowRight');
    await expect(moment).not.toHaveAttribute('aria-valuetext', before ?? '');
    await page.getByText('Temperature', { exact: true }).click();
    await expect(page.getByRole('region', { name: /Inside the wall: temperature/ })).toBeVisible();
    await expectAccessible(page);
    await page.getByRole('button', { name: 'On the wall' }).click();
    const wall = page.getByRole('dialog', { name: /Tonight on the wall/ });
    await expect(wall).toContainText('Door');
    await page.getByRole('button', { name: 'Off the wall' }).click();
    await expect(wall).toBeHidden();
  });

  test('the shortest is looked for, stopped, and is sound', async ({ page }) => {
    await openPiece(page, 'Gull on a bollard');
    await page.getByRole('link', { name: 'Its night' }).click();
    await page.getByRole('tab', { name: 'Shorter' }).click();
    const shorter = page.getByRole('region', { name: 'Shorter' });
    await shorter.getByRole('button', { name: 'Look for the shortest' }).click();
    await expect(shorter.getByRole('status')).toContainText(/best so far/, { timeout: 30_000 });
    await shorter.getByRole('button', { name: 'Stop, keep the best' }).click();
    await expect(shorter).toContainText(/less than tonight as set/);
    await expect(shorter).toContainText('Good.');
  });
});
