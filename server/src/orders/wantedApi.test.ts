// Orders over HTTP: kept whole, replaced, taken away, refused with the field.
import type { WantedDocument } from '@zanfirico/contract/orders';
import request from 'supertest';
import { createApp } from '../app';
import { partsOver } from '../app.fixture';
import { openDatabase, type Database } from '../store/database';

let db: Database;
let api: ReturnType<typeof request>;
beforeEach(async () => {
  db = await openDatabase(':memory:');
  api = request(createApp(partsOver(db)));
});
afterEach(() => db.destroy());

const ID = '00000000-0000-4000-8000-000000000001';
const ORDER: WantedDocument = {
  id: ID,
  piece: '00000000-0000-4000-8000-0000000000aa',
  count: 12,
  due: '2026-12-12',
  pinned: { '2026-12-03': 4 },
};
const all = async (): Promise<WantedDocument[]> =>
  (await api.get('/api/wanted').expect(200)).body as WantedDocument[];

it('is kept, replaced as a whole, and the earliest due comes first', async () => {
  await api.put(`/api/wanted/${ID}`).send(ORDER).expect(200);
  const sooner = { ...ORDER, id: ID.replace(/1$/, '2'), due: '2026-12-01' };
  await api.put(`/api/wanted/${sooner.id}`).send(sooner).expect(200);
  await api
    .put(`/api/wanted/${ID}`)
    .send({ ...ORDER, count: 14, pinned: undefined })
    .expect(200);
  expect((await all()).map((w) => [w.count, w.pinned])).toEqual([
    [12, { '2026-12-03': 4 }],
    [14, undefined],
  ]);
  await api.delete(`/api/wanted/${ID}`).expect(200);
  expect(await all()).toHaveLength(1);
});

it.each([
  [{ count: 0 }, 'count'],
  [{ due: '12.12.2026' }, 'due'],
  [{ due: '2026-13-01' }, 'due'],
  [{ pinned: { Thursday: 3 } }, 'pinned'],
  [{ id: ID.replace(/1$/, '3') }, 'id'],
  [{ price: 3 }, 'price'],
])('%j is refused with its field', async (change, field) => {
  const answer = await api
    .put(`/api/wanted/${ID}`)
    .send({ ...ORDER, ...change })
    .expect(400);
  expect((answer.body as { error: string }).error).toContain(field);
  expect(await all()).toEqual([]);
});
