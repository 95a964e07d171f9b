// Orders of assembly: how many there are, that every one joins everything once, and that each is judged by its own heat.
import { SHIPPED_RACK } from '../rack/rack';
import type { HeatPart } from '../iron/hotShop';
import { lumpOf, SIDES, wallZone } from '../iron/zones';
import { assess, garageWaits } from './assembly';
import { assemblyOrders } from './assemblyOrders';
import type { DraftInput, DraftPart } from './draftInput';
import { draftWork } from './draftWork';
import { factsOf } from '../work/facts';

const glass = SHIPPED_RACK.glass('soft-batch-96');
if (!glass) throw new Error('no soft glass');

const part = (name: string, lowest: number, mass: number, hollow = false): DraftPart => ({
  name,
  hollow,
  closed: false,
  stopper: false,
  gathers: 1,
  colours: [],
  mass,
  lowest,
});
const goblet: DraftInput = {
  form: 'stemmed',
  way: 'furnace',
  parts: [
    part('foot', 0, 0.08),
    part('knop', 0.03, 0.15),
    part('stem', 0.06, 0.05),
    part('bowl', 0.1, 0.2, true),
  ],
  joins: [
    [0, 1],
    [1, 2],
    [2, 3],
  ],
  bits: [],
  main: 3,
};
const heat: HeatPart[] = goblet.parts.map((p) => ({
  name: p.name,
  glass,
  zones: p.hollow
    ? [wallZone({ name: 'wall', end: 'middle' }, 0.003, SIDES.open, 0.02, glass, 0)]
    : [lumpOf(p.mass / 2480, glass)],
  gathered: [p.mass / 2480],
}));

describe('orders of assembly', () => {
  // Three joins in a line can be made in 3! = 6 orders; two of them differ only in what is done apart from the main part.
  it.each([
    { parts: 1, joins: [], orders: 1 },
    { parts: 2, joins: [[0, 1]], orders: 1 },
    {
      parts: 3,
      joins: [
        [0, 1],
        [1, 2],
      ],
      orders: 2,
    },
    {
      parts: 4,
      joins: [
        [0, 1],
        [1, 2],
        [2, 3],
      ],
      orders: 5,
    },
    {
      parts: 4,
      joins: [
        [0, 3],
        [1, 3],
        [2, 3],
      ],
      orders: 6,
    },
  ] as const)('of $parts parts: $orders', ({ parts, joins, orders }) => {
    const all = assemblyOrders(parts, joins, parts - 1);
    expect(all).toHaveLength(orders);
    for (const order of all) {
      expect(order).toHaveLength(parts - 1);
      expect(order.map((j) => j.part)).not.toContain(parts - 1);
      expect(new Set(order.map((j) => j.part)).size).toBe(parts - 1);
    }
  });
  it('of parts that touch in a ring hold on by the nearest joins', () => {
    const ring = [
      [0, 1],
      [1, 2],
      [2, 0],
    ] as const;
    for (const order of assemblyOrders(3, ring, 2)) expect(order).toHaveLength(2);
  });
  it('are no more than asked for', () => {
    const star = Array.from({ length: 9 }, (_, i) => [i, 9] as const);
    expect(assemblyOrders(10, star, 9, 20)).toHaveLength(20);
  });
});

describe('an order drafted', () => {
  const all = assemblyOrders(4, goblet.joins, goblet.main);
  it('makes every join once, and brings everything it joins', () => {
    for (const order of all) {
      const steps = draftWork({ ...goblet, order });
      const joins = steps.filter((s) => factsOf(s).does === 'join');
      expect(joins).toHaveLength(3);
      for (const j of joins) {
        const at = steps.indexOf(j);
        for (const i of [j.part, j.to ?? -1])
          expect(steps.slice(0, at).some((s) => s.part === i && factsOf(s).does === 'gather')).toBe(
            true,
          );
      }
      expect(new Set(steps.map((s) => s.id)).size).toBe(steps.length);
    }
  });
  it('nearest first is the order that is proposed', () => {
    expect(all[0]).toEqual([
      { part: 2, to: 3 },
      { part: 1, to: 2 },
      { part: 0, to: 1 },
    ]);
    const kinds = (steps: ReturnType<typeof draftWork>): string[] =>
      steps.map((s) => `${s.kind} ${String(s.part)}`);
    expect(kinds(draftWork({ ...goblet, order: all[0] }))).toEqual(kinds(draftWork(goblet)));
  });
  it('is judged by its own heat; hanging more further out is more reach', () => {
    const judged = all.map((order) => assess(goblet, heat, order));
    const [first] = judged;
    expect(first?.reach).toBeLessThanOrEqual(Math.min(...judged.map((a) => a.reach)) + 1e-12);
    for (const a of judged) {
      expect(a.risk).toBeGreaterThan(0);
      expect(a.steps.filter((s) => factsOf(s).does === 'heat')).toHaveLength(a.heats);
    }
  });
  it('tells how long what was parked waits', () => {
    const steps = draftWork(goblet);
    let clock = 0;
    const starts = steps.map((s) => {
      const t = clock;
      clock += s.seconds;
      return t;
    });
    const waits = garageWaits(steps, starts);
    // Only the knop is heavy enough to be made apart (120 g and more).
    expect(waits.map((w) => w.part)).toEqual([1]);
    const park = steps.findIndex((s) => s.kind === 'garage');
    const fetch = steps.findIndex((s) => s.kind === 'fetch');
    const between = steps.slice(park + 1, fetch).reduce((sum, s) => sum + s.seconds, 0);
    expect(waits[0]?.seconds).toBeCloseTo(between, 9);
  });
});
