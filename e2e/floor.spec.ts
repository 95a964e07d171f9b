// The shop floor: screens let in over https, each to what it may; two in one piece; a wall that says its age; a bench that is cut off.
import type { Browser, BrowserContext, Page } from '@playwright/test';
import type { SavedPiece, ShelfPage } from '@zanfirico/contract';
import type { MakingEvent } from '@zanfirico/contract/making';
import { expect, expectAccessible, expectContrast, test } from './house';
import { startServer, type Running } from './server';

const open = (): Promise<Running> => startServer(0, undefined, ['--lan']);

/** Another device: its own cookies, and a certificate it was told to trust. */
const device = (browser: Browser, width = 1280): Promise<BrowserContext> =>
  browser.newContext({
    ignoreHTTPSErrors: true,
    viewport: { width, height: 800 },
    reducedMotion: 'reduce',
    serviceWorkers: 'block',
  });

/** A code, as the lead's screen shows it. */
async function codeFor(lead: Page, url: string, may: string, name: string): Promise<string> {
  await lead.goto(`${url}/rack/screens`);
  await lead.getByLabel('Who it is: a role').fill(name);
  await lead.getByRole('combobox', { name: 'May' }).selectOption(may);
  await lead.getByRole('button', { name: 'Show a code' }).click();
  const shown = await lead.getByRole('status').filter({ hasText: 'Good once' }).textContent();
  return (
    /(\d{3}) (\d{3})/
      .exec(shown ?? '')
      ?.slice(1)
      .join('') ?? ''
  );
}

/** Lets a device in by the picture that is scanned. */
async function letIn(
  lead: Page,
  server: Running,
  context: BrowserContext,
  may: string,
  name: string,
): Promise<Page> {
  const code = await codeFor(lead, server.url, may, name);
  const page = await context.newPage();
  await page.goto(`${await server.network()}/enter#${code}`);
  await page.getByRole('button', { name: 'Enter' }).click();
  await expect(page.getByRole('heading', { level: 1 })).not.toHaveText('Let this screen in');
  return page;
}

const status = (page: Page, method: string, path: string, body?: object): Promise<number> =>
  page.evaluate(
    async ([m, p, b]) =>
      (
        await fetch(p, {
          method: m,
          ...(b !== undefined && { headers: { 'Content-Type': 'application/json' }, body: b }),
        })
      ).status,
    [method, path, body && JSON.stringify(body)] as const,
  );

test(
  'a phone is paired by six digits, works as a hand, and is put out',
  { tag: '@long' },
  async ({ page, browser }) => {
    const server = await open();
    const phone = await device(browser, 390);
    const hand = await phone.newPage();
    // Not let in, every address is the pairing page, and nothing else is had.
    await hand.goto(`${await server.network()}/pieces`);
    await expect(hand.getByRole('heading', { name: 'Let this screen in' })).toBeVisible();
    await expectAccessible(hand, true);
    expect(await status(hand, 'GET', '/api/pieces')).toBe(401);
    expect(await status(hand, 'GET', '/sw.js')).toBe(401);

    const code = await codeFor(page, server.url, 'hand', 'Bench one');
    await expectAccessible(page, true);
    const wrong = code === '000000' ? '111111' : '000000';
    for (const d of wrong) await hand.getByRole('button', { name: d, exact: true }).click();
    await expect(hand.getByRole('alert')).toContainText('no code that is good now');
    for (const d of code) await hand.getByRole('button', { name: d, exact: true }).click();
    // It goes on where it wanted to.
    await expect(hand.getByRole('heading', { name: 'Pieces' })).toBeVisible();
    await expect(hand.getByText('Bench one')).toBeVisible();
    await expect(hand.getByRole('button', { name: 'New piece' })).toHaveCount(0);
    const shelf = await hand.evaluate(
      async () => (await fetch('/api/pieces')).json() as Promise<ShelfPage>,
    );
    const [first] = shelf.lines;
    expect(
      await status(hand, 'POST', `/api/pieces/${first?.id ?? ''}/put-away`, { putAway: true }),
    ).toBe(403);
    expect(await status(hand, 'GET', '/api/bundle')).toBe(403);
    // The code was good once.
    const late = await (await device(browser)).newPage();
    await late.goto(`${await server.network()}/enter#${code}`);
    await late.getByRole('button', { name: 'Enter' }).click();
    await expect(late.getByRole('alert')).toContainText('no code that is good now');

    // Put out by the lead, it is out at its next question, and what it shows is the door.
    await page.getByRole('button', { name: /^Put out: Bench one/ }).click();
    await hand.getByRole('link', { name: 'Log' }).click();
    await expect(hand.getByText('This screen is not let in any more')).toBeVisible();
    await hand.getByRole('button', { name: 'Let it in again' }).click();
    await expect(hand.getByRole('heading', { name: 'Let this screen in' })).toBeVisible();
    await page.getByText('Who changed what').click();
    await expect(page.getByRole('list', { name: 'Who changed what' })).toContainText(
      'put a device out',
    );
    await phone.close();
    server.stop();
  },
);

