// What a piece holds, and through which opening: a vessel's own mouth, a hollow neck joined onto a shut body, a tube stuck onto it.
import { isTube } from '../form/bit';
import { contact } from '../form/contact';
import { contentsTo, hollowOf, hollowRange, type Shape } from '../form/measure';
import { widestAt } from '../form/widestAt';
import type { Turned } from '../form/revolve';
import type { BitInput, ReadBit } from './bits';
import { TOUCH } from './joins';
import type { Part } from './part';

/** Something that holds. Heights m, as drawn. */
export interface Capacity {
  /** The part most of it is in. */
  readonly part: Part;
  /** To the brim, m³. */
  readonly capacity: number;
  /** Between these a fill line can lie. */
  readonly from: number;
  readonly to: number;
  /** Filled to a height: volume m³, first moment about height 0, m⁴. */
  readonly filledTo: (height: number) => Turned;
  /** Inside radius at a height, m: how wide the surface is. */
  readonly wideAt: (height: number) => number;
}

type Bits = readonly (ReadBit & { readonly input: BitInput })[];

/** What holds most in a piece; undefined where nothing does. Stoppers shut nothing here: what is under them is asked without them. */
export function holdsMost(joined: readonly Part[], bits: Bits): Capacity | undefined {
  let most: Capacity | undefined;
  for (const part of joined) {
    const holds = holdsOf(part, joined, bits);
    if (holds && holds.capacity > (most?.capacity ?? 0)) most = holds;
  }
  return most;
}

function holdsOf(part: Part, joined: readonly Part[], bits: Bits): Capacity | undefined {
  const { opening } = part.shape;
  if (opening === 'solid' || opening === 'through') return undefined;
  const [from, top] = hollowRange(part.shape);
  const necks = opening === 'closed' ? necksOf(part, joined) : [];
  const spout = opening === 'closed' && necks.length === 0 ? spoutOf(part, bits) : undefined;
  if (opening === 'closed' && necks.length === 0 && spout === undefined) return undefined;
  const brim = necks.reduce((high, n) => Math.max(high, hollowRange(n.shape)[1]), top);
  const shapes = [part.shape, ...necks.map((n) => n.shape)];
  // What stands above a spout's mouth is air that cannot get out.
  const to = spout === undefined ? brim : Math.min(top, spout);
  const filledTo = (height: number): Turned =>
    shapes.reduce(
      (sum, shape) => {
        const one = contentsTo(shape, height);
        return { volume: sum.volume + one.volume, moment: sum.moment + one.moment };
      },
      { volume: 0, moment: 0 },
    );
  return {
    part,
    capacity: filledTo(to).volume,
    from,
    to,
    filledTo,
    wideAt: (height) => Math.max(...shapes.map((s) => insideAt(s, height))),
  };
}

/** Hollow parts open at both ends that stand on a part, and on one another. */
function necksOf(part: Part, joined: readonly Part[]): readonly Part[] {
  const found: Part[] = [];
  let last = part;
  for (;;) {
    const next = joined.find(
      (p) =>
        p !== part &&
        !found.includes(p) &&
        p.shape.opening === 'through' &&
        p.shape.lowest > last.shape.lowest &&
        contact(last.outline, p.outline, TOUCH) !== undefined,
    );
    if (!next) return found;
    found.push(next);
    last = next;
  }
}

/** How high the mouth of the highest tube stuck onto a part is, m. */
function spoutOf({ shape }: Part, bits: Bits): number | undefined {
  let mouth: number | undefined;
  for (const { input } of bits) {
    const { shape: tube, place } = input;
    if (!isTube(tube)) continue;
    const [root, tip] = [tube.path[0], tube.path[tube.path.length - 1]];
    if (!root || !tip) continue;
    const at = place.height + root.up;
    const skin = insideAt(shape, at);
    // Its root is at this part's wall.
    if (skin === 0 || Math.abs(place.out + root.out - skin) > AT_WALL) continue;
    mouth = Math.max(mouth ?? -Infinity, place.height + tip.up);
  }
  return mouth;
}

/** A tube's root is drawn within so much of the inside it opens into, m. */
const AT_WALL = 0.012;

/** Inside radius of a part at a height, m; 0 where there is no hollow. */
const insideAt = (shape: Shape, height: number): number => widestAt(hollowOf(shape), height) ?? 0;
