// One piece through one night, calculated: heat through its walls, the structure of the glass following late, stress that comes
// and goes and what of it is frozen in (Tool 1946; Gardon & Narayanaswamy 1970; Narayanaswamy 1971; Moynihan et al. 1976).
import type { Glass } from '../glass/glass';
import { strainPoint, temperatureAtLog } from '../glass/viscosity';
import {
  exchangeAt,
  heatScratch,
  heatStep,
  latticeOf,
  type Exchange,
  type HeatScratch,
  type Lattice,
  type Wall,
} from './conduction';
import { KILN_EXCHANGE } from './exchange';
import { RESTRAINT } from './allow';
import {
  lnViscosity,
  MODES,
  MODE_TIMES,
  MODE_WEIGHTS,
  relaxing,
  STRUCTURE_SLOWER,
  type Relaxing,
} from './relaxation';
import {
  flatStep,
  pointsOf,
  roundStep,
  stiffStep,
  unstressed,
  type PointStep,
  type StressState,
} from './stress';

/** Temperature of the kiln over time: seconds rising, °C; straight between. Two equal times are a sudden change. */
export interface KilnCurve {
  readonly time: ArrayLike<number>;
  readonly temperature: ArrayLike<number>;
}

/** What is simulated. */
export interface Trial {
  readonly glass: Glass;
  /** One wall, or a thick one and the thin one it is joined to. */
  readonly walls: readonly [Wall] | readonly [Wall, Wall];
  readonly curve: KilnCurve;
  /** The piece when the curve begins: even, free of stress, its structure at rest. The kiln's own temperature when left out, °C. */
  readonly start?: number | undefined;
  /** Structure of the start where it is not at rest, as for a cold piece that is warmed, °C. */
  readonly startFictive?: number | undefined;
  /** Its middle hotter than its skin by so much at the start, as it comes from the bench, K. */
  readonly startUneven?: number | undefined;
  /** Tension counts as passing from here on, s: before it the piece comes from the bench. The whole curve when left out. */
  readonly countFrom?: number | undefined;
  readonly exchange?: Exchange | undefined;
  /** How far joined sections hold each other: 0 free, 1 fully. */
  readonly restraint?: number | undefined;
  readonly liquidRatio?: number | undefined;
  /** Spaces from middle to skin. */
  readonly spaces?: number | undefined;
  /** The most a temperature may change in a step while glass relaxes, K; four times that where it does not. */
  readonly fineness?: number | undefined;
  /** Keeps the picture through the wall as well as the curves. */
  readonly picture?: boolean | undefined;
}

/** One wall's curves, sample by sample; the picture sample by place. °C and Pa, tension positive. */
export interface WallTrace {
  readonly middle: Float64Array;
  readonly skin: Float64Array;
  readonly middleStress: Float64Array;
  readonly skinStress: Float64Array;
  /** The most tension anywhere in it. */
  readonly most: Float64Array;
  readonly fictive: Float64Array;
  readonly picture?:
    | {
        /** Middle to skin, m: nodes for temperature, points for stress. */
        readonly depths: Float64Array;
        readonly points: Float64Array;
        readonly temperature: Float32Array;
        readonly stress: Float32Array;
        readonly fictive: Float32Array;
      }
    | undefined;
}

/** Tension and where and when it was. */
export interface Peak {
  readonly stress: number;
  readonly time: number;
  /** Of the kiln and of the place itself, °C. */
  readonly kiln: number;
  readonly temperature: number;
  readonly wall: number;
  readonly at: 'skin' | 'middle';
}

/** What a wall keeps once it is even at room temperature. Pa. */
export interface Kept {
  readonly middle: number;
  readonly skin: number;
  readonly most: number;
  /** As it would be without the other wall. */
  readonly alone: number;
}

/** What came of it. */
export interface Night {
  readonly samples: number;
  readonly time: Float64Array;
  readonly kiln: Float64Array;
  readonly walls: readonly WallTrace[];
  readonly kept: readonly Kept[];
  /** The worst tension that passed while the glass was too stiff to give. */
  readonly worst: Peak;
  /** Steps taken. */
  readonly steps: number;
}

