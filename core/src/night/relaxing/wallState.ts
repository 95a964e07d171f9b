// One wall on its way through a night: its temperatures, its structure, its stress, and the step that takes them on together.
import {
  filledWith,
  latticeOf,
  type Filled,
  type Lattice,
  type Wall,
} from '../../conduction/lattice';
import type { Glass } from '../../glass/glass';
import {
  lnViscosity,
  MODES,
  MODE_TIMES,
  MODE_WEIGHTS,
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

/** What a wall keeps once it is even at room temperature. Pa. */
export interface KeptWall {
  readonly middle: number;
  readonly skin: number;
  readonly most: number;
  /** As it would be without the other wall. */
  readonly alone: number;
}

/** Room the kept stress is told at, °C. */
export const MEMORY_ROOM = 20;

/** A wall with all its state; the arrays are its own and written over. */
export interface Section {
  readonly wall: Wall;
  readonly lattice: Lattice;
  readonly filled: Filled;
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

/** A wall of a glass at rest at `start` °C with the structure of `fictive` °C; `pair` where another holds it. */
export function sectionOf(
  glass: Glass,
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
    filled: filledWith(lattice, glass),
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
export function comesUneven(s: Section, by: number, above: number): void {
  const depth = s.lattice.at[s.lattice.nodes - 1];
  for (let i = 0; i < s.lattice.nodes; i += 1) {
    const x = s.lattice.at[i] / depth;
    s.now[i] = s.now[i] + by * (1 - x * x);
  }
  toPoints(s, s.now, s.before);
  for (let p = 0; p < s.before.length; p += 1) {
    s.fictive[p] = s.before[p] + above;
    for (let m = 0; m < MODES; m += 1) s.modes[p * MODES + m] = s.fictive[p];
  }
}

/** Temperature at the points of stress. */
export function toPoints(s: Section, nodes: Float64Array, out: Float64Array): void {
  if (s.flat) out.set(nodes);
  else for (let p = 0; p < out.length; p += 1) out[p] = (nodes[p] + nodes[p + 1]) / 2;
}

/** Below this the exponential is taken as the first terms of its series. */
const SMALL = 5e-3;

/** Structure and the factors of the step, for every point. */
export function relax(
  s: Pick<Section, 'before' | 'after' | 'fictive' | 'modes' | 'step'>,
  r: Relaxing,
  dt: number,
): void {
  const { keep, gain, part, strain } = s.step;
  for (let p = 0; p < s.after.length; p += 1) {
    const t0 = s.before[p];
    const t1 = s.after[p];
    const f0 = s.fictive[p];
    const first = p * MODES;
    const middle = (t0 + t1) / 2;
    // Twice: the viscosity of the step is that of its middle, which the first pass finds.
    let xi = (dt * r.shear) / Math.exp(lnViscosity(r, middle, f0));
    let ds = xi / STRUCTURE_SLOWER;
    let f1 = 0;
    for (let m = 0; m < MODES; m += 1) {
      const tau = MODE_TIMES[m];
      f1 += (MODE_WEIGHTS[m] * (s.modes[first + m] * tau + t1 * ds)) / (tau + ds);
    }
    xi = (dt * r.shear) / Math.exp(lnViscosity(r, middle, (f0 + f1) / 2));
    ds = xi / STRUCTURE_SLOWER;
    f1 = 0;
    let g = 0;
    for (let m = 0; m < MODES; m += 1) {
      const tau = MODE_TIMES[m];
      const w = MODE_WEIGHTS[m];
      const i = first + m;
      const mode = (s.modes[i] * tau + t1 * ds) / (tau + ds);
      s.modes[i] = mode;
      f1 += w * mode;
      const a = xi / tau;
      if (a > 40) {
        keep[i] = 0;
        part[i] = w / a;
      } else if (a < SMALL) {
        // The series of e^-a and (1 − e^-a)/a, to 1e-10.
        keep[i] = 1 - a * (1 - (a / 2) * (1 - a / 3));
        part[i] = w * (1 - (a / 2) * (1 - (a / 3) * (1 - a / 4)));
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
export function stresses(sections: readonly Section[], r: Relaxing, restraint: number): void {
  for (const s of sections) s.grows = stressStep(s, s.free, r, NaN);
  if (sections.length < 2) return;
  for (let k = 0; k < sections.length; k += 1) {
    const s = sections[k];
    const other = sections[1 - k];
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
export const atSkin = (s: Section, v: Float64Array): number => {
  const last = v.length - 1;
  return s.flat || last < 1 ? v[last] : 1.5 * v[last] - 0.5 * v[last - 1];
};

/** What is left once every wall is even at room temperature and nothing flows any more. */
export function keptBy(sections: readonly Section[], r: Relaxing, restraint: number): KeptWall[] {
  for (const s of sections) {
    toPoints(s, s.now, s.before);
    stiffStep(s.step);
    for (let p = 0; p < s.before.length; p += 1)
      s.step.strain[p] = r.expansion * (MEMORY_ROOM - s.before[p]);
  }
  stresses(sections, r, restraint);
  return sections.map((s) => {
    const state = s.tied ?? s.free;
    const skin = atSkin(s, state.plane);
    let [most, alone] = [skin, atSkin(s, s.free.plane)];
    for (let p = 0; p < state.points; p += 1) {
      most = Math.max(most, state.most[p]);
      alone = Math.max(alone, s.free.most[p]);
    }
    return { middle: state.plane[0], skin, most, alone };
  });
}
