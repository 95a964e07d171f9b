// A picture under the drawing, placed by what one knows of it: how far two places are apart, which way is up.
import { micron } from './micron';
import type { PointSpot } from './parts';

/** How a picture lies: its lower left corner, how wide it is, and how it is turned about that corner. m, rad, anticlockwise. */
export interface Lying {
  readonly left: number;
  readonly bottom: number;
  readonly width: number;
  readonly turn: number;
}

/** Larger or smaller, so that two places on it are as far apart as they are known to be, m; the first stays where it is. */
export function scaledTo<L extends Lying>(
  lying: L,
  from: PointSpot,
  to: PointSpot,
  apart: number,
): L {
  const now = Math.hypot(to.out - from.out, to.height - from.height);
  if (!(now > 0) || !(apart > 0)) return lying;
  const k = apart / now;
  return {
    ...lying,
    left: micron(from.out + k * (lying.left - from.out)),
    bottom: micron(from.height + k * (lying.bottom - from.height)),
    width: micron(lying.width * k),
  };
}

/** Turned about the first of two places until the second is straight above it, or straight below where that is nearer. */
export function uprighted<L extends Lying>(lying: L, from: PointSpot, to: PointSpot): L {
  const lean = Math.atan2(to.out - from.out, to.height - from.height);
  // Clicked from above down it is the same line.
  const by = Math.abs(lean) <= Math.PI / 2 ? lean : lean - Math.sign(lean) * Math.PI;
  const [c, s] = [Math.cos(by), Math.sin(by)];
  const [x, z] = [lying.left - from.out, lying.bottom - from.height];
  return {
    ...lying,
    left: micron(from.out + c * x - s * z),
    bottom: micron(from.height + s * x + c * z),
    turn: micron(Math.atan2(Math.sin(lying.turn + by), Math.cos(lying.turn + by))),
  };
}
