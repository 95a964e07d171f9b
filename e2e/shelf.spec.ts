// The shelf: what is there, put away, taken out.
import { expect, test } from './house';

test.describe('the shelf', () => {
  test('shows the demo studio’s pieces with glass, weight, gathers and hours', async ({ page }) => {
    await page.goto('/pieces');
    const bowl = page.getByRole('link', { name: 'Tide-pool bowl' });
    await expect(bowl).toContainText('Soft soda-lime batch 96');
    await expect(bowl).toContainText(/\d+ g glass/);
    await expect(bowl).toContainText('3 gathers');
    await expect(bowl).toContainText(/\d+:\d\d h? ?in the box|\d+ h.* in the box/);
    await expect(page.getByRole('link', { name: 'Rain gauge' })).toContainText('mm tubing');
    await page.getByPlaceholder('Find by name').fill('cruet');
    await expect(page.getByRole('list', { name: 'Shelf' }).getByRole('link')).toHaveCount(1);
    await page.getByPlaceholder('Find by name').fill('no such thing');
    await expect(page.getByText('Nothing on the shelf is called')).toBeVisible();
  });
});
