// Pots over HTTP: entries are kept once and in order, struck by another, and refused with the field; the shop keeps what its pots are.
import type { SavedShop } from '@zanfirico/contract';
import type { PotEventDocument } from '@zanfirico/contract/pot';
import { entriesOf, levelAt, ledger } from '@zanfirico/core/pot';
import { ORDINARY_POT } from '@zanfirico/core/piece';
import request from 'supertest';
import { createApp } from '../app';
import { partsOver } from '../app.fixture';
import { demoPot } from '../demo/demoPot';
import { openDatabase, type Database } from '../store/database';

let db: Database;
let api: ReturnType<typeof request>;
beforeEach(async () => {
  db = await openDatabase(':memory:');
  api = request(createApp(partsOver(db)));
});
afterEach(() => db.destroy());

const T0 = 1_800_000_000_000;
let n = 0;
const uuid = (): string => `00000000-0000-4000-8000-${String((n += 1)).padStart(12, '0')}`;
const entry = (more: object): object => ({ id: uuid(), pot: 'pot1', at: T0, ...more });
const tell = (...events: object[]) => api.post('/api/pots/events').send({ events });
const kept = async (): Promise<PotEventDocument[]> =>
  (await api.get('/api/pots/events').expect(200)).body as PotEventDocument[];

it('an entry is kept once however often it is sent, and they come by when they were', async () => {
  const late = entry({ kind: 'taken', mass: 4, at: T0 + 2000 });
  const early = entry({ kind: 'charged', what: 'cullet', mass: 40 });
  await tell(late).expect(201);
  await tell(late, early).expect(201);
  expect(await kept()).toEqual([early, late]);
});

it('what was struck is still kept, and no longer counts', async () => {
  const wrong = entry({ kind: 'charged', what: 'batch', mass: 400 }) as PotEventDocument;
  await tell(entry({ kind: 'dipped', depth: 0.3 }), wrong);
  await tell(entry({ kind: 'struck', event: wrong.id, at: T0 + 1 }));
  const all = await kept();
  expect(all).toHaveLength(3);
  expect(entriesOf(all, 'pot1').map((e) => e.kind)).toEqual(['dipped']);
  expect(entriesOf(all, 'pot2')).toEqual([]);
});

it.each([
  ['a charge of nothing', { kind: 'charged', what: 'batch', mass: 0 }, 'mass'],
  ['a charge larger than any pot', { kind: 'charged', what: 'batch', mass: 5000 }, 'mass'],
  ['a depth under nothing', { kind: 'dipped', depth: -0.1 }, 'depth'],
  ['what nobody charges', { kind: 'charged', what: 'sand', mass: 5 }, 'what'],
  ['a weight in words', { kind: 'taken', mass: 'much' }, 'mass'],
])('%s is refused, and the field named', async (_, event, field) => {
  const res = await tell(entry(event));
  expect(res.status).toBe(400);
  expect((res.body as { error: string }).error).toContain(`events[0].${field}`);
  expect(await kept()).toEqual([]);
});

it('the shop keeps its pots, and a form nobody casts is refused', async () => {
  const { body } = await api.get('/api/shop');
  const { revision, document } = body as SavedShop;
  const save = (pots: object[]) =>
    api.put('/api/shop').send({ baseRevision: revision, document: { ...document, pots } });
  expect((await save([{ ...ORDINARY_POT, form: { kind: 'heart' } }])).status).toBe(400);
  expect((await save([ORDINARY_POT])).status).toBe(200);
  expect(((await api.get('/api/shop')).body as SavedShop).document.pots).toEqual([ORDINARY_POT]);
});

it('the demo’s pot never runs short, and never over, on whatever day its shelf is stocked', () => {
  for (let day = 0; day < 7; day += 1) {
    const now = new Date(2026, 10, 23 + day, 15).getTime();
    const entries = demoPot(now);
    expect(entries.every((e) => e.at <= now)).toBe(true);
    const level = levelAt(ledger(ORDINARY_POT.form, 2500, entries, []), now, 165);
    expect(level.short).toBe(0);
    expect(level.mass).toBeGreaterThan(ORDINARY_POT.least);
    expect(level.mass).toBeLessThan(165);
  }
});
