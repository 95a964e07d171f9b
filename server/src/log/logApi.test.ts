// The log over HTTP: what waits to be opened, what is found by any word, what came out; in step with every event, rehearsals left out.
import type {
  LogLine,
  LogPage,
  MakingBegin,
  MakingEvent,
  Taught,
} from '@zanfirico/contract/making';
import type { PieceDocument } from '@zanfirico/contract/piece';
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

let db: Database;
let api: ReturnType<typeof request>;
beforeEach(async () => {
  db = await openDatabase(':memory:');
  api = request(createApp(partsOver(db)));
});
afterEach(() => db.destroy());

const tell = async (id: string, ...events: object[]): Promise<void> => {
  await api
    .post(`/api/makings/${id}/events`)
    .send({ events: events.map((e, i) => ({ id: uuid(), at: T0 + 1000 * (n + i), ...e })) })
    .expect(200);
};
const make = async (name: string, more: Partial<MakingBegin> = {}, ...events: object[]) => {
  const begin: MakingBegin = {
    id: uuid(),
    piece: uuid(),
    revision: 1,
    at: T0 + 60_000 * n,
    number: 1,
    document: { ...goblet, name },
    steps: [{ id: 's1', kind: 'gather', part: 'p1', seconds: 12 }],
    starts: [0],
    ...more,
  };
  await api.post('/api/makings').send(begin).expect(201);
  if (events.length > 0) await tell(begin.id, ...events);
  return begin.id;
};
const BOXED = { kind: 'boxed', annealer: 'the front box' };
const names = async (query: string): Promise<string[]> =>
  ((await api.get(`/api/log?${query}`).expect(200)).body as LogPage).lines.map((l) => l.name);

it('what was boxed waits until it is opened, and stands as it came out; the last word holds', async () => {
  const id = await make('cup', {}, BOXED);
  await make('on the bench');
  expect(await names('outcome=waits')).toEqual(['cup']);
  await tell(id, { kind: 'opened', what: 'kept', door: 45 });
  expect(await names('outcome=waits')).toEqual([]);
  expect(await names('outcome=kept')).toEqual(['cup']);
  const lost: Partial<MakingEvent> & object = { kind: 'opened', what: 'lost', id: uuid() };
  await tell(id, lost, { kind: 'cause', what: 'misfit' });
  const [line] = (await api.get('/api/log/all?outcome=came')).body as LogLine[];
  expect(line).toMatchObject({ name: 'cup', outcome: 'lost', cause: 'misfit', ended: 'boxed' });
  await tell(id, { kind: 'taken back', event: lost.id });
  expect(await names('outcome=kept')).toEqual(['cup']);
});

it.each(['constructor', '__proto__', 'toString'])(
  'a step somebody called %s is one of their own',
  async (where) => {
    await make('bowl', {}, { kind: 'given up', where });
    expect(((await api.get('/api/log')).body as LogPage).lines[0]).toMatchObject({ where });
  },
);

it('given up at the bench is lost, and where; the morning after is no part of the making’s time', async () => {
  const id = await make('bowl', {}, { kind: 'given up', where: 'Passaggio', at: T0 + 400_000 });
  const before = ((await api.get('/api/log')).body as LogPage).lines[0];
  expect(before).toMatchObject({ outcome: 'lost', where: 'transfer' });
  await tell(id, { kind: 'cause', what: 'neck', at: T0 + 90_000_000 });
  const after = ((await api.get('/api/log')).body as LogPage).lines[0];
  expect(after?.lastAt).toBe(before?.lastAt);
});

it('is found by any word of it: name, note, person, mishap, cause, day; a sign of the search’s own language is no harm', async () => {
  const crew = [{ id: 'a', name: 'night gaffer', skills: ['gaff' as const] }];
  const id = await make('tall vase', { crew }, BOXED, {
    kind: 'note',
    says: 'bubble at the shoulder',
  });
  await make('small bowl', {}, { kind: 'mishap', what: 'off centre' });
  await tell(id, { kind: 'opened', what: 'lost' }, { kind: 'cause', what: 'cold lip' });
  for (const [find, found] of [
    ['vase', ['tall vase']],
    ['should', ['tall vase']],
    ['night gaf', ['tall vase']],
    ['centre', ['small bowl']],
    ['strain point', ['tall vase']],
    ['2027-01', ['small bowl', 'tall vase']],
    ['vase bowl', []],
    ['"*) OR (', []],
    ['nothing', []],
  ] as const)
    expect([find, await names(`find=${encodeURIComponent(find)}`)]).toEqual([find, found]);
  expect((await api.get(`/api/log?find=${'x'.repeat(200)}`)).status).toBe(400);
  expect((await api.get('/api/log?outcome=perhaps')).status).toBe(400);
});

it('a rehearsal is none of it; fifty at a time', async () => {
  await make('rehearsed', { rehearsal: true }, BOXED);
  for (let k = 0; k < 53; k += 1) await make(`cup ${String(k)}`);
  const { body } = await api.get('/api/log');
  const first = body as LogPage;
  expect([first.total, first.lines.length, first.lines[0]?.name]).toEqual([53, 50, 'cup 52']);
  expect(await names('from=50')).toEqual(['cup 2', 'cup 1', 'cup 0']);
});

