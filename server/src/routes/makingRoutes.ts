// /api/makings: begun, what happened, looked back at, followed live from other screens.
import express, { Router } from 'express';
import {
  BODY_LIMIT,
  MakingBeginSchema,
  MakingEventsBody,
  MakingFromQuery,
  MakingListQuery,
  PieceParams,
  type ErrorBody,
} from '@zanfirico/contract';
import { checker } from '../check/schema';
import type { MakingStore } from '../store/makingStore';
import { fail, take } from './answer';

const checkBegin = checker(MakingBeginSchema);
const checkEvents = checker(MakingEventsBody);
const checkParams = checker(PieceParams);
const checkList = checker(MakingListQuery);
const checkFrom = checker(MakingFromQuery);

const MISSING: ErrorBody = { error: 'There is no such making here.' };
/** A silent stream is told that it lives, ms. */
const ALIVE_MS = 20_000;

/** The routes over a store. */
export function makingRoutes(store: MakingStore): Router {
  const router = Router();
  const json = express.json({ limit: BODY_LIMIT });

  router.get('/', async (req, res) => {
    const query = take(res, checkList(req.query));
    if (query) res.json(await store.list(query.piece));
  });

  router.post('/', json, async (req, res) => {
    const begin = take(res, checkBegin(req.body));
    if (!begin) return;
    const kept = await store.begin(begin);
    if (JSON.stringify(kept) === JSON.stringify(begin)) res.status(201).json({ id: kept.id });
    else fail(res, 409, { error: 'Another making was begun under this id.' });
  });

  router.get('/:id', async (req, res) => {
    const params = take(res, checkParams(req.params));
    const query = params && take(res, checkFrom(req.query));
    if (!params || !query) return;
    const making = await store.get(params.id, Number(query.from ?? '0'));
    if (making) res.json(making);
    else fail(res, 404, MISSING);
  });

  router.post('/:id/events', json, async (req, res) => {
    const params = take(res, checkParams(req.params));
    const body = params && take(res, checkEvents(req.body));
    if (!params || !body) return;
    const kept = await store.add(params.id, body.events);
    if (kept) res.json(kept);
    else fail(res, 404, MISSING);
  });

  // Server-sent events: every screen that follows a making is told that there is more, and how much.
  router.get('/:id/live', async (req, res) => {
    const params = take(res, checkParams(req.params));
    if (!params) return;
    if (!(await store.get(params.id))) {
      fail(res, 404, MISSING);
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
