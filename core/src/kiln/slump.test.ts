// Slumping against plate theory and PHYSICS §10, its two limits, and what must always hold.
import type { Mould } from '@zanfirico/contract/kiln';
import fc from 'fast-check';
import { STANDARD_GRAVITY } from '../units/constants';
import { sags } from './flow';
import { mouldDepth, mouldProblem, mouldSurface, MOULDS } from './mould';
import type { Sagging } from './hanging';
import { alongOf, hangsAt, slid, slump } from './slump';

const density = 2500;
/** So deep that nothing touches while it is looked at. */
const open = (across: number): Mould => ({ kind: 'ring', across, deep: 0.4, flat: 0 });
const bowl: Mould = { kind: 'bowl', across: 0.2, deep: 0.025, flat: 0 };

const deepest = (s: Sagging, f: number): number => Math.max(...hangsAt(s, f).hangs);

it('free, it bends as a round plate on its edge: ẇ = 0.172 ρga⁴/(ηh²) (Timoshenko & Woinowsky-Krieger)', () => {
  const { free } = slump(open(0.2), { density }, 0.006);
  const f = 1e-7;
  expect(deepest(free, f) / sags({ density }, 0.1, 0.006, f).free).toBeCloseTo(1, 1);
});

it('held, it stretches, w³ = (3/32)ρga⁴t/η, and bends besides: the flow of both', () => {
  const { held } = slump(open(0.2), { density }, 0.006);
  if (!held) throw new Error('a ring has a held rim');
  // So deep, it takes what stretching takes and what bending takes.
  for (const w of [0.01, 0.02]) {
    const stretching = (32 / 3) * (w ** 3 / (density * STANDARD_GRAVITY * 0.1 ** 4));
    const bending = w / sags({ density }, 0.1, 0.006, 1).free;
    expect(deepest(held, stretching + bending) / w).toBeCloseTo(1, 1);
  }
});

it('a channel bends as a beam that cannot give sideways: (5/384)qL⁴ over ηh³/3', () => {
  const channel: Mould = { kind: 'channel', across: 0.2, deep: 0.4, flat: 0 };
  const flat: Mould = { ...channel, deep: 0.1 };
  const { free } = slump(flat, { density }, 0.006);
  const f = 1e-8;
  const law = ((5 / 384) * density * STANDARD_GRAVITY * 0.006 * 0.2 ** 4 * 3 * f) / 0.006 ** 3;
  expect(deepest(free, f) / law).toBeCloseTo(1, 1);
});

// PHYSICS §10: 200 mm, 6 mm, 25 mm deep at 640 °C: 1.7 min and 54 min. There η is 10^7.5 or so; the two limits stand as 1 to 32.
it('PHYSICS §10: 200 mm, 6 mm, 25 mm deep; the middle of a free and of a held rim are 1.7 and 54 minutes apart by ratio', () => {
  const { free, held } = slump(open(0.2), { density }, 0.006);
  const until = (s: Sagging | undefined): number => {
    const k = s?.states.findIndex((x) => Math.max(...x.hangs) >= 0.025) ?? -1;
    const [a, b] = [s?.states[k - 1], s?.states[k]];
    if (!a || !b) throw new Error('it never comes down');
    const [x, y] = [Math.max(...a.hangs), Math.max(...b.hangs)];
    return a.flowed + ((0.025 - x) / (y - x)) * (b.flowed - a.flowed);
  };
  expect(until(held) / until(free)).toBeGreaterThan(0.85 * (54 / 1.7));
  expect(until(held) / until(free)).toBeLessThan(1.15 * (54 / 1.7));
});

it('lies in its mould in the end, nowhere under it, its middle last to stay and its rim slid in by what the way is longer', () => {
  const { free, held } = slump(bowl, { density }, 0.006);
  for (const s of [free, held]) {
    if (!s) throw new Error('a bowl has both');
    expect(s.lies).toBeLessThan(1);
    expect(s.bottom).toBeLessThanOrEqual(s.lies);
    for (const state of s.states)
      state.hangs.forEach((w, k) => {
        expect(w).toBeLessThanOrEqual(mouldDepth(bowl, s.out[k]) + 1e-9);
      });
  }
  const { along } = mouldSurface(bowl);
  expect(slid(free.out, hangsAt(free, free.lies).hangs)).toBeCloseTo(along - 0.1, 3);
});

