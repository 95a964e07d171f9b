// Mixtures: end members exact, linear in the oxides; and the scrap buckets by hand.
import * as fc from 'fast-check';
import { LOG_WORKING, temperatureAtLog } from '../glass/viscosity';
import { vftFromComposition } from '../glass/lakatos';
import { buckets } from './scrap';
import { stiffens } from './stiffens';

// DGG standard glass I (PHYSICS §1), and a harder glass: more silica, less soda. Weight per cent.
const DGG = { SiO2: 71.72, Al2O3: 1.23, CaO: 6.73, MgO: 4.18, Na2O: 14.95, K2O: 0.38 };
const HARDER = { SiO2: 74.5, Al2O3: 1.5, CaO: 8.5, MgO: 4, Na2O: 11, K2O: 0.5 };
const own = { softening: 720, composition: DGG };
const it_ = { softening: 735, composition: HARDER };

describe('how another glass shifts the pot', () => {
  it('nothing of it shifts nothing; all of it is the other glass, by Lakatos', () => {
    expect(stiffens(0, it_, own)).toEqual({ by: 0, from: 'oxides' });
    const working = (c: typeof DGG): number => temperatureAtLog(vftFromComposition(c), LOG_WORKING);
    expect(stiffens(1, it_, own).by).toBeCloseTo(working(HARDER) - working(DGG), 6);
  });
  it('twice as little shifts it twice as little, and all the way it goes one way', () => {
    // The oxides mix linearly; the point they work at follows them nearly so.
    const by = (share: number): number => stiffens(share, it_, own).by;
    expect(by(0.02) / by(0.01)).toBeCloseTo(2, 1);
    const steps = [0, 0.2, 0.4, 0.6, 0.8, 1].map(by);
    expect(steps.every((v, i) => i === 0 || v > (steps[i - 1] ?? 0))).toBe(true);
  });
  it('without oxides, or with lead in them, it goes by the softening points', () => {
    expect(stiffens(0.1, { softening: 670 }, own)).toEqual({ by: -5, from: 'softening points' });
    const lead = { softening: 620, composition: { SiO2: 56, PbO: 30, K2O: 12, Na2O: 2 } };
    expect(stiffens(0.1, lead, own)).toEqual({ by: -10, from: 'softening points' });
  });
});

describe('scrap buckets', () => {
  const made = [
    { at: 1, taken: 1, stays: 0.7, lost: false, coloured: false },
    { at: 2, taken: 1, stays: 0.7, lost: true, coloured: false },
    { at: 3, taken: 2, stays: 1.5, lost: false, coloured: true },
  ];
  it('moils and lost pieces, clear apart from coloured; what went back is out', () => {
    expect(buckets(made, [], 0).clear).toBeCloseTo(1.3, 9);
    expect(buckets(made, [], 0).coloured).toBeCloseTo(0.5, 9);
    expect(buckets(made, [{ at: 4, mass: 0.8 }], 0).clear).toBeCloseTo(0.5, 9);
    expect(buckets(made, [], 3)).toEqual({ clear: 0, coloured: 0.5 });
  });
  it('no bucket is ever less than empty', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 100, noNaN: true }), (mass) => {
        expect(buckets(made, [{ at: 5, mass }], 0).clear).toBeGreaterThanOrEqual(0);
      }),
    );
  });
});
