// What each may, route by route. What is not written here nobody may: a route that is added stays shut until it has its line.
import { mark } from '@zanfirico/core/words';
import type { May } from '@zanfirico/contract/door';

/** A route as the router has it, the least it takes (`open` needs no session), and what it is called where it is told who did it. */
export interface Right {
  readonly method: 'GET' | 'POST' | 'PUT' | 'DELETE';
  readonly path: string;
  readonly least: May | 'open';
  /** Nothing of what only reads, or is told otherwise. */
  readonly said: string;
}

function route(least: Right['least'], method: 'GET', path: string): Right;
function route(
  least: Right['least'],
  method: Exclude<Right['method'], 'GET'>,
  path: string,
  said: string,
): Right;
function route(least: Right['least'], method: Right['method'], path: string, said = ''): Right {
  return { method, path, least, said };
}

/** All there are: a line a route. A change has its word, or says in a comment where else it is told. */
export const ROUTES: readonly Right[] = [
  // No word: by the session.
  route('open', 'POST', '/api/door/enter', ''),
  // No word: by the session.
  route('open', 'POST', '/api/door/wake', ''),
  // Walls: what is being made, what stands in the boxes, and what is needed to draw it.
  route('look', 'GET', '/api/health'),
  route('look', 'GET', '/api/door/me'),
  route('look', 'GET', '/api/shop'),
  route('look', 'GET', '/api/rack'),
  route('look', 'GET', '/api/pieces'),
  route('look', 'GET', '/api/pieces/:id'),
  route('look', 'GET', '/api/makings'),
  route('look', 'GET', '/api/makings/pace'),
  route('look', 'GET', '/api/makings/:id'),
  route('look', 'GET', '/api/makings/:id/live'),
  route('look', 'GET', '/api/devices'),
  route('look', 'GET', '/api/devices/:id/readings'),
  route('look', 'GET', '/api/pots/events'),
  route('look', 'GET', '/api/classes'),
  route('look', 'GET', '/api/classes/:id'),
  route('look', 'GET', '/api/classes/:id/makings'),
  route('look', 'POST', '/api/door/leave', 'left'),
  // Bench, log and readings.
  route('hand', 'GET', '/api/schemas/piece.json'),
  route('hand', 'GET', '/api/schemas/shop.json'),
  route('hand', 'GET', '/api/schemas/rack-entry.json'),
  route('hand', 'GET', '/api/schemas/making.json'),
  route('hand', 'GET', '/api/pieces/tags'),
  route('hand', 'GET', '/api/pieces/:id/revisions'),
  route('hand', 'GET', '/api/pieces/:id/revisions/:revision'),
  route('hand', 'GET', '/api/pieces/:id/here'),
  route('hand', 'GET', '/api/photos/:id'),
  route('hand', 'GET', '/api/log'),
  route('hand', 'GET', '/api/log/all'),
  route('hand', 'GET', '/api/log/taught'),
  route('hand', 'GET', '/api/weigh-ins'),
  route('hand', 'GET', '/api/wanted'),
  route('hand', 'GET', '/api/devices/:id/stretches'),
  route('hand', 'GET', '/api/devices/:id/readings.csv'),
  route('hand', 'POST', '/api/makings', mark('began a making')),
  // No word: told by what they are kept as.
  route('hand', 'POST', '/api/makings/:id/events', ''),
  route('hand', 'POST', '/api/weigh-ins', mark('weighed a gather')),
  route('hand', 'POST', '/api/pots/events', mark('told what happened to a pot')),
  route('hand', 'POST', '/api/rack/tests', mark('kept a fit test')),
  // No word: worked out of what is sent; nothing is kept.
  route('hand', 'POST', '/api/fused', ''),
  // No word: by its making.
  route('hand', 'PUT', '/api/photos/:id', ''),
  // The lead's: what is planned, what the studio has, who comes in, what the boxes do.
  route('lead', 'GET', '/api/bundle'),
  route('lead', 'GET', '/api/door'),
  route('lead', 'GET', '/api/door/changes'),
  route('lead', 'POST', '/api/pieces', mark('made a piece')),
  route('lead', 'POST', '/api/pieces/import', mark('read a piece in')),
  route('lead', 'POST', '/api/pieces/:id/put-away', mark('put a piece away, or took it out again')),
  route('lead', 'POST', '/api/pieces/:id/throw-away', mark('threw a piece away, or took it back')),
  route('lead', 'POST', '/api/bundle', mark('read a bundle in')),
  route('lead', 'POST', '/api/makings/read-in', mark('read a making in')),
  route('lead', 'POST', '/api/rack/import', mark('read a table into the rack')),
  route('lead', 'POST', '/api/rack/tests/:id/count', mark('let a fit test count, or not')),
  route('lead', 'POST', '/api/weigh-ins/reset', mark('set weighed gathers back')),
  route('lead', 'POST', '/api/devices/:id/programme', mark('sent a box its night')),
  route('lead', 'POST', '/api/devices/:id/do', mark('told a box what to do')),
  route('lead', 'POST', '/api/devices/:id/happens', mark('let something happen to a stand-in')),
  route('lead', 'POST', '/api/door/codes', mark('had a pairing code shown')),
  route('lead', 'POST', '/api/door/lan', mark('opened or shut the studio’s network')),
  route('lead', 'PUT', '/api/pieces/:id', mark('saved a piece')),
  route('lead', 'PUT', '/api/shop', mark('changed the shop')),
  route('lead', 'PUT', '/api/rack/entries', mark('changed the rack')),
  route('lead', 'PUT', '/api/wanted/:id', mark('changed an order')),
  route('lead', 'PUT', '/api/devices/:id', mark('set a device up')),
  route('lead', 'PUT', '/api/classes/:id', mark('changed a class')),
  route('lead', 'PUT', '/api/door/sessions/:id', mark('changed what a device may')),
  route('lead', 'DELETE', '/api/rack/entries/:id', mark('dropped an entry of the rack')),
  route('lead', 'DELETE', '/api/wanted/:id', mark('took an order away')),
  route('lead', 'DELETE', '/api/devices/:id', mark('took a device away')),
  route('lead', 'DELETE', '/api/classes/:id', mark('took a class away')),
  route('lead', 'DELETE', '/api/door/sessions/:id', mark('put a device out')),
];