/** Room the kept stress is told at, °C. */
const ROOM = 20;
const SPACES = 32;
const FINENESS = 2;
/** Where glass relaxes within a programme, log₁₀ η. */
const RELAXES = { from: 8.5, to: 16 };
const COARSER = 4;
/** Least and most of a step, s, and of the whole. */
const LEAST_STEP = 1e-3;
const MOST_STEP = 1800;
const MOST_OF_WHOLE = 1 / 120;
/** Most samples kept. */
const MOST_SAMPLES = 600;
/** Tension counts as passing danger below the strain point and this much, K. */
const GIVES = 20;

interface Section {
  readonly wall: Wall;
  readonly lattice: Lattice;
  readonly scratch: HeatScratch;
  readonly flat: boolean;
  now: Float64Array;
  next: Float64Array;
  /** At the points of stress. */
  readonly before: Float64Array;
  readonly after: Float64Array;
  readonly fictive: Float64Array;
  readonly modes: Float64Array;
  readonly step: PointStep;
  readonly free: StressState;
  readonly tied: StressState | undefined;
  grows: number;
}

/** Refuses what cannot be computed, in a sentence. */
function refuse(trial: Trial): void {
  const { time, temperature } = trial.curve;
  if (time.length < 2 || time.length !== temperature.length)
    throw new RangeError(
      'A programme needs two points at least, each with a time and a temperature.',
    );
  for (let i = 0; i < time.length; i += 1) {
    if (!Number.isFinite(time[i]) || !Number.isFinite(temperature[i]))
      throw new RangeError(`Point ${String(i + 1)} of the programme is not a number.`);
    if (i > 0 && (time[i] as number) < (time[i - 1] as number))
      throw new RangeError(
        `Point ${String(i + 1)} of the programme lies before the one before it.`,
      );
  }
  for (const w of trial.walls)
    if (!(w.thickness >= 2e-4 && w.thickness <= 2))
      throw new RangeError(
        `A wall of ${String(1000 * w.thickness)} mm cannot be annealed; walls from 0.2 mm to 2 m can be calculated.`,
      );
}

function sectionOf(
  wall: Wall,
  spaces: number,
  start: number,
  fictive: number,
  pair: boolean,
): Section {
  const lattice = latticeOf(wall, spaces);
  const points = pointsOf(lattice);
  const fill = (n: number, v: number): Float64Array => new Float64Array(n).fill(v);
  return {
    wall,
    lattice,
    scratch: heatScratch(lattice),
    flat: lattice.power === 0,
    now: fill(lattice.nodes, start),
    next: fill(lattice.nodes, start),
    before: fill(points, start),
    after: fill(points, start),
    fictive: fill(points, fictive),
    modes: fill(points * MODES, fictive),
    step: {
      keep: fill(points * MODES, 1),
      gain: fill(points, 1),
      part: fill(points * MODES, 0),
      strain: fill(points, 0),
    },
    free: unstressed(lattice),
    tied: pair ? unstressed(lattice) : undefined,
    grows: 0,
  };
}

/** A parabola from the middle down to the skin; free of stress and its structure at rest, for it comes from hotter. */
function comesUneven(s: Section, by: number, above: number): void {
  const depth = s.lattice.at[s.lattice.nodes - 1] as number;
  for (let i = 0; i < s.lattice.nodes; i += 1) {
    const x = (s.lattice.at[i] as number) / depth;
    s.now[i] = (s.now[i] as number) + by * (1 - x * x);
  }
  toPoints(s, s.now, s.before);
  for (let p = 0; p < s.before.length; p += 1) {
    s.fictive[p] = (s.before[p] as number) + above;
    for (let m = 0; m < MODES; m += 1) s.modes[p * MODES + m] = s.fictive[p] as number;
  }
}

