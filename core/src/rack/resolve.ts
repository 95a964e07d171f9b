// Which value speaks: measured outranks the sheet, the sheet outranks the composition, that outranks the representative.
import type { Colour } from '../fit/colour';
import { STRESS_OPTICAL } from '../fit/polarised';
import type { Glass } from '../glass/glass';
import { strainPoint } from '../glass/viscosity';
import { QUANTITIES, type Quantity, type RackEntry } from './entry';
import { estimate, type Estimated } from './estimate';

/** Who gave a value, strongest first. */
export const SPEAKERS = ['measured', 'sheet', 'composition', 'representative'] as const;
export type Speaker = (typeof SPEAKERS)[number];

/** A value, who gave it, and its error where one is known. */
export interface Spoken {
  readonly value: number;
  readonly by: Speaker;
  readonly error?: number | undefined;
}

export type SpokenValues = Readonly<Record<Quantity, Spoken>>;

/** Metals and minerals have no fixed points that matter here; a number past every glass. */
const NEVER = 2000;
const OTHER = {
  conductivity: 200,
  specificHeat: 400,
} as const;
// Hard glass, from memory; soft soda-lime in `STRESS_OPTICAL`.
const HARD_OPTICAL = 3.6e-12;
/** Molten glass is so much lighter than cold. From memory. */
export const MOLTEN_SHARE = 0.96;

const POINTS = ['strainPoint', 'annealing', 'softening', 'working'] as const;
/** The points a viscosity curve goes through. */
const CURVE = ['annealing', 'softening', 'working'] as const;

const optical = (family: RackEntry['family']): number =>
  family === 'hard' ? HARD_OPTICAL : STRESS_OPTICAL;

/** What a glass says by itself. */
export const factsOfGlass = (g: Glass): Record<Quantity, number> => ({
  expansion: g.expansion,
  strainPoint: g.strainPoint ?? strainPoint(g),
  annealing: g.annealing,
  softening: g.softening,
  working: g.working,
  density: g.density,
  youngsModulus: g.youngsModulus,
  poisson: g.poisson,
  conductivity: g.conductivity,
  specificHeat: g.specificHeat,
  stressOptical: g.stressOptical ?? optical(g.family),
});

/** What a colour says by itself; what a colour's sheet never tells is its family's glass's. */
export const factsOfColour = (c: Colour, like: Glass): Record<Quantity, number> => ({
  ...factsOfGlass(like),
  expansion: c.expansion,
  density: c.density,
  youngsModulus: c.youngsModulus,
  poisson: c.poisson,
  stressOptical: c.stressOptical ?? optical(c.family),
  ...(c.family === 'other'
    ? {
        strainPoint: NEVER,
        annealing: NEVER + 1,
        softening: NEVER + 2,
        working: NEVER + 3,
        ...OTHER,
      }
    : {
        strainPoint: c.strainPoint,
        softening: c.softening,
        // The rest of the curve lies as far above and below as its family's does.
        annealing: c.strainPoint + (like.annealing - strainPoint(like)),
        working: c.softening + (like.working - like.softening),
      }),
});

/** Every value of an entry with who gave it. `representative` speaks where nobody else does. */
export function resolve(
  entry: Pick<RackEntry, 'values' | 'composition'>,
  representative: Readonly<Record<Quantity, number>>,
): SpokenValues {
  const estimated = entry.composition ? safeEstimate(entry.composition) : {};
  const spoken = (q: Quantity): Spoken => {
    const given = entry.values[q];
    if (given?.measured !== undefined) return { value: given.measured, by: 'measured' };
    if (given?.sheet !== undefined) return { value: given.sheet, by: 'sheet' };
    const guess = estimated[q];
    if (guess) return { value: guess.value, error: guess.error, by: 'composition' };
    return { value: representative[q], by: 'representative' };
  };
  const values = Object.fromEntries(QUANTITIES.map((q) => [q, spoken(q)])) as Record<
    Quantity,
    Spoken
  >;
  // Points nobody gave move with those somebody did: a glass that is stiffer at one is stiffer at all.
  const given = POINTS.filter((q) => values[q].by !== 'representative');
  const shift =
    given.reduce((sum, q) => sum + values[q].value - representative[q], 0) / (given.length || 1);
  for (const q of POINTS)
    if (values[q].by === 'representative')
      values[q] = { value: values[q].value + shift, by: 'representative' };
  // A strain point nobody gave follows from a curve somebody did; a curve that was given knows it better than a composition, whose
  // estimate may lie above the annealing point it belongs to.
  const byHand = (q: Quantity): boolean => values[q].by === 'sheet' || values[q].by === 'measured';
  if (
    !byHand('strainPoint') &&
    (values.strainPoint.by === 'representative'
      ? given.length === 3
      : CURVE.every((q) => byHand(q))) &&
    values.annealing.value < values.softening.value &&
    values.softening.value < values.working.value
  ) {
    values.strainPoint = {
      value: strainPoint({
        annealing: values.annealing.value,
        softening: values.softening.value,
        working: values.working.value,
      }),
      by: values.annealing.by,
    };
  }
  return values;
}

/** A composition that cannot be estimated says nothing; `checkEntry` says why. */
function safeEstimate(
  composition: Readonly<Record<string, number>>,
): Partial<Record<Quantity, Estimated>> {
  try {
    return estimate(composition);
  } catch {
    return {};
  }
}
