// /api/bundle: the whole shelf, or some pieces, out and in as one zip.
import { BUNDLE_LIMIT, BundleQuery, type BundleRead } from '@zanfirico/contract';
import express, { Router } from 'express';
import { packBundle, readBundle } from '../bundle';
import { checker } from '../check/schema';
import type { PieceStore } from '../store/pieceStore';
import type { RackStore } from '../store/rackStore';
import { fail, take } from './answer';

const checkQuery = checker(BundleQuery);

/** The routes over a shelf and a rack. */
export function bundleRoutes(store: PieceStore, rack: RackStore): Router {
  const router = Router();
  const own = async () => (await rack.saved()).entries.map((e) => e.entry);

  router.get('/', async (req, res) => {
    const query = take(res, checkQuery(req.query));
    if (!query) return;
    const pieces = await store.all(query.ids?.split(','));
    if (pieces.length === 0) {
      fail(res, 404, { error: 'There is no piece to put into a bundle.' });
      return;
    }
    const documents = pieces.map((p) => p.document);
    res.type('application/zip').send(Buffer.from(packBundle(documents, await own(), new Date())));
  });

  router.post(
    '/',
    express.raw({ limit: BUNDLE_LIMIT, type: 'application/zip' }),
    async (req, res) => {
      const zip: unknown = req.body;
      if (!(zip instanceof Buffer)) {
        fail(res, 415, { error: 'A bundle is a zip file: send it as application/zip.' });
        return;
      }
      const read = readBundle(zip, await own());
      if (!read.ok) {
        fail(res, 422, { error: read.error });
        return;
      }
      if (read.entries.length > 0) await rack.keepAll(read.entries);
      const standing = new Set((await store.all()).map((p) => JSON.stringify(p.document)));
      const fresh = read.pieces.filter((p) => !standing.has(JSON.stringify(p)));
      const made = await store.createAll(fresh);
      const answer: BundleRead = {
        pieces: made.map((p) => p.id),
        there: read.pieces.filter((p) => standing.has(JSON.stringify(p))).map((p) => p.name),
        entries: read.entries.map((e) => e.name),
        renamed: read.renamed,
      };
      res.status(201).json(answer);
    },
  );

  return router;
}