test(
  'a screen that looks has the walls and nothing else; cut off, a wall says its age',
  { tag: '@long' },
  async ({ page, browser }) => {
    const server = await open();
    const wall = await letIn(page, server, await device(browser), 'look', 'The wall');
    await expect(wall.getByRole('heading', { name: 'Tonight’s boxes' })).toBeVisible();
    await expect(wall.getByText('the big box')).toBeVisible();
    await expectAccessible(wall, true);
    await wall.goto(`${await server.network()}/pieces`);
    await expect(wall.getByRole('heading', { name: 'Tonight’s boxes' })).toBeVisible();
    await wall.getByRole('link', { name: 'Being made' }).click();
    await expect(wall.getByRole('heading', { name: 'Harbour candlestick' })).toBeVisible();
    await expect(wall.getByRole('list', { name: 'Who waits for whom' })).toContainText('gaffer');
    await expectAccessible(wall, true);
    await wall.getByRole('link', { name: 'Class' }).click();
    const benches = wall.getByRole('list', { name: 'Benches' });
    await expect(benches).toContainText('Red apron');
    await expect(benches).toContainText('half a gather');
    await expect(wall.getByRole('region', { name: 'At the hole' })).toContainText('Bench one');
    await expectAccessible(wall, true);
    await server.fall();
    await expect(wall.getByText(/Cut off: this is as it was at/)).toBeVisible();
    server.stop();
  },
);

test(
  'two leads in one piece: what does not touch is put together, what does is chosen',
  { tag: '@long' },
  async ({ page, browser }) => {
    const server = await open();
    const second = await letIn(page, server, await device(browser), 'lead', 'Second gaffer');
    const list = (await (
      await page.request.get(`${server.url}/api/pieces?find=Salt`)
    ).json()) as ShelfPage;
    const id = list.lines[0]?.id ?? '';
    await second.goto(`${await server.network()}/pieces/${id}/section`);
    await page.goto(`${server.url}/pieces/${id}/section`);
    await expect(page.getByText('Second gaffer is in this piece too.')).toBeVisible();
    await expect(second.getByText('this machine is in this piece too.')).toBeVisible();

    const read = async (): Promise<SavedPiece> =>
      (await (await page.request.get(`${server.url}/api/pieces/${id}`)).json()) as SavedPiece;
    const before = await read();
    // The one renames it, unsaved; the other changes the night and saves.
    const name = page.getByLabel('Name of the piece');
    await name.fill('Salt pot');
    await name.blur();
    const changed = {
      ...before.document,
      firing: { ...before.document.firing, holdTemperature: 505 },
    };
    expect(
      await status(second, 'PUT', `/api/pieces/${id}`, {
        baseRevision: before.revision,
        document: changed,
      }),
    ).toBe(200);
    await expect(
      page.getByText(/Second gaffer saved revision \d+: saved, yours is put together/),
    ).toBeVisible();
    // The other's own board, where nothing is unsaved, follows by itself.
    await expect(second.getByText(/saved revision \d+: it is on the board/)).toBeVisible();
    await page.keyboard.press('Control+s');
    await expect(page.getByText(/Nothing touched: both are in revision/)).toBeVisible();
    const both = await read();
    expect([both.document.name, both.document.firing.holdTemperature]).toEqual(['Salt pot', 505]);

    // Both rename it.
    await name.fill('Mine');
    await name.blur();
    expect(
      await status(second, 'PUT', `/api/pieces/${id}`, {
        baseRevision: both.revision,
        document: { ...both.document, name: 'Theirs' },
      }),
    ).toBe(200);
    await page.keyboard.press('Control+s');
    const dialog = page.getByRole('dialog');
    await expect(dialog.getByRole('group', { name: 'name' })).toContainText('was Salt pot');
    await expectAccessible(page);
    await dialog.getByLabel('theirs: Theirs').check();
    await dialog.getByRole('button', { name: 'Save both together, so' }).click();
    await expect(page.getByText(/Both are in revision/)).toBeVisible();
    expect((await read()).document.name).toBe('Theirs');
    // Every revision is kept, each with whose it is.
    await page.getByRole('button', { name: /^Revision \d/ }).click();
    await expect(page.getByRole('dialog')).toContainText('Second gaffer');
    server.stop();
  },
);

