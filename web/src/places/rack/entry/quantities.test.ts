// A glass's numbers as people type them: units, bounds, and what is said of what cannot be.
import type { Quantity } from '@zanfirico/contract/rack';
import { QUANTITY_LIMITS } from '@zanfirico/contract';
import { METRIC } from '@zanfirico/core/units';
import * as fc from 'fast-check';
import { fieldText, readNumber, SHOWN_QUANTITIES, unitOf } from './quantities';

const INCH = { temperature: 'F', length: 'in', mass: 'lb' } as const;
const all = Object.keys(SHOWN_QUANTITIES) as Quantity[];

describe('numbers of a glass', () => {
  it.each<[Quantity, string, number]>([
    ['expansion', '96', 96e-7],
    ['expansion', '9.6e-6', 96e-7],
    ['annealing', '941 F', 505],
    ['annealing', '505', 505],
    ['density', '2,5e3', 2500],
    ['youngsModulus', '70 GPa', 70e9],
    ['stressOptical', '2.7', 2.7e-12],
  ])('%s typed as %p', (q, text, value) => {
    const read = readNumber(q, text, METRIC);
    expect(read).toEqual({
      ok: true,
      value: expect.closeTo(value, 12 - Math.round(Math.log10(value))) as number,
    });
  });
  it.each<[Quantity, string, RegExp]>([
    ['density', 'heavy', /Density: “heavy” is no number/],
    ['density', '', /no number/],
    ['annealing', 'warm', /Annealing point: /],
    ['youngsModulus', '700', /Stiffness E: given 700; allowed .* GPa to .* GPa/],
  ])('%s refuses %p and says what is allowed', (q, text, says) => {
    const read = readNumber(q, text, METRIC);
    expect(read.ok).toBe(false);
    expect(read.ok ? '' : read.problem).toMatch(says);
  });
  it('what a field shows is read again as the same, to its last digit, in either system', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...all),
        fc.double({ min: 0.02, max: 0.98, noNaN: true }),
        (q, share) => {
          const { minimum, maximum } = QUANTITY_LIMITS[q];
          // No glass expands more than 160×10⁻⁷, which is questioned.
          const most = q === 'expansion' ? 160e-7 : maximum;
          const value = minimum + share * (most - minimum);
          for (const units of [METRIC, INCH]) {
            const read = readNumber(q, fieldText(q, value, units), units);
            if (!read.ok) throw new Error(read.problem);
            const { one, digits } = SHOWN_QUANTITIES[q];
            const slack = one === undefined ? 0.51 : 0.51 * 10 ** -digits * one;
            expect(Math.abs(read.value - value)).toBeLessThanOrEqual(slack * (1 + 1e-9));
          }
        },
      ),
    );
  });
  it('temperatures go by the person’s own sign, the rest by the glass’s', () => {
    expect(unitOf('annealing', INCH)).toBe('°F');
    expect(unitOf('annealing', METRIC)).toBe('°C');
    expect(unitOf('youngsModulus', INCH)).toBe('GPa');
  });
});
