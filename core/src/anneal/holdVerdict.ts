// Whether a hold can be kept and does its work, and whether the night is an ordinary one.
import type { Glass } from '../glass/glass';
import { fitVft, logViscosity } from '../glass/viscosity';
import type { Verdict } from '../units/why';
import { settlesAt } from './box';
import type { ScheduleInput } from './scheduleInput';

/** Between these viscosities at the hold, glass neither sags within hours nor takes days to relax. */
const LOG_SAGS = 10.5;
const LOG_SLOW = 13.9;
/** A box has to be able to go so much above its hold to keep it, K. */
const STEERS = 5;
const HOUR = 3600;

/** Seconds as hours, as a sentence says them. */
export const inHours = (s: number): string => (s / HOUR).toFixed(s < 100 * HOUR ? 1 : 0);

/** Would a piece of this glass sag under its own weight within hours at a temperature? */
export const sags = (glass: Glass, temperature: number): boolean =>
  logViscosity(fitVft(glass), temperature) < LOG_SAGS;

/** What is to be said of a night of `total` s whose stress takes `relief` s to go at the hold. */
export function holdVerdict(input: ScheduleInput, total: number, relief: number): Verdict {
  const log = logViscosity(fitVft(input.glass), input.holdTemperature);
  const annealing = String(input.glass.annealing);
  const ends = settlesAt(input.box);
  if (input.holdTemperature > ends - STEERS)
    return {
      verdict: 'no',
      because: `With ${(input.box.power / 1000).toFixed(1)} kW this box gets no hotter than ${ends.toFixed(0)} °C.`,
      remedy: 'Hold lower, or see that its power, thermal mass and cooling time are right.',
    };
  if (log < LOG_SAGS)
    return {
      verdict: 'no',
      because: 'At this hold the piece would sag under its own weight.',
      remedy: `Hold nearer the annealing point, ${annealing} °C.`,
    };
  if (log > LOG_SLOW)
    return {
      verdict: 'no',
      because: `This hold is so cold that stress takes ${inHours(relief)} h to go.`,
      remedy: `Hold nearer the annealing point, ${annealing} °C.`,
    };
  if (total > 48 * HOUR)
    return {
      verdict: 'watch',
      because: `The box is taken for ${inHours(total)} h.`,
      remedy: 'Thin the thickest place, even out the step, or plan the box around this piece.',
    };
  return { verdict: 'good', because: 'An ordinary night for this box.' };
}
