// /api/classes: exercises, who learns them, and what was made in them.
import { tr, mark } from '@zanfirico/core/words';
import { BODY_LIMIT, PieceParams } from '@zanfirico/contract';
import { ClassSchema, type ClassDocument } from '@zanfirico/contract/class';
import express, { type Response } from 'express';
import { routesAt, type Routes } from '../check/routes';
import { checker } from '../check/schema';
import type { ClassStore } from './classStore';
import { fail, isOf, takeChecked } from '../check/answer';

const checkClass = checker(ClassSchema);
const checkParams = checker(PieceParams);
/** Classes a studio has at most. */
const MOST = 200;
const missing = () => ({ error: tr`There is no such class here.` });

/** What no schema can say: ids are given once, and benches have who is in the class. */
function sound(res: Response, { students, benches }: ClassDocument): boolean {
  const ids = students.map((s) => s.id);
  const twice = ids.find((id, i) => ids.indexOf(id) !== i);
  const unknown = benches.flatMap((b) => b.pair).find((id) => !ids.includes(id));
  const problem =
    twice !== undefined
      ? { field: 'students', given: JSON.stringify(twice), allowed: tr`each id once` }
      : unknown !== undefined
        ? { field: 'benches', given: JSON.stringify(unknown), allowed: tr`ids of the students` }
        : undefined;
  if (!problem) return true;
  fail(res, 422, {
    error: tr`${problem.field}: given ${problem.given}; allowed: ${problem.allowed}.`,
    problems: [problem],
  });
  return false;
}

/** The routes over a store. */
export function classRoutes(store: ClassStore): Routes {
  const router = routesAt('/api/classes');

  router.get('look', '/', async (_req, res) => {
    res.json(await store.all());
  });

  router.get('look', '/:id', async (req, res) => {
    const params = takeChecked(res, checkParams(req.params));
    if (!params) return;
    const found = await store.get(params.id);
    if (found) res.json(found);
    else fail(res, 404, missing());
  });

  router.get('look', '/:id/makings', async (req, res) => {
    const params = takeChecked(res, checkParams(req.params));
    if (params) res.json(await store.makings(params.id));
  });

  router.put(
    'lead',
    '/:id',
    mark('changed a class'),
    express.json({ limit: BODY_LIMIT }),
    async (req, res) => {
      const given = takeChecked(res, checkClass(req.body));
      if (!given || !isOf(res, given, req.params.id) || !sound(res, given)) return;
      const all = await store.all();
      if (all.length >= MOST && !all.some((c) => c.id === given.id)) {
        fail(res, 409, {
          error: tr`There are ${MOST} classes already: take one away first.`,
        });
        return;
      }
      await store.keep(given);
      res.json(given);
    },
  );

  router.delete('lead', '/:id', mark('took a class away'), async (req, res) => {
    const params = takeChecked(res, checkParams(req.params));
    if (!params) return;
    await store.drop(params.id);
    res.json({ ok: true });
  });

  return router;
}
