// Tonight, believed: the closed forms make a first schedule, the simulation puts the piece through it, and rates and soak are
// moved until what it keeps and what passes through it is what the practice allows.
import { tr, trWord } from '../words/tr';
import { DISC, realTemper, retardation } from '../fit/polarised';
import { naturalRate } from './box';
import { passesWhere } from './outcome';
import { putInBox, putRoughly, type InBox } from './unevenBox';
import { MAY_PASS, PRACTICES, allowedOf } from './practice';
import { annealingSchedule } from './schedule';
import type { Schedule, ScheduleInput, Tuned } from './scheduleInput';
import type { KilnCurve } from './relaxing/walkCurve';
import { ARRIVES_UNEVEN } from './soak';
import { MOST_MOVE, MOST_MOVE_DRAWN, towards } from './towards';

/** Which solver a night was checked with: another number, other answers. What is kept of older ones is worked out again. */
export const NIGHT_SOLVER = 2;

/** A schedule and the night it was checked with. */
export interface CheckedNight {
  readonly schedule: Schedule;
  /** From the last piece in, s and °C. */
  readonly curve: KilnCurve;
  readonly outcome: InBox;
  readonly tuned: Tuned;
  /** Whether everything allowed is kept, by simulation. */
  readonly holds: boolean;
  readonly rounds: number;
}

/**
 * Where the simulation mostly ends: the closed forms leave out that the quick fall brings further in, and that its tension comes on
 * top of what the slow one has set, pressed. Calibrated on the simulation, which has the last word.
 */
export const firstTuned: Tuned = { slow: 0.92, quick: 1.6, soak: 1 };
/**
 * The first guess of a night: the closed forms of thick and thin joined, begun where the simulation mostly ends, or where this piece's
 * last one did. At once; not to be fired by.
 */
export const firstGuess = (input: ScheduleInput, tuned: Tuned = firstTuned): Schedule =>
  annealingSchedule({ ...input, tuned });

/** Who watches a search, and may stop it. */
export interface Watching {
  /** How far it is about, 0 to 1; no answer but false stops it. */
  readonly onProgress?: (share: number) => boolean;
  /** The first schedule that holds, and shorter ones as they are found, before the last word. */
  readonly onSound?: (schedule: Schedule) => void;
  /** Keeps the picture through the wall, or of the section. */
  readonly picture?: boolean;
}

/** Times it is put through at most. */
const ROUNDS = 7;
/** Of what is allowed, good enough from here. */
const ENOUGH = 0.92;
/** Looked at finely a section may turn out to have a little more in hand: no more is looked for. */
const ENOUGH_FINE = 0.86;
/** Of the allowed tension, so much may be left when the soak ends. */
export const AFTER_SOAK = 0.1;
/** Looked at finely the section may keep more, or less, than roughly: so often its falls are corrected by that. */
const FINE_ROUNDS = 3;

/** The part of a schedule's curve from the last piece in. */
export function fromLastIn(schedule: Schedule): KilnCurve {
  const after = schedule.curve.filter((p) => p.time >= -1e-6);
  const first = after[0];
  const points =
    first && first.time > 1e-6 ? [{ time: 0, temperature: first.temperature }, ...after] : after;
  return {
    time: points.map((p) => Math.max(0, p.time)),
    temperature: points.map((p) => p.temperature),
  };
}

/** How a schedule stands against what is allowed. */
interface Used {
  readonly keeps: number;
  readonly passing: number;
  readonly soaks: number;
}

/**
 * A schedule that holds in the simulation, or the nearest to it that was found: of the drawn section where there is one. Throws
 * NightStopped where it was told to stop.
 */
