// A gather that was half, or too much: weighed on the iron against what the plan has there, or told with one tap.
import { AT_THE_GATHER } from '../making/atHole';
import { holding } from '../making/holding';

/** Less than this share of what was planned is a half, more than that too much. Common practice, no source (TRADE §2, §19). */
export const HALF = 0.75;
/** More than so much of what was planned is too much: a share. */
export const TOO_MUCH = 1.25;

/** What is told of gathers, among all that happened. */
export type GatherTold = { readonly id: string; readonly at: number } & (
  | {
      readonly kind: 'reading';
      readonly of: string;
      readonly value: number;
      readonly where?: string;
    }
  | { readonly kind: 'mishap'; readonly what: string }
  | { readonly kind: string }
);

/** One gather that was told of. */
export interface GatherTaken {
  readonly at: number;
  /** Share of what was planned; undefined where it was told, not weighed. */
  readonly share: number | undefined;
  readonly verdict: 'half' | 'right' | 'too much';
}

const verdictOf = (share: number): GatherTaken['verdict'] =>
  share < HALF ? 'half' : share > TOO_MUCH ? 'too much' : 'right';

/**
 * Gathers as they were told of, in order. `planned` is what the iron should have, kg; a weight is one of a gather where it says so.
 *
 * @example
 * gathersTaken([{ id: 'a', at: 1, kind: 'reading', of: 'mass', value: 0.2, where: 'gather' }], 0.4)[0].verdict // 'half'
 */
export function gathersTaken(
  events: readonly GatherTold[],
  planned: number | undefined,
): GatherTaken[] {
  return holding(events).flatMap((e): GatherTaken[] => {
    if (e.kind === 'mishap' && 'what' in e && e.what === 'half a gather')
      return [{ at: e.at, share: undefined, verdict: 'half' }];
    if (e.kind === 'mishap' && 'what' in e && e.what === 'gathered too much')
      return [{ at: e.at, share: undefined, verdict: 'too much' }];
    if (
      e.kind !== 'reading' ||
      !('of' in e) ||
      e.of !== 'mass' ||
      e.where !== AT_THE_GATHER ||
      planned === undefined ||
      planned <= 0
    )
      return [];
    const share = e.value / planned;
    return [{ at: e.at, share, verdict: verdictOf(share) }];
  });
}
