// The night: believed by simulation, looked into, compared, shortened, judged after an accident; the box, and bare numbers.
import { expect, expectAccessible, openPiece, test } from './house';

test.describe('the night', () => {
  test(
    'the schedule is put through the simulation, looked into, and the wall shows it big',
    { tag: '@long' },
    async ({ page }) => {
      await openPiece(page, 'Tide-pool bowl');
      await page.getByRole('link', { name: 'Its night' }).click();
      await expect(page.getByText(/Good\. It keeps \d\.\d\d MPa/)).toBeVisible();
      await expect(page.getByRole('figure', { name: /Tension through the night/ })).toBeVisible();
      await page.getByRole('tab', { name: 'Where' }).click();
      await expect(page.getByRole('img', { name: /^The section once cold: tension/ })).toBeVisible({
        timeout: 30_000,
      });
      const moment = page.getByLabel('Moment of the night');
      await moment.focus();
      for (let i = 0; i < 5; i += 1) await page.keyboard.press('ArrowLeft');
      await expect(moment).not.toHaveAttribute('aria-valuetext', 'cold');
      await page.getByText('Temperature', { exact: true }).click();
      await expect(page.getByRole('img', { name: /: temperature from \d+ °C/ })).toBeVisible();
      await expectAccessible(page);
      await page.getByRole('button', { name: 'On the wall' }).click();
      const wall = page.getByRole('dialog', { name: /Tonight on the wall/ });
      await expect(wall).toContainText('Door');
      await expect(wall.getByRole('img', { name: /^The section once cold/ })).toBeVisible();
      await page.getByRole('button', { name: 'Off the wall' }).click();
      await expect(wall).toBeHidden();
    },
  );

  test('the shortest is looked for, stopped, and is sound', { tag: '@long' }, async ({ page }) => {
    await openPiece(page, 'Gull on a bollard');
    await page.getByRole('link', { name: 'Its night' }).click();
    await page.getByRole('tab', { name: 'Shorter' }).click();
    const shorter = page.getByRole('region', { name: 'Shorter' });
    await shorter.getByRole('button', { name: 'Look for the shortest' }).click();
    await expect(shorter.getByRole('status')).toContainText(/best so far/, { timeout: 120_000 });
    await shorter.getByRole('button', { name: 'Stop, keep the best' }).click();
    await expect(shorter).toContainText(/less than tonight as set/);
    await expect(shorter).toContainText('Good.');
  });
});
