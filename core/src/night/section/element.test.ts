// The element and its balance against closed forms: constant strain, locking, parabolic and steady gradients, a free edge.
import * as fc from 'fast-check';
import { findGlass } from '../../rack/glasses';
import { MODES, MODE_WEIGHTS, relaxing, type Relaxing } from '../relaxing/relaxation';
import type { PointStep } from '../relaxing/stress';
import { elementsOf, GAUSS, POINTS, type Elements } from './element';
import { equilibrium } from './equilibrium';
import type { Loop } from './loops';
import { MeshProblem, type SectionMesh } from './mesh';
import { nodalStress, type NodalStress } from './nodal';
import { ballLoop, cornerAt, meshed, ringLoop, shellLoop } from './sections.fixture';

const glass = findGlass('soft-batch-96');
if (!glass) throw new Error('shipped');
const GLASS = glass;
const r = relaxing(GLASS);
const E = GLASS.youngsModulus;
const NU = GLASS.poisson;
const ALPHA = GLASS.expansion;

/** Of a value at the nodes, what it is at a point. */
function placeOf(mesh: SectionMesh, v: Float64Array, p: number): number {
  const e = Math.floor(p / POINTS);
  const [a, b, c] = GAUSS[p % POINTS];
  return a * v[mesh.of[6 * e]] + b * v[mesh.of[6 * e + 1]] + c * v[mesh.of[6 * e + 2]];
}

/** A step to another temperature in which nothing flows. */
function suddenly(
  mesh: SectionMesh,
  elements: Elements,
  temperature: (r: number, z: number) => number,
  gain: number,
): PointStep {
  const points = elements.count * POINTS;
  return {
    keep: new Float64Array(points * MODES).fill(1),
    gain: new Float64Array(points).fill(gain),
    part: Float64Array.from({ length: points * MODES }, (_, i) => gain * MODE_WEIGHTS[i % MODES]),
    strain: Float64Array.from(
      { length: points },
      (_, p) => ALPHA * temperature(placeOf(mesh, mesh.r, p), placeOf(mesh, mesh.z, p)),
    ),
  };
}

/** Stress of a section that is suddenly of another temperature, nothing flowing. `gain` makes its shear softer. */
function heated(
  mesh: SectionMesh,
  temperature: (r: number, z: number) => number,
  gain = 1,
  as: Relaxing = r,
): NodalStress {
  const elements = elementsOf(mesh);
  const balance = equilibrium(mesh, elements, as);
  balance.step(suddenly(mesh, elements, temperature, gain), true);
  return nodalStress(mesh, balance);
}
/** The pull along the axis over a section, as work on a displacement that grows with the height and with its square; of the work there is. */
function axialForce(mesh: SectionMesh, temperature: (r: number, z: number) => number): number {
  const elements = elementsOf(mesh);
  const balance = equilibrium(mesh, elements, r);
  balance.step(suddenly(mesh, elements, temperature, 1), true);
  let [even, bent, all] = [0, 0, 0];
  for (let p = 0; p < elements.count * POINTS; p += 1) {
    const z = placeOf(mesh, mesh.z, p);
    const work = elements.weight[p] * balance.stress[4 * p + 1];
    const shear = elements.weight[p] * balance.stress[4 * p + 3];
    even += work;
    bent += 2 * z * work;
    all += Math.abs(work) + Math.abs(shear);
  }
  return Math.max(Math.abs(even), Math.abs(bent) / 0.03) / all;
}
const worst = (s: NodalStress): number =>
  Math.max(...[s.rr, s.zz, s.tt, s.rz].flatMap((v) => [...v].map(Math.abs)));

describe('a section of one even temperature', () => {
  const mesh = meshed(ringLoop(0.01, 0.02, 0.03));
  it('and a straight change along the axis leave no stress (patch test)', () => {
    // Free strain a + b z has a compatible displacement; a constant one too.
    const scale = E * ALPHA * 100;
    expect(worst(heated(mesh, () => 100))).toBeLessThan(1e-9 * scale);
    expect(worst(heated(mesh, (_, z) => (100 * z) / 0.03))).toBeLessThan(1e-7 * scale);
  });

  it('does not lock where its shear is a ten-thousandth of its bulk', () => {
    const soft = heated(mesh, (_, z) => (100 * z) / 0.03, (1e-4 * r.bulk) / r.shear);
    expect(worst(soft)).toBeLessThan(1e-6 * E * ALPHA * 100);
    // A parabola through the wall: stress goes with the shear, and not with the bulk.
    const stiff = worst(heated(mesh, (x) => (100 * (x - 0.015) ** 2) / 25e-6, 1));
    const flowing = worst(heated(mesh, (x) => (100 * (x - 0.015) ** 2) / 25e-6, 1e-4));
    expect(flowing / stiff).toBeLessThan(2e-4);
  });
});

