// /api/log: what was made, how it came out, and what is lost to what.
import { LogQuery, TaughtQuery } from '@zanfirico/contract/making';
import { routesAt, type Routes } from '../check/routes';
import { checker } from '../check/schema';
import type { LogStore } from './logStore';
import { takeChecked } from '../check/answer';

const checkQuery = checker(LogQuery);
const checkSince = checker(TaughtQuery);

/** The routes over a store. */
export function logRoutes(log: LogStore): Routes {
  const router = routesAt('/api/log');

  router.get('hand', '/', async (req, res) => {
    const query = takeChecked(res, checkQuery(req.query));
    if (query) res.json(await log.page({ ...query, from: Number(query.from ?? '0') }));
  });

  router.get('hand', '/all', async (req, res) => {
    const query = takeChecked(res, checkQuery(req.query));
    if (query) res.json(await log.all({ ...query, from: Number(query.from ?? '0') }));
  });

  router.get('hand', '/taught', async (req, res) => {
    const query = takeChecked(res, checkSince(req.query));
    if (query) res.json(await log.taught(Number(query.since ?? '0')));
  });
  return router;
}
