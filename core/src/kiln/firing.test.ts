// A whole firing: what customary holds do, volume kept, the cloudy range timed, its steps in order.
import { boxOf } from '../anneal/box';
import { annealingSchedule } from '../anneal/schedule';
import { findGlass } from '../rack/glasses';
import { fired, settlesAtHeight, type Firing } from './firing';

const glass = findGlass('kiln-sheet-90');
if (!glass) throw new Error('the rack has no kiln sheet');
// A light kiln, as sheet is fired in: it climbs and falls by some 500 K an hour where glass flows. From memory.
const box = {
  ...boxOf({ power: 12_000, capacity: 30e3, coolingTime: 1.3 * 3600 }),
  climb: 500 / 3600,
};
const schedule = annealingSchedule({
  glass,
  wall: { thickest: 0.006, stepThick: 0.006, stepThin: 0.006, body: 'oneSided' },
  practice: 'studio',
  holdTemperature: glass.annealing,
  doorTemperature: 50,
  box,
  holding: 0,
});
const firing = (at: number, change: Partial<Firing> = {}): Firing => ({
  glass,
  across: 0.2,
  stack: 0.006,
  climb: 200 / 3600,
  air: { at: 660, hold: 1800 },
  process: { at, hold: 600 },
  down: schedule.rows.filter((r) => r.start >= -1e-6),
  box,
  ...change,
});

// TRADE §18: tack about 730–760 °C, contour 770–790, full 800–820, ten minutes or so. Common practice, no source.
it.each([
  [735, 'tack'],
  [780, 'contour'],
  [815, 'full'],
])('ten minutes at %i °C, ramps counted, is %s', (at, name) => {
  expect(fired(firing(at)).name).toBe(name);
});

it('a heavy annealer, slow up and down there, does more by its ramps than the same hold in a light kiln', () => {
  const heavy = { ...box, coolingTime: 5 * 3600, climb: 200 / 3600 };
  expect(fired(firing(780, { box: heavy })).rounded).toBeGreaterThan(
    1.4 * fired(firing(780)).rounded,
  );
});

it('two sheets of three millimetres stay as wide as they were, to a few in a hundred; three spread, one draws in', () => {
  const wide = (stack: number): number => fired(firing(815, { stack })).settledAcross / 0.2;
  expect(wide(0.006)).toBeGreaterThan(0.94);
  expect(wide(0.006)).toBeLessThan(1);
  expect(wide(0.009)).toBeGreaterThan(1.1);
  expect(wide(0.003)).toBeLessThan(0.75);
  // Volume kept: across² × high.
  const { settledAcross, settles } = fired(firing(815));
  expect(settledAcross ** 2 * settles).toBeCloseTo(0.2 ** 2 * 0.006, 12);
  expect(settlesAtHeight(glass)).toBeGreaterThan(0.006);
});

it('its steps go up, pause, flow, soak and come down in order; ten degrees more do more', () => {
  const f = fired(firing(800));
  expect(f.lines.map((l) => Math.round(l.to)).slice(0, 3)).toEqual([660, 800, glass.annealing]);
  expect(f.lines[2]?.hold).toBeCloseTo(schedule.soak.value, 3);
  expect(f.curve.temperature[f.curve.temperature.length - 1]).toBeLessThan(60);
  expect(fired(firing(810)).rounded).toBeGreaterThan(f.rounded * 1.1);
});

it('the minutes where it goes cloudy are those between, up and down, and held there they count whole', () => {
  expect(fired(firing(690)).cloudy).toBe(0);
  const held = fired(firing(730, { process: { at: 730, hold: 3600 } })).cloudy;
  expect(held).toBeGreaterThan(3600);
  expect(held).toBeLessThan(3 * 3600);
});

it('over a mould it hangs deeper the wider the mould is', () => {
  const deep = (mould: number): number => fired(firing(650, { mould })).sag?.free ?? NaN;
  expect(deep(0.2)).toBeGreaterThan(deep(0.15) * 2.5);
  expect(fired(firing(650)).sag).toBeUndefined();
});
