// Several points of a profile at once: moved, thickened, taken out, copied and put in elsewhere. Pure, m.
import type { ProfilePoint } from '@zanfirico/contract/piece';
import { LEAST_POINTS, MOST_POINTS } from '../form/checkProfile';
import { micron } from './micron';
import { placesIn } from './placesIn';
import { movePoint, setWall } from './profile';

/** Apart by this much where nothing tells how far: one copied point, put in alone. */
const APART = 0.005;

/**
 * Moves the point `led` to a place and the others chosen by as much as it really went. Each keeps to its own bounds: one on
 * the axis stays on it.
 */
export function moveSeveral(
  points: readonly ProfilePoint[],
  chosen: readonly number[],
  led: number,
  to: { readonly height: number; readonly radius: number; readonly exact?: boolean },
): ProfilePoint[] {
  const from = points[led];
  if (!from) return [...points];
  const first = movePoint(points, led, to);
  const now = first[led] as ProfilePoint;
  const out = now.radius - from.radius;
  const up = now.height - from.height;
  return placesIn(points, chosen)
    .filter((i) => i !== led)
    .reduce((all, i) => {
      const p = points[i] as ProfilePoint;
      return movePoint(all, i, { height: p.height + up, radius: p.radius + out });
    }, first);
}

/** Sets the wall at `led`, and changes the others chosen by as much. */
export function thickenSeveral(
  points: readonly ProfilePoint[],
  chosen: readonly number[],
  led: number,
  wall: number,
): ProfilePoint[] {
  const from = points[led];
  if (!from) return [...points];
  const by = wall - from.wall;
  return placesIn(points, chosen)
    .filter((i) => i !== led)
    .reduce(
      (all, i) => setWall(all, i, (points[i] as ProfilePoint).wall + by),
      setWall(points, led, wall),
    );
}

/** Without the chosen points; the ends stay, and three points at least: undefined where that leaves nothing to take. */
export function removeSeveral(
  points: readonly ProfilePoint[],
  chosen: readonly number[],
): ProfilePoint[] | undefined {
  const inner = placesIn(points, chosen).filter((i) => i > 0 && i < points.length - 1);
  const going = new Set(inner.slice(0, Math.max(0, points.length - LEAST_POINTS)));
  return going.size > 0 ? points.filter((_, i) => !going.has(i)) : undefined;
}

/** The chosen points, from the base up, to be put in elsewhere. */
export const copiedPoints = (
  points: readonly ProfilePoint[],
  chosen: readonly number[],
): ProfilePoint[] =>
  placesIn(points, chosen).map((i) => structuredClone(points[i] as ProfilePoint));

/**
 * Puts copied points in after the one at `after`: the first stands above it by their own mean distance, and what was above
 * is raised by as much as came in, so that a copied collar becomes a second collar. Undefined where they are too many.
 */
export function pastePoints(
  points: readonly ProfilePoint[],
  after: number,
  copied: readonly ProfilePoint[],
): { readonly points: ProfilePoint[]; readonly from: number } | undefined {
  const base = points[after];
  const [first] = copied;
  const last = copied[copied.length - 1];
  if (!base || !first || !last || points.length + copied.length > MOST_POINTS) return undefined;
  const rise = last.height - first.height;
  const gap = copied.length > 1 ? Math.abs(rise) / (copied.length - 1) : APART;
  const by = base.height + gap - first.height;
  const room = gap + Math.max(0, rise);
  const above = points.slice(after + 1);
  return {
    points: [
      ...points.slice(0, after + 1),
      ...copied.map((p) => ({ ...structuredClone(p), height: micron(p.height + by) })),
      ...above.map((p) => ({ ...p, height: micron(p.height + room) })),
    ],
    from: after + 1,
  };
}
