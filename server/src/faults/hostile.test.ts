// Requests made to hurt, from a seed: never a 500, never a word of what is inside, nothing kept that was refused.
// Some hundreds are part of npm test; npm run test:faults sends ten thousand.
import type { ShelfPage } from '@zanfirico/contract';
import type { PieceDocument } from '@zanfirico/contract/piece';
import type { KeptEntry, RackEntry } from '@zanfirico/contract/rack';
import { sql } from 'kysely';
import type { Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import request from 'supertest';
import { createApp } from '../app';
import { partsOver } from '../app.fixture';
import { textProblem } from '../check/textProblem';
import { demoPieces } from '../demo/demoPieces';
import { DEMO_ENTRIES } from '../demo/rackEntries';
import { openDatabase, type Database } from '../store/database';
import { pieceStore } from '../piece/pieceStore';

const REQUESTS = process.env['ZANFIRICO_LONG'] === '1' ? 10_000 : 200;
const bowl = demoPieces()[0]?.[0] as PieceDocument;
let db: Database;
let server: Server;
let url: string;
beforeAll(async () => {
  db = await openDatabase(':memory:');
  const app = createApp(partsOver(db));
  server = await new Promise((done) => {
    const s = app.listen(0, '127.0.0.1', () => {
      done(s);
    });
  });
  url = `http://127.0.0.1:${String((server.address() as AddressInfo).port)}`;
});
afterAll(async () => {
  server.closeAllConnections();
  await new Promise((done) => server.close(done));
  await db.destroy();
});

/** Mulberry32: the same numbers from the same seed (from memory). */
function numbers(seed: number): () => number {
  let a = seed;
  return () => {
    a = (a + 0x6d2b79f5) | 0;
    let t = Math.imul(a ^ (a >>> 15), 1 | a);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

const nested = (depth: number): string => `${'['.repeat(depth)}${']'.repeat(depth)}`;
const NASTY: readonly unknown[] = [
  null,
  true,
  -1,
  1e308,
  1e-320,
  '',
  '\u0000',
  '\ud800',
  '../../etc/passwd',
  "' or 1=1 --",
  '<script>alert(1)</script>',
  'x'.repeat(20_000),
  '__proto__',
  [],
  [[]],
  {},
  { kind: 'rod' },
  { toString: 1 },
];

/** A document with some of its places replaced. */
function broken(next: () => number): unknown {
  const copy = structuredClone(bowl) as unknown as Record<string, unknown>;
  for (let n = 1 + Math.floor(next() * 3); n > 0; n -= 1) {
    let at: Record<string, unknown> = copy;
    for (;;) {
      const keys = Object.keys(at);
      const key = keys[Math.floor(next() * keys.length)] ?? 'name';
      const inner = at[key];
      if (
        typeof inner === 'object' &&
        inner !== null &&
        Object.keys(inner).length > 0 &&
        next() < 0.8
      ) {
        at = inner as Record<string, unknown>;
        continue;
      }
      at[next() < 0.9 ? key : JSON.stringify(NASTY[Math.floor(next() * NASTY.length)])] =
        structuredClone(NASTY[Math.floor(next() * NASTY.length)]);
      break;
    }
  }
  return copy;
}

const PATHS = [
  '/api/pieces',
  '/api/pieces/import',
  '/api/rack/entries',
  '/api/rack/import',
  '/api/rack/tests',
  '/api/shop',
  '/api/weigh-ins',
  '/api/weigh-ins/reset',
  `/api/pieces/${'0'.repeat(36)}`,
  '/api/pieces/%00',
  '/api/%2e%2e/%2e%2e/etc/passwd',
];

describe('hostile requests', () => {
  it('never make it fall, and are told what is wrong in a sentence', async () => {
    const next = numbers(20261126);
    const pick = <T>(of: readonly T[]): T => of[Math.floor(next() * of.length)] as T;
    const answers = new Map<number, number>();
    for (let i = 0; i < REQUESTS; i += 1) {
      const body =
        next() < 0.6
          ? JSON.stringify(
              next() < 0.7 ? { document: broken(next), baseRevision: 1 } : broken(next),
            )
          : pick([
              nested(5000),
              `{"document":${nested(3000)}}`,
              `{"entries":[${nested(2000)}]}`,
              '{"document":',
              '{"__proto__":{"a":1}}',
              `{"${'k'.repeat(5000)}":1}`,
              JSON.stringify({ entries: [pick(NASTY)] }),
              JSON.stringify({ document: pick(NASTY), baseRevision: pick(NASTY) }),
            ]);
      const path =
        pick(PATHS) +
        (next() < 0.2
          ? `?find=${encodeURIComponent(pick(['%', '\u0000', "'", 'x'.repeat(90)]))}`
          : '');
      const method = pick(['POST', 'PUT', 'GET', 'DELETE']);
      const answer = await fetch(`${url}${path}`, {
        method,
        headers: {
          'Content-Type': 'application/json',
          ...(next() < 0.1 && { 'Idempotency-Key': 'x' }),
        },
        ...(method !== 'GET' && { body }),
      });
      const text = await answer.text();
      answers.set(answer.status, (answers.get(answer.status) ?? 0) + 1);
      if (answer.status >= 500) throw new Error(`${method} ${path} ${body.slice(0, 300)}: ${text}`);
      expect(text).not.toMatch(/node_modules|\bat \w+ \(|SQLITE|sqlite/);
      if (answer.status >= 400) expect(text.length).toBeLessThan(2500);
    }
    expect([...answers.keys()].every((s) => s < 500)).toBe(true);
    expect(answers.get(400)).toBeGreaterThan(REQUESTS / 10);
    // What was kept of it is whole.
    const kept = await pieceStore(db).page({ putAway: false });
    expect(kept.lines.every((l) => textProblem(l.name) === undefined)).toBe(true);
  }, 600_000);

  it.each([
    ['nested thousands deep', nested(9000)],
    ['nested where a word should be', `{"document":{"format":${nested(9000)}}}`],
    ['nested where a version should be', `{"format":"zanfirico.piece","version":${nested(9000)}}`],
  ])('a body %s is refused, not stumbled over', async (_what, body) => {
    for (const path of ['/api/pieces', '/api/pieces/import']) {
      const { status } = await request(url).post(path).type('application/json').send(body);
      expect([400, 422]).toContain(status);
    }
  });

  it.each([
    ['a control character', 'no\u0000thing', 'text without control characters'],
    ['half a character', 'half \ud83d of it', 'whole characters'],
  ])('%s in a name is refused by its field', async (_what, name, allowed) => {
    const { status, body } = await request(url)
      .post('/api/pieces')
      .send({ document: { ...bowl, name } });
    expect([status, body]).toMatchObject([
      400,
      { problems: [{ field: 'document.name', allowed }] },
    ]);
  });

  it('notes of several lines, and characters of two halves, are text', () => {
    expect(textProblem({ notes: 'a\n\tb\r\n', name: '𝔐 🜍' })).toBeUndefined();
    expect(textProblem({ a: [{ b: ['x', '\u007f'] }] })).toMatchObject({ field: 'a[0].b[1]' });
  });

  it('a key nobody knows is told by its beginning, a number that is no whole one as such', async () => {
    const long = await request(url)
      .post('/api/pieces')
      .send({ document: { ...bowl, ['k'.repeat(5000)]: 1 } });
    expect(JSON.stringify(long.body).length).toBeLessThan(600);
    const half = await request(url)
      .put(`/api/pieces/${'0'.repeat(36)}`)
      .send({ baseRevision: 1.5, document: bowl });
    expect(JSON.stringify(half.body)).toContain('a whole number');
  });
});

describe('an entry dropped and made again', () => {
  it('goes on from the revision it had: a page that still knows the old one is told', async () => {
    const entry = DEMO_ENTRIES[0] as RackEntry;
    const put = (baseRevision: number) =>
      request(url).put('/api/rack/entries').send({ baseRevision, entry });
    for (const base of [0, 1]) await put(base).expect(200);
    await request(url).delete(`/api/rack/entries/${entry.id}`).expect(204);
    expect(((await put(0)).body as KeptEntry).revision).toBe(3);
    expect((await put(2)).status).toBe(409);
    expect((await put(1)).status).toBe(409);
  });
});

describe('a database that refuses', () => {
  it.each([
    ['SQLITE_FULL', /disc is full: nothing was saved/],
    ['SQLITE_READONLY', /may not write its database/],
  ])('%s is told with its remedy', async (code, says) => {
    const parts = partsOver(db);
    const store = {
      ...parts.store,
      create: () => Promise.reject(Object.assign(new Error('no'), { code })),
    };
    const app = createApp({ ...parts, store });
    const { status, body } = await request(app).post('/api/pieces').send({ document: bowl });
    expect(status).toBe(507);
    expect((body as { error: string }).error).toMatch(says);
  });

  it('full for real: refused saves leave nothing half, and with room again all goes on', async () => {
    const full = await openDatabase(':memory:');
    const app = createApp(partsOver(full));
    const { rows } = await sql<{ page_count: number }>`pragma page_count`.execute(full);
    const room = (pages: number) =>
      sql.raw(`pragma max_page_count = ${String(pages)}`).execute(full);
    await room((rows[0]?.page_count ?? 0) + 40);
    const answers: number[] = [];
    for (let i = 0; i < 60; i += 1)
      answers.push(
        (
          await request(app)
            .post('/api/pieces')
            .send({ document: { ...bowl, name: `cup ${String(i)}` } })
        ).status,
      );
    const made = answers.filter((s) => s === 201).length;
    expect(answers.filter((s) => s === 507).length).toBe(60 - made);
    expect(made).toBeLessThan(60);
    const { lines, total } = (await request(app).get('/api/pieces')).body as ShelfPage;
    expect(total).toBe(made);
    for (const { id } of lines)
      expect((await request(app).get(`/api/pieces/${id}`)).status).toBe(200);
    await room(100_000);
    expect((await request(app).post('/api/pieces').send({ document: bowl })).status).toBe(201);
    await full.destroy();
  });
});
