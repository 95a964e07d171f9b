// Asking the night worker: a schedule checked by simulation, recipes and accidents judged, climbs; and the long search by itself.
import type {
  Box,
  Begun,
  Margins,
  Checked,
  Judged,
  KilnCurve,
  Loaded,
  LoadPiece,
  Outcome,
  Recipe,
  ScheduleInput,
  Shorter,
  Warming,
  Week,
  WeekAnnealer,
  WeekPiece,
} from '@zanfirico/core';
import { asker } from './asking';
import { once, type Work } from './once';

export type NightQuestion =
  | {
      readonly kind: 'check';
      readonly input: ScheduleInput;
      /** With the picture through the wall. */
      readonly picture?: boolean;
    }
  | { readonly kind: 'recipe'; readonly input: ScheduleInput; readonly recipe: Recipe }
  | {
      readonly kind: 'judge';
      readonly input: ScheduleInput;
      readonly curve: KilnCurve;
      readonly from: number;
      readonly start: Begun;
      readonly load: readonly LoadPiece[];
    }
  | { readonly kind: 'margins'; readonly input: ScheduleInput }
  | { readonly kind: 'warm'; readonly input: ScheduleInput; readonly from: number }
  | {
      readonly kind: 'week';
      readonly pieces: readonly Omit<WeekPiece, 'nights'>[];
      readonly annealers: readonly (WeekAnnealer & { readonly box: Box })[];
      readonly input: Omit<ScheduleInput, 'glass' | 'wall' | 'holdTemperature' | 'box'>;
    }
  | {
      readonly kind: 'load';
      readonly pieces: readonly LoadPiece[];
      readonly input: Omit<ScheduleInput, 'glass' | 'wall'>;
    };

/** What a recipe does. */
export interface RecipeJudged {
  readonly outcome: Outcome;
  readonly curve: KilnCurve;
}

export type NightAnswer =
  | { readonly checked: Checked }
  | { readonly recipe: RecipeJudged }
  | { readonly judged: Judged }
  | { readonly warming: Warming }
  | { readonly margins: Margins }
  | { readonly load: Loaded }
  | { readonly week: Week }
  | { readonly failed: string };

/** One question to a worker of its own kind; failures come back as sentences. */
export const askNight = asker<NightQuestion, NightAnswer>(
  () => new Worker(new URL('./night.worker.ts', import.meta.url), { type: 'module' }),
  {
    failed: 'The night could not be calculated: its worker stopped. Change anything to try again.',
  },
);

/** Best so far is told on the way. */
export const startShortest = (
  input: ScheduleInput,
  onBest: (best: Shorter) => void,
): Work<Shorter> =>
  once(
    () => new Worker(new URL('./shortest.worker.ts', import.meta.url), { type: 'module' }),
    input,
    onBest,
  );