it('thins where it is held, by as much as its surface grows; keeps its glass; keeps its thickness where it slides', () => {
  const deep: Mould = { ...bowl, deep: 0.06 };
  const { free, held } = slump(deep, { density }, 0.006);
  if (!held) throw new Error('a bowl has a held rim');
  const { hangs, thick } = hangsAt(held, held.lies);
  let volume = 0;
  for (let k = 0; k + 1 < hangs.length; k += 1) {
    const [r, s] = [held.out[k], held.out[k + 1]];
    const along = Math.hypot(s - r, hangs[k + 1] - hangs[k]);
    volume += Math.PI * (r + s) * along * ((thick[k] + thick[k + 1]) / 2);
  }
  expect(volume / (Math.PI * 0.01 * 0.006)).toBeGreaterThan(0.97);
  expect(volume / (Math.PI * 0.01 * 0.006)).toBeLessThan(1.03);
  expect(Math.min(...thick)).toBeLessThan(0.0055);
  expect(new Set(hangsAt(free, free.lies).thick)).toEqual(new Set([0.006]));
});

it('hotter or longer never sags less, on any mould', () => {
  const mould = fc.record({
    kind: fc.constantFrom(...MOULDS.filter((m) => m !== 'drawn')),
    across: fc.double({ min: 0.06, max: 0.4, noNaN: true }),
    deep: fc.double({ min: 0.004, max: 0.05, noNaN: true }),
    flat: fc.double({ min: 0, max: 0.8, noNaN: true }),
  });
  fc.assert(
    fc.property(mould, fc.double({ min: 0.003, max: 0.012, noNaN: true }), (m, thickness) => {
      const { free, held } = slump(m, { density }, thickness);
      for (const s of [free, held]) {
        if (!s) continue;
        let before = -1;
        for (const f of [1e-9, 1e-8, 1e-7, 1e-6, 1e-5, 1e-4, 1e-2, 1]) {
          const { hangs } = hangsAt(s, f);
          const sum = hangs.reduce((x, w) => x + w, 0);
          expect(sum).toBeGreaterThanOrEqual(before * (1 - 1e-6));
          expect(hangs.every(Number.isFinite)).toBe(true);
          before = sum;
        }
      }
    }),
    { numRuns: 25 },
  );
});

it('draped it falls from its rim, its middle stays', () => {
  const over: Mould = { kind: 'drape', across: 0.2, deep: 0.04, flat: 0.4 };
  const { free, held } = slump(over, { density }, 0.006);
  expect(held).toBeUndefined();
  const { hangs } = hangsAt(free, 1e-6);
  expect(hangs[0]).toBe(0);
  expect(hangs[hangs.length - 1]).toBeGreaterThan(0.004);
});

it('a bowl as deep as half its width is half a ball: twice its disc, a quarter turn along', () => {
  const half = mouldSurface({ ...bowl, deep: 0.1 });
  expect(half.along / ((Math.PI / 2) * 0.1)).toBeCloseTo(1, 2);
  expect(half.area).toBeCloseTo(2, 1);
  expect(alongOf([0, 3], [4, 0])).toBe(5);
});

it.each([
  [[{ out: 0, deep: 0.02 }], /two places/],
  [
    [
      { out: 0.1, deep: 0.02 },
      { out: 0, deep: 0 },
    ],
    /place 2 lies nearer/,
  ],
  [
    [
      { out: 0, deep: 0.02 },
      { out: 0.05, deep: 0.03 },
      { out: 0.1, deep: 0 },
    ],
    /deeper at place 2/,
  ],
])('a drawn mould that cannot be is told by its place', (points, says) => {
  expect(mouldProblem({ ...bowl, kind: 'drawn', points })).toMatch(says);
});
