// The nights this page knows: each schedule checked by simulation once, kept by what it is made of, and shown the same everywhere.
import {
  firstGuess,
  type CheckedNight,
  type Schedule,
  type ScheduleInput,
  type Tuned,
} from '@zanfirico/core/night';
import type { NightMargins } from '@zanfirico/core/night/asked';
import { proxy } from 'comlink';
import { create } from 'zustand';
import { answersKept, type Known } from '../derived/answersKept';
import { keepSeconds } from './knownHours';
import { boardNight, night } from '../workers/workers';
import type { nightWork } from '../workers/nightWork';
import { Overtaken, type Ask } from '../workers/remote';

/** A night as it stands: checked, or the first guess while it is being checked or where that failed. */
export type NightAnswer =
  | { readonly state: 'checked'; readonly schedule: Schedule; readonly checked: CheckedNight }
  | {
      readonly state: 'guess';
      readonly schedule: Schedule;
      /** It holds, put through the drawn section: a shorter one is being looked for. */
      readonly sound: boolean;
      /** How far the search is, 0 to 1; undefined while none is under way. */
      readonly share: number | undefined;
    }
  | { readonly state: 'failed'; readonly schedule: Schedule; readonly says: string };

/** Nights kept. */
const MOST_KEPT = 400;

/** Searches under way, by what they are made of: how far, and the last schedule that holds. */
interface Going {
  readonly share: number;
  readonly sound?: Schedule | undefined;
}
const useGoing = create<{ readonly by: ReadonlyMap<string, Going> }>()(() => ({ by: new Map() }));
const going = (key: string, change: Partial<Going> | undefined): void => {
  const by = new Map(useGoing.getState().by);
  if (change) by.set(key, { share: 0, ...by.get(key), ...change });
  else by.delete(key);
  useGoing.setState({ by });
};

const askedOf =
  (of: Ask<typeof nightWork>) =>
  (input: ScheduleInput): Promise<CheckedNight> => {
    // Without a drawn section it is there before anybody could be told how far it is.
    if (!input.drawn) return of((w) => w.check(input));
    const key = contentOf(input);
    const onShare = proxy((share: number) => {
      going(key, { share });
    });
    const onSound = proxy((sound: Schedule) => {
      going(key, { sound });
    });
    return of((w) => w.check(input, onShare, onSound)).finally(() => {
      going(key, undefined);
    });
  };

const kept = answersKept<ScheduleInput, CheckedNight>(
  (input) => remembered(input, askedOf(night)(input)),
  (input) => JSON.stringify(input),
  MOST_KEPT,
);

/** A checked night's hours are kept, so that the shelf says them at once another day. */
const remembered = async (
  input: ScheduleInput,
  asked: Promise<CheckedNight>,
): Promise<CheckedNight> => {
  const checked = await asked;
  keepSeconds(contentOf(input), checked.schedule.total.value);
  return checked;
};

/** What a night is made of, as text: glass, walls, section, practice, hold, box, clock. Alike inputs have alike nights. */
export const contentOf = kept.contentOf;
/** The checked night of an input: known already, being worked out, or asked for now. Rejects with a sentence. */
export const checkedNight = (input: ScheduleInput): Promise<CheckedNight> =>
  kept.ask(input).catch((error: unknown) => {
    // It was the board's, and something newer was asked there: it is wanted here all the same.
    if (error instanceof Overtaken) return kept.ask(input);
    throw error;
  });
/** The same for the piece on the board: what was asked of it before and is not there yet is dropped. */
export const checkedOnBoard = (input: ScheduleInput): Promise<CheckedNight> =>
  kept.ask(input, (asked) => remembered(asked, askedOf(boardNight)(asked)));
/** What is known of a night now, as a hook. */
export const useKnownNight = kept.useKnown;
/** How far the search for a night is, as a hook. */
export const useNightGoing = (input: ScheduleInput | undefined): Going | undefined =>
  useGoing((s) => input && s.by.get(contentOf(input)));

/** A night from what is known of it; while it is looked for, from where this piece's last one ended. */
export function asNight(
  input: ScheduleInput,
  known: Known<CheckedNight> | undefined,
  under?: Going,
  tuned?: Tuned,
): NightAnswer {
  if (known && 'answer' in known)
    return { state: 'checked', schedule: known.answer.schedule, checked: known.answer };
  if (!known && under?.sound)
    return { state: 'guess', schedule: under.sound, sound: true, share: under.share };
  const schedule = firstGuess(input, tuned);
  return known
    ? { state: 'failed', schedule, says: known.says }
    : { state: 'guess', schedule, sound: false, share: under?.share };
}

/** A checked night, asked how far it may be off. */
export interface NightChecked {
  readonly input: ScheduleInput;
  readonly checked: CheckedNight;
}
const margins = answersKept<NightChecked, NightMargins>(
  ({ input, checked }) => night((w) => w.margins(input, checked)),
  ({ input }) => contentOf(input),
  MOST_KEPT,
);
/** What a checked night's margins are: known already, being worked out, or asked for now. */
export const nightMarginsOf = (of: NightChecked): Promise<NightMargins> => margins.ask(of);
/** Margins that were worked out already. */
export const useKnownMargins = margins.useKnown;
