// The figures of a schedule with their reasons: what each says, its formula, its source, what would change it.
import { tr, trWord } from '../words/tr';
import { diffusivity, thermoelasticModulus } from '../glass/glass';
import { strainOf } from '../glass/viscosity';
import { RESTRAINT, stepLag, STRUCTURAL_FACTOR, type StressPerRate } from './allow';
import { naturalRate, type Box, type Fall } from './box';
import { inHours } from './holdVerdict';
import { MAY_PASS, SAFETY, WORKING_STRESS, allowedOf } from './practice';
import { FROZEN_UNDER } from './ramp';
import type { Schedule, ScheduleInput } from './scheduleInput';
import { BOX_EVENS } from './soak';

const ADAMS = () =>
  tr`Adams & Williamson 1920; Timoshenko & Goodier; structural factor from memory until simulated.`;

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

/** What a schedule was worked out to: °C, s, K/s, Pa per K/s. */
export interface Worked {
  readonly end: number;
  readonly soak: number;
  readonly evening: number;
  readonly relief: number;
  readonly slow: number;
  readonly quick: number;
  readonly slowFall: Fall;
  readonly quickFall: Fall;
  readonly total: number;
  readonly glassAlone: number;
  readonly lasting: StressPerRate;
  readonly passing: StressPerRate;
  readonly slowExchange: number;
  readonly quickExchange: number;
}

type Figures = Pick<
  Schedule,
  'soak' | 'slowRate' | 'slowEnd' | 'quickRate' | 'total' | 'leaves' | 'passing'
>;

/** Of the glass and its walls, what both falls go by. */
const wallInputs = ({ glass, wall }: ScheduleInput) =>
  [
    { name: tr`thickest wall d`, value: wall.thickest, kind: 'length' },
    { name: tr`biggest step`, value: wall.stepThick - wall.stepThin, kind: 'length' },
    { name: 'M = Eα/(1−ν)', value: thermoelasticModulus(glass), kind: 'modulusPerKelvin' },
    { name: tr`diffusivity κ`, value: diffusivity(glass), kind: 'diffusivity' },
  ] as const;

/** How long it soaks. */
function soakFigure(input: ScheduleInput, w: Worked): Pick<Figures, 'soak'> {
  const { wall, box, holdTemperature: hold } = input;
  const { soak, evening, relief, slowExchange } = w;
  const body = bodyWords[wall.body];
  return {
    soak: {
      value: soak,
      kind: 'time',
      why: {
        says: tr`Until the box and the thickest wall are even, then until stress has gone at this temperature (${trWord(body)}).`,
        formula: tr`max(box evens, 3.9·(4L²/π²κ + ρcL/h)) + 15 min × η(hold)/10¹²`,
        inputs: [
          { name: tr`box evens`, value: BOX_EVENS, kind: 'time' },
          { name: tr`thickest wall evens`, value: evening, kind: 'time' },
          { name: tr`stress goes in`, value: relief, kind: 'time' },
          { name: tr`hold`, value: hold, kind: 'temperature' },
          { name: tr`the box is uneven by`, value: box.unevenness, kind: 'temperatureDifference' },
          { name: tr`exchange h`, value: slowExchange, kind: 'heatTransfer' },
        ],
        source: tr`Carslaw & Jaeger; ASTM C336 (15 min at the annealing point), scaled by viscosity.`,
        changes: tr`A hotter hold relaxes sooner; a thicker wall takes longer to even.`,
      },
    },
  };
}

/** The fall through the strain range, and where it may end. */
function slowFigures(input: ScheduleInput, w: Worked): Pick<Figures, 'slowRate' | 'slowEnd'> {
  const { glass, wall, box } = input;
  const { end, slow, lasting, slowExchange } = w;
  const allows = allowedOf(input);
  const restraint = input.assumes?.restraint ?? RESTRAINT;
  const body = bodyWords[wall.body];
  return {
    slowRate: {
      value: slow,
      kind: 'rate',
      why: {
        says: tr`The fastest fall that leaves no more than the practice allows (${trWord(body)}). Wall and step add up.`,
        formula: `R = σ / (${String(STRUCTURAL_FACTOR)}·M d²/${String(UNDER[wall.body][0])}κ + ${String(restraint)}·M·lag)${input.tuned ? tr`, then × ${input.tuned.slow.toFixed(2)} by simulation` : ''}`,
        inputs: [
          { name: tr`allowed σ`, value: allows, kind: 'stress' },
          ...wallInputs(input),
          { name: tr`lag of the step`, value: stepLag(glass, wall, slowExchange), kind: 'time' },
          { name: tr`of σ, the wall takes`, value: slow * lasting.wall, kind: 'stress' },
          { name: tr`of σ, the step takes`, value: slow * lasting.step, kind: 'stress' },
        ],
        source: ADAMS(),
        changes:
          lasting.step > lasting.wall
            ? tr`The step between thick and thin drives this: a more even wall would shorten the night.`
            : tr`The thickest wall drives this, by its square: a thinner base would shorten the night.`,
      },
    },
    slowEnd: {
      value: end,
      kind: 'temperature',
      why: {
        says: tr`Where the slow fall may end: the glass is by now so stiff that what the quicker fall brings does not stay.`,
        formula: tr`η = 800 · G · 15 K / R, R the quicker fall; log₁₀ η from 14.5 to 20`,
        inputs: [
          { name: tr`the box is uneven by`, value: box.unevenness, kind: 'temperatureDifference' },
          { name: tr`annealing point`, value: glass.annealing, kind: 'temperature' },
          { name: tr`strain point`, value: strainOf(glass), kind: 'temperature' },
        ],
        source: tr`Vogel–Fulcher–Tammann through the glass’s fixed points.`,
        changes: tr`Your supplier’s fixed points.`,
      },
    },
  };
}

