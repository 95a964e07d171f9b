// Annealing: the closed forms, the practices, and the trade's nights.
import * as fc from 'fast-check';
import { diffusivity } from '../glass/glass';
import { findGlass, REPRESENTATIVE_GLASSES } from '../rack/glasses';
import { allowedRate, lastingPerRate, stepLag, type CoolingWall } from './allow';
import { fall, naturalTime, STUDIO_BOX } from './box';
import { surfaceExchange } from './relaxing/exchange';
import { PRACTICES, SAFETY, WORKING_STRESS } from './practice';
import type { Body } from '../conduction/lattice';
import { frozenTension, rampDifference, surfaceTensionPerRate } from './ramp';
import { annealingSchedule } from './schedule';
import type { ScheduleInput } from './scheduleInput';
import { reliefTime } from './soak';

const soft = findGlass('soft-batch-96') as NonNullable<ReturnType<typeof findGlass>>;
const PER_HOUR = 1 / 3600;
const HOUR = 3600;

const even = (d: number, body: CoolingWall['body'] = 'slab'): CoolingWall => ({
  thickest: d,
  stepThick: d,
  stepThin: d,
  body,
});

const night = (change: Partial<ScheduleInput> = {}): ScheduleInput => ({
  glass: soft,
  wall: { thickest: 0.006, stepThick: 0.006, stepThin: 0.004, body: 'slab' },
  practice: 'studio',
  holdTemperature: soft.annealing,
  doorTemperature: 50,
  box: STUDIO_BOX,
  holding: 6 * HOUR,
  ...change,
});

describe('steady ramp (Carslaw & Jaeger; Adams & Williamson 1920; Timoshenko & Goodier)', () => {
  // Soft 96 (α 9.6), 25 mm at 55 °C/h, MPa; worked by hand from M R d²/24κ, /32κ, /60κ.
  // By hand for 25 mm, 55 °C/h and κ = 1.1/(2500·1150) = 3.826e-7 m²/s: R d²/κ is 24.96 K, over 8, 2, 16 and 24.
  it.each<[Body, number]>([
    ['slab', 3.12],
    ['oneSided', 12.48],
    ['cylinder', 1.56],
    ['ball', 1.04],
  ])('the skin of a 25 mm %s is %p K ahead of its middle at 55 °C/h', (body, kelvin) => {
    expect(rampDifference(body, 55 * PER_HOUR, 0.025, diffusivity(soft))).toBeCloseTo(kelvin, 2);
  });

  it('a wall cooled from one side is half a slab of twice the thickness', () => {
    const k = diffusivity(soft);
    expect(rampDifference('oneSided', 1, 0.01, k)).toBeCloseTo(
      rampDifference('slab', 1, 0.02, k),
      9,
    );
    expect(frozenTension('oneSided', soft, 0.01, 1)).toBeCloseTo(
      frozenTension('slab', soft, 0.02, 1),
      3,
    );
  });

  it('the skin of a slab carries twice the centre (parabolic field)', () => {
    expect(surfaceTensionPerRate('slab', soft, 0.01)).toBeCloseTo(
      2 * frozenTension('slab', soft, 0.01, 1),
      3,
    );
  });
});

