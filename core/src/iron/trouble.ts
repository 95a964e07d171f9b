// What goes wrong in a step with the glass it works: too stiff or too soft for it, made to run in the fire, let go before it holds its
// form; each with its cause and what to do.
import { tr, trWord } from '../words/tr';
import { meanOf } from '../conduction/cells';
import { consistency, type Band } from '../glass/consistency';
import { fitVft, logViscosity, strainOf, type Vft } from '../glass/viscosity';
import type { Verdict } from '../units/why';
import { factsOf, type WorkStep } from '../work/facts';
import { areOne } from '../work/joined';
import { STEPS } from '../work/steps';
import { takes, zonesNow, type HeatPart, type HeatState } from './hotShop';
import { sagsFrom } from './sag';
import type { Fires } from './surroundings';
import { placeOf, type HeatZone } from './zones';

/** What a step needs at worst, as log₁₀ η: not stiffer than this while it lasts (nothing moves from 5.5 on, PHYSICS §1) … */
const STIFFEST: Partial<Record<Band, number>> = { runny: 3, soft: 4.1, workable: 5.4 };
/** … or, for what has to set, not softer than this at its end. */
const SOFTEST: Partial<Record<Band, number>> = { stiff: 3.9, set: 6.2 };
/** Runnier than this nothing can be shaped, and a wall that was given its form loses it. */
const RUNS = 2.5;
/** Out of a heat a formed wall may come no runnier than this; a good deal runnier, and it is lost. */
const OVERHEATED = 2.45;
const LOST = 2.1;

/** What went wrong, on which part, and of what kind: what heat can mend, what only waiting can. */
export interface Trouble {
  readonly kind: 'stiff' | 'runs' | 'unset' | 'cold' | 'faces' | 'sags';
  readonly part: number;
  readonly end: HeatZone['end'] | 'all';
  readonly verdict: Exclude<Verdict, { verdict: 'good' }>;
}

/** Viscosity of each part's glass and its strain point, worked out once. */
export interface GlassStiffness {
  readonly vft: readonly Vft[];
  readonly strainPoint: readonly number[];
}
/** How stiff each part's glass is, by its curve. */
export const stiffnessOf = (parts: readonly HeatPart[]): GlassStiffness => ({
  vft: parts.map((p) => fitVft(p.glass)),
  strainPoint: parts.map((p) => strainOf(p.glass)),
});

/** Hottest and coldest mean, and coldest skin, of the zones a step works. */
export interface FoundTrouble {
  readonly hottest: number;
  readonly coldest: number;
  readonly coldestZone: string;
  readonly mean: number;
  /** It has its form: what runs loses it. A lump on the iron is only turned. */
  readonly formed: boolean;
}

/** A trouble as a verdict, with where it is. */
export function found(
  state: HeatState,
  parts: readonly HeatPart[],
  step: WorkStep,
): FoundTrouble | undefined {
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
  return count === 0
    ? undefined
    : {
        hottest,
        coldest,
        coldestZone,
        mean: sum / count,
        formed: state.phase[step.part] === 'formed',
      };
}

const NEVER_COLD = new Set(['gather', 'pick', 'bit', 'begin', 'heat', 'park', 'fetch', 'box']);

/** The consistency a step asks for, when it asks at all. */
export const needOf = (step: WorkStep): Band | undefined =>
  step.needs ?? STEPS[step.kind === 'own' ? (step.like ?? 'shapeBit') : step.kind].needs;

/**
 * The worst trouble of a step at its end, or nothing. `margin` asks for glass so much less stiff than the step's limit, log₁₀ η.
 */
