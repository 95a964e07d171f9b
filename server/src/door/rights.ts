// What each may, route by route, of the routes there are. What no route says nobody may.
import type { May } from '@zanfirico/contract/door';
import type { Least, Right } from '../check/routes';

const RANK: Readonly<Record<Least, number>> = { open: 0, look: 1, hand: 2, lead: 3 };

const asPattern = (path: string): RegExp =>
  new RegExp(`^${path.replaceAll('.', '\\.').replaceAll(/:\w+/g, '[^/]+')}/?$`, 'i');

/** Which line a request falls under, of those there are; undefined where there is none. */
export function rightIn(
  rights: readonly Right[],
): (method: string, path: string) => Right | undefined {
  // One with fewer names in it before one with more.
  const patterns = rights
    .map((r) => ({ ...r, pattern: asPattern(r.path) }))
    .sort((a, b) => a.path.split(':').length - b.path.split(':').length);
  return (method, path) => {
    const asked = method === 'HEAD' ? 'GET' : method;
    return patterns.find((r) => r.method === asked && r.pattern.test(path));
  };
}

/** May somebody who may this do what takes at least that? */
export const allows = (may: May, least: Least): boolean => RANK[may] >= RANK[least];

/** So much of an id tells it from another on a list. */
const SHORT = 8;

/** A change in words, with which one it was of; undefined where it is told otherwise. */
export function saidOf({ path, said }: Right, asked: string): string | undefined {
  if (said === '') return undefined;
  const place = path.split('/').findIndex((p) => p.startsWith(':'));
  const id = place < 0 ? undefined : asked.split('/')[place];
  return id === undefined ? said : `${said} (${id.slice(0, SHORT)})`;
}
