// What the night worker does: schedules checked by simulation, recipes and accidents judged, margins, climbs, loads, weeks.
import type { Recipe } from '@zanfirico/contract/shop';
import { warmTogether, type ToWarm, type WarmsTogether } from '@zanfirico/core/kiln';
import {
  ARRIVES_UNEVEN,
  checkedSchedule,
  putAtPlace,
  putInBox,
  type Box,
  type CheckedNight,
  type KilnCurve,
  type Outcome,
  type Schedule,
  type ScheduleInput,
} from '@zanfirico/core/night';
import {
  annealed,
  judgeCurve,
  loadNight,
  nightMargins,
  planWeek,
  recipeCurve,
  shortestNight,
  warming,
  whatHelps,
  type Begun,
  type Helped,
  type JudgedAccident,
  type Loaded,
  type LoadPiece,
  type NightMargins,
  type ShorterNight,
  type Tried,
  type Warming,
  type Week,
  type WeekAnnealer,
  type WeekPiece,
} from '@zanfirico/core/night/asked';
import { firingsAsked, hoursInBox, type FiresOf } from '@zanfirico/core/piece';
import type { DrawnSection, SectionOutcome } from '@zanfirico/core/night/section';

/** What a recipe does. */
export interface RecipeJudged {
  readonly outcome: Outcome;
  readonly curve: KilnCurve;
}

/** A week to be planned. */
export interface WeekAsked {
  readonly pieces: readonly (Omit<WeekPiece, 'nights' | 'fromCold'> & {
    /** What is fired in the kiln, from cold. */
    readonly fires?: FiresOf | undefined;
  })[];
  readonly annealers: readonly (WeekAnnealer & { readonly box: Box })[];
  readonly input: Omit<ScheduleInput, 'glass' | 'wall' | 'holdTemperature' | 'box'>;
}

/** Told how far a piece of work is, 0 to 1. */
export type OnShare = (share: number) => void;

/** Nights this worker knows, by what they are made of: loads and weeks ask for the same ones. */
const known = new Map<string, CheckedNight>();
const MOST_KNOWN = 80;
function checked(
  input: ScheduleInput,
  onShare?: OnShare,
  onSound?: (schedule: Schedule) => void,
): CheckedNight {
  const key = JSON.stringify(input);
  const found =
    known.get(key) ??
    checkedSchedule(input, {
      ...(onShare && { onProgress: telling(onShare) }),
      ...(onSound && { onSound }),
    });
  known.delete(key);
  known.set(key, found);
  for (const oldest of known.keys()) {
    if (known.size <= MOST_KNOWN) break;
    known.delete(oldest);
  }
  return found;
}

/** Steps between two tellings of progress. */
const TELL_EVERY = 6;
const telling = (onShare: OnShare) => {
  let steps = 0;
  return (share: number): boolean => {
    steps += 1;
    if (steps % TELL_EVERY === 0) onShare(share);
    return true;
  };
};

/** Alike pieces have alike nights in alike boxes: each is worked out once. */
function week({ pieces, annealers, input }: WeekAsked, onShare?: OnShare): Week {
  const all = pieces.length * annealers.length;
  const planned = pieces.map((p, i) => ({
    ...p,
    fromCold: p.fires !== undefined,
    nights: annealers.map(({ box }, k) => {
      onShare?.((i * annealers.length + k) / all);
      const night = { ...input, box, ...annealed(p), holdTemperature: p.glass.annealing };
      const earlier = p.fires && firingsAsked(p.fires, night).earlier;
      const before = earlier && checked(earlier).schedule;
      return hoursInBox(night, p.fires, checked(night).schedule, before);
    }),
  }));
  return planWeek(planned, annealers);
}

/** The worker's calls. Each throws a sentence for what cannot be computed. */
export const nightWork = {
  /** Bars, canes and blanks warmed in one box. */
  warmTogether: (things: readonly ToWarm[], box: Box, to: number): WarmsTogether =>
    warmTogether(things, box, to),
  /** How far it is, and the schedules that hold already, are told on the way. */
  check: (
    input: ScheduleInput,
    onShare?: OnShare,
    onSound?: (schedule: Schedule) => void,
  ): CheckedNight => checked(input, onShare, onSound),
  /** The same with the picture through the wall: it is much to carry. */
  pictured: (input: ScheduleInput): CheckedNight => checkedSchedule(input, { picture: true }),
  /** How one drawn body goes through a curve, moment by moment, at the place of the box where the piece keeps the most. */
  where: (
    input: ScheduleInput,
    drawn: DrawnSection,
    curve: KilnCurve,
    soakEnds: number,
    place: 'hottest' | 'coldest' | undefined,
    onShare?: OnShare,
  ): SectionOutcome | undefined =>
    putAtPlace({ ...input, drawn, apart: undefined, beside: undefined }, curve, input.box, place, {
      startUneven: ARRIVES_UNEVEN,
      soakEnds,
      picture: true,
      ...(onShare && { onStep: telling(onShare) }),
    }).section,
  recipe: (input: ScheduleInput, recipe: Recipe): RecipeJudged => {
    const curve = recipeCurve(recipe, input.box);
    const [first] = recipe.lines;
    const outcome = putInBox(input, curve, input.box, {
      startUneven: ARRIVES_UNEVEN,
      soakEnds: first?.hold,
    });
    return { outcome, curve };
  },
  judge: (
    input: ScheduleInput,
    curve: KilnCurve,
    from: number,
    start: Begun,
    load: readonly LoadPiece[],
  ): JudgedAccident => judgeCurve(input, curve, from, start, load),
  /** Of a night that was checked already. */
  margins: (input: ScheduleInput, of: CheckedNight): NightMargins =>
    nightMargins(input, { checked: of }),
  helps: (
    input: ScheduleInput,
    of: CheckedNight,
    changes: readonly Tried[],
    onShare?: OnShare,
  ): Helped[] => whatHelps(input, of, changes, onShare),
  warm: (input: ScheduleInput, from: number): Warming =>
    warming(input, input.box, from, input.holdTemperature),
  week,
  load: (
    pieces: readonly LoadPiece[],
    input: Omit<ScheduleInput, 'glass' | 'wall'>,
    onShare?: OnShare,
  ): Loaded => loadNight(pieces, input, (asked) => checked(asked, onShare)),
  /** The best so far is told on the way. */
  shortest: (input: ScheduleInput, onBest: (best: ShorterNight) => void): ShorterNight =>
    shortestNight(input, { onBest }),
};
