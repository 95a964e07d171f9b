// A tap on the section says where a break began, in the words it is told by.
import type { Glass } from '../glass/glass';
import { derive } from '../piece/derive';
import { pieceOf } from '../piece/shop.fixture';
import { SHIPPED_RACK } from '../rack/rack';
import { startingParts } from '../form/forms';
import { whereOn } from './whereOn';

const derived = derive(
  pieceOf('tumbler', 'soft-batch-96', startingParts('tumbler')),
  SHIPPED_RACK.glass('soft-batch-96') as Glass,
);
if (!derived.ok) throw new Error('cannot be made');
const { lowest, height, widest, lipRadius } = derived.whole;

it.each([
  ['the lip', lipRadius, lowest + 0.98 * height],
  ['the lip', -lipRadius, lowest + height],
  ['under the scar', 0.001, lowest + 0.001],
  ['the base', 0.9 * widest, lowest + 0.001],
  // Half way up a plain wall another word is for whoever looks.
  [undefined, widest, lowest + 0.55 * height],
] as const)('%s', (where, out, at) => {
  expect(whereOn(derived, out, at)).toBe(where);
});
