// The night as a whole: schedules that hold in the simulation, the shortest of them, and the heat against a general solver.
import { all, create, type MathJsInstance } from 'mathjs';
import { checkedSchedule } from './checked';
import { exchangeAt, filledWith, heatStep, latticeOf } from '../conduction/lattice';
import { KILN_EXCHANGE } from './relaxing/exchange';
import { PRACTICES } from './practice';
import { shortestNight } from './asked/shortest';
import { soft, hard, HOUR, even, stepped, tonight } from './nights.fixture';

describe('a checked schedule', () => {
  it.each([
    { what: 'an ordinary vessel', wall: stepped(6, 3) },
    { what: 'a closed vessel', wall: { ...stepped(6, 3), body: 'oneSided' as const } },
    { what: 'a paperweight', wall: even(80, 'ball') },
    { what: 'a bar', wall: even(40, 'cylinder') },
    { what: 'a thick plate', wall: even(25) },
  ])('$what holds in the simulation: what stays, what passes, what the soak leaves', ({ wall }) => {
    const c = checkedSchedule(tonight(wall));
    expect(c.holds).toBe(true);
    expect(c.outcome.kept).toBeLessThanOrEqual(1.01 * PRACTICES.studio.allows);
    expect(c.outcome.worst.stress).toBeLessThanOrEqual(1.01 * 3.5e6);
    expect(c.outcome.soaked).toBeLessThan(0.11 * PRACTICES.studio.allows);
    expect(c.rounds).toBeLessThanOrEqual(7);
  });
  it('of ordinary ware is an overnight affair, 8 to 14 h (common practice, no source)', () => {
    const hours = checkedSchedule(tonight(stepped(6, 3))).schedule.total.value / HOUR;
    expect(hours).toBeGreaterThan(8);
    expect(hours).toBeLessThan(14);
  });
  it('925 °F and 1000 °F are both sound, with different clocks (common practice, no source)', () => {
    const at = (f: number) =>
      checkedSchedule(tonight(stepped(12, 8), { holdTemperature: ((f - 32) * 5) / 9 }));
    const [cool, hot] = [at(925), at(1000)];
    expect(cool.holds && hot.holds).toBe(true);
    expect(cool.schedule.soak.value).toBeGreaterThan(2 * hot.schedule.soak.value);
  });
  it('hard glass at 565 °C is sound (common practice, no source)', () => {
    const c = checkedSchedule(tonight(stepped(5, 3), { glass: hard, holdTemperature: 565 }));
    expect(c.holds).toBe(true);
  });
  it('a disc of 0.66 m at 0.4 MPa takes months (common practice, no source)', () => {
    const c = checkedSchedule(tonight(even(660), { practice: 'fine' }));
    const months = c.schedule.total.value / (30.4 * 24 * HOUR);
    expect(months).toBeGreaterThan(3);
    expect(months).toBeLessThan(18);
  });
});

describe('the shortest night', () => {
  it('is sound, no longer than the checked one, and shorter where the glass sets the clock', () => {
    const input = tonight(even(60, 'ball'));
    const checked = checkedSchedule(input);
    const found: number[] = [];
    const best = shortestNight(input, { onBest: (b) => found.push(b.seconds) });
    expect(best.seconds).toBeLessThan(0.95 * checked.schedule.total.value);
    expect(best.outcome.kept).toBeLessThanOrEqual(1.02 * PRACTICES.studio.allows);
    expect(best.outcome.worst.stress).toBeLessThanOrEqual(1.02 * 3.5e6);
    // What is told on the way only gets better, and the last is what comes back.
    expect([...found].sort((a, b) => b - a)).toEqual(found);
    expect(found.at(-1)).toBeCloseTo(best.seconds, 6);
  });
  it('stopped at once keeps a sound best', () => {
    const best = shortestNight(tonight(even(30)), { enough: () => true });
    expect(best.outcome.kept).toBeLessThanOrEqual(1.02 * PRACTICES.studio.allows);
  });
});

describe('against a general solver of differential equations (mathjs, Runge–Kutta 4(5))', () => {
  it('a 10 mm slab losing heat by radiation and air on a coarse grid', () => {
    const math = create(all as never) as unknown as MathJsInstance & {
      solveODE: (
        f: (t: number, y: number[]) => number[],
        span: [number, number],
        start: number[],
        options: object,
      ) => { t: number[]; y: number[][] };
    };
    const lattice = latticeOf({ body: 'slab', thickness: 0.01 }, 4);
    const heat = soft.density * soft.specificHeat;
    const seconds = 240;
    const derivative = (_: number, y: number[]): number[] =>
      y.map((v, i) => {
        const from = i > 0 ? (lattice.link[i - 1] ?? 0) * ((y[i - 1] ?? 0) - v) : 0;
        const up =
          i < y.length - 1
            ? (lattice.link[i] ?? 0) * ((y[i + 1] ?? 0) - v)
            : (exchangeAt(KILN_EXCHANGE, 60, v) * lattice.skin * (60 - v)) / soft.conductivity;
        return (soft.conductivity * (from + up)) / (heat * (lattice.share[i] ?? 1));
      });
    const start = Array.from({ length: lattice.nodes }, () => 500);
    const solved = math.solveODE(derivative, [0, seconds], start, {
      method: 'RK45',
      tol: 1e-4,
      firstStep: 0.1,
      maxStep: 2,
      maxIter: 1e5,
    });
    const last = solved.y.at(-1) ?? [];
    let [now, next] = [Float64Array.from(start), new Float64Array(lattice.nodes)];
    const filled = filledWith(lattice, soft);
    for (let t = 0; t < seconds; t += 0.25) {
      const skin = now[now.length - 1] ?? 0;
      heatStep(filled, now, next, 0.25, 60, exchangeAt(KILN_EXCHANGE, 60, skin));
      [now, next] = [next, now];
    }
    last.forEach((v, i) => {
      expect(Math.abs(v - (now[i] ?? NaN)) / (500 - v)).toBeLessThan(0.004);
    });
  });
});
