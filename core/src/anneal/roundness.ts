// As what a solid cools: heat leaves a ball on all sides, a rod round about, a disc through its two faces.
import { FROZEN_UNDER } from './ramp';
import type { Shape } from '../shape/measure';

/** Bodies a solid can be taken for. */
export type SolidBody = 'slab' | 'cylinder' | 'ball';

/** A place in a solid: how thick it is there, m, and what it cools as. */
export interface SolidPlace {
  readonly thickest: number;
  readonly body: SolidBody;
}

/** Of the largest ball's diameter there: glass no wider than this is round; no longer than that at about its width, a ball. */
const ROUND = 1.15;
const SHORT = 0.75;
/** About its width. A ball keeps it for 0.6 of its diameter, a stub as long as it is wide for all of it. */
const AT_WIDTH = 0.8;
/** Thinner than this, of the thickest, no rod beside a ball can matter: √(32/60). */
const MATTERS = 0.73;
/** Every so many samples are looked at besides the thickest. */
const STRIDE = 8;

/** The body round one sample of the outline, on the safe side where it lies between two. */
function bodyAt({ outer: { r, z, wall } }: Shape, at: number): SolidBody {
  const d = wall[at] as number;
  const height = z[at] as number;
  let widest = 0;
  for (let i = 0; i < r.length; i += 1)
    if (Math.abs((z[i] as number) - height) <= d / 2) widest = Math.max(widest, r[i] as number);
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

/** The place that asks most of the night: by what a steady fall would leave there. */
export function solidCoolsAs(shape: Shape): SolidPlace {
  const { wall } = shape.outer;
  const placeAt = (at: number): SolidPlace => ({
    thickest: wall[at] as number,
    body: bodyAt(shape, at),
  });
  const asks = (p: SolidPlace): number => p.thickest / Math.sqrt(FROZEN_UNDER[p.body]);
  let most = placeAt(shape.thickest.at);
  for (let i = 0; i < wall.length; i += STRIDE) {
    if ((wall[i] as number) < MATTERS * shape.thickest.wall) continue;
    const here = placeAt(i);
    if (asks(here) > asks(most)) most = here;
  }
  return most;
}
