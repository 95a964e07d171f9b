// The server over HTTP: saving, looking back, refusing, and never a 500 for bad input.
import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, relative } from 'node:path';
import type { SavedPiece, ShelfPage } from '@zanfirico/contract';
import type { PieceDocument } from '@zanfirico/contract/piece';
import request from 'supertest';
import { createApp } from './app';
import { partsOver } from './app.fixture';
import { demoPieces } from './demo/demoPieces';
import { stockDemo } from './demo/stockDemo';
import { openDatabase, type Database } from './store/database';
import { pieceStore } from './piece/pieceStore';
import { rackStore } from './rack/rackStore';

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

const create = async (document: PieceDocument = bowl): Promise<SavedPiece> => {
  const { body, status } = await api.post('/api/pieces').send({ document });
  expect(status).toBe(201);
  return body as SavedPiece;
};

/** The document with one place changed, by path; `undefined` removes the field. */
function spoiled(path: string, value: unknown): unknown {
  const copy = structuredClone(bowl) as unknown as Record<string, unknown>;
  const keys = path.split('.');
  const last = keys.pop() ?? '';
  let at = copy;
  for (const key of keys) at = at[key] as Record<string, unknown>;
  if (value === undefined) Reflect.deleteProperty(at, last);
  else at[last] = value;
  return copy;
}

describe('saving', () => {
  it('keeps every revision, to look at and bring back', async () => {
    const { id } = await create();
    const second = { ...bowl, name: 'Second thoughts' };
    const saved = await api.put(`/api/pieces/${id}`).send({ baseRevision: 1, document: second });
    expect(saved.body).toMatchObject({ id, revision: 2 });
    const lines = await api.get(`/api/pieces/${id}/revisions`);
    expect((lines.body as { revision: number }[]).map((l) => l.revision)).toEqual([2, 1]);
    const first = await api.get(`/api/pieces/${id}/revisions/1`);
    expect((first.body as SavedPiece).document).toEqual(bowl);
    expect(((await api.get(`/api/pieces/${id}`)).body as SavedPiece).document).toEqual(second);
  });

  it('refuses a save against an old revision with the newer one in hand, and keeps it untouched', async () => {
    const { id } = await create();
    const theirs = { ...bowl, name: 'Theirs' };
    await api.put(`/api/pieces/${id}`).send({ baseRevision: 1, document: theirs });
    const late = await api
      .put(`/api/pieces/${id}`)
      .send({ baseRevision: 1, document: { ...bowl, name: 'Mine' } });
    expect(late.status).toBe(409);
    expect(late.body).toMatchObject({ current: { revision: 2, document: { name: 'Theirs' } } });
    expect(((await api.get(`/api/pieces/${id}`)).body as SavedPiece).revision).toBe(2);
  });

  it('lets one of two simultaneous saves win and tells the other', async () => {
    const { id } = await create();
    const both = await Promise.all(
      ['A', 'B'].map((name) =>
        api.put(`/api/pieces/${id}`).send({ baseRevision: 1, document: { ...bowl, name } }),
      ),
    );
    expect(both.map((r) => r.status).sort()).toEqual([200, 409]);
  });

  it('puts away and takes out again', async () => {
    const { id } = await create();
    await api.post(`/api/pieces/${id}/put-away`).send({ putAway: true }).expect(204);
    expect((await api.get('/api/pieces')).body).toMatchObject({ total: 0, lines: [] });
    expect((await api.get('/api/pieces?putAway=true')).body).toMatchObject({ total: 1 });
    await api.post(`/api/pieces/${id}/put-away`).send({ putAway: false }).expect(204);
    expect((await api.get('/api/pieces')).body).toMatchObject({ total: 1 });
  });

  it('reads its own file back', async () => {
    const text = JSON.stringify(bowl, null, 2);
    const { body, status } = await api
      .post('/api/pieces/import')
      .type('application/json')
      .send(text);
    expect(status).toBe(201);
    expect((body as SavedPiece).document).toEqual(bowl);
  });
});

