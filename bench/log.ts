// Measured against the real server and in Chromium: a log of five thousand makings; and in Node: a diagnosis, and what they teach.
import { chromium } from '@playwright/test';
import type { LogPage, MakingDocument } from '@zanfirico/contract/making';
import { biases, CAUSES, diagnose, type MadeAgainst } from '@zanfirico/core/log';
import { paceOf } from '@zanfirico/core/making';
import { robust } from '@zanfirico/core/stats';
import { CHROMIUM } from '../e2e/chromium';
import { startServer } from '../e2e/server';
import { median, often, quantile, type Row } from './rows';

const MAKINGS = often(5000, 60);
const ROUNDS = often(40, 2);
const DAY = 86_400_000;

const timed = (what: () => unknown): number => {
  const from = performance.now();
  what();
  return performance.now() - from;
};

/** Fills a log with copies of the demo's makings on days of their own; measures it; throws it away. */
export async function measureLog(): Promise<Row[]> {
  const server = await startServer();
  const browser = await chromium.launch(CHROMIUM);
  const api = async (path: string): Promise<string> =>
    (await fetch(`${server.url}/api${path}`)).text();
  try {
    const demo: MakingDocument[] = [];
    const all = JSON.parse(await api('/log/all?outcome=came')) as LogPage['lines'];
    for (const { id } of all.slice(0, 40)) {
      // Whose each event is comes along, and is no part of the file.
      const { begin, events } = JSON.parse(await api(`/makings/${id}`)) as MakingDocument;
      demo.push({ format: 'zanfirico.making', version: 1, begin, events });
    }
    const since = performance.now();
    for (let i = all.length; i < MAKINGS; i += 1) {
      const { begin, events, ...file } = demo[i % demo.length] as MakingDocument;
      const later = (i % 365) * DAY;
      const copy: MakingDocument = {
        ...file,
        begin: { ...begin, id: crypto.randomUUID(), at: begin.at - later },
        events: events.map((e) => ({ ...e, id: crypto.randomUUID(), at: e.at - later })),
      };
      const made = await fetch(`${server.url}/api/makings/read-in`, {
        method: 'POST',
        headers: { 'Content-Type': 'application/json' },
        body: JSON.stringify(copy),
      });
      if (made.status !== 201) throw new Error(await made.text());
    }
    const each = (performance.now() - since) / (MAKINGS - all.length);
    const ask = async (paths: readonly string[]): Promise<readonly number[]> => {
      const times: number[] = [];
      for (let i = 0; i < ROUNDS; i += 1) {
        const from = performance.now();
        await api(paths[i % paths.length] as string);
        times.push(performance.now() - from);
      }
      return times;
    };
    const found = await ask([
      '/log?find=lip',
      '/log?find=bowl+gaffer',
      '/log?find=2026-0',
      '/log?find=strain+point',
    ]);
    const first = await ask(['/log']);
    const chosen = await ask(['/log?lead=gaffer&outcome=lost', '/log?cause=misfit']);
    const came = await ask(['/log/all?outcome=came']);
    const taught = await ask(['/log/taught?since=0']);

    const paints: number[] = [];
    for (let i = 0; i < often(5); i += 1) {
      const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
      await page.addInitScript(() => {
        new MutationObserver((_, watcher) => {
          if (!document.querySelector('[aria-label="Everything made"] li')) return;
          watcher.disconnect();
          requestAnimationFrame(() => {
            performance.mark('shown');
          });
        }).observe(document, { childList: true, subtree: true });
      });
      await page.goto(`${server.url}/log`);
      await page.waitForFunction(() => performance.getEntriesByName('shown').length > 0);
      paints.push(
        await page.evaluate(() => performance.getEntriesByName('shown')[0]?.startTime ?? NaN),
      );
      await page.close();
    }

    const seen = { when: 'next morning', face: 'in two' } as const;
    const evidence = {
      lip: { above: 20, under: 4 },
      fit: { tension: 4.1, colour: 'white' },
      night: { share: 0.9, kept: 0.8 },
      punty: { base: 610, strain: 475 },
      door: 46,
      boxed: 5,
    };
    const history = Object.fromEntries(CAUSES.map((c, i) => [c.id, i]));
    const why = Array.from({ length: often(200) }, () =>
      timed(() => diagnose(seen, evidence, history)),
    );
    const measured = Array.from({ length: 3 * MAKINGS }, (_, i): MadeAgainst => ({
      of: (['wall', 'weight', 'height'] as const)[i % 3] ?? 'wall',
      drawn: 0.1,
      made: 0.1 + 0.01 * Math.sin(i),
    }));
    const steps = Array.from({ length: 50 * MAKINGS }, (_, i) => ({
      kind: ['marver', 'block', 'blow', 'open', 'neck'][i % 5] ?? 'marver',
      person: ['gaffer', 'second hand'][i % 2],
      share: 1 + 0.2 * Math.sin(i),
    }));
    const learnt = Array.from({ length: often(5) }, () =>
      timed(() => {
        biases(measured);
        robust(measured.map((m) => m.made));
        paceOf(steps);
      }),
    );
    const ms = (v: number): string => `${v.toFixed(v < 10 ? 1 : 0)} ms`;
    const row = (what: string, measured: string, wanted = ''): Row => ({ what, measured, wanted });
    const five = (what: string, measured: string, wanted?: string): Row =>
      row(`5000 makings: ${what}`, measured, wanted);
    return [
      five('one read in (mean)', ms(each)),
      five(
        'found by words, asked of the server (median, p95 of 40)',
        `${ms(median(found))}, ${ms(quantile(found, 0.95))}`,
        '< 50 ms',
      ),
      five('chosen by who led, how it came out, to what (median)', ms(median(chosen))),
      five('the log’s first page, asked of the server (median)', ms(median(first)), '< 300 ms'),
      five('all that came out, for shares and counts (median)', ms(median(came))),
      five('what there is to learn from (median)', ms(median(taught))),
      five('first of them on the page (median of 5 fresh pages)', ms(median(paints))),
      row('a diagnosis (Node, median of 200)', ms(median(why)), '< 100 ms'),
      row(
        'learning over 5000 makings of 50 steps and 3 measures (Node, median of 5)',
        ms(median(learnt)),
        '< 1 s',
      ),
    ];
  } finally {
    await browser.close();
    server.stop();
  }
}
