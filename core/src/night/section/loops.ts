// Closed lines in the half plane of a section (r ≥ 0, m): united, inside corners rounded, walked along, asked what is inside.
import { Clipper, EndType, FillRule, JoinType, type PathD, type PathsD } from 'clipper2-ts';

/** A place in the section, m. */
export interface Point {
  readonly r: number;
  readonly z: number;
}

/** A closed line; the glass lies to its left. */
export type Loop = readonly Point[];

/** Clipper counts in these: a tenth of a micron, mm. */
const DIGITS = 4;
const MM = 1e3;
/** Corners nearer to a straight line than this are none, m. */
const STRAIGHT = 2e-6;

/**
 * The section of bodies that are one: their outlines united, and inside corners rounded as glass rounds them (radius, m; 0 leaves
 * them). Mirrored at the axis meanwhile, so that nothing is rounded there.
 */
export function unitedLoops(outlines: readonly Loop[], rounded: number): Loop[] {
  const half: PathsD = outlines.map((l) =>
    l.map((p): PathD[number] => ({ x: p.r * MM, y: p.z * MM })),
  );
  const mirrored: PathsD = half.map((l) => l.map((p) => ({ x: -p.x, y: p.y })).reverse());
  const oriented = (l: PathD): PathD => (Clipper.areaD(l) < 0 ? [...l].reverse() : l);
  // Faces that only touch are welded: a micron out and in again.
  const weld = 1e-3;
  let all = Clipper.unionD([...half, ...mirrored].map(oriented), [], FillRule.NonZero, DIGITS);
  const offset = (by: number): void => {
    all = Clipper.inflatePathsD(all, by, JoinType.Round, EndType.Polygon, 2, DIGITS, 2e-3);
  };
  const out = Math.max(weld, rounded * MM);
  offset(out);
  offset(-out);
  const top = 1e5;
  const right: PathD = [
    { x: 0, y: -top },
    { x: top, y: -top },
    { x: top, y: top },
    { x: 0, y: top },
  ];
  const clipped = Clipper.intersectD(all, [right], FillRule.NonZero, DIGITS);
  return clipped
    .map((l) => Clipper.simplifyPathD(l, STRAIGHT * MM, true))
    .filter((l) => Math.abs(Clipper.areaD(l)) > 1e-2)
    .map((l) => l.map((p) => ({ r: Math.max(0, p.x) / MM, z: p.y / MM })));
}

/** Points along a loop, no further apart than `step`, with the way out and how it bends (1/m, < 0 round an inside corner). */
export function along(
  loop: Loop,
  step: number,
): (Point & { readonly nr: number; readonly nz: number; readonly bend: number })[] {
  const n = loop.length;
  const at = (i: number): Point => loop[((i % n) + n) % n];
  return loop.flatMap((a, i) => {
    const b = at(i + 1);
    const length = Math.hypot(b.r - a.r, b.z - a.z);
    if (length < 1e-12) return [];
    const [tr, tz] = [(b.r - a.r) / length, (b.z - a.z) / length];
    const before = at(i - 1);
    const after = at(i + 2);
    const turn = (p: Point, q: Point, s: Point): number =>
      Math.atan2(
        (q.r - p.r) * (s.z - q.z) - (q.z - p.z) * (s.r - q.r),
        (q.r - p.r) * (s.r - q.r) + (q.z - p.z) * (s.z - q.z),
      );
    const bend = (turn(before, a, b) + turn(a, b, after)) / 2 / length;
    const pieces = Math.max(1, Math.ceil(length / step));
    return Array.from({ length: pieces }, (_, k) => {
      const t = (k + 0.5) / pieces;
      return {
        r: a.r + t * (b.r - a.r),
        z: a.z + t * (b.z - a.z),
        nr: tz,
        nz: -tr,
        bend: length < 4 * step ? bend : 0,
      };
    });
  });
}

/** How far along a ray it meets loops, m; unsorted. */
export function crossings(
  loops: readonly Loop[],
  { r, z }: Point,
  dr: number,
  dz: number,
): number[] {
  const found: number[] = [];
  for (const loop of loops)
    for (let i = 0; i < loop.length; i += 1) {
      const a = loop[i];
      const b = loop[i + 1 < loop.length ? i + 1 : 0];
      const [er, ez] = [b.r - a.r, b.z - a.z];
      const det = dr * ez - dz * er;
      if (Math.abs(det) < 1e-18) continue;
      const [qr, qz] = [a.r - r, a.z - z];
      const t = (qr * ez - qz * er) / det;
      const u = (qr * dz - qz * dr) / det;
      if (t > 0 && u >= 0 && u < 1) found.push(t);
    }
  return found;
}

/** Is a place inside, by the even–odd rule? */
export function inside(loops: readonly Loop[], { r, z }: Point): boolean {
  let odd = false;
  for (const loop of loops)
    for (let i = 0, j = loop.length - 1; i < loop.length; j = i, i += 1) {
      const a = loop[i];
      const b = loop[j];
      if (a.z > z !== b.z > z && r < ((b.r - a.r) * (z - a.z)) / (b.z - a.z) + a.r) odd = !odd;
    }
  return odd;
}
