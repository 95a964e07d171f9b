// How glass glows on the board.
import { hexOf } from '@zanfirico/core/fit';
import { glow } from '@zanfirico/core/iron';

/** Cold glass: a little of its own tint. */
const COLD = [0.16, 0.26, 0.25] as const;

const shines = new Map<number, string>();
/** How glass at T looks here, to the nearest 2 K: the sum over the spectrum is made once. */
export const shine = (t: number): string => {
  const known = Math.round(t / 2);
  const kept = shines.get(known);
  if (kept !== undefined) return kept;
  const fresh = shineAt(2 * known);
  shines.set(known, fresh);
  return fresh;
};
const shineAt = (t: number): string => {
  const [r, g, b] = glow(t);
  const most = Math.max(r, g, b);
  const rest = 1 - 0.8 * Math.min(1, most * 3);
  return hexOf([
    Math.min(1, r + COLD[0] * rest),
    Math.min(1, g + COLD[1] * rest),
    Math.min(1, b + COLD[2] * rest),
  ]);
};