/** Temperature at the points of stress. */
function toPoints(s: Section, nodes: Float64Array, out: Float64Array): void {
  if (s.flat) out.set(nodes);
  else
    for (let p = 0; p < out.length; p += 1)
      out[p] = ((nodes[p] as number) + (nodes[p + 1] as number)) / 2;
}

/** Structure and the factors of the step, for every point. */
function relax(s: Section, r: Relaxing, dt: number): void {
  const { keep, gain, part, strain } = s.step;
  for (let p = 0; p < s.after.length; p += 1) {
    const t0 = s.before[p] as number;
    const t1 = s.after[p] as number;
    const f0 = s.fictive[p] as number;
    const first = p * MODES;
    let f1 = f0;
    let xi = 0;
    // Twice: the viscosity of the step is that of its middle, which the first pass finds.
    for (let pass = 0; pass < 2; pass += 1) {
      const ln = lnViscosity(r, (t0 + t1) / 2, (f0 + f1) / 2);
      xi = (dt * r.shear) / Math.exp(ln);
      const ds = xi / STRUCTURE_SLOWER;
      f1 = 0;
      for (let m = 0; m < MODES; m += 1) {
        const tau = MODE_TIMES[m] as number;
        f1 +=
          ((MODE_WEIGHTS[m] as number) * ((s.modes[first + m] as number) * tau + t1 * ds)) /
          (tau + ds);
      }
    }
    const ds = xi / STRUCTURE_SLOWER;
    let g = 0;
    for (let m = 0; m < MODES; m += 1) {
      const tau = MODE_TIMES[m] as number;
      const i = first + m;
      s.modes[i] = ((s.modes[i] as number) * tau + t1 * ds) / (tau + ds);
      const a = xi / tau;
      const w = MODE_WEIGHTS[m] as number;
      if (a > 40) {
        keep[i] = 0;
        part[i] = w / a;
      } else if (a < 1e-6) {
        keep[i] = 1 - a;
        part[i] = w * (1 - a / 2);
      } else {
        const e = Math.exp(-a);
        keep[i] = e;
        part[i] = (w * (1 - e)) / a;
      }
      g += part[i];
    }
    gain[p] = g;
    s.fictive[p] = f1;
    strain[p] = r.expansion * (t1 - t0) + r.structural * (f1 - f0);
  }
}

const stressStep = (s: Section, state: StressState, r: Relaxing, imposed: number): number =>
  s.flat
    ? flatStep(state, s.lattice, r, s.step, s.wall.bends === true, imposed)
    : roundStep(state, s.lattice, r, s.step, imposed);

/** Stress of every section after a step; joined ones are drawn towards each other by the restraint. */
function stresses(sections: readonly Section[], r: Relaxing, restraint: number): void {
  for (const s of sections) s.grows = stressStep(s, s.free, r, NaN);
  if (sections.length < 2) return;
  for (let k = 0; k < sections.length; k += 1) {
    const s = sections[k] as Section;
    const other = sections[1 - k] as Section;
    if (!s.tied) continue;
    // A ball has no one strain that its neighbour could hold.
    stressStep(
      s,
      s.tied,
      r,
      s.lattice.power === 2 ? NaN : s.grows + restraint * (other.grows - s.grows),
    );
  }
}

/** At the middle, and at the skin carried on from the last two points of a round wall. */
const atSkin = (s: Section, v: Float64Array): number => {
  const last = v.length - 1;
  return s.flat || last < 1
    ? (v[last] as number)
    : 1.5 * (v[last] as number) - 0.5 * (v[last - 1] as number);
};

