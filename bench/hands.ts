// What hands wait for, in Chromium against the real server: script a key typed, a sheet opened again, the longest task of a sheet.
import { chromium, type Page } from '@playwright/test';
import { CHROMIUM } from '../e2e/chromium';
import { startServer } from '../e2e/server';
import { PAGE } from './browser';
import { nextFrame, spent } from './frames';
import { median, often, type Row } from './rows';

const SHEETS = ['Section', 'Colour', 'Braid', 'Its night', 'Card'].slice(0, often(5));

/** Starts server and browser, measures, stops both. */
export async function measureHands(): Promise<Row[]> {
  const server = await startServer();
  const browser = await chromium.launch(CHROMIUM);
  try {
    const page = await browser.newPage({ ...PAGE });
    // The glass is drawn by software here, and a canvas waits for that wherever it changes size: 0.3 to 0.6 s that are no script's.
    await page.addInitScript(() => {
      localStorage.setItem(
        'zanfirico.board',
        JSON.stringify({ state: { snap: true, turning: false }, version: 0 }),
      );
    });
    const session = await page.context().newCDPSession(page);
    await session.send('Performance.enable');
    const script = (): Promise<number> => spent(session, 'ScriptDuration');
    const rows: Row[] = [];
    await page.goto(`${server.url}/pieces`);
    await page.getByRole('link', { name: 'Oil cruet' }).click();
    await page.getByRole('tab', { name: 'Make' }).click();
    const note = page.getByLabel('Notes');
    await note.click();
    rows.push(
      typed('a note', await perKey(page, script, ' thinner at the neck'.slice(0, often(20, 2)))),
    );
    await page.getByRole('link', { name: 'Its night' }).click();
    await page.getByLabel(/^Hold at/).click();
    await page.waitForTimeout(often(3000, 100));
    rows.push(typed('the hold', await perKey(page, script, '502502502'.slice(0, often(9, 1)))));
    await page.keyboard.press('Escape');
    for (const sheet of SHEETS) {
      const link = page.getByRole('link', { name: sheet, exact: true });
      const other = page.getByRole('link', {
        name: sheet === 'Card' ? 'Colour' : 'Card',
        exact: true,
      });
      const opened: number[] = [];
      for (let i = 0; i < often(4, 2); i += 1) {
        await other.click();
        await settled(page);
        const before = await script();
        await link.click();
        await settled(page);
        if (i > 0) opened.push((await script()) - before);
      }
      rows.push({
        what: `${sheet} opened again, glass view off: script (median of 3)`,
        measured: `${median(opened).toFixed(0)} ms`,
        wanted: '< 150 ms',
      });
    }
    for (const [name, path] of [
      ['the shelf', '/pieces'],
      ['the Braid', `${new URL(page.url()).pathname.replace(/\/[a-z]+$/, '')}/braid`],
    ] as const) {
      await page.goto(`${server.url}${path}`);
      await page.waitForTimeout(often(4000, 500));
      const longest = await page.evaluate(
        () =>
          new Promise<number>((done) => {
            new PerformanceObserver((list) => {
              done(Math.max(0, ...list.getEntries().map((e) => e.duration)));
            }).observe({ type: 'longtask', buffered: true });
            setTimeout(() => {
              done(0);
            }, 500);
          }),
      );
      rows.push({
        what: `longest task as ${name} opens afresh`,
        measured: `${longest.toFixed(0)} ms`,
        wanted: '< 100 ms',
      });
    }
    return rows;
  } finally {
    await browser.close();
    server.stop();
  }
}

const typed = (what: string, each: readonly number[]): Row => ({
  what: `script a key typed into ${what} (median of ${String(each.length)})`,
  measured: `${median(each).toFixed(1)} ms`,
  wanted: '< 16 ms',
});

/** Script of each key of a text, to the frame that shows it. */
async function perKey(page: Page, script: () => Promise<number>, text: string): Promise<number[]> {
  const each: number[] = [];
  for (const key of text) {
    const before = await script();
    await page.keyboard.press(key === ' ' ? 'Space' : key);
    await nextFrame(page);
    each.push((await script()) - before);
  }
  return each;
}

/** Nothing more is fetched, and what was asked of the workers is there. */
async function settled(page: Page): Promise<void> {
  await page.waitForLoadState('networkidle');
  await page.waitForTimeout(often(900, 100));
}
