// What the browser's tab says: where one is, the house last. A piece says its own name and sheet.
import { useEffect } from 'react';
import { useLocation } from 'react-router';
import { PLACES } from './places';

const HOUSE = 'Zanfirico';
const INSIDE: Readonly<Record<string, string>> = {
  '/rack/glasses': 'Glasses',
  '/rack/tests': 'Tests',
  '/rack/shop': 'Irons, boxes, torch stock',
};

/** The title of a place; undefined inside a piece. */
export function titleAt(path: string): string | undefined {
  if (/^\/pieces\/./.test(path)) return undefined;
  const place = PLACES.find(({ to }) => path === to || path.startsWith(`${to}/`))?.name;
  const inside = INSIDE[path];
  return [inside, place, HOUSE].filter((t) => t !== undefined).join(' · ');
}

export function usePageTitle(): void {
  const { pathname } = useLocation();
  useEffect(() => {
    const title = titleAt(pathname);
    if (title !== undefined) document.title = title;
  }, [pathname]);
}
