// What would shorten a night: a changed piece put roughly through the night as it is, and how long a night made for it would be. Tension
// goes nearly by the rate, so that one night tells.
import { firstTuned, type CheckedNight } from '../checked';
import { MAY_PASS, allowedOf } from '../practice';
import { annealingSchedule } from '../schedule';
import type { ScheduleInput } from '../scheduleInput';
import { ARRIVES_UNEVEN } from '../soak';
import { MOST_MOVE_DRAWN, towards } from '../towards';
import { putAtHottest } from '../unevenBox';

/** A changed piece, by what it is called. */
export interface Tried {
  readonly id: string;
  readonly input: ScheduleInput;
}

/** What a change does. */
export interface Helped {
  readonly id: string;
  /** How much shorter its night is than that of the piece as it is, about, s; less than nothing where it is longer. */
  readonly saves: number;
  /** What it would keep of the night as it is planned, Pa. */
  readonly kept: number;
}

/**
 * Tries changes, what saves most first. `onProgress` is told how far it is. A change that cannot be put through is left out.
 */
export function whatHelps(
  input: ScheduleInput,
  checked: CheckedNight,
  changes: readonly Tried[],
  onProgress?: (share: number) => void,
): Helped[] {
  const put = (piece: ScheduleInput): { readonly kept: number; readonly about: number } => {
    const { kept, worst } = putAtHottest(piece, checked.curve, piece.box, {
      closely: 'rough',
      startUneven: ARRIVES_UNEVEN,
      soakEnds: checked.schedule.soak.value,
    });
    const by = (used: number): number => towards(used, MOST_MOVE_DRAWN);
    // Its own closed forms begin elsewhere: what is moved is the rate it was put through, not theirs.
    const was = annealingSchedule({ ...piece, tuned: firstTuned });
    const tuned = {
      slow:
        (firstTuned.slow * checked.schedule.slowRate.value * by(kept / allowedOf(piece))) /
        was.slowRate.value,
      quick:
        (firstTuned.quick * checked.schedule.quickRate.value * by(worst.stress / MAY_PASS)) /
        was.quickRate.value,
      soak: checked.tuned.soak,
    };
    return { kept, about: annealingSchedule({ ...piece, tuned }).total.value };
  };
  // Measured against the same rough look at the piece as it is.
  const now = put(input);
  return changes
    .flatMap(({ id, input: changed }, k): Helped[] => {
      onProgress?.(k / changes.length);
      try {
        const { kept, about } = put(changed);
        return [{ id, saves: now.about - about, kept: (kept * checked.outcome.kept) / now.kept }];
      } catch (error) {
        if (error instanceof RangeError) return [];
        throw error;
      }
    })
    .sort((a, b) => b.saves - a.saves);
}