test(
  'a student at a bench over https: cut off, and the server started again, every tap is kept once and in order',
  { tag: '@long' },
  async ({ page, browser }) => {
    let server = await startServer(0, undefined, ['--lan']);
    const context = await device(browser, 820);
    const hand = await letIn(page, server, context, 'hand', 'Bench two');
    const net = await server.network();
    await hand.goto(`${net}/class`);
    await hand.getByRole('link', { name: /Thursday class/ }).click();
    await hand.getByRole('link', { name: 'Tonight' }).click();
    const green = hand.getByRole('listitem').filter({ hasText: /^Green apron/ });
    await green.getByRole('link', { name: 'Begin, or rehearse' }).click();
    await hand.getByRole('button', { name: 'Begin', exact: true }).click();
    const now = hand.getByRole('region', { name: 'Now' });
    await expect(now).toContainText('step 1 of');
    await expect(hand.getByRole('complementary', { name: 'The teacher says' })).toContainText(
      'second dip',
    );
    await hand.keyboard.press('Space');
    const id = hand.url().split('/').at(-1) ?? '';
    const port = Number(new URL(server.url).port);
    const { data } = server;
    // Off goes the server; the bench goes on.
    await server.fall();
    for (let k = 2; k <= 6; k += 1) {
      await expect(now).toContainText(`step ${String(k)} of`);
      await hand.keyboard.press('Space');
    }
    server = await startServer(port, data, ['--lan', '--lan-port', new URL(net).port]);
    await server.network();
    // Let in as before; what was tapped comes later, each once, by whose it was.
    await expect(async () => {
      const res = await page.request.get(`${server.url}/api/makings/${id}`);
      const told = (await res.json()) as { events: MakingEvent[]; by: Record<string, string> };
      const steps = told.events.flatMap((e) => (e.kind === 'step' ? [e.step] : []));
      expect(steps).toHaveLength(6);
      expect(new Set(steps).size).toBe(6);
      expect(told.events.map((e) => e.at)).toEqual(
        [...told.events.map((e) => e.at)].sort((a, b) => a - b),
      );
      expect(new Set(Object.values(told.by))).toEqual(new Set(['Bench two']));
    }).toPass({ timeout: 60_000 });
    await context.close();
    server.stop();
  },
);

