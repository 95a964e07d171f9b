// /api/wanted: orders, what is wanted by when.
import { tr } from '@zanfirico/core/words';
import { BODY_LIMIT } from '@zanfirico/contract';
import { WantedSchema } from '@zanfirico/contract/orders';
import express, { Router } from 'express';
import { checker } from '../check/schema';
import type { WantedStore } from './wantedStore';
import { fail, isOf, takeChecked } from '../check/answer';

const checkWanted = checker(WantedSchema);
/** Orders a studio has at most. */
const MOST = 500;

/** The routes over a store. */
export function wantedRoutes(store: WantedStore): Router {
  const router = Router();

  router.get('/', async (_req, res) => {
    res.json(await store.all());
  });

  router.put('/:id', express.json({ limit: BODY_LIMIT }), async (req, res) => {
    const wanted = takeChecked(res, checkWanted(req.body));
    if (!wanted || !isOf(res, wanted, req.params.id)) return;
    const all = await store.all();
    if (all.length >= MOST && !all.some((w) => w.id === wanted.id)) {
      fail(res, 409, { error: tr`There are ${MOST} orders already: take one away first.` });
      return;
    }
    await store.keep(wanted);
    res.json(wanted);
  });

  router.delete('/:id', async (req, res) => {
    await store.drop(req.params.id);
    res.json({ ok: true });
  });

  return router;
}
