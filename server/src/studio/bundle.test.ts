// The shelf out and in as one zip: from one studio to another, and what is no bundle.
import type { PieceDocument } from '@zanfirico/contract/piece';
import type { RackEntry } from '@zanfirico/contract/rack';
import type { BundleRead } from '@zanfirico/contract/studio';
import { strToU8, unzipSync, zipSync } from 'fflate';
import request from 'supertest';
import { createApp } from '../app';
import { asBytes, partsOver } from '../app.fixture';
import { packBundle, readBundle } from './bundle';
import { stockMakings } from '../demo/demoMakings';
import { demoPieces } from '../demo/demoPieces';
import { DEMO_ENTRIES } from '../demo/rackEntries';
import { stockDemo } from '../demo/stockDemo';
import { openDatabase, type Database } from '../store/database';
import { usesOf, withEntries } from '../rack/uses';

const UUID = '00000000-0000-4000-8000-000000000001';

interface Studio {
  readonly db: Database;
  readonly parts: ReturnType<typeof partsOver>;
  readonly api: ReturnType<typeof request>;
}
const opened: Database[] = [];
const studio = async (): Promise<Studio> => {
  const db = await openDatabase(':memory:');
  opened.push(db);
  const parts = partsOver(db);
  return { db, parts, api: request(createApp(parts)) };
};
afterEach(async () => {
  await Promise.all(opened.splice(0).map((db) => db.destroy()));
});

const take = async (from: Studio, query = ''): Promise<Buffer> => {
  const answer = await from.api.get(`/api/bundle${query}`).buffer(true).parse(asBytes);
  expect(answer.status).toBe(200);
  expect(answer.headers['content-type']).toContain('application/zip');
  return answer.body as Buffer;
};
const give = async (to: Studio, zip: Uint8Array): Promise<BundleRead> => {
  const { body, status } = await to.api
    .post('/api/bundle')
    .set('Content-Type', 'application/zip')
    .send(Buffer.from(zip));
  expect([status, (body as { error?: string }).error]).toEqual([201, undefined]);
  return body as BundleRead;
};
const documents = async (of: Studio): Promise<PieceDocument[]> =>
  (await of.parts.store.all()).map((p) => p.document);

it('the whole shelf goes to another studio, with the entries its pieces are of', async () => {
  const [ours, theirs] = [await studio(), await studio()];
  await stockDemo(ours.parts.store, ours.parts.rack);
  const zip = await take(ours);
  const read = await give(theirs, zip);
  expect(read.pieces).toHaveLength(demoPieces().length);
  // The demo has shipped colours with numbers of its own: theirs stay what they were, ours come beside them.
  const to = new Map(read.renamed.map((r) => [r.from, r.to]));
  expect([...to.keys()].sort()).toEqual(['deep-water', 'harbour-milk', 'sea-mist']);
  expect(await documents(theirs)).toEqual(
    (await documents(ours)).map((d) => withEntries(d, (id) => to.get(id) ?? id)),
  );
  // Only what is named travels.
  const named = new Set((await documents(ours)).flatMap(usesOf));
  const { entries } = await theirs.parts.rack.saved();
  const own = DEMO_ENTRIES.filter((e) => named.has(e.id));
  expect(entries.map((e) => e.entry.id).sort()).toEqual(
    own.map((e) => to.get(e.id) ?? e.id).sort(),
  );
  // Taken in again it changes nothing.
  const again = await give(theirs, zip);
  expect(again.pieces).toEqual([]);
  expect(again.there).toHaveLength(demoPieces().length);
  expect(again.entries).toEqual([]);
});

it('what is put away goes along, what is thrown away does not; a few go by their ids', async () => {
  const here = await studio();
  const { store } = here.parts;
  const [a, b, c] = await store.createAll(demoPieces().flat().slice(0, 3));
  if (!a || !b || !c) throw new Error('made');
  await store.putAway(a.id, true);
  await store.putAway(b.id, true);
  await store.throwAway(b.id, true);
  const files = Object.keys(unzipSync(await take(here)));
  expect(files.filter((f) => f.startsWith('pieces/'))).toHaveLength(2);
  const one = Object.keys(unzipSync(await take(here, `?ids=${c.id}`)));
  expect(one.filter((f) => f.startsWith('pieces/'))).toHaveLength(1);
});

