// Classes over HTTP: kept as a whole, refused with the field; what is made in one stands in it and not in the shop's log.
import type { ClassDocument } from '@zanfirico/contract/class';
import type { ClassMaking, MakingLine } from '@zanfirico/contract/making';
import request from 'supertest';
import { createApp } from '../app';
import { partsOver } from '../app.fixture';
import { demoClass } from '../demo/demoClass';
import { stockDemo } from '../demo/stockDemo';
import { beginOf } from '../door/house.fixture';
import { openDatabase, type Database } from '../store/database';

const ID = '2f8fad5b-d9cb-469f-a165-70867728950e';
const lesson: ClassDocument = {
  format: 'zanfirico.class',
  version: 1,
  id: ID,
  name: 'Evening class',
  piece: '1f8fad5b-d9cb-469f-a165-70867728950e',
  tolerances: [{ of: 'height', under: 0.003, over: 0.002 }],
  tools: [{ name: 'Jacks', lives: 'bench, right-hand side' }],
  words: [{ kind: 'gather', says: 'More at the second dip.' }],
  checks: ['Length'],
  students: [
    { id: 'a', name: 'Red apron' },
    { id: 'b', name: 'Blue apron' },
  ],
  benches: [{ name: 'Bench one', pair: ['a', 'b'] }],
  atOnce: 1,
};

let db: Database;
let api: ReturnType<typeof request>;
beforeEach(async () => {
  db = await openDatabase(':memory:');
  api = request(createApp(partsOver(db)));
});
afterEach(() => db.destroy());

describe('a class', () => {
  it('is kept as it is, changed as a whole, and taken away', async () => {
    await api.put(`/api/classes/${ID}`).send(lesson).expect(200);
    expect((await api.get(`/api/classes/${ID}`)).body).toEqual(lesson);
    await api.put(`/api/classes/${ID}`).send({ ...lesson, name: 'Another' });
    expect((await api.get('/api/classes')).body).toEqual([{ ...lesson, name: 'Another' }]);
    await api.delete(`/api/classes/${ID}`).expect(200);
    await api.get(`/api/classes/${ID}`).expect(404);
  });

  it.each<[string, object, string]>([
    [
      'a tolerance of nothing that is measured',
      { tolerances: [{ of: 'smell', under: 0, over: 0 }] },
      'tolerances[0]',
    ],
    [
      'a tolerance below nothing',
      { tolerances: [{ of: 'lip', under: -1, over: 0 }] },
      'tolerances[0].under',
    ],
    ['three at a bench', { benches: [{ name: 'x', pair: ['a', 'b', 'a'] }] }, 'benches[0].pair'],
    [
      'somebody at a bench who is not in the class',
      { benches: [{ name: 'x', pair: ['c'] }] },
      'benches',
    ],
    [
      'one id twice',
      {
        students: [
          { id: 'a', name: 'x' },
          { id: 'a', name: 'y' },
        ],
      },
      'students',
    ],
    ['a hole that takes none', { atOnce: 0 }, 'atOnce'],
    ['another id than its address', { id: ID.replace('2f', '3f') }, 'id'],
  ])('refuses %s, and names it', async (_says, wrong, field) => {
    const res = await api.put(`/api/classes/${ID}`).send({ ...lesson, ...wrong });
    expect([400, 422]).toContain(res.status);
    expect((res.body as { error: string }).error).toContain(field);
    expect((await api.get('/api/classes')).body).toEqual([]);
  });

  it('has what is made in it, the newest first; the shop’s log, bench and pace have none of it', async () => {
    await api.put(`/api/classes/${ID}`).send(lesson);
    for (const [n, more] of [
      [1, { student: 'a', bench: 'Bench one' }],
      [2, { student: 'b' }],
    ] as const) {
      const begin = {
        ...beginOf(`0000000${String(n)}-0000-4000-8000-000000000000`),
        at: 1_800_000_000_000 + n,
        lesson: { class: ID, ...more },
        ...(n === 2 && { rehearsal: true }),
      };
      await api.post('/api/makings').send(begin).expect(201);
      await api
        .post(`/api/makings/${begin.id}/events`)
        .send({ events: [{ kind: 'boxed', annealer: 'front', id: begin.id, at: begin.at + 9000 }] })
        .expect(200);
    }
    const made = (await api.get(`/api/classes/${ID}/makings`)).body as ClassMaking[];
    expect(made.map((m) => [m.student, m.bench, m.rehearsal])).toEqual([
      ['b', undefined, true],
      ['a', 'Bench one', false],
    ]);
    expect((await api.get('/api/makings')).body as MakingLine[]).toEqual([]);
    expect((await api.get('/api/log')).body).toMatchObject({ total: 0 });
    expect((await api.get('/api/makings/pace')).body).toEqual([]);
    // Asked for by name it is there: the sheet and the wall read it.
    await api.get(`/api/makings/${made[0]?.id ?? ''}`).expect(200);
  });
});

it('the demo’s class has four weeks of sheets and two at the bench, once however often it is started', async () => {
  const parts = partsOver(db);
  await stockDemo(parts.store, parts.rack);
  for (let start = 0; start < 2; start += 1)
    await demoClass(parts.store, parts.classes, parts.makings);
  const [only, second] = await parts.classes.all();
  expect(second).toBeUndefined();
  const made = await parts.classes.makings(only?.id ?? '');
  expect(made).toHaveLength(18);
  expect(new Set(made.map((m) => m.student)).size).toBe(4);
});
