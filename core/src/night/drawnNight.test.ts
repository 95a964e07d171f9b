// Nights answered from a drawn section: in the trade's own cases, as it stands, as it comes, where it cannot be meshed, stopped.
import { findGlass } from '../rack/glasses';
import { packed } from '../form/packedLine';
import { checkedSchedule } from './checked';
import { whatHelps } from './asked/helps';
import { judgeCurve } from './asked/accident';
import { loadNight } from './asked/load';
import { nightMargins } from './asked/margins';
import { tonight, even } from './nights.fixture';
import { putThrough } from './outcome';
import { PRACTICES } from './practice';
import { recipeCurve } from './asked/recipe';
import type { ScheduleInput } from './scheduleInput';
import type { DrawnSection } from './section/putSection';
import { ORDINARY_STANDING, type RealSection, type SectionStanding } from './section/realSection';
import { shortestNight } from './asked/shortest';
import { warming } from './asked/warming';
import { STUDIO_BOX } from './box';

const [soft, hard] = [findGlass('soft-batch-96'), findGlass('borosilicate-33')];
if (!soft || !hard) throw new Error('shipped');
const HOUR = 3600;

const line = (r: number[], z: number[]): string => packed({ r, z });
const solid = (name: string, radius: number, low: number, high: number): RealSection => ({
  bodies: [
    {
      name,
      low,
      high,
      outer: line([0, radius, radius, 0], [low, low, high, high]),
      inner: line([0, 0], [low, high]),
      hollow: false,
    },
  ],
  mouth: 0,
  widestInside: 0,
  leavesOut: [],
});
/** A thick-based beaker: base and wall, m. */
const beaker = (base: number, wall: number, across = 0.026, tall = 0.036): RealSection => ({
  bodies: [
    {
      name: 'body',
      low: 0,
      high: tall,
      outer: line([0, across, across], [0, 0, tall]),
      inner: line([0, across - wall, across - wall], [base, base, tall]),
      hollow: true,
    },
  ],
  mouth: across - wall,
  widestInside: across - wall,
  leavesOut: [],
});
const drawn = (section: RealSection, standing: Partial<SectionStanding> = {}): DrawnSection => ({
  section,
  standing: { ...ORDINARY_STANDING, ...standing },
});
const night = (of: DrawnSection, change: Partial<ScheduleInput> = {}): ScheduleInput => ({
  ...tonight(even(10)),
  box: { ...STUDIO_BOX, unevenness: 0 },
  drawn: of,
  ...change,
});

long(
  'a thick-based beaker keeps more flat on the shelf than on posts; packed among others it cools more slowly, and keeps less',
  () => {
    const kept = (stands: SectionStanding['stands']): number =>
      putThrough(night(drawn(beaker(0.012, 0.004), { stands })), {
        time: [0, HOUR, 3 * HOUR, 8 * HOUR],
        temperature: [505, 505, 400, 50],
      }).kept;
    const [free, shelf, packed] = (['free', 'shelf', 'packed'] as const).map(kept);
    expect(shelf as number).toBeGreaterThan(1.05 * (free as number));
    expect(packed as number).toBeLessThan(shelf as number);
  },
);

long(
  'the largest disc, 0.66 m of solid glass at 0.4 MPa, still takes months (common practice, no source)',
  () => {
    const disc = drawn(solid('disc', 1.2, 0, 0.66));
    const c = checkedSchedule(night(disc, { wall: even(660), practice: 'fine', box: STUDIO_BOX }));
    const months = c.schedule.total.value / (30.4 * 24 * HOUR);
    expect(c.outcome.unmeshed).toBeUndefined();
    expect(c.holds).toBe(true);
    expect(months).toBeGreaterThan(3);
    expect(months).toBeLessThan(18);
  },
);

