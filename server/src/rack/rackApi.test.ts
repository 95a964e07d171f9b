// The rack over HTTP: own entries, their revisions, tables taken in, tests of pairs, and what pieces made of them.
import type { ErrorBody, SavedPiece } from '@zanfirico/contract';
import type { PieceDocument } from '@zanfirico/contract/piece';
import type { KeptEntry, KeptTest, RackEntry, SavedRack } from '@zanfirico/contract/rack';
import request from 'supertest';
import { createApp } from '../app';
import { partsOver } from '../app.fixture';
import { demoPieces } from '../demo/demoPieces';
import { openDatabase, type Database } from '../store/database';
import { rackStore } from './rackStore';

const tumbler = demoPieces()
  .flat()
  .find((d) => d.form === 'tumbler') as PieceDocument;
const own: RackEntry = {
  id: 'harbour-light',
  kind: 'colour',
  name: 'Harbour light',
  family: 'soft',
  values: { expansion: { sheet: 95e-7 } },
  sheetFrom: 'sheet of the bar, 2026',
  holds: ['Cu'],
  look: 'transparent',
  strikes: false,
  keepOffFood: false,
  forms: ['bar'],
  stock: [{ form: 'bar', length: 0.25, diameter: 0.03, lot: 'A7' }],
  retired: false,
};
let db: Database;
let api: ReturnType<typeof request>;

beforeEach(async () => {
  db = await openDatabase(':memory:');
  api = request(createApp(partsOver(db)));
});
afterEach(() => db.destroy());

const put = (entry: RackEntry, baseRevision = 0) =>
  api.put('/api/rack/entries').send({ baseRevision, entry });
const saved = async (): Promise<SavedRack> => (await api.get('/api/rack')).body as SavedRack;
const error = (res: { body: unknown }): ErrorBody => res.body as ErrorBody;
const coloured = (colour: string): PieceDocument => ({
  ...tumbler,
  parts: tumbler.parts.map((p) => ({
    ...p,
    colours: [{ colour, after: 1, amount: { kind: 'weight', mass: 0.01 } }],
  })),
});

describe('an entry kept or sent under the names of yesterday', () => {
  const yesterday = {
    ...own,
    values: { ...own.values, strain: { sheet: 462 }, young: { measured: 70e9 } },
  };
  const today = { strainPoint: { sheet: 462 }, youngsModulus: { measured: 70e9 } };

  it('is read with the names of today', async () => {
    await put(own);
    await db
      .updateTable('rack_revisions')
      .set({ document: JSON.stringify(yesterday) })
      .where('entry_id', '=', own.id)
      .execute();
    const [kept] = (await saved()).entries;
    expect(kept?.entry.values).toEqual({ ...own.values, ...today });
    // It speaks, too: what a piece is made with is what was kept.
    const rack = await rackStore(db).rack();
    expect(rack.colour(own.id)?.strainPoint).toBe(462);
    expect(rack.colour(own.id)?.youngsModulus).toBe(70e9);
  });
  it('is taken, one by one and by the table', async () => {
    expect((await put(yesterday as RackEntry)).status).toBe(200);
    const many = await api
      .post('/api/rack/import')
      .send({ entries: [{ ...yesterday, id: 'harbour-dark', name: 'Harbour dark' }] });
    expect(many.status).toBe(200);
    for (const { entry } of (await saved()).entries)
      expect(entry.values).toEqual({ ...own.values, ...today });
  });
  it('of neither day is refused by its field', async () => {
    const odd = { ...own, values: { ...own.values, strainpoint: { sheet: 462 } } };
    const refused = await put(odd);
    expect(refused.status).toBe(400);
    expect(JSON.stringify(refused.body)).toContain('strainpoint');
  });
});

describe('what an entry is', () => {
  it('never changes: no glass becomes a colour and no colour a glass, one by one or by the table', async () => {
    await put({ ...own, id: 'ours', name: 'Ours', kind: 'glass', forms: ['pot'] });
    for (const [id, kind] of [
      ['ours', 'colour'],
      ['soft-batch-96', 'colour'],
      ['chalk', 'glass'],
    ] as const) {
      const entry: RackEntry = { ...own, id, name: id, kind };
      const one = await put(entry, id === 'ours' ? 1 : 0);
      expect([id, one.status]).toEqual([id, 422]);
      expect(error(one).error).toMatch(/stays one/);
      expect(error(one).problems?.[0]?.field).toBe('kind');
      const many = await api.post('/api/rack/import').send({ entries: [entry] });
      expect(many.status).toBe(422);
    }
    expect((await saved()).entries.map((e) => [e.entry.id, e.entry.kind])).toEqual([
      ['ours', 'glass'],
    ]);
  });
});

