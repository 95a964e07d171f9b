// The bench: rehearsed in two windows that stay in step, its heat live, readable and workable by whoever cannot use a mouse.
import type { Page } from '@playwright/test';
import type { MakingEvent, MakingLine } from '@zanfirico/contract/making';
import { expect, expectAccessible, test } from './house';
import { startServer } from './server';

const title = (page: Page): Promise<string> =>
  page
    .getByRole('region', { name: 'Now' })
    .getByRole('heading')
    .textContent()
    .then((t) => t ?? '');

const toMake = (page: Page, name: string) =>
  page.getByRole('region', { name: 'Make a piece' }).getByRole('link', { name, exact: true });

/** The focus goes on by Tab until it is on what is called so. */
async function tabTo(page: Page, name: string): Promise<void> {
  for (let k = 0; k < 80; k += 1) {
    await page.keyboard.press('Tab');
    const at = await page.evaluate(() => document.activeElement?.textContent.trim() ?? '');
    if (at === name) return;
  }
  throw new Error(`Tab never comes to “${name}”`);
}

/** Space until every step is done; each is waited for. */
async function toTheEnd(page: Page): Promise<void> {
  for (let k = 0; k < 120; k += 1) {
    const before = await title(page);
    if (before === 'Every step is done') return;
    const step = await page.getByText(/^step \d+ of \d+/).textContent();
    await page.keyboard.press('Space');
    await expect(async () => {
      const now = await title(page);
      if (now === 'Every step is done') return;
      expect(await page.getByText(/^step \d+ of \d+/).textContent()).not.toBe(step);
    }).toPass({ intervals: [20] });
  }
}

test(
  'a goblet is rehearsed in two windows in step, and its heat is there',
  { tag: '@long' },
  async ({ page, context }) => {
    await page.goto('/bench');
    await expect(page.getByRole('heading', { name: 'Make a piece' })).toBeVisible();
    await expectAccessible(page);
    await toMake(page, 'Quay goblet').click();
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
    // A window that comes late, when much has happened, follows as well.
    for (let k = 0; k < 3; k += 1) {
      const at = (await now.getByRole('heading').textContent()) ?? '';
      await other.bringToFront();
      await other.keyboard.press('Space');
      await page.bringToFront();
      await expect(now.getByRole('heading', { name: at, exact: true })).toHaveCount(0);
    }
  },
);

test('on a phone the step, the fire’s clock and the big key are in sight', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto('/bench');
  await toMake(page, 'Salt cellar').click();
  await page.getByRole('button', { name: 'Rehearse without glass' }).click();
  await expect(page.getByRole('region', { name: 'Now' }).getByRole('heading')).toBeInViewport();
  await expect(page.getByRole('button', { name: /^Next/ })).toBeInViewport();
  await page.getByRole('button', { name: 'Into the fire' }).click();
  await expect(
    page.getByRole('region', { name: 'Now' }).getByText(/^in the fire 0:0\d/),
  ).toBeInViewport();
  const wide = await page.evaluate(() => document.documentElement.scrollWidth);
  expect(wide).toBeLessThanOrEqual(390);
});

test('a piece is made with the keyboard alone, from the bench to the box, and is in tonight’s load', async ({
  page,
}) => {
  await page.goto('/bench');
  await expect(toMake(page, 'Salt cellar')).toBeVisible();
  await tabTo(page, 'Salt cellar');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: 'Begin' })).toBeEnabled();
  await tabTo(page, 'Begin');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('region', { name: 'Now' })).toContainText('Gather');
  await page.keyboard.press('Space');
  await page.keyboard.press('n');
  await expect(page.getByLabel('A note')).toBeFocused();
  await page.keyboard.type('a good gather');
  await page.keyboard.press('Enter');
  await page.keyboard.press('f');
  await expect(page.getByRole('complementary', { name: 'Heat' })).toContainText('in the fire');
  await page.keyboard.press('f');
  await page.keyboard.press('r');
  await expect(page.getByLabel('A reading')).toBeFocused();
  await page.keyboard.type('52 mm');
  await page.keyboard.press('Enter');
  await toTheEnd(page);
  await page.keyboard.press('Space');
  await expect(page.getByText(/in the front box after/)).toBeVisible();
  await expect(page.getByRole('list', { name: 'Written down' })).toContainText('a good gather');
  await expect(page.getByRole('list', { name: 'Written down' })).toContainText('52.0 mm');
  await expect(page.getByRole('img', { name: /^The braid:/ })).toHaveCount(2);
  await expectAccessible(page);
  await page.goto('/night');
  await expect(page.getByText('Salt cellar').first()).toBeVisible();
});

