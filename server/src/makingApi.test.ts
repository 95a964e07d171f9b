// Makings over HTTP: begun once, events kept once and in order, followed live, refused with the field and the remedy.
import type { MakingBegin, MakingEvent, MakingLine, PieceDocument } from '@zanfirico/contract';
import { get } from 'node:http';
import type { AddressInfo } from 'node:net';
import request from 'supertest';
import { createApp } from './app';
import { partsOver } from './app.fixture';
import { demoPieces } from './demo/demoPieces';
import { openDatabase, type Database } from './store/database';

const goblet = demoPieces()
  .flat()
  .find((d) => d.name === 'Quay goblet') as PieceDocument;
let n = 0;
const uuid = (): string => `00000000-0000-4000-8000-${String((n += 1)).padStart(12, '0')}`;
const T0 = 1_800_000_000_000;
const begun = (more: Partial<MakingBegin> = {}): MakingBegin => ({
  id: uuid(),
  piece: uuid(),
  revision: 1,
  at: T0,
  number: 1,
  document: goblet,
  steps: [
    { id: 's1', kind: 'gather', part: 'p1', seconds: 12 },
    { id: 's2', kind: 'box', part: 'p1', seconds: 10 },
  ],
  starts: [0, 12],
  ...more,
});
const done = (step: string, s: number): MakingEvent => ({
  kind: 'step',
  what: 'done',
  step,
  id: uuid(),
  at: T0 + 1000 * s,
});

let db: Database;
let api: ReturnType<typeof request>;
beforeEach(async () => {
  db = await openDatabase(':memory:');
  api = request(createApp(partsOver(db)));
});
afterEach(() => db.destroy());

