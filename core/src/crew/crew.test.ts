// Sharing out the work: everyone at one thing at a time, every wait kept or told, fewer hands told plainly.
import type { Person } from '@zanfirico/contract/order';
import type { DraftInput } from '../order/draftInput';
import { draftWork } from '../order/draftWork';
import { factsOf, SKILLS, type WorkStep } from '../work/facts';
import { SHIPPED_RACK } from '../rack/rack';
import type { HeatPart } from '../iron/hotShop';
import { lumpOf, SIDES, wallZone } from '../iron/zones';
import { inTurn, withHelpers } from '../work/clock';
import { planCrew } from './crew';
import { linksOf } from './links';
import { waitsFor } from './waits';

const glass = SHIPPED_RACK.glass('soft-batch-96');
if (!glass) throw new Error('no soft glass');

const goblet: DraftInput = {
  form: 'stemmed',
  way: 'furnace',
  parts: [
    {
      name: 'foot',
      hollow: false,
      closed: false,
      stopper: false,
      gathers: 1,
      colours: [],
      mass: 0.08,
      lowest: 0,
    },
    {
      name: 'stem',
      hollow: false,
      closed: false,
      stopper: false,
      gathers: 1,
      colours: [],
      mass: 0.05,
      lowest: 0.01,
    },
    {
      name: 'bowl',
      hollow: true,
      closed: false,
      stopper: false,
      gathers: 2,
      colours: [],
      mass: 0.2,
      lowest: 0.09,
    },
  ],
  joins: [
    [0, 1],
    [1, 2],
  ],
  bits: [],
  main: 2,
};
const steps = draftWork(goblet);
const parts: HeatPart[] = goblet.parts.map((p, i) => ({
  name: p.name,
  glass,
  zones:
    i === 2
      ? [wallZone({ name: 'wall', end: 'middle' }, 0.003, SIDES.open, 0.02, glass, 0)]
      : [lumpOf(2e-5, glass)],
  gathered: [4e-5, 8e-5],
}));
const person = (id: string, ...skills: Person['skills'][number][]): Person => ({
  id,
  name: id,
  skills,
});
const three = [
  person('gaffer', 'gaff', 'gather', 'blow'),
  person('second', 'gather', 'bit', 'blow', 'shield'),
  person('third', 'gather', 'bit', 'door', 'shield', 'blow'),
];
const overlaps = (
  order: readonly WorkStep[],
  starts: readonly number[],
  who: (i: number) => readonly string[],
): string[] =>
  order.flatMap((s, i) =>
    order.flatMap((t, j) =>
      i < j &&
      (starts[i] ?? 0) < (starts[j] ?? 0) + t.seconds - 1e-6 &&
      (starts[j] ?? 0) < (starts[i] ?? 0) + s.seconds - 1e-6
        ? who(i)
            .filter((p) => who(j).includes(p))
            .map((p) => `${p}: ${s.kind} and ${t.kind}`)
        : [],
    ),
  );

const TOGETHER = { main: 2, helpers: true };
const ALONE = { main: 2, helpers: false };

