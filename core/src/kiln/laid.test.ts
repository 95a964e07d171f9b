// What is laid, from above and cut through.
import type { Laid } from '@zanfirico/contract/kiln';
import fc from 'fast-check';
import {
  areaOf,
  asRound,
  cutAt,
  fromAbove,
  outlineOf,
  outlineOfAll,
  roundCut,
  SOLID,
  standsAt,
  volumeOf,
} from './laid';
import { glassIn } from './settle';

const sheet = (change: Partial<Laid> = {}): Laid => ({
  id: 'a',
  as: 'sheet',
  thickness: 0.003,
  shape: { kind: 'rect', width: 0.2, deep: 0.1 },
  x: 0,
  y: 0,
  turn: 0,
  ...change,
});

it('an outline keeps its area, turned, mirrored and moved; a circle has a circle’s', () => {
  fc.assert(
    fc.property(fc.double({ min: -7, max: 7, noNaN: true }), fc.boolean(), (turn, mirrored) => {
      expect(areaOf(outlineOf(sheet({ turn, mirrored, x: 0.1 })))).toBeCloseTo(0.02, 12);
    }),
  );
  const round = sheet({ shape: { kind: 'round', across: 0.2 } });
  expect(areaOf(outlineOf(round))).toBeCloseTo(Math.PI * 0.01, 10);
  expect(asRound(outlineOf(round))?.radius).toBeCloseTo(0.1, 9);
  expect(asRound(outlineOf(sheet()))).toBeUndefined();
});

it('a shape that is not its own mirror is the other way round when mirrored', () => {
  const points = [
    { x: 0, y: 0 },
    { x: 0.1, y: 0 },
    { x: 0, y: 0.05 },
  ];
  const [, b] = outlineOf(sheet({ shape: { kind: 'outline', points }, mirrored: true }));
  expect(b).toEqual({ x: -0.1, y: 0 });
});

it('grid and outlines tell the same glass, to a few in a hundred; frit is not all glass', () => {
  const laid = [
    sheet(),
    sheet({ id: 'b', shape: { kind: 'round', across: 0.06 }, x: 0.03 }),
    sheet({
      id: 'c',
      as: 'frit',
      thickness: 0.004,
      shape: { kind: 'rect', width: 0.02, deep: 0.08 },
      x: -0.06,
    }),
  ];
  const above = fromAbove(laid);
  let sum = 0;
  for (const k of above.at) sum += standsAt(laid, above.stacks[k] ?? []) * above.cell ** 2;
  expect(sum / volumeOf(laid)).toBeGreaterThan(0.98);
  expect(sum / volumeOf(laid)).toBeLessThan(1.02);
  expect(volumeOf([laid[2]])).toBeCloseTo(0.02 * 0.08 * 0.004 * SOLID.frit, 12);
});

it('is cut through where it is asked, and round about its middle with all its glass', () => {
  const disc = [
    sheet({ shape: { kind: 'round', across: 0.2 } }),
    sheet({ id: 'b', shape: { kind: 'round', across: 0.1 } }),
  ];
  const above = fromAbove(disc);
  const cut = cutAt(disc, above, 0);
  expect(cut.high[Math.floor(cut.high.length / 2)]).toBeCloseTo(0.006, 9);
  const round = roundCut(disc, above, { x: 0, y: 0 }, 0.1);
  expect(glassIn(round, 'round') / volumeOf(disc)).toBeGreaterThan(0.97);
  expect(glassIn(round, 'round') / volumeOf(disc)).toBeLessThan(1.03);
});

it('its outline is the base sheet’s; of strips side by side what they fill together', () => {
  const on = sheet({ id: 'b', shape: { kind: 'round', across: 0.05 } });
  expect(areaOf(outlineOfAll([sheet(), on]))).toBeCloseTo(0.02, 12);
  const strips = [0, 1, 2, 3].map((i) =>
    sheet({
      id: `s${String(i)}`,
      as: 'strip',
      shape: { kind: 'rect', width: 0.02, deep: 0.2 },
      x: 0.02 * i,
    }),
  );
  expect(areaOf(outlineOfAll(strips))).toBeCloseTo(0.016, 9);
});
