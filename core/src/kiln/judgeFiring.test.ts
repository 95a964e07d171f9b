// Customary firings judged, and what is wrong with bad ones.
import fc from 'fast-check';
import { boxOf } from '../night/box';
import { findGlass } from '../rack/glasses';
import { judgeFiring, type JudgedFiring } from './judgeFiring';

const glass = findGlass('kiln-sheet-90');
if (!glass) throw new Error('the rack has no kiln sheet');
const box = {
  ...boxOf({ power: 12_000, capacity: 30e3, coolingTime: 1.3 * 3600 }),
  climb: 500 / 3600,
};
const h = 1 / 3600;
/** A customary full fuse of two sheets: slowly up, air, quickly, ten minutes, soak, slowly down. Common practice, no source. */
const usual: JudgedFiring = {
  glass,
  box,
  start: 20,
  layers: 2,
  climb: 200 * h,
  fall: 80 * h,
  soak: 2700,
  limit: 1150,
  lines: [
    { to: 660, rate: 180 * h, hold: 1800 },
    { to: 810, rate: 450 * h, hold: 600 },
    { to: 516, hold: 3600 },
    { to: 430, rate: 70 * h },
    { to: 40 },
  ],
};
const changed = (line: number, change: object): JudgedFiring => ({
  ...usual,
  lines: usual.lines.map((l, i) => (i === line ? { ...l, ...change } : l)),
});
const says = (given: JudgedFiring): string =>
  judgeFiring(given)
    .remarks.map((r) => `${r.verdict}: ${r.because}`)
    .join('\n');

// TRADE §18: 1490 °F (810 °C) ten minutes or so is a full fuse, 1375 °F (746 °C) a tack. Common practice, no source.
it('1490 °F ten minutes is a full fuse and nothing is said against it; 1375 °F a tack', () => {
  expect(judgeFiring(usual)).toMatchObject({ name: 'full', remarks: [] });
  expect(judgeFiring(changed(1, { to: 746 })).name).toBe('tack');
});

it.each([
  [changed(0, { rate: 450 * h }), /no: Line 1 climbs 450 K an hour from 20 °C/],
  [changed(0, { rate: 250 * h }), /watch: Line 1 climbs 250/],
  [changed(0, { to: 500, rate: 180 * h, hold: 0 }), /air between its sheets/],
  [changed(1, { to: 740, hold: 4 * 3600 }), /goes cloudy/],
  [changed(2, { hold: 300 }), /min about its annealing point/],
  [changed(3, { rate: 300 * h }), /no: It falls 300 K an hour/],
  [{ ...usual, limit: 780 }, /no: It goes to 810 °C; what it lies on bears 780/],
  [changed(2, { to: 810, hold: 0 }), /Line 3 neither goes anywhere nor holds/],
  [changed(1, { to: 1700 }), /Line 2 goes to 1700 °C/],
] as const)('what is wrong is told, with its line (%#)', (given, words) => {
  expect(says(given)).toMatch(words);
});

it('one sheet has no air to let out', () => {
  expect(says({ ...changed(0, { to: 500, hold: 0 }), layers: 1 })).not.toMatch(/air/);
});

it('hotter or longer never rounds less, nor is it less cloudy for being held there longer', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 700, max: 860, noNaN: true }),
      fc.double({ min: 0, max: 3600, noNaN: true }),
      fc.double({ min: 0, max: 40, noNaN: true }),
      fc.double({ min: 0, max: 3600, noNaN: true }),
      (to, hold, hotter, longer) => {
        const a = judgeFiring(changed(1, { to, hold }));
        const b = judgeFiring(changed(1, { to: to + hotter, hold }));
        const c = judgeFiring(changed(1, { to, hold: hold + longer }));
        expect(b.rounded).toBeGreaterThanOrEqual(a.rounded * (1 - 1e-9));
        expect(c.rounded).toBeGreaterThanOrEqual(a.rounded * (1 - 1e-9));
        expect(c.cloudy).toBeGreaterThanOrEqual(a.cloudy - 1e-6);
      },
    ),
    { numRuns: 40 },
  );
});