/** Simulates. Throws a RangeError with a sentence for what cannot be computed. */
export function simulate(trial: Trial): Night {
  refuse(trial);
  const { glass, curve } = trial;
  const spaces = trial.spaces ?? SPACES;
  const fineness = trial.fineness ?? FINENESS;
  const exchange = trial.exchange ?? KILN_EXCHANGE;
  const restraint = trial.restraint ?? RESTRAINT;
  const r = relaxing(glass, trial.liquidRatio);
  const { time, temperature } = curve;
  const points = time.length;
  const begin = time[0] as number;
  const end = time[points - 1] as number;
  const start: number = trial.start ?? (temperature[0] as number);
  const stiffBelow = strainPoint(glass) + GIVES;
  const fictive = trial.startFictive ?? Math.max(start, strainPoint(glass));
  const sections = trial.walls.map((w) =>
    sectionOf(w, spaces, start, fictive, trial.walls.length > 1),
  );
  if (trial.startUneven !== undefined)
    for (const s of sections) comesUneven(s, trial.startUneven, fictive - start);
  const hot = temperatureAtLog(r.vft, RELAXES.from);
  const cool = temperatureAtLog(r.vft, RELAXES.to);
  const mostStep = Math.max(MOST_STEP, (end - begin) * MOST_OF_WHOLE);
  const every = (end - begin) / (MOST_SAMPLES - 2);
  const record = recorder(sections, trial.picture === true);
  let worst: Peak = {
    stress: 0,
    time: begin,
    kiln: start,
    temperature: start,
    wall: 0,
    at: 'skin',
  };
  const look = (now: number, kiln: number): void => {
    sections.forEach((s, k) => {
      const state = s.tied ?? s.free;
      const skinT = s.now[s.now.length - 1] as number;
      const midT = s.now[0] as number;
      const skin = atSkin(s, state.most);
      const middle = state.most[0] as number;
      if (skin > worst.stress && skinT < stiffBelow)
        worst = { stress: skin, time: now, kiln, temperature: skinT, wall: k, at: 'skin' };
      if (middle > worst.stress && midT < stiffBelow)
        worst = { stress: middle, time: now, kiln, temperature: midT, wall: k, at: 'middle' };
    });
  };
  let now = begin;
  let span = 0;
  let dt = Math.min(1, (end - begin) / 100);
  let sampled = begin;
  let steps = 0;
  record.write(now, temperature[0] as number);
  while (now < end) {
    while (span < points - 2 && (time[span + 1] as number) <= now + 1e-9) span += 1;
    const t0 = time[span] as number;
    const t1 = time[span + 1] as number;
    const k0 = temperature[span] as number;
    const k1 = temperature[span + 1] as number;
    const slope = t1 > t0 ? (k1 - k0) / (t1 - t0) : 0;
    if (t1 <= now) break;
    let busy = false;
    for (const s of sections) {
      const a = s.now[0] as number;
      const b = s.now[s.now.length - 1] as number;
      if (Math.max(a, b) > cool && Math.min(a, b) < hot) busy = true;
    }
    const limit = busy ? fineness : fineness * COARSER;
    dt = Math.min(dt, mostStep, t1 - now);
    if (slope !== 0) dt = Math.min(dt, Math.max(LEAST_STEP, limit / Math.abs(slope)));
    let most = 0;
    for (;;) {
      const kiln = k0 + slope * (now + dt - t0);
      most = 0;
      for (const s of sections) {
        const skin = s.now[s.now.length - 1] as number;
        heatStep(
          s.lattice,
          glass,
          s.scratch,
          s.now,
          s.next,
          dt,
          kiln,
          exchangeAt(exchange, kiln, skin),
        );
        for (let i = 0; i < s.next.length; i += 1)
          most = Math.max(most, Math.abs((s.next[i] as number) - (s.now[i] as number)));
      }
      if (most <= 2 * limit || dt <= LEAST_STEP) break;
      dt = Math.max(LEAST_STEP, (0.9 * dt * limit) / most);
    }
    now = t1 - now - dt < 1e-6 * dt ? t1 : now + dt;
    const kiln = k0 + slope * (now - t0);
    for (const s of sections) {
      toPoints(s, s.now, s.before);
      toPoints(s, s.next, s.after);
      [s.now, s.next] = [s.next, s.now];
      relax(s, r, dt);
    }
    stresses(sections, r, restraint);
    steps += 1;
    if (now >= (trial.countFrom ?? begin)) look(now, kiln);
    if (now - sampled >= every || now >= end) {
      record.write(now, kiln);
      sampled = now;
    }
    dt *= most > 0 ? Math.min(1.6, Math.max(0.3, limit / most)) : 1.6;
  }
  return { ...record.read(), kept: keptBy(sections, r, restraint), worst, steps };
}

