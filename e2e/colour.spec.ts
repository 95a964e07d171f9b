// Colour: laying it between the gathers, judging it by both schools, seeing it, counting it out.
import { expect, expectAccessible, startPiece, test } from './house';

test.describe('colour', () => {
  test('a white is laid, found to pull, mended; the schools disagree in words; it is kept', async ({
    page,
  }) => {
    await startPiece(page, 'tumbler', 'Coloured tumbler');
    await page.getByRole('link', { name: 'Colour' }).click();
    await expect(page.getByText('All clear.')).toBeVisible();
    await expect(page.getByRole('button', { name: /^Lay Hard/ })).toHaveCount(0);
    await page.getByRole('button', { name: /^Lay Chalk:/ }).click();
    const layers = page.getByRole('list', { name: 'Layers, outside first' });
    await expect(layers).toContainText('Chalk');
    const fit = page.getByRole('region', { name: 'Fit' });
    // Two points apart is within the number school's two; in a thin layer the stress is past 7 MPa.
    await expect(fit).toContainText('All numbers lie within 2');
    await expect(fit).toContainText(/The Chalk is pulled with \d\.\d MPa/);
    await expect(fit).toContainText('The stress is trusted');
    await expect(fit).toContainText('Tried, and good');
    await expect(page.getByRole('img', { name: /Chalk, .* pulled with/ })).toBeVisible();
    await page.getByLabel('Numbers may differ by').fill('1');
    await page.getByLabel('Numbers may differ by').press('Enter');
    await expect(fit).toContainText(
      'The Chalk is 2 from the Soft soda-lime batch 96; 1 is allowed',
    );
    await page.getByLabel('Numbers may differ by').fill('many');
    await page.getByLabel('Numbers may differ by').press('Enter');
    await expect(page.getByRole('alert')).toContainText('allowed 0 to 20 points');
    await page.keyboard.press('Escape');
    const pieces = page.getByRole('textbox', { name: 'Pieces' });
    await pieces.fill('10');
    await pieces.press('Enter');
    await expect(page.getByRole('region', { name: 'Amounts' })).toContainText('2 rolls each');
    await page.keyboard.press('Control+s');
    await expect(page.getByText('Saved as revision 2.')).toBeVisible();
    await page.reload();
    await expect(layers).toContainText('Chalk');
    await expectAccessible(page);
    await page.getByRole('button', { name: 'Take Chalk out' }).click();
    await expect(page.getByText('All clear.')).toBeVisible();
  });
});
