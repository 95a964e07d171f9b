// A part of another piece finds its place: on what is in hand, under a vessel, on the table.
import type { Form } from '@zanfirico/contract/piece';
import { startingParts } from '../form/forms';
import { derive, NO_SHOP } from '../piece/derive';
import { ORDINARY_FIRING, ORDINARY_MAKING } from '../piece/ordinary';
import { glassOf } from '../piece/shop.fixture';
import type { Edited } from './parts';
import { takeIn } from './takenIn';

const pieceOf = (form: Form): Edited & { form: Form } => ({
  form,
  parts: startingParts(form).map((p, i) => ({
    ...p,
    id: `p${String(i + 1)}`,
    profile: [...p.profile],
  })),
  fillLine: 0.15,
});
const stands = (piece: Edited & { form: Form }) => {
  const derived = derive(
    { ...piece, way: 'furnace', making: ORDINARY_MAKING, firing: ORDINARY_FIRING, bits: [] },
    glassOf('soft-batch-96'),
    NO_SHOP,
  );
  if (!derived.ok) throw new Error(derived.problems[0]?.message);
  return derived;
};
const [stem] = startingParts('stemmed').filter((p) => p.name === 'stem');
if (!stem) throw new Error('no stem');
const taken = { ...stem, profile: [...stem.profile], glass: 'soft-rod-104' };

it('under the vessel in hand, which is lifted with its fill line', () => {
  const goblet = pieceOf('stemmed');
  const next = takeIn(goblet, stands(goblet), taken, 3);
  const after = stands(next);
  expect(after.whole.remarks).toEqual([]);
  expect(after.whole.height).toBeCloseTo(stands(goblet).whole.height + 0.06, 4);
  expect(next.fillLine).toBeCloseTo(0.15 + 0.06, 6);
  // Its own glass comes with it, its name and id are nobody else's.
  expect(next.parts.at(-1)).toMatchObject({ name: 'stem 2', glass: 'soft-rod-104', id: 'p5' });
});

it('on the solid in hand, and what stood there goes up', () => {
  const goblet = pieceOf('stemmed');
  const next = takeIn(goblet, stands(goblet), taken, 0);
  expect(Math.min(...(next.parts.at(-1)?.profile ?? []).map((p) => p.height))).toBeCloseTo(
    0.014,
    6,
  );
  expect(next.parts[1]?.profile[0]?.height).toBeCloseTo(0.014 + 0.06, 6);
  expect(next.parts[0]).toEqual(goblet.parts[0]);
  expect(stands(next).whole.remarks).toEqual([]);
});

it('on the table where nothing can be drawn yet', () => {
  const next = takeIn(pieceOf('solid'), undefined, taken, 0);
  expect(next.parts.at(-1)?.profile[0]?.height).toBeCloseTo(0, 9);
});