describe('what is allowed', () => {
  // PHYSICS §6, from memory: 0.4 MPa in soft glass gives about 55, 15 and 3.6 °C/h at 12.7, 25 and 50 mm.
  it.each([
    [0.0127, 55],
    [0.025, 15],
    [0.05, 3.6],
  ])('%p m of soft glass at 0.4 MPa falls at about %p °C/h', (d, expected) => {
    const rate = allowedRate(lastingPerRate(soft, even(d), 60), PRACTICES.fine.allows) / PER_HOUR;
    expect(Math.abs(rate / expected - 1)).toBeLessThan(0.06);
  });

  it('goes by d⁻² for an even wall, for every glass, from 3 to 150 mm', () => {
    for (const glass of REPRESENTATIVE_GLASSES)
      fc.assert(
        fc.property(
          fc.double({ min: 0.003, max: 0.03, noNaN: true }),
          fc.double({ min: 1, max: 5, noNaN: true }),
          (d, s) => {
            const at = (t: number): number => allowedRate(lastingPerRate(glass, even(t), 60), 1e6);
            return Math.abs((at(d * s) * s * s) / at(d) - 1) < 1e-9;
          },
        ),
      );
  });

  it('steps: ρc(d₁−d₂)/2h + (d₁²−d₂²)/12κ by hand for 6 and 2 mm at h 60', () => {
    const wall = { thickest: 0.006, stepThick: 0.006, stepThin: 0.002, body: 'slab' } as const;
    expect(stepLag(soft, wall, 60)).toBeCloseTo(95.83 + 6.97, 1);
  });

  it('exchange in the box stays within 15 to 95 W/m²K through the annealing range', () => {
    for (const t of [200, 350, 450, 565]) {
      expect(surfaceExchange(t)).toBeGreaterThan(15);
      expect(surfaceExchange(t)).toBeLessThan(95);
    }
  });

  it('a disc of 0.66 m at 0.4 MPa takes months (common practice)', () => {
    const rate = allowedRate(lastingPerRate(soft, even(0.66), 60), PRACTICES.fine.allows);
    const days = (soft.annealing - 450) / rate / 86_400;
    expect(days).toBeGreaterThan(60);
    expect(days).toBeLessThan(365);
  });
});

describe('the soak', () => {
  it('relieves in 15 minutes at the annealing point and in hours at the strain point (ASTM C336)', () => {
    expect(reliefTime(soft, soft.annealing)).toBeCloseTo(15 * 60, 6);
    const atStrain = reliefTime(soft, 475.4) / HOUR;
    expect(atStrain).toBeGreaterThan(4);
    expect(atStrain).toBeLessThan(12);
  });

  it('925 °F and 1000 °F are both sound, with different clocks (common practice)', () => {
    const at = (f: number) => annealingSchedule(night({ holdTemperature: ((f - 32) * 5) / 9 }));
    const cool = at(925);
    const hot = at(1000);
    expect(cool.verdict.verdict).toBe('good');
    expect(hot.verdict.verdict).toBe('good');
    expect(cool.soak.value).toBeGreaterThan(hot.soak.value + 15 * 60);
  });
});

describe('the box', () => {
  it('cools by Newton’s law: to 1/e of its excess in its time constant', () => {
    const to = STUDIO_BOX.room + (500 - STUDIO_BOX.room) / Math.E;
    expect(naturalTime(STUDIO_BOX, 500, to)).toBeCloseTo(STUDIO_BOX.coolingTime, 6);
  });

  it('follows a slow programme, cannot follow a fast one, and leaves one in between where the rates meet', () => {
    expect(fall(STUDIO_BOX, 500, 400, 1 * PER_HOUR).natural).toBe(0);
    expect(fall(STUDIO_BOX, 500, 400, 1000 * PER_HOUR).programmed).toBe(0);
    const between = fall(STUDIO_BOX, 500, 100, 50 * PER_HOUR);
    expect(between.leaves).toBeCloseTo(20 + 50 * 4, 6);
    expect(between.programmed).toBeCloseTo((280 / 50) * HOUR, 3);
  });
});

