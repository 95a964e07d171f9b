// Do these glasses hold together? The stress of the whole stack, judged by the two schools of the trade.
import { tr, trWord } from '../words/tr';
import { retardation } from './polarised';
import { reaction, type Chemistry } from './reactions';
import { wallStress, type FaceStress, type WallForm } from './wall';
import type { Verdict } from '../units/why';

/** What fit asks of a glass. SI; °C. */
export interface FitGlass extends Chemistry {
  readonly id: string;
  readonly name: string;
  /** 'other' is no glass: metal, mineral, ash. */
  readonly family: 'soft' | 'hard' | 'other';
  readonly expansion: number;
  readonly youngsModulus: number;
  readonly poisson: number;
  readonly strainPoint: number;
  readonly softening: number;
  /** Stress-optical coefficient, 1/Pa; soda-lime's when left out. */
  readonly stressOptical?: number | undefined;
}

/** One layer of the stack, from inside to outside. */
export interface FitLayer {
  readonly glass: FitGlass;
  readonly thickness: number;
}

/** A tested difference of expansion between two glasses (first less second), 1/K; undefined when untested. */
export type Tested = (first: string, second: string) => number | undefined;

/** How the shop judges. */
export interface Schools {
  /** Numbers may differ by so much, 1/K: the school of the number. */
  readonly tolerance: number;
  readonly tested?: Tested | undefined;
}

/** Customary tolerance of the number school: a point or two. Common practice, no source. */
export const NUMBER_TOLERANCE = 2e-7;
/** Tension up to this is good, up to twice it to be watched (7 MPa ≈ 1000 psi: Shand, *Glass Engineering Handbook*), Pa. */
export const GOOD_TENSION = 3.5e6;
/** Tension past this does not hold, Pa: twice the good (7 MPa ≈ 1000 psi: Shand). */
export const MOST_TENSION = 7e6;
/** Stress begins to count this far above the strain point of the glass that sets last, K. */
const SET_ABOVE_STRAIN = 5;
const ROOM = 20;

/** What one layer carries at its worst place. Pa; compression negative. */
export interface LayerFit {
  readonly tension: number;
  readonly compression: number;
  readonly at: 'inner face' | 'outer face';
  /** What the polariscope would show there, nm/cm, signed like the stress. */
  readonly nmPerCm: number;
}

/** The stack judged. */
export interface StackFit {
  readonly layers: readonly LayerFit[];
  /** Index of the layer in the most tension. */
  readonly worst: number;
  readonly tension: number;
  readonly byStress: Verdict;
  readonly byNumber: Verdict;
  /** The verdict to go by, and why when the schools disagree. */
  readonly verdict: Verdict;
  readonly disagree: string | undefined;
  /** From the set point to the room, K. */
  readonly fall: number;
}

/** From the set point of the glass that sets last down to the room, K. */
export const setFall = (glasses: readonly Pick<FitGlass, 'strainPoint'>[]): number =>
  Math.min(...glasses.map((g) => g.strainPoint)) + SET_ABOVE_STRAIN - ROOM;

const most = (f: FaceStress): number => Math.max(f.radial, f.hoop, f.axial);
const least = (f: FaceStress): number => Math.min(f.radial, f.hoop, f.axial);

/** Index of the layer everything else is laid on: the thickest. */
export const baseOf = (layers: readonly FitLayer[]): number =>
  layers.reduce((best, l, i) => (l.thickness > (layers[best]?.thickness ?? 0) ? i : best), 0);

/** Expansion of a layer as far as the base is concerned: a tested difference outranks the sheet. */
const expansionOn = (layer: FitLayer, base: FitLayer, tested: Tested | undefined): number => {
  const known =
    tested?.(layer.glass.id, base.glass.id) ?? negated(tested?.(base.glass.id, layer.glass.id));
  return known === undefined ? layer.glass.expansion : base.glass.expansion + known;
};
const negated = (v: number | undefined): number | undefined => (v === undefined ? undefined : -v);

/** Solves and judges a stack. Needs one layer at least; a layer of no thickness is an error of the caller. */
export function judgeStack(
  layers: readonly FitLayer[],
  form: WallForm,
  schools: Schools,
): StackFit {
  const base = layers[baseOf(layers)] as FitLayer;
  const fall = setFall(layers.map((l) => l.glass));
  const solved = wallStress(
    layers.map((l) => ({
      thickness: l.thickness,
      youngsModulus: l.glass.youngsModulus,
      poisson: l.glass.poisson,
      strain: -expansionOn(l, base, schools.tested) * fall,
    })),
    form,
  );
  const fits = solved.map(({ inner, outer }, i): LayerFit => {
    const at = most(inner) >= most(outer) ? 'inner face' : 'outer face';
    const face = at === 'inner face' ? inner : outer;
    const tension = Math.max(0, most(face));
    const compression = Math.min(0, least(inner), least(outer));
    const seen = tension > -compression ? tension : compression;
    return { tension, compression, at, nmPerCm: retardation(seen, layers[i]?.glass.stressOptical) };
  });
  const worst = fits.reduce((w, f, i) => (f.tension > (fits[w]?.tension ?? 0) ? i : w), 0);
  const tension = fits[worst]?.tension ?? 0;
  const families = new Set(layers.map((l) => l.glass.family));
  const refused: Verdict | undefined =
    families.size > 1
      ? {
          verdict: 'no',
          because: tr`Soft and hard glass never join: they shrink too differently at any thickness.`,
          remedy: tr`Choose all layers from one family.`,
        }
      : undefined;
  const byStress = refused ?? stressVerdict(layers[worst] as FitLayer, tension);
  const byNumber = refused ?? numberVerdict(layers, base, schools.tolerance);
  const known = layers.every(
    (l) =>
      l.glass.id === base.glass.id || schools.tested?.(l.glass.id, base.glass.id) !== undefined,
  );
  return {
    layers: fits,
    worst,
    tension,
    byStress,
    byNumber,
    verdict: byStress,
    disagree:
      byStress.verdict === byNumber.verdict
        ? undefined
        : tr`By number this is ${trWord(byNumber.verdict)}, by stress ${trWord(byStress.verdict)}. The stress is trusted: it counts the thicknesses, which the number does not${known ? tr`, and these glasses were tested` : tr`; a thread test would settle it`}.`,
    fall,
  };
}

