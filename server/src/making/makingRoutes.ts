// /api/makings: begun, what happened, looked back at, followed live from other screens.
import { tr, mark } from '@zanfirico/core/words';
import express from 'express';
import { BODY_LIMIT, PieceParams, type ErrorBody } from '@zanfirico/contract';
import {
  MakingBeginSchema,
  MakingEventsBody,
  MakingFromQuery,
  MakingListQuery,
  MakingSchema,
  MAKING_LIMIT,
  MOST_EVENTS,
  PHOTO_LIMIT,
} from '@zanfirico/contract/making';
import { routesAt, type Routes } from '../check/routes';
import { isJpeg } from '../check/jpeg';
import { checker } from '../check/schema';
import type { MakingStore } from './makingStore';
import { fail, takeChecked } from '../check/answer';

const checkBegin = checker(MakingBeginSchema);
const checkEvents = checker(MakingEventsBody);
const checkMaking = checker(MakingSchema);
const checkParams = checker(PieceParams);
const checkList = checker(MakingListQuery);
const checkFrom = checker(MakingFromQuery);

const missing = (): ErrorBody => ({ error: tr`There is no such making here.` });
/** A silent stream is told that it lives, ms. */
const ALIVE_MS = 20_000;

/** /api/photos: pictures by the id an event names. */
export function photoRoutes(store: MakingStore): Routes {
  const router = routesAt('/api/photos');
  const bytes = express.raw({ type: 'image/jpeg', limit: PHOTO_LIMIT });

  // No word: by its making.
  router.put('hand', '/:id', '', bytes, async (req, res) => {
    const params = takeChecked(res, checkParams(req.params));
    if (!params) return;
    const body: unknown = req.body;
    if (!Buffer.isBuffer(body) || !isJpeg(body)) {
      fail(res, 415, { error: tr`That is no picture the bench can keep: it has to be a JPEG.` });
      return;
    }
    await store.keepPhoto(params.id, body);
    res.status(204).end();
  });

  router.get('hand', '/:id', async (req, res) => {
    const params = takeChecked(res, checkParams(req.params));
    if (!params) return;
    const photo = await store.photo(params.id);
    if (photo) res.type('image/jpeg').set('Cache-Control', 'private, max-age=31536000').send(photo);
    else fail(res, 404, { error: tr`There is no such picture here.` });
  });
  return router;
}

/** The routes over a store. */
export function makingRoutes(store: MakingStore): Routes {
  const router = routesAt('/api/makings');
  const json = express.json({ limit: BODY_LIMIT });

  router.get('look', '/', async (req, res) => {
    const query = takeChecked(res, checkList(req.query));
    if (query) res.json(await store.list(query.piece));
  });

  router.get('look', '/pace', async (_req, res) => {
    res.json(await store.pace());
  });

  router.post('hand', '/', mark('began a making'), json, async (req, res) => {
    const begin = takeChecked(res, checkBegin(req.body));
    if (!begin) return;
    if (await store.begin(begin)) res.status(201).json({ id: begin.id });
    else fail(res, 409, { error: tr`Another making was begun under this id.` });
  });

  // A whole making from a file.
  router.post(
    'lead',
    '/read-in',
    mark('read a making in'),
    express.json({ limit: MAKING_LIMIT }),
    async (req, res) => {
      const making = takeChecked(res, checkMaking(req.body));
      if (!making) return;
      const kept = await store.readIn(making);
      if (kept === 'other')
        fail(res, 409, {
          error: tr`Another making was begun under this id: this one was left out.`,
        });
      else res.status(201).json({ id: making.begin.id, events: kept.events });
    },
  );

  router.get('look', '/:id', async (req, res) => {
    const params = takeChecked(res, checkParams(req.params));
    const query = params && takeChecked(res, checkFrom(req.query));
    if (!params || !query) return;
    const from = Number(query.from ?? '0');
    const making = await store.get(params.id, from);
    if (making) res.json({ ...making, by: await store.whose(params.id, from) });
    else fail(res, 404, missing());
  });

  // No word: told by what they are kept as.
  router.post('hand', '/:id/events', '', json, async (req, res) => {
    const params = takeChecked(res, checkParams(req.params));
    const body = params && takeChecked(res, checkEvents(req.body));
    if (!params || !body) return;
    const kept = await store.add(params.id, body.events);
    if (kept === 'full')
      fail(res, 409, {
        error: tr`This making has ${MOST_EVENTS} events: it takes no more. Begin another.`,
      });
    else if (kept) res.json(kept);
    else fail(res, 404, missing());
  });

  // Server-sent events: every screen that follows a making is told that there is more, and how much.
  router.get('look', '/:id/live', async (req, res) => {
    const params = takeChecked(res, checkParams(req.params));
    if (!params) return;
    if (!(await store.has(params.id))) {
      fail(res, 404, missing());
      return;
    }
    res.writeHead(200, { 'Content-Type': 'text/event-stream', 'Cache-Control': 'no-store' });
    const tell = (): void => {
      res.write('data: more\n\n');
    };
    const end = store.watch(params.id, tell);
    const alive = setInterval(() => {
      res.write(': alive\n\n');
    }, ALIVE_MS);
    tell();
    req.on('close', () => {
      clearInterval(alive);
      end();
    });
  });
  return router;
}
