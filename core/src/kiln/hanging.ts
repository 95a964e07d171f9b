// A sheet on its way into a mould, as it is told: at some moment, and from flat to lying.
import type { Mould } from '@zanfirico/contract/kiln';
import { isChannel } from './mould';

/** The sheet at some moment: how far it hangs at each distance, where it lies on the mould, how thick it is. m. */
export interface Hanging {
  /** ∫dt/η until here, 1/Pa. */
  readonly flowed: number;
  readonly hangs: readonly number[];
  readonly touches: readonly boolean[];
  readonly thick: readonly number[];
}

/** One limit: from flat to lying in the mould. */
export interface Sagging {
  /** Distances from the middle, even, m. */
  readonly out: readonly number[];
  readonly states: readonly Hanging[];
  /** Until its deepest place touches; until it lies all along, but for a hair (95 % of the way); Infinity where it never does. */
  readonly bottom: number;
  readonly lies: number;
}

/** A gap of less than so much of the depth is none: it touches there. */
export const HAIR = 0.005;
/** It lies where it has come down by so much of the way, by the mean of its glass. */
export const LYING = 0.95;
/** Flow after which nobody waits, 1/Pa: a day and a half where glass is as soft as at a full fuse. */
export const NEVER = 3;

/** How much of it has come down, m: the mean of where it hangs, by glass. */
export const down = ({ hangs }: Pick<Hanging, 'hangs'>, shares: readonly number[]): number =>
  hangs.reduce((s, w, k) => s + w * shares[k], 0);

/** Rings of the mould's mouth, as shares of all the glass. */
export function glassAt(mould: Mould, out: readonly number[]): number[] {
  const mass = out.map((r, k) => {
    const from = k === 0 ? 0 : (r + out[k - 1]) / 2;
    const to = k === out.length - 1 ? r : (r + out[k + 1]) / 2;
    return isChannel(mould) ? to - from : to * to - from * from;
  });
  const all = mass.reduce((s, m) => s + m, 0);
  return mass.map((m) => m / all);
}