describe('a crew of three at a goblet', () => {
  const plan = planCrew(steps, parts, three, TOGETHER);
  it('has everyone at one thing at a time, and one piece at a station', () => {
    expect(
      overlaps(steps, plan.starts, (i) => (plan.hands[i] ?? []).flatMap((h) => h.person ?? [])),
    ).toEqual([]);
    expect(
      overlaps(steps, plan.starts, (i) => {
        const { station } = factsOf(steps[i]);
        return station ? [station] : [];
      }),
    ).toEqual([]);
  });
  it('keeps the order and every thermal wait, or says which it cannot', () => {
    for (const l of linksOf(steps, parts, withHelpers(steps, 2))) {
      const gap =
        (plan.starts[l.to] ?? 0) - (plan.starts[l.from] ?? 0) - (steps[l.from]?.seconds ?? 0);
      expect(gap).toBeGreaterThan(-1e-6);
      if (l.most !== undefined && plan.late.length === 0) expect(gap).toBeLessThan(l.most + 1e-6);
    }
  });
  it('is proven for its sharing out of hands, and within a quarter of what no sharing can beat', () => {
    expect(plan.proven).toBe(true);
    expect(plan.total).toBeGreaterThanOrEqual(plan.lower - 1e-6);
    expect(plan.total / plan.lower).toBeLessThan(1.25);
    expect(plan.uncovered).toEqual([]);
    expect(plan.critical.length).toBeGreaterThan(5);
  });
  it('takes longer alone, and says which hands are missing', () => {
    const alone = planCrew(steps, parts, [person('gaffer', ...SKILLS)], ALONE);
    expect(alone.total).toBeGreaterThan(plan.total);
    expect(alone.uncovered.map((u) => u.skill)).toContain('bit');
    const nobody = planCrew(steps, parts, [person('helper', 'door')], ALONE);
    expect(nobody.uncovered.some((u) => u.skill === 'gaff')).toBe(true);
  });
  it('does as it is told who', () => {
    const told = steps.map((s) => (s.kind === 'bit' ? { ...s, who: 'third' } : s));
    const { hands } = planCrew(told, parts, three, TOGETHER);
    told.forEach((s, i) => {
      if (s.kind === 'bit') expect(hands[i]?.[0]?.person).toBe('third');
    });
  });
  it('never waits longer than the clock the heats were placed for, and three seconds', () => {
    expect(plan.late).toEqual([]);
    const clock = withHelpers(steps, 2);
    for (const l of linksOf(steps, parts, clock)) {
      if (l.most === undefined) continue;
      const was = (clock[l.to] ?? 0) - (clock[l.from] ?? 0) - (steps[l.from]?.seconds ?? 0);
      const is =
        (plan.starts[l.to] ?? 0) - (plan.starts[l.from] ?? 0) - (steps[l.from]?.seconds ?? 0);
      expect(is).toBeLessThanOrEqual(Math.max(0, was) + 3 + 1e-6);
    }
  });
  it('lets somebody else who can lead make the parts, where that is shorter', () => {
    const led = planCrew(steps, parts, [three[0], person('second', ...SKILLS), three[2]], TOGETHER);
    expect(led.total).toBeLessThanOrEqual(plan.total + 1e-6);
  });
  it('says what a step waits for: its own glass, a hand, a station', () => {
    const two = planCrew(steps, parts, three.slice(0, 2), TOGETHER);
    const causes = new Set(steps.flatMap((_, i) => waitsFor(steps, two, i)?.cause ?? []));
    expect(causes.has('glass')).toBe(true);
    steps.forEach((s, i) => {
      const w = waitsFor(steps, two, i);
      if (!w) return;
      const k = steps.findIndex((t) => t.id === w.after);
      expect((two.starts[k] ?? 0) + (steps[k]?.seconds ?? 0)).toBeCloseTo(two.starts[i] ?? -1, 6);
      if (w.cause === 'station') expect(factsOf(steps[k]).station).toBe(factsOf(s).station);
    });
  });
  it('takes no longer with a second glory hole', () => {
    const more = planCrew(steps, parts, three, TOGETHER, { 'glory hole': 2 });
    expect(more.total).toBeLessThanOrEqual(plan.total + 1e-6);
  });
});

describe('one pair of hands', () => {
  it('does the steps one after another, and no sooner', () => {
    const alone = planCrew(steps, parts, [person('gaffer', ...SKILLS)], ALONE);
    const turn = inTurn(steps);
    const whole = (turn.at(-1) ?? 0) + (steps.at(-1)?.seconds ?? 0);
    expect(alone.total).toBeLessThanOrEqual(whole + 1e-6);
    expect(alone.total).toBeGreaterThanOrEqual(alone.lower - 1e-6);
  });
});
