// A piece's bits as its order asks for them: the part and end each comes onto, what it is in the making, what hangs on another.
import type { BitPlace } from '@zanfirico/contract/piece';
import { bitVolume, type BitShape } from '../form/bit';
import type { HeatBit } from '../iron/heatBits';
import type { DraftBit } from '../order/draftInput';
import type { BitInput } from './bits';
import type { PlannedPart } from './derive';

/** A bit as drawn. */
export type DrawnBit = Pick<BitInput, 'name' | 'shape' | 'place'>;
/** A bit as read: what all its copies weigh, kg, and how thick its glass is, m. */
export interface WeighedBit {
  readonly name: string;
  readonly mass: number;
  readonly measure: { readonly thickness: number };
  readonly input: { readonly place: BitPlace; readonly shape: BitShape };
}

/** How far a bit's glass goes from its anchor at most towards the wall, m. */
function halfOf(shape: BitShape): number {
  switch (shape.kind) {
    case 'rod':
      return Math.max(shape.length, shape.diameter) / 2;
    case 'ball':
    case 'dot':
    case 'bent':
    case 'wrap':
      return shape.diameter / 2;
    case 'ellipsoid':
    case 'box':
      return Math.max(shape.x, shape.y, shape.z) / 2;
    default:
      // A mesh's or a lip's own anchor is where it sits.
      return Infinity;
  }
}

/** A bit whose anchor is further from every skin than its own half width and this hangs on another, m. */
const OFF_SKIN = 0.003;

/** Which other bit each one hangs on, by its place in the list: the nearest of those that are on the glass themselves. */
export function hangingOn(
  bits: readonly WeighedBit[],
  parts: readonly PlannedPart[],
): (number | undefined)[] {
  const off = bits.map((b) => seatOf(b.input.place, parts).far - halfOf(b.input.shape) > OFF_SKIN);
  const anchors = bits.map(({ input: { place } }) =>
    Array.from({ length: place.copies }, (_, k) => {
      const a = place.around + (2 * Math.PI * k) / place.copies;
      return [place.out * Math.cos(a), place.out * Math.sin(a), place.height] as const;
    }),
  );
  return bits.map((_, i) => {
    const from = anchors[i]?.[0];
    if (!off[i] || !from) return undefined;
    let best: { at: number; far: number } | undefined;
    for (const [k, all] of anchors.entries())
      for (const at of off[k] ? [] : all) {
        const far = Math.hypot(at[0] - from[0], at[1] - from[1], at[2] - from[2]);
        if (!best || far < best.far) best = { at: k, far };
      }
    return best?.at;
  });
}

/** The part a bit comes onto, and which of its zones: the nearest skin to its anchor. */
export function seatOf(
  place: Pick<BitPlace, 'height' | 'out'>,
  parts: readonly PlannedPart[],
): { readonly part: number; readonly along: number; readonly far: number } {
  let best = { part: 0, along: 0.5, far: Infinity };
  parts.forEach((p, i) => {
    if (p.role === 'stopper') return;
    const { r, z, s } = p.shape.outer;
    const length = s[s.length - 1] ?? 1;
    for (let k = 0; k < r.length; k += 1) {
      const far = Math.hypot((r[k] as number) - place.out, (z[k] as number) - place.height);
      if (far < best.far) best = { part: i, along: (s[k] as number) / length, far };
    }
  });
  return best;
}

/** A wrap within so much of its part's top is a lip wrap, m. */
const AT_LIP = 0.012;

/** What comes of a bit's shape: at the lip a wrap and a tube are others than further down. */
function kindOf(shape: BitShape, lip: boolean): DraftBit['kind'] {
  switch (shape.kind) {
    case 'pulled':
      return 'spout';
    case 'wrap':
      return lip ? 'lipWrap' : 'wrap';
    case 'dot':
      return 'prunts';
    case 'bent':
      return shape.wall === undefined ? 'handle' : lip ? 'spout' : 'tube';
    default:
      return 'other';
  }
}

/** What a bit is in the making, by its shape and its place. */
export function draftBit(
  b: DrawnBit,
  parts: readonly PlannedPart[],
  weighed: WeighedBit | undefined,
  { carries, carried }: Pick<DraftBit, 'carries' | 'carried'>,
): DraftBit {
  const place = weighed?.input.place ?? b.place;
  const seat = seatOf(place, parts);
  const part = parts[seat.part];
  const top = part ? part.shape.lowest + part.shape.height : Infinity;
  const lip = part?.shape.opening === 'open' && place.height > top - AT_LIP;
  const kind = kindOf(b.shape, lip);
  return {
    name: b.name,
    kind,
    copies: b.place.copies,
    part: seat.part,
    zone: seat.along < 0.2 ? 'base' : seat.along > 0.85 ? 'top' : 'middle',
    mass: weighed && weighed.mass / b.place.copies,
    ...(carries && carries.length > 0 && { carries }),
    ...(carried === true && { carried }),
  };
}

/** Where one copy of a bit touches its wall, m²: a dot with its base, a thread along its length, a handle with both ends. */
function contactOf(shape: BitShape, place: BitPlace, thickness: number): number {
  const disc = (d: number): number => (Math.PI / 4) * d * d;
  if (shape.kind === 'dot') return disc(shape.diameter);
  if (shape.kind === 'wrap')
    return 0.6 * shape.diameter * (bitVolume(shape, place.out) / disc(shape.diameter));
  return disc(thickness) * (shape.kind === 'bent' ? 2 : 1);
}

/** A bit as heat sees it: one copy, on a zone of its part. */
export const heatBit = (b: WeighedBit, at: number): HeatBit => {
  const { place, shape } = b.input;
  const { copies } = place;
  const { thickness } = b.measure;
  const contact = contactOf(shape, place, thickness);
  return { name: b.name, mass: b.mass / copies, thickness, copies, contact, at };
};
