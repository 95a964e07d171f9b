// The nights this page knows: each schedule checked by simulation once, kept by what it is made of, and shown the same everywhere.
import { firstGuess, type Checked, type Schedule, type ScheduleInput } from '@zanfirico/core';
import { answersKept, type Known } from '../derived/answersKept';
import { night } from '../workers/workers';

/** A night as it stands: checked, or the first guess while it is being checked or where that failed. */
export type Night =
  | { readonly state: 'checked'; readonly schedule: Schedule; readonly checked: Checked }
  | { readonly state: 'guess'; readonly schedule: Schedule }
  | { readonly state: 'failed'; readonly schedule: Schedule; readonly says: string };

/** Nights kept. */
const MOST_KEPT = 400;

const kept = answersKept<ScheduleInput, Checked>(
  (input) => night((w) => w.check(input)),
  (input) => JSON.stringify(input),
  MOST_KEPT,
);

/** What a night is made of, as text: glass, walls, practice, hold, box, clock. Alike inputs have alike nights. */
export const contentOf = kept.contentOf;
/** The checked night of an input: known already, being worked out, or asked for now. Rejects with a sentence. */
export const checkedNight = kept.ask;
/** What is known of a night now, as a hook. */
export const useKnownNight = kept.useKnown;

/** A night from what is known of it. */
export function asNight(input: ScheduleInput, known: Known<Checked> | undefined): Night {
  if (known && 'answer' in known)
    return { state: 'checked', schedule: known.answer.schedule, checked: known.answer };
  const schedule = firstGuess(input);
  return known ? { state: 'failed', schedule, says: known.says } : { state: 'guess', schedule };
}
