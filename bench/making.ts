// At the bench, in Chromium against the real server: a tap to the next step, a tap seen elsewhere, and what an idle screen costs.
import { chromium, type CDPSession, type Page } from '@playwright/test';
import { CHROMIUM } from '../e2e/chromium';
import { startServer } from '../e2e/server';
import { PAGE } from './browser';
import { nextFrame, spent } from './frames';
import { median, often, type Row } from './rows';

const TAPS = often(15, 2);
const IDLE_MS = often(8000, 300);

interface Watching {
  changedAt?: number | undefined;
}

/** From now on the page notes when its step is another, not its clock alone: its own time, since 1970 with fractions, ms. */
const watch = (page: Page): Promise<void> =>
  page.evaluate((place) => {
    const before = document.querySelector(place)?.textContent;
    const watching = window as Watching;
    watching.changedAt = undefined;
    const seen = new MutationObserver(() => {
      if (document.querySelector(place)?.textContent === before) return;
      seen.disconnect();
      watching.changedAt = performance.timeOrigin + performance.now();
    });
    seen.observe(document.body, { subtree: true, childList: true, characterData: true });
  }, '[aria-label="Now"] p');

const changedAt = async (page: Page): Promise<number> => {
  const at = await page.waitForFunction(() => (window as Watching).changedAt, undefined, {
    timeout: 5000,
  });
  return (await at.jsonValue()) ?? NaN;
};

export async function measureMaking(): Promise<Row[]> {
  const server = await startServer();
  const browser = await chromium.launch(CHROMIUM);
  try {
    const page = await browser.newPage({ ...PAGE });
    await page.goto(`${server.url}/bench`);
    await page
      .getByRole('region', { name: 'Make a piece' })
      .getByRole('link', { name: 'Harbour candlestick', exact: true })
      .click();
    await page.getByRole('button', { name: 'Begin' }).click();
    await page.getByRole('region', { name: 'Now' }).waitFor();
    const session: CDPSession = await page.context().newCDPSession(page);
    await session.send('Performance.enable');
    const busy = (): Promise<number> =>
      spent(session, 'ScriptDuration', 'LayoutDuration', 'RecalcStyleDuration');
    const other = await (await browser.newContext({ ...PAGE })).newPage();
    await other.goto(page.url());
    await other.getByRole('region', { name: 'Now' }).waitFor();
    await page.waitForTimeout(often(2000, 100));
    const taps: number[] = [];
    const seen: number[] = [];
    for (let i = 0; i < TAPS; i += 1) {
      await watch(other);
      const before = await busy();
      const tapped = await page.evaluate(() => performance.timeOrigin + performance.now());
      await page.keyboard.press('Space');
      await nextFrame(page);
      taps.push((await busy()) - before);
      seen.push((await changedAt(other)) - tapped);
      await page.waitForTimeout(often(700, 200));
    }
    const idle = await busy();
    await page.waitForTimeout(IDLE_MS);
    const share = ((await busy()) - idle) / IDLE_MS;
    return [
      {
        what: `bench: a tap to the next step, script, style and layout to its frame (median of ${String(TAPS)})`,
        measured: `${median(taps).toFixed(0)} ms`,
        wanted: '< 50 ms',
      },
      {
        what: `bench: a tap until another window has changed (median of ${String(TAPS)})`,
        measured: `${median(seen).toFixed(0)} ms`,
        wanted: '< 300 ms',
      },
      {
        what: 'bench: an idle screen of the candlestick, its page’s share of one core (the heat’s worker apart)',
        measured: `${(100 * share).toFixed(1)} %`,
        wanted: '< 3 %',
      },
    ];
  } finally {
    await browser.close();
    server.stop();
  }
}
