// Glass flat in a kiln: PHYSICS §10's figures, ISO 7884-4's beam, and laws that hold for any firing.
import * as fc from 'fast-check';
import { findGlass } from '../rack/glasses';
import { fitVft, logViscosity } from '../glass/viscosity';
import { beamRate, castMass, fluidity, fuseOf, neck, rounds, sags, sagTime, spreads } from './flow';

// The soft sheet of PHYSICS §10: 516, 690, 1010 °C.
const sheet = findGlass('kiln-sheet-90');
if (!sheet) throw new Error('the rack has no soft sheet');
const vft = fitVft(sheet);
const MINUTE = 60;
const hold = (t: number, minutes = 10) => ({ time: [0, minutes * MINUTE], temperature: [t, t] });

describe('ten minutes round a soft sheet (PHYSICS §10)', () => {
  it.each([
    [732, 0.27, 'tack'],
    [746, 0.44, 'tack'],
    [760, 0.7, 'tack'],
    [788, 1.7, 'contour'],
    [810, 3.2, 'full'],
  ])('at %i °C by %f mm: %s', (t, mm, name) => {
    const rounded = 1000 * rounds(fluidity(hold(t), vft));
    expect(rounded / mm).toBeGreaterThan(0.9);
    expect(rounded / mm).toBeLessThan(1.1);
    expect(fuseOf(rounded / 1000)).toBe(name);
  });
});

it('a 6 mm plate over 200 mm comes 25 mm down at 640 °C in between 1.7 and 54 minutes (PHYSICS §10)', () => {
  const viscosity = 10 ** logViscosity(vft, 640);
  const { free, held } = sagTime(sheet, 0.1, 0.006, 0.025, viscosity);
  expect(free / MINUTE).toBeGreaterThan(1.7 * 0.8);
  expect(free / MINUTE).toBeLessThan(1.7 * 1.2);
  expect(held / MINUTE).toBeGreaterThan(54 * 0.8);
  expect(held / MINUTE).toBeLessThan(54 * 1.2);
});

it('a sag and the time to it are one law', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 600, max: 760, noNaN: true }),
      fc.double({ min: 0.03, max: 0.2, noNaN: true }),
      fc.double({ min: 0.002, max: 0.02, noNaN: true }),
      fc.double({ min: 0.002, max: 0.1, noNaN: true }),
      (t, radius, thickness, deep) => {
        const viscosity = 10 ** logViscosity(vft, t);
        const { free, held } = sagTime(sheet, radius, thickness, deep, viscosity);
        expect(sags(sheet, radius, thickness, free / viscosity).free / deep).toBeCloseTo(1, 9);
        expect(sags(sheet, radius, thickness, held / viscosity).held / deep).toBeCloseTo(1, 9);
      },
    ),
  );
});

it('the bending viscometer (ISO 7884-4): η = g L³ (m + ρAL/1.6) / (144 I v)', () => {
  const beam = { span: 0.05, width: 0.003, thickness: 0.003 };
  const v = beamRate(beam, 0.02, 2500, 1e12);
  const inertia = 0.003 ** 4 / 12;
  const own = 2500 * 0.003 * 0.003 * 0.05;
  expect((9.80665 * 0.05 ** 3 * (0.02 + own / 1.6)) / (144 * inertia * v)).toBeCloseTo(1e12, -3);
  // A beam of nothing but itself bends as an evenly loaded one: 5 q L⁴ / 384 E I, with 3η for E.
  const q = (own * 9.80665) / 0.05;
  expect(beamRate(beam, 0, 2500, 1e12)).toBeCloseTo(
    (5 * q * 0.05 ** 4) / (384 * 3e12 * inertia),
    15,
  );
});

it('a ramp is the sum of its holds, whichever way it is cut', () => {
  const ramp = { time: [0, 3600], temperature: [600, 800] };
  const cut = { time: [0, 900, 1800, 2700, 3600], temperature: [600, 650, 700, 750, 800] };
  expect(fluidity(ramp, vft) / fluidity(cut, vft)).toBeCloseTo(1, 4);
  const steps = Array.from({ length: 2000 }, (_, i) =>
    fluidity(hold(600 + 0.1 * (i + 0.5), 1.8 / 60), vft),
  );
  expect(fluidity(ramp, vft) / steps.reduce((s, v) => s + v, 0)).toBeCloseTo(1, 3);
  expect(fluidity({ time: [0, 36_000], temperature: [20, 440] }, vft)).toBe(0);
});

it('hotter and longer flow more; a neck never grows past its grains; a spread never shrinks', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 600, max: 850, noNaN: true }),
      fc.double({ min: 1, max: 200, noNaN: true }),
      (t, minutes) => {
        const f = fluidity(hold(t, minutes), vft);
        expect(fluidity(hold(t + 5, minutes), vft)).toBeGreaterThan(f);
        expect(neck(0.001, f)).toBeLessThanOrEqual(0.001);
        expect(spreads(sheet, 6e-5, 0.05, f)).toBeGreaterThanOrEqual(0.05);
      },
    ),
  );
});

it('a stack spreads by Huppert’s eighth: 256 times as long is twice as wide', () => {
  const f = fluidity(hold(820, 600), vft);
  expect(spreads(sheet, 1e-3, 0, 256 * f) / spreads(sheet, 1e-3, 0, f)).toBeCloseTo(2, 9);
});

it('a mould that holds 400 g of water takes a kilogram of soda-lime', () => {
  expect(castMass(0.4, 2500)).toBeCloseTo(1, 12);
});
