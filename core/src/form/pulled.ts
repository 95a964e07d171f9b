// A spout pulled from the lip: no glass comes on, the wall itself is drawn out over some width and some way down.
import { woundAt, type Bit, type BitShape } from './bit';
import { movedMesh, type Mesh } from './mesh';

/** A pulled spout's shape. */
export type PulledShape = Extract<BitShape, { kind: 'pulled' }>;
/** A bit that is pulled from its part's lip. */
export interface PulledBit extends Bit {
  readonly shape: PulledShape;
}

/** Is it pulled from the lip? Then it has no glass and no shell of its own. */
export const isPulled = <B extends Bit>(bit: B): bit is B & PulledBit =>
  bit.shape.kind === 'pulled';

/** A lip whose wall is not known, m. */
const ORDINARY_LIP = 0.003;

/** How thick the lip is that it is pulled from, m. */
export const lipWall = ({ wall }: Pick<PulledShape, 'wall'>): number => wall ?? ORDINARY_LIP;

/** How much of the pull a place so far below the lip takes: all at the lip, none where it begins; m. */
const pullAt = ({ drop }: Pick<PulledShape, 'drop'>, below: number): number => {
  const s = Math.min(1, Math.max(0, 1 - below / drop));
  return s * s;
};

/** Share of the pull at an angle from the spout's middle, where its half width spans `half`, rad. */
const across = (angle: number, half: number): number => {
  const off = Math.abs(((angle + Math.PI) % (2 * Math.PI)) - Math.PI);
  return off >= half ? 0 : Math.cos((Math.PI * off) / (2 * half)) ** 2;
};

/**
 * The part's mesh with the spout pulled out of its lip, m. Both skins go out together along the radius, so a turned wall keeps
 * its thickness that way and, but for what is wound further out, its glass.
 */
export function pulledMesh(mesh: Mesh, { shape, place }: PulledBit): Mesh {
  const { width, reach, rise } = shape;
  const half = Math.asin(Math.min(1, width / 2 / Math.max(place.out, width / 2)));
  return movedMesh(mesh, (x, y, z) => {
    const down = pullAt(shape, place.height - z);
    const r = Math.hypot(x, y);
    if (down === 0 || r === 0) return [x, y, z];
    const turn = Math.atan2(y, x);
    let share = 0;
    for (let k = 0; k < place.copies; k += 1) {
      const middle = place.around + (2 * Math.PI * k) / place.copies;
      const angle = (turn - middle) % (2 * Math.PI);
      share += across(angle < 0 ? angle + 2 * Math.PI : angle, half);
    }
    const pull = down * Math.min(1, share);
    const grow = (r + reach * pull) / r;
    return [x * grow, y * grow, z + rise * pull];
  });
}

/** Places the outline is told at. */
const PLACES = 16;

/** The spout's middle line seen from its side, from where the pull begins to its tip, about its anchor, m. */
export function pulledLine(
  shape: PulledShape,
  out: number,
): { readonly out: number; readonly up: number }[] {
  const { drop, reach, rise } = shape;
  return Array.from({ length: PLACES + 1 }, (_, i) => {
    const up = -drop * (1 - i / PLACES);
    const pull = pullAt(shape, -up);
    return { out: woundAt(shape, up, out) - out + reach * pull, up: up + rise * pull };
  });
}