test(
  'a picture is kept with the making, drawn anew, and shown where it is looked back at',
  { tag: '@long' },
  async ({ page }) => {
    await page.goto('/bench');
    await toMake(page, 'Salt cellar').click();
    await page.getByRole('button', { name: 'Begin' }).click();
    await expect(page.getByRole('region', { name: 'Now' })).toContainText('Gather');
    const field = page.getByLabel('A picture of it');
    await field.setInputFiles({
      name: 'note.jpg',
      mimeType: 'image/jpeg',
      buffer: Buffer.from('no'),
    });
    await expect(page.getByText(/“note.jpg” is no picture/)).toBeVisible();
    const buffer = await page.screenshot();
    await field.setInputFiles({ name: 'piece.png', mimeType: 'image/png', buffer });
    await expect(page.getByText('The picture is kept with this making.')).toBeVisible();
    await page.keyboard.press('m');
    await page.getByRole('button', { name: 'Give it up' }).click();
    const picture = page.getByRole('list', { name: 'Pictures' }).getByRole('img');
    await expect(picture).toBeVisible();
    await expect(async () => {
      expect(await picture.evaluate((i: HTMLImageElement) => i.naturalWidth)).toBe(1280);
    }).toPass();
  },
);

test('on two machines: what one taps the other has within a moment, and one step is one step', async ({
  browser,
  page,
  server,
}) => {
  await page.goto('/bench');
  await toMake(page, 'Quay goblet').click();
  await page.getByRole('button', { name: 'Begin' }).click();
  await expect(page.getByRole('region', { name: 'Now' })).toContainText('Gather');
  const elsewhere = await browser.newContext({ baseURL: server.url });
  const other = await elsewhere.newPage();
  await other.goto(page.url());
  await expect(other.getByRole('region', { name: 'Now' })).toContainText('Gather');
  const step = await title(page);
  // Both tap at once, for the same step.
  await Promise.all([page.keyboard.press('Space'), other.keyboard.press('Space')]);
  await expect.poll(() => title(page)).not.toBe(step);
  await expect.poll(async () => (await title(page)) === (await title(other))).toBe(true);
  await expect(page.getByText(/^step 2 of/)).toBeVisible();
  await expect(other.getByText(/^step 2 of/)).toBeVisible();
  await elsewhere.close();
});

test(
  'the server falls and is away for a while: the work goes on, and all of it arrives',
  { tag: '@long' },
  async ({ browser }) => {
    const first = await startServer();
    const context = await browser.newContext({ serviceWorkers: 'allow' });
    const page = await context.newPage();
    await page.goto(`${first.url}/bench`);
    await toMake(page, 'Salt cellar').click();
    await page.getByRole('button', { name: 'Begin' }).click();
    await expect(page.getByRole('region', { name: 'Now' })).toContainText('Gather');
    await page.waitForFunction(() => navigator.serviceWorker.controller !== null);
    await page.keyboard.press('Space');
    await page.waitForTimeout(1500);
    await first.fall();
    for (let k = 0; k < 3; k += 1) await page.keyboard.press('Space');
    const there = await title(page);
    // The tab is closed, and opened while the server is still away: back where it was, the glass having cooled meanwhile.
    const url = page.url();
    await page.close();
    const again = await context.newPage();
    await again.goto(url);
    await expect.poll(() => title(again)).toBe(there);
    const second = await startServer(Number(new URL(first.url).port), first.data);
    const id = url.split('/').at(-1) ?? '';
    await expect(async () => {
      const res = await again.request.get(`${second.url}/api/makings/${id}`);
      const { events } = (await res.json()) as { events: MakingEvent[] };
      expect(events.map((e) => e.kind)).toEqual(['step', 'step', 'step', 'step']);
    }).toPass({ timeout: 45_000 });
    await context.close();
    second.stop();
  },
);

test(
  'the demo studio has been at work: three ended, one is on the bench',
  { tag: '@long' },
  async ({ page }) => {
    const list = (await (await page.request.get('/api/makings')).json()) as MakingLine[];
    const demo = list.filter((m) => m.id.startsWith('de300000-0000-4000-8'));
    expect(demo.map((m) => m.ended ?? 'going').sort()).toEqual([
      'boxed',
      'boxed',
      'given up',
      'going',
    ]);
    await page.goto('/bench');
    await page.getByRole('region', { name: 'Being made' }).getByRole('link').first().click();
    await expect(page.getByRole('region', { name: 'Now' })).toBeVisible();
  },
);
