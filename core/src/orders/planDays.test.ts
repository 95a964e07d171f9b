// Days planned, against plans made by hand.
import * as fc from 'fast-check';
import { attemptsFor } from '../log/attempts';
import { mornings, planDays, type DaysAsked, type WantedPiece } from './planDays';

const HOUR = 3600;
const CUP: WantedPiece = {
  id: 'cup',
  seconds: HOUR / 2,
  mass: 1,
  glass: 'soft',
  lost: 0,
  boxes: [{ holds: 6, night: 14 * HOUR }],
};
const asked = (change: Partial<DaysAsked> = {}): DaysAsked => ({
  wanted: [{ id: 'w', piece: 'cup', count: 12, due: 5 }],
  pieces: [CUP],
  bench: Array.from({ length: 7 }, () => 6 * HOUR),
  pots: [{ glass: 'soft', level: 100, least: 20, holds: 130, charge: 40, ready: 1 }],
  ...change,
});
const counts = (a: DaysAsked): number[] =>
  planDays(a).days.map((d) => d.work.reduce((s, w) => s + w.count, 0));

describe('planned by hand', () => {
  it('twelve that stand six to a box take two days, though a day has hours for all', () => {
    expect(counts(asked())).toEqual([6, 6, 0, 0, 0, 0, 0]);
    const [out] = planDays(asked()).cameOut;
    expect(out).toMatchObject({ inTime: 12, out: 2, lacks: undefined });
  });
  it('four hours a day are eight of half an hour, where boxes are large', () => {
    const large = { ...CUP, boxes: [{ holds: 40, night: 14 * HOUR }] };
    expect(
      counts(asked({ pieces: [large], bench: Array.from({ length: 4 }, () => 4 * HOUR) })),
    ).toEqual([8, 4, 0, 0]);
  });
  it('one in five lost: twelve good ones take fifteen', () => {
    expect(attemptsFor(12, 0.2)).toBe(15);
    const large = { ...CUP, lost: 0.2, boxes: [{ holds: 40, night: 14 * HOUR }] };
    expect(counts(asked({ pieces: [large] }))).toEqual([12, 3, 0, 0, 0, 0, 0]);
  });
  it('a night of 30 h keeps its box the next day too: every other day', () => {
    expect([14, 16, 17, 30, 41].map((h) => mornings(h * HOUR))).toEqual([1, 1, 2, 2, 3]);
    const slow = { ...CUP, boxes: [{ holds: 6, night: 30 * HOUR }] };
    expect(counts(asked({ pieces: [slow] }))).toEqual([6, 0, 6, 0, 0, 0, 0]);
  });
  it('the pot is charged in the evening when it would not last, and cannot be gathered from until it is fit', () => {
    const large = { ...CUP, boxes: [{ holds: 40, night: 14 * HOUR }] };
    const low = { glass: 'soft', level: 26, least: 20, holds: 130, charge: 40, ready: 2 };
    const a = asked({
      pieces: [large],
      pots: [low],
      bench: Array.from({ length: 5 }, () => 5 * HOUR),
    });
    // Six kilograms are above what is too shallow; a day without; the rest.
    expect(counts(a)).toEqual([6, 0, 6, 0, 0]);
    const { days } = planDays(a);
    expect(days.map((d) => d.pots[0]?.charge)).toEqual([40, 0, 0, 0, 0]);
    expect(days[1]?.pots[0]?.fit).toBe(false);
  });
  it('what cannot be done is said: how many are in time, what is lacking and by how much', () => {
    const large = { ...CUP, boxes: [{ holds: 40, night: 14 * HOUR }] };
    const tight = asked({
      wanted: [{ id: 'w', piece: 'cup', count: 12, due: 2 }],
      pieces: [large],
      bench: [2 * HOUR, 2 * HOUR, 2 * HOUR],
    });
    const [out] = planDays(tight).cameOut;
    // Four a day; out by day 2 are those of days 0 and 1.
    expect(out).toMatchObject({ inTime: 8, lacks: 'hours', short: 2 * HOUR, out: 3 });
    const giant = { ...CUP, boxes: [{ holds: 0, night: 14 * HOUR }] };
    expect(planDays(asked({ pieces: [giant] })).cameOut[0]).toMatchObject({
      inTime: 0,
      lacks: 'fits no box',
      out: undefined,
    });
    expect(planDays(asked({ pots: [] })).cameOut[0]).toMatchObject({ lacks: 'no such pot' });
  });
  it('what is due first goes first; what may not begin yet waits', () => {
    const large = { ...CUP, boxes: [{ holds: 40, night: 14 * HOUR }] };
    const a = asked({
      pieces: [large],
      bench: [3 * HOUR, 3 * HOUR, 3 * HOUR],
      wanted: [
        { id: 'late', piece: 'cup', count: 6, due: 9 },
        { id: 'soon', piece: 'cup', count: 6, due: 2 },
        { id: 'not yet', piece: 'cup', count: 1, due: 3, from: 2 },
      ],
    });
    expect(planDays(a).days.map((d) => d.work.map((w) => w.wanted))).toEqual([
      ['soon'],
      ['late'],
      ['not yet'],
    ]);
  });
  it('moved by hand it stays there, beyond the hours too, and the rest is planned round it', () => {
    const large = { ...CUP, boxes: [{ holds: 40, night: 14 * HOUR }] };
    const a = asked({
      pieces: [large],
      bench: [2 * HOUR, 2 * HOUR, 2 * HOUR, 2 * HOUR],
      wanted: [{ id: 'w', piece: 'cup', count: 12, due: 4, pinned: { 0: 0, 2: 6 } }],
    });
    expect(counts(a)).toEqual([0, 4, 6, 2]);
    expect(planDays(a).days[2]?.over).toBe(HOUR);
  });
  it('torch work takes from no pot', () => {
    const bead = { ...CUP, glass: undefined };
    expect(counts(asked({ pieces: [bead], pots: [] }))).toEqual([6, 6, 0, 0, 0, 0, 0]);
  });
});

