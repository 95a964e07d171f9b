// As what a solid cools: heat leaves a ball on all sides, a rod round about, a disc through its two faces.
import type { Body } from '../conduction/lattice';
import { FROZEN_UNDER } from './ramp';
import type { Shape } from '../form/measure';

/** Bodies a solid can be taken for. */
export type SolidBody = 'slab' | 'cylinder' | 'ball';

/** A place: how thick it is there, m, and what it cools as. */
export interface RoundPlace<B extends Body = Body> {
  readonly thickest: number;
  readonly body: B;
}

/** Of the largest ball's diameter there: glass no wider than this is round; no longer than that at about its width, a ball. */
const ROUND = 1.15;
const SHORT = 0.75;
/** About its width. A ball keeps it for 0.6 of its diameter, a stub as long as it is wide for all of it. */
const AT_WIDTH = 0.8;
/** Thinner than this, of the thickest, nothing beside a ball can matter, not a wall that cools from one side: √(6/60). */
const MATTERS = 0.31;
/** What is thinner than this, of the thickest, is a fin on it. */
const FIN = 0.5;
/** Every so many samples are looked at besides the thickest. */
const STRIDE = 8;

/** The body round one sample of the outline, on the safe side where it lies between two. */
function bodyAt({ outer: { r, z }, thick }: Shape, at: number): SolidBody {
  const d = thick[at] as number;
  const height = z[at] as number;
  let widest = 0;
  for (let i = 0; i < r.length; i += 1)
    // A fin round it cools by itself: what is behind it stays the body it is.
    if (Math.abs((z[i] as number) - height) <= d / 4 && (thick[i] as number) >= FIN * d)
      widest = Math.max(widest, r[i] as number);
  if (2 * widest > ROUND * d) return 'slab';
  // The stretch round about that is as wide, both ways from there.
  let [low, high] = [height, height];
  for (const way of [-1, 1])
    for (let i = at; i >= 0 && i < r.length && 2 * (r[i] as number) >= AT_WIDTH * d; i += way) {
      low = Math.min(low, z[i] as number);
      high = Math.max(high, z[i] as number);
    }
  return high - low <= SHORT * d ? 'ball' : 'cylinder';
}

/** Of the thickest place. */
const NEARLY = 0.9;
/** Glass as thick as so much of its radius goes right across: there is no hollow in it. */
const ACROSS = 1.8;

/**
 * The place that asks most of the night: by what a steady fall would leave there. Where glass goes right across it cools as the solid
 * it is, elsewhere as the wall of its part (`wall`); solid work is solid everywhere.
 */
export function coolsAs<B extends Body>(shape: Shape, wall: B): RoundPlace<B | SolidBody> {
  const { thick, outer } = shape;
  const placeAt = (at: number): RoundPlace<B | SolidBody> => {
    const thickest = thick[at] as number;
    const across = shape.opening === 'solid' || thickest >= ACROSS * (outer.r[at] as number);
    const body = across ? bodyAt(shape, at) : wall;
    return { thickest, body: body === 'slab' ? wall : body };
  };
  const asks = (p: RoundPlace<B | SolidBody>): number =>
    p.thickest / Math.sqrt(FROZEN_UNDER[p.body]);
  let most = placeAt(shape.thickest.at);
  for (let i = 0; i < thick.length; i += STRIDE) {
    if ((thick[i] as number) < MATTERS * shape.thickest.wall) continue;
    const here = placeAt(i);
    if (asks(here) > asks(most)) most = here;
  }
  // Nearly as thick as the thickest place it counts as that: the safe side, and one figure on every sheet.
  const { wall: top } = shape.thickest;
  return most.thickest > NEARLY * top ? { ...most, thickest: top } : most;
}