export function checkedSchedule(input: ScheduleInput, watching: Watching = {}): CheckedNight {
  const allows = allowedOf(input);
  const passes = MAY_PASS;
  const used = (o: Pick<InBox, 'kept' | 'worst' | 'soaked'>): Used => ({
    keeps: o.kept / allows,
    passing: o.worst.stress / passes,
    soaks: o.soaked / (AFTER_SOAK * allows),
  });
  const steps = stepsWatched(watching, input.drawn ? NIGHTS_DRAWN : 1);
  let tuned: Tuned = firstTuned;
  let best: { schedule: Schedule; tuned: Tuned; holds: boolean; excess: number } | undefined;
  let rounds = 0;
  for (; rounds < ROUNDS; rounds += 1) {
    const schedule = annealingSchedule({ ...input, tuned });
    const of = used(
      putRoughly(input, fromLastIn(schedule), input.box, {
        closely: 'rough',
        startUneven: ARRIVES_UNEVEN,
        soakEnds: schedule.soak.value,
        onStep: steps(),
      }),
    );
    const excess = Math.max(of.keeps, of.passing, of.soaks);
    const holds = excess <= 1;
    const better =
      !best ||
      (holds && !best.holds) ||
      (holds === best.holds &&
        (holds ? schedule.total.value < best.schedule.total.value : excess < best.excess));
    if (better) best = { schedule, tuned, holds, excess };
    if (better && holds) watching.onSound?.(schedule);
    if (holds && isEnough(input, schedule, of)) break;
    tuned = moved(input, schedule, tuned, of);
  }
  let { schedule, tuned: found } = best as NonNullable<typeof best>;
  for (let fine = 1; ; fine += 1) {
    const curve = fromLastIn(schedule);
    const outcome = putInBox(input, curve, input.box, {
      startUneven: ARRIVES_UNEVEN,
      soakEnds: schedule.soak.value,
      picture: watching.picture === true,
      onStep: steps(),
    });
    const of = used(outcome);
    // The finer run may differ by its one per cent.
    const holds = of.keeps <= 1.01 && of.passing <= 1.01 && of.soaks <= 1.05;
    const done = !outcome.section || fine === FINE_ROUNDS;
    if (done || (holds && (fine > 1 || isEnough(input, schedule, of, ENOUGH_FINE))))
      return {
        schedule: believed(schedule, outcome, input),
        curve,
        outcome,
        tuned: found,
        holds,
        rounds: Math.min(ROUNDS, rounds + 1),
      };
    found = moved(input, schedule, found, of);
    schedule = annealingSchedule({ ...input, tuned: found });
  }
}

/** Nights a section is put through about, for how far a search is. */
const NIGHTS_DRAWN = 6;

/** What is told of each night's steps: how far the whole search is. */
function stepsWatched(
  { onProgress }: Watching,
  nights: number,
): () => ((share: number) => boolean) | undefined {
  let night = -1;
  return () => {
    if (!onProgress) return undefined;
    night += 1;
    const begun = night;
    // More nights than thought of leave less and less of the bar to each.
    const from = begun < nights ? begun / (nights + 1) : 1 - 1 / (begun + 2);
    return (share) => onProgress(Math.min(0.99, from + share / (nights + 1)));
  };
}

/** Is nearly all that is allowed used, or what is left the box's to take? */
function isEnough(
  input: ScheduleInput,
  schedule: Schedule,
  { keeps, passing }: Used,
  enough = ENOUGH,
): boolean {
  const { slowIsBox, quickIsBox } = boxSets(input, schedule);
  return (
    (slowIsBox || keeps >= enough || schedule.slowRate.value >= schedule.quickRate.value) &&
    (quickIsBox || passing >= enough)
  );
}

/** Falls the box cannot do any faster. */
const boxSets = (
  input: ScheduleInput,
  schedule: Schedule,
): { readonly slowIsBox: boolean; readonly quickIsBox: boolean } => ({
  slowIsBox: schedule.slowRate.value >= naturalRate(input.box, input.holdTemperature),
  quickIsBox: !schedule.rows.some((row) => row.quick === true),
});

/** Falls and soak by as much as what is used is too much or too little. */
function moved(
  input: ScheduleInput,
  schedule: Schedule,
  tuned: Tuned,
  { keeps, passing, soaks }: Used,
): Tuned {
  const { slowIsBox, quickIsBox } = boxSets(input, schedule);
  const most = input.drawn ? MOST_MOVE_DRAWN : MOST_MOVE;
  const by = (share: number): number => towards(share, most);
  return {
    slow: tuned.slow * (keeps > 1 || !slowIsBox ? by(keeps) : 1),
    quick: tuned.quick * (passing > 1 || !quickIsBox ? by(passing) : 1),
    soak: tuned.soak * (soaks > 1 ? Math.min(2, 1 + 0.25 * Math.log2(1 + soaks)) : 1),
  };
}