describe('what was made of it goes along where that is ticked', () => {
  const jpeg = Buffer.concat([Buffer.from([0xff, 0xd8, 0xff, 0xe0]), Buffer.alloc(3000, 9)]);
  const photo = '00000000-0000-4000-8000-0000000000ff';

  /** A stocked studio, one of whose makings has a picture and a name in a note. */
  async function made(): Promise<Studio & { readonly making: string; readonly piece: string }> {
    const ours = await studio();
    await stockDemo(ours.parts.store, ours.parts.rack);
    await stockMakings(ours.parts.store, ours.parts.makings, new Date(2026, 10, 27, 12).getTime());
    const making = (await ours.parts.makings.idsOf()).at(-2) ?? '';
    const piece = (await ours.parts.makings.get(making))?.begin.piece ?? '';
    await ours.parts.makings.keepPhoto(photo, jpeg);
    const at = Date.now();
    await ours.parts.makings.add(making, [
      {
        kind: 'photo',
        id: '00000000-0000-4000-8000-00000000f001',
        at,
        photo,
        says: 'with the gaffer',
      },
      {
        kind: 'note',
        id: '00000000-0000-4000-8000-00000000f002',
        at,
        says: 'a word of the gaffer’s own',
      },
    ]);
    return { ...ours, making, piece };
  }
  const filesOf = (zip: Buffer): Record<string, string> =>
    Object.fromEntries(
      Object.entries(unzipSync(zip)).map(([path, bytes]) => [path, Buffer.from(bytes).toString()]),
    );

  long('of itself no name, no note and no picture leaves; ticked they do', async () => {
    const ours = await made();
    const plain = filesOf(await take(ours, `?ids=${ours.piece}`));
    expect(Object.keys(plain).some((f) => f.startsWith('makings/'))).toBe(false);
    const quiet = filesOf(await take(ours, `?ids=${ours.piece}&makings=1`));
    const text = Object.entries(quiet)
      .flatMap(([f, t]) => (f.startsWith('makings/') ? [t] : []))
      .join();
    expect(text.length).toBeGreaterThan(1000);
    expect(text).not.toMatch(/gaffer|second hand|a word of/);
    expect(text).toContain('person 1');
    expect(Object.keys(quiet).some((f) => f.startsWith('photos/'))).toBe(false);
    expect(text).not.toContain(photo);
    const all = filesOf(await take(ours, `?ids=${ours.piece}&makings=1&photos=1&people=1`));
    expect(all[`makings/${ours.making}.json`]).toContain('a word of the gaffer’s own');
    expect(all[`photos/${photo}.jpg`]).toBeDefined();
    expect((await ours.api.get('/api/bundle?makings=yes')).status).toBe(400);
  });

  long(
    'the whole shop goes to another studio, and twice it changes nothing',
    async () => {
      const [ours, theirs] = [await made(), await studio()];
      const zip = await take(ours, '?makings=1&photos=1&people=1&shop=1');
      const read = await give(theirs, zip);
      const ids = await ours.parts.makings.idsOf();
      expect(read).toMatchObject({ makings: ids.length, photos: 3, shop: 'taken' });
      expect(await theirs.parts.makings.photo(photo)).toEqual(jpeg);
      // Every making hangs on the piece it is of, there under another id.
      const here = new Map((await theirs.parts.store.all()).map((p) => [p.id, p.document.name]));
      for (const id of ids) {
        const [a, b] = [await ours.parts.makings.get(id), await theirs.parts.makings.get(id)];
        expect(b?.events).toEqual(a?.events);
        expect(here.get(b?.begin.piece ?? '')).toBe(a?.begin.document.name);
      }
      // The pieces have other ids there, and their glasses may.
      const came = async (of: Studio): Promise<unknown[]> =>
        (await of.parts.logged.all({ outcome: 'came' })).map((l) => ({
          ...l,
          piece: undefined,
          colours: undefined,
          glass: undefined,
        }));
      expect(await came(theirs)).toEqual(await came(ours));
      const again = await give(theirs, zip);
      expect(again).toMatchObject({ pieces: [], makings: 0, shop: 'left' });
      expect(await theirs.parts.makings.idsOf()).toHaveLength(ids.length);
      // Back where it came from it changes nothing either.
      expect(await give(ours, zip)).toMatchObject({ pieces: [], makings: 0 });
    },
    60_000,
  );
});

describe('an entry whose id another entry has', () => {
  const demo = demoPieces().flat();
  const own = DEMO_ENTRIES;
  const [entry] = own.filter((e) => demo.some((d) => usesOf(d).includes(e.id)));
  if (!entry) throw new Error('a demo piece is of an own entry');
  const piece = demo.find((d) => usesOf(d).includes(entry.id)) as PieceDocument;
  const zip = packBundle([piece], own, new Date(2026, 10, 27));
  const theirs: RackEntry = { ...entry, name: 'Quite another one' };
  const others = own.filter((e) => e.id !== entry.id);

  it('comes under a new id, and the piece names that', () => {
    const read = readBundle(zip, [...others, theirs]);
    if (!read.ok) throw new Error(read.error);
    const to = `${entry.id.slice(0, 38)}-2`;
    expect(read.renamed).toEqual([{ from: entry.id, to }]);
    expect(read.entries.map((e) => [e.id, e.name])).toEqual([[to, `${entry.name} 2`]]);
    expect(read.pieces.flatMap(usesOf)).toContain(to);
    expect(read.pieces.flatMap(usesOf)).not.toContain(entry.id);
    // A second time it is known under that id.
    const twice = readBundle(zip, [...others, theirs, ...read.entries]);
    expect(twice.ok && twice.entries).toEqual([]);
    expect(twice.ok && twice.pieces).toEqual(read.pieces);
  });

  it('that is just so is not taken again', () => {
    const read = readBundle(zip, own);
    expect(read.ok && [read.entries, read.renamed]).toEqual([[], []]);
  });
});