it('whatever is wanted, no day goes beyond its hours, no pot under what is too shallow, and nothing is made twice', () => {
  const wish = fc.record({
    count: fc.integer({ min: 1, max: 40 }),
    due: fc.integer({ min: 0, max: 12 }),
    seconds: fc.integer({ min: 300, max: 20_000 }),
    mass: fc.double({ min: 0.05, max: 8, noNaN: true }),
    lost: fc.double({ min: 0, max: 0.6, noNaN: true }),
    holds: fc.integer({ min: 0, max: 12 }),
  });
  fc.assert(
    fc.property(
      fc.array(wish, { minLength: 1, maxLength: 6 }),
      fc.double({ min: 0, max: 100, noNaN: true }),
      (all, level) => {
        const a: DaysAsked = {
          wanted: all.map((w, i) => ({
            id: String(i),
            piece: String(i),
            count: w.count,
            due: w.due,
          })),
          pieces: all.map((w, i) => ({
            ...CUP,
            ...w,
            id: String(i),
            boxes: [
              { holds: w.holds, night: 20 * HOUR },
              { holds: w.holds, night: 10 * HOUR },
            ],
          })),
          bench: Array.from({ length: 14 }, () => 6 * HOUR),
          pots: [{ glass: 'soft', level, least: 20, holds: 130, charge: 60, ready: 1 }],
        };
        const plan = planDays(a);
        for (const d of plan.days) {
          expect(d.over).toBe(0);
          expect(d.seconds).toBeLessThanOrEqual(6 * HOUR);
          expect(d.pots[0]?.level).toBeGreaterThanOrEqual(Math.min(level, 20) - 1e-6);
        }
        plan.cameOut.forEach((c) => {
          expect(c.planned).toBeLessThanOrEqual(c.attempts);
          expect(c.inTime).toBeLessThanOrEqual(all[Number(c.wanted)]?.count ?? 0);
          if (c.planned === c.attempts) expect(c.out).toBeDefined();
        });
      },
    ),
  );
});
