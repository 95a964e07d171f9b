// The first slice as a glassblower uses it: shelf, section, night, card, revisions, files.
import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { answer, expect, expectAccessible, openPiece, startPiece, test } from './house';

/** Centre of a handle on the page. */
async function handleAt(page: Page, name: RegExp): Promise<{ x: number; y: number }> {
  const box = await page.getByRole('button', { name }).locator('circle, rect').last().boundingBox();
  if (!box) throw new Error('the handle is not drawn');
  return { x: box.x + box.width / 2, y: box.y + box.height / 2 };
}

async function drag(page: Page, name: RegExp, dx: number, dy: number): Promise<void> {
  const from = await handleAt(page, name);
  await page.mouse.move(from.x, from.y);
  await page.mouse.down();
  await page.mouse.move(from.x + dx / 2, from.y + dy / 2);
  await page.mouse.move(from.x + dx, from.y + dy);
  await page.mouse.up();
}

test.describe('the shelf', () => {
  test('shows the demo studio’s pieces with glass, weight, gathers and hours', async ({ page }) => {
    await page.goto('/pieces');
    const bowl = page.getByRole('link', { name: 'Tide-pool bowl' });
    await expect(bowl).toContainText('Soft soda-lime batch 96');
    await expect(bowl).toContainText(/\d+ g glass/);
    await expect(bowl).toContainText('3 gathers');
    await expect(bowl).toContainText(/\d+ h( \d\d)? in the box/);
    await expect(page.getByRole('link', { name: 'Rain gauge' })).toContainText('mm tubing');
    await page.getByPlaceholder('Find by name').fill('cruet');
    await expect(page.getByRole('list', { name: 'Shelf' }).getByRole('link')).toHaveCount(1);
    await page.getByPlaceholder('Find by name').fill('no such thing');
    await expect(page.getByText('Nothing on the shelf is called')).toBeVisible();
  });

  test('puts a piece away and takes it back with undo', async ({ page }) => {
    await startPiece(page, 'plate', 'Put-away plate');
    await page.goto('/pieces');
    await page.getByRole('button', { name: 'Put away Put-away plate' }).click();
    await expect(page.getByRole('link', { name: 'Put-away plate' })).toHaveCount(0);
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(page.getByRole('link', { name: 'Put-away plate' })).toBeVisible();
  });
});

