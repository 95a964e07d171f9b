// What goes wrong in a step: glass too stiff or too soft for it, a zone near its strain point beside hot glass, faces to be joined
// too far apart; each with its cause and what to do.
import { meanOf } from '../conduction/cells';
import { consistency, type Band } from '../glass/consistency';
import { fitVft, logViscosity, strainPoint, type Vft } from '../glass/viscosity';
import type { Verdict } from '../units/why';
import { factsOf, type WorkStep } from '../work/facts';
import { areOne } from '../work/joined';
import { STEPS } from '../work/steps';
import { takes, zonesNow, type HeatPart, type HeatState } from './hotShop';
import type { HeatZone } from './zones';

/** What a step needs at worst, as log₁₀ η: not stiffer than this while it lasts … */
const STIFFEST: Partial<Record<Band, number>> = { runny: 3, soft: 4.1, workable: 5 };
/** … or, for what has to set, not softer than this at its end. */
const SOFTEST: Partial<Record<Band, number>> = { stiff: 3.9, set: 6.2 };
/** Runnier than this nothing can be shaped. */
const RUNS = 2.5;
/** A skin nearer than this to its strain point is to be watched; at it, with hot glass beside it, it cracks. K */
const NEAR_STRAIN = 40;
/** Glass is under strain only beside glass this much hotter than the strain point, K. */
const HOTTER = 60;
/** Faces further apart than this pull at their join, K. Common practice, no source. */
const FACES_APART = 380;

/** What went wrong, on which part, and of what kind: what heat can mend, what only waiting can. */
export interface Trouble {
  readonly kind: 'stiff' | 'runs' | 'unset' | 'cold' | 'faces';
  readonly part: number;
  readonly end: HeatZone['end'] | 'all';
  readonly verdict: Exclude<Verdict, { verdict: 'good' }>;
}

/** Viscosity of each part's glass and its strain point, worked out once. */
export interface Stiffness {
  readonly vft: readonly Vft[];
  readonly strainPoint: readonly number[];
}
export const stiffnessOf = (parts: readonly HeatPart[]): Stiffness => ({
  vft: parts.map((p) => fitVft(p.glass)),
  strainPoint: parts.map((p) => p.glass.strainPoint ?? strainPoint(p.glass)),
});

/** Hottest and coldest mean, and coldest skin, of the zones a step works. */
export interface Found {
  readonly hottest: number;
  readonly coldest: number;
  readonly coldestZone: string;
  readonly mean: number;
}

export function found(
  state: HeatState,
  parts: readonly HeatPart[],
  step: WorkStep,
): Found | undefined {
  const part = parts[step.part];
  if (!part) return undefined;
  const wanted = step.zone ?? factsOf(step).zone;
  let [hottest, coldest, sum, count] = [-Infinity, Infinity, 0, 0];
  let coldestZone = '';
  zonesNow(state, part, step.part).forEach((z, k) => {
    const t = state.cells[step.part]?.[k];
    if (!t || !takes(wanted, z)) return;
    const mean = meanOf(z.grid, t);
    hottest = Math.max(hottest, mean);
    if (mean < coldest) coldestZone = z.name;
    coldest = Math.min(coldest, mean);
    sum += mean;
    count += 1;
  });
  return count === 0 ? undefined : { hottest, coldest, coldestZone, mean: sum / count };
}

const NEVER_COLD = new Set(['gather', 'bit', 'begin', 'heat', 'park', 'fetch', 'box']);

/** The consistency a step asks for, when it asks at all. */
export const needOf = (step: WorkStep): Band | undefined =>
  step.needs ?? STEPS[step.kind === 'own' ? (step.like ?? 'shapeBit') : step.kind].needs;

/**
 * The worst trouble of a step between its start and its end, or nothing. `watch` only when `margins` asks for them too.
 */
