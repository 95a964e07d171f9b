// The one heat solver: what one mass gives the next one gets, ends as they are told, scratch as large as it must be.
import * as fc from 'fast-check';
import { scratchFor, SHUT_END, stepChain, type Chain } from './chain';

const even = (masses: number, capacity = 10, link = 5): Chain => ({
  capacity: new Float64Array(masses).fill(capacity),
  link: new Float64Array(masses - 1).fill(link),
});
const heat = ({ capacity }: Chain, t: Float64Array): number =>
  t.reduce((sum, v, i) => sum + v * (capacity[i] ?? 0), 0);

describe('a chain of masses', () => {
  it('two masses meet in the middle, by the implicit step’s own factor', () => {
    const chain = even(2);
    const t = Float64Array.of(100, 0);
    stepChain(chain, scratchFor(2), t, t, 1, SHUT_END, SHUT_END);
    // Backward Euler on the difference: 100 / (1 + 2·5·1/10) = 50.
    expect(t[0]).toBeCloseTo(75, 9);
    expect(t[1]).toBeCloseTo(25, 9);
  });

  it('a steady flow through n links falls evenly: series resistances', () => {
    const chain = even(5);
    const t = new Float64Array(5).fill(20);
    // Held at 100 °C on the outside, passing to 0 °C by 5 W/K on the inside: six equal resistances, five before the last mass.
    for (let i = 0; i < 400; i += 1)
      stepChain(
        chain,
        scratchFor(5),
        t,
        t,
        10,
        { slope: 5, pull: 0 },
        { slope: Infinity, pull: 100 },
      );
    t.forEach((v, i) => {
      expect(v).toBeCloseTo(20 * (i + 1), 6);
    });
  });

  it('a source warms a shut chain evenly, by its heat over its capacity', () => {
    const chain: Chain = { capacity: Float64Array.of(4, 6, 10), link: Float64Array.of(3, 3) };
    const t = new Float64Array(3).fill(300);
    stepChain(chain, scratchFor(3), t, t, 5, SHUT_END, SHUT_END, 40);
    t.forEach((v) => {
      expect(v).toBeCloseTo(310, 9);
    });
  });

  it('shut, it neither loses nor makes heat, and its hottest only cools, whatever the step', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            c: fc.double({ min: 0.1, max: 50, noNaN: true }),
            g: fc.double({ min: 0, max: 90, noNaN: true }),
            t: fc.double({ min: -50, max: 1200, noNaN: true }),
          }),
          { minLength: 1, maxLength: 100 },
        ),
        fc.double({ min: 1e-3, max: 1e5, noNaN: true }),
        (masses, dt) => {
          const chain: Chain = {
            capacity: Float64Array.from(masses, (m) => m.c),
            link: Float64Array.from(masses.slice(1), (m) => m.g),
          };
          const t = Float64Array.from(masses, (m) => m.t);
          const next = new Float64Array(t.length);
          stepChain(chain, scratchFor(t.length), t, next, dt, SHUT_END, SHUT_END);
          expect(Math.abs(heat(chain, next) - heat(chain, t))).toBeLessThan(
            1e-6 * (1 + Math.abs(heat(chain, t))),
          );
          expect(Math.max(...next)).toBeLessThanOrEqual(Math.max(...t) + 1e-6);
          expect(Math.min(...next)).toBeGreaterThanOrEqual(Math.min(...t) - 1e-6);
        },
      ),
    );
  });

  it('any number of masses can be stepped; with too little scratch it says so instead of guessing', () => {
    const chain = even(200);
    const t = new Float64Array(200).map((_, i) => i);
    stepChain(chain, scratchFor(200), t, t, 1, SHUT_END, SHUT_END);
    expect(heat(chain, t)).toBeCloseTo(10 * ((199 * 200) / 2), 6);
    expect(() => {
      stepChain(chain, scratchFor(64), t, t, 1, SHUT_END, SHUT_END);
    }).toThrow('The scratch holds 64 masses; this chain has 200.');
  });
});
