// What every interface test starts from: its own server, its own browser page, and no error left unseen.
import AxeBuilder from '@axe-core/playwright';
import { expect, test as base, type Page } from '@playwright/test';
import type { SavedPiece } from '@zanfirico/contract';
import type { Form } from '@zanfirico/core';
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
  const list = await page.request.get('/api/pieces');
  const piece = ((await list.json()) as SavedPiece[]).find((p) => p.document.name === name);
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

/** Nodes that are right are not written down one by one. */
const ONLY_WHAT_IS_WRONG = { resultTypes: ['violations' as const], preload: false, iframes: false };

/** axe finds nothing on the page as it stands. Contrast is looked at once, by the sweep over every screen: it takes longest. */
export async function expectAccessible(page: Page, contrast = false): Promise<void> {
  await settled(page);
  const axe = new AxeBuilder({ page }).options(ONLY_WHAT_IS_WRONG);
  const { violations } = await (contrast ? axe : axe.disableRules('color-contrast')).analyze();
  expectNone(violations);
}

/** Every text stands out from what is behind it. */
export async function expectContrast(page: Page): Promise<void> {
  await settled(page);
  const { violations } = await new AxeBuilder({ page }).withRules('color-contrast').analyze();
  expectNone(violations);
}

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
