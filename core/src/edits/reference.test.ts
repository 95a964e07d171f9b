// A picture under the drawing keeps its places where they belong while it is scaled and straightened.
import * as fc from 'fast-check';
import { scaledTo, uprighted, type Lying } from './reference';

/** Where a place of the picture (shares of its width, from its corner) lies on the drawing, m. */
const placeOn = ({ left, bottom, width, turn }: Lying, u: number, v: number) => ({
  out: left + width * (u * Math.cos(turn) - v * Math.sin(turn)),
  height: bottom + width * (u * Math.sin(turn) + v * Math.cos(turn)),
});
const lying: Lying = { left: -0.08, bottom: 0.01, width: 0.16, turn: 0.1 };
const share = fc.double({ min: 0.05, max: 0.95, noNaN: true });

it('two places known to be so far apart are so far apart then, the first where it was', () => {
  fc.assert(
    fc.property(
      share,
      share,
      share,
      share,
      fc.double({ min: 0.01, max: 0.5, noNaN: true }),
      (a, b, c, d, apart) => {
        fc.pre(Math.hypot(a - c, b - d) > 0.05);
        const [from, to] = [placeOn(lying, a, b), placeOn(lying, c, d)];
        const then = scaledTo(lying, from, to, apart);
        const [f, t] = [placeOn(then, a, b), placeOn(then, c, d)];
        expect(Math.hypot(t.out - f.out, t.height - f.height)).toBeCloseTo(apart, 4);
        expect(Math.hypot(f.out - from.out, f.height - from.height)).toBeLessThan(1e-5);
        expect(then.turn).toBe(lying.turn);
      },
    ),
  );
});

it.each<[string, [number, number], [number, number]]>([
  ['from below up', [0.4, 0.1], [0.5, 0.8]],
  ['from above down', [0.5, 0.8], [0.4, 0.1]],
] as const)(
  'an axis clicked %s stands upright then, and nothing is turned on its head',
  (_, a, b) => {
    const [from, to] = [placeOn(lying, ...a), placeOn(lying, ...b)];
    const then = uprighted(lying, from, to);
    const [f, t] = [placeOn(then, ...a), placeOn(then, ...b)];
    expect(t.out - f.out).toBeCloseTo(0, 5);
    expect(Math.sign(t.height - f.height)).toBe(Math.sign(b[1] - a[1]));
    expect(Math.abs(then.turn)).toBeLessThan(0.5);
    expect(then.width).toBe(lying.width);
  },
);

it('two clicks on one place change nothing', () => {
  const at = { out: 0.01, height: 0.02 };
  expect(scaledTo(lying, at, at, 0.05)).toBe(lying);
});
