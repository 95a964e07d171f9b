// /api/wanted: orders, what is wanted by when.
import { tr, mark } from '@zanfirico/core/words';
import { BODY_LIMIT } from '@zanfirico/contract';
import { WantedSchema } from '@zanfirico/contract/orders';
import express from 'express';
import { routesAt, type Routes } from '../check/routes';
import { checker } from '../check/schema';
import type { WantedStore } from './wantedStore';
import { fail, isOf, takeChecked } from '../check/answer';

const checkWanted = checker(WantedSchema);
/** Orders a studio has at most. */
const MOST = 500;

/** The routes over a store. */
export function wantedRoutes(store: WantedStore): Routes {
  const router = routesAt('/api/wanted');

  router.get('hand', '/', async (_req, res) => {
    res.json(await store.all());
  });

  router.put(
    'lead',
    '/:id',
    mark('changed an order'),
    express.json({ limit: BODY_LIMIT }),
    async (req, res) => {
      const wanted = takeChecked(res, checkWanted(req.body));
      if (!wanted || !isOf(res, wanted, req.params.id)) return;
      const all = await store.all();
      if (all.length >= MOST && !all.some((w) => w.id === wanted.id)) {
        fail(res, 409, { error: tr`There are ${MOST} orders already: take one away first.` });
        return;
      }
      await store.keep(wanted);
      res.json(wanted);
    },
  );

  router.delete('lead', '/:id', mark('took an order away'), async (req, res) => {
    await store.drop(req.params.id);
    res.json({ ok: true });
  });

  return router;
}
