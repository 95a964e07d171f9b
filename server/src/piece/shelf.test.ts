// The shelf over HTTP: pages, finding, what each piece says of itself; two thousand of them.
import { SHELF_PAGE, type ShelfPage } from '@zanfirico/contract';
import type { PieceDocument } from '@zanfirico/contract/piece';
import { ANYBODY, shelfFacts, shopFacts, type ShelfFacts } from '@zanfirico/core/piece';
import request from 'supertest';
import { createApp } from '../app';
import { partsOver } from '../app.fixture';
import { demoPieces } from '../demo/demoPieces';
import { stockDemo } from '../demo/stockDemo';
import { openDatabase, type Database } from '../store/database';
import type { PieceStore } from './pieceStore';
import type { RackStore } from '../rack/rackStore';
import type { ShopStore } from '../shop/shopStore';

const tumbler = demoPieces()
  .flat()
  .find((d) => d.name === 'Tide-pool bowl') as PieceDocument;
let db: Database;
let api: ReturnType<typeof request>;
let store: PieceStore;
let shop: ShopStore;
let rack: RackStore;

beforeEach(async () => {
  db = await openDatabase(':memory:');
  const parts = partsOver(db);
  ({ store, shop, rack } = parts);
  api = request(createApp(parts));
});
afterEach(() => db.destroy());

const page = async (query = ''): Promise<ShelfPage<ShelfFacts>> => {
  const { body, status } = await api.get(`/api/pieces${query}`);
  expect(status).toBe(200);
  return body as ShelfPage<ShelfFacts>;
};
const make = (name: string) => store.create({ ...tumbler, name });

describe('the shelf', () => {
  it('says of every demo piece what the core says of it with this rack and this shop', async () => {
    await stockDemo(store, rack);
    const { lines, total, tallest } = await page();
    expect(total).toBe(demoPieces().length);
    const known = await rack.rack();
    const { document: list } = await shop.shop();
    for (const line of lines) {
      const piece = await store.get(line.id);
      const glass = piece && known.glass(piece.document.glass);
      if (!glass) throw new Error(`${line.name} has a glass`);
      const hand = piece.document.making.gatherer ?? ANYBODY;
      const facts = shelfFacts(piece.document, glass, shopFacts(list, [], hand, known));
      expect(line.facts).toEqual(JSON.parse(JSON.stringify(facts)));
      expect(facts.ok).toBe(true);
    }
    expect(tallest).toBe(Math.max(...lines.map((l) => (l.facts.ok ? l.facts.glyph.height : 0))));
  });

  it('finds letters of any alphabet without their case, and nothing by signs that mean something elsewhere', async () => {
    for (const name of ['ÜBERFANG 50 %', 'Θάλασσα', 'plain', 'O’Keefe_1']) await make(name);
    const found = async (text: string): Promise<string[]> =>
      (await page(`?find=${encodeURIComponent(text)}`)).lines.map((l) => l.name);
    expect(await found('überfang')).toEqual(['ÜBERFANG 50 %']);
    expect(await found('u\u0308BERf')).toEqual(['ÜBERFANG 50 %']); // its dots as a mark of their own
    expect(await found(' θΆλα ')).toEqual(['Θάλασσα']);
    expect(await found('%')).toEqual(['ÜBERFANG 50 %']);
    expect(await found('_')).toEqual(['O’Keefe_1']);
    expect(await found("' or 1=1 --")).toEqual([]);
  });

  it('is chosen from by tag and by height, and says which tags there are', async () => {
    const small = demoPieces()
      .flat()
      .find((d) => d.name === 'Salt cellar') as PieceDocument;
    const a = await store.create({ ...small, tags: ['gift', 'autumn fair'] });
    await store.create({ ...tumbler, name: 'B', tags: ['gift'] });
    await make('C');
    const names = async (query: string): Promise<string[]> =>
      (await page(query)).lines.map((l) => l.name).sort();
    expect(await names('?tag=gift')).toEqual(['B', 'Salt cellar']);
    expect(await names('?tag=autumn%20fair')).toEqual(['Salt cellar']);
    expect(await names('?tag=gift&size=small')).toEqual(['B', 'Salt cellar']);
    expect(await names('?size=large')).toEqual([]);
    expect((await page('?tag=gift')).lines.map((l) => l.tags)).toContainEqual([
      'autumn fair',
      'gift',
    ]);
    const all = await api.get('/api/pieces/tags');
    expect(all.body).toEqual([
      { tag: 'autumn fair', pieces: 1 },
      { tag: 'gift', pieces: 2 },
    ]);
    // Saved with others, it is found by those; put away, its tags are no longer offered.
    await store.save(a.id, 1, { ...small, tags: ['table'] });
    expect(await names('?tag=gift')).toEqual(['B']);
    await store.putAway(a.id, true);
    expect((await api.get('/api/pieces/tags')).body).toEqual([{ tag: 'gift', pieces: 1 }]);
    expect((await api.get('/api/pieces?tag=a,b')).status).toBe(400);
    expect((await api.get('/api/pieces?size=huge')).status).toBe(400);
  });

  it('comes in pages, newest first, each piece once; named pieces wherever they stand', async () => {
    const made = [];
    for (let i = 0; i < SHELF_PAGE + 3; i += 1) made.push(await make(`cup ${String(i)}`));
    const first = await page();
    const second = await page(`?from=${String(SHELF_PAGE)}`);
    expect([first.total, first.lines.length, second.lines.length]).toEqual([
      SHELF_PAGE + 3,
      SHELF_PAGE,
      3,
    ]);
    const ids = [...first.lines, ...second.lines].map((l) => l.id);
    expect(new Set(ids)).toEqual(new Set(made.map((p) => p.id)));
    const times = [...first.lines, ...second.lines].map((l) => l.savedAt);
    expect(times).toEqual([...times].sort().reverse());
    const [oldest = '', , , , , sixth = ''] = made.map((p) => p.id);
    await store.putAway(oldest, true);
    const named = await page(`?ids=${oldest},${sixth},${'0'.repeat(36)}`);
    expect(named.lines.map((l) => l.name).sort()).toEqual(['cup 0', 'cup 5']);
  });

  it.each(['?from=-1', '?from=1e3', '?ids=1', '?find=a&find=b', `?find=${'x'.repeat(81)}`])(
    'refuses %s',
    async (query) => {
      expect((await api.get(`/api/pieces${query}`)).status).toBe(400);
    },
  );

  it('says another thing when rack, shop or the piece are another', async () => {
    const { id } = await make('cup');
    const facts = async () => {
      const now = (await page()).lines[0]?.facts;
      if (now?.ok !== true) throw new Error('it can be made');
      return now;
    };
    const before = await facts();
    // Another iron's log: the hand takes a third more each time.
    const { ironDiameter, dipDepth } = tumbler.making;
    for (let i = 0; i < 4; i += 1)
      await shop.weigh({
        person: tumbler.making.gatherer ?? ANYBODY,
        glass: tumbler.glass,
        ironDiameter,
        depth: dipDepth,
        planned: 0.3,
        got: 0.6,
        factor: 1,
      });
    const taught = await facts();
    expect(taught.gathers).toBeLessThan(before.gathers ?? 0);
    const entry = {
      ...(await rack.rack()).line(tumbler.glass)?.entry,
      name: 'Another batch',
      values: { density: { sheet: 3000 } },
    };
    await rack.keep(0, entry as never);
    const heavy = await facts();
    expect(heavy.glassName).toBe('Another batch');
    expect(heavy.mass / before.mass).toBeCloseTo(3000 / before.night.glass.density, 6);
    await store.save(id, 1, {
      ...tumbler,
      parts: tumbler.parts.map((p) => ({ ...p, profile: p.profile.slice(0, 2) })),
    });
    expect((await page()).lines[0]?.facts).toEqual({ ok: false, glassName: 'Another batch' });
  });

  it('what an older database has not worked out is worked out when asked for, or by and by', async () => {
    for (const name of ['a', 'b', 'c']) await make(name);
    const forget = () =>
      db.updateTable('pieces').set({ facts: null, facts_of: null, tall: null }).execute();
    await forget();
    expect((await page()).lines.every((l) => l.facts.ok)).toBe(true);
    await forget();
    await store.refresh();
    const rows = await db.selectFrom('pieces').select(['facts', 'tall']).execute();
    expect(rows.every((r) => r.facts !== null && r.tall !== null)).toBe(true);
  });
});

