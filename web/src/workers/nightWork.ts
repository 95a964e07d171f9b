// What the night worker does: schedules checked by simulation, recipes and accidents judged, margins, climbs, loads, weeks.
import {
  ARRIVES_UNEVEN,
  checkedSchedule,
  judgeCurve,
  loadNight,
  nightMargins,
  ownNight,
  planWeek,
  putInBox,
  recipeCurve,
  sectionThrough,
  shortestNight,
  warming,
  type Begun,
  type Box,
  type Checked,
  type Judged,
  type KilnCurve,
  type Loaded,
  type LoadPiece,
  type Margins,
  type Outcome,
  type OwnNight,
  type RealSection,
  type Recipe,
  type Schedule,
  type ScheduleInput,
  type SectionChecked,
  type SectionStanding,
  type Shorter,
  type Warming,
  type Week,
  type WeekAnnealer,
  type WeekPiece,
} from '@zanfirico/core';

/** What a recipe does. */
export interface RecipeJudged {
  readonly outcome: Outcome;
  readonly curve: KilnCurve;
}

/** A week to be planned. */
export interface WeekAsked {
  readonly pieces: readonly Omit<WeekPiece, 'nights'>[];
  readonly annealers: readonly (WeekAnnealer & { readonly box: Box })[];
  readonly input: Omit<ScheduleInput, 'glass' | 'wall' | 'holdTemperature' | 'box'>;
}

/** Alike walls have alike nights in alike boxes: each is worked out once. */
function week({ pieces, annealers, input }: WeekAsked): Week {
  const known = new Map<string, number>();
  const planned = pieces.map((p) => ({
    ...p,
    nights: annealers.map(({ box }) => {
      const key = JSON.stringify([p.glass.id, p.wall, box]);
      const night =
        known.get(key) ??
        checkedSchedule({
          ...input,
          box,
          glass: p.glass,
          wall: p.wall,
          gives: p.gives,
          holdTemperature: p.glass.annealing,
        }).schedule.total.value;
      known.set(key, night);
      return night;
    }),
  }));
  return planWeek(planned, annealers);
}

/** What the section of a piece does in a schedule, or in one of its own. Progress is told now and then. */
export interface SectionAsked {
  readonly input: ScheduleInput;
  readonly section: RealSection;
  readonly standing: SectionStanding;
}
/** Steps between two tellings of progress. */
const TELL_EVERY = 6;
const telling = (onShare: (night: number, share: number) => void) => {
  let steps = 0;
  return (night: number, share: number): boolean => {
    steps += 1;
    if (steps % TELL_EVERY === 0) onShare(night, share);
    return true;
  };
};

/** The worker's calls. Each throws a sentence for what cannot be computed. */
export const nightWork = {
  /** With the picture through the wall, if wanted: it is much to carry. */
  check: (input: ScheduleInput, picture = false): Checked => checkedSchedule(input, picture),
  section: (
    { input, section, standing }: SectionAsked,
    schedule: Schedule,
    onShare: (night: number, share: number) => void,
  ): SectionChecked | undefined => {
    const tell = telling(onShare);
    return sectionThrough(input, section, standing, schedule, (share) => tell(1, share));
  },
  ownNight: (
    { input, section, standing }: SectionAsked,
    onShare: (night: number, share: number) => void,
  ): OwnNight | undefined => ownNight(input, section, standing, telling(onShare)),
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
  ): Judged => judgeCurve(input, curve, from, start, load),
  margins: (input: ScheduleInput): Margins => nightMargins(input),
  warm: (input: ScheduleInput, from: number): Warming =>
    warming(input, input.box, from, input.holdTemperature),
  week,
  load: (pieces: readonly LoadPiece[], input: Omit<ScheduleInput, 'glass' | 'wall'>): Loaded =>
    loadNight(pieces, input),
  /** The best so far is told on the way. */
  shortest: (input: ScheduleInput, onBest: (best: Shorter) => void): Shorter =>
    shortestNight(input, { onBest }),
};
