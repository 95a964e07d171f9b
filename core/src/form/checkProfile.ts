// Refusing outlines that no glass can have, each with the point, the field, what was given and what is allowed.
import type { ProfilePoint } from '@zanfirico/contract/piece';
import { tr, trWord } from '../words/tr';
import { firstCrossing } from './crossing';
import type { OuterLine } from './curve';
import type { InnerLine } from './inner';
import { ON_AXIS, type Profile } from './profile';

/** One thing wrong with a drawn profile. `point` counts from 0; `field` is the property to mend. */
export interface ShapeProblem {
  readonly point: number;
  readonly field: 'height' | 'radius' | 'wall';
  readonly given: number;
  readonly message: string;
}

/** Bounds on what a point may say, m: a hair to a room. */
export const LEAST_WALL = 0.0003;
/** A wall is drawn no thicker, m. */
export const MOST_WALL = 0.5;
/** Nothing is drawn larger, m. */
export const MOST_LENGTH = 2;
/** A profile has at least so many points. */
export const LEAST_POINTS = 3;
/** A profile has at most so many points. */
export const MOST_POINTS = 200;

const mm = (metres: number): string => `${String(Number((metres * 1e3).toFixed(2)))} mm`;

/** What is wrong with single points, before any curve is drawn. */
export function checkPoints(points: Profile): ShapeProblem[] {
  const problems: ShapeProblem[] = [];
  const add = (
    point: number,
    field: ShapeProblem['field'],
    given: number,
    message: string,
  ): void => {
    problems.push({ point, field, given, message });
  };
  if (points.length < LEAST_POINTS || points.length > MOST_POINTS)
    add(
      0,
      'height',
      points.length,
      tr`The profile has ${points.length} points; it needs ${LEAST_POINTS} to ${MOST_POINTS}.`,
    );
  points.forEach((p, i) => {
    const name = tr`Point ${i + 1}`;
    for (const field of ['height', 'radius', 'wall'] as const)
      if (!Number.isFinite(p[field]))
        add(i, field, p[field], tr`${name}: the ${trWord(field)} is not a number.`);
    if (Math.abs(p.height) > MOST_LENGTH)
      add(
        i,
        'height',
        p.height,
        tr`${name}: height ${mm(p.height)}; it may be up to ${mm(MOST_LENGTH)}.`,
      );
    if (p.radius < 0 || p.radius > MOST_LENGTH)
      add(
        i,
        'radius',
        p.radius,
        tr`${name}: radius ${mm(p.radius)}; it may be 0 to ${mm(MOST_LENGTH)}.`,
      );
    if (p.wall < LEAST_WALL || p.wall > MOST_WALL)
      add(
        i,
        'wall',
        p.wall,
        tr`${name}: wall ${mm(p.wall)}; it may be ${mm(LEAST_WALL)} to ${mm(MOST_WALL)}.`,
      );
    const inside = i > 0 && i < points.length - 1;
    if (inside && p.radius < ON_AXIS)
      add(
        i,
        'radius',
        p.radius,
        tr`${name} lies on the axis; only the first and the last point may.`,
      );
    const next = points[i + 1];
    if (next && Math.hypot(next.radius - p.radius, next.height - p.height) < 1e-5)
      add(
        i + 1,
        'height',
        next.height,
        tr`${name} and point ${i + 2} are in the same place; move one or delete it.`,
      );
  });
  return problems;
}

const nearestKnot = (outer: OuterLine, sample: number): number => {
  let best = 0;
  outer.knot.forEach((k, i) => {
    if (Math.abs(k - sample) < Math.abs((outer.knot[best] as number) - sample)) best = i;
  });
  return best;
};

/** The point whose wall is furthest past its radius, if any off the axis is. */
function thickestForItsRoom(points: Profile): number | undefined {
  let worst: number | undefined;
  let excess = 0;
  points.forEach((p, i) => {
    if (p.radius < ON_AXIS || p.wall - p.radius <= excess) return;
    excess = p.wall - p.radius;
    worst = i;
  });
  return worst;
}

/** A cut this many walls long is no corner any more: the walls run into each other. */
const CORNER_CUT_IN_WALLS = 8;

/** What is wrong with the drawn form: outside that crosses itself, walls thicker than the room inside. */
export function checkForm(points: Profile, outer: OuterLine, inner: InnerLine): ShapeProblem[] {
  const crossing = firstCrossing(outer);
  if (crossing) {
    const i = nearestKnot(outer, crossing.i);
    const j = nearestKnot(outer, crossing.j);
    return [
      {
        point: i,
        field: 'height',
        given: (points[i] as ProfilePoint).height,
        message: tr`The outside crosses itself near points ${i + 1} and ${j + 1}; move them apart.`,
      },
    ];
  }
  if (inner.pinchedAt !== undefined) {
    const i = thickestForItsRoom(points) ?? nearestKnot(outer, inner.pinchedAt);
    const p = points[i] as ProfilePoint;
    return [
      {
        point: i,
        field: 'wall',
        given: p.wall,
        message: tr`Point ${i + 1}: the wall, ${mm(p.wall)}, is thicker than the room there (radius ${mm(p.radius)}), so the hollow closes. Make it less than the radius, or make this part solid.`,
      },
    ];
  }
  const cut = inner.longestCut;
  if (cut) {
    const length = (outer.s[cut[1]] as number) - (outer.s[cut[0]] as number);
    const middle = Math.round((cut[0] + cut[1]) / 2);
    const wall = Math.max(outer.wall[cut[0]] as number, outer.wall[cut[1]] as number);
    if (length > CORNER_CUT_IN_WALLS * wall) {
      const i = nearestKnot(outer, middle);
      return [
        {
          point: i,
          field: 'wall',
          given: (points[i] as ProfilePoint).wall,
          message: tr`The inside walls run into each other near point ${i + 1}; thin the wall there or open the form.`,
        },
      ];
    }
  }
  return [];
}
