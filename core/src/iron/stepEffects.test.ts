// What steps do to the glass at once: no heat is made by gathering or joining, and each thing happens when it should.
import { SHIPPED_RACK } from '../rack/rack';
import { areOne } from '../work/joined';
import { meanOf } from '../conduction/cells';
import type { WorkStep } from '../work/facts';
import { coldShop, heatOfAll, zonesNow, type HeatPart, type HeatState } from './hotShop';
import { STUDIO_FIRES } from './surroundings';
import { beginPart, finish } from './stepEffects';
import { SIDES, wallZone } from './zones';

const glass = SHIPPED_RACK.glass('soft-batch-96');
if (!glass) throw new Error('no soft glass');
const wall = wallZone({ name: 'wall', end: 'middle' }, 0.004, SIDES.open, 0.02, glass, 0);
const lip = wallZone({ name: 'lip', end: 'top' }, 0.003, SIDES.lip, 0.004, glass, 0);
const thick = wallZone({ name: 'lip', end: 'top' }, 0.006, SIDES.closed, 0.002, glass, 0);
const part = (name: string): HeatPart => ({
  name,
  glass,
  zones: [wall, lip],
  onPipe: [wall, thick],
  gathered: [1e-4, 3e-4],
});
const PARTS = [part('bowl'), part('foot'), part('handle')];

const step = (kind: WorkStep['kind'], of = 0, more: Partial<WorkStep> = {}): WorkStep => ({
  id: `${kind}${String(of)}`,
  kind,
  part: of,
  seconds: 10,
  ...more,
});
const done = (state: HeatState, ...steps: readonly WorkStep[]): HeatState => {
  for (const s of steps) {
    beginPart(state, PARTS, s, STUDIO_FIRES);
    finish(state, PARTS, s);
  }
  return state;
};
const shop = (...steps: readonly WorkStep[]): HeatState => done(coldShop(PARTS), ...steps);
const meanOfLump = (state: HeatState): number => {
  const lump = state.lumps[0];
  return lump ? meanOf(lump.grid, state.cells[0]?.[0] as Float64Array) : NaN;
};

describe('gathering', () => {
  it('brings glass at the heat of the pot, all through', () => {
    const state = shop(step('gather'));
    expect(state.phase).toEqual(['lump', 'absent', 'absent']);
    expect(meanOfLump(state)).toBeCloseTo(STUDIO_FIRES.pot, 6);
  });
  it('over a cooler lump makes the mean of both, by their volumes, hottest outside', () => {
    const state = shop(step('gather'));
    (state.cells[0]?.[0] as Float64Array).fill(900);
    done(state, step('gather'));
    // 1e-4 at 900 and 2e-4 at the pot's heat.
    expect(meanOfLump(state)).toBeCloseTo((900 + 2 * STUDIO_FIRES.pot) / 3, 6);
    const cells = state.cells[0]?.[0] as Float64Array;
    expect(cells[cells.length - 1]).toBeGreaterThan(cells[0] as number);
  });
  it('a third time takes the last of what was planned, and never shrinks', () => {
    const twice = shop(step('gather'), step('gather'));
    const thrice = shop(step('gather'), step('gather'), step('gather'));
    const size = (s: HeatState): number => s.lumps[0]?.thickness ?? 0;
    expect(size(thrice)).toBeGreaterThan(size(twice));
    expect(size(thrice) / size(twice)).toBeLessThan(1.01);
    expect(thrice.gathers[0]).toBe(3);
  });
  it('on what has its form already changes nothing', () => {
    const state = shop(step('gather'), step('blow'));
    const before = heatOfAll(state, PARTS);
    done(state, step('gather'));
    expect(state.phase[0]).toBe('formed');
    expect(heatOfAll(state, PARTS)).toBe(before);
  });
});

describe('taking form', () => {
  it('happens at the end of the step, at the mean heat of the lump', () => {
    const state = shop(step('gather'));
    (state.cells[0]?.[0] as Float64Array).fill(980);
    const blow = step('blow');
    beginPart(state, PARTS, blow, STUDIO_FIRES);
    expect(state.phase[0]).toBe('lump');
    finish(state, PARTS, blow);
    expect(state.phase[0]).toBe('formed');
    for (const cells of state.cells[0] ?? []) for (const t of cells) expect(t).toBeCloseTo(980, 6);
  });
  it('its lip is thick while it hangs on the pipe, thin from the transfer on', () => {
    const state = shop(step('gather'), step('blow'));
    expect(zonesNow(state, PARTS[0] as HeatPart, 0)[1]).toBe(thick);
    done(state, step('transfer'));
    expect(zonesNow(state, PARTS[0] as HeatPart, 0)[1]).toBe(lip);
  });
  it('at the torch it begins in its own form, as cold as the room', () => {
    const state = shop(step('points'));
    expect(state.phase[0]).toBe('formed');
    expect(state.cells[0]?.[0]?.[0]).toBe(20);
  });
});

describe('joining and parking', () => {
  it('what is joined goes everywhere together; parked is parked together and fetched together', () => {
    const state = shop(
      step('gather'),
      step('blow'),
      step('bit', 1),
      step('shapeSolid', 1),
      step('attach', 1, { to: 0 }),
    );
    expect(areOne(state.groups, 0, 1)).toBe(true);
    expect(areOne(state.groups, 0, 2)).toBe(false);
    done(state, step('garage', 0));
    expect(state.parked).toEqual([true, true, false]);
    done(state, step('fetch', 1));
    expect(state.parked).toEqual([false, false, false]);
  });
  it('joining what was parked takes it out of the garage', () => {
    const state = shop(
      step('gather'),
      step('blow'),
      step('bit', 1),
      step('shapeSolid', 1),
      step('garage', 1),
    );
    expect(state.parked[1]).toBe(true);
    done(state, step('attach', 1, { to: 0 }));
    expect(state.parked[1]).toBe(false);
  });
  it('a join to nothing, or to a part that is not there, joins nothing', () => {
    const state = shop(step('gather'), step('attach', 0), step('attach', 0, { to: 9 }));
    expect(areOne(state.groups, 0, 1) || areOne(state.groups, 0, 2)).toBe(false);
  });
  it('makes no heat and loses none', () => {
    const state = shop(step('gather'), step('blow'), step('bit', 1), step('shapeSolid', 1));
    const before = heatOfAll(state, PARTS);
    done(state, step('attach', 1, { to: 0 }));
    expect(heatOfAll(state, PARTS)).toBeCloseTo(before, 6);
  });
});

describe('the box', () => {
  it('takes all that hangs together and has its form; what is still a lump stays out', () => {
    const state = shop(
      step('gather'),
      step('blow'),
      step('bit', 1),
      step('shapeSolid', 1),
      step('attach', 1, { to: 0 }),
      step('bit', 2),
      step('box', 0),
    );
    expect(state.phase).toEqual(['boxed', 'boxed', 'lump']);
    done(state, step('box', 2));
    expect(state.phase[2]).toBe('lump');
  });
  it('a step on a part that is not there does nothing', () => {
    const state = shop(step('gather'));
    const before = JSON.stringify(state);
    done(state, step('box', 7));
    expect(JSON.stringify(state)).toBe(before);
  });
});
