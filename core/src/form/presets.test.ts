// What is added to a piece begins where it belongs: touching, not overlapping, and of glass that can be made.
import { findGlass } from '../rack/glasses';
import { derive, type PieceInput } from '../piece/derive';
import { ORDINARY_FIRING, ORDINARY_MAKING } from '../piece/ordinary';
import type { BitInput } from '../piece/bits';
import { FORMS, startingParts, startingProfile } from './forms';
import { BIT_PRESETS, newBit, newPart, PART_PRESETS } from './presets';
import { shrunkBlank } from './pattern/blank';
import { measureShape } from './measure';

const glass = findGlass('soft-batch-96');
if (!glass) throw new Error('the rack has lost its soft batch');
const soft = glass;
const piece = (change: Partial<PieceInput>): PieceInput => ({
  form: 'bottle',
  way: 'furnace',
  parts: [{ name: 'body', profile: startingProfile('bottle') }],
  making: ORDINARY_MAKING,
  firing: ORDINARY_FIRING,
  ...change,
});
const good = (input: PieceInput) => {
  const derived = derive(input, soft);
  if (!derived.ok) throw new Error(derived.problems[0]?.message);
  return derived;
};
const bottle = good(piece({}));

describe('starting forms', () => {
  it.each(FORMS)('%s can be made as it is, and nothing hangs loose', (form) => {
    const { whole, parts } = good(piece({ form, parts: startingParts(form) }));
    expect(whole.remarks).toEqual([]);
    expect(parts.every((p) => p.gathers?.verdict.verdict !== 'no')).toBe(true);
  });
});

describe('new parts', () => {
  /** The bottle or the goblet with a part added, everything above it lifted. */
  const withNew = (
    form: 'bottle' | 'stemmed',
    preset: (typeof PART_PRESETS)[number],
    inHand: number,
  ) => {
    const before = good(piece({ form, parts: startingParts(form) }));
    const { vessel } = before.whole;
    const { part, from, by } = newPart(preset, {
      outlines: before.parts.map((p) => p.outline),
      inHand,
      vessel: inHand === vessel?.index,
      mouth: vessel && {
        height: vessel.shape.inner.z[vessel.shape.inner.z.length - 1] as number,
        throat: vessel.shape.throat,
      },
    });
    const lifted = startingParts(form).map((p) =>
      Math.min(...p.profile.map((q) => q.height)) >= from
        ? { ...p, profile: p.profile.map((q) => ({ ...q, height: q.height + by })) }
        : p,
    );
    return good(piece({ form, parts: [...lifted, part] }));
  };

  it.each(PART_PRESETS)('%s comes to rest on a bottle', (preset) => {
    const { whole, closures } = withNew('bottle', preset, 0);
    if (preset === 'stopper') expect(closures[0]?.fit.depth).toBeGreaterThan(0.005);
    else expect(whole.remarks).toEqual([]);
    expect(whole.lowest).toBeGreaterThan(-1e-6);
  });

  it.each([0, 1, 2, 3])(
    'a knop goes into a stemmed glass at part %i, and all still touch',
    (inHand) => {
      const { whole } = withNew('stemmed', 'knop', inHand);
      expect(whole.remarks).toEqual([]);
      expect(whole.height).toBeGreaterThan(0.18 + 0.02);
    },
  );

  it('needs no neighbour', () => {
    const { part } = newPart('foot', { outlines: [], inHand: 0, vessel: false, mouth: undefined });
    expect(part.profile[0]?.height).toBe(0);
  });
});

describe('new bits', () => {
  it.each(BIT_PRESETS)('%s touches the body', (preset) => {
    const { shape } = bottle.main;
    const at = shape.outer.z.findIndex((z) => z > 0.06);
    const bit: BitInput = newBit(preset, {
      height: shape.outer.z[at] as number,
      radius: shape.outer.r[at] as number,
      tall: shape.height,
    });
    const { whole, bits } = good(piece({ bits: [bit] }));
    expect(whole.remarks).toEqual([]);
    // A pulled spout is the lip's own glass.
    if (preset === 'spout') expect(bits[0]?.mass).toBe(0);
    else expect(bits[0]?.mass).toBeGreaterThan(0);
  });
});

describe('a blank', () => {
  it.each(['tumbler', 'bowl', 'ball', 'plate'] as const)(
    'of a %s holds all its glass in seven tenths of its width',
    (form) => {
      const blank = shrunkBlank(startingProfile(form), 0.7, soft.poisson);
      const a = blank && measureShape(blank, soft.poisson);
      const b = measureShape(startingProfile(form), soft.poisson);
      if (!a?.ok || !b.ok) throw new Error('both must be makeable');
      expect(a.shape.widest / b.shape.widest).toBeCloseTo(0.7, 3);
      expect(Math.abs(a.shape.glassVolume / b.shape.glassVolume - 1)).toBeLessThan(0.03);
      expect(a.shape.thinnest.wall).toBeGreaterThan(b.shape.thinnest.wall);
    },
  );

  it('is refused where the glass would fill it', () => {
    expect(shrunkBlank(startingProfile('tumbler'), 0.4, soft.poisson)).toBeUndefined();
  });
});
