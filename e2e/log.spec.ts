// The log: a morning with one loss, from the box to why; whoever cannot use a mouse, and whoever has a phone.
import type { LogPage } from '@zanfirico/contract/making';
import { expect, expectAccessible, expectContrast, test } from './house';

test('a morning: one is lost, why is looked into and settled, and the shop’s losses count it', async ({
  page,
}) => {
  await page.goto('/log');
  const waits = page.getByRole('region', { name: 'Out of the box' });
  await expect(waits).toContainText('Salt cellar');
  await expectAccessible(page);
  await expectContrast(page);
  const lost = page.getByRole('region', { name: 'What is lost' });
  await expect(lost).toContainText(/\d+ of \d+: \d+ %/);
  // Other tests make and lose pieces too.
  const told = (await lost.textContent()) ?? '';
  const [, before = '0', all = '0'] = /(\d+) of (\d+): /.exec(told.replace(/^\D+/, '')) ?? [];
  await waits
    .getByRole('group', { name: 'How Salt cellar came out' })
    // Another test may have put one in too.
    .first()
    .getByRole('button', { name: 'lost' })
    .click();
  await expect(lost).not.toContainText(`${before} of ${all}:`);
  await page
    .getByRole('region', { name: 'Everything made' })
    .getByRole('link', { name: /^Salt cellar \d/ })
    .first()
    .click();
  const why = page.getByRole('region', { name: 'Why did it break?' });
  await why.getByRole('combobox', { name: /^When/ }).selectOption('next morning');
  await why.getByRole('combobox', { name: /^Where/ }).selectOption('thick to thin');
  await why.getByRole('combobox', { name: /^What its faces/ }).selectOption('in two');
  await expect(why.getByRole('listitem').first()).toContainText('It cooled too fast');
  // The night of this very piece has its say once it has been checked.
  await expect(why).toContainText(/(reached|reaches) \d+ % of the tension it may/, {
    timeout: 60_000,
  });
  await expectAccessible(page);
  await expectContrast(page);
  await why.getByRole('button', { name: 'It was this' }).first().click();
  await expect(why.getByRole('button', { name: 'It was this' }).first()).toHaveAttribute(
    'aria-pressed',
    'true',
  );
  // What it asks for goes into a new revision of its plan.
  const asks = why.getByRole('group', { name: 'What it asks of the plan' });
  await expect(asks).toContainText('Its night holds 30 % in hand, not 15 %.');
  await asks.getByRole('button', { name: 'Put it into the plan' }).click();
  await page.getByRole('button', { name: 'Open it' }).click();
  await expect(page).toHaveURL(/\/pieces\/[0-9a-f-]+\/section$/);
  await page.getByRole('link', { name: 'Its night' }).click();
  await expect(page.getByRole('radio', { name: /^30 %/ })).toBeChecked();
  await page.goto('/log?find=too+fast');
  await expect(page.getByRole('region', { name: 'Everything made' })).toContainText(
    'lost: It cooled too fast',
  );
});

test('on a phone the log does not run over its edge', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto('/log');
  await expect(page.getByRole('region', { name: 'What is lost' })).toBeVisible();
  const wide = await page.evaluate(() => document.documentElement.scrollWidth);
  expect(wide).toBeLessThanOrEqual(390);
});

test(
  'cold: marked with a tap on its section, measured, pictured and looked at between polarisers',
  { tag: '@long' },
  async ({ page, server }) => {
    const { lines } = (await (await fetch(`${server.url}/api/log?outcome=kept`)).json()) as LogPage;
    await page.goto(`/bench/${lines[0]?.id ?? ''}`);
    const marks = page.getByRole('region', { name: 'Marked on the section' });
    const section = marks.getByRole('img');
    await section.scrollIntoViewIfNeeded();
    const box = await section.boundingBox();
    if (!box) throw new Error('not drawn');
    await page.mouse.click(box.x + 0.5 * box.width, box.y + 0.5 * box.height);
    await expect(marks.getByRole('textbox', { name: /^from the axis/ })).toHaveValue(
      /^[-−]?0(\.\d)?$/,
    );
    await marks.getByRole('combobox', { name: 'What' }).selectOption('seed');
    await marks.getByRole('button', { name: 'Mark it' }).click();
    await expect(marks.getByRole('list', { name: 'Marks' })).toContainText('seed');
    await page.getByRole('textbox', { name: 'Made: weight' }).fill('170 g');
    await page.keyboard.press('Enter');
    await expect(page.getByRole('row', { name: /^weight/ })).toContainText(/[+−]\d+ %/);
    const seen = page.getByRole('region', { name: 'Between polarisers' });
    await seen.getByRole('button', { name: 'blue-grey' }).click();
    await expect(seen).toContainText(/MPa on the way through/);
    const picture = page.getByLabel('A picture of it, cold');
    // A text that is called a picture, and a drawing that could run, are refused in a sentence.
    for (const [name, text] of [
      ['cup.jpg', 'dear reader'],
      ['cup.svg', '<svg xmlns="http://www.w3.org/2000/svg"><script>alert(1)</script></svg>'],
    ] as const) {
      await picture.setInputFiles({
        name,
        mimeType: name.endsWith('svg') ? 'image/svg+xml' : 'image/jpeg',
        buffer: Buffer.from(text),
      });
      await expect(page.getByText(new RegExp(`“${name}”`)).last()).toBeVisible();
    }
    await picture.setInputFiles({
      name: 'cold.png',
      mimeType: 'image/png',
      buffer: await page.screenshot(),
    });
    await expect(page.getByRole('list', { name: 'Pictures' }).getByRole('img')).toHaveCount(1);
    await expectAccessible(page);
    await expectContrast(page);
  },
);

test(
  'a day, and makings side by side: whoever cannot use a mouse, or has a phone',
  { tag: '@long' },
  async ({ page, server }) => {
    const { lines } = (await (await fetch(`${server.url}/api/log?outcome=kept`)).json()) as LogPage;
    const [line] = lines;
    const day = new Date(line?.begunAt ?? 0).toLocaleDateString('sv');
    for (const [path, there] of [
      [`/log/day/${day}`, 'By whom'],
      [`/log/beside/${line?.piece ?? ''}`, 'to the box'],
    ] as const) {
      await page.goto(path);
      await expect(page.getByText(there).first()).toBeVisible();
      await expectAccessible(page);
      await expectContrast(page);
    }
    await page.setViewportSize({ width: 390, height: 844 });
    for (const path of [`/log/day/${day}`, `/bench/${line?.id ?? ''}`]) {
      await page.goto(path);
      await page.getByRole('heading', { level: 1 }).waitFor();
      await page.waitForTimeout(1500);
      expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(
        390,
      );
    }
  },
);
