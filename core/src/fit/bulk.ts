// A coloured wall as a whole: how it dims light that passes, and what it scatters back; for drawings in the round.
import { BLACK, stackOver, type Light } from './colourDepth';
import type { WallShare } from './lay';

/** Light from the outside of a wall so thick (m), before a ground: colours only, the part's own glass is taken as clear. */
export const lookThrough = (shares: readonly WallShare[], wall: number, ground: Light): Light =>
  stackOver(
    [...shares]
      .reverse()
      .flatMap((s) => (s.colour ? [{ seen: s.colour.seen, thickness: s.share * wall }] : [])),
    ground,
  );

/** Dimming per metre of wall, and the light scattered from a wall so thick. */
export interface LightBulk {
  /** Absorption of red, green and blue, 1/m of the whole wall: light left is exp(−σ t). */
  readonly absorb: Light;
  /** What comes back over black, linear. */
  readonly body: Light;
}

const CLEAREST = 1e-6;

/** A part's wall in bulk (Beer–Lambert, layers in their shares). `wall` is an ordinary place of it, m. */
export function bulkOf(shares: readonly WallShare[], wall: number): LightBulk {
  const absorb = [0, 1, 2].map((c) =>
    shares.reduce((sum, { colour, share }) => {
      if (!colour) return sum;
      const through = Math.min(1, Math.max(CLEAREST, colour.seen.through[c] as number));
      return sum - (share * Math.log(through)) / colour.seen.sample;
    }, 0),
  );
  const colours = shares.some((s) => s.colour);
  return {
    absorb: [absorb[0] as number, absorb[1] as number, absorb[2] as number],
    body: colours ? lookThrough(shares, wall, BLACK) : [0, 0, 0],
  };
}
