// Glass: viscosity against the standards, and the bands against the shop.
import * as fc from 'fast-check';
import { consistency } from './consistency';
import { diffusivity, thermoelasticModulus } from './glass';
import { vftFromComposition } from './lakatos';
import { findGlass, REPRESENTATIVE_GLASSES } from '../rack/glasses';
import {
  fitVft,
  LOG_ANNEALING,
  LOG_SOFTENING,
  LOG_WORKING,
  logViscosity,
  strainPoint,
  temperatureAtLog,
} from './viscosity';

describe('viscosity through the fixed points', () => {
  it('puts the strain point of ISO 3585:1998 borosilicate 3.3 (560/825/1260) at 517 °C; makers state 510–520', () => {
    const strain = strainPoint({ annealing: 560, softening: 825, working: 1260 });
    expect(strain).toBeCloseTo(517, 0);
  });

  it.each(REPRESENTATIVE_GLASSES)('runs exactly through its three points: $name', (glass) => {
    const vft = fitVft(glass);
    expect(logViscosity(vft, glass.annealing)).toBeCloseTo(LOG_ANNEALING, 9);
    expect(logViscosity(vft, glass.softening)).toBeCloseTo(LOG_SOFTENING, 9);
    expect(logViscosity(vft, glass.working)).toBeCloseTo(LOG_WORKING, 9);
    expect(strainPoint(glass)).toBeLessThan(glass.annealing);
  });

  it('falls with temperature and inverts, for any glass with rising points', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 400, max: 600 }),
        fc.integer({ min: 120, max: 300 }),
        fc.integer({ min: 320, max: 500 }),
        fc.double({ min: 2, max: 14, noNaN: true }),
        (annealing, toSoftening, toWorking, log) => {
          const points = {
            annealing,
            softening: annealing + toSoftening,
            working: annealing + toSoftening + toWorking,
          };
          const vft = fitVft(points);
          fc.pre(vft.t0 < annealing && vft.b > 0);
          const t = temperatureAtLog(vft, log);
          return (
            Math.abs(logViscosity(vft, t) - log) < 1e-9 &&
            logViscosity(vft, t + 1) < logViscosity(vft, t)
          );
        },
      ),
    );
  });

  it('refuses points out of order', () => {
    expect(() => fitVft({ annealing: 700, softening: 690, working: 1000 })).toThrow(/must rise/);
  });

  // NBS/NIST standards 710, 711, 717: annealing → strain, from memory. NBS strain points come from extrapolating fibre
  // elongation along a straight line, which falls lower than a VFT curve does; hence the one-sided band.
  it.each([
    [546, 504],
    [432, 392],
    [516, 471],
  ])(
    'drops from annealing to strain by no more than the standard glass %p/%p',
    (annealing, strain) => {
      for (const glass of REPRESENTATIVE_GLASSES) {
        const drop = glass.annealing - strainPoint(glass);
        expect(drop).toBeGreaterThan(25);
        expect(drop).toBeLessThan(annealing - strain + 5);
      }
    },
  );
});

describe('viscosity from composition (Lakatos, Johansson & Simmingsköld 1972)', () => {
  const dgg1 = { SiO2: 71.72, Al2O3: 1.23, CaO: 6.73, MgO: 4.18, Na2O: 14.95, K2O: 0.38 };

  // DGG standard glass I, composition and certified curve from memory.
  it.each([
    ['working', LOG_WORKING, 1027, 1024],
    ['softening', LOG_SOFTENING, 716, 719],
    ['annealing', LOG_ANNEALING, 533, 545],
  ])('gives the %s point of DGG standard glass I', (_name, log, model, certified) => {
    const t = temperatureAtLog(vftFromComposition(dgg1), log);
    expect(Math.abs(t - model)).toBeLessThan(1);
    expect(Math.abs(t - certified)).toBeLessThan(13);
  });

  it('lies 3 °C below the certified curve log η/dPa·s = −1.583 + 4331.6/(T − 247.6) at the softening point', () => {
    const certified = { a: -1.583 - 1, b: 4331.6, t0: 247.6 };
    expect(temperatureAtLog(certified, LOG_WORKING)).toBeCloseTo(1024, -0.5);
    expect(temperatureAtLog(certified, LOG_SOFTENING)).toBeCloseTo(719, -0.5);
    expect(temperatureAtLog(certified, LOG_ANNEALING)).toBeCloseTo(545, -0.5);
    // 3 °C on a slope of b/(T − T₀)² = 0.0195 a kelvin.
    const short = logViscosity(certified, 719) - logViscosity(vftFromComposition(dgg1), 719);
    expect(short).toBeGreaterThan(0);
    expect(short).toBeLessThan(4 * 0.0195);
  });

  it('refuses a glass without silica', () => {
    expect(() => vftFromComposition({ ...dgg1, SiO2: 0 })).toThrow(/SiO2/);
  });
});

describe('consistency', () => {
  it.each([
    [2, 'runny'],
    [2.6, 'soft'],
    [3.6, 'workable'],
    [5, 'stiff'],
    [6.6, 'set'],
    [13.5, 'brittle'],
    [Infinity, 'brittle'],
  ])('10^%p Pa·s is %s', (log, band) => {
    expect(consistency(log)).toBe(band);
  });

  it('has soft glass runny in the furnace, not to be moved at 760 °C (common practice)', () => {
    const soft = findGlass('soft-batch-96');
    if (!soft) throw new Error('no soft glass');
    const vft = fitVft(soft);
    expect(consistency(logViscosity(vft, 1150))).toBe('runny');
    expect(['stiff', 'set']).toContain(consistency(logViscosity(vft, 760)));
    expect(consistency(logViscosity(vft, 980))).toBe('soft');
  });
});

describe('the rack', () => {
  it('gives soft batch 96 a diffusivity of 0.383 mm²/s and M of 0.862 MPa/K, by hand', () => {
    const soft = findGlass('soft-batch-96');
    if (!soft) throw new Error('no soft glass');
    expect(diffusivity(soft) * 1e6).toBeCloseTo(0.3826, 4);
    expect(thermoelasticModulus(soft) / 1e6).toBeCloseTo(0.8615, 4);
  });

  it('keeps ISO 3585 values for borosilicate 3.3', () => {
    expect(findGlass('borosilicate-33')).toMatchObject({
      expansion: 33e-7,
      density: 2230,
      youngsModulus: 64e9,
      poisson: 0.2,
      conductivity: 1.2,
    });
    expect(findGlass('unobtainium')).toBeUndefined();
  });
});