/** What is left once every wall is even at room temperature and nothing flows any more. */
function keptBy(sections: readonly Section[], r: Relaxing, restraint: number): Kept[] {
  for (const s of sections) {
    toPoints(s, s.now, s.before);
    stiffStep(s.step);
    for (let p = 0; p < s.before.length; p += 1)
      s.step.strain[p] = r.expansion * (ROOM - (s.before[p] as number));
  }
  stresses(sections, r, restraint);
  return sections.map((s) => {
    const state = s.tied ?? s.free;
    const skin = atSkin(s, state.plane);
    let [most, alone] = [skin, atSkin(s, s.free.plane)];
    for (let p = 0; p < state.points; p += 1) {
      most = Math.max(most, state.most[p] as number);
      alone = Math.max(alone, s.free.most[p] as number);
    }
    return { middle: state.plane[0] as number, skin, most, alone };
  });
}

/** Curves as they grow. */
function recorder(
  sections: readonly Section[],
  picture: boolean,
): {
  readonly write: (now: number, kiln: number) => void;
  readonly read: () => Pick<Night, 'samples' | 'time' | 'kiln' | 'walls'>;
} {
  const time = new Float64Array(MOST_SAMPLES);
  const kilns = new Float64Array(MOST_SAMPLES);
  let n = 0;
  const zero = (): Float64Array => new Float64Array(MOST_SAMPLES);
  const traces = sections.map((s) => ({
    middle: zero(),
    skin: zero(),
    middleStress: zero(),
    skinStress: zero(),
    most: zero(),
    fictive: zero(),
    temperature: new Float32Array(picture ? MOST_SAMPLES * s.lattice.nodes : 0),
    stress: new Float32Array(picture ? MOST_SAMPLES * s.free.points : 0),
    structure: new Float32Array(picture ? MOST_SAMPLES * s.free.points : 0),
  }));
  return {
    write: (now, kiln) => {
      if (n >= MOST_SAMPLES) return;
      time[n] = now;
      kilns[n] = kiln;
      sections.forEach((s, k) => {
        const trace = traces[k] as (typeof traces)[number];
        const state = s.tied ?? s.free;
        trace.middle[n] = s.now[0] as number;
        trace.skin[n] = s.now[s.now.length - 1] as number;
        trace.middleStress[n] = state.plane[0] as number;
        trace.skinStress[n] = atSkin(s, state.plane);
        let most = atSkin(s, state.most);
        for (let p = 0; p < state.points; p += 1) most = Math.max(most, state.most[p] as number);
        trace.most[n] = most;
        trace.fictive[n] = s.fictive[0] as number;
        if (!picture) return;
        trace.temperature.set(s.now, n * s.lattice.nodes);
        trace.stress.set(state.plane, n * state.points);
        trace.structure.set(s.fictive, n * state.points);
      });
      n += 1;
    },
    read: () => ({
      samples: n,
      time: time.subarray(0, n),
      kiln: kilns.subarray(0, n),
      walls: traces.map((t, k): WallTrace => {
        const s = sections[k] as Section;
        const points = s.flat
          ? s.lattice.at
          : s.lattice.at.subarray(1).map((v, i) => (v + (s.lattice.at[i] as number)) / 2);
        return {
          middle: t.middle.subarray(0, n),
          skin: t.skin.subarray(0, n),
          middleStress: t.middleStress.subarray(0, n),
          skinStress: t.skinStress.subarray(0, n),
          most: t.most.subarray(0, n),
          fictive: t.fictive.subarray(0, n),
          picture: picture
            ? {
                depths: s.lattice.at,
                points,
                temperature: t.temperature.subarray(0, n * s.lattice.nodes),
                stress: t.stress.subarray(0, n * s.free.points),
                fictive: t.structure.subarray(0, n * s.free.points),
              }
            : undefined,
        };
      }),
    }),
  };
}