test.describe('the section', () => {
  test('a drag moves everything: glass, capacity, gathers, the night; one undo takes it back', async ({
    page,
  }) => {
    await startPiece(page, 'tumbler', 'Dragged tumbler');
    const before = await page.getByRole('region', { name: 'Answers' }).innerText();
    const radius = page.getByLabel('Point 5 radius');
    await expect(radius).toHaveValue('38');
    await drag(page, /^Point 5:/, -60, 0);
    await expect(radius).not.toHaveValue('38');
    const after = await page.getByRole('region', { name: 'Answers' }).innerText();
    expect(after).not.toBe(before);
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(radius).toHaveValue('38');
    await expect(page.getByRole('button', { name: 'Undo' })).toBeDisabled();
    await page.keyboard.press('Control+Shift+z');
    await expect(radius).not.toHaveValue('38');
  });

  test('a wall handle thickens the wall, and the night gets longer', async ({ page }) => {
    await startPiece(page, 'bowl', 'Thick bowl');
    const door = async (): Promise<string> =>
      (await answer(page, 'In the box').innerText()).replace(/\s+/g, ' ');
    const before = await door();
    await drag(page, /^Wall at point 1:/, 0, -60);
    const wall = Number(await page.getByLabel('Point 1 wall').inputValue());
    expect(wall).toBeGreaterThan(12);
    expect(await door()).not.toBe(before);
  });

  test('arrow keys nudge by 0.1 mm, with shift by 1 mm; plus and delete add and remove points', async ({
    page,
  }) => {
    await startPiece(page, 'tumbler', 'Nudged tumbler');
    await page.getByRole('button', { name: /^Point 4:/ }).focus();
    await page.keyboard.press('ArrowUp');
    await expect(page.getByLabel('Point 4 height')).toHaveValue('30.1');
    await page.keyboard.press('Shift+ArrowLeft');
    await expect(page.getByLabel('Point 4 radius')).toHaveValue('36');
    await page.getByRole('button', { name: /^Wall at point 4:/ }).focus();
    await page.keyboard.press('ArrowUp');
    await expect(page.getByLabel('Point 4 wall')).toHaveValue('3.6');
    await page.getByRole('button', { name: /^Point 4:/ }).focus();
    await page.keyboard.press('+');
    await expect(page.getByLabel('Point 7 height')).toBeVisible();
    await page.getByRole('button', { name: /^Point 5:/ }).focus();
    await page.keyboard.press('Delete');
    await expect(page.getByLabel('Point 7 height')).toHaveCount(0);
  });

  test('fields read any unit whatever the display shows', async ({ page }) => {
    await startPiece(page, 'tumbler', 'Typed tumbler');
    const height = page.getByLabel('Point 6 height');
    await height.fill('4 1/4 in');
    await height.press('Enter');
    await expect(height).toHaveValue('107.95');
    await page.getByLabel(/^Pot/).fill('2100F');
    await page.getByLabel(/^Pot/).press('Enter');
    await expect(page.getByLabel(/^Pot/)).toHaveValue('1148.9');
    await page.getByRole('button', { name: /^Length in mm/ }).click();
    await page.getByRole('button', { name: /^Weight in g/ }).click();
    await page.getByRole('button', { name: /^Temperature in/ }).click();
    await expect(height).toHaveValue('4.25');
    await expect(page.getByLabel(/^Pot/)).toHaveValue('2100');
    await expect(answer(page, 'Glass')).toContainText('oz');
    await height.fill('100 mm');
    await height.press('Enter');
    await expect(height).toHaveValue('3.937');
  });

  test('bad walls are refused in a sentence at their place; good drawings keep their answers', async ({
    page,
  }) => {
    await startPiece(page, 'tumbler', 'Bad tumbler');
    const wall = page.getByLabel('Point 4 wall');
    await wall.fill('0');
    await wall.press('Enter');
    await expect(page.getByRole('alert')).toContainText(
      'Point 4 wall: given 0.0 mm; allowed 0.3 mm to 500 mm.',
    );
    await wall.press('Escape');
    await wall.fill('60');
    await wall.press('Enter');
    await expect(page.getByRole('alert')).toContainText(
      'Point 4: the wall, 60 mm, is thicker than the room there',
    );
    await expect(page.getByRole('button', { name: /^Point 4:.*problem/ })).toBeVisible();
    await page.getByRole('button', { name: 'Save' }).click();
    await expect(page.getByText('Not saved. Point 4')).toBeVisible();
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(page.getByText('This cannot be made yet.')).toHaveCount(0);
  });

  test('every answer can be asked why', async ({ page }) => {
    await openPiece(page, 'Tide-pool bowl');
    for (const label of ['Glass', 'Gathers', 'Tips at', 'In the box']) {
      await answer(page, label).click();
      const why = page.getByRole('complementary', { name: `Why: ${label}` });
      await expect(why).toContainText('Source:');
      await expect(why).toContainText('What would change it');
    }
    await page.keyboard.press('Escape');
    await expect(page.getByRole('complementary')).toHaveCount(0);
  });
});

test.describe('night, braid and card', () => {
  test('the practice, the hold and the clock change tonight', async ({ page }) => {
    await openPiece(page, 'Tide-pool bowl');
    await page.getByRole('link', { name: 'Night', exact: true }).last().click();
    const slow = page.getByRole('button', { name: /^Slow fall \d/ });
    const studio = await slow.innerText();
    await page.getByText('Casting and fine work').click();
    await expect(slow).not.toHaveText(studio);
    const soak = page.getByRole('button', { name: /^Soak/ });
    const atAnnealing = await soak.innerText();
    await page.getByRole('button', { name: '925 °F' }).click();
    await expect(soak).not.toHaveText(atAnnealing);
    await page.getByLabel('Last piece in').fill('5.30 pm');
    await page.getByLabel('Last piece in').press('Enter');
    await expect(page.getByLabel('Last piece in')).toHaveValue('17:30');
    await expect(page.getByRole('row', { name: /Soak after the last piece/ })).toContainText(
      '17:30',
    );
    await page.getByLabel(/^Hold at/).fill('640 C');
    await page.getByLabel(/^Hold at/).press('Enter');
    await expect(page.getByText('the piece would sag')).toBeVisible();
  });

  test('the braid gives an order of work with its cautions', async ({ page }) => {
    await openPiece(page, 'Oil cruet');
    await page.getByRole('link', { name: 'Braid' }).click();
    await expect(page.getByRole('heading', { name: 'First gather' })).toBeVisible();
    await expect(page.getByText('Chips fly when a cold line is tapped')).toBeVisible();
  });

  test('the card is one A4 page in print, without the rest of the screen', async ({ page }) => {
    for (const name of ['Tide-pool bowl', 'Oil cruet', 'Rain gauge']) {
      await openPiece(page, name);
      await page.getByRole('link', { name: 'Card' }).click();
      await expect(page.getByRole('article', { name: 'Bench card' })).toContainText(
        'Night: door may open',
      );
      const pdf = await page.pdf({ preferCSSPageSize: true });
      const pages = pdf.toString('latin1').match(/\/Type\s*\/Page[^s]/g) ?? [];
      expect(pages, name).toHaveLength(1);
      await page.emulateMedia({ media: 'print' });
      await expect(page.getByRole('banner')).toBeHidden();
      await page.emulateMedia({ media: null });
    }
  });
});