/** Glass so thick that one disc of retardation is seen through it: m times nm/cm. */
const DISC_PER = DISC / 100;

/** What a kept tension looks like between crossed polarisers: nm/cm, and its temper grade (ASTM C148). */
export function seenAs(
  kept: number,
  optical: number | undefined,
): { readonly perCentimetre: number; readonly temper: number } {
  const perCentimetre = Math.max(0.01, retardation(kept, optical));
  return { perCentimetre, temper: realTemper(1, DISC_PER / perCentimetre) };
}

const SIMULATED = () =>
  tr`Simulated: heat (Carslaw & Jaeger), structure (Tool 1946; Narayanaswamy 1971; Moynihan 1976), stress (Gardon & Narayanaswamy 1970).`;

const SECTION = () => tr`In its drawn section, by finite elements (Crouzeix & Raviart 1973).`;

/** The schedule with what stays and what passes as the simulation has it. */
function believed(schedule: Schedule, outcome: InBox, input: ScheduleInput): Schedule {
  const { worst, section } = outcome;
  const { allows } = PRACTICES[input.practice];
  const seen = seenAs(outcome.kept, input.glass.stressOptical);
  const byStep = outcome.kept > 1.3 * outcome.fromWall;
  const looks = tr`Between crossed polarisers some ${seen.perCentimetre.toFixed(0)} nm/cm, temper grade ${seen.temper.toFixed(1)}.`;
  const place = outcome.place ? tr`, at the ${trWord(outcome.place)} place of the box` : '';
  return {
    ...schedule,
    leaves: {
      value: outcome.kept,
      kind: 'stress',
      why: section
        ? {
            says: tr`The most tension the piece keeps once it is cold, put through this very curve as it is drawn${place}: ${outcome.kept > section.keeps.stress ? tr`in what is not round about the axis` : section.keeps.where}. ${looks}`,
            formula: tr`σ(r, z, t): heat, then structure, then a relaxing stress in balance, step by step; what is left when nothing moves`,
            inputs: [
              { name: tr`allowed`, value: allows, kind: 'stress' },
              { name: tr`pressed at most`, value: -section.pressed, kind: 'stress' },
              ...(outcome.byWalls === undefined
                ? []
                : [
                    {
                      name: tr`as thick and thin joined`,
                      value: outcome.byWalls,
                      kind: 'stress' as const,
                    },
                  ]),
            ],
            source: `${SIMULATED()} ${SECTION()}`,
            changes: tr`What is thickest ${section.keeps.where}, and how it stands in the box; “Where” shows it.`,
          }
        : {
            says: tr`The most tension the piece keeps once it is cold, put through this very curve${place}${byStep ? tr`; most of it is thick glass held back by thin` : ''}. ${looks}`,
            formula: tr`σ(x, t): heat, then structure, then a relaxing stress, step by step; what is left when nothing moves`,
            inputs: [
              { name: tr`allowed`, value: allows, kind: 'stress' },
              { name: tr`middle of the thickest wall`, value: outcome.middle, kind: 'stress' },
              { name: tr`its skin (pressed)`, value: outcome.skin, kind: 'stress' },
              {
                name: tr`the wall without its thin neighbour`,
                value: outcome.fromWall,
                kind: 'stress',
              },
            ],
            source: SIMULATED(),
            changes: byStep
              ? tr`The step between thick and thin drives this: an even wall would shorten the night most.`
              : tr`The thickest wall drives this, by its square: thinner there would shorten the night most.`,
          },
    },
    passing: {
      value: worst.stress,
      kind: 'stress',
      why: {
        says: tr`The most tension that passes ${passesWhere(worst)} after the soak, at ${Math.round(worst.temperature)} °C there.`,
        formula: tr`the greatest σ(x, t) below the strain point`,
        inputs: [
          { name: tr`kept below`, value: MAY_PASS, kind: 'stress' },
          { name: tr`kiln then`, value: worst.kiln, kind: 'temperature' },
          { name: tr`after the last piece`, value: worst.time, kind: 'time' },
        ],
        source: tr`${SIMULATED()} Shand, Glass Engineering Handbook (≈ 1000 psi prolonged).`,
        changes: tr`Keep the door shut: a draught is a faster fall than any programme.`,
      },
    },
  };
}