it('makings kept before there was a log are in it', async () => {
  await make('older cup', {}, BOXED);
  await db.updateTable('makings').set({ facts: null, outcome: null, boxed: 1 }).execute();
  await db.deleteFrom('making_words').execute();
  api = request(createApp(partsOver(db)));
  expect(await names('find=older')).toEqual(['older cup']);
});

it.each([
  ['an outcome nobody knows', { kind: 'opened', what: 'so so' }],
  ['a measure of a word', { kind: 'measured', of: 'height', value: 'tall' }],
  ['one too large', { kind: 'measured', of: 'height', value: 1e6 }],
  ['a box hotter than any', { kind: 'opened', what: 'kept', door: 9e9 }],
])('%s is refused, and the field named', async (_, event) => {
  const id = await make('cup', {}, BOXED);
  const res = await api
    .post(`/api/makings/${id}/events`)
    .send({ events: [{ id: uuid(), at: T0, ...event }] });
  expect(res.status).toBe(400);
  expect((res.body as { error: string }).error).toContain('events[0]');
});

it('is chosen by when, by whom, of what, in which box and to what it was lost; all of it comes without pages', async () => {
  const crew = (name: string) => ({ crew: [{ id: 'a', name, skills: ['gaff' as const] }] });
  const piece = uuid();
  await make('first cup', { at: T0, piece, ...crew('gaffer') }, BOXED);
  const lost = await make('second cup', { at: T0 + 86_400_000, ...crew('night gaffer') }, BOXED);
  await make(
    'third cup',
    { at: T0 + 2 * 86_400_000, ...crew('gaffer') },
    { ...BOXED, annealer: 'the back box' },
  );
  await tell(lost, { kind: 'opened', what: 'lost' }, { kind: 'cause', what: 'misfit' });
  for (const [query, found] of [
    [`since=${String(T0 + 1)}`, ['third cup', 'second cup']],
    [`since=${String(T0)}&until=${String(T0 + 1)}`, ['first cup']],
    ['lead=gaffer', ['third cup', 'first cup']],
    ['annealer=the%20back%20box', ['third cup']],
    ['cause=misfit', ['second cup']],
    [`piece=${piece}`, ['first cup']],
    ["lead=gaffer'%20or%201=1", []],
    ['outcome=came', ['second cup']],
  ] as const)
    expect([query, await names(query)]).toEqual([query, found]);
  const { body } = await api.get('/api/log/all?annealer=the%20front%20box').expect(200);
  const rest = await api.get('/api/log/all?annealer=the%20front%20box&from=1').expect(200);
  expect(rest.body).toEqual((body as LogLine[]).slice(1));
  expect((body as LogLine[]).map((l) => l.name)).toEqual(['first cup', 'second cup']);
  for (const bad of ['since=tomorrow', 'piece=one', 'until=-1', 'who=gaffer'])
    expect([bad, (await api.get(`/api/log/all?${bad}`)).status]).toEqual([bad, 400]);
});

it('tells how long it was planned and taken, how much glass it is, and what was measured beside what is drawn', async () => {
  const at = T0;
  const id = await make(
    'measured cup',
    { at, starts: [0] },
    { kind: 'step', what: 'done', step: 's1', at: at + 15_000 },
    { ...BOXED, at: at + 40_000 },
  );
  const height = { kind: 'measured', of: 'height', value: 0.21 };
  await tell(id, { kind: 'opened', what: 'kept' }, { ...height, value: 0.2 }, height);
  const [line] = ((await api.get('/api/log')).body as LogPage).lines;
  expect(line).toMatchObject({ planned: 12, taken: 40, glass: goblet.glass });
  // The shelf's own figure for the same drawing.
  const saved = await api.post('/api/pieces').send({ document: goblet }).expect(201);
  const shelf = (await api.get(`/api/pieces?ids=${(saved.body as { id: string }).id}`)).body as {
    lines: { facts: { mass: number } }[];
  };
  expect(line?.mass).toBeCloseTo(shelf.lines[0]?.facts.mass ?? NaN, 9);
  await tell(id, { kind: 'measured', of: 'weight', value: 0.3 });
  const second = await make(
    'weighed cup',
    {},
    { kind: 'reading', of: 'mass', value: 0.36 },
    BOXED,
    {
      kind: 'reading',
      of: 'temperature',
      value: 900,
    },
  );
  await tell(second, { kind: 'measured', of: 'weight', value: 0.3 });
  const { body } = await api.get('/api/log/taught').expect(200);
  const taught = body as Taught;
  expect(taught.against).toContainEqual({
    of: 'height',
    drawn: expect.any(Number) as number,
    made: 0.21,
  });
  expect(taught.against.filter((a) => a.of === 'height')).toHaveLength(1);
  expect(taught.moil).toEqual([expect.closeTo(0.2, 9)]);
  expect(taught.read).toEqual([second]);
  expect((await api.get('/api/log/taught?since=9999999999999')).body).toEqual({
    against: [],
    moil: [],
    read: [],
  });
  expect((await api.get('/api/log/taught?since=then')).status).toBe(400);
});
