// Warmed together as the slowest bears.
import { boxOf } from '../night/box';
import { findGlass } from '../rack/glasses';
import { warmTogether, type ToWarm } from './warmTogether';

const glass = findGlass('soft-batch-96');
if (!glass) throw new Error('the rack has no soft batch');
const box = boxOf({ coolingTime: 2 * 3600, power: 8000 });
const cane: ToWarm = { name: 'canes', glass, thick: 0.006, body: 'cylinder' };
const blank: ToWarm = { name: 'gilded blank', glass, thick: 0.03, body: 'slab' };

it('a thick blank sets the climb of all, a cane by itself goes as the box does', () => {
  const alone = warmTogether([cane], box, 540);
  const both = warmTogether([cane, blank], box, 540);
  expect(alone.recipe.lines[0]?.rate).toBeCloseTo(box.climb, 3);
  expect(both.slowest).toBe(1);
  expect(both.longest).toBe(1);
  expect(both.recipe.lines[0]?.rate).toBeLessThan(0.9 * box.climb);
  expect(both.seconds).toBeGreaterThan(alone.seconds);
});

it('twice as thick bears about a quarter of the climb (the law of thickness)', () => {
  const rate = (thick: number): number =>
    warmTogether([{ ...blank, thick }], box, 540).alone[0]?.rate ?? NaN;
  expect(rate(0.04) / rate(0.08)).toBeGreaterThan(2.5);
  expect(rate(0.04) / rate(0.08)).toBeLessThan(5.5);
});

// "To be picked up at about 540 °C": common practice, no source.
it('at 540 °C soft glass neither slumps nor is brittle; at 420 it is brittle, at 680 it slumps', () => {
  expect(warmTogether([cane], box, 540).alone[0]).toMatchObject({ slumps: false, brittle: false });
  expect(warmTogether([cane], box, 420).alone[0]?.brittle).toBe(true);
  expect(warmTogether([cane], box, 680).alone[0]?.slumps).toBe(true);
});

it('nothing in the kiln is a sentence', () => {
  expect(() => warmTogether([], box, 540)).toThrow(/bar, cane or blank/);
});