describe('what is no bundle is refused by name, and nothing of it kept', () => {
  const piece = demoPieces().flat()[0] as PieceDocument;
  const list = (more: object = {}) =>
    strToU8(
      JSON.stringify({
        format: 'zanfirico.bundle',
        version: 1,
        madeAt: '2026-11-27',
        pieces: ['pieces/1.json'],
        rack: [],
        ...more,
      }),
    );
  const file = (value: unknown) => strToU8(JSON.stringify(value));
  it.each<readonly [string, Uint8Array, RegExp]>([
    ['no zip', strToU8('a letter'), /no whole zip/],
    ['a zip of something else', zipSync({ 'a.txt': strToU8('a') }), /holds no bundle\.json/],
    ['half JSON', zipSync({ 'bundle.json': strToU8('{') }), /^bundle\.json is not whole JSON/],
    [
      'another version',
      zipSync({ 'bundle.json': list({ version: 7 }) }),
      /^bundle\.json: version: given 7/,
    ],
    [
      'a path that leads out',
      zipSync({ 'bundle.json': list({ pieces: ['pieces/../../etc.json'] }) }),
      /^bundle\.json: pieces/,
    ],
    [
      'a piece that is not there',
      zipSync({ 'bundle.json': list() }),
      /named in bundle\.json and not/,
    ],
    [
      'a piece that is none',
      zipSync({ 'bundle.json': list(), 'pieces/1.json': file({ ...piece, form: 'teapot' }) }),
      /^pieces\/1\.json: form: given "teapot"/,
    ],
    [
      'a piece of a glass that is not with it',
      zipSync({ 'bundle.json': list(), 'pieces/1.json': file({ ...piece, glass: 'moon-glass' }) }),
      /^pieces\/1\.json: .*glass/,
    ],
    [
      'an entry that is none',
      zipSync({
        'bundle.json': list({ pieces: [], rack: ['rack/x.json'] }),
        'rack/x.json': file({ id: 'x' }),
      }),
      /^rack\/x\.json: /,
    ],
    [
      'a making that is none',
      zipSync({
        'bundle.json': list({ pieces: [], version: 2, makings: [`makings/${UUID}.json`] }),
        [`makings/${UUID}.json`]: file({
          format: 'zanfirico.making',
          version: 1,
          begin: {},
          events: [],
        }),
      }),
      /^makings\/0000.*: begin/,
    ],
    [
      'a making that is not there',
      zipSync({
        'bundle.json': list({ pieces: [], version: 2, makings: [`makings/${UUID}.json`] }),
      }),
      /^makings\/0000.* named in bundle\.json and not/,
    ],
    [
      'a picture that is a drawing with a script',
      zipSync({
        'bundle.json': list({ pieces: [], version: 2, photos: [`photos/${UUID}.jpg`] }),
        [`photos/${UUID}.jpg`]: strToU8('<svg><script>alert(1)</script></svg>'),
      }),
      /is no JPEG/,
    ],
    [
      'a picture that is too large',
      zipSync({
        'bundle.json': list({ pieces: [], version: 2, photos: [`photos/${UUID}.jpg`] }),
        [`photos/${UUID}.jpg`]: new Uint8Array(4_000_000),
      }),
      /too big/,
    ],
    [
      'a shop that is none',
      zipSync({
        'bundle.json': list({ pieces: [], version: 2, shop: 'shop.json' }),
        'shop.json': file({ format: 'zanfirico.shop', version: 1 }),
      }),
      /^shop\.json: /,
    ],
    [
      'a file that swells',
      zipSync({ 'bundle.json': list(), 'pieces/1.json': new Uint8Array(2_000_000) }),
      /^pieces\/1\.json is too big/,
    ],
  ])('%s', async (_, zip, says) => {
    const here = await studio();
    const { body, status } = await here.api
      .post('/api/bundle')
      .set('Content-Type', 'application/zip')
      .send(Buffer.from(zip));
    expect(status).toBe(422);
    expect((body as { error: string }).error).toMatch(says);
    expect(await documents(here)).toEqual([]);
    expect((await here.parts.rack.saved()).entries).toEqual([]);
  });

  it('nothing to send, a query that is none, a body that is none', async () => {
    const here = await studio();
    expect((await here.api.get('/api/bundle')).status).toBe(404);
    expect((await here.api.get('/api/bundle?ids=x')).status).toBe(400);
    expect((await here.api.post('/api/bundle').send({})).status).toBe(415);
  });
});
