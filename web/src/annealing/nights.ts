// The nights this page knows: each schedule checked by simulation once, kept by what it is made of, and shown the same everywhere.
import { firstGuess, type Checked, type Schedule, type ScheduleInput } from '@zanfirico/core';
import { create } from 'zustand';
import { sentenceOf } from '../api/client';
import { night } from '../workers/workers';

/** A night as it stands: checked, or the first guess while it is being checked or where that failed. */
export type Night =
  | { readonly state: 'checked'; readonly schedule: Schedule; readonly checked: Checked }
  | { readonly state: 'guess'; readonly schedule: Schedule }
  | { readonly state: 'failed'; readonly schedule: Schedule; readonly says: string };

type Known = { readonly checked: Checked } | { readonly says: string };

/** Nights kept; the one not looked at for longest goes first. */
const MOST_KEPT = 400;

const useKnown = create<{ readonly byContent: ReadonlyMap<string, Known> }>()(() => ({
  byContent: new Map(),
}));
const asked = new Map<string, Promise<Checked>>();
const keys = new WeakMap<ScheduleInput, string>();

/** What a night is made of, as text: glass, walls, practice, hold, box, clock. Alike inputs have alike nights. */
export function contentOf(input: ScheduleInput): string {
  const known = keys.get(input);
  if (known !== undefined) return known;
  const key = JSON.stringify(input);
  keys.set(input, key);
  return key;
}

function keep(key: string, known: Known): void {
  const next = new Map(useKnown.getState().byContent);
  next.delete(key);
  next.set(key, known);
  for (const oldest of next.keys()) {
    if (next.size <= MOST_KEPT) break;
    next.delete(oldest);
  }
  useKnown.setState({ byContent: next });
}

/** The checked night of an input: known already, being worked out, or asked for now. Rejects with a sentence. */
export function checkedNight(input: ScheduleInput): Promise<Checked> {
  const key = contentOf(input);
  const known = useKnown.getState().byContent.get(key);
  if (known && 'checked' in known) return Promise.resolve(known.checked);
  const under = asked.get(key);
  if (under) return under;
  const work = night((w) => w.check(input));
  asked.set(key, work);
  work
    .then(
      (checked) => {
        keep(key, { checked });
      },
      (error: unknown) => {
        keep(key, { says: sentenceOf(error) });
      },
    )
    .finally(() => {
      asked.delete(key);
    });
  return work;
}

/** What is known of a night now, as a hook. */
export const useKnownNight = (input: ScheduleInput | undefined): Known | undefined =>
  useKnown((s) => input && s.byContent.get(contentOf(input)));

/** A night from what is known of it. */
export function asNight(input: ScheduleInput, known: Known | undefined): Night {
  if (known && 'checked' in known)
    return { state: 'checked', schedule: known.checked.schedule, checked: known.checked };
  const schedule = firstGuess(input);
  return known ? { state: 'failed', schedule, says: known.says } : { state: 'guess', schedule };
}
