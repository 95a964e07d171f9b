// Open formats: the section, the profile and the solid form out and back in; what is wrong is said in words.
import type { Page } from '@playwright/test';
import { readFileSync } from 'node:fs';
import { expect, expectAccessible, openPiece, startPiece, test } from './house';

async function take(page: Page, item: string): Promise<Buffer> {
  await page.locator('summary', { hasText: 'Take away' }).click();
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: item }).click(),
  ]);
  return readFileSync(await file.path());
}

async function offer(page: Page, label: string, name: string, buffer: Buffer): Promise<void> {
  await page.getByLabel(label).setInputFiles({ name, mimeType: 'text/plain', buffer });
}

test.describe('open formats', () => {
  test(
    'the section goes out as SVG and comes back as the same profile',
    { tag: '@long' },
    async ({ page }) => {
      await openPiece(page, 'Tide-pool bowl');
      const svg = await take(page, 'The section, as SVG 1 : 1');
      const csv = await take(page, 'The profile of body, as CSV');
      await startPiece(page, 'tumbler', 'Read back');
      await page.getByRole('button', { name: 'Read a profile from a file' }).click();
      const dialog = page.getByRole('dialog', { name: /Read a profile/ });
      await offer(page, 'Profile file', 'bowl.svg', svg);
      await expect(dialog).toContainText('7 points, 93.4 mm high');
      await expectAccessible(page);
      await dialog.getByRole('button', { name: 'Put it on the board' }).click();
      await expect(page.getByLabel('Point 7 radius')).toHaveValue('122');
      await expect(page.getByLabel('Point 3 wall')).toHaveValue('6.6');
      await page.keyboard.press('Control+z');
      await expect(page.getByLabel('Point 7 radius')).toHaveCount(0);
      await page.getByRole('button', { name: 'Read a profile from a file' }).click();
      await offer(page, 'Profile file', 'bowl.csv', csv);
      await expect(dialog).toContainText('7 points');
      await offer(page, 'Profile file', 'bad.csv', Buffer.from('height,radius\n0,0\n1,wide\n2,3'));
      await expect(dialog.getByRole('alert')).toContainText('Row 2, radius: “wide” is no number');
      await offer(
        page,
        'Profile file',
        'closed.svg',
        Buffer.from('<svg><path d="M0 0h9v9z"/></svg>'),
      );
      await expect(dialog.getByRole('alert')).toContainText('This path is closed');
      await offer(page, 'Profile file', 'huge.svg', Buffer.alloc(4_100_000, 32));
      await expect(dialog.getByRole('alert')).toContainText('at most 4 MB can be read');
      await expect(dialog.getByRole('button', { name: 'Put it on the board' })).toBeDisabled();
    },
  );

  test(
    'the glass body goes out as GLB and STL, and a sculpted bit comes in',
    { tag: '@long' },
    async ({ page }) => {
      await openPiece(page, 'Gull on a bollard');
      const glb = await take(page, 'The parts as they are, as GLB');
      expect(glb.toString('latin1', 0, 4)).toBe('glTF');
      expect(glb.readUInt32LE(4)).toBe(2);
      expect(glb.readUInt32LE(8)).toBe(glb.length);
      const stl = await take(page, 'The parts as they are, as STL');
      expect(stl.length).toBe(84 + 50 * stl.readUInt32LE(80));
      await startPiece(page, 'bowl', 'Sculpted bowl');
      // A cube of 20 mm from four triangles short of closed, then closed.
      await page.locator('summary', { hasText: 'Bit' }).click();
      await page.getByRole('button', { name: 'From a mesh file (STL) …' }).click();
      const dialog = page.getByRole('dialog', { name: 'Read a sculpted bit' });
      await offer(page, 'Mesh file', 'open.stl', cube(11));
      await expect(dialog.getByRole('alert')).toContainText('The mesh is not closed');
      await offer(page, 'Mesh file', 'cube.stl', cube(12));
      await expect(dialog).toContainText('12 facets, closed, 8 ml of glass');
      await dialog.getByText('1 inch').click();
      await expect(dialog).toContainText('131.10 l of glass');
      await dialog.getByText('1 mm').click();
      await dialog.getByRole('button', { name: 'Put it on the board' }).click();
      await expect(page.getByLabel('Name of the bit')).toHaveValue('sculpture');
      await page.keyboard.press('Control+s');
      await expect(page.getByText('Saved as revision 2.')).toBeVisible();
    },
  );
});

/** A cube of 20 units as text STL, with so many of its twelve facets. */
function cube(facets: number): Buffer {
  const corners = [0, 1, 2, 3, 4, 5, 6, 7].map((i) =>
    [i & 1, (i >> 1) & 1, (i >> 2) & 1].map((v) => v * 20).join(' '),
  );
  const quads = [
    [0, 2, 3, 1],
    [4, 5, 7, 6],
    [0, 1, 5, 4],
    [2, 6, 7, 3],
    [0, 4, 6, 2],
    [1, 3, 7, 5],
  ];
  const triangles = quads.flatMap(([a, b, c, d]) => [
    [a, b, c],
    [a, c, d],
  ]);
  const text = triangles
    .slice(0, facets)
    .map(
      (t) =>
        `facet normal 0 0 0\nouter loop\n${t.map((i) => `vertex ${corners[i ?? 0] ?? ''}`).join('\n')}\nendloop\nendfacet`,
    )
    .join('\n');
  return Buffer.from(`solid cube\n${text}\nendsolid cube\n`);
}