const mpa = (v: number): string => `${(v / 1e6).toFixed(1)} MPa`;

function stressVerdict({ glass }: FitLayer, tension: number): Verdict {
  if (tension <= GOOD_TENSION)
    return {
      verdict: 'good',
      because: tr`The most pull anywhere is ${mpa(tension)}, in the ${glass.name}.`,
    };
  return {
    verdict: tension <= MOST_TENSION ? 'watch' : 'no',
    because: tr`The ${glass.name} is pulled with ${mpa(tension)}; ${mpa(GOOD_TENSION)} is good, ${mpa(MOST_TENSION)} the most.`,
    remedy: tr`Thin it, or choose a glass that shrinks more alike.`,
  };
}

function numberVerdict(layers: readonly FitLayer[], base: FitLayer, tolerance: number): Verdict {
  const off = layers
    .map((l) => ({ l, by: Math.abs(l.glass.expansion - base.glass.expansion) }))
    .reduce((a, b) => (b.by > a.by ? b : a));
  const points = (v: number): string => String(Number((v * 1e7).toFixed(1)));
  // A hair of slack, so that 96 and 98 are two points apart and not a rounding more.
  if (off.by <= tolerance * (1 + 1e-9))
    return {
      verdict: 'good',
      because: tr`All numbers lie within ${points(tolerance)} of the ${base.glass.name}.`,
    };
  return {
    verdict: off.by <= 2 * tolerance * (1 + 1e-9) ? 'watch' : 'no',
    because: tr`The ${off.l.glass.name} is ${points(off.by)} from the ${base.glass.name}; ${points(tolerance)} is allowed.`,
    remedy: tr`Choose a number nearer to the base, or test the pair.`,
  };
}

/** A change that the core has worked through and found good. */
export interface Remedy {
  readonly says: string;
  readonly tension: number;
}

const THINNEST = 1e-4;
const CLEAR_BETWEEN = 2e-3;
const MOST_SWAPS = 3;

/**
 * Ways to mend a stack, each tried: thinner, clear between, another glass from the rack. Only what comes out good is
 * named, best first within its kind.
 */
export function remedies(
  layers: readonly FitLayer[],
  form: WallForm,
  schools: Schools,
  rack: readonly FitGlass[],
): Remedy[] {
  const base = baseOf(layers);
  const found: Remedy[] = [];
  const tried = (changed: readonly FitLayer[]): StackFit => judgeStack(changed, form, schools);
  const mm = (v: number): string => `${String(Number((v * 1e3).toFixed(1)))} mm`;
  layers.forEach((layer, i) => {
    if (i === base || layer.glass.id === layers[base]?.glass.id) return;
    const put = (l: FitLayer): FitLayer[] => layers.map((k, n) => (n === i ? l : k));
    // Thinner: the thickest that is good, by halving, told in tenths of a millimetre.
    const good = (t: number): boolean =>
      tried(put({ ...layer, thickness: t })).byStress.verdict === 'good';
    if (!good(layer.thickness) && good(THINNEST)) {
      let low = THINNEST;
      let high = layer.thickness;
      for (let k = 0; k < 30; k += 1) {
        const middle = (low + high) / 2;
        if (good(middle)) low = middle;
        else high = middle;
      }
      const told = Math.max(THINNEST, Math.floor(low * 1e4) / 1e4);
      found.push({
        says: tr`Thin the ${layer.glass.name} to ${mm(told)}.`,
        tension: tried(put({ ...layer, thickness: told })).tension,
      });
    }
    const neighbour = layers[i - 1] ?? layers[i + 1];
    const clear = layers[base] as FitLayer;
    if (neighbour) {
      const between = [...layers];
      between.splice(layers[i - 1] ? i : i + 1, 0, {
        glass: clear.glass,
        thickness: CLEAR_BETWEEN,
      });
      const fit = tried(between);
      if (fit.byStress.verdict === 'good')
        found.push({
          says: tr`Put ${mm(CLEAR_BETWEEN)} of ${clear.glass.name} between the ${layer.glass.name} and the ${neighbour.glass.name}.`,
          tension: fit.tension,
        });
    }
    const swaps = rack
      .filter((g) => g.id !== layer.glass.id && g.id !== clear.glass.id)
      .filter((g) => layers.every((l, k) => k === i || reaction(g, l.glass) === undefined))
      .map((g) => ({ g, fit: tried(put({ ...layer, glass: g })) }))
      .filter(({ fit }) => fit.byStress.verdict === 'good')
      .sort((a, b) => a.fit.tension - b.fit.tension)
      .slice(0, MOST_SWAPS);
    for (const { g, fit } of swaps)
      found.push({
        says: tr`Take ${g.name} instead of ${layer.glass.name}.`,
        tension: fit.tension,
      });
  });
  return found;
}
