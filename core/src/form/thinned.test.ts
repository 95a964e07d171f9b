// Lines drawn small: what is left out is not missed.
import fc from 'fast-check';
import { thinned } from './thinned';

describe('a line with fewer points', () => {
  it('keeps ends and corners, and leaves out what lies on the line between them', () => {
    expect(thinned([0, 1, 2, 2, 2], [0, 0, 0, 1, 2], 1e-9)).toEqual([0, 2, 4]);
    expect(thinned([0, 1, 2], [0, 0.2, 0], 0.1)).toEqual([0, 1, 2]);
    expect(thinned([0, 1, 2], [0, 0.05, 0], 0.1)).toEqual([0, 2]);
  });

  it('keeps a point that doubles back past the ends of a chord', () => {
    expect(thinned([0, 3, 1], [0, 0, 0], 0.1)).toEqual([0, 1, 2]);
    expect(thinned([0, 1, 0], [0, 0, 0], 0.1)).toEqual([0, 1, 2]);
  });

  it('takes no point, one or two as they are', () => {
    expect(thinned([], [], 1)).toEqual([]);
    expect(thinned([4], [4], 1)).toEqual([0]);
    expect(thinned([4, 5], [4, 4], 9)).toEqual([0, 1]);
  });

  it('a half circle of 181 points to a thousandth of its radius keeps some twenty: the sagitta of a chord over 2a is r(1 − cos a)', () => {
    const at = Array.from({ length: 181 }, (_, i) => (i * Math.PI) / 180);
    const kept = thinned(at.map(Math.cos), at.map(Math.sin), 1e-3);
    const least = Math.PI / (2 * Math.acos(1 - 1e-3));
    expect(kept.length).toBeGreaterThanOrEqual(least);
    expect(kept.length).toBeLessThan(2 * least + 3);
  });

  it('no point left out is further off than allowed (fast-check)', () => {
    const coordinate = fc.double({ min: -10, max: 10, noNaN: true });
    fc.assert(
      fc.property(
        fc.array(fc.tuple(coordinate, coordinate), { minLength: 3, maxLength: 60 }),
        fc.double({ min: 0.01, max: 5, noNaN: true }),
        (points, tolerance) => {
          const [x, y] = [points.map((p) => p[0]), points.map((p) => p[1])];
          const kept = thinned(x, y, tolerance);
          kept.slice(1).forEach((to, k) => {
            const from = kept[k] as number;
            for (let i = from + 1; i < to; i += 1) {
              const chord = Array.from({ length: 401 }, (_, n) => n / 400).map((s) =>
                Math.hypot(
                  (x[from] as number) * (1 - s) + (x[to] as number) * s - (x[i] as number),
                  (y[from] as number) * (1 - s) + (y[to] as number) * s - (y[i] as number),
                ),
              );
              // Sampled along the chord, the nearest place is found within a step of it.
              expect(Math.min(...chord)).toBeLessThan(tolerance + 0.04);
            }
          });
        },
      ),
    );
  });
});
