// The shortest night that is still sound: soak, two falls through the range and one below it, moved about by a pattern search
// (Hooke & Jeeves 1961); every try is simulated on the piece. Deterministic; can be stopped, and keeps its best.
import type { Recipe } from '@zanfirico/contract/shop';
import { tr } from '../../words/tr';
import { naturalRate } from '../box';
import { AFTER_SOAK, checkedSchedule, type CheckedNight } from '../checked';
import type { Outcome } from '../outcome';
import { putAtHottest, putInBox, type InBox } from '../unevenBox';
import { MAY_PASS, allowedOf } from '../practice';
import { recipeCurve, recipeTime } from './recipe';
import type { ScheduleInput } from '../scheduleInput';
import { ARRIVES_UNEVEN } from '../soak';

/** The best found so far. */
export interface ShorterNight {
  readonly recipe: Recipe;
  /** From the last piece in to the door, s. */
  readonly seconds: number;
  readonly outcome: InBox;
  readonly tries: number;
}

/** A point put through: how long, and by how much more than allowed (over 1). */
interface Judged {
  readonly point: Point;
  readonly seconds: number;
  readonly over: number;
}

/** Seconds, dearer the more is not kept. */
const score = ({ seconds, over }: Judged): number => seconds * (1 + 6 * Math.max(0, over - 1));

/** How long to look, and whom to tell. */
export interface LookingShorter {
  readonly enough?: () => boolean;
  readonly onBest?: (best: ShorterNight) => void;
}

/**
 * What is moved: soak (s), two temperatures (°C), how much quicker the first fall is than the second (ln), and the last rate (ln
 * K/s). How quick the second is follows: as quick as the practice allows.
 */
type Shape = readonly [soak: number, t1: number, t2: number, quicker: number, last: number];
/** A shape with the rate that goes with it, ln K/s. */
interface Point {
  readonly shape: Shape;
  readonly slow: number;
}

const ROUGH = { closely: 'rough' } as const;
/** Kept clear of what is allowed, for the finer run that follows. */
const MARGIN = 0.985;
/** Halvings of the steps. */
const HALVINGS = 4;

const recipeOf = ({ shape, slow }: Point, input: ScheduleInput): Recipe => {
  const [soak, t1, t2, quicker, last] = shape;
  return {
    name: tr`The shortest found`,
    start: input.holdTemperature,
    lines: [
      { to: input.holdTemperature, hold: soak },
      { to: t1, rate: Math.exp(slow + quicker) },
      { to: t2, rate: Math.exp(slow) },
      { to: input.doorTemperature, rate: Math.exp(last) },
    ],
  };
};

/**
 * Hundreds of nights of a drawn section would take minutes: its joined walls stand in for it, what they keep and let pass taken so many
 * times. The section has the last word, and corrects them where it says otherwise.
 */
interface StandIn {
  readonly kept: number;
  readonly passed: number;
}
const ITSELF: StandIn = { kept: 1, passed: 1 };
/** The stand-in is corrected so often. */
const CORRECTED = 3;

/** Searches. What it starts from is the checked schedule, so it is never worse than that. */
export function shortestNight(input: ScheduleInput, looking: LookingShorter = {}): ShorterNight {
  const first = checkedSchedule(input);
  if (!first.outcome.section) return search(input, input, first, ITSELF, looking);
  const walls = { ...input, drawn: undefined, apart: undefined, beside: undefined };
  const same = putInBox(walls, first.curve, input.box, {
    startUneven: ARRIVES_UNEVEN,
    soakEnds: first.schedule.soak.value,
  });
  let standIn: StandIn = {
    kept: first.outcome.kept / same.kept,
    passed: first.outcome.worst.stress / same.worst.stress,
  };
  let tries = 0;
  for (let round = 0; round < CORRECTED; round += 1) {
    const found = search(input, walls, first, standIn, looking);
    tries += found.tries;
    const keeps = found.outcome.kept / allowedOf(input);
    const passing = found.outcome.worst.stress / MAY_PASS;
    if (Math.max(keeps, passing) <= HOLDS) return { ...found, tries };
    standIn = {
      kept: standIn.kept * Math.max(1, keeps / MARGIN),
      passed: standIn.passed * Math.max(1, passing / MARGIN),
    };
  }
  return toldOf(input, asPlanned(input, first), tries);
}
/** Within the simulation's own one per cent of what is allowed. */
const HOLDS = 1.01;

/** A checked schedule as a recipe. */
const asPlanned = (
  { holdTemperature: hold, doorTemperature: door }: ScheduleInput,
  { schedule }: CheckedNight,
): Recipe => ({
  name: tr`The shortest found`,
  start: hold,
  lines: [
    { to: hold, hold: schedule.soak.value },
    { to: Math.min(hold - 2, schedule.slowEnd.value), rate: schedule.slowRate.value },
    { to: door, rate: schedule.quickRate.value },
  ],
});