describe('a making', () => {
  it('is begun once, however often it is sent; another under its id is refused', async () => {
    const begin = begun();
    await api.post('/api/makings').send(begin).expect(201);
    await api.post('/api/makings').send(begin).expect(201);
    const other = await api.post('/api/makings').send({ ...begin, number: 2 });
    expect(other.status).toBe(409);
    const { body } = await api.get('/api/makings').expect(200);
    expect((body as MakingLine[]).map((l) => [l.id, l.name, l.events])).toEqual([
      [begin.id, 'Quay goblet', 0],
    ]);
  });

  it('keeps each event once and in the order it came; a fall in the middle of sending loses none', async () => {
    const begin = begun();
    await api.post('/api/makings').send(begin);
    const [one, two] = [done('s1', 14), done('s2', 30)];
    await api.post(`/api/makings/${begin.id}/events`).send({ events: [one] });
    // The answer was lost: it is sent again with what came after.
    const again = await api
      .post(`/api/makings/${begin.id}/events`)
      .send({
        events: [
          one,
          two,
          { kind: 'boxed', annealer: 'the front box', id: uuid(), at: T0 + 31_000 },
        ],
      })
      .expect(200);
    expect(again.body).toEqual({ events: 3 });
    const { body } = await api.get(`/api/makings/${begin.id}`);
    const kept = body as { begin: MakingBegin; events: MakingEvent[] };
    expect(kept.begin).toEqual(begin);
    expect(kept.events.slice(0, 2)).toEqual([one, two]);
    const from = await api.get(`/api/makings/${begin.id}?from=2`);
    expect((from.body as { events: unknown[] }).events).toHaveLength(1);
    const [line] = (await api.get(`/api/makings?piece=${begin.piece}`)).body as MakingLine[];
    expect(line).toMatchObject({ events: 3, ended: 'boxed', lastAt: T0 + 31_000 });
  });

  it('the shelf is chosen from by it: boxed is made, a rehearsal and what was taken back are not', async () => {
    const shelf = partsOver(db).store;
    const [a, b] = [await shelf.create(goblet), await shelf.create({ ...goblet, name: 'other' })];
    const names = async (made: string): Promise<string[]> =>
      ((await api.get(`/api/pieces?made=${made}`)).body as { lines: { name: string }[] }).lines
        .map((l) => l.name)
        .sort();
    const box = async (piece: string, more: Partial<MakingBegin> = {}): Promise<string[]> => {
      const begin = begun({ piece, ...more });
      const id = uuid();
      await api.post('/api/makings').send(begin).expect(201);
      await api
        .post(`/api/makings/${begin.id}/events`)
        .send({ events: [{ kind: 'boxed', annealer: 'the front box', id, at: T0 + 9000 }] })
        .expect(200);
      return [begin.id, id];
    };
    expect(await names('never')).toEqual(['Quay goblet', 'other']);
    const [making, boxed] = await box(a.id);
    await box(b.id, { rehearsal: true });
    expect(await names('made')).toEqual(['Quay goblet']);
    expect(await names('never')).toEqual(['other']);
    await api
      .post(`/api/makings/${making ?? ''}/events`)
      .send({ events: [{ kind: 'taken back', event: boxed, id: uuid(), at: T0 + 9500 }] })
      .expect(200);
    expect(await names('made')).toEqual([]);
    expect((await api.get('/api/pieces?made=perhaps')).status).toBe(400);
  });

  it.each([
    ['an event of no kind', { kind: 'dance' }, 'events[0].kind'],
    ['a mishap nobody knows', { kind: 'mishap', what: 'haunted' }, 'events[0].what'],
    ['a note of nothing', { kind: 'note', says: '   ' }, 'events[0].says'],
    ['a reading of text', { kind: 'reading', of: 'mass', value: 'heavy' }, 'events[0].value'],
  ])('refuses %s and names the field', async (_, event, field) => {
    const begin = begun();
    await api.post('/api/makings').send(begin);
    const res = await api
      .post(`/api/makings/${begin.id}/events`)
      .send({ events: [{ id: uuid(), at: T0, ...event }] });
    expect(res.status).toBe(400);
    expect((res.body as { error: string }).error).toContain(field.replace(/\.kind$/, ''));
    expect(
      ((await api.get(`/api/makings/${begin.id}`)).body as { events: unknown[] }).events,
    ).toEqual([]);
  });

  it('that is not there is said not to be', async () => {
    for (const path of ['', '/live'])
      expect((await api.get(`/api/makings/${uuid()}${path}`)).status).toBe(404);
    const res = await api.post(`/api/makings/${uuid()}/events`).send({ events: [done('s1', 1)] });
    expect(res.status).toBe(404);
    expect((await api.get('/api/makings/nonsense')).status).toBe(400);
  });

  it('an hour of an event a second is kept, and listed quickly', async () => {
    const begin = begun();
    await api.post('/api/makings').send(begin);
    for (let k = 0; k < 8; k += 1)
      await api
        .post(`/api/makings/${begin.id}/events`)
        .send({ events: Array.from({ length: 450 }, (_, i) => done('s1', 450 * k + i)) })
        .expect(200);
    const { body } = await api.get(`/api/makings/${begin.id}`);
    expect((body as { events: unknown[] }).events).toHaveLength(3600);
  });
});

it('whoever follows is told that there is more', async () => {
  const app = createApp(partsOver(db));
  const server = app.listen(0, '127.0.0.1');
  await new Promise((yes) => server.once('listening', yes));
  const { port } = server.address() as AddressInfo;
  const begin = begun();
  await api.post('/api/makings').send(begin);
  const told: string[] = [];
  const stream = get(`http://127.0.0.1:${String(port)}/api/makings/${begin.id}/live`, (res) => {
    res.on('data', (c: Buffer) => told.push(c.toString()));
  });
  const until = async (count: number): Promise<void> => {
    for (let k = 0; k < 100 && told.length < count; k += 1)
      await new Promise((yes) => setTimeout(yes, 20));
  };
  await until(1);
  // By the application that is followed: each has its own watchers.
  await request(server)
    .post(`/api/makings/${begin.id}/events`)
    .send({ events: [done('s1', 3)] });
  await until(2);
  expect(told).toEqual(['data: more\n\n', 'data: more\n\n']);
  stream.destroy();
  server.closeAllConnections();
  await new Promise((yes) => server.close(yes));
});