describe('bad input names the field, what was given and what is allowed; nothing is saved', () => {
  it.each<[string, unknown, RegExp]>([
    [
      'parts.0.profile.2.wall',
      0,
      /parts\[0\]\.profile\[2\]\.wall: given 0; allowed: at least 0\.0003/,
    ],
    ['parts.0.profile.2.wall', -0.004, /given -0\.004/],
    ['parts.0.profile.2.wall', '4 mm', /given "4 mm"; allowed: a number/],
    ['parts.0.profile.2.wall', null, /given null/],
    ['parts.0.profile.2.radius', -1, /allowed: at least 0/],
    [
      'parts.0.profile',
      Array.from({ length: 10_000 }, () => ({ height: 0, radius: 0, wall: 1 })),
      /at most 200 items/,
    ],
    ['parts.0.profile', [], /at least 3 items/],
    ['name', 'x'.repeat(100_000), /name: given "x+…; allowed: at most 80 characters/],
    ['name', '   ', /name: given/],
    ['name', undefined, /name: given nothing; allowed: this field must be there/],
    ['glass', '../../etc', /glass: given/],
    ['glass', 'unobtainium', /no glass "unobtainium"/],
    ['form', 'vase', /"tumbler" or "bowl"/],
    ['firing.holdTemperature', 5000, /a number from 300 to 800 or null/],
    ['firing.lastIn', '25:00', /HH:MM/],
    ['making.tube.wall', 0.03, /no bore/],
    ['surprise', true, /surprise: given an unknown field/],
    ['__proto__x', { admin: true }, /unknown field/],
  ])('%s', async (path, value, message) => {
    const { status, body } = await api.post('/api/pieces').send({ document: spoiled(path, value) });
    expect(status).toBeGreaterThanOrEqual(400);
    expect(status).toBeLessThan(500);
    expect((body as { error: string }).error).toMatch(message);
    expect((await api.get('/api/pieces')).body).toMatchObject({ total: 0, lines: [] });
  });

  // In the kiln: what is laid, its mould and its firings.
  const kiln = (change: object) => ({
    laid: [
      {
        id: 'a',
        as: 'sheet',
        thickness: 0.003,
        shape: { kind: 'round', across: 0.2 },
        x: 0,
        y: 0,
        turn: 0,
      },
    ],
    firings: [{ aim: 'full', air: { at: 650, hold: 1800 }, process: { at: 800, hold: 600 } }],
    ...change,
  });
  const [sheet] = kiln({}).laid;
  it.each<[string, object | undefined, string, RegExp]>([
    ['no kiln block', undefined, 'kiln', /kiln where it says what is laid/],
    ['a kiln block at the furnace', kiln({}), 'furnace', /kiln where it says what is laid/],
    [
      'glass the rack has not',
      kiln({ laid: [{ ...sheet, of: 'gone' }] }),
      'kiln',
      /no glass or colour "gone"/,
    ],
    ['one id twice', kiln({ laid: [sheet, sheet] }), 'kiln', /Two things laid have the id "a"/],
    [
      'a line for a shape',
      kiln({
        laid: [
          {
            ...sheet,
            shape: {
              kind: 'outline',
              points: [
                { x: 0, y: 0 },
                { x: 0.1, y: 0 },
                { x: 0.05, y: 0 },
              ],
            },
          },
        ],
      }),
      'kiln',
      /has no area/,
    ],
    [
      '501 things',
      kiln({ laid: Array.from({ length: 501 }, (_, i) => ({ ...sheet, id: `s${String(i)}` })) }),
      'kiln',
      /kiln\.laid: .*at most 500 items/,
    ],
    ['no firing', kiln({ firings: [] }), 'kiln', /kiln\.firings: .*at least 1 item/],
    [
      'a process hotter than any kiln',
      kiln({
        firings: [{ aim: 'full', air: { at: 650, hold: 0 }, process: { at: 2000, hold: 0 } }],
      }),
      'kiln',
      /process\.at: given 2000; allowed: at most 950/,
    ],
    [
      'a mould deeper further out',
      kiln({
        mould: {
          kind: 'drawn',
          across: 0.2,
          deep: 0.03,
          flat: 0,
          points: [
            { out: 0, deep: 0.01 },
            { out: 0.1, deep: 0.03 },
          ],
        },
      }),
      'kiln',
      /deeper at place 2/,
    ],
  ])('%s', async (_, block, way, message) => {
    const document = { ...bowl, name: 'Plate', way, ...(block && { kiln: block }) };
    const { status, body } = await api.post('/api/pieces').send({ document });
    expect([400, 422]).toContain(status);
    expect((body as { error: string }).error).toMatch(message);
  });
  it('what is laid and fired comes back as it was sent', async () => {
    const document = { ...bowl, name: 'Plate', way: 'kiln' as const, kiln: kiln({ dam: 0.01 }) };
    const { status, body } = await api.post('/api/pieces').send({ document });
    expect(status).toBe(201);
    expect((body as SavedPiece).document).toEqual(document);
  });

  it('a wall thicker than its radius, with its point', async () => {
    const { status, body } = await api
      .post('/api/pieces')
      .send({ document: spoiled('parts.0.profile.3.wall', 0.3) });
    expect(status).toBe(422);
    expect(body).toMatchObject({ problems: [{ field: 'parts[0].profile[3].wall', given: '0.3' }] });
  });

  it.each([
    ['half a file', JSON.stringify(bowl).slice(0, 300), /only half there/],
    ['nothing', '', /only half there|not a piece/],
    ['NaN in it', '{"format": NaN}', /damaged/],
    ['a list', '[]', /one JSON object/],
    ['another format', '{"format":"recipe","version":1}', /not a piece file/],
    [
      'a newer version',
      JSON.stringify({ ...bowl, version: 3 }),
      /version 3; versions 1 and 2 can be read/,
    ],
    [
      'an infinite height',
      JSON.stringify(bowl).replace('"height":0,', '"height":1e999,'),
      /height/,
    ],
  ])('a file that is %s', async (_name, text, message) => {
    const { status, body } = await api
      .post('/api/pieces/import')
      .type('application/json')
      .send(text);
    expect(status).toBeGreaterThanOrEqual(400);
    expect(status).toBeLessThan(500);
    expect((body as { error: string }).error).toMatch(message);
  });

  it('a body past a megabyte, a broken body, odd addresses and queries', async () => {
    const big = await api
      .post('/api/pieces')
      .type('application/json')
      .send(`{"x":"${'y'.repeat(1_100_000)}"}`);
    expect(big.status).toBe(413);
    const broken = await api.post('/api/pieces').type('application/json').send('{"document":');
    expect(broken.status).toBe(400);
    expect((await api.post('/api/pieces').send()).status).toBe(400);
    expect((await api.get('/api/pieces/1%27%20OR%201=1')).status).toBe(400);
    expect((await api.get('/api/pieces/%E0%A4%A')).status).toBe(400);
    expect((await api.get('/api/pieces?putAway=maybe')).status).toBe(400);
    expect((await api.get('/api/pieces?x=1')).status).toBe(400);
    expect((await api.get(`/api/pieces/${'0'.repeat(36)}`)).status).toBe(404);
    expect((await api.get(`/api/pieces/${'0'.repeat(36)}/revisions/0`)).status).toBe(400);
    expect(
      (await api.put(`/api/pieces/${'0'.repeat(36)}`).send({ baseRevision: 1, document: bowl }))
        .status,
    ).toBe(404);
    expect((await api.get('/api/nothing')).status).toBe(404);
  });
});

describe('made once', () => {
  const document = demoPieces()[0]?.[0];
  const make = (key?: string) => {
    const asked = api.post('/api/pieces');
    return (key === undefined ? asked : asked.set('Idempotency-Key', key)).send({ document });
  };
  const shelf = async (): Promise<ShelfPage['lines']> =>
    ((await api.get('/api/pieces')).body as ShelfPage).lines;

  it('asked for twice under one key, at once or later, it is one piece; under another, another', async () => {
    const [a, b] = await Promise.all([make('double-click-1'), make('double-click-1')]);
    const later = await make('double-click-1');
    expect([a.status, b.status, later.status]).toEqual([201, 201, 201]);
    const ids = [a, b, later].map((r) => (r.body as SavedPiece).id);
    expect(new Set(ids).size).toBe(1);
    expect(await shelf()).toHaveLength(1);
    await make('double-click-2');
    await make();
    await make();
    expect(await shelf()).toHaveLength(4);
  });
  it('a piece saved since is given back as it is now', async () => {
    const { id } = (await make('then-saved')).body as SavedPiece;
    await api.put(`/api/pieces/${id}`).send({ baseRevision: 1, document });
    expect((await make('then-saved')).body).toMatchObject({ id, revision: 2 });
  });
  it('a file read in twice under one key is one piece', async () => {
    const read = () =>
      api
        .post('/api/pieces/import')
        .set('Content-Type', 'application/json')
        .set('Idempotency-Key', 'file-read-in')
        .send(JSON.stringify(document));
    await Promise.all([read(), read()]);
    expect(await shelf()).toHaveLength(1);
  });
  it.each(['short', 'x'.repeat(65), 'with a blank', 'semi;colon'])(
    'a key that is none is refused: %s',
    async (key) => {
      const refused = await make(key);
      expect(refused.status).toBe(400);
      expect((refused.body as { error: string }).error).toContain('Idempotency-Key');
      expect(await shelf()).toHaveLength(0);
    },
  );
});

describe('the house rules of the server', () => {
  it('answers only this machine, with a strict content policy', async () => {
    expect((await api.get('/api/health').set('Host', 'evil.example')).status).toBe(403);
    const { headers } = await api.get('/api/health');
    expect(headers['content-security-policy']).toContain("script-src 'self';");
    expect(headers['content-security-policy']).not.toContain('unsafe');
  });

  it('publishes the schema of the piece file', async () => {
    const { body } = await api.get('/api/schemas/piece.json');
    expect(body).toMatchObject({ title: 'Zanfirico piece', type: 'object' });
  });

  it('serves the page from wherever it lies: a path from here, a folder whose name begins with a dot', async () => {
    const folder = mkdtempSync(join(tmpdir(), '.zanfirico-web-'));
    try {
      mkdirSync(join(folder, 'assets'));
      writeFileSync(join(folder, 'index.html'), '<title>the page</title>');
      writeFileSync(join(folder, 'assets', 'a.js'), 'let a;');
      for (const webRoot of [folder, relative(process.cwd(), folder)]) {
        const served = request(createApp({ ...partsOver(db), webRoot }));
        const page = await served.get('/pieces/anything/section');
        expect([page.status, page.text]).toEqual([200, '<title>the page</title>']);
        expect((await served.get('/assets/a.js')).status).toBe(200);
        // What is no file is no page either: a script that gets one would fail without a word.
        expect((await served.get('/assets/gone.js')).status).toBe(404);
      }
    } finally {
      rmSync(folder, { recursive: true, force: true });
    }
  });

  it('stocks an empty shelf with the demo once', async () => {
    const store = pieceStore(db);
    expect(await stockDemo(store, rackStore(db))).toBe(demoPieces().length);
    expect(await stockDemo(store, rackStore(db))).toBe(0);
    expect(await store.page({ putAway: false })).toMatchObject({ total: demoPieces().length });
  });
});
