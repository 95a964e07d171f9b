// What dragging, nudging and typing do to a profile: pure functions from points to points. m.
import type { PiecePoint } from '@zanfirico/contract';
import { measureShape, type Profile } from '@zanfirico/core';

const TENTH_OF_MM = 1e-4;
const ON_AXIS = 1e-6;
const LEAST_RADIUS = 0.0005;
const LEAST_WALL = 0.0003;
const MOST = 2;

const round = (v: number): number => Math.round(v / TENTH_OF_MM) / (1 / TENTH_OF_MM);
const clamp = (v: number, low: number, high: number): number => Math.min(high, Math.max(low, v));

/** Points with one replaced. */
const withPoint = (
  points: readonly PiecePoint[],
  index: number,
  change: Partial<PiecePoint>,
): PiecePoint[] => points.map((p, i) => (i === index ? { ...p, ...change } : p));

/** Moves a point to a height and radius, to the tenth of a millimetre; a point on the axis stays on it. */
export function movePoint(
  points: readonly PiecePoint[],
  index: number,
  to: { readonly height: number; readonly radius: number },
): PiecePoint[] {
  const p = points[index];
  if (!p) return [...points];
  return withPoint(points, index, {
    height: round(clamp(to.height, -MOST, MOST)),
    radius: p.radius < ON_AXIS ? 0 : round(clamp(to.radius, LEAST_RADIUS, MOST)),
  });
}

/** Sets a wall, to the tenth of a millimetre. */
export const setWall = (points: readonly PiecePoint[], index: number, wall: number): PiecePoint[] =>
  withPoint(points, index, { wall: Math.max(LEAST_WALL, round(clamp(wall, 0, 0.5))) });

/** A new point on the drawn curve, halfway along the span after `index`. */
export function insertAfter(points: readonly PiecePoint[], index: number): PiecePoint[] {
  const a = points[index];
  const b = points[index + 1];
  if (!a || !b) return [...points];
  const middle = onCurve(points, index) ?? {
    height: (a.height + b.height) / 2,
    radius: (a.radius + b.radius) / 2,
    wall: (a.wall + b.wall) / 2,
  };
  return [
    ...points.slice(0, index + 1),
    { height: round(middle.height), radius: round(middle.radius), wall: round(middle.wall) },
    ...points.slice(index + 1),
  ];
}

function onCurve(points: Profile, index: number): PiecePoint | undefined {
  const reading = measureShape(points, 0.22);
  const outer = reading.ok ? reading.shape.outer : reading.outer;
  if (!outer) return undefined;
  const at = Math.round(((outer.knot[index] as number) + (outer.knot[index + 1] as number)) / 2);
  return {
    height: outer.z[at] as number,
    radius: outer.r[at] as number,
    wall: outer.wall[at] as number,
  };
}

/** Without one point; three must stay. */
export const removePoint = (points: readonly PiecePoint[], index: number): PiecePoint[] =>
  points.length > 3 ? points.filter((_, i) => i !== index) : [...points];

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
