// Tonight: the annealing schedule as rows and as a curve, from the wall, the step, the opening and the glass.
import { diffusivity, thermoelasticModulus, type Glass } from '../glass/glass';
import { fitVft, logViscosity, strainPoint, temperatureAtLog } from '../glass/viscosity';
import type { Figure, Verdict } from '../units/why';
import {
  allowedRate,
  lastingPerRate,
  passingPerRate,
  RESTRAINT,
  slabEquivalent,
  stepLag,
  STRUCTURAL_FACTOR,
  type StressPerRate,
} from './allow';
import { fall, naturalRate, settlesAt, type Box, type Fall } from './box';
import { surfaceExchange } from './exchange';
import type { Annealed } from './outcome';
import { PRACTICES, SAFETY, WORKING_STRESS, type Practice } from './practice';
import { layRows, traceCurve, type CurvePoint, type ScheduleRow } from './programme';
import { FROZEN_UNDER } from './ramp';
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

/**
 * The slow fall ends where what the quicker fall brings can no longer be frozen in: while the glass grows ten times stiffer (some
 * 15 K) at most a hundredth of its relaxation time may pass. Calibrated on the simulation, which has the last word.
 */
const STIFFENS = 15;
const RELAXATION_TIMES = 800;
const LOG_FROZEN = { least: 14.5, most: 20 };
/** Between these viscosities at the hold, glass neither sags within hours nor takes days to relax. */
const LOG_SAGS = 10.5;
const LOG_SLOW = 13.9;
/** A box has to be able to go so much above its hold to keep it, K. */
const STEERS = 5;
const HOUR = 3600;
const ADAMS =
  'Adams & Williamson 1920; Timoshenko & Goodier; structural factor from memory until simulated.';

const bodyWords = {
  slab: 'air on both sides',
  oneSided: 'cools from outside only',
  cylinder: 'a rod',
  ball: 'a ball',
} as const;
/** The numbers under M d²/κ: frozen in the middle, and passing in the skin. */
const UNDER = {
  slab: [FROZEN_UNDER.slab, 12],
  oneSided: [FROZEN_UNDER.oneSided, 3],
  cylinder: [FROZEN_UNDER.cylinder, 32],
  ball: [FROZEN_UNDER.ball, 60],
} as const;

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
  const realSlow = slowFall.programmed > 0 ? slow : naturalRate(box, hold);
  const glassAlone = soak + (hold - end) / slow + (end - door) / quick;
  const step = wall.stepThick - wall.stepThin;

  const wallInputs = [
    { name: 'thickest wall d', value: wall.thickest, kind: 'length' },
    { name: 'biggest step', value: step, kind: 'length' },
    { name: 'M = Eα/(1−ν)', value: thermoelasticModulus(glass), kind: 'modulusPerKelvin' },
    { name: 'diffusivity κ', value: diffusivity(glass), kind: 'diffusivity' },
  ] as const;
  const body = bodyWords[wall.body];

  return {
    rows,
    curve: traceCurve(rows, box),
    soak: {
      value: soak,
      kind: 'time',
      why: {
        says: `Until the box and the thickest wall are even, then until stress has gone at this temperature (${body}).`,
        formula: 'max(box evens, 3.9·(4L²/π²κ + ρcL/h)) + 15 min × η(hold)/10¹²',
        inputs: [
          { name: 'box evens', value: BOX_EVENS, kind: 'time' },
          { name: 'thickest wall evens', value: evening, kind: 'time' },
          { name: 'stress goes in', value: relief, kind: 'time' },
          { name: 'hold', value: hold, kind: 'temperature' },
          { name: 'the box is uneven by', value: box.unevenness, kind: 'temperatureDifference' },
          { name: 'exchange h', value: slowExchange, kind: 'heatTransfer' },
        ],
        source: 'Carslaw & Jaeger; ASTM C336 (15 min at the annealing point), scaled by viscosity.',
        changes: 'A hotter hold relaxes sooner; a thicker wall takes longer to even.',
      },
    },
    slowRate: {
      value: slow,
      kind: 'rate',
      why: {
        says: `The fastest fall that leaves no more than the practice allows (${body}). Wall and step add up.`,
        formula: `R = σ / (${String(STRUCTURAL_FACTOR)}·M d²/${String(UNDER[wall.body][0])}κ + ${String(restraint)}·M·lag)${input.tuned ? `, then × ${tuned.slow.toFixed(2)} by simulation` : ''}`,
        inputs: [
          { name: 'allowed σ', value: allows, kind: 'stress' },
          ...wallInputs,
          { name: 'lag of the step', value: stepLag(glass, wall, slowExchange), kind: 'time' },
          { name: 'of σ, the wall takes', value: slow * lasting.wall, kind: 'stress' },
          { name: 'of σ, the step takes', value: slow * lasting.step, kind: 'stress' },
        ],
        source: ADAMS,
        changes:
          lasting.step > lasting.wall
            ? 'The step between thick and thin drives this: a more even wall would shorten the night.'
            : 'The thickest wall drives this, by its square: a thinner base would shorten the night.',
      },
    },
    slowEnd: {
      value: end,
      kind: 'temperature',
      why: {
        says: 'Where the slow fall may end: the glass is by now so stiff that what the quicker fall brings does not stay.',
        formula: 'η = 800 · G · 15 K / R, R the quicker fall; log₁₀ η from 14.5 to 20',
        inputs: [
          { name: 'the box is uneven by', value: box.unevenness, kind: 'temperatureDifference' },
          { name: 'annealing point', value: glass.annealing, kind: 'temperature' },
          { name: 'strain point', value: strainPoint(glass), kind: 'temperature' },
        ],
        source: 'Vogel–Fulcher–Tammann through the glass’s fixed points.',
        changes: 'Your supplier’s fixed points.',
      },
    },
    quickRate: {
      value: quick,
      kind: 'rate',
      why: {
        says: 'Set glass only has to survive the passing tension of its own skin and its thin places.',
        formula: `R = (7 MPa / 2) / (M d²/${String(UNDER[wall.body][1])}κ + ${String(restraint)}·M·lag)${input.tuned ? `, then × ${tuned.quick.toFixed(2)} by simulation` : ''}`,
        inputs: [
          { name: 'working stress', value: WORKING_STRESS, kind: 'stress' },
          { name: 'safety', value: SAFETY, kind: 'count' },
          ...wallInputs,
          {
            name: 'exchange h, where the box takes over',
            value: quickExchange,
            kind: 'heatTransfer',
          },
        ],
        source: 'Shand, Glass Engineering Handbook (≈ 1000 psi prolonged); Timoshenko & Goodier.',
        changes: 'A thinner, more even piece may fall faster; the box may still be slower.',
      },
    },
    total: {
      value: total,
      kind: 'time',
      why: {
        says: sayTotal(total, glassAlone),
        formula: 'soak + slow fall + fall to the door, each no faster than the box loses heat',
        inputs: [
          { name: 'soak', value: soak, kind: 'time' },
          { name: 'slow fall', value: span(slowFall), kind: 'time' },
          { name: 'fall to the door', value: span(quickFall), kind: 'time' },
          { name: 'the glass alone would allow', value: glassAlone, kind: 'time' },
          { name: 'box cooling time', value: box.coolingTime, kind: 'time' },
          { name: 'door at', value: door, kind: 'temperature' },
        ],
        source: 'The rows of this schedule; Newton’s law for the box.',
        changes:
          total > 1.5 * glassAlone
            ? 'The box sets the clock, not the glass: a lighter box would be cold sooner.'
            : 'The glass sets the clock: wall, step, practice and hold temperature.',
      },
    },
    glassAlone,
    leaves: {
      value: realSlow * (lasting.wall + lasting.step),
      kind: 'stress',
      why: {
        says: 'Tension this fall leaves in the glass for good, as the closed theory has it; about 27 nm/cm each MPa in soda-lime.',
        formula: 'σ = R·(wall + step)',
        inputs: [
          { name: 'fall', value: realSlow, kind: 'rate' },
          { name: 'from the wall', value: realSlow * lasting.wall, kind: 'stress' },
          { name: 'from the step', value: realSlow * lasting.step, kind: 'stress' },
        ],
        source: ADAMS,
        changes: 'A slower fall, in proportion; a thinner wall, by its square.',
      },
    },
    passing: {
      value: worstPassing(box, end, quickFall, quick) * (passing.wall + passing.step),
      kind: 'stress',
      why: {
        says: 'The most tension that passes through the skin while the set glass cools.',
        formula: 'σ = R·(wall + step)',
        inputs: [
          { name: 'fastest fall', value: worstPassing(box, end, quickFall, quick), kind: 'rate' },
          { name: 'kept below', value: WORKING_STRESS / SAFETY, kind: 'stress' },
        ],
        source: 'Timoshenko & Goodier; Shand, Glass Engineering Handbook.',
        changes: 'Keep the door shut: a draught is a faster fall than any programme.',
      },
    },
    verdict: judge(input, total, relief),
  };
}

