// Tonight: the annealing schedule as rows and as a curve, from the wall, the step, the opening and the glass.
import type { Figure, Verdict } from '../units/why';
import { allowedRate, lastingPerRate, RESTRAINT, slabEquivalent } from './allow';
import { fall, type Box } from './box';
import { surfaceExchange } from './exchange';
import { holdVerdict } from './holdVerdict';
import type { Annealed } from './outcome';
import { PRACTICES, type Practice } from './practice';
import { layRows, traceCurve, type CurvePoint, type ScheduleRow } from './programme';
import { frozenAt, quickestFall } from './quickFall';
import { scheduleFigures, span } from './scheduleFigures';
import { BOX_EVENS, eveningTime, reliefTime } from './soak';

/** What tonight needs to know. °C, s, m. */
export interface ScheduleInput extends Annealed {
  readonly practice: Practice;
  readonly holdTemperature: number;
  readonly doorTemperature: number;
  readonly box: Box;
  /** How long the box is held from the first piece to the last, s. */
  readonly holding: number;
  /** Factors the simulation found for the slow fall, the fall of set glass and the soak; 1 when left out. */
  readonly tuned?: Tuned | undefined;
}

/** How far a schedule was moved from its first guess. */
export interface Tuned {
  readonly slow: number;
  readonly quick: number;
  readonly soak: number;
}

/** The whole answer. */
export interface Schedule {
  readonly rows: readonly ScheduleRow[];
  readonly curve: readonly CurvePoint[];
  readonly soak: Figure;
  readonly slowRate: Figure;
  readonly slowEnd: Figure;
  readonly quickRate: Figure;
  /** From the last piece in to the door, s. */
  readonly total: Figure;
  /** The same if the box could fall as fast as the glass allows, s. */
  readonly glassAlone: number;
  readonly leaves: Figure;
  readonly passing: Figure;
  readonly verdict: Verdict;
}

/** Calculates the schedule. Every temperature must be above the room's; ranges are the schema's business. */
export function annealingSchedule(input: ScheduleInput): Schedule {
  const { glass, wall, box, holdTemperature: hold, doorTemperature: door } = input;
  const allows = PRACTICES[input.practice].allows;
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
    verdict: holdVerdict(input, total, relief),
  };
}
