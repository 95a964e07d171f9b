// A tap whose tab was closed before the browser had written it: it is there when the bench is opened again, once.
import type { MakingEvent } from '@zanfirico/contract/making';
import { Blob as NodeBlob } from 'node:buffer';
import { useNotices } from '../stores/notices';
import { keepEvent, keepPhoto, keptHere, send, unsent } from './bench';

const JOURNAL = 'zanfirico.bench.journal';
const MAKING = '00000000-0000-4000-8000-000000000001';
const note = (n: number): MakingEvent => ({
  kind: 'note',
  says: `tap ${String(n)}`,
  id: `00000000-0000-4000-8000-1000000000${String(n).padStart(2, '0')}`,
  at: 1_800_000_000_000 + n,
});

it('what a closed tab left on its way is taken up by the next, in order, and what comes after it is kept once', async () => {
  // The server is away: what is kept stays here.
  globalThis.fetch = () => Promise.reject(new Error('away'));
  localStorage.setItem(
    JOURNAL,
    JSON.stringify([
      { making: MAKING, event: note(1) },
      { making: MAKING, event: note(2) },
    ]),
  );
  // The first tap of the new tab opens the drawer.
  await keepEvent(MAKING, note(3));
  expect((await unsent(MAKING)).events).toEqual([note(1), note(2), note(3)]);
  expect(localStorage.getItem(JOURNAL)).toBeNull();
  await keepEvent(MAKING, note(4));
  expect((await keptHere(MAKING)).events).toEqual([1, 2, 3, 4].map(note));
  expect(localStorage.getItem(JOURNAL)).toBeNull();
});

it('a journal that is no journal is no harm', async () => {
  localStorage.setItem(JOURNAL, '{ broken');
  await keepEvent(MAKING, note(5));
  expect((await unsent(MAKING)).events.at(-1)).toEqual(note(5));
});

it('a picture there is no room for holds nothing back: what happened is sent, the picture says so and is tried again', async () => {
  const making = '00000000-0000-4000-8000-000000000009';
  const photo = '00000000-0000-4000-8000-0000000000aa';
  const asked: string[] = [];
  let full = true;
  globalThis.fetch = ((path: string, init?: RequestInit) => {
    asked.push(`${init?.method ?? 'GET'} ${path}`);
    return Promise.resolve(
      path.includes('/photos/') && full
        ? new Response(JSON.stringify({ error: 'The disc is full.' }), { status: 507 })
        : new Response(JSON.stringify({ events: 1 }), { status: 200 }),
    );
  }) as typeof fetch;
  await keepPhoto(making, photo, new NodeBlob(['x']) as unknown as Blob);
  await keepEvent(making, { ...note(9), id: '00000000-0000-4000-8000-100000000099' });
  await send(making);
  expect(asked.some((a) => a === `POST /api/makings/${making}/events`)).toBe(true);
  expect((await unsent(making)).events).toEqual([]);
  expect(
    useNotices
      .getState()
      .notices.map((n) => n.text)
      .join(' '),
  ).toContain('The disc is full.');
  full = false;
  asked.length = 0;
  await send(making);
  expect(asked).toEqual([`PUT /api/photos/${photo}`]);
  asked.length = 0;
  await send(making);
  expect(asked).toEqual([]);
});
