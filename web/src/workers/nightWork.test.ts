// The night worker's calls, as the core has them.
import {
  checkedSchedule,
  STUDIO_BOX,
  type Schedule,
  type ScheduleInput,
} from '@zanfirico/core/night';
import { firingsAsked, hoursInBox, type FiresOf } from '@zanfirico/core/piece';
import { findGlass } from '@zanfirico/core/rack';
import { nightWork } from './nightWork';

describe('the night worker’s calls', () => {
  const glass = findGlass('soft-batch-96');
  if (!glass) throw new Error('the rack has lost its soft batch');
  const wall = { thickest: 0.006, stepThick: 0.006, stepThin: 0.003, body: 'slab' as const };
  const input: ScheduleInput = {
    glass,
    wall,
    practice: 'studio',
    holdTemperature: glass.annealing,
    doorTemperature: 60,
    box: STUDIO_BOX,
    holding: 3600,
  };
  const piece = { id: 'p', name: 'cup', glass, wall, width: 0.1, depth: 0.1, height: 0.2 };
  const planned = checkedSchedule(input);
  const recipe = {
    name: 'ours',
    start: 505,
    lines: [
      { to: 505, hold: 3600 },
      { to: 60, rate: 200 / 3600 },
    ],
  };

  it('checks a schedule as the core does', () => {
    const a = nightWork.check(input);
    expect(a.schedule.total.value).toBe(planned.schedule.total.value);
    expect(a.outcome.night.walls[0]?.picture).toBeUndefined();
    expect(nightWork.pictured(input).outcome.night.walls[0]?.picture).toBeDefined();
  });
  it('puts a recipe through', () => {
    const a = nightWork.recipe(input, recipe);
    expect(a.curve.temperature[0]).toBe(505);
    expect(a.outcome.kept).toBeGreaterThan(planned.outcome.kept);
  });
  it('judges, warms, tells margins', () => {
    const judged = nightWork.judge(input, planned.curve, 0, {}, [piece]);
    expect(judged.pieces.map((p) => p.id)).toEqual(['p']);
    expect(nightWork.warm(input, 20).rate).toBeGreaterThan(0);
    expect(nightWork.margins(input, planned).margins).toHaveLength(9);
  });
  it('loads a box, and plans a week with each annealer’s own night', () => {
    const load = nightWork.load([piece], input);
    expect(load.ok && load.night.rules).toBe('p');
    const inside = { width: 0.5, depth: 0.5, height: 0.5 };
    const week = nightWork.week({
      pieces: [{ ...piece, ready: 0, due: 2 * 86400 }],
      annealers: [
        { id: 'slow', inside, free: 0, box: { ...STUDIO_BOX, coolingTime: 8 * 3600 } },
        { id: 'quick', inside, free: 0, box: STUDIO_BOX },
      ],
      input: { practice: 'studio', doorTemperature: 60, holding: 0 },
    });
    expect(week.loads.map((l) => l.annealer)).toEqual(['quick']);
  });
  it('keeps the kiln for every firing from cold, the week as the shelf and the days do', () => {
    const air = { at: 620, hold: 900 };
    const fires: FiresOf = {
      firings: [
        { aim: 'full', air, process: { at: 760, hold: 600 } },
        { aim: 'slump', air, process: { at: 660, hold: 900 } },
      ],
      layers: 2,
      cold: { thickest: 0.006, stepThick: 0.006, stepThin: 0.006, body: 'oneSided' },
      earlier: { thickest: 0.006, stepThick: 0.006, stepThin: 0.006, body: 'oneSided' },
    };
    const week = nightWork.week({
      pieces: [{ ...piece, fires, ready: 0, due: 9 * 86400 }],
      annealers: [
        { id: 'quick', inside: { width: 0.5, depth: 0.5, height: 0.5 }, free: 0, box: STUDIO_BOX },
      ],
      input: { practice: 'studio', doorTemperature: 60, holding: 0 },
    });
    const [load] = week.loads;
    const night = { ...input, holding: 0 };
    const { earlier } = firingsAsked(fires, night);
    if (!earlier) throw new Error('two firings ask for two nights');
    const [its, before] = [night, earlier].map((asked) => checkedSchedule(asked).schedule);
    const kept = hoursInBox(night, fires, its as Schedule, before);
    expect((load?.door ?? 0) - (load?.lastIn ?? 0)).toBeCloseTo(kept, 6);
    // Twice up from cold and down again: more than twice the night it comes down by.
    expect(kept).toBeGreaterThan(
      2 * checkedSchedule({ ...night, wall: fires.cold }).schedule.total.value,
    );
  });
  it('says in a sentence what cannot be computed', () => {
    const thin = { ...input, wall: { ...wall, thickest: 0, stepThick: 0, stepThin: 0 } };
    expect(() => nightWork.recipe(thin, recipe)).toThrow(/0 mm cannot be annealed/);
  });
  it('tells the best so far while it looks for the shortest', () => {
    const told: number[] = [];
    const plain = { ...input, wall: { ...wall, thickest: 0.02, stepThick: 0.02, stepThin: 0.02 } };
    const best = nightWork.shortest(plain, (b) => told.push(b.seconds));
    expect(told.length).toBeGreaterThan(0);
    expect(Math.min(...told)).toBeCloseTo(best.seconds, 6);
    expect(best.seconds).toBeLessThan(checkedSchedule(plain).schedule.total.value);
  });
});
