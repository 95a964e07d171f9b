// What a shop makes of a drawing: robust middles against published figures, and against one wild entry.
import * as fc from 'fast-check';
import { robust } from '../stats/robust';
import { biases, type MadeAgainst } from './biases';

it('the median distance of 1 1 2 2 4 6 9 is 1 (the textbook’s example), as a deviation 1.4826', () => {
  expect(robust([1, 1, 2, 2, 4, 6, 9])).toEqual({ middle: 2, spread: 1.4826, count: 7 });
});

it('of 1 to 9 it is 2.9652 (as R’s mad tells; from memory)', () => {
  expect(robust([9, 8, 7, 6, 5, 4, 3, 2, 1])?.spread).toBeCloseTo(2.9652, 4);
});

it('of nothing nothing is told', () => {
  expect(robust([])).toBeUndefined();
  expect(biases([])).toEqual({});
});

const measured = (...shares: readonly number[]): MadeAgainst[] =>
  shares.map((s) => ({ of: 'wall', drawn: 0.003, made: 0.003 * s }));

it('a shop that makes walls a tenth too thick is told so; one wild figure moves it by next to nothing', () => {
  const honest = measured(1.08, 1.1, 1.12, 1.09, 1.11, 1.1, 1.13);
  expect(biases(honest).wall?.middle).toBeCloseTo(1.1, 6);
  const wild = biases([...honest, ...measured(40)]).wall;
  expect(Math.abs((wild?.middle ?? 0) - 1.1)).toBeLessThan(0.011);
  expect(wild?.spread).toBeLessThan(0.04);
});

it('however wild, one of many cannot leave where the others lie', () => {
  fc.assert(
    fc.property(
      fc.array(fc.double({ min: 0.9, max: 1.1, noNaN: true }), { minLength: 5, maxLength: 40 }),
      fc.double({ min: 0.001, max: 1000, noNaN: true }),
      (shares, wild) => {
        const { middle } = biases(measured(...shares, wild)).wall ?? { middle: NaN };
        return middle >= 0.9 - 1e-9 && middle <= 1.1 + 1e-9;
      },
    ),
  );
});

it('out of round has no share, and nothing drawn has none', () => {
  expect(
    biases([
      { of: 'ovality', drawn: 0.001, made: 0.002 },
      { of: 'capacity', drawn: 0, made: 0.0002 },
    ]),
  ).toEqual({});
});
