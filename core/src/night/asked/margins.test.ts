// Margins: each against what theory says the small change must do.
import type { CoolingWall } from '../allow';
import { checkedSchedule } from '../checked';
import { nightMargins, type Margin } from './margins';
import { PRACTICES } from '../practice';
import type { ScheduleInput } from '../scheduleInput';
import { even, stepped, tonight } from '../nights.fixture';

const night = (wall: CoolingWall): ScheduleInput => tonight(wall, { holding: 0 });
const plate = even(25);
const uneven = stepped(12, 5);

describe.each([
  { what: 'a plate', wall: plate },
  { what: 'a piece with a step', wall: uneven },
])('margins of $what', ({ wall }) => {
  const input = night(wall);
  const checked = checkedSchedule(input);
  const told = nightMargins(input, { checked });
  const of = (id: string): Margin => {
    const m = told.margins.find((x) => x.id === id);
    if (!m) throw new Error(`no margin called ${id}`);
    return m;
  };
  const { kept } = checked.outcome;

  it('stress goes with the expansion (Timoshenko & Goodier: σ = Eα/(1−ν)·ΔT)', () => {
    expect(of('expansion').kept / kept).toBeCloseTo(1.02, 3);
  });
  it('a thicker wall keeps more: by its square alone, by less beside a thin one', () => {
    const grows = of('thick').kept / kept;
    expect(grows).toBeGreaterThan(1.1);
    expect(grows).toBeLessThan(wall === plate ? 1.24 : 1.3);
    expect(of('thick').longer).toBeGreaterThan(0);
  });
  it('worse conduction never helps', () => {
    expect(of('conductivity').kept).toBeGreaterThan(kept);
    expect(of('conductivity').longer).toBeGreaterThan(0);
  });
  it('hotter than it reads sets later, in the quicker fall; colder sooner', () => {
    expect(of('hotter').kept).toBeGreaterThan(of('colder').kept);
    expect(of('hotter').longer).toBeUndefined();
  });
  it('come sorted by what is used up, each a share of what is allowed', () => {
    const used = told.margins.map((m) => m.used);
    expect([...used].sort((a, b) => b - a)).toEqual(used);
    for (const m of told.margins)
      expect(m.used).toBeCloseTo(Math.max(m.kept / PRACTICES.studio.allows, m.passing / 3.5e6), 12);
    expect(told.used).toBeGreaterThan(0.8);
    expect(told.by).toBe('stays');
  });
  it('a step has its own: the thin wall, and how far it is held', () => {
    const ids = told.margins.map((m) => m.id);
    expect(ids.includes('thin')).toBe(wall === uneven);
    expect(ids.includes('restraint')).toBe(wall === uneven);
    if (wall === uneven) expect(of('restraint').kept).toBeGreaterThan(1.5 * kept);
  });
});

describe('what is assumed', () => {
  it('without structural relaxation less stays, and the night may be shorter', () => {
    const hours = [1, 2.9].map(
      (liquidRatio) =>
        checkedSchedule({ ...night(plate), assumes: { liquidRatio } }).schedule.total.value / 3600,
    );
    expect(hours[0]).toBeLessThan(hours[1] ?? -Infinity);
  });
  it('parts that hold each other fully want a longer night than parts that do not', () => {
    const hours = [0, 0.5, 1].map((restraint) => {
      const c = checkedSchedule({ ...night(uneven), assumes: { restraint } });
      expect(c.holds).toBe(true);
      return c.schedule.total.value / 3600;
    });
    expect(hours[0]).toBeLessThan(hours[1] ?? -Infinity);
    expect(hours[1]).toBeLessThan(hours[2] ?? -Infinity);
  });
});
