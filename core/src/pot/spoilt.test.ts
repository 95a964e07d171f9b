// Colour in a clear pot: light falls off with share and depth, expansion lies between, and charges thin it out until it is not seen.
import * as fc from 'fast-check';
import { afterCharges } from './mixing';
import { spoilt } from './spoilt';

/** A dense blue: of a millimetre a tenth of the red comes through. */
const BLUE = { sample: 0.001, through: [0.1, 0.4, 0.9] as const };
const CLEAR = 96e-7;

it('by hand: 100 g of a dense blue in 100 kg, seen through 20 mm', () => {
  const told = spoilt(0.1, { seen: BLUE, expansion: 98e-7 }, 99.9, CLEAR, 0.25);
  expect(told.share).toBeCloseTo(0.001, 12);
  // 20 mm of it is as 20 µm of the blue: 0.1^(0.02) of the red.
  const at = told.looks.find((l) => l.depth === 0.02);
  expect(at?.light[0]).toBeCloseTo(0.1 ** 0.02, 9);
  expect(at?.light[2]).toBeCloseTo(0.9 ** 0.02, 9);
  expect(told.expansion).toBeCloseTo(96.002e-7, 12);
});

it('charges until it is unseen are just enough', () => {
  const told = spoilt(0.1, { seen: BLUE, expansion: CLEAR }, 99.9, CLEAR, 0.25);
  const n = told.charges ?? NaN;
  const red = (k: number): number => 0.1 ** (0.02 * afterCharges(0.25, k));
  expect(red(n)).toBeGreaterThanOrEqual(0.99 - 1e-9);
  expect(red(n - 1)).toBeLessThan(0.99);
});

it('clear glass got in is never seen, and nothing is ever out of a pot that is not charged', () => {
  expect(spoilt(5, { seen: undefined, expansion: 104e-7 }, 95, CLEAR, 0.25)).toMatchObject({
    share: 0.05,
    charges: 0,
    looks: [{ light: [1, 1, 1] }, { light: [1, 1, 1] }, { light: [1, 1, 1] }],
  });
  expect(spoilt(1, { seen: BLUE, expansion: CLEAR }, 99, CLEAR, 0).charges).toBeUndefined();
});

it('more of it is darker, deeper is darker, and the mixture expands between the two', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0.001, max: 5, noNaN: true }),
      fc.double({ min: 20, max: 200, noNaN: true }),
      (mass, there) => {
        const one = spoilt(mass, { seen: BLUE, expansion: 104e-7 }, there, CLEAR, 0.3);
        const two = spoilt(2 * mass, { seen: BLUE, expansion: 104e-7 }, there, CLEAR, 0.3);
        const reds = one.looks.map((l) => l.light[0]);
        return (
          (two.looks[1]?.light[0] ?? 1) < (one.looks[1]?.light[0] ?? 0) &&
          reds.every((v, i) => i === 0 || v < (reds[i - 1] as number)) &&
          one.expansion > CLEAR &&
          one.expansion < two.expansion &&
          two.expansion < 104e-7
        );
      },
    ),
  );
});
