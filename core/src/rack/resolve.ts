// Which value speaks: measured outranks the sheet, the sheet outranks the composition, that outranks the representative.
import type { Quantity, RackEntry } from '@zanfirico/contract/rack';
import type { Colour } from '../fit/colour';
import { STRESS_OPTICAL } from '../fit/polarised';
import type { Glass } from '../glass/glass';
import {
  LOG_ANNEALING,
  LOG_SOFTENING,
  LOG_STRAIN,
  LOG_WORKING,
  strainOf,
  strainPoint,
  temperatureAtLog,
  vftThrough,
  type Vft,
} from '../glass/viscosity';
import { QUANTITIES } from './entry';
import { estimate, type Estimated } from './estimate';

/** Who gave a value, strongest first. */
export const SPEAKERS = ['measured', 'sheet', 'composition', 'representative'] as const;
/** Whose number it is. */
export type Speaker = (typeof SPEAKERS)[number];

/** A value, who gave it, and its error where one is known. */
export interface Spoken {
  readonly value: number;
  readonly by: Speaker;
  readonly error?: number | undefined;
}

/** Every number with whose it is. */
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
const LOGS = {
  strainPoint: LOG_STRAIN,
  annealing: LOG_ANNEALING,
  softening: LOG_SOFTENING,
  working: LOG_WORKING,
} as const;
/** A silicate glass's own T₀ lies so far below its annealing point, K: what a curve through three points must keep to. From memory. */
const NEAREST_T0 = 150;
const FURTHEST_T0 = 400;

const optical = (family: RackEntry['family']): number =>
  family === 'hard' ? HARD_OPTICAL : STRESS_OPTICAL;

/** What a glass says by itself. */
export const factsOfGlass = (g: Glass): Record<Quantity, number> => ({
  expansion: g.expansion,
  strainPoint: strainOf(g),
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
  const base = (q: Point): number => estimated[q]?.value ?? representative[q];
  return {
    ...values,
    ...oneCurve(values, {
      strainPoint: base('strainPoint'),
      annealing: base('annealing'),
      softening: base('softening'),
      working: base('working'),
    }),
  };
}

type Point = (typeof POINTS)[number];
type Points = Pick<SpokenValues, Point>;

/**
 * The fixed points of one glass, all on one curve. What somebody gave stands. Three of them given make the curve, and the fourth is
 * read off it; with fewer, those nobody gave are the composition's or the representative's (`base`), moved as far as the given ones
 * lie from theirs: a glass that is stiffer at one is stiffer at all. The strain point nobody gave is then the curve's own, as far off
 * it as it is in `base` (of a glass not at all).
 */
function oneCurve(values: SpokenValues, base: Readonly<Record<Point, number>>): Points {
  const { strainPoint: strain, annealing, softening, working } = values;
  const points: Record<Point, Spoken> = { strainPoint: strain, annealing, softening, working };
  const given = POINTS.filter((q) => ['sheet', 'measured'].includes(values[q].by));
  const missing = POINTS.filter((q) => !given.includes(q));
  const [fourth] = missing;
  if (given.length === 0 || fourth === undefined) return points;
  const curve = given.length === 3 ? curveThrough(points, given) : undefined;
  if (curve) {
    const by = values[fourth === 'annealing' ? 'softening' : 'annealing'].by;
    return { ...points, [fourth]: { value: temperatureAtLog(curve, LOGS[fourth]), by } };
  }
  const shift = given.reduce((sum, q) => sum + values[q].value - base[q], 0) / given.length;
  for (const q of missing) points[q] = { ...points[q], value: base[q] + shift };
  if (given.includes('strainPoint') || !rising(points)) return points;
  const off = base.strainPoint - curveStrain((q) => base[q]);
  const value = curveStrain((q) => points[q].value) + off;
  return { ...points, strainPoint: { ...points.strainPoint, value } };
}

/** The strain point of the curve through the other three points, °C. */
export const curveStrain = (at: (q: Point) => number): number =>
  strainPoint({ annealing: at('annealing'), softening: at('softening'), working: at('working') });

/** Do the points a curve goes through rise? */
export const rising = ({ annealing, softening, working }: Points): boolean =>
  annealing.value < softening.value && softening.value < working.value;

/** A curve of a glass through three points; none where no glass stiffens so. */
function curveThrough(points: Points, three: readonly Point[]): Vft | undefined {
  const at = three.map((q) => [points[q].value, LOGS[q]] as const);
  const [a, b, c] = at;
  if (!a || !b || !c || !(a[0] < b[0] && b[0] < c[0])) return undefined;
  const vft = vftThrough([a, b, c]);
  const annealing = temperatureAtLog(vft, LOG_ANNEALING);
  const lowest = annealing - vft.t0;
  return vft.b > 0 && lowest > NEAREST_T0 && lowest < FURTHEST_T0 ? vft : undefined;
}

/** A composition that cannot be estimated says nothing; `checkEntry` says why. */
export function safeEstimate(
  composition: Readonly<Record<string, number>>,
): Partial<Record<Quantity, Estimated>> {
  try {
    return estimate(composition);
  } catch {
    return {};
  }
}
