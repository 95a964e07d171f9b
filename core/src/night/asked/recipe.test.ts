// What is asked of a kiln and what it makes of it: recipes, programmes it cannot follow, mishaps, going up.
import { STUDIO_BOX } from '../box';
import { follow } from './kiln';
import { learnCooling } from './learnBox';
import { putThrough } from '../outcome';
import { recipeCurve, recipeProblems, recipeTime } from './recipe';
import { soft, HOUR, mighty, even } from '../nights.fixture';
import { warming } from './warming';

describe('recipes', () => {
  it('hours by hand: 505 held 1 h, 55 °C/h to 370, then to 60 at 100', () => {
    const box = { ...STUDIO_BOX, coolingTime: 600 };
    const lines = [
      { to: 505, hold: HOUR },
      { to: 370, rate: 55 / HOUR },
      { to: 60, rate: 100 / HOUR },
    ];
    const hours = 1 + 135 / 55 + 310 / 100;
    expect(recipeTime({ name: '', start: 505, lines }, box) / HOUR).toBeCloseTo(hours, 9);
    // Each line ends where the recipe would, were it the last.
    expect(recipeCurve({ name: '', start: 505, lines }, box).ends).toEqual(
      lines.map((_, k) => recipeTime({ name: '', start: 505, lines: lines.slice(0, k + 1) }, box)),
    );
    const { time, temperature } = recipeCurve({ name: '', start: 505, lines }, box);
    expect(temperature.at(-1)).toBe(60);
    expect([...time].sort((a, b) => a - b)).toEqual(time);
  });
  it.each([
    { lines: [], says: /one line at least/ },
    { lines: [{ to: 5000 }], says: /5000 °C/ },
    { lines: [{ to: 400, rate: 0 }], says: /no speed/ },
    { lines: [{ to: 400, hold: -5 }], says: /holds/ },
    { lines: [{ to: 5, rate: 1 }], says: /below the room/ },
    { lines: Array.from({ length: 501 }, () => ({ to: 400, hold: 1 })), says: /500 lines at most/ },
  ])('what cannot be is told: $says', ({ lines, says }) => {
    const problems = recipeProblems({ name: '', start: 505, lines }, STUDIO_BOX);
    expect(problems.map((p) => p.says).join(' ')).toMatch(says);
  });
  it('of five hundred lines is put through', () => {
    const lines = Array.from({ length: 500 }, (_, i) => ({ to: 505 - 0.8 * (i + 1), rate: 0.02 }));
    const curve = recipeCurve({ name: '', start: 505, lines }, STUDIO_BOX);
    const o = putThrough({ glass: soft, wall: even(6) }, curve);
    expect(o.kept).toBeGreaterThan(0);
  });
});

describe('the kiln', () => {
  const steady = { time: [0, 10 * HOUR], temperature: [500, 500] };
  it('held still takes what it loses: C(T − room)/τ', () => {
    const f = follow(steady, STUDIO_BOX);
    const watts = (STUDIO_BOX.capacity * (500 - STUDIO_BOX.room)) / STUDIO_BOX.coolingTime;
    expect(f.energy / (10 * HOUR)).toBeCloseTo(watts, 3);
    expect(f.above.kelvin).toBe(0);
  });
  it('asked to fall faster than it loses heat follows Newton, and says by how much', () => {
    const f = follow({ time: [0, HOUR], temperature: [500, 100] }, STUDIO_BOX);
    const last = f.curve.temperature.at(-1) ?? NaN;
    expect(last).toBeCloseTo(STUDIO_BOX.room + 480 * Math.exp(-HOUR / STUDIO_BOX.coolingTime), 6);
    expect(f.above.kelvin).toBeCloseTo(last - 100, 6);
    expect(f.energy).toBeLessThan(1);
  });
  it('asked to climb faster than its power is left below', () => {
    const f = follow({ time: [0, 0.25 * HOUR], temperature: [20, 500] }, STUDIO_BOX);
    expect(f.below.kelvin).toBeGreaterThan(300);
    // Full power all the while, less rounding.
    expect(f.energy / (0.25 * HOUR)).toBeCloseTo(STUDIO_BOX.power, -1);
  });
  it('without power for an hour and a half cools as Newton has it, and comes back', () => {
    const f = follow(steady, STUDIO_BOX, [{ kind: 'power off', from: 2 * HOUR, to: 3.5 * HOUR }]);
    const low = Math.min(...f.curve.temperature);
    expect(low).toBeCloseTo(
      STUDIO_BOX.room + 480 * Math.exp((-1.5 * HOUR) / STUDIO_BOX.coolingTime),
      3,
    );
    expect(f.curve.temperature.at(-1)).toBeCloseTo(500, 6);
  });
  it('with the door open a minute at 480 °C loses about 100 K (from memory)', () => {
    const f = follow({ time: [0, HOUR], temperature: [480, 480] }, STUDIO_BOX, [
      { kind: 'door open', from: 600, to: 660 },
    ]);
    const lost = 480 - Math.min(...f.curve.temperature);
    expect(lost).toBeGreaterThan(70);
    expect(lost).toBeLessThan(130);
  });
  it('is learned from a log of its own cooling, noise and all', () => {
    const time = Array.from({ length: 120 }, (_, i) => 300 * i);
    const temperature = time.map((t, i) =>
      t < 3000 ? 510 : 20 + 490 * Math.exp(-(t - 3000) / (5 * HOUR)) + 0.05 * Math.sin(7 * i),
    );
    const learnt = learnCooling({ time, temperature }, 20);
    expect((learnt?.coolingTime ?? 0) / HOUR).toBeCloseTo(5, 1);
    expect(learnt?.misfit).toBeLessThan(0.5);
    expect(learnCooling({ time: [0, 1, 2], temperature: [500, 500, 500] }, 20)).toBeUndefined();
  });
});

describe('going up', () => {
  it('is slower for thicker pieces, by the square, and keeps the middle under half the working stress', () => {
    const up = (mm: number) => warming({ glass: soft, wall: even(mm) }, mighty, 20, 505);
    const [a, b] = [up(30), up(60)];
    for (const w of [a, b]) expect(w.outcome.worst.stress).toBeLessThanOrEqual(3.5e6);
    expect(a.outcome.worst.at).toBe('middle');
    expect(a.rate / b.rate).toBeGreaterThan(3);
    expect(a.rate / b.rate).toBeLessThan(5);
  });
});
