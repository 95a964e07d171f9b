// A piece measured against its drawing: the drawing's own walls, what passes, and figures typed in another unit.
import * as fc from 'fast-check';
import type { Glass } from '../glass/glass';
import { derive } from '../piece/derive';
import { pieceOf } from '../piece/shop.fixture';
import { SHIPPED_RACK } from '../rack/rack';
import { FORMS, startingParts } from '../form/forms';
import { against, drawnOf, LET_PASS } from './against';
import { MEASURES } from './morning';

const soft = SHIPPED_RACK.glass('soft-batch-96') as Glass;
const madeOf = (form: (typeof FORMS)[number]) => {
  const derived = derive(pieceOf(form, 'soft-batch-96', startingParts(form)), soft);
  if (!derived.ok) throw new Error('cannot be made');
  return derived;
};

it.each(FORMS)('of a %s as it is drawn every measure passes, and is off by nothing', (form) => {
  const derived = madeOf(form);
  for (const of of MEASURES) {
    const drawn = drawnOf(derived, of, of === 'wall' ? derived.whole.height / 2 : undefined, 0.001);
    if (drawn === undefined) continue;
    expect(against(of, drawn, drawn)).toMatchObject({ off: 0, passes: true, meant: undefined });
  }
});

it('the wall of a tumbler half way up is the one drawn there, between its thinnest and its thickest', () => {
  const { parts, whole, ...rest } = madeOf('tumbler');
  const derived = { parts, whole, ...rest };
  const profile = startingParts('tumbler')[0]?.profile ?? [];
  const wall = drawnOf(derived, 'wall', whole.height / 2) ?? NaN;
  const drawn = profile.map((p) => p.wall);
  expect(wall).toBeGreaterThanOrEqual(0.9 * Math.min(...drawn));
  expect(wall).toBeLessThanOrEqual(1.1 * Math.max(...drawn));
  // Off the piece there is none.
  expect(drawnOf(derived, 'wall', whole.height + 0.01)).toBeUndefined();
});

it('a ball holds nothing and has no lip: neither is asked for', () => {
  const ball = madeOf('ball');
  expect(drawnOf(ball, 'lip', undefined)).toBeUndefined();
  expect(drawnOf(ball, 'capacity', undefined)).toBeUndefined();
});

it.each([
  ['height', 0.12, 0.1228, true],
  ['height', 0.12, 0.1235, false],
  ['wall', 0.003, 0.0024, false],
  ['wall', 0.003, 0.0026, true],
  // An eighth too heavy is too heavy; a twentieth is not.
  ['weight', 0.4, 0.45, false],
  ['weight', 0.4, 0.42, true],
  ['capacity', 0.00035, 0.00037, false],
  ['ovality', 0, 0.001, true],
  ['ovality', 0, 0.003, false],
  // Rounder than it was said to be is no fault.
  ['ovality', 0.004, 0, true],
] as const)('%s drawn %d, made %d: passes %s', (of, drawn, made, passes) => {
  expect(against(of, drawn, made).passes).toBe(passes);
});

it('with a tolerance of one’s own that holds', () => {
  expect(against('height', 0.12, 0.1228, { ...LET_PASS, height: 0.002 }).passes).toBe(false);
});

it.each([
  // 12.3 meant as centimetres, read as millimetres.
  ['height', 0.12, 0.0123, 'cm', 0.123],
  // 4.75 inches read as millimetres.
  ['height', 0.12, 0.00475, 'in', 0.12065],
  // 0.41 kg read as grams.
  ['weight', 0.4, 0.00041, 'kg', 0.41],
  // 14.2 oz read as grams.
  ['weight', 0.4, 0.0142, 'oz', 0.40257],
  ['capacity', 0.00035, 0.00000035, 'l', 0.00035],
] as const)('%s drawn %d, typed as %d: it was meant in %s', (of, drawn, typed, unit, meant) => {
  const told = against(of, drawn, typed).meant;
  expect(told?.unit).toBe(unit);
  expect(told?.value).toBeCloseTo(meant, 5);
});

it('what is merely far off is not questioned: a figure no unit explains stands', () => {
  expect(against('height', 0.12, 0.06).meant).toBeUndefined();
  expect(against('height', 0.12, 0.025).meant).toBeUndefined();
});

it('nothing near the drawing is ever questioned', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...MEASURES),
      fc.double({ min: 0.001, max: 1, noNaN: true }),
      fc.double({ min: 0.4, max: 2.5, noNaN: true }),
      (of, drawn, by) => against(of, drawn, drawn * by).meant === undefined,
    ),
  );
});
