// Coloured tubing at the torch: the wall is of its colour throughout, weighs what that weighs, and is cut by its own density.
import { SHIPPED_RACK } from '../rack/rack';
import { amountVolume, PINCH } from '../fit/lay';
import { startingParts } from '../form/forms';
import { derive, NO_SHOP } from './derive';
import { glassOf, pieceOf } from './shop.fixture';

const glass = glassOf('borosilicate-33');
const tubing = { diameter: 0.032, wall: 0.004 };
const [line] = SHIPPED_RACK.lines.filter(
  ({ entry }) => entry.kind === 'colour' && entry.forms.includes('tubing'),
);
if (!line) throw new Error('no coloured tubing ships');
const { id } = line.entry;
const colour = SHIPPED_RACK.colour(id);
const tumbler = (stock: { diameter: number; wall: number; colour?: string }) => {
  const parts = startingParts('tumbler').map((p) => ({ ...p, stock }));
  const derived = derive(pieceOf('tumbler', 'borosilicate-33', parts), glass, NO_SHOP);
  if (!derived.ok) throw new Error(derived.problems[0]?.message);
  return derived.main;
};

it('is of one colour through and through, and cut as long as clear tubing of its size', () => {
  const [clear, coloured] = [tumbler(tubing), tumbler({ ...tubing, colour: id })];
  expect(clear.layers.map((l) => [l.colour?.id, l.share])).toEqual([[undefined, 1]]);
  expect(coloured.layers.map((l) => [l.colour?.id, l.share])).toEqual([[id, 1]]);
  expect(coloured.stock?.length.value).toBeCloseTo(clear.stock?.length.value ?? 0, 9);
  const density = colour?.density ?? 0;
  expect(coloured.mass).toBeCloseTo(coloured.shape.glassVolume * density, 9);
  expect(coloured.stock?.mass.value).toBeCloseTo(
    ((clear.stock?.mass.value ?? 0) * density) / glass.density,
    9,
  );
});

it('that the rack has lost counts as the part’s own glass', () => {
  expect(tumbler({ ...tubing, colour: 'gone' }).layers[0]?.colour).toBeUndefined();
});

it('a pinch of powder is a third of a gram, whatever it is laid on', () => {
  expect(amountVolume({ kind: 'pinches', count: 3 }, 2500, 0.01) * 2500).toBeCloseTo(3 * PINCH, 12);
  expect(3 * PINCH).toBeCloseTo(0.001, 3);
});
