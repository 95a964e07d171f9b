// Tonight: the annealing schedule as rows and as a curve, from the wall, the step, the opening and the glass.
import { allowedRate, lastingPerRate, RESTRAINT, slabEquivalent } from './allow';
import { fall } from './box';
import { surfaceExchange } from './relaxing/exchange';
import { holdVerdict } from './holdVerdict';
import { allowedOf } from './practice';
import { layRows, traceCurve } from './programme';
import { frozenAt, quickestFall } from './quickFall';
import { scheduleFigures, span } from './scheduleFigures';
import type { Schedule, ScheduleInput } from './scheduleInput';
import { BOX_EVENS, eveningTime, reliefTime } from './soak';

/** Calculates the schedule. Every temperature must be above the room's; ranges are the schema's business. */
export function annealingSchedule(input: ScheduleInput): Schedule {
  const { glass, wall, box, holdTemperature: hold, doorTemperature: door } = input;
  const allows = allowedOf(input);
  const restraint = input.assumes?.restraint ?? RESTRAINT;
  // The hottest place has to be set too, the coldest to be soaked.
  const aside = box.unevenness / 2;
  const end = Math.min(hold, frozenAt(input) - aside);
  const slowExchange = surfaceExchange(end);
  const lasting = lastingPerRate(glass, wall, slowExchange, restraint);
  const tuned = input.tuned ?? { slow: 1, quick: 1, soak: 1 };
  const { quick: guessed, passing, exchange: quickExchange } = quickestFall(input, end);
  const quick = guessed * tuned.quick;
  const slow = Math.min(allowedRate(lasting, allows) * tuned.slow, quick);
  const evening = eveningTime(glass, slabEquivalent(wall), slowExchange);
  const relief = reliefTime(glass, hold - aside);
  const soak = (Math.max(BOX_EVENS, evening) + relief) * tuned.soak;
  const slowFall = fall(box, hold, end, slow);
  const quickFall = fall(box, end, Math.min(end, door), quick);
  const total = soak + span(slowFall) + span(quickFall);

  const rows = layRows(input, { end, soak, slow, quick, slowFall, quickFall });
  const glassAlone = soak + (hold - end) / slow + (end - door) / quick;
  return {
    rows,
    curve: traceCurve(rows, box),
    ...scheduleFigures(input, {
      end,
      soak,
      evening,
      relief,
      slow,
      quick,
      slowFall,
      quickFall,
      total,
      glassAlone,
      lasting,
      passing,
      slowExchange,
      quickExchange,
    }),
    glassAlone,
    verdict: holdVerdict(input, { total, relief, soak }),
  };
}
