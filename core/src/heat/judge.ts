// The heat of a whole order judged: where a step finds the glass too stiff or too soft, where a zone nears its strain point,
// where faces to be joined differ too much; each with its cause and what to do.
import { consistency, type Band } from '../glass/consistency';
import { fitVft, logViscosity, strainPoint, type Vft } from '../glass/viscosity';
import { factsOf, type WorkStep } from '../work/facts';
import { STEPS } from '../work/steps';
import type { Verdict } from '../units/why';
import { meanOf } from '../conduction/cells';
import { STUDIO_FIRES, type Fires } from './surroundings';
import {
  begin,
  coldShop,
  finish,
  integrate,
  takes,
  zonesNow,
  type HeatPart,
  type HeatState,
} from './hotShop';
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

/** One zone's heat through time, sampled evenly. °C. */
export interface HeatTrack {
  readonly part: number;
  readonly zone: number;
  readonly name: string;
  /** When the part was begun and when it went into the box, s. */
  readonly skin: Float32Array;
  readonly mean: Float32Array;
}

/** What went wrong, on which part, and of what kind: what heat can mend, what only waiting can. */
export interface Trouble {
  readonly kind: 'stiff' | 'runs' | 'unset' | 'cold' | 'faces';
  readonly part: number;
  readonly end: HeatZone['end'] | 'all';
  readonly verdict: Exclude<Verdict, { verdict: 'good' }>;
}

/** A step as it was found, in order of the list. */
export interface StepHeat {
  readonly id: string;
  /** Mean of what it works at its start and its end, °C; NaN where there is no glass. */
  readonly from: number;
  readonly to: number;
  readonly band: Band | undefined;
  readonly verdict: Verdict | undefined;
  /** What the verdict is about. */
  readonly trouble: Trouble | undefined;
}

export interface WorkHeat {
  /** Seconds between samples. */
  readonly every: number;
  readonly samples: number;
  readonly tracks: readonly HeatTrack[];
  readonly steps: readonly StepHeat[];
  readonly total: number;
}

/** Most samples a track holds. */
const MOST_SAMPLES = 4000;
const MOST_ZONES = 4;

/** Viscosity of each part's glass and its strain point, worked out once. */
export interface Stiffness {
  readonly vft: readonly Vft[];
  readonly strainPoint: readonly number[];
}
export const stiffnessOf = (parts: readonly HeatPart[]): Stiffness => ({
  vft: parts.map((p) => fitVft(p.glass)),
  strainPoint: parts.map((p) => p.glass.strainPoint ?? strainPoint(p.glass)),
});

/**
 * Starts with helpers: glass that is made for a join once the main part is begun is made beside it, and is ready just when
 * it is wanted. `main` is the part the rest hangs on.
 */
export function withHelpers(steps: readonly WorkStep[], main: number): number[] {
  const starts = steps.map(() => 0);
  const joined = new Set([main]);
  let clock = 0;
  let free = 0;
  let begun = false;
  let chain: number[] = [];
  steps.forEach((s, i) => {
    const seconds = Math.max(0, s.seconds);
    if (s.part === main) begun = true;
    if (!begun || joined.has(s.part)) {
      starts[i] = clock;
      clock += seconds;
      return;
    }
    if (factsOf(s).does !== 'join') {
      chain = [...chain, i];
      return;
    }
    const length = chain.reduce((sum, k) => sum + Math.max(0, steps[k]?.seconds ?? 0), 0);
    const at = Math.max(clock, free + length);
    let t = at - length;
    for (const k of chain) {
      starts[k] = t;
      t += Math.max(0, steps[k]?.seconds ?? 0);
    }
    chain = [];
    starts[i] = at;
    clock = at + seconds;
    free = at;
    joined.add(s.part);
  });
  // What was made and never joined is made at the end.
  for (const k of chain) {
    starts[k] = clock;
    clock += Math.max(0, steps[k]?.seconds ?? 0);
  }
  return starts;
}

/** Starts of steps one after another, s. */
export function inTurn(steps: readonly WorkStep[]): number[] {
  let at = 0;
  return steps.map((s) => {
    const start = at;
    at += Math.max(0, s.seconds);
    return start;
  });
}

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
      state.group[k] === state.group[i]
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

