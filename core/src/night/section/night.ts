// A section through a night: heat, then structure, then a stress that relaxes, step by step, in the plane of the drawing and round the
// axis (PHYSICS §6 and §9). Tool 1946; Narayanaswamy 1971; Gardon & Narayanaswamy 1970; Moynihan et al. 1976.
import type { BoxExchange } from '../../conduction/lattice';
import type { Glass } from '../../glass/glass';
import { strainOf, temperatureAtLog } from '../../glass/viscosity';
import { KILN_EXCHANGE } from '../relaxing/exchange';
import { MODES, relaxing, type Relaxing } from '../relaxing/relaxation';
import { COARSER, GIVES, MOST_STEP, RELAXES } from '../relaxing/stepping';
import { emptyStep, stiffStep, type PointStep } from '../relaxing/stress';
import { relax, MEMORY_ROOM } from '../relaxing/wallState';
import { walkCurve, type KilnCurve } from '../relaxing/walkCurve';
import { elementsOf, GAUSS, POINTS, shapes, type Elements } from './element';
import { depthsOf } from './depth';
import { equilibrium } from './equilibrium';
import type { SectionMesh } from './mesh';
import { nodalStress, type NodalStress } from './nodal';
import { warmthOf, warmthStep, type Sees } from './warmth';

/** What is put through. */
export interface SectionTrial {
  readonly mesh: SectionMesh;
  readonly glass: Glass;
  readonly curve: KilnCurve;
  readonly sees: Sees;
  /** Even, at rest; the kiln's own temperature when left out, °C. */
  readonly start?: number | undefined;
  readonly startFictive?: number | undefined;
  /** Its middle hotter than its skin by so much, K. */
  readonly startUneven?: number | undefined;
  /** How it comes from the bench, °C at a place so deep of the deepest (0 skin, 1 middle); before `startUneven`. */
  readonly arrives?: ((z: number, deep: number) => number) | undefined;
  /** Tension counts as passing from here on, s. */
  readonly countFrom?: number | undefined;
  readonly exchange?: BoxExchange | undefined;
  readonly liquidRatio?: number | undefined;
  /** The most a temperature may change in a step while glass relaxes, K; four times that where it does not. */
  readonly fineness?: number | undefined;
  /** Keeps how it was, moment by moment. */
  readonly picture?: boolean | undefined;
  /** Told how far it is, 0 to 1; asked whether to go on. */
  readonly onStep?: ((share: number) => boolean) | undefined;
}

/** A place and its tension. */
export interface PlaceOf {
  readonly stress: number;
  readonly r: number;
  readonly z: number;
}

/** How it was at one moment: at the mesh's corners. */
export interface Moment {
  readonly time: number;
  readonly kiln: number;
  readonly temperature: Float32Array;
  readonly fictive: Float32Array;
  /** The most principal stress, Pa. */
  readonly most: Float32Array;
}

/** Its tension through the night, sample by sample. */
export interface SectionTrace {
  readonly time: Float64Array;
  readonly kiln: Float64Array;
  /** Most pulled and most pressed anywhere, Pa. */
  readonly most: Float64Array;
  readonly least: Float64Array;
  /** Hottest and coldest place, °C. */
  readonly hottest: Float64Array;
  readonly coldest: Float64Array;
}

/** What came of it. */
export interface SectionNight {
  /** Once cold: stress at the corners, the worst of it, and the most it is pressed anywhere, Pa. */
  readonly kept: NodalStress;
  readonly keeps: PlaceOf;
  readonly pressed: number;
  /** Most tension in it when the soak ends, Pa; NaN where no end was told. */
  readonly soaked: number;
  /** The worst tension that passed while the glass was too stiff to give. */
  readonly worst: PlaceOf & {
    readonly time: number;
    readonly kiln: number;
    readonly temperature: number;
  };
  readonly trace: SectionTrace;
  /** How it was, from the beginning to the end of the curve; empty where no picture was asked for. */
  readonly moments: readonly Moment[];
  readonly steps: number;
  readonly factored: number;
  /** Heat given off over heat lost by the glass, 1 where nothing is lost on the way. */
  readonly energy: number;
}

const FINENESS = 4;
/** While it still comes even in the soak only heat has to be right, and that is by steps so much longer. */
const SOAKING = 2.5;
const MOST_OF_WHOLE = 1 / 90;
/** Samples of a night, about. */
const MOMENTS = 60;