/**
 * The fall of set glass. Colder glass gives its heat away worse, but the box is slower there too: what counts is the
 * exchange at the temperature where the box can no longer follow, found by repetition from the hot end.
 */
function quickestFall(
  { glass, wall, assumes, box, doorTemperature: door }: ScheduleInput,
  end: number,
): { readonly quick: number; readonly passing: StressPerRate; readonly exchange: number } {
  let at = end;
  for (let i = 0; ; i += 1) {
    const exchange = surfaceExchange(at);
    const passing = passingPerRate(glass, wall, exchange, assumes?.restraint);
    const quick = allowedRate(passing, WORKING_STRESS / SAFETY);
    const next = Math.min(at, Math.max(door, box.room + quick * box.coolingTime));
    if (i === 30 || at - next < 0.5) return { quick, passing, exchange };
    at = next;
  }
}

/** Where the slow fall may end, °C: the quicker the next fall, the sooner. */
function frozenAt(input: ScheduleInput): number {
  const { glass, tuned } = input;
  const vft = fitVft(glass);
  const at = (log: number): number => temperatureAtLog(vft, log);
  const quick = quickestFall(input, at(LOG_FROZEN.least)).quick * (tuned?.quick ?? 1);
  const shear = glass.youngsModulus / (2 * (1 + glass.poisson));
  const log = Math.log10((RELAXATION_TIMES * shear * STIFFENS) / quick);
  return at(Math.min(LOG_FROZEN.most, Math.max(LOG_FROZEN.least, log)));
}

const span = (f: Fall): number => f.programmed + f.natural;

const worstPassing = (box: Box, end: number, f: Fall, quick: number): number =>
  f.programmed > 0 ? quick : Math.min(quick, naturalRate(box, end));

const inHours = (s: number): string => (s / HOUR).toFixed(s < 100 * HOUR ? 1 : 0);

function sayTotal(total: number, alone: number): string {
  return total > 1.5 * alone
    ? `From the last piece in to the door. The glass alone would allow ${inHours(alone)} h; the box cannot lose its heat faster than ${inHours(total)} h.`
    : `From the last piece in to the door. The glass needs ${inHours(alone)} h of it.`;
}

/** Would a piece of this glass sag under its own weight within hours at a temperature? */
export const sags = (glass: Glass, temperature: number): boolean =>
  logViscosity(fitVft(glass), temperature) < LOG_SAGS;

function judge(input: ScheduleInput, total: number, relief: number): Verdict {
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
