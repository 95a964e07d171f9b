// A piece made larger in the same form: its glass goes by the cube where walls go with it, and what stood together still does.
import { derive } from '../piece/derive';
import { startingParts } from '../form/forms';
import { BIT_PRESETS, newBit } from '../form/presets';
import { bitVolume } from '../form/bit';
import { glassOf, pieceOf } from '../piece/shop.fixture';
import { scaledPart, scaledWhole } from './scale';

const soft = glassOf('soft-batch-96');
const goblet = pieceOf('stemmed', 'soft-batch-96', startingParts('stemmed'), { fillLine: 0.14 });
const bits = BIT_PRESETS.map((preset) => newBit(preset, { height: 0.05, radius: 0.03, tall: 0.1 }));
const read = (piece: typeof goblet) => {
  const d = derive(piece, soft);
  if (!d.ok) throw new Error(d.problems[0]?.message);
  return d;
};
type Whole = Parameters<typeof scaledWhole>[0];
const whole = (by: number, walls: 'kept' | 'scaled') =>
  scaledWhole(goblet as unknown as Whole, by, walls) as unknown as typeof goblet;

describe('the whole, twice as large', () => {
  it('with its walls: eight times the glass, twice as high, four times the skin', () => {
    const [a, b] = [read(goblet).whole, read(whole(2, 'scaled')).whole];
    expect(b.volume / a.volume).toBeCloseTo(8, 4);
    expect(b.height / a.height).toBeCloseTo(2, 6);
    expect(b.capacity / a.capacity).toBeCloseTo(8, 4);
    expect(b.thickest.wall / a.thickest.wall).toBeCloseTo(2, 3);
    expect(b.fill?.line).toBeCloseTo(0.28, 6);
    expect(b.remarks).toEqual([]);
  });
  it('its walls kept: blown parts as thick as before, and all still touch', () => {
    const [a, b] = [read(goblet), read(whole(1.5, 'kept'))];
    const bowl = (d: typeof a) =>
      d.parts.find((p) => p.name === 'bowl')?.shape.thinnest.wall ?? NaN;
    expect(bowl(b)).toBeCloseTo(bowl(a), 5);
    expect(b.whole.remarks).toEqual([]);
  });
  it('and back again is what it was, to the micron', () => {
    const there = scaledWhole(goblet as unknown as Whole, 2, 'scaled');
    const back = scaledWhole(there, 0.5, 'scaled') as unknown as typeof goblet;
    back.parts.forEach((p, i) => {
      p.profile.forEach((q, k) => {
        const was = goblet.parts[i]?.profile[k];
        expect(q.height).toBeCloseTo(was?.height ?? NaN, 5);
        expect(q.radius).toBeCloseTo(was?.radius ?? NaN, 5);
        expect(q.wall).toBeCloseTo(was?.wall ?? NaN, 5);
      });
    });
  });
  it('every kind of bit grows by the cube, and keeps its turns', () => {
    const piece = { parts: [], bits };
    for (const [i, b] of scaledWhole(piece, 2, 'scaled').bits.entries()) {
      const was = bits[i];
      if (!was) throw new Error('as many bits');
      const before = bitVolume(was.shape, was.place.out);
      if (before > 0) expect(bitVolume(b.shape, b.place.out) / before).toBeCloseTo(8, 2);
      if (b.shape.kind === 'wrap' && was.shape.kind === 'wrap')
        expect(b.shape.turns).toBe(was.shape.turns);
      expect(b.place.height).toBeCloseTo(2 * was.place.height, 6);
    }
  });
});

describe('one part', () => {
  it('grows where it stands, and what stands on it goes up with its top', () => {
    const made = scaledPart(
      goblet as unknown as Whole,
      'p1',
      1.5,
      'scaled',
    ) as unknown as typeof goblet;
    const [a, b] = [read(goblet), read(made)];
    const tall = (d: typeof a, i: number) => d.parts[i]?.shape.height ?? NaN;
    expect(tall(b, 1) / tall(a, 1)).toBeCloseTo(1.5, 5);
    expect(b.parts[1]?.shape.lowest).toBeCloseTo(a.parts[1]?.shape.lowest ?? NaN, 6);
    expect(b.parts[0]?.shape).toEqual(a.parts[0]?.shape);
    expect(b.whole.height - a.whole.height).toBeCloseTo(0.5 * tall(a, 1), 5);
    expect(b.whole.remarks).toEqual([]);
  });
  it('that is not there leaves the piece as it is; a factor of nothing is refused', () => {
    expect(scaledPart(goblet as unknown as Whole, 'gone', 2, 'kept')).toBe(goblet);
    expect(() => scaledWhole(goblet as unknown as Whole, 0, 'kept')).toThrow('0 times as large');
  });
});

describe('what was measured on what stands above', () => {
  it('goes up with it: fill line, bits, the figure drawn on it', () => {
    const piece = {
      ...(goblet as unknown as Whole),
      bits: bits.map((b) => ({ ...b, place: { ...b.place, height: 0.15 } })),
      pattern: {
        part: 'p3',
        blank: [],
        drawnOn: 'final' as const,
        figure: { kind: 'dots' as const, count: 10, diameter: 0.01, height: 0.13 },
      },
    };
    const stem = goblet.parts[1]?.profile.map((q) => q.height) ?? [];
    const rises = 0.5 * (Math.max(...stem) - Math.min(...stem));
    const made = scaledPart(piece, 'p1', 1.5, 'kept', 'p3');
    expect(made.fillLine).toBeCloseTo(0.14 + rises, 6);
    expect(made.pattern.figure.height).toBeCloseTo(0.13 + rises, 6);
    for (const b of made.bits) expect(b.place.height).toBeCloseTo(0.15 + rises, 6);
  });
});
