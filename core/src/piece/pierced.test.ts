// What comes through a wall is said, and what only melts into it is not.
import type { Across } from '@zanfirico/contract/piece';
import { derive } from './derive';
import { glassOf, outline, pieceOf } from './shop.fixture';
import type { BitInput } from './bits';

const cup = outline([0, 0, 4, true], [0, 40, 4, true], [100, 40, 4, true]);
const said = (bit: Partial<BitInput>, across?: Across): readonly string[] => {
  const knob: BitInput = {
    name: 'knob',
    shape: { kind: 'ball', diameter: 0.016 },
    place: { height: 0.05, out: 0.0475, around: 0, tilt: 0, copies: 1 },
    ...bit,
  };
  const derived = derive(
    pieceOf(
      'tumbler',
      'soft-batch-96',
      [{ name: 'cup', profile: cup, ...(across && { across }) }],
      { bits: [knob] },
    ),
    glassOf('soft-batch-96'),
  );
  if (!derived.ok) throw new Error(derived.problems[0]?.message);
  return derived.whole.remarks.map((r) => r.message);
};
const place = { height: 0.05, around: 0, tilt: 0, copies: 1 };

it.each<[string, Partial<BitInput>, RegExp | undefined]>([
  ['a ball set on the skin', {}, undefined],
  ['a ball melted 3 mm in', { place: { ...place, out: 0.045 } }, undefined],
  // Its middle on the skin: 8 mm in, through 4 mm of wall.
  [
    'a ball half way in',
    { place: { ...place, out: 0.04 } },
    /knob comes through the wall of the cup, 4 mm into the hollow/,
  ],
  [
    'a tube, whose bore opens inside',
    {
      shape: {
        kind: 'bent',
        diameter: 0.012,
        wall: 0.002,
        path: [
          { out: -0.006, up: 0 },
          { out: 0.03, up: 0.02 },
        ],
      },
      place: { ...place, out: 0.04 },
    },
    undefined,
  ],
])('%s', (_, bit, says) => {
  const remarks = said(bit);
  if (says) expect(remarks).toEqual([expect.stringMatching(says)]);
  else expect(remarks).toEqual([]);
});

describe('on a wall that is not round', () => {
  const oval: Across = { kind: 'oval', depth: 0.6, square: 2 };
  // The narrow side is 24 mm from the axis.
  it('a bit on its flat side is looked at there', () => {
    const aside = { ...place, around: Math.PI / 2 };
    expect(said({ place: { ...aside, out: 0.031 } }, oval)).toEqual([]);
    expect(said({ place: { ...aside, out: 0.0475 } }, oval)).toEqual([
      expect.stringMatching(/hangs in the air, 15\.\d mm/),
    ]);
    expect(said({ place: { ...aside, out: 0.024 } }, oval)).toEqual([
      expect.stringMatching(/comes through the wall/),
    ]);
  });
});
