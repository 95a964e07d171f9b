// /api/pieces: list, read, save, look back, read files in.
import { tr, mark } from '@zanfirico/core/words';
import express, { type Request, type Response } from 'express';
import {
  BODY_LIMIT,
  HereQuery,
  ListQuery,
  NewPieceBody,
  PieceParams,
  PutAwayBody,
  RevisionParams,
  SavePieceBody,
  ThrowAwayBody,
  type ErrorBody,
  type WhoIsIn,
} from '@zanfirico/contract';
import { checkDocument, checkMeaning } from './checkDocument';
import { routesAt, type Routes } from '../check/routes';
import { checker } from '../check/schema';
import type { PieceStore } from './pieceStore';
import type { RackStore } from '../rack/rackStore';
import { whoIs } from '../door/guard';
import { fail, takeChecked } from '../check/answer';
import { presence } from './presence';

const checkHere = checker(HereQuery);
const checkParams = checker(PieceParams);
const checkRevision = checker(RevisionParams);
const checkList = checker(ListQuery);
const checkNew = checker(NewPieceBody);
const checkSave = checker(SavePieceBody);
const checkPutAway = checker(PutAwayBody);
const checkThrowAway = checker(ThrowAwayBody);

const missing = (): ErrorBody => ({ error: tr`There is no such piece on this shelf.` });

/** What the one who asks calls this making; undefined where it has no name. Refuses what is none. */
function keyOf(req: Request, res: Response): { readonly key: string | undefined } | undefined {
  const key = req.get('Idempotency-Key');
  if (key === undefined || /^[\w-]{8,64}$/.test(key)) return { key };
  fail(res, 400, {
    error: tr`Idempotency-Key: allowed are 8 to 64 letters, digits, dashes and underscores.`,
  });
  return undefined;
}

const json = express.json({ limit: BODY_LIMIT });

/** The shelf, and what comes onto it. */
function shelfRoutes(router: Routes, store: PieceStore, rack: RackStore): void {
  router.get('look', '/', async (req, res) => {
    const query = takeChecked(res, checkList(req.query));
    if (!query) return;
    const { ids, from, putAway, ...chosen } = query;
    res.json(
      await store.page(
        ids === undefined
          ? {
              ...chosen,
              putAway: putAway === 'true',
              from: from === undefined ? undefined : Number(from),
            }
          : { ids: ids.split(',') },
      ),
    );
  });

  router.get('hand', '/tags', async (_req, res) => {
    res.json(await store.tags());
  });

  router.post('lead', '/', mark('made a piece'), json, async (req, res) => {
    const body = takeChecked(res, checkNew(req.body));
    const named = body && keyOf(req, res);
    if (!body || !named) return;
    const checked = checkMeaning(body.document, await rack.rack());
    if (checked.ok) res.status(201).json(await store.create(checked.document, named.key));
    else fail(res, 422, checked);
  });

  router.post(
    'lead',
    '/import',
    mark('read a piece in'),
    express.text({ limit: BODY_LIMIT, type: 'application/json' }),
    async (req, res) => {
      const text: unknown = req.body;
      const named = keyOf(req, res);
      if (!named) return;
      let value: unknown;
      try {
        value = JSON.parse(typeof text === 'string' ? text : '');
      } catch {
        fail(res, 400, {
          error: tr`The file is not whole JSON: it is damaged or only half there.`,
        });
        return;
      }
      const checked = checkDocument(value, await rack.rack());
      if (checked.ok) res.status(201).json(await store.create(checked.document, named.key));
      else fail(res, 422, checked);
    },
  );
}

/** One piece: read and saved. */
function savingRoutes(router: Routes, store: PieceStore, rack: RackStore): void {
  router.get('look', '/:id', async (req, res) => {
    const params = takeChecked(res, checkParams(req.params));
    if (!params) return;
    const piece = await store.get(params.id);
    if (piece) res.json(piece);
    else fail(res, 404, missing());
  });

  router.put('lead', '/:id', mark('saved a piece'), json, async (req, res) => {
    const params = takeChecked(res, checkParams(req.params));
    if (!params) return;
    const body = takeChecked(res, checkSave(req.body));
    if (!body) return;
    const checked = checkMeaning(body.document, await rack.rack());
    if (!checked.ok) {
      fail(res, 422, checked);
      return;
    }
    const result = await store.save(params.id, body.baseRevision, checked.document);
    if (result.kind === 'saved') res.json(result.piece);
    else if (result.kind === 'missing') fail(res, 404, missing());
    else
      fail(res, 409, {
        error: tr`Somebody saved revision ${result.current.revision} after the one you started from (${body.baseRevision}).`,
        current: result.current,
      });
  });
}

/** Put away and thrown away. */
function awayRoutes(router: Routes, store: PieceStore): void {
  router.post(
    'lead',
    '/:id/put-away',
    mark('put a piece away, or took it out again'),
    json,
    async (req, res) => {
      const params = takeChecked(res, checkParams(req.params));
      const body = params && takeChecked(res, checkPutAway(req.body));
      if (!params || !body) return;
      if (await store.putAway(params.id, body.putAway)) res.status(204).end();
      else fail(res, 404, missing());
    },
  );

  router.post(
    'lead',
    '/:id/throw-away',
    mark('threw a piece away, or took it back'),
    json,
    async (req, res) => {
      const params = takeChecked(res, checkParams(req.params));
      const body = params && takeChecked(res, checkThrowAway(req.body));
      if (!params || !body) return;
      if (await store.throwAway(params.id, body.thrownAway)) res.status(204).end();
      else
        fail(res, 404, {
          error: body.thrownAway
            ? tr`There is no such piece put away: only what is put away can be thrown away.`
            : tr`It is gone: what was thrown away goes for good when the server starts.`,
        });
    },
  );
}

/** Who is in a piece, and its revisions. */
function historyRoutes(router: Routes, store: PieceStore): void {
  const inIt = presence();

  router.get('hand', '/:id/here', async (req, res) => {
    const params = takeChecked(res, checkParams(req.params));
    const query = params && takeChecked(res, checkHere(req.query));
    if (!params || !query) return;
    const newest = await store.newestOf(params.id);
    if (!newest) {
      fail(res, 404, missing());
      return;
    }
    const others = inIt.here(params.id, query.tab, whoIs(res));
    res.json({ others, ...newest } satisfies WhoIsIn);
  });

  router.get('hand', '/:id/revisions', async (req, res) => {
    const params = takeChecked(res, checkParams(req.params));
    if (!params) return;
    const lines = await store.revisions(params.id);
    if (lines.length > 0) res.json(lines);
    else fail(res, 404, missing());
  });

  router.get('hand', '/:id/revisions/:revision', async (req, res) => {
    const params = takeChecked(res, checkRevision(req.params));
    if (!params) return;
    const piece = await store.revision(params.id, Number(params.revision));
    if (piece) res.json(piece);
    else fail(res, 404, { error: tr`This piece has no revision ${params.revision}.` });
  });
}

/** The routes over a store; pieces may be of whatever the rack has. */
export function pieceRoutes(store: PieceStore, rack: RackStore): Routes {
  const router = routesAt('/api/pieces');
  shelfRoutes(router, store, rack);
  savingRoutes(router, store, rack);
  awayRoutes(router, store);
  historyRoutes(router, store);
  return router;
}
