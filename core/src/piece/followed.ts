// Wraps lie on the glass: a thread wound round a wall keeps its distance from it all the way, not the radius it had where it was drawn.
// A pulled spout goes with its lip.
import type { Bit, BitShape } from '../form/bit';
import type { Part } from './part';

/** A lip is here within so much, m. */
const AT_LIP = 0.001;
/** Places a thread's course is told at. */
const PLACES = 48;

type Walls = readonly Pick<Part, 'role' | 'shape'>[];

/** The radius of a part's outside at a height, nearest to where it was last; undefined above and below it, m. */
function wallAt(part: Walls[number], height: number, near: number): number | undefined {
  const { r, z } = part.shape.outer;
  let best: number | undefined;
  for (let i = 1; i < r.length; i += 1) {
    const [a, b] = [z[i - 1] as number, z[i] as number];
    if ((height - a) * (height - b) > 0 || a === b) continue;
    const here =
      (r[i - 1] as number) + ((r[i] as number) - (r[i - 1] as number)) * ((height - a) / (b - a));
    if (best === undefined || Math.abs(here - near) < Math.abs(best - near)) best = here;
  }
  return best;
}

interface Kept {
  readonly place: Bit['place'];
  readonly walls: readonly unknown[];
  readonly shape: BitShape;
}
/** Kept with the very shape it was made from: a drag elsewhere winds no thread anew. */
const kept = new WeakMap<BitShape, Kept>();

/** A bit as it lies: of a wrap the thread on its wall; any other as it is, and so one that has no wall beside it. */
export function followed<B extends Bit>(bit: B, parts: Walls): B {
  const { shape, place } = bit;
  if (shape.kind === 'pulled') return atLip(bit, shape, parts);
  if (shape.kind !== 'wrap') return bit;
  const walls = parts.map((p) => p.shape);
  const before = kept.get(shape);
  if (before?.place === place && walls.every((w, i) => w === before.walls[i]))
    return { ...bit, shape: before.shape };
  const course = courseOf(shape, place, parts);
  const lying: BitShape = course ? { ...shape, course } : shape;
  kept.set(shape, { place, walls, shape: lying });
  return { ...bit, shape: lying };
}

/** Does a part have an open lip, and is it here? */
export const lipHere = (
  { role, shape }: Walls[number],
  { height, out }: Pick<Bit['place'], 'height' | 'out'>,
): boolean =>
  role !== 'stopper' &&
  isOpen(shape) &&
  Math.hypot(lipOf(shape).height - height, lipOf(shape).out - out) < AT_LIP;

const isOpen = ({ opening }: Walls[number]['shape']): boolean =>
  opening === 'open' || opening === 'narrow';
const lipOf = (
  shape: Walls[number]['shape'],
): { readonly height: number; readonly out: number } => ({
  height: shape.lowest + shape.height,
  out: shape.lipRadius,
});

/** A spout is pulled from the open lip nearest to where it was drawn: it goes with that lip, and has its wall. */
function atLip<B extends Bit>(
  bit: B,
  shape: Extract<BitShape, { kind: 'pulled' }>,
  parts: Walls,
): B {
  const { place } = bit;
  const [lip] = parts
    .filter((p) => p.role !== 'stopper' && isOpen(p.shape))
    .map((part) => ({ part, ...lipOf(part.shape) }))
    .sort(
      (a, b) =>
        Math.hypot(a.height - place.height, a.out - place.out) -
        Math.hypot(b.height - place.height, b.out - place.out),
    );
  if (!lip) return bit;
  let near = lip.out;
  const course = Array.from({ length: PLACES / 2 + 1 }, (_, i) => {
    const up = (-shape.drop * i) / (PLACES / 2);
    near = wallAt(lip.part, lip.height + up, near) ?? near;
    return { up, out: near };
  }).reverse();
  const { outer } = lip.part.shape;
  return {
    ...bit,
    shape: { ...shape, course, wall: outer.wall[outer.wall.length - 1] },
    place: { ...place, height: lip.height, out: lip.out, tilt: 0 },
  };
}

function courseOf(
  shape: Extract<BitShape, { kind: 'wrap' }>,
  place: Bit['place'],
  parts: Walls,
): readonly { readonly up: number; readonly out: number }[] | undefined {
  const beside = parts
    .filter((p) => p.role !== 'stopper')
    .map((part) => ({ part, r: wallAt(part, place.height, place.out) }))
    .filter((w): w is { part: Walls[number]; r: number } => w.r !== undefined)
    .sort((a, b) => Math.abs(a.r - place.out) - Math.abs(b.r - place.out))[0];
  if (!beside) return undefined;
  const off = place.out - beside.r;
  const rise = Math.abs(shape.turns * shape.pitch);
  /** From the anchor outwards: what lies beyond the wall's ends keeps the last radius. */
  const walk = (way: 1 | -1): { up: number; out: number }[] => {
    let last = beside.r;
    return Array.from({ length: PLACES / 2 }, (_, i) => {
      const up = (way * rise * (i + 1)) / PLACES;
      last = wallAt(beside.part, place.height + up, last) ?? last;
      return { up, out: Math.max(shape.diameter / 2, last + off) };
    });
  };
  return [...walk(-1).reverse(), { up: 0, out: place.out }, ...walk(1)];
}

/** The bits of a piece as they lie, in its derivation; as they are drawn where it cannot be made. */
export const lyingBits = <B extends Bit>(
  derived: { readonly ok: boolean; readonly parts?: Walls | undefined },
  bits: readonly B[],
): readonly B[] =>
  derived.ok && derived.parts ? bits.map((b) => followed(b, derived.parts ?? [])) : bits;