export function heatTrouble(
  step: WorkStep,
  parts: readonly HeatPart[],
  stiff: GlassStiffness,
  end: FoundTrouble | undefined,
  margin = 0,
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
    if (log(end.coldest) > limit - margin)
      return told(
        'stiff',
        log(end.coldest) > limit + 0.6 ? 'no' : 'watch',
        tr`${capital(placeOf(end.coldestZone, part.name))} is ${trWord(consistency(log(end.coldest)))} (${wholeDegrees(end.coldest)}) before this is done; it wants ${trWord(needs)} glass.`,
        tr`Heat it before this step, or make the step shorter.`,
      );
    if (end.formed && log(end.hottest) < RUNS && needs !== 'runny')
      return told(
        'runs',
        'watch',
        tr`The ${part.name} still runs (${wholeDegrees(end.hottest)}): nothing holds its shape.`,
        tr`Heat less before, or let it stand a moment.`,
      );
    return undefined;
  }
  const least = SOFTEST[needs];
  if (least !== undefined && log(end.hottest) < least + margin)
    return told(
      'unset',
      log(end.hottest) < least - 0.9 ? 'no' : 'watch',
      tr`The ${part.name} is still ${trWord(consistency(log(end.hottest)))} (${wholeDegrees(end.hottest)}) where it should have set: it sags or is marked.`,
      tr`Let it stand longer, or cool it with air or a paddle.`,
    );
  return undefined;
}

/**
 * A sentence's first word.
 *
 * @example
 * capital('too cold') // 'Too cold'
 */
export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** Whole degrees Celsius, in words. */
export const wholeDegrees = (t: number): string => `${String(Math.round(t))} °C`;

/** Out of a heat: has a wall that was formed begun to run? */
export function heatedTrouble(
  state: HeatState,
  parts: readonly HeatPart[],
  stiff: GlassStiffness,
  step: WorkStep,
  margin = 0,
): Trouble | undefined {
  if (factsOf(step).does !== 'heat' && factsOf(step).heat !== 'glory hole') return undefined;
  let worst: { log: number; mean: number; part: number; zone: HeatZone } | undefined;
  parts.forEach((p, i) => {
    if (!areOne(state.groups, i, step.part) || state.phase[i] !== 'formed') return;
    zonesNow(state, p, i).forEach((zone, k) => {
      const mean = meanOf(zone.grid, state.cells[i]?.[k] as Float64Array);
      const log = logViscosity(stiff.vft[i] as Vft, mean);
      if (log < OVERHEATED + margin && (!worst || log < worst.log))
        worst = { log, mean, part: i, zone };
    });
  });
  if (!worst) return undefined;
  return {
    kind: 'runs',
    part: worst.part,
    end: worst.zone.end,
    verdict: {
      verdict: worst.log < LOST ? 'no' : 'watch',
      because: tr`${capital(placeOf(worst.zone.name, parts[worst.part]?.name ?? ''))} comes out at ${wholeDegrees(worst.mean)}, and runs: it loses its form.`,
      remedy: tr`Several short heats instead of one long one, or only the end that needs it.`,
    },
  };
}

/** Let go too soft, it loses its form in the gloves and in the box. Seen where the piece is let go, and where it waits for that. */
export function sagTrouble(
  state: HeatState,
  parts: readonly HeatPart[],
  stiff: GlassStiffness,
  step: WorkStep,
  fires: Fires,
): Trouble | undefined {
  const { does } = factsOf(step);
  const waits = step.kind === 'letSet';
  if (does !== 'release' && !waits) return undefined;
  const worst = sagsFrom(state, parts, stiff.vft, step.part, fires);
  // A flash follows the wait and gives some of it back.
  if (!worst || worst.share <= (waits ? 0.5 : 1)) return undefined;
  const by = worst.by > 0.01 ? tr`runs down altogether` : tr`sinks ${millimetres(worst.by)}`;
  return {
    kind: 'sags',
    part: worst.part,
    end: worst.zone.end,
    verdict: {
      verdict: worst.share > 2 ? 'no' : 'watch',
      because: tr`Nobody turns it any more, and ${placeOf(worst.zone.name, parts[worst.part]?.name ?? '')} is still too soft inside: it ${by} before the box has set it.`,
      remedy: tr`Let the colour leave first, then a flash of two seconds, then away.`,
    },
  };
}

const millimetres = (m: number): string => `${(m * 1e3).toFixed(1)} mm`;