test('a class: an exercise made of a piece, pairs put at benches, a sheet that says what to change, a handout of one page', async ({
  page,
  server,
}) => {
  await page.goto('/class');
  await expect(page.getByRole('link', { name: /Thursday class/ })).toBeVisible();
  await expectAccessible(page, true);
  await page.getByLabel('Find a piece to teach').fill('Rain gauge');
  await page.getByRole('button', { name: 'Rain gauge' }).click();
  await page.getByRole('button', { name: 'Make it a class' }).click();
  await expect(page.getByRole('heading', { name: 'Class: Rain gauge' })).toBeVisible();
  const target = page.getByRole('region', { name: 'The target' });
  await target.getByLabel('height, over').fill('1');
  await target.getByLabel('height, over').press('Enter');
  for (let k = 0; k < 3; k += 1) await page.getByRole('button', { name: 'A student' }).click();
  await page.getByRole('button', { name: 'Put in pairs' }).click();
  await expect(page.getByLabel('Bench of Student 3')).toHaveValue('Bench 2');
  await page
    .getByLabel(/^Where it lives: /)
    .first()
    .fill('on the hook');
  await page
    .getByLabel(/^Where it lives: /)
    .first()
    .press('Enter');
  await expectAccessible(page, true);
  await page.reload();
  await expect(page.getByLabel('Bench of Student 3')).toHaveValue('Bench 2');
  await expect(page.getByLabel(/^Where it lives: /).first()).toHaveValue('on the hook');

  await page.goto('/class/de300000-0000-4000-e000-000000000001/sheets');
  await page.getByLabel('Whose sheet').selectOption('Blue apron');
  const sheet = page.getByRole('table');
  await expect(sheet).toContainText('too much');
  await expect(page.getByRole('region', { name: 'Next time' })).toContainText('nearer');
  await expectAccessible(page, true);

  await page.getByRole('link', { name: 'Handout' }).click();
  await expect(page.getByText('bucket under the bench')).toBeVisible();
  await expectAccessible(page, true);
  const pdf = await page.pdf({ format: 'A4' });
  expect(pdf.toString('latin1').match(/\/Type \/Page\b/g)).toHaveLength(1);
  expect(server.url).toMatch(/^http:/);
});

test(
  'classes, walls and screens fit any width, and read in the light theme too',
  { tag: '@long' },
  async ({ page }) => {
    const LESSON = '/class/de300000-0000-4000-e000-000000000001';
    await page.goto('/pieces');
    await page.getByRole('button', { name: /Light and dark/ }).click();
    for (const [path, there] of [
      ['/class', 'What is taught'],
      [LESSON, 'In the teacher’s words'],
      [`${LESSON}/tonight`, 'Bench one'],
      [`${LESSON}/sheets`, 'Next time'],
      [`${LESSON}/handout`, 'Every time'],
      ['/wall/boxes', 'Tonight’s boxes'],
      ['/wall/bench', 'Harbour candlestick'],
      [`/wall${LESSON}`, 'Thursday class: the salt cellar'],
      ['/rack/screens', 'The studio’s network'],
    ] as const) {
      await page.setViewportSize({ width: 1280, height: 800 });
      await page.goto(path);
      await expect(page.getByRole('heading', { name: there })).toBeVisible();
      await expectContrast(page);
      for (const width of [1920, 820, 390, 320]) {
        await page.setViewportSize({ width, height: 900 });
        await expect
          .poll(
            () =>
              page.evaluate(
                () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
              ),
            `${path} at ${String(width)}`,
          )
          .toBeLessThanOrEqual(0);
      }
    }
  },
);

test('shut, the network finds nothing: only the flag or the switch opens it', async ({
  page,
  browser,
}) => {
  await page.goto('/rack/screens');
  const toggle = page.getByRole('checkbox');
  await expect(toggle).not.toBeChecked();
  await expect(page.getByText('Nobody yet')).toBeVisible();
  await toggle.click();
  const address = page.getByText(/^https:\/\/.*:\d+$/).first();
  await expect(address).toBeVisible();
  const { port } = new URL((await address.textContent()) ?? '');
  const other = await (await device(browser)).newPage();
  await other.goto(`https://127.0.0.1:${port}/`);
  await expect(other.getByRole('heading', { name: 'Let this screen in' })).toBeVisible();
  await toggle.click();
  await expect(page.getByText('shut: this machine alone')).toBeVisible();
  await expect(other.goto(`https://127.0.0.1:${port}/`)).rejects.toThrow();
});
