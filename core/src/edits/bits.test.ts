// Bits added, copied and taken away: on the skin, beside what was there, and without a trace.
import type { PieceDocument } from '@zanfirico/contract/piece';
import { bitVolume } from '../form/bit';
import { BIT_PRESETS } from '../form/presets';
import { FORMS, startingProfile } from '../form/forms';
import { measureShape } from '../form/measure';
import { addBit, bitOn, copyBit, removeBit, sculptureOn, skinPointsOf } from './bits';
import { withChanges } from './changed';
import { copyName } from './copyName';

const bare: Pick<PieceDocument, 'bits' | 'name'> = { name: 'cup' };
const bodyOf = (form: (typeof FORMS)[number]) => {
  const read = measureShape(startingProfile(form), 0.22, form === 'solid');
  if (!read.ok) throw new Error(`${form} can be made`);
  return read.shape;
};

describe('the skin a bit goes on', () => {
  it.each(FORMS.filter((f) => f !== 'stemmed'))('of a %s is its own, at its waist', (form) => {
    const shape = bodyOf(form);
    const { height, radius, tall } = skinPointsOf(shape);
    expect(tall).toBe(shape.height);
    expect(height).toBeGreaterThanOrEqual(shape.lowest);
    expect(height).toBeLessThanOrEqual(shape.lowest + shape.height);
    expect(radius).toBeLessThanOrEqual(shape.widest + 1e-9);
    // The nearest sample of the outline: no other is nearer to 55 % of the height.
    const wanted = shape.lowest + 0.55 * shape.height;
    for (const z of shape.outer.z)
      expect(Math.abs(z - wanted)).toBeGreaterThanOrEqual(Math.abs(height - wanted) - 1e-12);
  });
  it('of nothing drawn yet is an ordinary cup’s', () => {
    expect(skinPointsOf(undefined)).toEqual({ height: 0.05, radius: 0.03, tall: 0.1 });
  });
});

describe('a new bit', () => {
  it.each(BIT_PRESETS)('%s has glass, a name, and a place on the skin', (preset) => {
    const shape = bodyOf('bowl');
    const bit = bitOn(preset, shape);
    expect(bit.name.length).toBeGreaterThan(0);
    expect(bitVolume(bit.shape, bit.place.out) > 0).toBe(preset !== 'spout');
    expect(bit.place.copies).toBeGreaterThanOrEqual(1);
    expect(bit.place.out).toBeLessThanOrEqual(shape.widest + 0.05);
  });
  it('read from a file sits on the skin, once', () => {
    const shape = bodyOf('tumbler');
    const bit = sculptureOn({ kind: 'ball', diameter: 0.02 }, shape);
    expect(bit.place).toEqual({
      height: skinPointsOf(shape).height,
      out: skinPointsOf(shape).radius,
      around: 0,
      tilt: 0,
      copies: 1,
    });
  });
});

describe('the list of bits', () => {
  const one = addBit(bare, bitOn('ball', undefined));
  it('grows at its end, and the piece before is as it was', () => {
    expect(bare.bits).toBeUndefined();
    const two = addBit(one, bitOn('rod', undefined));
    expect(two.bits?.map((b) => b.name)).toEqual([one.bits?.[0]?.name, 'rod']);
    expect(one.bits).toHaveLength(1);
  });
  it('a copy is the same but for its name; of one that is not there nothing is made', () => {
    const two = copyBit(one, 0);
    expect(two.bits?.[1]).toEqual({ ...one.bits?.[0], name: `${one.bits?.[0]?.name ?? ''} again` });
    expect(copyBit(one, 5)).toBe(one);
  });
  it('without its last the file says nothing of bits', () => {
    const none = removeBit(one, 0);
    expect('bits' in none).toBe(false);
    expect(removeBit(one, 7).bits).toHaveLength(1);
  });
});

describe('names and changes', () => {
  it('a copy’s name is no longer than a file takes', () => {
    expect(copyName('foot')).toBe('foot again');
    expect(copyName('x'.repeat(40))).toHaveLength(40);
  });
  it('what is changed to nothing is left out, the rest stays', () => {
    const part = { name: 'foot', glass: 'soft' as string | undefined, mirror: true };
    expect(withChanges(part, { glass: undefined })).toEqual({ name: 'foot', mirror: true });
    expect('glass' in withChanges(part, { glass: undefined })).toBe(false);
    expect(withChanges(part, { name: 'stem' })).toEqual({ ...part, name: 'stem' });
    expect(part.glass).toBe('soft');
  });
});
