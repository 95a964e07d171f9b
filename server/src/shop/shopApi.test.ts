// The shop and its scale over HTTP, and pieces with parts and bits.
import type { SavedShop } from '@zanfirico/contract';
import type { PieceBit, PieceDocument } from '@zanfirico/contract/piece';
import type { KeptWeighIn } from '@zanfirico/contract/shop';
import request from 'supertest';
import { createApp } from '../app';
import { partsOver } from '../app.fixture';
import { demoPieces } from '../demo/demoPieces';
import { openDatabase, type Database } from '../store/database';

const bowl = demoPieces()
  .flat()
  .find((d) => d.form === 'bowl' && d.name === 'Tide-pool bowl') as PieceDocument;
let db: Database;
let api: ReturnType<typeof request>;

beforeEach(async () => {
  db = await openDatabase(':memory:');
  api = request(createApp(partsOver(db)));
});
afterEach(() => db.destroy());

const shop = async (): Promise<SavedShop> => (await api.get('/api/shop')).body as SavedShop;

describe('the shop', () => {
  it('is an ordinary one until it is saved, then what was saved; a stale save is refused', async () => {
    const { revision, document } = await shop();
    expect(revision).toBe(0);
    expect(document.stock.length).toBeGreaterThan(2);
    const mine = { ...document, blocks: [0.07] };
    await api.put('/api/shop').send({ baseRevision: 0, document: mine }).expect(200);
    expect(await shop()).toEqual({ revision: 1, document: mine });
    const stale = await api.put('/api/shop').send({ baseRevision: 0, document });
    expect(stale.status).toBe(409);
    expect((await shop()).document.blocks).toEqual([0.07]);
  });

  it.each([
    ['a tube without a bore', { diameter: 0.01, wall: 0.005 }, 422, 'stock[0].wall'],
    ['a glass nobody has', { glass: 'moonstone' }, 422, 'stock[0].glass'],
    ['a diameter of text', { diameter: 'thick' }, 400, 'document.stock[0].diameter'],
  ])('refuses %s and names the field', async (_, spoil, status, field) => {
    const { document } = await shop();
    const stock = [{ ...document.stock[0], ...spoil }];
    const res = await api
      .put('/api/shop')
      .send({ baseRevision: 0, document: { ...document, stock } });
    expect(res.status).toBe(status);
    expect((res.body as { error: string }).error).toContain(field);
  });
});

describe('the scale', () => {
  const entry = {
    person: 'second hand',
    glass: 'soft-batch-96',
    ironDiameter: 0.0254,
    depth: 0.07,
    planned: 0.31,
    got: 0.355,
    factor: 1,
  };
  const log = async (): Promise<KeptWeighIn[]> =>
    (await api.get('/api/weigh-ins')).body as KeptWeighIn[];

  it('keeps what was weighed; a reset stops one hand on one iron from counting and loses nothing', async () => {
    await api.post('/api/weigh-ins').send(entry).expect(201);
    await api
      .post('/api/weigh-ins')
      .send({ ...entry, ironDiameter: 0.019 })
      .expect(201);
    await api
      .post('/api/weigh-ins')
      .send({ ...entry, person: 'gaffer' })
      .expect(201);
    await api
      .post('/api/weigh-ins/reset')
      .send({ person: 'second hand', ironDiameter: 0.0254 })
      .expect(204);
    const kept = await log();
    expect(kept).toHaveLength(3);
    expect(kept.filter((k) => !k.counts)).toEqual([
      expect.objectContaining({ ...entry, counts: false }),
    ]);
  });

  it.each([
    ['nothing weighed', { got: 0 }, 400, 'got'],
    ['a stray field', { mood: 'good' }, 400, 'mood'],
    ['an unknown glass', { glass: 'moonstone' }, 422, 'glass'],
  ])('refuses %s', async (_, spoil, status, field) => {
    const res = await api.post('/api/weigh-ins').send({ ...entry, ...spoil });
    expect(res.status).toBe(status);
    expect((res.body as { error: string }).error).toContain(field);
    expect(await log()).toEqual([]);
  });
});

describe('parts and bits in a document', () => {
  const handle: PieceBit = {
    name: 'handle',
    shape: {
      kind: 'bent',
      diameter: 0.01,
      path: [
        { out: 0, up: 0.02 },
        { out: 0.03, up: 0 },
      ],
    },
    place: { height: 0.05, out: 0.1, around: 0, tilt: 0, copies: 1 },
  };
  const post = (document: unknown) => api.post('/api/pieces').send({ document });

  it('keeps several parts and bits; a document without them is still good', async () => {
    const again = bowl.parts.map((p) => ({ ...p, id: `${p.id}b` }));
    const many = { ...bowl, parts: [...bowl.parts, ...again], bits: [handle], fillLine: 0.04 };
    const saved = await post(many);
    expect(saved.status).toBe(201);
    expect((saved.body as { document: unknown }).document).toEqual(many);
    await post(bowl).expect(201);
  });

  it.each<readonly [string, object, RegExp]>([
    [
      'a rod without a length',
      { ...handle, shape: { kind: 'rod', diameter: 0.01 } },
      /shape\.length: given nothing/,
    ],
    ['a kind nobody knows', { ...handle, shape: { kind: 'dragon' } }, /kind "rod" or kind "ball"/],
    [
      'a spout without a bore',
      { ...handle, shape: { ...handle.shape, wall: 0.005 } },
      /handle: its wall, 5 mm, leaves no bore/,
    ],
    [
      'a mesh of stray corners',
      {
        ...handle,
        shape: {
          kind: 'mesh',
          positions: new Array(12).fill(0),
          triangles: [0, 1, 2, 0, 1, 9, 0, 1, 2, 0, 1, 2],
        },
      },
      /mesh is damaged/,
    ],
    [
      'an open mesh',
      {
        ...handle,
        shape: {
          kind: 'mesh',
          positions: [0, 0, 0, 1, 0, 0, 0, 1, 0, 0, 0, 1],
          triangles: [0, 2, 1, 0, 1, 3, 0, 3, 2, 0, 3, 2],
        },
      },
      /not closed near/,
    ],
    ['a bit of a glass nobody has', { ...handle, glass: 'moonstone' }, /no glass "moonstone"/],
  ])('refuses %s in a sentence', async (_, bit, says) => {
    const res = await post({ ...bowl, bits: [bit] });
    expect([400, 422]).toContain(res.status);
    expect((res.body as { error: string }).error).toMatch(says);
  });

  it('two parts of one id are refused: no step could tell them apart', async () => {
    const res = await post({ ...bowl, parts: [...bowl.parts, ...bowl.parts] });
    expect(res.status).toBe(422);
    expect(res.body).toMatchObject({
      error: 'Two parts have the id "p1": steps could not tell them apart.',
      problems: [{ field: 'parts[1].id', given: '"p1"' }],
    });
  });
  it('names the part whose form cannot be', async () => {
    const [body] = bowl.parts;
    const profile = body?.profile.map((p, i) => (i === 3 ? { ...p, wall: 0.4 } : p));
    const res = await post({ ...bowl, parts: [...bowl.parts, { id: 'p2', name: 'lid', profile }] });
    expect(res.status).toBe(422);
    expect(res.body).toMatchObject({ problems: [{ field: 'parts[1].profile[3].wall' }] });
    expect((res.body as { error: string }).error).toMatch(/^lid: Point 4/);
  });
});