describe('entries', () => {
  it('are kept as they came, every save a new revision; a stale save is refused', async () => {
    await put(own).expect(200);
    const second = (await put({ ...own, name: 'Harbour lamp' }, 1).expect(200)).body as KeptEntry;
    expect(second.revision).toBe(2);
    expect((await put(own, 1)).status).toBe(409);
    expect(error(await put(own)).error).toContain('has “harbour-light” already');
    expect((await saved()).entries).toEqual([second]);
  });

  it.each([
    [
      'an expansion no glass has',
      { values: { expansion: { sheet: 9.6e-3 } } },
      400,
      'entry.values.expansion.sheet',
    ],
    [
      'strain above annealing',
      { kind: 'glass', values: { strainPoint: { sheet: 540 }, annealing: { sheet: 500 } } },
      422,
      'must lie below the annealing point',
    ],
    ['oxides short of 100 %', { composition: { SiO2: 50 } }, 422, 'come to 50.0 %'],
    ['a glass of metal', { kind: 'glass', family: 'other' }, 422, '"soft" or "hard"'],
    ['a metal nobody knows', { holds: ['copper'] }, 400, 'entry.holds[0]'],
    ['a name of blanks', { name: '  ' }, 400, 'entry.name'],
  ])('refuse %s and say so', async (_, spoil, status, says) => {
    const res = await put({ ...own, ...spoil } as RackEntry);
    expect(res.status).toBe(status);
    expect(error(res).error).toContain(says);
    expect((await saved()).entries).toEqual([]);
  });

  it('of a glass can be made into pieces, and into torch stock', async () => {
    const glass: RackEntry = { ...own, id: 'our-pot', kind: 'glass', name: 'Our pot' };
    await api
      .post('/api/pieces')
      .send({ document: { ...tumbler, glass: 'our-pot' } })
      .expect(422);
    await put(glass).expect(200);
    await api
      .post('/api/pieces')
      .send({ document: { ...tumbler, glass: 'our-pot' } })
      .expect(201);
    const refused = await api.delete('/api/rack/entries/our-pot').expect(409);
    expect(error(refused).uses).toMatchObject([{ name: tumbler.name }]);
  });

  it('that pieces use are not dropped, even out of old revisions; retired they stay', async () => {
    await put(own).expect(200);
    const made = await api.post('/api/pieces').send({ document: coloured(own.id) });
    const { id } = made.body as SavedPiece;
    await api.put(`/api/pieces/${id}`).send({ baseRevision: 1, document: tumbler }).expect(200);
    const refused = await api.delete(`/api/rack/entries/${own.id}`).expect(409);
    expect(error(refused).error).toContain('Retire it instead');
    await put({ ...own, retired: true }, 1).expect(200);
    expect((await saved()).entries[0]?.entry.retired).toBe(true);
    // What is retired still serves the pieces that have it.
    await api
      .post('/api/pieces')
      .send({ document: coloured(own.id) })
      .expect(201);
  });

  it('that nobody uses are dropped; one over a shipped entry gives way to it', async () => {
    await put(own).expect(200);
    await api.delete(`/api/rack/entries/${own.id}`).expect(204);
    await api.delete(`/api/rack/entries/${own.id}`).expect(404);
    await api
      .post('/api/pieces')
      .send({ document: coloured('chalk') })
      .expect(201);
    await put({ ...own, id: 'chalk' }).expect(200);
    await api.delete('/api/rack/entries/chalk').expect(204);
    await api
      .post('/api/pieces')
      .send({ document: coloured('chalk') })
      .expect(201);
  });

  it('come by the table, all or none', async () => {
    const many = Array.from({ length: 300 }, (_, i) => ({ ...own, id: `bar-${String(i)}` }));
    await api.post('/api/rack/import').send({ entries: many }).expect(200);
    await api
      .post('/api/rack/import')
      .send({ entries: many.slice(0, 2) })
      .expect(200);
    const { entries } = await saved();
    expect(entries).toHaveLength(300);
    expect(entries.find((e) => e.entry.id === 'bar-1')?.revision).toBe(2);
    const bad = [
      { ...own, id: 'fresh' },
      { ...own, id: 'worse', composition: { SiO2: 2 } },
    ];
    await api.post('/api/rack/import').send({ entries: bad }).expect(422);
    const twice = await api.post('/api/rack/import').send({ entries: [own, own] });
    expect(error(twice).error).toContain('stands twice');
    expect((await saved()).entries).toHaveLength(300);
  });
});

describe('tests of pairs', () => {
  const reading = {
    kind: 'thread',
    length: 0.3,
    bow: 0.0012,
    inside: 'first',
    first: 0.0005,
    second: 0.0005,
    bowError: 0.0002,
    lengthError: 0.001,
    thicknessError: 0.0001,
  } as const;
  const pair = { first: 'chalk', second: 'soft-batch-96', reading };

  it('are kept with their lot and day, set aside and counted again', async () => {
    const made = (
      await api
        .post('/api/rack/tests')
        .send({ ...pair, lot: 'B2' })
        .expect(201)
    ).body as KeptTest;
    await api
      .post(`/api/rack/tests/${String(made.id)}/count`)
      .send({ counts: false })
      .expect(204);
    expect((await saved()).tests).toEqual([{ ...made, counts: false }]);
    await api.post('/api/rack/tests/99/count').send({ counts: false }).expect(404);
  });

  it('refuse a glass nobody has, one against itself, and a bow without length', async () => {
    const send = (body: object) => api.post('/api/rack/tests').send(body);
    expect(error(await send({ ...pair, first: 'moonstone' })).error).toContain('no “moonstone”');
    expect(error(await send({ ...pair, second: 'chalk' })).error).toContain('two glasses');
    expect(error(await send({ ...pair, reading: { ...reading, length: 0 } })).error).toContain(
      'reading.length',
    );
    // A choice of words within a kind names all of them.
    expect(
      error(await send({ ...pair, reading: { ...reading, inside: 'third' } })).problems,
    ).toEqual([{ field: 'reading.inside', given: '"third"', allowed: '"first" or "second"' }]);
    expect((await saved()).tests).toEqual([]);
  });
});
