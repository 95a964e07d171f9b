// A whole firing: what customary holds do, volume kept, the cloudy range timed, its steps in order.
import { boxOf } from '../night/box';
import { annealingSchedule } from '../night/schedule';
import { findGlass } from '../rack/glasses';
import { recipeCurve } from '../night/asked/recipe';
import { fitVft } from '../glass/viscosity';
import { CLOUDY, firingLines, settlesAtHeight, withinFiring } from './firing';
import { flowOf } from './process';
import { fluidity, fuseOf, rounds } from './flow';

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
const plan = (at: number, hold = 600) => ({
  climb: 200 / 3600,
  air: { at: 660, hold: 1800 },
  process: { at, hold },
  down: schedule.rows.filter((r) => r.start >= -1e-6),
});
const curveOf = (at: number, hold?: number) =>
  recipeCurve({ name: '', start: 20, lines: firingLines(plan(at, hold)) }, box);

// TRADE §18: tack about 730–760 °C, contour 770–790, full 800–820, ten minutes or so. Common practice, no source.
it.each([
  [735, 'tack'],
  [780, 'contour'],
  [815, 'full'],
])('ten minutes at %i °C, ramps counted, is %s', (at, name) => {
  expect(fuseOf(rounds(fluidity(curveOf(at), fitVft(glass))))).toBe(name);
});

it('a heavy annealer, slow up and down there, does more by its ramps than the same hold in a light kiln', () => {
  const heavy = { ...box, coolingTime: 5 * 3600, climb: 200 / 3600 };
  expect(flowOf(plan(780), glass, heavy)).toBeGreaterThan(1.4 * flowOf(plan(780), glass, box));
});

it('what its hot stretch flows is what the whole programme flows, to a fiftieth', () => {
  for (const at of [740, 780, 815])
    expect(flowOf(plan(at), glass, box) / fluidity(curveOf(at), fitVft(glass))).toBeCloseTo(1, 1);
});

it('its steps go up, pause, flow, soak and come down in order', () => {
  const lines = firingLines(plan(800));
  expect(lines.map((l) => Math.round(l.to)).slice(0, 3)).toEqual([660, 800, glass.annealing]);
  expect(lines[2]?.hold).toBeCloseTo(schedule.soak.value, 3);
  const { temperature } = curveOf(800);
  expect(temperature[temperature.length - 1]).toBeLessThan(60);
});

it('the minutes where it goes cloudy are those between, up and down, and held there they count whole', () => {
  const cloudy = (at: number, hold?: number): number =>
    withinFiring(curveOf(at, hold), CLOUDY.from, CLOUDY.to);
  expect(cloudy(690)).toBe(0);
  expect(cloudy(730, 3600)).toBeGreaterThan(3600);
  expect(cloudy(730, 3600)).toBeLessThan(3 * 3600);
});

it('rests where a puddle of it does: above two sheets, below three', () => {
  expect(settlesAtHeight(glass)).toBeGreaterThan(0.006);
  expect(settlesAtHeight(glass)).toBeLessThan(0.007);
});