long(
  'a hard rod figure of 29 mm at 900 °F and 100 °F an hour is not annealed, and nobody says that it cracks (a demonstrator’s recipe, common practice)',
  () => {
    const rod = drawn(solid('figure', 0.0145, 0, 0.11));
    const input = night(rod, {
      glass: hard,
      wall: { ...even(29), body: 'cylinder' },
      holdTemperature: (900 - 32) / 1.8,
      // As its order leaves it: the flame keeps it even to some tens of kelvin.
      arrives: [{ low: 0, high: 0.11, skin: 600, middle: 640 }],
    });
    const curve = recipeCurve(
      {
        name: 'theirs',
        start: input.holdTemperature,
        lines: [
          { to: input.holdTemperature, hold: HOUR },
          { to: 60, rate: 100 / 1.8 / HOUR },
        ],
      },
      input.box,
    );
    const o = putThrough(input, curve, { startUneven: 100, soakEnds: HOUR });
    expect(o.kept).toBeGreaterThan(1.5 * PRACTICES.studio.allows);
    // Most of it was there before the fall began: the hold did not take it away.
    expect(o.soaked).toBeGreaterThan(0.5 * PRACTICES.studio.allows);
    const held = putThrough(
      { ...input, arrives: undefined },
      recipeCurve(
        {
          name: 'ours',
          start: 565,
          lines: [
            { to: 565, hold: 2 * HOUR },
            { to: 60, rate: 40 / HOUR },
          ],
        },
        input.box,
      ),
      { startUneven: 100, soakEnds: 2 * HOUR },
    );
    expect(held.soaked).toBeLessThan(0.1 * PRACTICES.studio.allows);
    expect(held.kept).toBeLessThan(PRACTICES.studio.allows);
  },
);

long('how it comes counts where the soak is short, and no more after a long one', () => {
  const input = night(drawn(beaker(0.012, 0.004)));
  const kept = (middle: number, soak: number): number =>
    putThrough(
      { ...input, arrives: [{ low: 0, high: 0.08, skin: 505, middle }] },
      { time: [0, soak, soak + 10 * HOUR], temperature: [470, 470, 50] },
      { startUneven: 100, soakEnds: soak },
    ).kept;
  expect(kept(680, 0.2 * HOUR)).toBeGreaterThan(1.05 * kept(520, 0.2 * HOUR));
  expect(kept(680, 40 * HOUR) / kept(520, 40 * HOUR)).toBeCloseTo(1, 1);
});

it('a section that cannot be meshed is told, and the joined walls stand', () => {
  const two = solid('low', 0.02, 0, 0.01);
  const apart: RealSection = {
    ...two,
    bodies: [...two.bodies, ...solid('high', 0.02, 0.05, 0.06).bodies],
  };
  const walls = checkedSchedule({ ...night(drawn(apart)), drawn: undefined });
  const c = checkedSchedule(night(drawn(apart)));
  expect(c.outcome.unmeshed).toMatch(/do not touch/);
  expect(c.outcome.section).toBeUndefined();
  expect(c.holds).toBe(true);
  expect(c.outcome.kept / walls.outcome.kept).toBeCloseTo(1, 1);
});

it('a wall of 0.3 mm beside one of 80 mm is answered or refused in a sentence', () => {
  const odd = beaker(0.08, 3e-4, 0.09, 0.16);
  const o = putThrough(night(drawn(odd), { wall: even(80) }), {
    time: [0, HOUR, 60 * HOUR],
    temperature: [505, 505, 50],
  });
  expect(Number.isFinite(o.kept)).toBe(true);
  if (o.unmeshed !== undefined) expect(o.unmeshed).toMatch(/\.$/);
});

