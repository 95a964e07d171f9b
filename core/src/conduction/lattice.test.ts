// Nodes of a wall in the kiln: their glass adds up, steady flow is straight, and a skin gives off what Stefan and Boltzmann say.
import { STEFAN_BOLTZMANN } from '../units/constants';
import { wallDepth, exchangeAt, filledWith, heatStep, latticeOf, type Body } from './lattice';

const glass = { conductivity: 1.1, density: 2500, specificHeat: 1150 };
const BODIES: readonly Body[] = ['slab', 'oneSided', 'cylinder', 'ball'];

describe('a lattice', () => {
  it.each<[Body, number]>([
    ['slab', 0.01],
    ['oneSided', 0.02],
    ['cylinder', 0.01 ** 2 / 2],
    ['ball', 0.01 ** 3 / 3],
  ])('of a %s 20 mm thick holds all its glass, however it is cut', (body, whole) => {
    for (const spaces of [1, 4, 33]) {
      const { share, nodes } = latticeOf({ body, thickness: 0.02 }, spaces);
      expect(nodes).toBe(spaces + 1);
      expect(share.reduce((a, b) => a + b, 0)).toBeCloseTo(whole, 12);
    }
    expect(wallDepth({ body, thickness: 0.02 })).toBe(body === 'oneSided' ? 0.02 : 0.01);
  });

  it('grey radiation made linear loses nothing: h·(T₁ − T₂) is ε σ (T₁⁴ − T₂⁴)', () => {
    for (const [kiln, skin] of [
      [20, 500],
      [480, 500],
      [510, 30],
    ] as const) {
      const h = exchangeAt({ radiant: 0.54, air: 0 }, kiln, skin);
      const passed = 0.54 * STEFAN_BOLTZMANN * ((kiln + 273.15) ** 4 - (skin + 273.15) ** 4);
      expect(h * (kiln - skin)).toBeCloseTo(passed, 6);
    }
    expect(exchangeAt({ radiant: 0, air: 8 }, 20, 500)).toBe(8);
  });

  it.each(BODIES)('a %s with its skin held comes to the kiln’s temperature throughout', (body) => {
    const filled = filledWith(latticeOf({ body, thickness: 0.012 }, 12), glass);
    let now = new Float64Array(filled.lattice.nodes).fill(500);
    let next = new Float64Array(filled.lattice.nodes);
    for (let i = 0; i < 400; i += 1) {
      heatStep(filled, now, next, 60, 100, Infinity);
      [now, next] = [next, now];
    }
    now.forEach((v) => {
      expect(v).toBeCloseTo(100, 6);
    });
  });

  // Carslaw & Jaeger: in a steady ramp R the middle lags the skin by R d²/8κ (slab), /2κ (one side), /16κ (rod), /24κ (ball).
  it.each<[Body, number]>([
    ['slab', 8],
    ['oneSided', 2],
    ['cylinder', 16],
    ['ball', 24],
  ])('a %s in a steady ramp lags by R d²/%pκ within 1 %', (body, under) => {
    const d = 0.02;
    const rate = 0.05;
    const kappa = glass.conductivity / (glass.density * glass.specificHeat);
    const filled = filledWith(latticeOf({ body, thickness: d }, 32), glass);
    let now = new Float64Array(filled.lattice.nodes).fill(600);
    let next = new Float64Array(filled.lattice.nodes);
    let kiln = 600;
    for (let i = 0; i < 1200; i += 1) {
      kiln -= rate * 10;
      heatStep(filled, now, next, 10, kiln, Infinity);
      [now, next] = [next, now];
    }
    const lag = (now[0] ?? NaN) - (now[now.length - 1] ?? NaN);
    expect(lag / ((rate * d * d) / (under * kappa))).toBeCloseTo(1, 2);
  });
});
