// A whole piece: everything that answers a drag, together.
import * as fc from 'fast-check';
import { findGlass, REPRESENTATIVE_GLASSES } from '../rack/glasses';
import type { Figure } from '../units/why';
import { FORMS, startingProfile } from '../form/forms';
import { holdingSeconds, minutesOfDay } from './clock';
import { ORDINARY_FIRING, ORDINARY_MAKING } from './ordinary';
import { checkedSchedule, firstGuess } from '../night/checked';
import { derive, type Derived, type PieceInput } from './derive';

const soft = findGlass('soft-batch-96') as NonNullable<ReturnType<typeof findGlass>>;

const piece = (change: Partial<PieceInput> = {}): PieceInput => ({
  form: 'tumbler',
  way: 'furnace',
  parts: [{ profile: startingProfile('tumbler') }],
  making: ORDINARY_MAKING,
  firing: ORDINARY_FIRING,
  ...change,
});

const good = (d: Derived): Extract<Derived, { ok: true }> => {
  if (!d.ok) throw new Error(d.problems[0]?.message);
  return d;
};

describe('deriving a piece', () => {
  it('works for every form in every glass, at furnace and torch', () => {
    for (const form of FORMS)
      for (const glass of REPRESENTATIVE_GLASSES)
        for (const way of ['furnace', 'torch'] as const) {
          const d = good(
            derive(piece({ form, way, parts: [{ profile: startingProfile(form) }] }), glass),
          );
          expect(d.readings.mass.value).toBeGreaterThan(0);
          expect(d.gathers === undefined).toBe(way === 'torch');
          expect(d.stock === undefined).toBe(way === 'furnace');
        }
  });

  it('cuts as much tubing as the piece and its trimmings hold', () => {
    const d = good(derive(piece({ way: 'torch' }), soft));
    const section = (Math.PI / 4) * (0.038 ** 2 - 0.03 ** 2);
    expect((d.stock?.length.value ?? 0) * section).toBeCloseTo(d.main.shape.glassVolume * 1.15, 12);
  });

  it('has no stock, and no crash, for a tube without a bore', () => {
    const making = { ...piece().making, tube: { outerDiameter: 0.01, wall: 0.006 } };
    expect(good(derive(piece({ way: 'torch', making }), soft)).stock).toBeUndefined();
  });

  it('cools a bottle and a ball as one-sided walls, an open tumbler as a slab', () => {
    const says = (form: (typeof FORMS)[number]): string =>
      firstGuess(
        good(derive(piece({ form, parts: [{ profile: startingProfile(form) }] }), soft)).night,
      ).slowRate.why.says;
    expect(says('bottle')).toContain('outside only');
    expect(says('ball')).toContain('outside only');
    expect(says('tumbler')).toContain('both sides');
  });

  it('a thicker wall everywhere never shortens the night and never lightens the piece', () => {
    const at = (form: (typeof FORMS)[number], extra: number) =>
      good(
        derive(
          piece({
            form,
            parts: [
              { profile: startingProfile(form).map((p) => ({ ...p, wall: p.wall + extra })) },
            ],
          }),
          soft,
        ),
      );
    fc.assert(
      fc.property(
        fc.constantFrom(...FORMS),
        fc.double({ min: 0, max: 0.003, noNaN: true }),
        (form, extra) => {
          const thin = at(form, 0);
          const thick = at(form, extra);
          return (
            firstGuess(thick.night).total.value >= firstGuess(thin.night).total.value - 1e-6 &&
            thick.readings.mass.value >= thin.readings.mass.value - 1e-9
          );
        },
      ),
      { numRuns: rounds(40) },
    );
  });

  it('every figure answers why: a sentence, a formula, inputs, a source, what would change it', () => {
    const d = good(derive(piece(), soft));
    // By its joined walls: another section's figures are the same fields.
    const { schedule } = checkedSchedule({ ...d.night, drawn: undefined });
    const figures: (Figure | undefined)[] = [
      ...(Object.values(d.readings) as Figure[]),
      d.gathers?.count,
      d.gathers?.toGather,
      d.gathers?.layer,
      schedule.soak,
      schedule.slowRate,
      schedule.slowEnd,
      schedule.quickRate,
      schedule.total,
      schedule.leaves,
      schedule.passing,
    ];
    for (const figure of figures) {
      expect(figure?.why.says).toBeTruthy();
      expect(figure?.why.formula).toBeTruthy();
      expect(figure?.why.inputs.length).toBeGreaterThan(0);
      expect(figure?.why.source).toBeTruthy();
      expect(figure?.why.changes).toBeTruthy();
    }
  });

  it('hands back the problems of a drawing instead of figures', () => {
    const hollow = startingProfile('tumbler').map((p) => ({ ...p, wall: 0.06 }));
    const d = derive(
      piece({ parts: [{ profile: startingProfile('tumbler') }, { profile: hollow }] }),
      soft,
    );
    if (d.ok) throw new Error('walls thicker than the room cannot be made');
    // Named by part, point and field, with what was given; the part that can be drawn still is.
    expect(d.problems.length).toBeGreaterThan(0);
    for (const p of d.problems) expect(p).toMatchObject({ part: 1, field: 'wall', given: 0.06 });
    expect(d.problems[0]?.message).toMatch(/thicker than the room there/);
    expect(d.shapes.map((s) => s !== undefined)).toEqual([true, false]);
  });
});

describe('the clock', () => {
  it('holds past midnight when the last is earlier on the clock', () => {
    expect(holdingSeconds('10:00', '17:30')).toBe(7.5 * 3600);
    expect(holdingSeconds('22:00', '02:00')).toBe(4 * 3600);
  });

  it.each(['24:00', '7:00', '12:60', 'noon', ''])('refuses %p', (text) => {
    expect(() => minutesOfDay(text)).toThrow(/time of day/);
  });
});