describe('everything that asks about a night asks the section', () => {
  const heavy = drawn(beaker(0.02, 0.004));
  const input = night(heavy, { wall: { ...even(20), stepThin: 0.004 }, inHand: 0.15 });
  const checked = checkedSchedule(input);

  it('the schedule: nothing over what is allowed and not in hand, named by its place', () => {
    expect(checked.holds).toBe(true);
    expect(checked.outcome.kept).toBeLessThan(0.86e6);
    expect(checked.outcome.section?.keeps.where).toMatch(/body/);
    expect(checked.schedule.leaves.value).toBe(checked.outcome.kept);
    expect(checked.schedule.leaves.why.says).toContain(checked.outcome.section?.keeps.where);
  });

  long('margins: thicker, on the shelf and sharper-cornered are among them; most hold', () => {
    const told: number[] = [];
    const m = nightMargins(input, {
      checked,
      onProgress: (share) => {
        told.push(share);
        return true;
      },
    });
    expect(m.margins.map((x) => x.id)).toEqual(
      expect.arrayContaining(['thick', 'shelf', 'corners', 'crowded', 'hotter']),
    );
    expect(m.margins.find((x) => x.id === 'thick')?.used).toBeGreaterThan(m.used);
    expect(m.hold).toBe(m.margins.filter((x) => x.used <= 1.02).length);
    expect(m.hold).toBeGreaterThanOrEqual(m.margins.length / 2);
    expect(told).toEqual([...told].sort((a, b) => a - b));
  });

  long('a load: the thick beaker sets its clock, the thin one is judged in its night', () => {
    const piece = (id: string, base: number) => ({
      id,
      name: id,
      glass: soft,
      wall: { ...even(1000 * base), stepThin: 0.004 },
      drawn: drawn(beaker(base, 0.004)),
      width: 0.08,
      depth: 0.08,
      height: 0.08,
    });
    const loaded = loadNight([piece('thin', 0.006), piece('thick', 0.02)], input);
    if (!loaded.ok) throw new Error(loaded.says);
    expect(loaded.night.rules).toBe('thick');
    const thin = loaded.night.outcomes.find((o) => o.id === 'thin');
    expect(thin?.holds).toBe(true);
    expect(thin?.outcome.section).toBeDefined();
    expect(loaded.night.saves?.then).toBe('thin');
  });

  long('an uneven box keeps more in it than an even one does, at its hottest place', () => {
    const uneven = { ...STUDIO_BOX, unevenness: 30 };
    const c = checkedSchedule({ ...input, box: uneven });
    expect(c.holds).toBe(true);
    expect(c.schedule.total.value).toBeGreaterThan(checked.schedule.total.value - 600);
  });

  long('a mishap, a climb and the shortest night', () => {
    const judged = judgeCurve(
      input,
      { time: [0, HOUR, 2 * HOUR, 8 * HOUR], temperature: [505, 505, 250, 40] },
      HOUR,
      { uneven: 100, soakEnds: HOUR },
    );
    expect(judged.outcome.section).toBeDefined();
    expect(judged.verdict.verdict).not.toBe('good');
    expect(judged.again?.kept).toBeLessThan(1.05e6);
    const climb = warming(input, input.box, 20, 505);
    expect(climb.outcome.section?.worst.stress).toBeLessThanOrEqual(3.5e6);
    const short = shortestNight(input);
    expect(short.outcome.section).toBeDefined();
    expect(short.outcome.kept).toBeLessThanOrEqual(1.01 * 0.85e6);
    expect(short.seconds).toBeLessThanOrEqual(checked.schedule.total.value + 60);
  });

  long(
    'what helps: a thinner base, not a thicker one; what cannot be put through is left out',
    () => {
      const with_ = (base: number): ScheduleInput => ({
        ...input,
        drawn: drawn(beaker(base, 0.004)),
        wall: { ...even(1000 * base), stepThin: 0.004 },
      });
      const helped = whatHelps(input, checked, [
        { id: 'thicker', input: with_(0.026) },
        { id: 'thinner', input: with_(0.012) },
        {
          id: 'none',
          input: { ...input, drawn: undefined, wall: { ...even(10), thickest: -1 } },
        },
      ]);
      expect(helped.map((h) => h.id)).toEqual(['thinner', 'thicker']);
      expect(helped[0]?.saves).toBeGreaterThan(0);
      expect(helped[1]?.saves).toBeLessThan(0);
      const [thinner] = helped;
      const true_ =
        checked.schedule.total.value - checkedSchedule(with_(0.012)).schedule.total.value;
      // About: within a half, or a quarter of an hour.
      expect(Math.abs((thinner?.saves ?? 0) - true_)).toBeLessThan(Math.max(900, 0.5 * true_));
    },
  );
});

long(
  'bodies that stand apart are each their own: the thickest sets the night, and is named by its number',
  () => {
    const cup = drawn(beaker(0.005, 0.004));
    const knob = drawn(solid('stopper', 0.015, 0, 0.03));
    const alone = checkedSchedule(night(cup));
    const both = checkedSchedule(night(cup, { apart: [knob] }));
    expect(both.outcome.section?.of).toBe(1);
    expect(both.outcome.section?.keeps.where).toMatch(/stopper/);
    expect(both.schedule.total.value).toBeGreaterThan(alone.schedule.total.value);
  },
);
