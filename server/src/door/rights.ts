// What each may, route by route. What is not written here nobody may: a route that is added stays shut until it has its line.
import { mark } from '@zanfirico/core/words';
import type { May } from '@zanfirico/contract/door';

/** A route as the router has it, and the least it takes; `open` needs no session. */
export interface Right {
  readonly method: 'GET' | 'POST' | 'PUT' | 'DELETE';
  readonly path: string;
  readonly least: May | 'open';
}

const right = (least: Right['least'], method: Right['method'], ...paths: string[]): Right[] =>
  paths.map((path) => ({ method, path, least }));

/** All there are. */
export const RIGHTS: readonly Right[] = [
  ...right('open', 'POST', '/api/door/enter', '/api/door/wake'),
  // Walls: what is being made, what stands in the boxes, and what is needed to draw it.
  ...right(
    'look',
    'GET',
    '/api/health',
    '/api/door/me',
    '/api/shop',
    '/api/rack',
    '/api/pieces',
    '/api/pieces/:id',
    '/api/makings',
    '/api/makings/pace',
    '/api/makings/:id',
    '/api/makings/:id/live',
    '/api/devices',
    '/api/devices/:id/readings',
    '/api/pots/events',
    '/api/classes',
    '/api/classes/:id',
    '/api/classes/:id/makings',
  ),
  ...right('look', 'POST', '/api/door/leave'),
  // Bench, log and readings.
  ...right(
    'hand',
    'GET',
    '/api/schemas/piece.json',
    '/api/schemas/shop.json',
    '/api/schemas/rack-entry.json',
    '/api/schemas/making.json',
    '/api/pieces/tags',
    '/api/pieces/:id/revisions',
    '/api/pieces/:id/revisions/:revision',
    '/api/pieces/:id/here',
    '/api/photos/:id',
    '/api/log',
    '/api/log/all',
    '/api/log/taught',
    '/api/weigh-ins',
    '/api/wanted',
    '/api/devices/:id/stretches',
    '/api/devices/:id/readings.csv',
  ),
  ...right(
    'hand',
    'POST',
    '/api/makings',
    '/api/makings/:id/events',
    '/api/weigh-ins',
    '/api/pots/events',
    '/api/rack/tests',
    // Worked out of what is sent; nothing is kept.
    '/api/fused',
  ),
  ...right('hand', 'PUT', '/api/photos/:id'),
  // The lead's: what is planned, what the studio has, who comes in, what the boxes do.
  ...right('lead', 'GET', '/api/bundle', '/api/door', '/api/door/changes'),
  ...right(
    'lead',
    'POST',
    '/api/pieces',
    '/api/pieces/import',
    '/api/pieces/:id/put-away',
    '/api/pieces/:id/throw-away',
    '/api/bundle',
    '/api/makings/read-in',
    '/api/rack/import',
    '/api/rack/tests/:id/count',
    '/api/weigh-ins/reset',
    '/api/devices/:id/programme',
    '/api/devices/:id/do',
    '/api/devices/:id/happens',
    '/api/door/codes',
    '/api/door/lan',
  ),
  ...right(
    'lead',
    'PUT',
    '/api/pieces/:id',
    '/api/shop',
    '/api/rack/entries',
    '/api/wanted/:id',
    '/api/devices/:id',
    '/api/classes/:id',
    '/api/door/sessions/:id',
  ),
  ...right(
    'lead',
    'DELETE',
    '/api/rack/entries/:id',
    '/api/wanted/:id',
    '/api/devices/:id',
    '/api/classes/:id',
    '/api/door/sessions/:id',
  ),
];

const RANK: Readonly<Record<Right['least'], number>> = { open: 0, look: 1, hand: 2, lead: 3 };

const asPattern = (path: string): RegExp =>
  new RegExp(`^${path.replaceAll('.', '\\.').replaceAll(/:\w+/g, '[^/]+')}/?$`, 'i');

/** One with fewer names in it before one with more. */
const PATTERNS = RIGHTS.map((r) => ({ ...r, pattern: asPattern(r.path) })).sort(
  (a, b) => a.path.split(':').length - b.path.split(':').length,
);

/** Which line a request falls under; undefined where there is none. */
export function rightOf(method: string, path: string): Right | undefined {
  const asked = method === 'HEAD' ? 'GET' : method;
  return PATTERNS.find((r) => r.method === asked && r.pattern.test(path));
}

/** May somebody who may this do what takes at least that? */
export const allows = (may: May, least: Right['least']): boolean => RANK[may] >= RANK[least];

/** What a change is called where it is told who made it. What keeps whose it is by itself, or changes nothing, has no word here. */
const SAID: Readonly<Record<string, string>> = {
  'POST /api/pieces': mark('made a piece'),
  'PUT /api/pieces/:id': mark('saved a piece'),
  'POST /api/pieces/import': mark('read a piece in'),
  'POST /api/pieces/:id/put-away': mark('put a piece away, or took it out again'),
  'POST /api/pieces/:id/throw-away': mark('threw a piece away, or took it back'),
  'POST /api/bundle': mark('read a bundle in'),
  'POST /api/makings': mark('began a making'),
  'POST /api/makings/read-in': mark('read a making in'),
  'PUT /api/shop': mark('changed the shop'),
  'PUT /api/rack/entries': mark('changed the rack'),
  'POST /api/rack/import': mark('read a table into the rack'),
  'DELETE /api/rack/entries/:id': mark('dropped an entry of the rack'),
  'POST /api/rack/tests': mark('kept a fit test'),
  'POST /api/rack/tests/:id/count': mark('let a fit test count, or not'),
  'POST /api/weigh-ins': mark('weighed a gather'),
  'POST /api/weigh-ins/reset': mark('set weighed gathers back'),
  'POST /api/pots/events': mark('told what happened to a pot'),
  'PUT /api/wanted/:id': mark('changed an order'),
  'DELETE /api/wanted/:id': mark('took an order away'),
  'PUT /api/classes/:id': mark('changed a class'),
  'DELETE /api/classes/:id': mark('took a class away'),
  'PUT /api/devices/:id': mark('set a device up'),
  'DELETE /api/devices/:id': mark('took a device away'),
  'POST /api/devices/:id/programme': mark('sent a box its night'),
  'POST /api/devices/:id/do': mark('told a box what to do'),
  'POST /api/devices/:id/happens': mark('let something happen to a stand-in'),
  'POST /api/door/codes': mark('had a pairing code shown'),
  'POST /api/door/lan': mark('opened or shut the studio’s network'),
  'PUT /api/door/sessions/:id': mark('changed what a device may'),
  'DELETE /api/door/sessions/:id': mark('put a device out'),
  'POST /api/door/leave': 'left',
};
/** Changes that are told by what they are kept as, or that change nothing kept. */
export const UNSAID: readonly string[] = [
  'POST /api/makings/:id/events',
  'PUT /api/photos/:id',
  'POST /api/fused',
  'POST /api/door/enter',
  'POST /api/door/wake',
];
/** So much of an id tells it from another on a list. */
const SHORT = 8;

/** A change in words, with which one it was of; undefined where it is told otherwise. */
export function saidOf({ method, path }: Right, asked: string): string | undefined {
  const said = SAID[`${method} ${path}`];
  if (said === undefined) return undefined;
  const place = path.split('/').findIndex((p) => p.startsWith(':'));
  const id = place < 0 ? undefined : asked.split('/')[place];
  return id === undefined ? said : `${said} (${id.slice(0, SHORT)})`;
}
