// /api/shop and /api/weigh-ins: what the shop has, and what its scale said.
import express, { type Response } from 'express';
import { BODY_LIMIT, SaveShopBody } from '@zanfirico/contract';
import { ResetBody, WeighInBody } from '@zanfirico/contract/shop';
import type { Rack } from '@zanfirico/core/rack';
import { tr, mark } from '@zanfirico/core/words';
import { STEPS } from '@zanfirico/core/work';
import { glassIds } from '../rack/glassIds';
import { routesAt, type Routes } from '../check/routes';
import { checker } from '../check/schema';
import type { RackStore } from '../rack/rackStore';
import type { ShopStore } from './shopStore';
import { fail, takeChecked } from '../check/answer';

const checkSave = checker(SaveShopBody);
const checkWeighIn = checker(WeighInBody);
const checkReset = checker(ResetBody);

/** Refuses a glass the rack does not have. */
function known(res: Response, rack: Rack, field: string, glass: string): boolean {
  if (rack.glass(glass)) return true;
  const allowed = glassIds(rack);
  fail(res, 422, {
    error: tr`${field}: the rack has no glass "${glass}".`,
    problems: [{ field, given: JSON.stringify(glass), allowed }],
  });
  return false;
}

/** The shop, as one document. */
export function shopRoutes(store: ShopStore, rack: RackStore): Routes {
  const router = routesAt('/api/shop');
  router.get('look', '/', async (_req, res) => {
    res.json(await store.shop());
  });
  router.put(
    'lead',
    '/',
    mark('changed the shop'),
    express.json({ limit: BODY_LIMIT }),
    async (req, res) => {
      const body = takeChecked(res, checkSave(req.body));
      if (!body) return;
      for (const [i, stock] of body.document.stock.entries()) {
        if (!known(res, await rack.rack(), `stock[${String(i)}].glass`, stock.glass)) return;
        if (stock.wall !== undefined && 2 * stock.wall >= stock.diameter) {
          const field = `stock[${String(i)}].wall`;
          const allowed = tr`less than ${stock.diameter / 2} (half the diameter, m)`;
          fail(res, 422, {
            error: tr`${field}: given ${stock.wall}; allowed: ${allowed}.`,
            problems: [{ field, given: String(stock.wall), allowed }],
          });
          return;
        }
      }
      const kinds = Object.keys(STEPS);
      for (const [i, own] of (body.document.ownSteps ?? []).entries())
        if (!kinds.includes(own.like)) {
          const field = `ownSteps[${String(i)}].like`;
          fail(res, 422, {
            error: tr`${field}: there is no kind of step "${own.like}".`,
            problems: [{ field, given: JSON.stringify(own.like), allowed: kinds.join(', ') }],
          });
          return;
        }
      const saved = await store.saveShop(body.baseRevision, body.document);
      if (saved) res.json(saved);
      else
        fail(res, 409, {
          error: tr`Somebody changed the shop after you opened it; what you see now is theirs.`,
        });
    },
  );
  return router;
}

/** The scale's log. */
export function weighInRoutes(store: ShopStore, rack: RackStore): Routes {
  const router = routesAt('/api/weigh-ins');
  const json = express.json({ limit: BODY_LIMIT });
  router.get('hand', '/', async (_req, res) => {
    res.json(await store.weighIns());
  });
  router.post('hand', '/', mark('weighed a gather'), json, async (req, res) => {
    const body = takeChecked(res, checkWeighIn(req.body));
    if (!body || !known(res, await rack.rack(), 'glass', body.glass)) return;
    res.status(201).json(await store.weigh(body));
  });
  router.post('lead', '/reset', mark('set weighed gathers back'), json, async (req, res) => {
    const body = takeChecked(res, checkReset(req.body));
    if (!body) return;
    await store.reset(body.person, body.ironDiameter, body.glass);
    res.status(204).end();
  });
  return router;
}