describe('the shelf in an order, and some of it', () => {
  const names = async (query: string): Promise<string[]> =>
    (await page(query)).lines.map((l) => l.name);
  beforeEach(() => stockDemo(store, rack));

  it('stands by name, by height and by weight', async () => {
    const { lines } = await page('?by=name');
    const by = lines.map((l) => l.name);
    expect(by).toEqual([...by].sort());
    const measured = (key: 'tall' | 'mass', of: typeof lines): number[] =>
      of.map(({ facts }) => (facts.ok ? (key === 'tall' ? facts.glyph.height : facts.mass) : 0));
    const falls = (v: readonly number[]): boolean =>
      v.every((x, i) => i === 0 || x <= (v[i - 1] ?? 0));
    expect(falls(measured('tall', (await page('?by=tallest')).lines))).toBe(true);
    expect(falls(measured('mass', (await page('?by=heaviest')).lines))).toBe(true);
  });
  it('of one glass, or one way of work; both together with a name', async () => {
    expect(await names('?way=torch')).toEqual(['Rain gauge']);
    expect(await names('?glass=borosilicate-33')).toEqual(['Rain gauge']);
    expect(await names('?glass=borosilicate-33&way=furnace')).toEqual([]);
    // One at the torch, two in the kiln.
    expect((await page('?way=furnace')).total).toBe(demoPieces().length - 3);
    expect((await page('?way=kiln')).total).toBe(2);
    expect((await api.get('/api/pieces?by=luck')).status).toBe(400);
    expect((await api.get('/api/pieces?way=magic')).status).toBe(400);
  });
});

describe('thrown away', () => {
  const post = (id: string, what: string, body: object) =>
    api.post(`/api/pieces/${id}/${what}`).send(body);
  it('only from what is put away; taken back until the server starts, then gone with its revisions', async () => {
    const { id } = await make('to go');
    expect((await post(id, 'throw-away', { thrownAway: true })).status).toBe(404);
    await post(id, 'put-away', { putAway: true });
    expect((await post(id, 'throw-away', { thrownAway: true })).status).toBe(204);
    expect((await page('?putAway=true')).total).toBe(0);
    // Nothing but taking it back brings it back.
    expect((await post(id, 'put-away', { putAway: false })).status).toBe(404);
    expect((await post(id, 'throw-away', { thrownAway: false })).status).toBe(204);
    expect((await page('?putAway=true')).total).toBe(1);
    await post(id, 'throw-away', { thrownAway: true });
    await store.empty();
    expect((await post(id, 'throw-away', { thrownAway: false })).status).toBe(404);
    expect((await api.get(`/api/pieces/${id}`)).status).toBe(404);
    expect((await api.get(`/api/pieces/${id}/revisions`)).status).toBe(404);
    const left = await db
      .selectFrom('piece_uses')
      .select('piece_id')
      .where('piece_id', '=', id)
      .execute();
    expect(left).toEqual([]);
  });
});
