// Bits: parts off the axis (handle, spout, wing, prunt, dot, wrap, solid sculpture) that carry mass and thickness.
import type { BitPlace, PieceBitShape } from '@zanfirico/contract/piece';
import { measureMesh } from './mesh';

/** The shape of one bit. Lengths m. Axes: x away from the piece's axis, y along its surface, z up. */
export type BitShape =
  | Exclude<PieceBitShape, { kind: 'wrap' | 'pulled' }>
  /** Its middle runs at the bit's distance from the axis, or along a course: its distance at heights above the anchor, from below up. */
  | (Extract<PieceBitShape, { kind: 'wrap' }> & Course)
  /** `course` and `wall` are the wall's own below the lip. */
  | (Extract<PieceBitShape, { kind: 'pulled' }> & Course & { readonly wall?: number | undefined });
interface Course {
  readonly course?: readonly { readonly up: number; readonly out: number }[] | undefined;
}

/** A tube among bits: bent, with a bore that opens inside. */
export const isTube = (shape: BitShape): shape is Extract<BitShape, { kind: 'bent' }> =>
  shape.kind === 'bent' && shape.wall !== undefined;

/** A bit as it is drawn. */
export interface Bit {
  readonly shape: BitShape;
  readonly place: BitPlace;
}

const STEPS = 48;

/** Length of a smooth path (Catmull–Rom) through the points, and the path itself, finely. */
export function smoothPath(path: readonly { readonly out: number; readonly up: number }[]): {
  x: number[];
  z: number[];
  length: number;
} {
  const x: number[] = [];
  const z: number[] = [];
  const at = (i: number) =>
    path[Math.min(path.length - 1, Math.max(0, i))] as { out: number; up: number };
  const per = Math.max(2, Math.ceil(STEPS / Math.max(1, path.length - 1)));
  const knot = (a: number, b: number, c: number, d: number, t: number): number =>
    0.5 *
    (2 * b +
      (c - a) * t +
      (2 * a - 5 * b + 4 * c - d) * t * t +
      (3 * b - a - 3 * c + d) * t * t * t);
  for (let i = 0; i < path.length - 1; i += 1)
    for (let k = i === 0 ? 0 : 1; k <= per; k += 1) {
      const [a, b, c, d] = [at(i - 1), at(i), at(i + 1), at(i + 2)];
      x.push(knot(a.out, b.out, c.out, d.out, k / per));
      z.push(knot(a.up, b.up, c.up, d.up, k / per));
    }
  let length = 0;
  for (let i = 1; i < x.length; i += 1)
    length += Math.hypot(
      (x[i] as number) - (x[i - 1] as number),
      (z[i] as number) - (z[i - 1] as number),
    );
  return { x, z, length };
}

const disc = (d: number): number => (Math.PI / 4) * d * d;
const tubeArea = (d: number, wall: number | undefined): number =>
  wall === undefined ? disc(d) : disc(d) - disc(d - 2 * wall);

type Wound = Extract<BitShape, { kind: 'wrap' }>;

/** How far a wrap's middle, or the wall under a pulled spout, is from the axis at a height above its anchor, m. */
export function woundAt({ course }: Pick<Wound, 'course'>, up: number, out: number): number {
  const first = course?.[0];
  if (!course || !first) return out;
  let before = first;
  for (const at of course) {
    if (at.up >= up) {
      const gap = at.up - before.up;
      return gap > 0 ? before.out + ((at.out - before.out) * (up - before.up)) / gap : at.out;
    }
    before = at;
  }
  return before.out;
}

/** Turns are measured in so many pieces where they follow a course. */
const PIECES = 64;

/** Length of a thread wound at a distance from the axis, or along its course, m. */
export function woundLength(shape: Omit<Wound, 'kind' | 'diameter'>, out: number): number {
  const { turns, pitch, course } = shape;
  if (!course) return turns * Math.hypot(2 * Math.PI * out, pitch);
  const n = Math.max(PIECES, Math.ceil(turns * PIECES));
  const at = (i: number): number => woundAt(shape, (i / n - 0.5) * turns * pitch, out);
  let length = 0;
  for (let i = 0; i < n; i += 1) {
    const [a, b] = [at(i), at(i + 1)];
    length += Math.hypot((Math.PI * (a + b) * turns) / n, (turns * pitch) / n, b - a);
  }
  return length;
}

/** Glass in one bit, m³: closed forms (CRC tables), Pappus along a bent path, tetrahedra for a mesh. */
export function bitVolume(shape: BitShape, out: number): number {
  switch (shape.kind) {
    case 'rod':
      return disc(shape.diameter) * shape.length;
    case 'ball':
      return (Math.PI / 6) * shape.diameter ** 3;
    case 'ellipsoid':
      return (Math.PI / 6) * shape.x * shape.y * shape.z;
    case 'box':
      return shape.x * shape.y * shape.z;
    case 'dot':
      return (Math.PI / 6) * shape.rise * ((3 / 4) * shape.diameter ** 2 + shape.rise ** 2);
    case 'bent':
      return tubeArea(shape.diameter, shape.wall) * smoothPath(shape.path).length;
    case 'wrap':
      return disc(shape.diameter) * woundLength(shape, out);
    case 'pulled':
      return 0;
    case 'mesh':
      return measureMesh(shape).volume;
  }
}
