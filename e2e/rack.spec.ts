// The rack where a browser is needed: long tables, files taken away, photos.
import type { Page } from '@playwright/test';
import { readFileSync } from 'node:fs';
import { expect, expectAccessible, test } from './house';

/** Opens a sheet of the rack. */
async function openRack(page: Page, sheet = ''): Promise<void> {
  await page.goto(`/rack${sheet}`);
  await expect(page.getByRole('heading', { name: 'Rack', level: 1 })).toBeVisible();
}

/** A 2 × 1 picture: white, then a blue. */
function picture(page: Page): Promise<Buffer> {
  return page
    .evaluate(() => {
      const canvas = document.createElement('canvas');
      canvas.width = 400;
      canvas.height = 200;
      const context = canvas.getContext('2d');
      if (!context) throw new Error('no canvas');
      context.fillStyle = '#ffffff';
      context.fillRect(0, 0, 200, 200);
      context.fillStyle = '#3060c0';
      context.fillRect(200, 0, 200, 200);
      return canvas.toDataURL('image/png').split(',')[1] ?? '';
    })
    .then((data) => Buffer.from(data, 'base64'));
}

test.describe('the rack', () => {
  test(
    'tables: semicolons and commas are read, bad rows told, 2 000 colours scroll, all of it comes back out',
    { tag: '@long' },
    async ({ page }) => {
      await openRack(page);
      await page.getByText('Table', { exact: true }).click();
      await page.getByRole('button', { name: 'Take a table in (CSV)' }).click();
      const dialog = page.getByRole('dialog');
      const give = (text: string) =>
        dialog.getByLabel('CSV table').setInputFiles({
          name: 'rack.csv',
          mimeType: 'text/csv',
          buffer: Buffer.from(text),
        });
      await give('colour of the day\nblue\n');
      await expect(dialog.getByRole('alert')).toContainText(
        'needs a first row with a column “name”',
      );
      await give(`name\n${Array.from({ length: 50000 }, (_, i) => `c${String(i)}`).join('\n')}`);
      await expect(dialog.getByRole('alert')).toContainText('has 50000 rows; a rack holds 5000');
      const rows = Array.from(
        { length: 2000 },
        (_, i) =>
          `Pebble ${String(i).padStart(4, '0')};${String(940 + (i % 40)).replace(/(.)$/, ',$1')};`,
      );
      await give(
        ['name;COE;strain;annealing', ...rows, 'Wild;960;;', 'Over;96;540;500'].join('\n'),
      );
      await expect(dialog).toContainText('2000 read: 2000 new');
      await expect(dialog).toContainText('Row 2002: COE: Expansion: given 960');
      await dialog.getByRole('button', { name: 'Take 2000 in' }).click();
      await expect(page.getByText('2000 are in the rack.')).toBeVisible({ timeout: 30_000 });
      const list = page.getByRole('listbox', { name: 'Colours' });
      await page.getByPlaceholder('name, metal, form, lot').fill('pebble 1999');
      await expect(list.getByRole('option')).toHaveCount(1);
      await expect(list.getByRole('option')).toContainText('97.9');
      await expect(list.getByRole('option')).toContainText(/good|watch|no/);
      await page.getByPlaceholder('name, metal, form, lot').fill('pebble');
      // Only what is in sight is on the page.
      await expect.poll(() => list.getByRole('option').count()).toBeLessThan(40);
      await list.focus();
      await page.keyboard.press('PageDown');
      await expect(page.getByRole('region', { name: 'Pebble 0008' })).toBeVisible();
      await page.getByText('Table', { exact: true }).click();
      const taken = page.waitForEvent('download');
      await page.getByRole('button', { name: 'Take yours away (CSV)' }).click();
      const text = readFileSync(await (await taken).path(), 'utf8');
      expect(text.split('\r\n').filter((l) => l.includes('Pebble'))).toHaveLength(2000);
    },
  );

  test(
    'a colour out of a photo, corrected by the white beside it; what is no picture is refused',
    { tag: '@long' },
    async ({ page }) => {
      await openRack(page, '?entry=mussel');
      await page.getByRole('button', { name: 'From a photo' }).click();
      const dialog = page.getByRole('dialog');
      const file = dialog.getByLabel(/^Photo of the sample/);
      await file.setInputFiles({
        name: 'notes.png',
        mimeType: 'image/png',
        buffer: Buffer.from('no picture at all'),
      });
      await expect(dialog.getByRole('alert')).toContainText('“notes.png” is no picture');
      await file.setInputFiles({
        name: 'sample.png',
        mimeType: 'image/png',
        buffer: await picture(page),
      });
      const photo = dialog.getByRole('button', { name: /^Photo: arrows/ });
      const box = await photo.boundingBox();
      if (!box) throw new Error('no photo');
      await dialog.getByText('the white paper').click();
      await photo.click({ position: { x: box.width * 0.25, y: box.height / 2 } });
      await expect(dialog).toContainText('white #ffffff');
      await photo.click({ position: { x: box.width * 0.75, y: box.height / 2 } });
      await expect(dialog).toContainText(/glass #2[ef]5[de]b[ab]/);
      await photo.focus();
      await page.keyboard.press('Shift+ArrowLeft');
      await page.keyboard.press('Enter');
      await expectAccessible(page);
      await dialog.getByRole('button', { name: 'Take this colour' }).click();
      await expect(page.getByRole('region', { name: 'Mussel' })).toContainText('your own');
      await expect(page.getByLabel('Colour of the sample as it lay')).toHaveValue(/^#2[ef]5/);
    },
  );
});
