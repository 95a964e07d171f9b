// The shortest night that is still sound: soak, two falls through the range and one below it, moved about by a pattern search
// (Hooke & Jeeves 1961); every try is simulated on the piece. Deterministic; can be stopped, and keeps its best.
import { naturalRate } from './box';
import { AFTER_SOAK, checkedSchedule } from './checked';
import { putAtHottest, putInBox, type InBox } from './unevenBox';
import { PRACTICES, SAFETY, WORKING_STRESS } from './practice';
import { recipeCurve, recipeTime, type Recipe } from './recipe';
import type { ScheduleInput } from './scheduleInput';
import { ARRIVES_UNEVEN } from './soak';

/** The best found so far. */
export interface Shorter {
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
  readonly onBest?: (best: Shorter) => void;
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

const ROUGH = { fineness: 3, spaces: 24 } as const;
/** Kept clear of what is allowed, for the finer run that follows. */
const MARGIN = 0.985;
/** Halvings of the steps. */
const HALVINGS = 4;

const recipeOf = ({ shape, slow }: Point, input: ScheduleInput): Recipe => {
  const [soak, t1, t2, quicker, last] = shape;
  return {
    name: 'The shortest found',
    start: input.holdTemperature,
    lines: [
      { to: input.holdTemperature, hold: soak },
      { to: t1, rate: Math.exp(slow + quicker) },
      { to: t2, rate: Math.exp(slow) },
      { to: input.doorTemperature, rate: Math.exp(last) },
    ],
  };
};

/** Searches. What it starts from is the checked schedule, so it is never worse than that. */
export function shortestNight(input: ScheduleInput, looking: LookingShorter = {}): Shorter {
  const { box, holdTemperature: hold, doorTemperature: door } = input;
  const allows = PRACTICES[input.practice].allows;
  const first = checkedSchedule(input);
  const { schedule } = first;
  const end = Math.min(hold - 2, schedule.slowEnd.value);
  let tries = 0;
  /** Puts a shape through, its slow rate moved until what is kept is what may be; thoroughly where it would beat a score. */
  const judge = (shape: Shape, from: number, beat: number): Judged => {
    let slow = from;
    let best: Judged | undefined;
    for (let k = 0; k < 3; k += 1) {
      tries += 1;
      const point = { shape, slow };
      const curve = recipeCurve(recipeOf(point, input), box);
      const o = putAtHottest(input, curve, box, {
        ...ROUGH,
        startUneven: ARRIVES_UNEVEN,
        soakEnds: shape[0],
      });
      const keeps = o.kept / (MARGIN * allows);
      const judged = {
        point,
        seconds: curve.time[curve.time.length - 1] as number,
        over: Math.max(
          keeps,
          o.worst.stress / ((MARGIN * WORKING_STRESS) / SAFETY),
          o.soaked / (AFTER_SOAK * allows),
        ),
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
    const { kept, worst, soaked } = putInBox(input, curve, box, {
      ...ROUGH,
      startUneven: ARRIVES_UNEVEN,
      soakEnds: shape[0],
    });
    const over = Math.max(
      found.over,
      kept / (MARGIN * allows),
      worst.stress / ((MARGIN * WORKING_STRESS) / SAFETY),
      soaked / (AFTER_SOAK * allows),
    );
    return { ...found, over };
  };
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
  function told(): Shorter {
    const shorter = best && best.seconds < schedule.total.value ? best : undefined;
    const point = shorter?.point;
    const recipe = point
      ? recipeOf(point, input)
      : {
          name: 'The shortest found',
          start: hold,
          lines: [
            { to: hold, hold: schedule.soak.value },
            { to: end, rate: schedule.slowRate.value },
            { to: door, rate: schedule.quickRate.value },
          ],
        };
    const curve = recipeCurve(recipe, box);
    return {
      recipe,
      seconds: curve.time[curve.time.length - 1] as number,
      outcome: putInBox(input, curve, box, {
        startUneven: ARRIVES_UNEVEN,
        soakEnds: recipe.lines[0]?.hold,
      }),
      tries,
    };
  }
}