export function troubleOf(
  step: WorkStep,
  parts: readonly HeatPart[],
  stiff: Stiffness,
  end: Found | undefined,
): Trouble | undefined {
  const part = parts[step.part];
  const vft = stiff.vft[step.part];
  if (!part || !vft || !end) return undefined;
  const needs = needOf(step);
  const { does } = factsOf(step);
  // In the fire it is only getting hotter.
  if (needs === undefined || NEVER_COLD.has(does) || factsOf(step).heat === 'glory hole')
    return undefined;
  const log = (t: number): number => logViscosity(vft, t);
  const limit = STIFFEST[needs];
  const told = (
    kind: Trouble['kind'],
    verdict: 'watch' | 'no',
    because: string,
    remedy: string,
  ): Trouble => ({ kind, part: step.part, end: 'all', verdict: { verdict, because, remedy } });
  if (limit !== undefined) {
    const place =
      end.coldestZone === 'on the iron' || end.coldestZone === 'all of it'
        ? 'glass'
        : end.coldestZone;
    if (log(end.coldest) > limit)
      return told(
        'stiff',
        log(end.coldest) > limit + 0.6 ? 'no' : 'watch',
        `The ${place} of the ${part.name} is ${consistency(log(end.coldest))} (${degrees(end.coldest)}) before this is done; it wants ${needs} glass.`,
        'Heat it before this step, or make the step shorter.',
      );
    if (log(end.hottest) < RUNS && needs !== 'runny')
      return told(
        'runs',
        'watch',
        `The ${part.name} still runs (${degrees(end.hottest)}): nothing holds its shape.`,
        'Heat less before, or let it stand a moment.',
      );
    return undefined;
  }
  const least = SOFTEST[needs];
  if (least !== undefined && log(end.hottest) < least)
    return told(
      'unset',
      log(end.hottest) < least - 0.9 ? 'no' : 'watch',
      `The ${part.name} is still ${consistency(log(end.hottest))} (${degrees(end.hottest)}) where it should have set: it sags or is marked.`,
      'Let it stand longer, or cool it with air or a paddle.',
    );
  return undefined;
}

/** A zone that has gone too cold beside hot glass, if any, among everything that is not in the box. */
export function coldTrouble(
  state: HeatState,
  parts: readonly HeatPart[],
  stiff: Stiffness,
  margin = 0,
): Trouble | undefined {
  let worst: { over: number; part: number; zone: HeatZone; skin: number } | undefined;
  parts.forEach((part, i) => {
    if (state.phase[i] !== 'formed' && state.phase[i] !== 'lump') return;
    // Hard glass shrinks a third as much: it stands cold beside hot.
    if (part.glass.family === 'hard') return;
    const strain = stiff.strainPoint[i] as number;
    const mates = parts.flatMap((p, k) =>
      areOne(state.groups, k, i)
        ? zonesNow(state, p, k).map((z, j) => meanOf(z.grid, state.cells[k]?.[j] as Float64Array))
        : [],
    );
    if (Math.max(...mates) < strain + HOTTER) return;
    zonesNow(state, part, i).forEach((z, j) => {
      const t = state.cells[i]?.[j] as Float64Array;
      const skin = t[t.length - 1] as number;
      const over = skin - strain;
      if (over < NEAR_STRAIN + margin && (!worst || over < worst.over))
        worst = { over, part: i, zone: z, skin };
    });
  });
  if (!worst) return undefined;
  const name = parts[worst.part]?.name ?? '';
  return {
    kind: 'cold',
    part: worst.part,
    end: worst.zone.end,
    verdict: {
      verdict: worst.over < 0 ? 'no' : 'watch',
      because: `The ${worst.zone.name} of the ${name} is down to ${degrees(worst.skin)}${worst.over < 0 ? ', under' : ', near'} its strain point, beside glass that is hot: it cracks there.`,
      remedy: 'Flash it before, or shield it; keep the hand torch on it while the rest is worked.',
    },
  };
}

const degrees = (t: number): string => `${String(Math.round(t))} °C`;

/** Faces of a join, judged. */
export function faces(
  state: HeatState,
  parts: readonly HeatPart[],
  stiff: Stiffness,
  step: WorkStep,
): Trouble | undefined {
  if (factsOf(step).does !== 'join' || step.to === undefined) return undefined;
  const [a, b] = [parts[step.part], parts[step.to]];
  if (!a || !b) return undefined;
  const nearest = (i: number, other: number): number => {
    const zones = zonesNow(state, parts[i] as HeatPart, i);
    const k = other > i ? zones.length - 1 : 0;
    const t = state.cells[i]?.[k];
    return t && zones[k] ? meanOf(zones[k].grid, t) : NaN;
  };
  const [ta, tb] = [nearest(step.part, step.to), nearest(step.to, step.part)];
  if (Number.isNaN(ta) || Number.isNaN(tb)) return undefined;
  const cold = Math.min(ta, tb);
  const colder = ta < tb ? step.part : step.to;
  if (step.seal === 'cold') return undefined;
  const strain = stiff.strainPoint[colder] as number;
  const told = (verdict: 'watch' | 'no', because: string, remedy: string): Trouble => ({
    kind: 'faces',
    part: colder,
    end: 'all',
    verdict: { verdict, because, remedy },
  });
  if (cold < strain + NEAR_STRAIN)
    return told(
      'no',
      `The face of the ${parts[colder]?.name ?? ''} is at ${degrees(cold)}: hot glass on it cracks it.`,
      'Flash it straight before the join.',
    );
  if (step.seal !== 'glue' && Math.abs(ta - tb) > FACES_APART)
    return told(
      'watch',
      `The faces differ by ${String(Math.round(Math.abs(ta - tb)))} K.`,
      'Heat the cooler face with the hand torch, or let the hotter one stand.',
    );
  return undefined;
}