/** How hot each node comes in, °C. */
function arrivalOf(
  trial: SectionTrial,
  warmth: ReturnType<typeof warmthOf>,
  start: number,
): Float64Array<ArrayBuffer> {
  const { mesh } = trial;
  const now = new Float64Array(mesh.nodes).fill(start);
  const uneven = trial.startUneven;
  const arrives =
    trial.arrives ??
    (uneven === undefined ? undefined : (_: number, deep: number) => start + uneven * deep);
  if (arrives) {
    const depth = known(depthsBy, mesh, depthsOf);
    const [, most] = rangeOf(depth);
    for (let i = 0; i < mesh.nodes; i += 1) {
      const x = 1 - depth[i] / most;
      now[warmth.place[i]] = arrives(mesh.z[i], 1 - x * x);
    }
  }
  return now;
}

/** Structure as it is where the glass comes in: as far off its heat as the fictive temperature is off the start. */
function beginStructure(
  state: ReturnType<typeof pointState>,
  fictive: number,
  start: number,
): void {
  state.before.forEach((t, p) => {
    state.fictive[p] = t + fictive - start;
    state.modes.fill(state.fictive[p], p * MODES, (p + 1) * MODES);
  });
}

/** What is written down on the way: samples, and pictures where they are asked for. */
function recordOf(
  trial: SectionTrial,
  warmth: ReturnType<typeof warmthOf>,
  balance: ReturnType<typeof equilibrium>,
  state: ReturnType<typeof pointState>,
) {
  const { mesh } = trial;
  const moments: Moment[] = [];
  const samples: (readonly [number, number, number, number, number, number])[] = [];
  const write = (at: number, kiln: number, now: Float64Array): void => {
    const [pulled, pressed] = balance.range();
    const [coldest, hottest] = rangeOf(now);
    samples.push([at, kiln, pulled, pressed, hottest, coldest]);
    if (trial.picture !== true) return;
    const { most } = nodalStress(mesh, balance);
    moments.push({
      time: at,
      kiln,
      temperature: Float32Array.from({ length: mesh.corners }, (_, i) => now[warmth.place[i]]),
      fictive: atCorners(mesh, state.fictive),
      most: Float32Array.from(most),
    });
  };
  return { moments, samples, write };
}

/** Where there is most. */
const mostAt = (values: Float64Array): number =>
  values.reduce((at, v, i) => (v > values[at] ? i : at), 0);

/** Puts it through. Undefined where it was told to stop. */
export function sectionNight(trial: SectionTrial): SectionNight | undefined {
  const { mesh, glass, curve } = trial;
  const exchange = trial.exchange ?? KILN_EXCHANGE;
  const fineness = trial.fineness ?? FINENESS;
  const r = relaxing(glass, trial.liquidRatio);
  const elements = known(elementsBy, mesh, elementsOf);
  const warmth = warmthOf(mesh, glass, trial.sees);
  const balance = equilibrium(mesh, elements, r);
  const { time, temperature } = curve;
  const begin = time[0];
  const end = time[time.length - 1];
  const start: number = trial.start ?? temperature[0] ?? MEMORY_ROOM;
  const strain = strainOf(glass);
  const fictive = trial.startFictive ?? Math.max(start, strain);
  let now = arrivalOf(trial, warmth, start);
  let next = new Float64Array(mesh.nodes);
  const state = pointState(elements.count * POINTS);
  toPoints(mesh, warmth.place, now, state.before);
  beginStructure(state, fictive, start);
  const hot = temperatureAtLog(r.vft, RELAXES.from);
  const cool = temperatureAtLog(r.vft, RELAXES.to);
  const mostStep = Math.max(MOST_STEP, (end - begin) * MOST_OF_WHOLE);
  const { moments, samples, write } = recordOf(trial, warmth, balance, state);
  let worst: SectionNight['worst'] = {
    stress: 0,
    r: 0,
    z: 0,
    time: begin,
    kiln: start,
    temperature: start,
  };
  let steps = 0;
  let sampled = begin;
  let clock = begin;
  let soaked = NaN;
  let [given, lost, held] = [0, 0, heatIn(warmth.capacity, now)];
  write(begin, temperature[0], now);
  const every = (end - begin) / (MOMENTS - 2);
  const whole = walkCurve({
    curve,
    mostStep,
    limit: () => {
      const [low, high] = rangeOf(now);
      if (high <= cool || low >= hot) return fineness * COARSER;
      return clock < (trial.countFrom ?? begin) ? fineness * SOAKING : fineness;
    },
    attempt: (dt, kiln) => {
      lost = warmthStep(warmth, exchange, kiln, dt, now, next);
      let most = 0;
      for (let i = 0; i < next.length; i += 1) most = Math.max(most, Math.abs(next[i] - now[i]));
      return most;
    },
    keep: (dt, kiln, t) => {
      given += lost;
      [now, next] = [next, now];
      toPoints(mesh, warmth.place, now, state.after);
      relax(state, r, dt);
      balance.step(state.step);
      state.before.set(state.after);
      steps += 1;
      clock = t;
      if (t >= (trial.countFrom ?? begin)) {
        if (trial.countFrom !== undefined && Number.isNaN(soaked)) [soaked] = balance.range();
        const { most: at, place } = balance.worst(state.after, strain + GIVES);
        if (at > worst.stress) {
          const here = state.after[place];
          worst = { stress: at, ...pointPlace(mesh, place), time: t, kiln, temperature: here };
        }
      }
      if (t - sampled >= every || t >= end) {
        write(t, kiln, now);
        sampled = t;
      }
      return trial.onStep?.((t - begin) / (end - begin)) !== false;
    },
  });
  if (!whole) return undefined;
  held -= heatIn(warmth.capacity, now);
  chilled(state.step, state.before, r);
  balance.step(state.step, true);
  const kept = nodalStress(mesh, balance);
  const at = mostAt(kept.most);
  return {
    kept,
    keeps: { stress: kept.most[at], r: mesh.r[at], z: mesh.z[at] },
    pressed: balance.range()[1],
    soaked,
    worst,
    trace: traceOf(samples),
    moments,
    steps,
    factored: balance.factored(),
    energy: held === 0 ? 1 : given / held,
  };
}

