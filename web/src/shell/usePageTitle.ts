// What the browser's tab says: where one is, the house last. A piece says its own name and sheet.
import { tr } from '@zanfirico/core/words';
import { useEffect } from 'react';
import { useLocation } from 'react-router';
import { PLACES } from './places';

const HOUSE = 'Zanfirico';
const INSIDE: Readonly<Record<string, string>> = {
  '/rack/glasses': tr`Glasses`,
  '/rack/tests': tr`Tests`,
  '/rack/shop': tr`Irons, boxes, torch stock`,
  '/rack/screens': tr`Screens`,
};

/** A title of what one looks at, the nearest first; what is not there is left out. */
export const titled = (...parts: readonly (string | undefined)[]): string =>
  [...parts, HOUSE].filter((t) => t !== undefined).join(' · ');

/** The title of a place; undefined inside a piece. */
export function titleAt(path: string): string | undefined {
  if (/^\/pieces\/./.test(path)) return undefined;
  const place = PLACES.find(({ to }) => path === to || path.startsWith(`${to}/`))?.name;
  if (path.startsWith('/wall/')) return undefined;
  if (path === '/class' || path.startsWith('/class/')) return titled(tr`Class`);
  const inside = INSIDE[path] ?? (path === '/orders' ? tr`Orders` : undefined);
  return titled(inside, place);
}

/** Names the tab after what is shown. */
export function usePageTitle(): void {
  const { pathname } = useLocation();
  useEffect(() => {
    const title = titleAt(pathname);
    if (title !== undefined) document.title = title;
  }, [pathname]);
}
