// A recipe: from where, to where, how fast or how long; typed, read from a table, or made. And the curve it becomes in a box.
import type { Recipe, RecipeLine } from '@zanfirico/contract/shop';
import { tr } from '../../words/tr';
import { climbAt, fall, naturalTime, settlesAt, type Box } from '../box';
import type { Schedule } from '../scheduleInput';

/** Samples of a stretch where the box cools by itself. */
const SAMPLES = 16;
/** As fast as the box can, K/s: it is the box that decides. */
const FREE = 1;

/** Something a recipe asks that cannot be, with the line it is in, from 0. */
export interface RecipeProblem {
  readonly line: number;
  readonly says: string;
}

/** What is wrong with a recipe; empty when it can be run. */
export function recipeProblems(recipe: Recipe, box: Box): RecipeProblem[] {
  const found: RecipeProblem[] = [];
  const say = (line: number, says: string): void => {
    found.push({ line, says });
  };
  if (recipe.lines.length === 0) say(0, tr`A recipe needs one line at least: a hold or a fall.`);
  if (recipe.lines.length > MOST_LINES)
    say(
      MOST_LINES,
      tr`A recipe has ${MOST_LINES} lines at most; this one has ${recipe.lines.length}.`,
    );
  let at = recipe.start;
  recipe.lines.forEach((l, i) => {
    const n = tr`Line ${i + 1}`;
    if (!Number.isFinite(l.to) || l.to < 0 || l.to > 1200)
      say(i, tr`${n} goes to ${l.to} °C; 0 to 1200 °C can be.`);
    if (l.hold !== undefined && !(l.hold >= 0 && l.hold <= MOST_HOLD))
      say(i, tr`${n} holds ${l.hold / 3600} h; nothing to a year can be.`);
    if (l.rate !== undefined && !(l.rate > 0))
      say(i, tr`${n} has no speed: give degrees an hour above nothing, or a hold.`);
    if (l.to < box.room && at > box.room)
      say(i, tr`${n} goes below the room, ${box.room} °C: no box gets there.`);
    else if (l.to > settlesAt(box))
      say(
        i,
        tr`${n} goes to ${l.to} °C; with ${(box.power / 1000).toFixed(1)} kW this box gets no hotter than ${Math.round(settlesAt(box))} °C.`,
      );
    at = l.to;
  });
  return found;
}

/** Lines a recipe may have, and the longest hold, s. */
export const MOST_LINES = 500;
const MOST_HOLD = 366 * 24 * 3600;

/** The curve a recipe becomes in a box that cools no faster than it can, and climbs at its climb at most; when each line ends, s. */
export function recipeCurve(
  recipe: Recipe,
  box: Box,
): { readonly time: number[]; readonly temperature: number[]; readonly ends: number[] } {
  const ends: number[] = [];
  const time = [0];
  const temperature = [recipe.start];
  let t = 0;
  let at = recipe.start;
  const put = (seconds: number, to: number): void => {
    if (seconds <= 0) return;
    t += seconds;
    time.push(t);
    temperature.push(to);
  };
  for (const l of recipe.lines) {
    if (l.to > at) {
      const most = climbAt(box, l.to);
      put((l.to - at) / Math.min(l.rate ?? most, most), l.to);
    } else if (l.to < at) {
      // Nothing gets to the room's own temperature: half a kelvin above is there.
      const to = Math.max(l.to, box.room + 0.5);
      const f = fall(box, at, to, l.rate ?? FREE);
      put(f.programmed, f.leaves);
      if (f.natural > 0) {
        const began = t;
        for (let k = 1; k <= SAMPLES; k += 1) {
          const next = f.leaves + ((to - f.leaves) * k) / SAMPLES;
          put(began + naturalTime(box, f.leaves, next) - t, next);
        }
      }
    }
    at = l.to;
    if (l.hold !== undefined) put(l.hold, at);
    ends.push(t);
  }
  return { time, temperature, ends };
}

/** How long a recipe takes in a box, s. */
export function recipeTime(recipe: Recipe, box: Box): number {
  const { time } = recipeCurve(recipe, box);
  return time[time.length - 1] as number;
}

/** Where the box can no longer fall as fast as a recipe asks, °C: from there down it follows itself. Undefined where it can. */
export function boxLeaves(recipe: Recipe, box: Box): number | undefined {
  let at = recipe.start;
  for (const l of recipe.lines) {
    if (l.to < at && l.rate !== undefined) {
      const { leaves, natural } = fall(box, at, Math.max(l.to, box.room + 0.5), l.rate);
      if (natural > 0) return leaves;
    }
    at = l.to;
  }
  return undefined;
}

/** A line to a temperature, °C, at a rate, K/s; as the box can where there is none. */
export const rated = (to: number, rate: number | undefined): RecipeLine => ({
  to,
  ...(rate !== undefined && { rate }),
});

/** A schedule as a recipe, from the last piece in. */
export function asRecipe(schedule: Schedule, name: string, hold: number): Recipe {
  const rows = schedule.rows.filter((r) => r.start >= -1e-6);
  return {
    name,
    start: hold,
    lines: rows.map((r) =>
      r.from === r.to ? { to: r.to, hold: r.duration } : rated(r.to, r.rate),
    ),
  };
}
