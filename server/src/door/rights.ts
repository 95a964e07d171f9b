// What each may, route by route. What is not written here nobody may: a route that is added stays shut until it has its line.
import type { May } from '@zanfirico/contract';

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
  'POST /api/pieces': 'made a piece',
  'PUT /api/pieces/:id': 'saved a piece',
  'POST /api/pieces/import': 'read a piece in',
  'POST /api/pieces/:id/put-away': 'put a piece away, or took it out again',
  'POST /api/pieces/:id/throw-away': 'threw a piece away, or took it back',
  'POST /api/bundle': 'read a bundle in',
  'POST /api/makings': 'began a making',
  'POST /api/makings/read-in': 'read a making in',
  'PUT /api/shop': 'changed the shop',
  'PUT /api/rack/entries': 'changed the rack',
  'POST /api/rack/import': 'read a table into the rack',
  'DELETE /api/rack/entries/:id': 'dropped an entry of the rack',
  'POST /api/rack/tests': 'kept a fit test',
  'POST /api/rack/tests/:id/count': 'let a fit test count, or not',
  'POST /api/weigh-ins': 'weighed a gather',
  'POST /api/weigh-ins/reset': 'set weighed gathers back',
  'POST /api/pots/events': 'told what happened to a pot',
  'PUT /api/wanted/:id': 'changed an order',
  'DELETE /api/wanted/:id': 'took an order away',
  'PUT /api/classes/:id': 'changed a class',
  'DELETE /api/classes/:id': 'took a class away',
  'PUT /api/devices/:id': 'set a device up',
  'DELETE /api/devices/:id': 'took a device away',
  'POST /api/devices/:id/programme': 'sent a box its night',
  'POST /api/devices/:id/do': 'told a box what to do',
  'POST /api/devices/:id/happens': 'let something happen to a stand-in',
  'POST /api/door/codes': 'had a pairing code shown',
  'POST /api/door/lan': 'opened or shut the studio’s network',
  'PUT /api/door/sessions/:id': 'changed what a device may',
  'DELETE /api/door/sessions/:id': 'put a device out',
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
