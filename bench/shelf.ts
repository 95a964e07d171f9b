// Measured against the real server and in Chromium: a shelf of two thousand pieces.
import { chromium } from '@playwright/test';
import type { SavedPiece, ShelfPage } from '@zanfirico/contract';
import { CHROMIUM } from '../e2e/chromium';
import { startServer } from '../e2e/server';
import { median, often, quantile, type Row } from './rows';

const PIECES = often(2000, 30);
const AT_ONCE = 10;
const ROUNDS = often(60);

/** Fills a shelf with copies of the demo's pieces under names of their own; measures it; throws it away. */
export async function measureShelf(): Promise<Row[]> {
  const server = await startServer();
  const browser = await chromium.launch(CHROMIUM);
  try {
    const get = async (query: string): Promise<string> =>
      (await fetch(`${server.url}/api/pieces${query}`)).text();
    const demo: SavedPiece[] = [];
    for (const { id } of (JSON.parse(await get('')) as ShelfPage).lines)
      demo.push(JSON.parse(await get(`/${id}`)) as SavedPiece);
    const since = performance.now();
    for (let i = demo.length; i < PIECES; i += 1) {
      const { document } = demo[i % demo.length] as SavedPiece;
      const made = await fetch(`${server.url}/api/pieces`, {
        method: 'POST',
        headers: { 'Content-Type': 'application/json' },
        body: JSON.stringify({ document: { ...document, name: `${document.name} ${String(i)}` } }),
      });
      if (made.status !== 201) throw new Error(await made.text());
    }
    const each = (performance.now() - since) / (PIECES - demo.length);

    const bytes = Math.max(
      ...(await Promise.all(['', '&from=400', '&from=1960'].map((q) => get(`?find=${q}`)))).map(
        (text) => text.length,
      ),
    );
    const times: number[] = [];
    for (let i = 0; i < ROUNDS; i += 1)
      await Promise.all(
        Array.from({ length: AT_ONCE }, async (_, k) => {
          const began = performance.now();
          await get(`?find=${k % 2 === 0 ? '' : 'cru'}&from=${String((i * 37) % 1900)}`);
          times.push(performance.now() - began);
        }),
      );

    const paints: number[] = [];
    for (let i = 0; i < often(5); i += 1) {
      const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
      await page.addInitScript(() => {
        new MutationObserver((_, watcher) => {
          if (!document.querySelector('[aria-label=Shelf] h2')) return;
          watcher.disconnect();
          requestAnimationFrame(() => {
            performance.mark('shown');
          });
        }).observe(document, { childList: true, subtree: true });
      });
      await page.goto(`${server.url}/pieces`);
      await page.getByRole('list', { name: 'Shelf' }).getByRole('heading').first().waitFor();
      await page.waitForFunction(() => performance.getEntriesByName('shown').length > 0);
      paints.push(
        await page.evaluate(() => performance.getEntriesByName('shown')[0]?.startTime ?? NaN),
      );
      await page.close();
    }
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
    await page.goto(`${server.url}/pieces`);
    await page.getByRole('list', { name: 'Shelf' }).waitFor();
    await page.waitForTimeout(often(3000, 300));
    const letters: number[] = [];
    const field = page.getByLabel('Find a piece by name');
    for (const text of ['o', 'oil', 'c', 'ca', 's', 'salt', 'b', 'bowl', 'h'].slice(
      0,
      often(9, 2),
    )) {
      await field.evaluate((input) => {
        const at = window as unknown as { shown: Promise<number> };
        const main = document.querySelector('main');
        input.addEventListener(
          'input',
          () => {
            const began = performance.now();
            at.shown = new Promise((done) => {
              new MutationObserver((_, watcher) => {
                watcher.disconnect();
                done(performance.now() - began);
              }).observe(main as Node, { childList: true, subtree: true });
            });
          },
          { once: true, capture: true },
        );
      });
      await field.fill(text);
      letters.push(
        await page.evaluate(() => (window as unknown as { shown: Promise<number> }).shown),
      );
      await page.waitForTimeout(400);
    }
    const ms = (v: number): string => `${v.toFixed(0)} ms`;
    return [
      {
        what: `${String(PIECES)} pieces: one made, checked and worked out for the shelf (mean)`,
        measured: `${each.toFixed(1)} ms`,
        wanted: '',
      },
      {
        what: `${String(PIECES)} pieces: a page of the list`,
        measured: `${(bytes / 1000).toFixed(0)} kB`,
        wanted: '< 100 kB',
      },
      {
        what: `${String(PIECES)} pieces: list, ten at once (median, p99 of ${String(times.length)})`,
        measured: `${ms(median(times))}, ${ms(quantile(times, 0.99))}`,
        wanted: 'p99 < 100 ms',
      },
      {
        what: `${String(PIECES)} pieces: first of them on the page (median of 5 fresh pages)`,
        measured: ms(median(paints)),
        wanted: '< 1 s',
      },
      {
        what: `${String(PIECES)} pieces: a letter typed to what it finds, before the next frame (median, most of ${String(letters.length)})`,
        measured: `${ms(median(letters))}, ${ms(Math.max(...letters))}`,
        wanted: '< 100 ms',
      },
    ];
  } finally {
    await browser.close();
    server.stop();
  }
}
