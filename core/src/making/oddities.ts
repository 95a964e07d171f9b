// What of a making's events makes no sense: said, and left out of account; none of it is thrown away.
import type { Happened } from './makingState';
import { tr } from '../words/tr';
import { AFTER_THE_BOX, type PlannedStep } from './makingState';

/** An event so long before the making began is not of it, ms: clocks of two devices differ by less. */
const BEFORE = 10 * 60_000;
/** One so far ahead of now comes of a clock that is wrong, ms. */
const AHEAD = 2 * 60_000;
/** Over so long nobody makes one piece, ms. */
const LONG = 24 * 3_600_000;

const events = (n: number): string => (n === 1 ? tr`One event` : tr`${n} events`);

/** Sentences, none where all is in order. `now` is when it is looked at; ms. */
export function oddities(
  steps: readonly PlannedStep[],
  begun: number,
  happened: readonly Happened[],
  now: number,
): string[] {
  const known = new Set([
    ...steps.map((s) => s.id),
    ...happened.flatMap((e) => (e.kind === 'put in' ? [e.step.id] : [])),
  ]);
  const ids = new Set(happened.map((e) => e.id));
  const strange = happened.filter((e) => e.kind === 'step' && !known.has(e.step)).length;
  const nothing = happened.filter((e) => e.kind === 'taken back' && !ids.has(e.event)).length;
  const early = happened.filter((e) => e.at < begun - BEFORE).length;
  const future = happened.filter((e) => e.at > now + AHEAD).length;
  const late = happened.filter(
    (e) => e.at > begun + LONG && e.at <= now + AHEAD && !AFTER_THE_BOX.has(e.kind),
  ).length;
  return [
    strange > 0
      ? tr`${events(strange)} of steps this making does not have: left out of account.`
      : '',
    nothing > 0 ? tr`${events(nothing)} taken back that never was one: left out of account.` : '',
    early > 0
      ? tr`${events(early)} from before it was begun: a device’s clock may have been slow.`
      : '',
    future > 0
      ? tr`${events(future)} from a time that has not come: a device’s clock may have been fast.`
      : '',
    late > 0 ? tr`${events(late)} more than a day after it was begun.` : '',
  ].filter((s) => s !== '');
}
