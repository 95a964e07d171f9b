// Who may pass: by the address they come from, the name they call, the page they ask from, how often they ask, who they are.
import { tr, trWord, mark } from '@zanfirico/core/words';
import type { TLSSocket } from 'node:tls';
import type { Me } from '@zanfirico/contract/door';
import type { Request, RequestHandler, Response } from 'express';
import { ipKeyGenerator, rateLimit } from 'express-rate-limit';
import { asWho } from '../store/who';
import type { Door } from './door';
import { isNear, namesNow, type Names } from './network';
import type { Right } from '../check/routes';
import { allows, rightIn, saidOf } from './rights';

/** The cookie of a session: the browser takes it only over https, from this very host, for all of it (the prefix says so). */
export const COOKIE = '__Host-zanfirico';
/** Requests to the API a device may make, and how many without being let in, in so long, ms. */
const WINDOW_MS = 10_000;
/** A device asks at most so often a minute. */
export const MOST_ASKED = 400;
const MOST_UNSIGNED = 240;
/** Streams a device may hold open. */
const MOST_STREAMS = 12;

/** On the machine itself. */
const HERE: Me = {
  name: mark('this machine'),
  may: 'lead',
  here: true,
  device: undefined,
  session: undefined,
};
const LOCAL_HOSTS = new Set(['127.0.0.1', 'localhost', '[::1]']);

/** Whom nobody let in. */
const NOBODY: Me = { ...HERE, name: mark('nobody'), may: 'look', here: false };

/** Who asks; known once the guard has let them pass. */
export const whoIs = (res: Response): Me => (res.locals['me'] as Me | undefined) ?? NOBODY;

/** Asks the API, however it writes that: addresses are matched without regard to capitals. */
const asksApi = (req: Request): boolean => /^\/api(\/|$)/i.test(req.path);

/** Came over the network's own, encrypted door. */
export const fromNetwork = (req: Request): boolean =>
  (req.socket as Partial<TLSSocket>).encrypted === true;

/** The session a request names, by its cookie. */
export const tokenOf = (req: Request): string | undefined => {
  const { [COOKIE]: token } = (req as { cookies?: Record<string, unknown> }).cookies ?? {};
  return typeof token === 'string' ? token : undefined;
};

const refuse = (res: Response, status: number, error: string): void => {
  res.status(status).json({ error });
};

/** What is called here is this machine: a foreign name that resolves to it is refused (DNS rebinding). */
export function calledByName(names: () => Names = namesNow): RequestHandler {
  return (req, res, next) => {
    const host = (req.headers.host ?? '').toLowerCase().replace(/:\d+$/, '');
    if (!fromNetwork(req)) {
      if (LOCAL_HOSTS.has(host)) next();
      else refuse(res, 403, tr`This server answers only on this machine.`);
      return;
    }
    const { addresses, hosts } = names();
    if (!isNear(req.socket.remoteAddress))
      refuse(res, 403, tr`This studio answers only its own network.`);
    else if (addresses.includes(host) || hosts.includes(host)) next();
    else refuse(res, 403, tr`This studio is not called so: open it by the address its shop shows.`);
  };
}

/** Only this server's own pages may ask: a page from elsewhere says so itself (Fetch Metadata, Origin), whatever cookie goes with it. */
export const fromOwnPage: RequestHandler = (req, res, next) => {
  const { origin } = req.headers;
  const site = req.headers['sec-fetch-site'];
  const own = `${fromNetwork(req) ? 'https' : 'http'}://${req.headers.host ?? ''}`;
  const reads = req.method === 'GET' || req.method === 'HEAD';
  // A link from elsewhere may open a page; it may not ask the API anything.
  const opens = reads && !asksApi(req);
  const foreign =
    (origin !== undefined && origin !== own) ||
    (site !== undefined && site !== 'same-origin' && site !== 'none');
  if (foreign && !opens) refuse(res, 403, tr`Only the studio’s own pages may ask this.`);
  else next();
};

/** Nobody floods: so many a while, for each device, and for whoever is not let in by their address. */
const notTooMany = (): RequestHandler =>
  rateLimit({
    windowMs: WINDOW_MS,
    limit: (_req, res) => (whoIs(res).session === undefined ? MOST_UNSIGNED : MOST_ASKED),
    keyGenerator: (req, res) => whoIs(res).session ?? ipKeyGenerator(req.ip ?? ''),
    standardHeaders: 'draft-8',
    legacyHeaders: false,
    skip: (req) => !fromNetwork(req) || !asksApi(req),
    handler: (_req, res) => {
      refuse(
        res,
        429,
        tr`Too much at once from this device: it is answered again in some seconds.`,
      );
    },
  });

/** Says who asks, as far as that is known; nobody is turned away yet. */
function recognised(door: Door | undefined): RequestHandler {
  return async (req, res, next) => {
    if (!fromNetwork(req)) res.locals['me'] = HERE;
    else if (door) {
      const standing = await door.standing(tokenOf(req));
      res.locals['standing'] = standing.kind;
      if (standing.kind === 'in') {
        const { session } = standing;
        res.locals['me'] = {
          name: session.name,
          may: session.may,
          here: false,
          device: session.device,
          session: session.id,
        } satisfies Me;
      }
    }
    next();
  };
}

/**
 * The API: nothing without a session, and of it what that may. It hangs where the API's routers hang, so that whatever address the router takes
 * for theirs, this has seen.
 */
export function rightful(door: Door | undefined, rights: readonly Right[]): RequestHandler {
  const rightOf = rightIn(rights);
  return (req, res, next) => {
    const me = res.locals['me'] as Me | undefined;
    const path = `${req.baseUrl}${req.path === '/' ? '' : req.path}`;
    const right = rightOf(req.method, path);
    if (!me && right?.least !== 'open') {
      res.status(401).json({
        error:
          res.locals['standing'] === 'asleep'
            ? tr`This device has not been used for a while: say your PIN.`
            : tr`This device is not let in: pair it first.`,
        asleep: res.locals['standing'] === 'asleep',
      });
      return;
    }
    // An address nobody wrote a right for, and nobody routes, is told to be none.
    if (me && right && !allows(me.may, right.least)) {
      refuse(
        res,
        403,
        tr`${me.name} may ${me.may === 'look' ? 'look' : tr`work at the bench`}: this is for a ${trWord(right.least)}. Ask a lead.`,
      );
      return;
    }
    if (me && !right && !me.here) {
      refuse(res, 404, tr`There is nothing at this address.`);
      return;
    }
    if (me?.session !== undefined && door && /\/live\/?$/i.test(path)) {
      if (door.held(me.session) >= MOST_STREAMS) {
        refuse(res, 429, tr`This device follows too much at once: close a window of it.`);
        return;
      }
      // Ended from afar, it hears nothing more.
      const letGo = door.holds(me.session, () => {
        res.destroy();
      });
      res.once('close', letGo);
    }
    const said = me && right && saidOf(right, path);
    if (said !== undefined)
      res.once('finish', () => {
        if (res.statusCode < 300)
          void door?.store.noteChange(me?.name ?? '', said).catch(() => undefined);
      });
    asWho(me?.name ?? 'nobody', next);
  };
}

/** For whatever is asked, in order. */
export const guards = (door: Door | undefined, names?: () => Names): RequestHandler[] => [
  calledByName(names),
  fromOwnPage,
  recognised(door),
  notTooMany(),
];
