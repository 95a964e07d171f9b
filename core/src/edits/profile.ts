// What dragging, nudging and typing do to a profile: pure functions from points to points. m.
import type { ProfilePoint } from '@zanfirico/contract/piece';
import {
  LEAST_POINTS,
  LEAST_WALL,
  MOST_LENGTH,
  MOST_POINTS,
  MOST_WALL,
} from '../form/checkProfile';
import { measurePart } from '../form/measure';
import { ON_AXIS, type Profile } from '../form/profile';

const TENTH_OF_MM = 1e-4;
const LEAST_RADIUS = 0.0005;
/** A tangent may be pulled this steep, m per m of chord: what the file takes. */
const MOST_PULL = 20;

const round = (v: number): number => Math.round(v / TENTH_OF_MM) / (1 / TENTH_OF_MM);
const clamp = (v: number, low: number, high: number): number => Math.min(high, Math.max(low, v));

/** Points with one replaced. */
const withPoint = (
  points: readonly ProfilePoint[],
  index: number,
  change: Partial<ProfilePoint>,
): ProfilePoint[] => points.map((p, i) => (i === index ? { ...p, ...change } : p));

/**
 * Moves a point to a height and radius, to the tenth of a millimetre (finer when `exact`: snapped to a skin); a point on
 * the axis stays on it.
 */
export function movePoint(
  points: readonly ProfilePoint[],
  index: number,
  to: { readonly height: number; readonly radius: number; readonly exact?: boolean },
): ProfilePoint[] {
  const p = points[index];
  if (!p) return [...points];
  const step = to.exact === true ? (v: number): number => Number(v.toFixed(7)) : round;
  return withPoint(points, index, {
    height: step(clamp(to.height, -MOST_LENGTH, MOST_LENGTH)),
    radius: p.radius < ON_AXIS ? 0 : step(clamp(to.radius, LEAST_RADIUS, MOST_LENGTH)),
  });
}

/** Sets a wall, to the tenth of a millimetre. */
export const setWall = (
  points: readonly ProfilePoint[],
  index: number,
  wall: number,
): ProfilePoint[] =>
  withPoint(points, index, { wall: Math.max(LEAST_WALL, round(clamp(wall, 0, MOST_WALL))) });

/** Pulls the tangent at a point, or with undefined lets the line find its own way again. */
export const setPull = (
  points: readonly ProfilePoint[],
  index: number,
  pull: ProfilePoint['pull'] | undefined,
): ProfilePoint[] =>
  points.map((p, i) => {
    if (i !== index) return p;
    const bounded = (v: number): number => Number(clamp(v, -MOST_PULL, MOST_PULL).toFixed(4));
    const rest = { ...p };
    delete rest.pull;
    return pull
      ? { ...rest, pull: { radius: bounded(pull.radius), height: bounded(pull.height) } }
      : rest;
  });

/** A new point on the drawn curve, halfway along the span after `index`. */
export function insertAfter(points: readonly ProfilePoint[], index: number): ProfilePoint[] {
  const outer = curveOf(points);
  const a = points[index];
  const b = points[index + 1];
  if (!a || !b || points.length >= MOST_POINTS) return [...points];
  const at = outer
    ? Math.round(((outer.knot[index] as number) + (outer.knot[index + 1] as number)) / 2)
    : undefined;
  const middle =
    outer && at !== undefined
      ? sampleAt(outer, at)
      : {
          height: (a.height + b.height) / 2,
          radius: (a.radius + b.radius) / 2,
          wall: (a.wall + b.wall) / 2,
        };
  return inserted(points, index, middle);
}

/** A new point on the drawn curve where it passes nearest to a place; tells where it was put. */
export function insertNear(
  points: readonly ProfilePoint[],
  to: { readonly height: number; readonly radius: number },
): { readonly points: ProfilePoint[]; readonly index: number } | undefined {
  const outer = curveOf(points);
  if (!outer || points.length >= MOST_POINTS) return undefined;
  let at = 0;
  let best = Infinity;
  outer.r.forEach((r, i) => {
    const d = (r - to.radius) ** 2 + ((outer.z[i] as number) - to.height) ** 2;
    if (d < best && !outer.knot.includes(i)) {
      best = d;
      at = i;
    }
  });
  const index = outer.knot.findIndex((k) => k > at) - 1;
  if (index < 0) return undefined;
  return { points: inserted(points, index, sampleAt(outer, at)), index: index + 1 };
}

