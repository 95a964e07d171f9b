// /api/bundle: the whole shelf, or some pieces, with what was made of them where that is asked for, out and in as one zip.
import { tr, mark } from '@zanfirico/core/words';
import type { MakingDocument } from '@zanfirico/contract/making';
import type { PieceDocument } from '@zanfirico/contract/piece';
import { BUNDLE_LIMIT, BundleQuery, type BundleRead } from '@zanfirico/contract/studio';
import express from 'express';
import { packBundle, readBundle, type Beside, type BundleReading } from './bundle';
import { routesAt, type Routes } from '../check/routes';
import { checker } from '../check/schema';
import type { MakingStore } from '../making/makingStore';
import type { PieceStore } from '../piece/pieceStore';
import type { RackStore } from '../rack/rackStore';
import type { ShopStore } from '../shop/shopStore';
import { withoutPeople, withoutPhotos } from './withoutPeople';
import { fail, takeChecked } from '../check/answer';

const checkQuery = checker(BundleQuery);

interface Stores {
  readonly store: PieceStore;
  readonly rack: RackStore;
  readonly makings: MakingStore;
  readonly shop: ShopStore;
}
interface Ticked {
  readonly makings?: '1';
  readonly photos?: '1';
  readonly people?: '1';
  readonly shop?: '1';
}

/** What goes with these pieces; `all` where every piece goes. */
async function besideOf(
  { makings, shop }: Stores,
  ids: readonly string[],
  all: boolean,
  ticked: Ticked,
): Promise<Beside> {
  const made: MakingDocument[] = [];
  const photos: { id: string; bytes: Uint8Array }[] = [];
  if (ticked.makings)
    for (const id of await makings.idsOf(all ? undefined : ids)) {
      const making = await makings.get(id);
      if (!making) continue;
      const file: MakingDocument = { format: 'zanfirico.making', version: 1, ...making };
      const named = ticked.people ? file : withoutPeople(file);
      made.push(ticked.photos ? named : withoutPhotos(named));
      for (const e of ticked.photos ? making.events : [])
        if (e.kind === 'photo') {
          const bytes = await makings.photo(e.photo);
          if (bytes) photos.push({ id: e.photo, bytes });
        }
    }
  return {
    ...(ticked.makings && { ids, makings: made }),
    ...(ticked.photos && { photos }),
    ...(ticked.shop && { shop: (await shop.shop()).document }),
  };
}

/** Keeps what was made of the pieces; a making that is here already gets what is new in it. */
async function keepMade(
  makings: Stores['makings'],
  read: Extract<BundleReading, { ok: true }>,
  idOf: ReadonlyMap<string, string>,
): Promise<Pick<BundleRead, 'makings' | 'photos'>> {
  let came = 0;
  for (const { begin, events } of read.makings) {
    if (await makings.has(begin.id)) await makings.add(begin.id, events);
    else {
      const piece = idOf.get(begin.piece) ?? begin.piece;
      if ((await makings.readIn({ begin: { ...begin, piece }, events })) !== 'other') came += 1;
    }
  }
  for (const { id, bytes } of read.photos) await makings.keepPhoto(id, Buffer.from(bytes));
  return { makings: came, photos: read.photos.length };
}

/** Takes a bundle in: entries of the rack, the pieces that are not there yet, what was made of them, the shop where there is none. */
async function takeIn(
  { store, rack, makings, shop }: Stores,
  read: Extract<BundleReading, { ok: true }>,
): Promise<BundleRead> {
  if (read.entries.length > 0) await rack.keepAll(read.entries);
  const asText = (document: PieceDocument): string => JSON.stringify(document);
  const standing = new Map((await store.all()).map((p) => [asText(p.document), p.id]));
  const there = read.pieces.filter((p) => standing.has(asText(p)));
  const fresh = read.pieces.filter((p) => !standing.has(asText(p)));
  const made = await store.createAll(fresh);
  made.forEach((p) => standing.set(asText(p.document), p.id));
  const idOf = new Map(
    read.ids.flatMap((id, i): (readonly [string, string])[] => {
      const document = read.pieces[i];
      const here = document && standing.get(asText(document));
      return here === undefined ? [] : [[id, here]];
    }),
  );
  const kept = await keepMade(makings, read, idOf);
  // A studio that has a shop of its own keeps it.
  const ours = read.shop && (await shop.shop());
  const taken = read.shop && ours?.revision === 0 && (await shop.saveShop(0, read.shop));
  return {
    pieces: made.map((p) => p.id),
    there: there.map((p) => p.name),
    entries: read.entries.map((e) => e.name),
    renamed: read.renamed,
    ...kept,
    shop: read.shop && (taken ? 'taken' : 'left'),
  };
}

/** The routes over what a studio has. */
export function bundleRoutes(stores: Stores): Routes {
  const { store, rack } = stores;
  const router = routesAt('/api/bundle');
  const own = async () => (await rack.saved()).entries.map((e) => e.entry);

  router.get('lead', '/', async (req, res) => {
    const query = takeChecked(res, checkQuery(req.query));
    if (!query) return;
    const { ids, ...ticked } = query;
    const pieces = await store.all(ids?.split(','));
    if (pieces.length === 0) {
      fail(res, 404, { error: tr`There is no piece to put into a bundle.` });
      return;
    }
    const beside = await besideOf(
      stores,
      pieces.map((p) => p.id),
      ids === undefined,
      ticked,
    );
    const documents = pieces.map((p) => p.document);
    const zip = packBundle(documents, await own(), new Date(), beside);
    if (zip.length > BUNDLE_LIMIT) {
      fail(res, 413, {
        error: tr`The bundle would be ${Math.round(zip.length / 1e6)} MB; it may be ${BUNDLE_LIMIT / 1e6} MB: leave the pictures out, or take fewer pieces.`,
      });
      return;
    }
    res.type('application/zip').send(Buffer.from(zip));
  });

  router.post(
    'lead',
    '/',
    mark('read a bundle in'),
    express.raw({ limit: BUNDLE_LIMIT, type: 'application/zip' }),
    async (req, res) => {
      const zip: unknown = req.body;
      if (!(zip instanceof Buffer)) {
        fail(res, 415, { error: tr`A bundle is a zip file: send it as application/zip.` });
        return;
      }
      const read = readBundle(zip, await own());
      if (!read.ok) {
        fail(res, 422, { error: read.error });
        return;
      }
      res.status(201).json(await takeIn(stores, read));
    },
  );

  return router;
}
