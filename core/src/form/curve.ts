// The smooth outer line: monotone cubics through the drawn points, so no bulge appears that was not drawn.
//
// Each of r, z and wall is a cubic in chord length with Steffen's slopes (M. Steffen, Astronomy & Astrophysics 239,
// 1990): between two points every coordinate stays between its end values, and flats stay flat. A tangent pulled by hand
// replaces the slopes at its point, and then a bulge may be drawn on purpose.
import type { ProfilePoint, Pull } from '@zanfirico/contract/piece';
import { ON_AXIS, type Profile } from './profile';

/** The outer line, finely sampled. `knot[i]` is the index in the arrays of drawn point i. */
export interface OuterLine {
  readonly r: number[];
  readonly z: number[];
  readonly wall: number[];
  /** Length along the line from its start, m. */
  readonly s: number[];
  readonly knot: number[];
  /** Is the first (the last) point a crisp tip, where the line meets the axis at an angle? */
  readonly pointed: readonly [boolean, boolean];
}

/** Samples per drawn span: enough for 0.1 % of a sphere from nine points, few enough to answer while dragging. */
const SAMPLES_TOTAL = 120;
const LEAST_PER_SPAN = 4;
const MOST_PER_SPAN = 24;

function steffenSlope(h0: number, h1: number, s0: number, s1: number): number {
  if (s0 * s1 <= 0) return 0;
  const p = (s0 * h1 + s1 * h0) / (h0 + h1);
  return Math.sign(s0) * 2 * Math.min(Math.abs(s0), Math.abs(s1), 0.5 * Math.abs(p));
}

/** One-sided slope at the end of a run; parabola through three points, limited to stay monotone. */
function endSlope(h0: number, h1: number, s0: number, s1: number): number {
  const p = s0 * (1 + h0 / (h0 + h1)) - s1 * (h0 / (h0 + h1));
  if (p * s0 <= 0) return 0;
  return Math.abs(p) > 2 * Math.abs(s0) ? 2 * s0 : p;
}

/**
 * Slopes of one coordinate (`v`, a value a point) at both ends of every span. Corners break the run; where the line meets
 * the axis it is mirrored, so that a round base is round and not pointed: `mirror` is −1 for the radius, 1 for the rest.
 */
function slopes(
  points: Profile,
  h: readonly number[],
  v: readonly number[],
  mirror: 1 | -1,
): number[][] {
  const n = points.length;
  const s: number[] = [];
  const out: number[][] = [];
  for (let i = 0; i < n - 1; i += 1) {
    s.push(((v[i + 1] as number) - (v[i] as number)) / (h[i] as number));
    out.push([0, 0]);
  }
  for (let i = 0; i < n; i += 1) {
    const p = points[i] as ProfilePoint;
    const smooth = p.corner !== true;
    const k = i - 1;
    if (k >= 0 && i < n - 1 && smooth) {
      const m = steffenSlope(h[k] as number, h[i] as number, s[k] as number, s[i] as number);
      (out[k] as number[])[1] = m;
      (out[i] as number[])[0] = m;
      continue;
    }
    const axis = p.radius < ON_AXIS && smooth;
    if (i < n - 1) {
      const own = s[i] as number;
      const span = h[i] as number;
      const ghost = ((v[i] as number) - mirror * (v[i + 1] as number)) / span;
      (out[i] as number[])[0] = axis
        ? steffenSlope(span, span, ghost, own)
        : i + 2 < n && points[i + 1]?.corner !== true
          ? endSlope(span, h[i + 1] as number, own, s[i + 1] as number)
          : own;
    }
    if (k >= 0) {
      const own = s[k] as number;
      const span = h[k] as number;
      const ghost = (mirror * (v[k] as number) - (v[i] as number)) / span;
      (out[k] as number[])[1] = axis
        ? steffenSlope(span, span, own, ghost)
        : k > 0 && points[k]?.corner !== true
          ? endSlope(span, h[k - 1] as number, own, s[k - 1] as number)
          : own;
    }
  }
  return out;
}

const AXES = [
  (p: ProfilePoint): number => p.radius,
  (p: ProfilePoint): number => p.height,
  (p: ProfilePoint): number => p.wall,
] as const;

const chords = (points: Profile): number[] =>
  points.slice(1).map((b, i) => {
    const a = points[i] as ProfilePoint;
    const dr = b.radius - a.radius;
    const dz = b.height - a.height;
    return Math.sqrt(dr * dr + dz * dz);
  });