describe('closed forms (Timoshenko & Goodier, Theory of Elasticity, §§ 151–152)', () => {
  it('a ball under a parabola', () => {
    const R = 0.0125;
    const mesh = meshed(ballLoop(R), { longest: 1.25e-3 });
    const s = heated(mesh, (x, z) => 100 * (1 - (x * x + z * z) / (R * R)));
    // σ = 2αE/(1 − ν) (1/R³ ∫T r² dr − 1/r³ ∫T r² dr): 2αE·100/(1 − ν)·(2/15 − 1/3) in the middle; at the skin round it
    // αE/(1 − ν)·(2·100·2/15).
    const middle = ((2 * ALPHA * E * 100) / (1 - NU)) * (2 / 15 - 1 / 3);
    const skin = ((ALPHA * E * 100) / (1 - NU)) * (4 / 10);
    const c = cornerAt(mesh, { r: 0, z: 0 });
    expect(s.zz[c]).toBeCloseTo(middle, -Math.log10(Math.abs(middle) * 0.02));
    expect(s.zz[c] / middle).toBeGreaterThan(0.98);
    expect(s.zz[c] / middle).toBeLessThan(1.02);
    const equator = cornerAt(mesh, { r: R, z: 0 });
    expect(s.tt[equator] / skin).toBeGreaterThan(0.97);
    expect(s.tt[equator] / skin).toBeLessThan(1.03);
  });

  it('a long cylinder under a parabola', () => {
    const R = 0.0125;
    const mesh = meshed(ringLoop(0, R, 0.12));
    const s = heated(mesh, (x) => 100 * (1 - (x * x) / (R * R)));
    // Along it: αE/(1 − ν) (mean T − T), no force on the ends; mean of the parabola a half.
    const along = (t: number): number => ((ALPHA * E) / (1 - NU)) * (50 - t);
    const middle = cornerAt(mesh, { r: 0, z: 0.06 });
    const skin = cornerAt(mesh, { r: R, z: 0.06 });
    expect(s.zz[middle] / along(100)).toBeCloseTo(1, 1.7);
    expect(s.zz[skin] / along(0)).toBeCloseTo(1, 1.7);
  });

  it('a hollow ball with heat going steadily through it', () => {
    const [a, b] = [0.012, 0.02];
    const mesh = meshed(shellLoop(a, b), { longest: 1e-3 });
    const s = heated(mesh, (x, z) => (100 * a * (b / Math.hypot(x, z) - 1)) / (b - a));
    // σ_t at the outside: αE·ΔT/(1 − ν)·ab/(b³ − a³)·(…): from the general formula with T = ΔT·a/(b − a)·(b/r − 1).
    const T = (x: number): number => (100 * a * (b / x - 1)) / (b - a);
    const integral = (to: number): number => {
      let sum = 0;
      const n = 4000;
      for (let i = 0; i < n; i += 1) {
        const x = a + ((to - a) * (i + 0.5)) / n;
        sum += (T(x) * x * x * (to - a)) / n;
      }
      return sum;
    };
    const hoop = (x: number): number =>
      ((2 * ALPHA * E) / (1 - NU)) *
      (((2 * x ** 3 + a ** 3) / (2 * (b ** 3 - a ** 3) * x ** 3)) * integral(b) +
        integral(x) / (2 * x ** 3) -
        T(x) / 2);
    for (const x of [a, b]) {
      const c = cornerAt(mesh, { r: x, z: 0 });
      expect(s.tt[c] / hoop(x)).toBeCloseTo(1, 1.4);
    }
  });

  it('a thin tube with a straight gradient through its wall: far from its ends, and a quarter more at one (Timoshenko & Woinowsky-Krieger, Theory of Plates and Shells, § 115)', () => {
    const [R, t] = [0.05, 0.002];
    const mesh = meshed(ringLoop(R - t / 2, R + t / 2, 0.08), { through: 3, longest: 8e-4 });
    const s = heated(mesh, (x) => (100 * (R - x)) / t);
    const far = (E * ALPHA * 100) / (2 * (1 - NU));
    const skin = cornerAt(mesh, { r: R + t / 2, z: 0.04 });
    expect(s.tt[skin] / far).toBeCloseTo(1, 1.3);
    expect(s.zz[skin] / far).toBeCloseTo(1, 1.3);
    const edge = cornerAt(mesh, { r: R + t / 2, z: 0 });
    // At the free edge the hoop is E α ΔT/2(1 − ν)·(1 − ν + √(1 − ν²)/√3).
    const more = 1 - NU + Math.sqrt((1 - NU * NU) / 3);
    expect(s.tt[edge] / far / more).toBeGreaterThan(0.93);
    expect(s.tt[edge] / far / more).toBeLessThan(1.07);
  });
});

it('whatever the profile: no number that is none, twice the expansion twice the stress, nothing of nothing, no force along the axis', () => {
  fc.assert(
    fc.property(
      fc.array(
        fc.tuple(
          fc.double({ min: 0.008, max: 0.03, noNaN: true }),
          fc.double({ min: 0.003, max: 0.008, noNaN: true }),
        ),
        { minLength: 3, maxLength: 6 },
      ),
      (rings) => {
        const out: Loop = [
          ...rings.map(([x], i) => ({ r: x, z: 0.012 * i })),
          ...rings.map(([x, w], i) => ({ r: Math.max(0.001, x - w), z: 0.012 * i })).reverse(),
        ];
        let mesh: SectionMesh;
        try {
          mesh = meshed(out, { longest: 3e-3 });
        } catch (error) {
          // A wall that runs out to a sliver is refused, and says so.
          expect(error).toBeInstanceOf(MeshProblem);
          return;
        }
        const field = (x: number, z: number): number => 100 * Math.sin(90 * x) + 400 * z;
        const one = heated(mesh, field);
        const most = worst(one);
        expect(Number.isFinite(most)).toBe(true);
        const two = heated(mesh, (x, z) => 2 * field(x, z));
        expect(worst(two) / most).toBeCloseTo(2, 6);
        expect(worst(heated(mesh, () => 0))).toBe(0);
        expect(axialForce(mesh, field)).toBeLessThan(1e-6);
      },
    ),
    { numRuns: 12, endOnFailure: true },
  );
});