test.describe('keeping', () => {
  test('a save is found again after a reload; an old revision can be brought back', async ({
    page,
  }) => {
    await startPiece(page, 'bottle', 'Kept bottle');
    const lip = page.getByLabel('Point 11 radius');
    await lip.fill('20');
    await lip.press('Enter');
    await page.keyboard.press('Control+s');
    await expect(page.getByText('Saved as revision 2.')).toBeVisible();
    await page.reload();
    await expect(lip).toHaveValue('20');
    await page.getByRole('button', { name: 'Revision 2' }).click();
    await page.getByRole('dialog').getByRole('button', { name: /^1 / }).click();
    await page.getByRole('button', { name: 'Bring revision 1 back' }).click();
    await expect(lip).toHaveValue('17');
    await page.getByRole('button', { name: 'Save', exact: true }).click();
    await expect(page.getByText('Saved as revision 3.')).toBeVisible();
  });

  test('unsaved changes survive closing the page', async ({ page }) => {
    await startPiece(page, 'plate', 'Unsaved plate');
    await page.getByLabel('Notes').fill('thinner next time');
    await page.waitForTimeout(500);
    await page.reload();
    await expect(page.getByText('Changes you had not saved were kept')).toBeVisible();
    await expect(page.getByLabel('Notes')).toHaveValue('thinner next time');
    await page.getByRole('button', { name: 'Drop them' }).click();
    await expect(page.getByLabel('Notes')).toHaveValue('');
  });

  test('two people saving: both revisions are offered, neither is lost', async ({
    page,
    baseURL,
  }) => {
    await startPiece(page, 'bowl', 'Shared bowl');
    const id = /pieces\/([0-9a-f-]{36})/.exec(page.url())?.[1] ?? '';
    const { document } = (await (await page.request.get(`${baseURL}/api/pieces/${id}`)).json()) as {
      document: Record<string, unknown>;
    };
    await page.request.put(`${baseURL}/api/pieces/${id}`, {
      data: { baseRevision: 1, document: { ...document, notes: 'theirs' } },
    });
    await page.getByLabel('Notes').fill('mine');
    await page.keyboard.press('Control+s');
    const dialog = page.getByRole('dialog', { name: 'Someone saved first' });
    await expect(dialog).toContainText('theirs');
    await expect(dialog).toContainText('mine');
    await expectAccessible(page);
    await dialog.getByRole('button', { name: 'Save mine on top' }).click();
    await expect(page.getByRole('button', { name: 'Revision 3' })).toBeVisible();
    await expect(page.getByLabel('Notes')).toHaveValue('mine');
  });

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

test.describe('for everyone', () => {
  for (const theme of ['dark', 'light'])
    test(`axe finds nothing on any screen, ${theme}`, async ({ page }) => {
      await openPiece(page, 'Tide-pool bowl');
      const base = page.url().replace(/\/section$/, '');
      if (theme === 'light') await page.getByRole('button', { name: /Light and dark/ }).click();
      await answer(page, 'In the box').click();
      for (const path of ['section', 'colour', 'braid', 'night', 'card']) {
        await page.goto(`${base}/${path}`);
        await expect(page.getByRole('region', { name: 'Answers' })).toContainText('Door');
        if (path === 'night') await expect(page.getByText('strain point')).toBeVisible();
        await expectAccessible(page);
      }
      for (const path of ['/pieces', '/rack', '/pot', '/bench', '/night', '/log', '/nowhere']) {
        await page.goto(path);
        await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
        await expectAccessible(page);
      }
      await page.goto('/pieces');
      await page.getByRole('button', { name: 'New piece' }).click();
      await expectAccessible(page);
    });

  test('the screens fit a tablet and a phone without sideways scrolling', async ({ page }) => {
    await openPiece(page, 'Tide-pool bowl');
    for (const width of [820, 390]) {
      await page.setViewportSize({ width, height: 1000 });
      for (const sheet of ['section', 'braid', 'night']) {
        await page.goto(page.url().replace(/\/\w+$/, `/${sheet}`));
        await expect(page.getByRole('region', { name: 'Answers' })).toContainText('Door');
        const over = await page.evaluate(
          () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
        );
        expect(over, `${sheet} at ${String(width)}`).toBeLessThanOrEqual(0);
      }
    }
  });

  test('a server that does not answer is said in a sentence', async ({ page }) => {
    await page.route('**/api/**', (route) => route.abort('connectionrefused'));
    await page.goto('/pieces');
    await expect(page.getByRole('alert')).toContainText('The server does not answer');
    await page.unroute('**/api/**');
    await page.getByRole('button', { name: 'Try again' }).click();
    await expect(page.getByRole('link', { name: 'Oil cruet' })).toBeVisible();
  });
});
