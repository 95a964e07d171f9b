// Heat in the shop: the rough times of the trade, no heat lost or made over a sequence, parts that go together.
import type { WorkStep } from '../work/facts';
import { SHIPPED_RACK } from '../rack/rack';
import { areOne } from '../work/joined';
import { meanOf } from '../conduction/cells';
import { STUDIO_FIRES } from './surroundings';
import {
  coldShop,
  copyState,
  heatOfAll,
  integrate,
  type HeatPart,
  type HeatState,
} from './hotShop';
import { beginPart, finish } from './stepEffects';
import { lumpOf, SIDES, wallZone, zonesOf, type HeatZone } from './zones';
import { measureShape } from '../form/measure';
import { startingProfile } from '../form/forms';

const glass = SHIPPED_RACK.glass('soft-batch-96');
if (!glass) throw new Error('no soft glass');

/** The wall of an open vessel. */
const wall = (thickness: number): HeatZone =>
  wallZone({ name: 'wall', end: 'middle' }, thickness, SIDES.open, 0.01, glass, 0);
const one = (zone: HeatZone): HeatPart => ({
  name: 'wall',
  glass,
  zones: [zone],
  gathered: [1e-4],
});
const at = (zone: HeatZone, temperature: number): HeatState => ({
  ...coldShop([one(zone)]),
  phase: ['formed'],
  cells: [[new Float64Array(8).fill(temperature)]],
});
const step = (kind: WorkStep['kind'], seconds: number, more: Partial<WorkStep> = {}): WorkStep => ({
  id: `${kind}-${String(seconds)}`,
  kind,
  part: 0,
  seconds,
  ...more,
});

/** Seconds until the mean passes a temperature. */
function time(zone: HeatZone, from: number, to: number, kind?: WorkStep['kind']): number {
  const state = at(zone, from);
  const going = kind ? [step(kind, 1)] : [];
  const falling = to < from;
  for (let s = 0; s < 600; s += 1) {
    integrate(state, [one(zone)], going, 1, 1);
    const t = meanOf(zone.grid, state.cells[0]?.[0] as Float64Array);
    if (falling ? t < to : t > to) return s + 1;
  }
  return Infinity;
}

describe('the rough times of the trade (PHYSICS 5, common practice)', () => {
  it.each([
    [0.003, 20, 35],
    [0.006, 35, 55],
    [0.02, 95, 150],
  ])('a wall of %p m falls from 1000 to 760 °C in %p to %p s on the bench', (t, low, high) => {
    const took = time(wall(t), 1000, 760);
    expect(took).toBeGreaterThanOrEqual(low);
    expect(took).toBeLessThanOrEqual(high);
  });
  it.each([
    [0.003, 25],
    [0.006, 35],
    [0.02, 100],
  ])('a wall of %p m comes back from 620 to 980 °C in about %p s of the glory hole', (t, about) => {
    const took = time(wall(t), 620, 980, 'reheat');
    expect(took / about).toBeGreaterThan(0.6);
    expect(took / about).toBeLessThan(1.5);
  });
});

const reading = measureShape(startingProfile('tumbler'), glass.poisson);
if (!reading.ok) throw new Error('the tumbler should be good');
const tumbler: HeatPart = {
  name: 'tumbler',
  glass,
  zones: zonesOf(reading.shape, glass),
  gathered: [0.6e-4, 1.4e-4],
};

describe('a sequence', () => {
  const steps = [
    step('gather', 12),
    step('marver', 10),
    step('gather', 12),
    step('block', 12),
    step('reheat', 25),
    step('blow', 15),
    step('reheat', 30),
    step('open', 14),
    step('firePolish', 10),
  ];

  it('closes its balance: heat in the glass is what was gathered less what left (0.1 %)', () => {
    const state = coldShop([tumbler]);
    let brought = 0;
    const balance = { lost: 0 };
    for (const s of steps) {
      const before = heatOfAll(state, [tumbler]);
      beginPart(state, [tumbler], s, STUDIO_FIRES);
      brought += heatOfAll(state, [tumbler]) - before;
      integrate(state, [tumbler], [s], s.seconds, 1, STUDIO_FIRES, undefined, balance);
      // Taking form keeps the lump's heat, but for what is trimmed or left at the pipe.
      const shaped = heatOfAll(state, [tumbler]);
      finish(state, [tumbler], s);
      brought += heatOfAll(state, [tumbler]) - shaped;
    }
    const there = heatOfAll(state, [tumbler]);
    expect(Math.abs(brought - balance.lost - there) / there).toBeLessThan(1e-3);
  });

  it('leaves the lip colder than the base after a minute on the bench', () => {
    const state = { ...coldShop([tumbler]), phase: ['formed' as const] };
    state.cells[0] = tumbler.zones.map((z) => new Float64Array(z.grid.cells).fill(1000));
    integrate(state, [tumbler], [], 60, 1);
    const means = tumbler.zones.map((z, k) => meanOf(z.grid, state.cells[0]?.[k] as Float64Array));
    expect(means[means.length - 1]).toBeLessThan((means[0] as number) - 30);
  });

  it('halving the step of time moves the end by under 1 %', () => {
    const run = (dt: number): number => {
      const state = coldShop([tumbler]);
      for (const s of steps) {
        beginPart(state, [tumbler], s, STUDIO_FIRES);
        integrate(state, [tumbler], [s], s.seconds, dt);
        finish(state, [tumbler], s);
      }
      return heatOfAll(state, [tumbler]);
    };
    expect(run(0.5) / run(1)).toBeCloseTo(1, 2);
  });
});

describe('parts', () => {
  const bead: HeatPart = { name: 'bead', glass, zones: [lumpOf(1e-5, glass)], gathered: [1e-5] };
  const parts = [tumbler, bead];

  it('wait in the garage at its heat; joined they go together', () => {
    const state = coldShop(parts);
    for (const s of [
      step('bit', 25, { part: 1 }),
      step('shapeSolid', 15, { part: 1 }),
      step('garage', 8, { part: 1 }),
    ]) {
      beginPart(state, parts, s, STUDIO_FIRES);
      integrate(state, parts, [s], s.seconds, 1);
      finish(state, parts, s);
    }
    integrate(state, parts, [], 900, 1);
    const bare = state.cells[1]?.[0] as Float64Array;
    expect(Math.abs(meanOf(lumpOf(1e-5, glass).grid, bare) - STUDIO_FIRES.garage)).toBeLessThan(15);
    const join = step('attach', 12, { part: 1, to: 0 });
    finish(state, parts, join);
    expect(areOne(state.groups, 1, 0)).toBe(true);
    expect(state.parked[1]).toBe(false);
  });

  it('are copied whole, and the copy stays as it was', () => {
    const state = coldShop(parts);
    beginPart(state, parts, step('gather', 12), STUDIO_FIRES);
    const copy = copyState(state);
    integrate(state, parts, [], 30, 1);
    expect(copy.cells[0]?.[0]?.[7]).not.toBe(state.cells[0]?.[0]?.[7]);
    expect(copy.phase).toEqual(['lump', 'absent']);
  });
});
