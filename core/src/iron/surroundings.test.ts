// What a skin loses where it is: radiation by Stefan and Boltzmann, air and tools by Newton, and shares of a place.
import * as fc from 'fast-check';
import type { SkinLaw } from '../conduction/cells';
import type { HeatPlace } from '../work/heatPlace';
import { emissivity, setLaw, STUDIO_FIRES, surroundings, type Surroundings } from './surroundings';

const PLACES: readonly HeatPlace[] = [
  'bench',
  'furnace mouth',
  'glory hole',
  'marver',
  'block',
  'tools',
  'garage',
  'annealer',
  'flame',
  'soft flame',
  'hand torch',
];
const lossAt = (t: number, epsilon: number, place: Surroundings, share = 1): number => {
  const law: SkinLaw = { at: 0, loss: 0, slope: 0 };
  setLaw(law, t, epsilon, place, share);
  return law.loss;
};
const slopeAt = (t: number, epsilon: number, place: Surroundings, share = 1): number => {
  const law: SkinLaw = { at: 0, loss: 0, slope: 0 };
  setLaw(law, t, epsilon, place, share);
  return law.slope;
};
const still = (at: number): Surroundings => ({ walls: at, air: at, h: 0 });

describe('emissivity', () => {
  it('is nothing of no glass, grows with it, and never reaches a black body', () => {
    expect(emissivity(0)).toBe(0);
    fc.assert(
      fc.property(fc.double({ min: 1e-4, max: 0.05, noNaN: true }), (t) => {
        expect(emissivity(t * 1.1)).toBeGreaterThan(emissivity(t));
        expect(emissivity(t)).toBeLessThan(0.91);
      }),
    );
  });
  // Thick soda-lime glass sends out 0.90 to 0.94 of a black body (handbook tables of total emissivity, from memory).
  it('of thick glass is that of tables', () => {
    expect(emissivity(0.05)).toBeGreaterThan(0.88);
    expect(emissivity(0.05)).toBeLessThan(0.94);
  });
});

describe('radiation', () => {
  // A black body at 1000 K sends out 56.70 kW/m² (CODATA 2018, σ = 5.670374419e-8).
  it('of a black body at 1000 K to a place at absolute zero is 56.7 kW/m²', () => {
    expect(lossAt(1000 - 273.15, 1, still(-273.15))).toBeCloseTo(56703.74, 1);
  });
  it.each([
    [1200, 510],
    [900, 20],
    [510, 510],
  ])('from %p °C to walls of %p °C follows the fourth powers', (t, walls) => {
    const law = 0.85 * 5.670374419e-8 * ((t + 273.15) ** 4 - (walls + 273.15) ** 4);
    expect(lossAt(t, 0.85, still(walls))).toBeCloseTo(law, 6);
  });
  it('is nothing where all is of one heat, whatever the place', () => {
    for (const place of PLACES) {
      const s = surroundings(place, STUDIO_FIRES);
      if (s.touch || s.walls !== s.air) continue;
      expect(lossAt(s.air, 0.9, s)).toBeCloseTo(0, 6);
    }
  });
});

describe('the law as a line', () => {
  it('has the slope of its own curve, at any heat, in any place, of any share', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...PLACES),
        fc.double({ min: 20, max: 1250, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (name, t, share) => {
          const place = surroundings(name, STUDIO_FIRES);
          const d = 1e-3;
          const measured =
            (lossAt(t + d, 0.8, place, share) - lossAt(t - d, 0.8, place, share)) / (2 * d);
          expect(slopeAt(t, 0.8, place, share) / measured).toBeCloseTo(1, 4);
        },
      ),
    );
  });
  it('of half a place is half of it and half of the bench', () => {
    const bench = surroundings('bench', STUDIO_FIRES);
    for (const name of PLACES) {
      const place = surroundings(name, STUDIO_FIRES);
      const half = (lossAt(800, 0.8, place) + lossAt(800, 0.8, bench)) / 2;
      expect(lossAt(800, 0.8, place, 0.5)).toBeCloseTo(half, 6);
      expect(lossAt(800, 0.8, place, 0)).toBeCloseTo(lossAt(800, 0.8, bench), 6);
    }
  });
});

describe('places', () => {
  const at = (name: HeatPlace, t: number): number =>
    lossAt(t, 0.8, surroundings(name, STUDIO_FIRES));
  // Common practice, no source: steel chills faster than wet wood, wood faster than the tools' light touch, air least.
  it('cool 1000 °C glass in the order of the trade: marver, block, tools, bench', () => {
    const order = (['marver', 'block', 'tools', 'bench'] as const).map((p) => at(p, 1000));
    expect([...order].sort((a, b) => b - a)).toEqual(order);
    expect(order.every((q) => q > 0)).toBe(true);
  });
  it.each([
    ['glory hole', 1000],
    ['furnace mouth', 600],
    ['flame', 1100],
    ['hand torch', 700],
    ['soft flame', 500],
    ['garage', 450],
    ['annealer', 450],
  ] as const)('%s heats glass of %p °C', (place, t) => {
    expect(at(place, t)).toBeLessThan(0);
  });
  it('are as hot as the shop’s own fires', () => {
    const cool = { pot: 1050, gloryHole: 1100, garage: 480, annealer: 470 };
    expect(surroundings('glory hole', cool).walls).toBe(1100);
    expect(surroundings('garage', cool).air).toBe(480);
    expect(surroundings('annealer', cool).air).toBe(470);
    expect(surroundings('furnace mouth', cool).walls).toBeCloseTo(840, 9);
  });
});
