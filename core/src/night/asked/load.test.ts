// Loads and weeks: what stands where, who sets the clock, what goes when.
import * as fc from 'fast-check';
import { loadNight, stand } from './load';
import { hard, HOUR, even, stepped, tonight, piece } from '../nights.fixture';
import { planWeek, type WeekPiece } from './week';

const inside = { width: 0.5, depth: 0.5, height: 0.3 };

describe('a load', () => {
  it('pieces stand apart and inside, too tall ones do not', () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.integer({ min: 3, max: 25 }), fc.integer({ min: 3, max: 25 })), {
          maxLength: 14,
        }),
        (sizes) => {
          const pieces = sizes.map(([w, d], i) => ({
            ...piece(`p${String(i)}`, even(5)),
            width: w / 100,
            depth: d / 100,
          }));
          const { standing, left } = stand(pieces, inside);
          const boxes = standing.map((s) => {
            const p = pieces.find((q) => q.id === s.id);
            const [w, d] = s.turned ? [p?.depth, p?.width] : [p?.width, p?.depth];
            return { x: s.x, y: s.y, w: w ?? 0, d: d ?? 0 };
          });
          const apart = boxes.every((a, i) =>
            boxes.every(
              (b, j) =>
                i >= j ||
                a.x + a.w <= b.x + 1e-9 ||
                b.x + b.w <= a.x + 1e-9 ||
                a.y + a.d <= b.y + 1e-9 ||
                b.y + b.d <= a.y + 1e-9,
            ),
          );
          return (
            apart &&
            boxes.every((b) => b.x + b.w <= 0.5 + 1e-9 && b.y + b.d <= 0.5 + 1e-9) &&
            standing.length + left.length === pieces.length
          );
        },
      ),
      { numRuns: 100 },
    );
    expect(stand([{ ...piece('tall', even(5)), height: 0.4 }], inside).left).toEqual(['tall']);
  });
  const rest = tonight(even(5));
  it('the thickest rules, and leaving it out saves its difference', () => {
    const loaded = loadNight(
      [
        piece('cup', stepped(5, 3)),
        piece('weight', even(60, 'ball')),
        piece('bowl', stepped(8, 4)),
      ],
      rest,
    );
    if (!loaded.ok) throw new Error(loaded.says);
    expect(loaded.night.rules).toBe('weight');
    expect(loaded.night.saves?.then).toBe('bowl');
    expect(loaded.night.saves?.seconds).toBeGreaterThan(2 * HOUR);
    for (const o of loaded.night.outcomes) expect(o.holds).toBe(true);
  });
  it('six alike take six places, and one night', () => {
    const tumbler = { ...piece('tumbler', stepped(5, 3)), count: 6 };
    const { standing, left } = stand([tumbler], inside);
    expect(standing.map((s) => s.id)).toEqual(Array(6).fill('tumbler'));
    expect(new Set(standing.map((s) => `${s.x.toFixed(3)} ${s.y.toFixed(3)}`)).size).toBe(6);
    expect(left).toEqual([]);
    // 100 mm each with 20 mm between: four by four and no more.
    expect(stand([{ ...tumbler, count: 18 }], inside).left).toEqual(['tumbler', 'tumbler']);
    const [six, one] = [loadNight([tumbler], rest), loadNight([{ ...tumbler, count: 1 }], rest)];
    if (!six.ok || !one.ok) throw new Error('no night');
    expect(six.night.outcomes).toHaveLength(1);
    expect(six.night.checked.schedule.total.value).toBe(one.night.checked.schedule.total.value);
  });
  it('hard and soft cannot share', () => {
    const loaded = loadNight([piece('cup', even(5)), piece('pipe', even(4), 0.1, hard)], rest);
    expect(loaded.ok).toBe(false);
    if (!loaded.ok) expect(loaded.ids).toEqual(['pipe']);
    expect(loadNight([], rest).ok).toBe(false);
  });
});