/** The fall of set glass. */
function quickFigure(input: ScheduleInput, w: Worked): Pick<Figures, 'quickRate'> {
  const { wall } = input;
  const { quick, quickExchange } = w;
  const restraint = input.assumes?.restraint ?? RESTRAINT;
  return {
    quickRate: {
      value: quick,
      kind: 'rate',
      why: {
        says: tr`Set glass only has to survive the passing tension of its own skin and its thin places.`,
        formula: `R = (7 MPa / 2) / (M d²/${String(UNDER[wall.body][1])}κ + ${String(restraint)}·M·lag)${input.tuned ? tr`, then × ${input.tuned.quick.toFixed(2)} by simulation` : ''}`,
        inputs: [
          { name: tr`working stress`, value: WORKING_STRESS, kind: 'stress' },
          { name: tr`safety`, value: SAFETY, kind: 'count' },
          ...wallInputs(input),
          {
            name: tr`exchange h, where the box takes over`,
            value: quickExchange,
            kind: 'heatTransfer',
          },
        ],
        source: tr`Shand, Glass Engineering Handbook (≈ 1000 psi prolonged); Timoshenko & Goodier.`,
        changes: tr`A thinner, more even piece may fall faster; the box may still be slower.`,
      },
    },
  };
}

/** From the last piece in to the door. */
function totalFigure(input: ScheduleInput, w: Worked): Pick<Figures, 'total'> {
  const { box, doorTemperature: door } = input;
  const { soak, slowFall, quickFall, total, glassAlone } = w;
  return {
    total: {
      value: total,
      kind: 'time',
      why: {
        says: sayTotal(total, glassAlone),
        formula: tr`soak + slow fall + fall to the door, each no faster than the box loses heat`,
        inputs: [
          { name: tr`soak`, value: soak, kind: 'time' },
          { name: tr`slow fall`, value: span(slowFall), kind: 'time' },
          { name: tr`fall to the door`, value: span(quickFall), kind: 'time' },
          { name: tr`the glass alone would allow`, value: glassAlone, kind: 'time' },
          { name: tr`box cooling time`, value: box.coolingTime, kind: 'time' },
          { name: tr`door at`, value: door, kind: 'temperature' },
        ],
        source: tr`The rows of this schedule; Newton’s law for the box.`,
        changes:
          total > 1.5 * glassAlone
            ? tr`The box sets the clock, not the glass: a lighter box would be cold sooner.`
            : tr`The glass sets the clock: wall, step, practice and hold temperature.`,
      },
    },
  };
}

/** What stays, and what passes, by the closed theory. */
function stressFigures(input: ScheduleInput, w: Worked): Pick<Figures, 'leaves' | 'passing'> {
  const { box, holdTemperature: hold } = input;
  const { end, slow, quick, slowFall, quickFall, lasting, passing } = w;
  const realSlow = slowFall.programmed > 0 ? slow : naturalRate(box, hold);
  const fastest = worstPassing(box, end, quickFall, quick);
  return {
    leaves: {
      value: realSlow * (lasting.wall + lasting.step),
      kind: 'stress',
      why: {
        says: tr`Tension this fall leaves in the glass for good, as the closed theory has it; about 27 nm/cm each MPa in soda-lime.`,
        formula: tr`σ = R·(wall + step)`,
        inputs: [
          { name: tr`fall`, value: realSlow, kind: 'rate' },
          { name: tr`from the wall`, value: realSlow * lasting.wall, kind: 'stress' },
          { name: tr`from the step`, value: realSlow * lasting.step, kind: 'stress' },
        ],
        source: ADAMS(),
        changes: tr`A slower fall, in proportion; a thinner wall, by its square.`,
      },
    },
    passing: {
      value: fastest * (passing.wall + passing.step),
      kind: 'stress',
      why: {
        says: tr`The most tension that passes through the skin while the set glass cools.`,
        formula: tr`σ = R·(wall + step)`,
        inputs: [
          { name: tr`fastest fall`, value: fastest, kind: 'rate' },
          { name: tr`kept below`, value: MAY_PASS, kind: 'stress' },
        ],
        source: tr`Timoshenko & Goodier; Shand, Glass Engineering Handbook.`,
        changes: tr`Keep the door shut: a draught is a faster fall than any programme.`,
      },
    },
  };
}

/** The figures of tonight. */
export const scheduleFigures = (input: ScheduleInput, w: Worked): Figures => ({
  ...soakFigure(input, w),
  ...slowFigures(input, w),
  ...quickFigure(input, w),
  ...totalFigure(input, w),
  ...stressFigures(input, w),
});

/** How long a fall takes, s. */
export const span = (f: Fall): number => f.programmed + f.natural;

const worstPassing = (box: Box, end: number, f: Fall, quick: number): number =>
  f.programmed > 0 ? quick : Math.min(quick, naturalRate(box, end));

function sayTotal(total: number, alone: number): string {
  return total > 1.5 * alone
    ? tr`From the last piece in to the door. The glass alone would allow ${inHours(alone)} h; the box cannot lose its heat faster than ${inHours(total)} h.`
    : tr`From the last piece in to the door. The glass needs ${inHours(alone)} h of it.`;
}
