// A student over weeks: each piece in one number, and whether they come nearer.
import { median } from '../stats/robust';
import type { HeldAgainst } from './exercise';

/** How near one piece came: measures within tolerance of those measured, and how far the worst was off, in tolerances. */
export interface HowNear {
  readonly within: number;
  readonly measured: number;
  /** 1 is the very limit; undefined where nothing was measured. */
  readonly worst: number | undefined;
}

/** Told of one piece. */
export function howNear(held: readonly HeldAgainst[]): HowNear {
  const told = held.filter((h) => h.made !== undefined);
  const off = told.map((h) => {
    const room = (h.off ?? 0) < 0 ? h.drawn - h.least : h.most - h.drawn;
    return Math.abs(h.off ?? 0) / Math.max(room, 1e-12);
  });
  return {
    within: told.filter((h) => h.verdict === 'good').length,
    measured: told.length,
    worst: off.length > 0 ? Math.max(...off) : undefined,
  };
}

/** Pieces it takes to tell. */
export const ENOUGH_TO_TELL = 4;
/** The later half's worst is so much better or worse than the earlier's, and it is told. */
const TOLD = 0.2;

/**
 * Whether they come nearer: the medians of the earlier and the later half of their pieces, the oldest first.
 *
 * @example
 * comesNearer([0.4, 0.3, 0.2, 0.1]) // 'nearer'
 */
export function comesNearer(
  worst: readonly number[],
): 'nearer' | 'further' | 'the same' | 'too few' {
  if (worst.length < ENOUGH_TO_TELL) return 'too few';
  const half = Math.floor(worst.length / 2);
  const [early, late] = [median(worst.slice(0, half)), median(worst.slice(-half))];
  if (late < early * (1 - TOLD)) return 'nearer';
  return late > early * (1 + TOLD) ? 'further' : 'the same';
}