describe('tonight', () => {
  it('an ordinary 4–6 mm vessel at studio ware is an overnight affair, 8–14 h (common practice), and says whose clock it is', () => {
    const { total, glassAlone } = annealingSchedule(night());
    expect(total.value / HOUR).toBeGreaterThan(8);
    expect(total.value / HOUR).toBeLessThan(14);
    expect(glassAlone).toBeLessThan(total.value);
    expect(total.why.says).toMatch(/glass alone would allow \d+\.\d h; the box cannot lose/);
  });

  it('hard glass at 565 °C comes out good (common practice)', () => {
    const hard = findGlass('borosilicate-33') as typeof soft;
    const { verdict, slowRate } = annealingSchedule(night({ glass: hard, holdTemperature: 565 }));
    expect(verdict.verdict).toBe('good');
    expect(slowRate.value).toBeGreaterThan(annealingSchedule(night()).slowRate.value);
  });

  it('rows join end to start in time and temperature, and the curve ends at the door', () => {
    for (const practice of ['fine', 'studio', 'plain'] as const)
      for (const thickest of [0.003, 0.012, 0.05]) {
        const wall = {
          thickest,
          stepThick: thickest,
          stepThin: thickest / 2,
          body: 'oneSided',
        } as const;
        const { rows, curve, total } = annealingSchedule(night({ practice, wall }));
        rows.slice(1).forEach((row, i) => {
          const before = rows[i];
          expect(row.start).toBeCloseTo((before?.start ?? 0) + (before?.duration ?? 0), 3);
          expect(row.from).toBeCloseTo(before?.to ?? 0, 6);
        });
        const soak = rows.find((r) => r.kind === 'soak');
        expect(soak?.start).toBeCloseTo(0, 3);
        expect(curve[curve.length - 1]?.time).toBeCloseTo(total.value, 3);
        expect(curve[curve.length - 1]?.temperature).toBe(50);
        curve.slice(1).forEach((p, i) => {
          expect(p.time).toBeGreaterThanOrEqual(curve[i]?.time ?? 0);
        });
      }
  });

  it('keeps what stays under the practice, and what passes under half the working stress', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('fine' as const, 'studio' as const, 'plain' as const),
        fc.double({ min: 0.002, max: 0.08, noNaN: true }),
        fc.double({ min: 0.1, max: 1, noNaN: true }),
        fc.constantFrom('slab' as const, 'oneSided' as const),
        (practice, thickest, thin, body) => {
          const wall = { thickest, stepThick: thickest, stepThin: thickest * thin, body };
          const s = annealingSchedule(night({ practice, wall }));
          return (
            s.leaves.value <= PRACTICES[practice].allows * 1.0001 &&
            s.passing.value <= (WORKING_STRESS / SAFETY) * 1.0001
          );
        },
      ),
    );
  });

  it('never gets shorter with a thicker wall, a bigger step, a stricter practice, or no air inside', () => {
    const total = (change: Partial<ScheduleInput>): number =>
      annealingSchedule(night(change)).total.value;
    fc.assert(
      fc.property(
        fc.double({ min: 0.002, max: 0.06, noNaN: true }),
        fc.double({ min: 1, max: 2, noNaN: true }),
        fc.double({ min: 0.1, max: 1, noNaN: true }),
        (d, more, thin) => {
          const wall = (thickest: number, step: number): CoolingWall => ({
            thickest,
            stepThick: d,
            stepThin: d - step,
            body: 'slab',
          });
          const base = total({ wall: wall(d, 0) });
          return (
            total({ wall: wall(d * more, 0) }) >= base - 1e-6 &&
            total({ wall: wall(d, d * (1 - thin)) }) >= base - 1e-6 &&
            total({ wall: wall(d, 0), practice: 'fine' }) >= base - 1e-6 &&
            total({ wall: { ...wall(d, 0), body: 'oneSided' } }) >= base - 1e-6
          );
        },
      ),
    );
  });

  it.each([
    ['a hold that sags', { holdTemperature: 640 }, 'no', /sink/],
    ['a hold that never relaxes', { holdTemperature: 430 }, 'no', /so cold/],
    ['a thick piece', { wall: even(0.08), practice: 'fine' }, 'watch', /The box is taken/],
  ] as const)('says so: %s', (_name, change, verdict, because) => {
    const s = annealingSchedule(night(change));
    expect(s.verdict.verdict).toBe(verdict);
    expect(s.verdict.because).toMatch(because);
    expect(Number.isFinite(s.total.value)).toBe(true);
  });
});