// What a mesh comes to, kept with it: a search puts many nights through one.
const elementsBy = new WeakMap<SectionMesh, Elements>();
const depthsBy = new WeakMap<SectionMesh, Float64Array>();
function known<Of extends object, What>(
  by: WeakMap<Of, What>,
  of: Of,
  make: (of: Of) => What,
): What {
  const made = by.get(of) ?? make(of);
  by.set(of, made);
  return made;
}

function rangeOf(v: Float64Array): readonly [number, number] {
  let [low, high] = [Infinity, -Infinity];
  for (const x of v) {
    if (x < low) low = x;
    if (x > high) high = x;
  }
  return [low, high];
}

function traceOf(
  samples: readonly (readonly [number, number, number, number, number, number])[],
): SectionTrace {
  const [time, kiln, most, least, hottest, coldest] = [0, 1, 2, 3, 4, 5].map((k) =>
    Float64Array.from(samples, (s) => s[k]),
  ) as [Float64Array, Float64Array, Float64Array, Float64Array, Float64Array, Float64Array];
  return { time, kiln, most, least, hottest, coldest };
}

const heatIn = (capacity: Float64Array, t: Float64Array): number =>
  capacity.reduce((sum, c, i) => sum + c * t[i], 0);

/** What every point of integration goes by. */
function pointState(points: number): {
  before: Float64Array;
  after: Float64Array;
  fictive: Float64Array;
  modes: Float64Array;
  step: PointStep;
} {
  const zero = (n: number): Float64Array => new Float64Array(n);
  return {
    before: zero(points),
    after: zero(points),
    fictive: zero(points),
    modes: zero(points * MODES),
    step: emptyStep(points),
  };
}

/** A last step to an even room, in which nothing flows. */
function chilled(step: PointStep, before: Float64Array, r: Relaxing): void {
  stiffStep(step);
  for (let p = 0; p < before.length; p += 1)
    step.strain[p] = r.expansion * (MEMORY_ROOM - before[p]);
}

const AT_POINTS = GAUSS.map(([a, b, c]) => shapes(a, b, c));

/** Temperatures of the nodes at the points of integration. */
function toPoints(
  { of, triangles }: SectionMesh,
  place: Int32Array,
  nodes: Float64Array,
  out: Float64Array,
): void {
  for (let e = 0; e < triangles; e += 1)
    for (let q = 0; q < POINTS; q += 1) {
      const n = AT_POINTS[q];
      let sum = 0;
      for (let i = 0; i < 6; i += 1) sum += n[i] * nodes[place[of[6 * e + i]]];
      out[e * POINTS + q] = sum;
    }
}

/** Means of what the points have, at the corners. */
function atCorners({ of, corners, triangles }: SectionMesh, points: Float64Array): Float32Array {
  const sum = new Float64Array(corners);
  const count = new Float64Array(corners);
  for (let e = 0; e < triangles; e += 1) {
    let mean = 0;
    for (let q = 0; q < POINTS; q += 1) mean += points[e * POINTS + q] / POINTS;
    for (let k = 0; k < 3; k += 1) {
      const c = of[6 * e + k];
      sum[c] = sum[c] + mean;
      count[c] = count[c] + 1;
    }
  }
  return Float32Array.from(sum, (v, i) => v / Math.max(1, count[i]));
}

function pointPlace(
  { r, z, of }: SectionMesh,
  point: number,
): { readonly r: number; readonly z: number } {
  const e = Math.floor(point / POINTS);
  const [a, b, c] = GAUSS[point % POINTS];
  const at = (v: Float64Array): number =>
    a * v[of[6 * e]] + b * v[of[6 * e + 1]] + c * v[of[6 * e + 2]];
  return { r: at(r), z: at(z) };
}
