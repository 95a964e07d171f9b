// Keeping: saves, revisions, conflicts, files.
import { readFileSync } from 'node:fs';
import { expect, openPiece, showLeaf, startPiece, test } from './house';

test.describe('keeping', () => {
  test('unsaved changes survive closing the page', async ({ page }) => {
    await startPiece(page, 'plate', 'Unsaved plate');
    await showLeaf(page, 'Make');
    await page.getByLabel('Notes').fill('thinner next time');
    // At once: no moment is left between the change and the page's end.
    await page.reload();
    await showLeaf(page, 'Make');
    await expect(page.getByText('Changes you had not saved were kept')).toBeVisible();
    await expect(page.getByLabel('Notes')).toHaveValue('thinner next time');
    await page.getByRole('button', { name: 'Drop them' }).click();
    await expect(page.getByLabel('Notes')).toHaveValue('');
  });

  test(
    'two tabs on one piece keep what each has not saved; a closed one’s is found by the other',
    { tag: '@long' },
    async ({ page }) => {
      await startPiece(page, 'plate', 'Plate of two tabs');
      await showLeaf(page, 'Make');
      const other = await page.context().newPage();
      await other.goto(page.url());
      await showLeaf(other, 'Make');
      await other.getByLabel('Notes').fill('of the other');
      await page.getByLabel('Notes').fill('of the first');
      await page.reload();
      await expect(page.getByText('Changes you had not saved were kept')).toBeVisible();
      await showLeaf(page, 'Make');
      await expect(page.getByLabel('Notes')).toHaveValue('of the first');
      await page.getByRole('button', { name: 'Save', exact: true }).click();
      await expect(page.getByText('Saved as revision 2.')).toBeVisible();
      await other.close();
      await page.reload();
      await expect(page.getByText('Changes you had not saved were kept')).toBeVisible();
      await showLeaf(page, 'Make');
      await expect(page.getByLabel('Notes')).toHaveValue('of the other');
    },
  );

  test('JSON out reads back in; CSV out holds the schedule; half a file is refused in words', async ({
    page,
  }) => {
    await openPiece(page, 'Harbour float');
    const take = async (item: string): Promise<string> => {
      await page.getByText('Take away').click();
      const [file] = await Promise.all([
        page.waitForEvent('download'),
        page.getByRole('button', { name: item }).click(),
      ]);
      return readFileSync(await file.path(), 'utf8');
    };
    const json = await take('The piece, as JSON');
    const csv = await take('Tonight’s schedule, as CSV');
    expect(csv.split('\r\n')[0]).toBe(
      'segment,kind,what,from_c,to_c,rate_c_per_h,minutes,starts_day,starts_clock',
    );
    const read = async (text: string): Promise<void> => {
      await page.goto('/pieces');
      await page.getByLabel('Piece file').setInputFiles({
        name: 'float.json',
        mimeType: 'application/json',
        buffer: Buffer.from(text),
      });
    };
    await read(json.replace('Harbour float', 'Second float'));
    await expect(page.getByLabel('Name of the piece')).toHaveValue('Second float');
    await read(json.slice(0, 400));
    await expect(page.getByRole('alert')).toContainText('only half there');
  });
});
