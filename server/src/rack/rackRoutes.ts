// /api/rack: the shop's own glasses and colours, and the tests of pairs.
import express, { type Response } from 'express';
import { BODY_LIMIT } from '@zanfirico/contract';
import { upgradeEntry } from '@zanfirico/contract/piece';
import {
  CountTestBody,
  EntryParams,
  ImportEntriesBody,
  MOST_ENTRIES,
  NewTestBody,
  SaveEntryBody,
  TestParams,
  type RackEntry,
} from '@zanfirico/contract/rack';
import { SHIPPED_RACK } from '@zanfirico/core/rack';
import { tr, trWord, mark } from '@zanfirico/core/words';
import { entryProblem } from './checkRackEntry';
import { routesAt, type Routes } from '../check/routes';
import { checker } from '../check/schema';
import type { RackStore } from './rackStore';
import { fail, takeChecked } from '../check/answer';

const checkSave = checker(SaveEntryBody);
const checkImport = checker(ImportEntriesBody);
const checkParams = checker(EntryParams);
const checkTest = checker(NewTestBody);
const checkCount = checker(CountTestBody);
const checkTestParams = checker(TestParams);

/** Refuses an entry no glass could be. */
function sound(res: Response, entry: RackEntry): boolean {
  const problem = entryProblem(entry);
  if (!problem) return true;
  fail(res, 422, { error: `${entry.name}: ${problem.allowed}`, problems: [problem] });
  return false;
}

/** Refuses to make a colour of what is a glass, or the other way round: pieces are made of it. */
async function sameKind(
  res: Response,
  store: RackStore,
  entries: readonly RackEntry[],
): Promise<boolean> {
  const rack = await store.rack();
  for (const e of entries) {
    const kind = rack.line(e.id)?.entry.kind;
    if (kind === undefined || kind === e.kind) continue;
    fail(res, 422, {
      error: tr`“${e.name}” is a ${trWord(kind)} in the rack and stays one: pieces are made of it. Give the ${trWord(e.kind)} an id of its own.`,
      problems: [{ field: 'kind', given: e.kind, allowed: kind }],
    });
    return false;
  }
  return true;
}

/** Refuses what would make the rack too long. */
async function room(res: Response, store: RackStore, ids: readonly string[]): Promise<boolean> {
  const there = new Set((await store.saved()).entries.map((e) => e.entry.id));
  const after = there.size + ids.filter((id) => !there.has(id)).length;
  if (after <= MOST_ENTRIES) return true;
  fail(res, 422, {
    error: tr`The rack would hold ${after} entries; it holds at most ${MOST_ENTRIES}. Leave out what you do not own.`,
  });
  return false;
}

/** What is asked of the shop: which glasses its torch stock is of. */
interface StockOfGlasses {
  shop(): Promise<{ readonly document: { readonly stock: readonly { readonly glass: string }[] } }>;
}

/** Entries as a page of yesterday would send them, brought up to date. */
const today = (body: unknown): unknown => {
  if (typeof body !== 'object' || body === null) return body;
  const { entry, entries } = body as { readonly entry?: unknown; readonly entries?: unknown };
  return {
    ...body,
    ...(entry !== undefined && { entry: upgradeEntry(entry) }),
    ...(Array.isArray(entries) && { entries: entries.map(upgradeEntry) }),
  };
};

/** The routes over the stores. */
export function rackRoutes(store: RackStore, shop: StockOfGlasses): Routes {
  const router = routesAt('/api/rack');
  const json = express.json({ limit: BODY_LIMIT });

  router.get('look', '/', async (_req, res) => {
    res.json(await store.saved());
  });

  router.put('lead', '/entries', mark('changed the rack'), json, async (req, res) => {
    const body = takeChecked(res, checkSave(today(req.body)));
    if (!body || !sound(res, body.entry)) return;
    if (!(await sameKind(res, store, [body.entry]))) return;
    if (body.baseRevision === 0 && !(await room(res, store, [body.entry.id]))) return;
    const kept = await store.keep(body.baseRevision, body.entry);
    if (kept.kind === 'kept') res.json(kept.entry);
    else
      fail(res, 409, {
        error:
          body.baseRevision === 0
            ? tr`The rack has “${body.entry.id}” already; give another name, or change that one.`
            : tr`Somebody changed ${body.entry.name} after you opened it; what you see now is theirs.`,
      });
  });

  router.post('lead', '/import', mark('read a table into the rack'), json, async (req, res) => {
    const body = takeChecked(res, checkImport(today(req.body)));
    if (!body) return;
    for (const entry of body.entries) if (!sound(res, entry)) return;
    if (!(await sameKind(res, store, body.entries))) return;
    const ids = body.entries.map((e) => e.id);
    const twice = ids.find((id, i) => ids.indexOf(id) !== i);
    if (twice !== undefined) {
      fail(res, 422, { error: tr`“${twice}” stands twice in what was sent; each id once.` });
      return;
    }
    if (await room(res, store, ids)) res.json(await store.keepAll(body.entries));
  });

  router.delete('lead', '/entries/:id', mark('dropped an entry of the rack'), async (req, res) => {
    const params = takeChecked(res, checkParams(req.params));
    if (!params) return;
    // A shipped entry lies under an own one of its id: what uses it goes on with that.
    const stock = (await shop.shop()).document.stock.some((s) => s.glass === params.id);
    const uses = SHIPPED_RACK.line(params.id)
      ? []
      : [
          ...(await store.uses(params.id)),
          ...(stock ? [{ id: 'shop', name: tr`torch stock of the shop` }] : []),
        ];
    if (uses.length > 0) {
      fail(res, 409, {
        error: tr`It is used by ${uses.map((u) => u.name).join(', ')}. Retire it instead: they keep it, and nobody is offered it again.`,
        uses,
      });
      return;
    }
    if (await store.drop(params.id)) res.status(204).end();
    else fail(res, 404, { error: tr`The rack has no entry of its own with this id.` });
  });

  router.post('hand', '/tests', mark('kept a fit test'), json, async (req, res) => {
    const body = takeChecked(res, checkTest(req.body));
    if (!body) return;
    const rack = await store.rack();
    for (const field of ['first', 'second'] as const)
      if (!rack.line(body[field])) {
        fail(res, 422, {
          error: tr`${trWord(field)}: the rack has no “${body[field]}”.`,
          problems: [{ field, given: body[field], allowed: tr`an id in the rack` }],
        });
        return;
      }
    if (body.first === body.second) {
      fail(res, 422, { error: tr`A test takes two glasses; first and second are the same.` });
      return;
    }
    res.status(201).json(await store.test(body));
  });

  router.post(
    'lead',
    '/tests/:id/count',
    mark('let a fit test count, or not'),
    json,
    async (req, res) => {
      const params = takeChecked(res, checkTestParams(req.params));
      const body = params && takeChecked(res, checkCount(req.body));
      if (!params || !body) return;
      if (await store.count(Number(params.id), body.counts)) res.status(204).end();
      else fail(res, 404, { error: tr`There is no such test.` });
    },
  );

  return router;
}