type Curve = Extract<ReturnType<typeof measurePart>, { ok: true }>['shape']['outer'];

function curveOf(points: Profile): Curve | undefined {
  const reading = measurePart({ profile: points });
  return reading.ok ? reading.shape.outer : reading.outer;
}

const sampleAt = (outer: Curve, at: number): ProfilePoint => ({
  height: outer.z[at] as number,
  radius: outer.r[at] as number,
  wall: outer.wall[at] as number,
});

const inserted = (
  points: readonly ProfilePoint[],
  index: number,
  p: ProfilePoint,
): ProfilePoint[] => [
  ...points.slice(0, index + 1),
  { height: round(p.height), radius: round(p.radius), wall: round(p.wall) },
  ...points.slice(index + 1),
];

/** Without one point; three must stay. */
export const removePoint = (points: readonly ProfilePoint[], index: number): ProfilePoint[] =>
  points.length > LEAST_POINTS ? points.filter((_, i) => i !== index) : [...points];

/** A whole part moved along the axis. */
export const raised = (points: readonly ProfilePoint[], by: number): ProfilePoint[] =>
  points.map((p) => ({ ...p, height: Number((p.height + by).toFixed(7)) }));

/** A part as far as it has heights: its outline, and holes through its wall. */
export interface Raisable {
  readonly profile: readonly ProfilePoint[];
  readonly holes?: readonly { readonly height: number }[] | undefined;
}

/** A part raised by so much, m, its holes with it. */
export const raisedPart = <P extends Raisable>(part: P, by: number): P => ({
  ...part,
  profile: raised(part.profile, by),
  ...(part.holes && {
    holes: part.holes.map((h) => ({ ...h, height: Number((h.height + by).toFixed(7)) })),
  }),
});

/** A point as the mirror across the height `about` shows it: the line runs through it the other way. */
const reflected = (p: ProfilePoint, about: number): ProfilePoint => ({
  ...p,
  height: Number((2 * about - p.height).toFixed(7)),
  ...(p.pull && { pull: { radius: -p.pull.radius, height: p.pull.height } }),
});

/** Puts the mirror image of the lower half above its middle: what switching the mirror on does. */
export function mirrorUpper(points: readonly ProfilePoint[]): ProfilePoint[] {
  const first = points[0];
  const last = points[points.length - 1];
  if (!first || !last) return [...points];
  const about = (first.height + last.height) / 2;
  const lower = points.slice(0, Math.ceil(points.length / 2));
  const odd = points.length % 2 === 1;
  const kept = odd
    ? lower.map((p, i) => (i === lower.length - 1 ? { ...p, height: about } : p))
    : lower;
  const over = (odd ? kept.slice(0, -1) : kept).map((p) => reflected(p, about)).reverse();
  return [...kept, ...over];
}

/** After an edit of one point of a mirrored part: its partner follows; the middle point keeps to the middle. */
export function mirrorAfter(
  before: readonly ProfilePoint[],
  after: readonly ProfilePoint[],
  index: number,
): ProfilePoint[] {
  const n = after.length;
  const first = before[0];
  const last = before[before.length - 1];
  const moved = after[index];
  if (!first || !last || !moved || before.length !== n) return [...after];
  const about = (first.height + last.height) / 2;
  const partner = n - 1 - index;
  if (partner === index) return withPoint(after, index, { height: about });
  return after.map((p, i) => (i === partner ? reflected(moved, about) : p));
}

/** The unit normal into the glass at drawn point `index`, from the sampled outer line (r and z). */
export function inwardAt(
  outer: {
    readonly r: readonly number[];
    readonly z: readonly number[];
    readonly knot: readonly number[];
  },
  index: number,
): { readonly r: number; readonly z: number } {
  const at = outer.knot[index] as number;
  const a = Math.max(0, at - 1);
  const b = Math.min(outer.r.length - 1, at + 1);
  const dr = (outer.r[b] as number) - (outer.r[a] as number);
  const axisEnd = (outer.r[at] as number) < ON_AXIS;
  const dz = axisEnd ? 0 : (outer.z[b] as number) - (outer.z[a] as number);
  const length = Math.hypot(dr, dz) || 1;
  return { r: -dz / length, z: dr / length };
}
