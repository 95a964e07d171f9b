// Makings over HTTP: begun once, events kept once and in order, followed live, refused with the field and the remedy.
import {
  PHOTO_LIMIT,
  type MakingBegin,
  type MakingEvent,
  type MakingLine,
} from '@zanfirico/contract/making';
import type { PieceDocument } from '@zanfirico/contract/piece';
import { get } from 'node:http';
import type { AddressInfo } from 'node:net';
import request from 'supertest';
import { createApp } from '../app';
import { partsOver } from '../app.fixture';
import { demoPieces } from '../demo/demoPieces';
import { openDatabase, type Database } from '../store/database';

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

describe('a making from a file', () => {
  const file = (events: readonly MakingEvent[], begin = begun()) => ({
    format: 'zanfirico.making',
    version: 1,
    begin,
    events,
  });
  const readIn = (body: object) => api.post('/api/makings/read-in').send(body);

  it('goes out as it came in; read again nothing is doubled, and what is new in it is kept', async () => {
    const one = file([done('s1', 14)]);
    await readIn(one).expect(201);
    const { begin } = one;
    const more = file([...one.events, done('s2', 30)], begin);
    expect((await readIn(more)).body).toEqual({ id: begin.id, events: 2 });
    const { body } = await api.get(`/api/makings/${begin.id}`);
    expect(body).toMatchObject({ begin, events: more.events });
  });

  it('of a piece that is not on this shelf is read all the same: it carries its own drawing', async () => {
    const making = file([done('s1', 14)], begun({ piece: uuid() }));
    await readIn(making).expect(201);
    const [line] = (await api.get('/api/makings')).body as MakingLine[];
    expect(line?.name).toBe('Quay goblet');
  });

  it('that was begun otherwise under this id is refused, with all its events', async () => {
    const one = file([done('s1', 14)]);
    await readIn(one);
    const other = file([done('s2', 20)], { ...one.begin, number: 7 });
    const res = await readIn(other);
    expect([res.status, (res.body as { error: string }).error]).toEqual([
      409,
      'Another making was begun under this id: this one was left out.',
    ]);
    const { body } = await api.get(`/api/makings/${one.begin.id}`);
    expect((body as { events: unknown[] }).events).toHaveLength(1);
  });

  it('with one bad event among good ones none is kept, and the field is named', async () => {
    const bad = file([done('s1', 14), { ...done('s2', 30), at: -1 }]);
    const res = await readIn(bad);
    expect(res.status).toBe(400);
    expect((res.body as { error: string }).error).toContain('events[1].at');
    expect((await api.get(`/api/makings/${bad.begin.id}`)).status).toBe(404);
  });

  it('of 20 000 events is read in', async () => {
    const many = file(Array.from({ length: 20_000 }, (_, i) => done('s1', i / 10)));
    expect((await readIn(many)).body).toMatchObject({ events: 20_000 });
  });
});

describe('pictures', () => {
  const jpeg = Buffer.concat([Buffer.from([0xff, 0xd8, 0xff, 0xe0]), Buffer.alloc(2000, 7)]);
  const put = (id: string, bytes: Buffer, type = 'image/jpeg') =>
    api.put(`/api/photos/${id}`).set('Content-Type', type).send(bytes);

  it('are kept under their id, once', async () => {
    const id = uuid();
    await put(id, jpeg).expect(204);
    await put(id, Buffer.concat([jpeg, Buffer.alloc(9)])).expect(204);
    const res = await api.get(`/api/photos/${id}`).responseType('blob');
    expect(res.headers['content-type']).toBe('image/jpeg');
    expect(Buffer.compare(res.body as Buffer, jpeg)).toBe(0);
    expect((await api.get(`/api/photos/${uuid()}`)).status).toBe(404);
  });

  it.each([
    ['text in a picture’s name', Buffer.from('<svg onload=alert(1)>'), 'image/jpeg', 415],
    ['a drawing', jpeg, 'image/svg+xml', 415],
    ['nothing', Buffer.alloc(0), 'image/jpeg', 415],
    ['one too large', Buffer.concat([jpeg, Buffer.alloc(PHOTO_LIMIT)]), 'image/jpeg', 413],
  ])('%s is refused in a sentence', async (_, bytes, type, status) => {
    const res = await put(uuid(), bytes, type);
    expect(res.status).toBe(status);
    expect((res.body as { error: string }).error).toMatch(/\w+ .*\./);
  });
});

it('what steps took is told of pieces that came into the box alone, by kind and by person', async () => {
  const crew = [{ id: 'a', name: 'gaffer', skills: ['gaff' as const] }];
  const make = async (
    seconds: number,
    end: 'boxed' | 'given up',
    more: Partial<MakingBegin> = {},
  ) => {
    const begin = begun({ crew, hands: [['a'], ['a']], ordinary: [10, 10], ...more });
    await api.post('/api/makings').send(begin).expect(201);
    const last =
      end === 'boxed' ? { kind: 'boxed', annealer: 'the front box' } : { kind: 'given up' };
    await api
      .post(`/api/makings/${begin.id}/events`)
      .send({ events: [done('s1', seconds), { ...last, id: uuid(), at: T0 + 99_000 }] })
      .expect(200);
  };
  for (const s of [10, 12, 30]) await make(s, 'boxed');
  await make(500, 'given up');
  await make(500, 'boxed', { rehearsal: true });
  const { body } = await api.get('/api/makings/pace').expect(200);
  expect(body).toEqual([
    { kind: 'gather', count: 3, lower: 1.1, median: 1.2, upper: 2.1 },
    { kind: 'gather', person: 'gaffer', count: 3, lower: 1.1, median: 1.2, upper: 2.1 },
  ]);
});