const RANK: Readonly<Record<Right['least'], number>> = { open: 0, look: 1, hand: 2, lead: 3 };

const asPattern = (path: string): RegExp =>
  new RegExp(`^${path.replaceAll('.', '\\.').replaceAll(/:\w+/g, '[^/]+')}/?$`, 'i');

/** One with fewer names in it before one with more. */
const PATTERNS = ROUTES.map((r) => ({ ...r, pattern: asPattern(r.path) })).sort(
  (a, b) => a.path.split(':').length - b.path.split(':').length,
);

/** Which line a request falls under; undefined where there is none. */
export function rightOf(method: string, path: string): Right | undefined {
  const asked = method === 'HEAD' ? 'GET' : method;
  return PATTERNS.find((r) => r.method === asked && r.pattern.test(path));
}

/** May somebody who may this do what takes at least that? */
export const allows = (may: May, least: Right['least']): boolean => RANK[may] >= RANK[least];

/** So much of an id tells it from another on a list. */
const SHORT = 8;

/** A change in words, with which one it was of; undefined where it is told otherwise. */
export function saidOf({ path, said }: Right, asked: string): string | undefined {
  if (said === '') return undefined;
  const place = path.split('/').findIndex((p) => p.startsWith(':'));
  const id = place < 0 ? undefined : asked.split('/')[place];
  return id === undefined ? said : `${said} (${id.slice(0, SHORT)})`;
}
