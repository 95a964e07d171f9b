// Looking through a section from the side, against the closed form of a long rod.
import { STRESS_OPTICAL } from '../../fit/polarised';
import { meshed, ringLoop } from './sections.fixture';
import type { NodalStress } from './nodal';
import { seenThrough } from './polarised';

const R = 0.012;
const A = 1e6;
const mesh = meshed(ringLoop(0, R, 0.04));
const field = (of: (rho: number) => number): Float64Array =>
  Float64Array.from({ length: mesh.corners }, (_, i) => of(mesh.r[i] / R));

it('a long rod with a parabola of tension: σr = A(1 − ρ²), σθ = A(1 − 3ρ²), σz = σr + σθ (Timoshenko & Goodier § 151)', () => {
  const stress: NodalStress = {
    rr: field((p) => A * (1 - p * p)),
    tt: field((p) => A * (1 - 3 * p * p)),
    zz: field((p) => A * (2 - 4 * p * p)),
    rz: field(() => 0),
    most: field(() => 0),
  };
  const { across, along, aslant, up } = seenThrough(mesh, stress);
  const row = Math.floor(up / 2) * across;
  // By hand: ∫(σz − σx)dy across the rod at x = ξR is (4/3)·A·R·√(1 − ξ²)·(1 − 4ξ²): nothing at half the radius.
  for (const xi of [0.05, 0.2, 0.35, 0.7, 0.85]) {
    const i = Math.round(xi * across - 0.5);
    const at = (i + 0.5) / across;
    const wanted = STRESS_OPTICAL * (4 / 3) * A * R * Math.sqrt(1 - at * at) * (1 - 4 * at * at);
    const scale = STRESS_OPTICAL * (4 / 3) * A * R;
    expect(Math.abs((along[row + i] - wanted) / scale)).toBeLessThan(0.03);
    expect(Math.abs(aslant[row + i] / scale)).toBeLessThan(1e-6);
  }
  const half = Math.round(0.5 * across - 0.5);
  expect(along[row + half - 4]).toBeGreaterThan(0);
  expect(along[row + half + 4]).toBeLessThan(0);
});

it('twice the stress retards twice as much; beside the glass nothing is seen', () => {
  const even = (v: number): NodalStress => {
    const all = field(() => v);
    return { rr: field(() => 0), tt: field(() => 0), zz: all, rz: field(() => 0), most: all };
  };
  const tube = meshed(ringLoop(0.006, R, 0.03));
  const fill = (v: number): NodalStress => {
    const of = (x: number): Float64Array => new Float64Array(tube.corners).fill(x);
    return { rr: of(0), tt: of(0), zz: of(v), rz: of(0), most: of(v) };
  };
  const [once, twice] = [seenThrough(tube, fill(A)), seenThrough(tube, fill(2 * A))];
  const mid = Math.floor(once.up / 2) * once.across + 10;
  expect(twice.along[mid] / once.along[mid]).toBeCloseTo(2, 5);
  // A rod of even pull: C·σ·chord.
  const rod = seenThrough(mesh, even(A));
  const at = Math.floor(rod.up / 2) * rod.across;
  expect(rod.along[at] / (STRESS_OPTICAL * A * 2 * R)).toBeCloseTo(1, 1);
});