/** Runs a whole order. `starts` in s; steps one after another when left out. */
export function heatOfWork(
  parts: readonly HeatPart[],
  steps: readonly WorkStep[],
  starts: readonly number[] = inTurn(steps),
  fires: Fires = STUDIO_FIRES,
): WorkHeat {
  const total = steps.reduce(
    (most, s, i) => Math.max(most, (starts[i] ?? 0) + Math.max(0, s.seconds)),
    0,
  );
  const every = Math.max(1, Math.ceil(total / MOST_SAMPLES));
  const samples = Math.floor(total / every) + 2;
  const stiff = stiffnessOf(parts);
  const state = coldShop(parts);
  const skins = parts.map(() =>
    Array.from({ length: MOST_ZONES }, () => new Float32Array(samples).fill(NaN)),
  );
  const means = parts.map(() =>
    Array.from({ length: MOST_ZONES }, () => new Float32Array(samples).fill(NaN)),
  );
  let now = 0;
  let next = 0;
  const write = (): void => {
    for (; next < samples && next * every <= now + 1e-9; next += 1)
      parts.forEach((part, i) => {
        if (state.phase[i] === 'boxed' || state.phase[i] === 'absent') return;
        zonesNow(state, part, i).forEach((z, k) => {
          const t = state.cells[i]?.[k] as Float64Array;
          (skins[i]?.[k] as Float32Array)[next] = t[t.length - 1] as number;
          (means[i]?.[k] as Float32Array)[next] = meanOf(z.grid, t);
        });
      });
  };
  const order = steps.map((_, i) => i).sort((a, b) => (starts[a] ?? 0) - (starts[b] ?? 0) || a - b);
  const startOf = new Map<number, Found | undefined>();
  const notes = new Map<number, Trouble | undefined>();
  const ends = new Map<number, Found | undefined>();
  const going: number[] = [];
  const endOf = (i: number): number => (starts[i] ?? 0) + Math.max(0, steps[i]?.seconds ?? 0);
  const advance = (to: number): void => {
    if (to <= now) return;
    const active = going.map((i) => steps[i] as WorkStep);
    const base = now;
    integrate(state, parts, active, to - base, every, fires, (after) => {
      now = base + after;
      write();
    });
    now = to;
  };
  const worse = (a: Trouble | undefined, b: Trouble | undefined): Trouble | undefined =>
    !a ? b : !b ? a : a.verdict.verdict === 'no' || b.verdict.verdict !== 'no' ? a : b;
  const close = (i: number): void => {
    const step = steps[i] as WorkStep;
    const end = found(state, parts, step);
    ends.set(i, end);
    notes.set(i, worse(notes.get(i), troubleOf(step, parts, stiff, end)));
    notes.set(i, worse(notes.get(i), coldTrouble(state, parts, stiff)));
    finish(state, parts, step);
    going.splice(going.indexOf(i), 1);
  };
  for (const i of order) {
    const start = starts[i] ?? 0;
    for (;;) {
      const soonest = going.reduce((a, b) => (a < 0 || endOf(b) < endOf(a) ? b : a), -1);
      if (soonest < 0 || endOf(soonest) > start + 1e-9) break;
      advance(endOf(soonest));
      close(soonest);
    }
    advance(start);
    const step = steps[i] as WorkStep;
    begin(state, parts, step, fires);
    startOf.set(i, found(state, parts, step));
    notes.set(i, faces(state, parts, stiff, step));
    going.push(i);
  }
  while (going.length > 0) {
    const soonest = going.reduce((a, b) => (endOf(b) < endOf(a) ? b : a));
    advance(endOf(soonest));
    close(soonest);
  }
  now = total;
  write();
  return {
    every,
    samples: next,
    total,
    tracks: parts.flatMap((p, i) =>
      Array.from({ length: Math.max(1, p.zones.length) }, (_, k) => ({
        part: i,
        zone: k,
        name: p.zones[k]?.name ?? '',
        skin: skins[i]?.[k] as Float32Array,
        mean: means[i]?.[k] as Float32Array,
      })),
    ),
    steps: steps.map((s, i): StepHeat => {
      const to = ends.get(i)?.mean ?? NaN;
      const vft = stiff.vft[s.part];
      return {
        id: s.id,
        from: startOf.get(i)?.mean ?? NaN,
        to,
        band: vft && !Number.isNaN(to) ? consistency(logViscosity(vft, to)) : undefined,
        verdict: notes.get(i)?.verdict,
        trouble: notes.get(i),
      };
    }),
  };
}
