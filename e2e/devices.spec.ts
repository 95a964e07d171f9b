// Boxes as live devices, orders and cost: through the real interface, against the stand-ins that ship with it.
import { expect, expectAccessible, expectContrast, openPiece, test } from './house';

test(
  'a night is sent, read back, started by a key; a power cut is told by its name, and what was measured is judged',
  { tag: '@long' },
  async ({ page }) => {
    await page.goto('/night');
    await page
      .getByRole('button', { name: /Tide-pool bowl/ })
      .first()
      .click();
    const send = page.getByRole('button', { name: 'Send this night to the front box' });
    await expect(send).toBeEnabled({ timeout: 90_000 });
    await send.click();
    await expect(page.getByText(/steps, read back the same; it was not started/)).toBeVisible();
    await page.getByRole('button', { name: 'See it at the box' }).click();
    const front = page.getByRole('article', { name: 'the front box' });
    await expect(front.getByText('Nothing heats until it is started')).toBeVisible();
    await expectAccessible(page);
    await expectContrast(page);
    await front.getByRole('button', { name: 'Start it now' }).click();
    await front.getByText('It is a stand-in').click();
    const speed = (times: string) =>
      front
        .getByRole('group', { name: 'The clock of the front box runs' })
        .getByRole('radio', { name: times, exact: true })
        .check({ force: true });
    await speed('600 times faster');
    // Hot, and held for hours for the pieces to come: there the power goes for two hours.
    await expect(front.getByRole('status').first()).toHaveText(/50[3-7] °C/, { timeout: 60_000 });
    await front.getByLabel('Minutes').fill('120');
    await front.getByLabel('Minutes').press('Tab');
    await front.getByRole('button', { name: 'power away' }).click();
    await expect(front.getByText(/It fell by itself for .*: it had no power/)).toBeVisible({
      timeout: 90_000,
    });
    await expect(front.getByText(/Door may open/)).toBeVisible();
    await front.getByRole('button', { name: 'On the wall' }).click();
    const wall = page.getByRole('dialog', { name: 'the front box on the wall' });
    await expect(wall.getByText('Now')).toBeVisible();
    await wall.getByRole('button', { name: 'Off the wall' }).click();
    await speed('3600 times faster');
    // Once the last piece is in, the load is judged by what was measured.
    await expect(front.getByText(/By what was measured it keeps/)).toBeVisible({ timeout: 90_000 });
    // What was read is drawn by the month, and all of it is a table.
    // The night comes to its end, and its box shows the month.
    await expect(front.getByText(/Last night:/)).toBeVisible({ timeout: 90_000 });
    const months = front.getByRole('region', { name: 'Readings of the front box' });
    await expect(months.getByRole('img')).toBeVisible();
    const href = await months.getByRole('link', { name: /CSV/ }).getAttribute('href');
    const table = await page.request.get(href ?? '');
    expect(await table.text()).toMatch(/^time,temperature_C,.*\r\n20\d\d-/);
  },
);

test(
  'an order is taken, planned, moved by hand and told when it cannot be done',
  { tag: '@long' },
  async ({ page }) => {
    await page.goto('/orders');
    const days = page.getByRole('region', { name: 'The days to come' });
    await expect(days).toBeVisible({ timeout: 150_000 });
    await expectAccessible(page);
    await expectContrast(page);
    const fresh = page.getByRole('region', { name: 'A new order' });
    await fresh.getByPlaceholder('Find by name').fill('candlestick');
    await fresh.getByRole('button', { name: 'Harbour candlestick' }).click();
    await fresh.getByLabel('Good ones').fill('200');
    await fresh.getByLabel('Good ones').press('Tab');
    await fresh.getByRole('button', { name: 'Take the order' }).click();
    const row = days.getByRole('row', { name: /Harbour candlestick/ });
    await expect(row).toContainText(/in time: /, { timeout: 150_000 });
    // Put on a day by hand, it stays there.
    const cell = days.getByRole('textbox', { name: /^Salt cellar on Tuesday/ }).first();
    await cell.fill('3');
    await cell.press('Enter');
    await expect(
      days.getByRole('textbox', { name: /^Salt cellar on Tuesday .*, by hand/ }),
    ).toHaveValue('3');
    await row.getByRole('button', { name: /Take the order/ }).click();
    await expect(row).toHaveCount(0);
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(row).toHaveCount(1);
  },
);

test(
  'what a piece costs follows its prices; what would make it cheaper is ranked',
  { tag: '@long' },
  async ({ page }) => {
    await openPiece(page, 'Tide-pool bowl', 'cost');
    const told = page.getByText(/^A good one costs/);
    await expect(told).toBeVisible({ timeout: 90_000 });
    await expectAccessible(page);
    await expectContrast(page);
    const costs = async (): Promise<number> =>
      Number(/costs ([\d.]+)/.exec((await told.textContent()) ?? '')?.[1]);
    const before = await costs();
    await page.getByLabel('A kilogram of glass').fill('30');
    await page.getByLabel('A kilogram of glass').press('Tab');
    await expect.poll(costs).toBeGreaterThan(before + 10);
    const ways = page.getByRole('region', { name: 'What would make it cheaper' });
    const saves = (await ways.getByRole('listitem').allTextContents()).map((t) =>
      Number(/−([\d.]+)/.exec(t)?.[1]),
    );
    expect(saves.length).toBeGreaterThan(2);
    expect([...saves].sort((a, b) => b - a)).toEqual(saves);
  },
);

test(
  'the pot tells its furnace, and what the orders ask of it; nothing runs over a phone’s edge',
  { tag: '@long' },
  async ({ page }) => {
    await page.goto('/pot');
    const furnace = page.getByRole('region', { name: 'The furnace' });
    await expect(furnace).toContainText('asked 1150 °C');
    await furnace.getByLabel('Hold it at').fill('1165');
    await furnace.getByLabel('Hold it at').press('Tab');
    await furnace.getByRole('button', { name: 'Tell it 1165 °C' }).click();
    await expect(furnace).toContainText('asked 1165 °C');
    await page.getByRole('button', { name: 'Send this cook to the furnace' }).click();
    await expect(furnace).toContainText('it waits to be started');
    await expect(page.getByRole('region', { name: 'What is wanted of it' })).toContainText(
      'orders',
      {
        timeout: 150_000,
      },
    );
    await expectAccessible(page);
    await page.setViewportSize({ width: 390, height: 844 });
    for (const path of ['/pot', '/orders', '/night']) {
      await page.goto(path);
      if (path === '/night') await page.getByRole('tab', { name: 'At the boxes' }).click();
      await page.waitForTimeout(1500);
      const wide = await page.evaluate(() => document.documentElement.scrollWidth);
      expect(wide).toBeLessThanOrEqual(390);
    }
  },
);
