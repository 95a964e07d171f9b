// Heat through walls against closed forms: Carslaw & Jaeger's transients, Newton's cooling, and no heat lost or made.
import * as fc from 'fast-check';
import {
  cellScratch,
  conduct,
  cellGrid,
  heatIn,
  meanOf,
  type SkinLaw,
  type WallKind,
} from './cells';

const K = 1.1;
const C = 2400 * 1300;

/** The first root of the transient's own equation, by halving (Carslaw & Jaeger §§3.11, 7.7, 9.4). */
function firstRoot(kind: WallKind, biot: number): number {
  const f =
    kind === 'slab'
      ? (x: number) => x * Math.tan(x) - biot
      : kind === 'rod'
        ? (x: number) => x * j1(x) - biot * j0(x)
        : (x: number) => 1 - x / Math.tan(x) - biot;
  let [low, high] = [1e-6, { slab: Math.PI / 2, rod: 2.404825, ball: Math.PI }[kind] - 1e-6];
  for (let i = 0; i < 80; i += 1) {
    const middle = (low + high) / 2;
    if (f(middle) > 0) high = middle;
    else low = middle;
  }
  return (low + high) / 2;
}
const series = (x: number, order: 0 | 1): number => {
  let sum = 0;
  let term = order === 0 ? 1 : x / 2;
  for (let k = 0; k < 40; k += 1) {
    sum += term;
    term *= -(x * x) / 4 / ((k + 1) * (k + 1 + order));
  }
  return sum;
};
const j0 = (x: number): number => series(x, 0);
const j1 = (x: number): number => series(x, 1);

/** One-term centre temperature, 1 at first and 0 at last (good beyond a Fourier number of 0.2: Heisler 1947). */
function centre(kind: WallKind, biot: number, fourier: number): number {
  const z = firstRoot(kind, biot);
  const a =
    kind === 'slab'
      ? (4 * Math.sin(z)) / (2 * z + Math.sin(2 * z))
      : kind === 'rod'
        ? (2 / z) * (j1(z) / (j0(z) ** 2 + j1(z) ** 2))
        : (4 * (Math.sin(z) - z * Math.cos(z))) / (2 * z - Math.sin(2 * z));
  return a * Math.exp(-z * z * fourier);
}

/** The solver's centre after a Fourier number, cooled by h into 0 °C from 1 °C. */
function solved(kind: WallKind, biot: number, fourier: number, cells: number): number {
  const l = 0.01;
  const grid = cellGrid(kind, l, cells, K, C);
  const t = new Float64Array(cells).fill(1);
  const h = (biot * K) / l;
  const steps = 400;
  const scratch = cellScratch(cells);
  const dt = (fourier * l * l * C) / K / steps;
  const law: SkinLaw = { at: 0, loss: 0, slope: h };
  for (let i = 0; i < steps; i += 1)
    conduct(grid, scratch, t, dt, law, { at: 0, loss: 0, slope: 0 }, 0);
  return t[0];
}

describe('a wall cooling into still surroundings', () => {
  // Roots as tabulated for Biot 1: 0.8603, 1.2558, 1.5708 (Carslaw & Jaeger, appendix IV; Incropera, table 5.1).
  it.each([
    ['slab', 0.8603],
    ['rod', 1.2558],
    ['ball', 1.5708],
  ] as const)('has the tabulated first root of a %s at Biot 1', (kind, root) => {
    expect(firstRoot(kind, 1)).toBeCloseTo(root, 4);
  });

  it.each(
    (['slab', 'rod', 'ball'] as const).flatMap((kind) =>
      [0.2, 1, 5].flatMap((biot) => [0.3, 0.8].map((fourier) => [kind, biot, fourier] as const)),
    ),
  )(
    '%s, Biot %p, Fourier %p: within 2 % of Heisler on the grid the shop uses',
    (kind, biot, fourier) => {
      const known = centre(kind, biot, fourier);
      expect(Math.abs(solved(kind, biot, fourier, 8) - known)).toBeLessThan(0.02);
      // Finer, it draws nearer: the first cell's middle comes to the centre.
      expect(Math.abs(solved(kind, biot, fourier, 32) - known)).toBeLessThan(0.006);
    },
  );

  it('thin, cools as Newton says: e^(−ht/ρcL)', () => {
    const grid = cellGrid('slab', 0.001, 8, 50, C);
    const t = new Float64Array(8).fill(900);
    const law: SkinLaw = { at: 0, loss: 0, slope: 60 };
    for (let i = 0; i < 400; i += 1)
      conduct(grid, cellScratch(8), t, 0.05, law, { at: 0, loss: 0, slope: 0 }, 0);
    expect(meanOf(grid, t) / (900 * Math.exp((-60 * 20) / (C * 0.001)))).toBeCloseTo(1, 3);
  });

  it('neither loses nor makes heat, whatever the step (any law, any form)', () => {
    fc.assert(
      fc.property(
        fc.constantFrom<WallKind>('slab', 'rod', 'ball'),
        fc.double({ min: 0.1, max: 60, noNaN: true }),
        fc.double({ min: -5e4, max: 5e4, noNaN: true }),
        fc.double({ min: 0, max: 600, noNaN: true }),
        fc.double({ min: -2e4, max: 2e4, noNaN: true }),
        (kind, dt, loss, slope, source) => {
          const grid = cellGrid(kind, 0.012, 8, K, C);
          const t = new Float64Array(8).map((_, i) => 700 + 30 * i);
          const before = heatIn(grid, t);
          const out = conduct(
            grid,
            cellScratch(8),
            t,
            dt,
            { at: 900, loss, slope },
            { at: 0, loss: 0, slope: 0 },
            source,
          );
          const made = heatIn(grid, t) + out - before - source * dt;
          return Math.abs(made) < 1e-6 * Math.abs(before);
        },
      ),
    );
  });

  it('refuses a wall of nothing', () => {
    expect(() => cellGrid('slab', 0, 8, K, C)).toThrow(/thickness/);
  });
});
