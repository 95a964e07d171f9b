// Canes round a bubble, pulls and twists: geometry worked by hand.
import * as fc from 'fast-check';
import {
  billetFor,
  canesRound,
  pulledFrom,
  ribAfter,
  ribSpacing,
  snugBubble,
  turnsFor,
  twistAfter,
  twistAngle,
} from './pickUp';

describe('canes round a bubble', () => {
  it('six equal rods fit round a seventh (by hand; the hexagon)', () => {
    expect(canesRound(0.005, 0.005)).toMatchObject({ count: 6 });
    expect(canesRound(0.005, 0.005).gap).toBeCloseTo(0, 9);
    expect(snugBubble(6, 0.005)).toBeCloseTo(0.005, 12);
  });
  it('is near π(D+d)/d for thin cane: 50 mm and 5 mm take 34 (π·55/5 = 34.6)', () => {
    expect(canesRound(0.05, 0.005).count).toBe(34);
  });
  it('the count always fits and one more never does (property)', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.01, max: 0.2, noNaN: true }),
        fc.double({ min: 0.002, max: 0.01, noNaN: true }),
        (d, cane) => {
          const { count, gap } = canesRound(d, cane);
          expect(gap).toBeGreaterThanOrEqual(-1e-9);
          expect(snugBubble(count, cane)).toBeLessThanOrEqual(d + 1e-9);
          expect(snugBubble(count + 1, cane)).toBeGreaterThan(d - 1e-9);
        },
      ),
    );
  });
});

describe('pulling and twisting', () => {
  it('a 30 × 60 billet pulled to 6 mm gives 1.5 m (by hand: 60·25), less the ends', () => {
    expect(pulledFrom({ diameter: 0.03, length: 0.06 }, 0.006, 0)).toBeCloseTo(1.5, 12);
    expect(pulledFrom({ diameter: 0.03, length: 0.06 }, 0.006, 0.2)).toBeCloseTo(1.2, 12);
    expect(billetFor(12, 0.1, 0.006, 0.03, 0.2)).toBeCloseTo(0.06, 12);
  });
  it('one turn over a length of πd stands at 45°', () => {
    expect(twistAngle(1, Math.PI * 0.02, 0.02)).toBeCloseTo(Math.PI / 4, 12);
    expect(turnsFor(Math.PI / 4, Math.PI * 0.02, 0.02)).toBeCloseTo(1, 12);
  });
  it('stretching long flattens the twist, blowing wide steepens it; turns stay (property)', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.1, max: 1.4, noNaN: true }),
        fc.double({ min: 1.01, max: 5, noNaN: true }),
        (angle, by) => {
          const from = { length: 0.1, diameter: 0.05 };
          expect(twistAfter(angle, from, { length: 0.1 * by, diameter: 0.05 })).toBeLessThan(angle);
          expect(twistAfter(angle, from, { length: 0.1, diameter: 0.05 * by })).toBeGreaterThan(
            angle,
          );
          expect(twistAfter(angle, from, { length: 0.1 * by, diameter: 0.05 * by })).toBeCloseTo(
            angle,
            9,
          );
        },
      ),
    );
  });
  it('ribs: twelve round 96 mm stand 25.1 mm apart; doubled skin halves them', () => {
    expect(ribSpacing(12, 0.096) * 1e3).toBeCloseTo(25.13, 2);
    expect(ribAfter(0.004, 2, 1)).toBeCloseTo(0.002, 12);
  });
});
