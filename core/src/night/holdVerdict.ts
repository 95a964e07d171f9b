// Whether a hold can be kept and does its work, and whether the night is an ordinary one.
import { tr } from '../words/tr';
import { fitVft, logViscosity } from '../glass/viscosity';
import type { Verdict } from '../units/why';
import { settlesAt } from './box';
import type { ScheduleInput } from './scheduleInput';
import { flowsAt, sinks, sinksSaid } from './sinking';

/** At a stiffer hold glass takes days to relax, log₁₀ Pa·s. */
const LOG_SLOW = 13.9;
/** A box has to be able to go so much above its hold to keep it, K. */
const STEERS = 5;
const HOUR = 3600;

/**
 * Seconds as hours, as a sentence says them.
 *
 * @example
 * inHours(5400) // '1.5'
 */
export const inHours = (s: number): string => (s / HOUR).toFixed(s < 100 * HOUR ? 1 : 0);

/** What is to be said of a night of `total` s whose stress takes `relief` s to go at the hold, where it soaks for `soak` s. */
export function holdVerdict(
  input: ScheduleInput,
  {
    total,
    relief,
    soak,
  }: { readonly total: number; readonly relief: number; readonly soak: number },
): Verdict {
  const log = logViscosity(fitVft(input.glass), input.holdTemperature);
  const annealing = String(input.glass.annealing);
  const ends = settlesAt(input.box);
  if (input.holdTemperature > ends - STEERS)
    return {
      verdict: 'no',
      because: tr`With ${(input.box.power / 1000).toFixed(1)} kW this box gets no hotter than ${ends.toFixed(0)} °C.`,
      remedy: tr`Hold lower, or see that its power, thermal mass and cooling time are right.`,
    };
  const { glass, holdTemperature: hold } = input;
  const sunk = sinks(input.gives, glass, hold, flowsAt(glass, hold, input.holding + soak));
  if (sunk.shows)
    return {
      verdict: 'no',
      because: tr`Held for ${inHours(input.holding + soak)} h at ${hold.toFixed(0)} °C ${sinksSaid(sunk)}.`,
      remedy: tr`Hold nearer the annealing point, ${annealing} °C.`,
    };
  if (log > LOG_SLOW)
    return {
      verdict: 'no',
      because: tr`This hold is so cold that stress takes ${inHours(relief)} h to go.`,
      remedy: tr`Hold nearer the annealing point, ${annealing} °C.`,
    };
  if (total > 48 * HOUR)
    return {
      verdict: 'watch',
      because: tr`The box is taken for ${inHours(total)} h.`,
      remedy: tr`Thin the thickest place, even out the step, or plan the box around this piece.`,
    };
  return { verdict: 'good', because: tr`An ordinary night for this box.` };
}
