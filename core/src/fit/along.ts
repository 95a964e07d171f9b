// The stack judged along the whole part: the worst place decides, each layer tells its own.
import type { Shape } from '../form/measure';
import { judgeStack, type FitGlass, type Schools, type StackFit } from './judgeStack';
import { stackAt, type WallShare } from './lay';
import type { WallForm } from './wall';

/** One place along the outside, base to lip. */
export interface PlaceFit {
  readonly s: number;
  readonly height: number;
  readonly wall: number;
  readonly fit: StackFit;
}

/** The part judged. */
export interface PartFit {
  readonly places: readonly PlaceFit[];
  /** Index of the place with the most tension. */
  readonly worst: number;
}

/** How the wall counts at a place: a ring of its own radius, or a solid rod where there is no hollow. */
export const formAt = (shape: Shape, i: number): WallForm => {
  const r = shape.outer.r[i] as number;
  const wall = shape.outer.wall[i] as number;
  return shape.opening === 'solid'
    ? { kind: 'cylinder', inside: 0 }
    : // Near the axis the wall is a plate: it bends no more than a wide ring.
      { kind: 'cylinder', inside: Math.max(r - wall, 4 * wall) };
};

/** Places along the outside that a part is judged at, wherever it is. */
export const FIT_PLACES = 60;

/** Judges so many places, evenly along the outside. */
export function judgePart(
  shape: Shape,
  shares: readonly WallShare[],
  glass: FitGlass,
  schools: Schools,
  places = FIT_PLACES,
): PartFit {
  const n = shape.outer.r.length;
  const found = Array.from({ length: places }, (_, k): PlaceFit => {
    const i = Math.round(((n - 1) * k) / Math.max(1, places - 1));
    const full = shape.outer.wall[i] as number;
    // Solid work: the layers lie round the middle, half the thickness deep.
    const wall = shape.opening === 'solid' ? full / 2 : full;
    return {
      s: shape.outer.s[i] as number,
      height: shape.outer.z[i] as number,
      wall,
      fit: judgeStack(stackAt(shares, glass, wall), formAt(shape, i), schools),
    };
  });
  const worst = found.reduce(
    (w, p, i) => (p.fit.tension > (found[w]?.fit.tension ?? -1) ? i : w),
    0,
  );
  return { places: found, worst };
}
