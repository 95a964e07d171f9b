// /api/door: pairing, who is let in, the switch.
import { tr, trWord, mark } from '@zanfirico/core/words';
import { BODY_LIMIT, PieceParams } from '@zanfirico/contract';
import {
  CodeBody,
  EnterBody,
  LanBody,
  LIFE_MS,
  SessionBody,
  WakeBody,
} from '@zanfirico/contract/door';
import express, { type RequestHandler, type Response } from 'express';
import { rateLimit } from 'express-rate-limit';
import { routesAt, type Routes } from '../check/routes';
import { checker } from '../check/schema';
import type { Door } from './door';
import { COOKIE, fromNetwork, tokenOf, whoIs } from './guard';
import type { NetworkOpening } from './opening';
import { fail, takeChecked } from '../check/answer';

const checkCode = checker(CodeBody);
const checkEnter = checker(EnterBody);
const checkWake = checker(WakeBody);
const checkSession = checker(SessionBody);
const checkParams = checker(PieceParams);
const checkLan = checker(LanBody);

/** Guesses of one address in so long; and how much longer each wrong one waits for its answer, ms. */
const GUESS_WINDOW_MS = 600_000;
const MOST_GUESSES = 10;
const SLOWER_MS = 150;
const SLOWEST_MS = 3000;

/** What the routes are over. */
export interface DoorParts {
  readonly door: Door;
  readonly opening: NetworkOpening;
  /** How much longer the second wrong guess waits than the first, ms. */
  readonly slowerMs?: number;
}

const WRONG = mark(
  'That is no code that is good now. Codes are good for three minutes and for one device: ask for another.',
);

/** Guesses are counted by address; right ones do not count. */
const guesses = (): RequestHandler =>
  rateLimit({
    windowMs: GUESS_WINDOW_MS,
    limit: MOST_GUESSES,
    skipSuccessfulRequests: true,
    standardHeaders: 'draft-8',
    legacyHeaders: false,
    handler: (_req, res) => {
      fail(res, 429, {
        error: tr`Too many wrong codes from here: it may be tried again in ten minutes.`,
      });
    },
  });

const later = (ms: number): Promise<void> =>
  new Promise((done) => {
    setTimeout(done, ms);
  });

/** Each wrong guess is answered later than the one before. */
async function slowly(req: express.Request, slower: number): Promise<void> {
  const { rateLimit: used } = req as { rateLimit?: { readonly used: number } };
  await later(Math.min(SLOWEST_MS, slower * 2 ** Math.min(8, used?.used ?? 0)));
}

const giveCookie = (res: Response, token: string): void => {
  res.cookie(COOKIE, token, {
    httpOnly: true,
    secure: true,
    sameSite: 'strict',
    path: '/',
    maxAge: LIFE_MS,
  });
};

const json = express.json({ limit: BODY_LIMIT });

/** Coming in, and waking. */
function enteringRoutes(router: Routes, { door, slowerMs = SLOWER_MS }: DoorParts): void {
  const counted = guesses();

  // No word: by the session.
  router.post('open', '/enter', '', counted, json, async (req, res) => {
    const body = takeChecked(res, checkEnter(req.body));
    if (!body) return;
    if (!fromNetwork(req)) {
      fail(res, 409, { error: tr`This machine needs no pairing: it is the studio’s own.` });
      return;
    }
    const entered = await door.enter(body, tokenOf(req));
    if (!entered) {
      await slowly(req, slowerMs);
      fail(res, 401, { error: trWord(WRONG) });
      return;
    }
    const { token, session } = entered;
    await door.store.noteChange(session.name, `let in: ${session.device} (${session.may})`);
    giveCookie(res, token);
    res.status(201).json({ name: session.name, may: session.may });
  });

  // No word: by the session.
  router.post('open', '/wake', '', counted, json, async (req, res) => {
    const body = takeChecked(res, checkWake(req.body));
    if (!body) return;
    const woken = await door.wake(tokenOf(req), body.pin);
    if (typeof woken === 'object') {
      giveCookie(res, woken.token);
      res.json({ name: woken.session.name, may: woken.session.may });
      return;
    }
    await slowly(req, slowerMs);
    fail(res, 401, {
      error:
        woken === 'wrong'
          ? tr`That is not this device’s PIN. After five wrong ones it has to be paired anew.`
          : tr`There is nothing to wake here: pair this device with a code.`,
    });
  });
}

/** Who is in, and the switch. */
function leadingRoutes(router: Routes, { door, opening }: DoorParts): void {
  router.get('look', '/me', (_req, res) => {
    res.json(whoIs(res));
  });

  router.post('look', '/leave', mark('went out'), async (_req, res) => {
    const { session } = whoIs(res);
    if (session !== undefined) await door.end(session, 'left');
    res.clearCookie(COOKIE, { httpOnly: true, secure: true, sameSite: 'strict', path: '/' });
    res.status(204).end();
  });

  router.get('lead', '/', async (_req, res) => {
    res.json({ lan: opening.state(), devices: await door.lines() });
  });

  router.get('lead', '/changes', async (_req, res) => {
    res.json(await door.store.changes());
  });

  router.post('lead', '/codes', mark('had a pairing code shown'), json, async (req, res) => {
    const body = takeChecked(res, checkCode(req.body));
    if (!body) return;
    if (!opening.state().open) {
      fail(res, 409, { error: tr`The studio is not open to its network: open it first.` });
      return;
    }
    const code = await door.codes.issue(body);
    if (code) res.status(201).json(code);
    else
      fail(res, 409, { error: tr`A dozen codes stand already: use one, or wait three minutes.` });
  });

  router.put('lead', '/sessions/:id', mark('changed what a device may'), json, async (req, res) => {
    const params = takeChecked(res, checkParams(req.params));
    const body = params && takeChecked(res, checkSession(req.body));
    if (!params || !body) return;
    if (await door.change(params.id, body.name, body.may)) res.status(204).end();
    else fail(res, 404, { error: tr`That device is not let in any more.` });
  });

  router.delete('lead', '/sessions/:id', mark('put a device out'), async (req, res) => {
    const params = takeChecked(res, checkParams(req.params));
    if (!params) return;
    if (await door.end(params.id, `ended by ${whoIs(res).name}`)) res.status(204).end();
    else fail(res, 404, { error: tr`That device is not let in any more.` });
  });

  router.post(
    'lead',
    '/lan',
    mark('opened or shut the studio’s network'),
    json,
    async (req, res) => {
      const body = takeChecked(res, checkLan(req.body));
      if (!body) return;
      if (!body.open && !whoIs(res).here) {
        fail(res, 409, {
          error: tr`Shut from here you would be shut out yourself: do it on the studio’s own machine.`,
        });
        return;
      }
      await (body.open ? opening.open('switch') : opening.shut());
      res.json(opening.state());
    },
  );
}

/** The routes over a door. */
export function doorRoutes(parts: DoorParts): Routes {
  const router = routesAt('/api/door');
  enteringRoutes(router, parts);
  leadingRoutes(router, parts);
  return router;
}