/** Slopes of radius, height and wall at both ends of every span, with tangents pulled by hand put in. */
function spanSlopes(points: Profile): number[][][] {
  const h = chords(points);
  const all = AXES.map((of, axis) => slopes(points, h, points.map(of), axis === 0 ? -1 : 1));
  points.forEach((p, i) => {
    if (!p.pull || p.corner === true) return;
    const by = [p.pull.radius, p.pull.height];
    by.forEach((slope, axis) => {
      const spans = all[axis] as number[][];
      if (i > 0) (spans[i - 1] as number[])[1] = slope;
      if (i < points.length - 1) (spans[i] as number[])[0] = slope;
    });
  });
  return all;
}

/** One span of the outer line as a cubic Bézier: [radius, height] of its four control points, m. */
export type BezierSpan = readonly (readonly [number, number])[];

/** The outer line exactly, as cubic Béziers: a Hermite cubic's inner control points lie a third of its slopes away. */
export function bezierSpans(points: Profile): BezierSpan[] {
  const h = chords(points);
  const [r = [], z = []] = spanSlopes(points);
  return h.map((span, i) => {
    const a = points[i] as ProfilePoint;
    const b = points[i + 1] as ProfilePoint;
    const [r0, r1] = r[i] as [number, number];
    const [z0, z1] = z[i] as [number, number];
    return [
      [a.radius, a.height],
      [a.radius + (r0 * span) / 3, a.height + (z0 * span) / 3],
      [b.radius - (r1 * span) / 3, b.height - (z1 * span) / 3],
      [b.radius, b.height],
    ];
  });
}

/** The tangent the line has at a drawn point (leaving it, or at the last point arriving), m per m of chord. */
export function tangentAt(points: Profile, index: number): Pull {
  const [r = [], z = []] = spanSlopes(points);
  const last = index === points.length - 1;
  const span = last ? index - 1 : index;
  const end = last ? 1 : 0;
  return {
    radius: (r[span] as number[])[end] as number,
    height: (z[span] as number[])[end] as number,
  };
}

/** Draws the smooth outer line through the points. Points must be distinct (see `checkPoints`). */
export function outerLine(points: Profile): OuterLine {
  const n = points.length;
  const h = chords(points);
  const tangents = spanSlopes(points);
  const per = Math.min(
    MOST_PER_SPAN,
    Math.max(LEAST_PER_SPAN, Math.round(SAMPLES_TOTAL / Math.max(1, n - 1))),
  );
  const total = per * (n - 1) + 1;
  const columns = AXES.map(() => new Array<number>(total));
  const basis = Array.from({ length: per }, (_, j) => hermite(j / per));
  AXES.forEach((of, c) => {
    const column = columns[c] as number[];
    const slopesOf = tangents[c] as number[][];
    for (let i = 0; i < n - 1; i += 1) {
      const span = h[i] as number;
      const ends = slopesOf[i] as number[];
      const m0 = span * (ends[0] as number);
      const m1 = span * (ends[1] as number);
      const v0 = of(points[i] as ProfilePoint);
      const v1 = of(points[i + 1] as ProfilePoint);
      for (let j = 0; j < per; j += 1) {
        const t = basis[j] as (typeof basis)[number];
        column[i * per + j] = t[0] * v0 + t[1] * m0 + t[2] * v1 + t[3] * m1;
      }
    }
    column[total - 1] = of(points[n - 1] as ProfilePoint);
  });
  const [r = [], z = [], wall = []] = columns;
  const s = new Array<number>(total);
  s[0] = 0;
  for (let i = 1; i < total; i += 1) {
    // Plain roots: Math.hypot guards against overflow and is many times slower.
    const dr = (r[i] as number) - (r[i - 1] as number);
    const dz = (z[i] as number) - (z[i - 1] as number);
    s[i] = (s[i - 1] as number) + Math.sqrt(dr * dr + dz * dz);
  }
  return {
    r,
    z,
    wall,
    s,
    knot: Array.from({ length: n }, (_, i) => i * per),
    pointed: [points[0]?.corner === true, points[n - 1]?.corner === true],
  };
}

/** Cubic Hermite basis at t: value start, slope start, value end, slope end. */
function hermite(t: number): readonly [number, number, number, number] {
  const u = 1 - t;
  return [(1 + 2 * t) * u * u, t * u * u, t * t * (3 - 2 * t), -t * t * u];
}
