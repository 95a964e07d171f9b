// Whose piece has been out of the fire too long: by its own skin where that is known, else by how long one is ordinarily out.
import type { AtHole } from '../making/atHole';
import { DANGER } from './fairHole';

/** Out for longer than this without its skin being known is told. Common practice, no source: time bottoms of 60 to 90 s. s */
export const LONG_OUT = 90;

/** How long out a piece is, in a grade and the number that says so. */
export interface OutToo {
  readonly verdict: 'good' | 'watch' | 'no';
  readonly says: 'in the fire' | 'no glass yet' | 'brittle' | 'brittle soon' | 'long out' | 'out';
}

/** Told of one bench. */
export function outTooLong({ fire, brittleIn }: Pick<AtHole, 'fire' | 'brittleIn'>): OutToo {
  if (!fire) return { verdict: 'good', says: 'no glass yet' };
  if (fire.what === 'in') return { verdict: 'good', says: 'in the fire' };
  if (brittleIn === 0) return { verdict: 'no', says: 'brittle' };
  if (brittleIn !== undefined && brittleIn <= DANGER)
    return { verdict: 'watch', says: 'brittle soon' };
  return fire.since > LONG_OUT
    ? { verdict: 'watch', says: 'long out' }
    : { verdict: 'good', says: 'out' };
}