/** A recipe put through finely, as it is told. */
function toldOf(input: ScheduleInput, recipe: Recipe, tries: number): ShorterNight {
  const curve = recipeCurve(recipe, input.box);
  return {
    recipe,
    seconds: curve.time[curve.time.length - 1] as number,
    outcome: putInBox(input, curve, input.box, {
      startUneven: ARRIVES_UNEVEN,
      soakEnds: recipe.lines[0]?.hold,
    }),
    tries,
  };
}

/** Puts shapes of a fall through on what is tried, and counts how often. */
function judging(input: ScheduleInput, tried: ScheduleInput, standIn: StandIn) {
  const { box, holdTemperature: hold } = input;
  const allows = allowedOf(input);
  let tries = 0;
  const over = ({ kept, worst, soaked }: Outcome): readonly [number, number] => {
    const keeps = (standIn.kept * kept) / (MARGIN * allows);
    return [
      keeps,
      Math.max(
        keeps,
        (standIn.passed * worst.stress) / (MARGIN * MAY_PASS),
        soaked / (AFTER_SOAK * allows),
      ),
    ];
  };
  /** Puts a shape through, its slow rate moved until what is kept is what may be; thoroughly where it would beat a score. */
  const judge = (shape: Shape, from: number, beat: number): Judged => {
    let slow = from;
    let best: Judged | undefined;
    for (let k = 0; k < 3; k += 1) {
      tries += 1;
      const point = { shape, slow };
      const curve = recipeCurve(recipeOf(point, input), box);
      const o = putAtHottest(tried, curve, box, {
        ...ROUGH,
        startUneven: ARRIVES_UNEVEN,
        soakEnds: shape[0],
      });
      const [keeps, most] = over(o);
      const judged = {
        point,
        seconds: curve.time[curve.time.length - 1] as number,
        over: most,
      };
      if (!best || score(judged) < score(best)) best = judged;
      if (keeps > 0.96 && keeps <= 1) break;
      // Quicker than the box can fall changes nothing.
      if (keeps < 1 && Math.exp(slow) > 2 * naturalRate(box, hold)) break;
      slow += Math.log(Math.min(2.5, Math.max(0.3, 0.99 / keeps)));
      // Even as quick as that it would take too long to be of interest.
      if (recipeTime(recipeOf({ shape, slow }, input), box) >= beat) break;
    }
    const found = best as Judged;
    if (score(found) >= beat) return found;
    // It looks better: does the coldest place think so too, where a fall comes sooner?
    const curve = recipeCurve(recipeOf(found.point, input), box);
    const [, most] = over(
      putInBox(tried, curve, box, {
        ...ROUGH,
        startUneven: ARRIVES_UNEVEN,
        soakEnds: shape[0],
      }),
    );
    return { ...found, over: Math.max(found.over, most) };
  };
  return { judge, tries: () => tries };
}

/** The pattern search, on the piece or on what stands in for it. */
function search(
  input: ScheduleInput,
  tried: ScheduleInput,
  first: CheckedNight,
  standIn: StandIn,
  looking: LookingShorter,
): ShorterNight {
  const { holdTemperature: hold, doorTemperature: door } = input;
  const { schedule } = first;
  const end = Math.min(hold - 2, schedule.slowEnd.value);
  const { judge, tries } = judging(input, tried, standIn);
  const inBounds = (p: Shape): Shape => {
    const t1 = Math.min(hold - 1, Math.max(door + 3, p[1]));
    return [Math.max(60, p[0]), t1, Math.min(t1 - 1, Math.max(door + 1, p[2])), p[3], p[4]];
  };
  const slow = Math.log(schedule.slowRate.value);
  let at = judge(
    inBounds([schedule.soak.value, (hold + end) / 2, end, 0, Math.log(schedule.quickRate.value)]),
    slow,
    Infinity,
  );
  let best: Judged | undefined = at.over <= 1 ? at : undefined;
  const range = Math.max(4, (hold - end) / 3);
  let steps = [0.3 * schedule.soak.value, range, range, 0.5, 0.3];
  const enough = (): boolean => looking.enough?.() === true;
  for (let halved = 0; halved <= HALVINGS && !enough();) {
    let moved = false;
    for (let k = 0; k < steps.length && !enough(); k += 1)
      for (const way of [1, -1]) {
        const shape = at.point.shape.map((v, i) =>
          i === k ? v + way * (steps[i] as number) : v,
        ) as unknown as Shape;
        const j = judge(inBounds(shape), at.point.slow, score(at) - 30);
        if (j.over <= 1 && (!best || j.seconds < best.seconds - 30)) {
          best = j;
          looking.onBest?.(told());
        }
        if (score(j) >= score(at) - 30) continue;
        at = j;
        moved = true;
        break;
      }
    if (moved) continue;
    steps = steps.map((v) => v / 2);
    halved += 1;
  }
  return told();

  /** The best, put through finely; the checked schedule where nothing shorter holds. */
  function told(): ShorterNight {
    const shorter = best && best.seconds < schedule.total.value ? best : undefined;
    const recipe = shorter ? recipeOf(shorter.point, input) : asPlanned(input, first);
    return toldOf(input, recipe, tries());
  }
}
