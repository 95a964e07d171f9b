// What every interface test starts from: its own server, its own browser page, and no error left unseen.
import type { Form } from '@zanfirico/contract/piece';
import { expect, test as base, type Page } from '@playwright/test';
import type { SavedPiece, ShelfPage } from '@zanfirico/contract';
import axe, { type RunOptions } from 'axe-core';
import { freshDocument } from '../web/src/places/pieces/freshDocument';
import { startServer, type Running } from './server';

interface House {
  readonly server: Running;
}

export const test = base.extend<{ quiet: undefined; baseURL: string; glassView: boolean }, House>({
  server: [
    // Playwright reads the fixtures a fixture needs from this pattern: here, none.
    // eslint-disable-next-line no-empty-pattern
    async ({}, use) => {
      const server = await startServer();
      await use(server);
      server.stop();
    },
    { scope: 'worker' },
  ],
  baseURL: async ({ server }, use) => {
    await use(server.url);
  },
  // The glass view is drawn by software here and takes its time: off, but where a test is about it.
  glassView: [false, { option: true }],
  // Any error on the console, or thrown on the page, fails the test; so does a policy violation.
  quiet: [
    async ({ page, glassView }, use) => {
      if (!glassView)
        await page.addInitScript(() => {
          localStorage.setItem(
            'zanfirico.board',
            JSON.stringify({ state: { snap: true, turning: false }, version: 0 }),
          );
        });
      const troubles: string[] = [];
      page.on('pageerror', (e) => troubles.push(e.message));
      page.on('console', (m) => {
        if (m.type() === 'error' && !/status of 4\d\d|ERR_CONNECTION_REFUSED/.test(m.text()))
          troubles.push(m.text());
      });
      await use(undefined);
      expect(troubles).toEqual([]);
    },
    { auto: true },
  ],
});

export { expect };

/** Opens a sheet of a demo piece by its address, and waits for its answers. */
export async function openPiece(page: Page, name: string, sheet = 'section'): Promise<void> {
  const list = await page.request.get(`/api/pieces?find=${encodeURIComponent(name)}`);
  const piece = ((await list.json()) as ShelfPage).lines.find((p) => p.name === name);
  if (!piece) throw new Error(`no piece is called ${name}`);
  await page.goto(`/pieces/${piece.id}/${sheet}`);
  await expect(page.getByRole('region', { name: 'Answers' })).toContainText('Door');
}

/** Keeps a new piece of a form, as the dialog makes it, and opens its Section. */
export async function startPiece(page: Page, form: Form, name: string): Promise<void> {
  const document = freshDocument({ name, form, glass: 'soft-batch-96' });
  const kept = await page.request.post('/api/pieces', { data: { document } });
  expect(kept.status()).toBe(201);
  const { id } = (await kept.json()) as SavedPiece;
  await page.goto(`/pieces/${id}/section`);
  await expect(page.getByLabel('Name of the piece')).toHaveValue(name);
}

/** Opens a leaf of the Section. */
export async function showLeaf(page: Page, name: string): Promise<void> {
  await page.getByRole('tab', { name, exact: true }).click();
}

/** The value of one answer in the band. */
export const answer = (page: Page, label: string) =>
  page.getByRole('region', { name: 'Answers' }).getByRole('button', { name: label });

/** Nothing on the page is on its way from one colour to another; waited for no longer than a second. */
const settled = (page: Page): Promise<void> =>
  page.evaluate(async () => {
    const changes = document.getAnimations().filter((a) => a instanceof CSSTransition);
    await Promise.race([
      Promise.allSettled(changes.map((a) => a.finished)),
      new Promise((done) => setTimeout(done, 1000)),
    ]);
  });

/** Runs axe in the page it looks at: asked through its own page it would open another for every answer. */
async function look(page: Page, options: RunOptions): Promise<void> {
  await settled(page);
  if (!(await page.evaluate(() => 'axe' in window))) await page.evaluate(axe.source);
  // Nodes that are right are not written down one by one.
  const only: RunOptions = {
    ...options,
    resultTypes: ['violations'],
    preload: false,
    iframes: false,
  };
  const { violations } = await page.evaluate(
    (asked) => (window as unknown as { axe: typeof axe }).axe.run(document, asked),
    only,
  );
  expectNone(violations);
}

/** axe finds nothing on the page as it stands. Contrast is looked at once, by the sweep over every screen: it takes longest. */
export const expectAccessible = (page: Page, contrast = false): Promise<void> =>
  look(page, {
    // WCAG 2.2's target size is not among axe's usual rules.
    rules: { 'color-contrast': { enabled: contrast }, 'target-size': { enabled: true } },
  });

/** Every text stands out from what is behind it. */
export const expectContrast = (page: Page): Promise<void> =>
  look(page, { runOnly: ['color-contrast'] });

const expectNone = (
  violations: readonly { id: string; nodes: readonly { target: readonly unknown[] }[] }[],
): void => {
  expect(
    violations.map(
      (v) =>
        `${v.id}: ${v.nodes
          .map((n) => n.target.join(' '))
          .slice(0, 4)
          .join(' | ')}`,
    ),
  ).toEqual([]);
};
