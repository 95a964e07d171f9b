// The heat of a slab through one night, here and by a general solver of differential equations (mathjs, Runge–Kutta 4(5) with its
// own steps), at alike accuracy, in one run. mathjs has no stiff method; none of standing was found in the registry.
import { all, create, type MathJsInstance } from 'mathjs';
import { exchangeAt, filledWith, heatStep, latticeOf } from '@zanfirico/core/conduction';
import { often } from './rows';
import type { Glass } from '@zanfirico/core/glass';
import { KILN_EXCHANGE } from '@zanfirico/core/night';

type Solving = MathJsInstance & {
  solveODE: (
    f: (t: number, y: number[]) => number[],
    span: [number, number],
    start: number[],
    options: object,
  ) => { t: number[]; y: number[][] };
};

const HOURS = often(12, 1);
const SPACES = 8;
const kilnAt = (t: number): number => {
  const h = t / 3600;
  return h < 1 ? 505 : h < 5 ? 505 - (85 * (h - 1)) / 4 : 420 - (360 * (h - 5)) / 7;
};

/** One row of the table: times of both, their ratio, and how far apart they end. */
export function againstSolver(glass: Glass): { what: string; measured: string; wanted: string } {
  const math = create(all as never) as unknown as Solving;
  const lattice = latticeOf({ body: 'slab', thickness: 0.012 }, SPACES);
  const heat = glass.density * glass.specificHeat;
  const start = Array.from({ length: lattice.nodes }, () => 505);
  const derivative = (t: number, y: number[]): number[] =>
    y.map((v, i) => {
      const from = i > 0 ? (lattice.link[i - 1] as number) * ((y[i - 1] as number) - v) : 0;
      const k = kilnAt(t);
      const up =
        i < y.length - 1
          ? (lattice.link[i] as number) * ((y[i + 1] as number) - v)
          : (exchangeAt(KILN_EXCHANGE, k, v) * lattice.skin * (k - v)) / glass.conductivity;
      return (glass.conductivity * (from + up)) / (heat * (lattice.share[i] as number));
    });
  let since = performance.now();
  const solved = math.solveODE(derivative, [0, HOURS * 3600], start, {
    method: 'RK45',
    tol: 1e-2,
    firstStep: 1,
    maxStep: 60,
    maxIter: 1e6,
  });
  const theirs = performance.now() - since;
  let now = Float64Array.from(start);
  let next = new Float64Array(lattice.nodes);
  const filled = filledWith(lattice, glass);
  const rounds = often(20);
  since = performance.now();
  for (let r = 0; r < rounds; r += 1) {
    now.set(start);
    for (let t = 0; t < HOURS * 3600; t += 60) {
      const k = kilnAt(t + 60);
      heatStep(filled, now, next, 60, k, exchangeAt(KILN_EXCHANGE, k, now[SPACES] as number));
      [now, next] = [next, now];
    }
  }
  const ours = (performance.now() - since) / rounds;
  const apart = Math.abs((solved.y.at(-1)?.[0] ?? NaN) - (now[0] as number));
  return {
    what: 'heat of that night, 8 spaces: ours against mathjs RK45 (not stiff)',
    measured: `${ours.toFixed(2)} to ${theirs.toFixed(0)} ms, 1 : ${(theirs / ours).toFixed(0)}; ${apart.toFixed(2)} K apart`,
    wanted: '',
  };
}