describe('a week', () => {
  const DAY = 24 * HOUR;
  const made = (id: string, day: number, due: number, hours: number, size = 0.2): WeekPiece => ({
    ...piece(id, even(5), size),
    ready: day * DAY + 17 * HOUR,
    due: due * DAY + 10 * HOUR,
    nights: [hours * HOUR, hours * HOUR],
  });
  const annealers = [
    { id: 'big', inside, free: 0 },
    { id: 'small', inside: { width: 0.25, depth: 0.25, height: 0.3 }, free: 0 },
  ];
  it('puts everything somewhere once, in boxes it fits, one load at a time', () => {
    const pieces = Array.from({ length: 12 }, (_, i) =>
      made(`p${String(i)}`, i % 4, (i % 4) + 2, i % 5 === 0 ? 30 : 12),
    );
    const week = planWeek(pieces, annealers);
    expect(week.homeless).toEqual([]);
    expect(week.loads.flatMap((l) => l.pieces).sort()).toEqual(pieces.map((p) => p.id).sort());
    for (const a of annealers) {
      const mine = week.loads.filter((l) => l.annealer === a.id);
      mine.slice(1).forEach((l, i) => {
        expect(l.lastIn).toBeGreaterThanOrEqual((mine[i]?.door ?? 0) - 1e-6);
      });
      for (const l of mine) {
        const ids = new Set(l.pieces);
        expect(
          stand(
            pieces.filter((p) => ids.has(p.id)),
            a.inside,
          ).left,
        ).toEqual([]);
        expect(l.lastIn).toBeGreaterThanOrEqual(
          Math.max(...pieces.filter((p) => ids.has(p.id)).map((p) => p.ready)),
        );
      }
    }
    expect(week.late).toEqual([]);
  });
  it('puts nothing from the bench to what is fired from cold, nor two kinds of that together', () => {
    const cold = (id: string): WeekPiece => ({ ...made(id, 0, 9, 40), fromCold: true });
    const week = planWeek([made('cup', 0, 9, 12), cold('plate'), cold('tile')], annealers);
    expect(week.loads.map((l) => l.pieces)).toHaveLength(3);
    expect(planWeek([{ ...cold('plate'), count: 2 }], annealers).loads).toHaveLength(1);
  });
  it('keeps a long piece away from those that are due in the morning', () => {
    const week = planWeek(
      [made('cup', 0, 1, 12), made('weight', 0, 4, 60), made('jug', 0, 1, 12)],
      annealers,
    );
    expect(week.late).toEqual([]);
    const of = (id: string) => week.loads.find((l) => l.pieces.includes(id));
    expect(of('weight')).not.toBe(of('cup'));
  });
  it('takes each annealer’s own night: what is due goes into the one that cools sooner', () => {
    const two = { ...made('cup', 0, 1, 0), nights: [20 * HOUR, 12 * HOUR] };
    const week = planWeek([two], annealers);
    expect(week.loads).toHaveLength(1);
    expect(week.loads[0]?.annealer).toBe('small');
    expect(week.late).toEqual([]);
  });
  it('shares more of a piece than one box holds out to several loads, none of them lost', () => {
    const week = planWeek([{ ...made('cup', 0, 3, 12), count: 9 }], annealers);
    expect(week.loads.length).toBeGreaterThan(1);
    expect(week.loads.flatMap((l) => l.pieces)).toEqual(Array(9).fill('cup'));
    for (const l of week.loads)
      expect(l.pieces.length).toBeLessThanOrEqual(l.annealer === 'big' ? 4 : 1);
    expect(week.late).toEqual([]);
    const late = planWeek([{ ...made('cup', 0, 0, 12), count: 3 }], annealers).late;
    expect(late).toEqual([{ id: 'cup', count: 3, seconds: expect.any(Number) as number }]);
  });
  it('says what comes late and what fits nowhere', () => {
    const week = planWeek([made('cup', 0, 0, 12), made('door', 0, 5, 12, 0.9)], annealers);
    expect(week.homeless).toEqual(['door']);
    expect(week.late.map((l) => l.id)).toEqual(['cup']);
  });
});
