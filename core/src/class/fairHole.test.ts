// The one hole shared: by who is coldest, nobody passed over, and no order better than it where all could have been in time.
import * as fc from 'fast-check';
import type { AtHole } from '../making/atHole';
import { fairHole, DANGER } from './fairHole';
import { LONG_OUT, outTooLong } from './tooLong';

const bench = (name: string, more: Partial<AtHole> = {}): AtHole => ({
  bench: name,
  fire: { what: 'out', since: 20 },
  brittleIn: 60,
  skin: 620,
  heatIn: 0,
  stays: 20,
  ...more,
});
const order = (benches: readonly AtHole[], atOnce = 1): string[] =>
  fairHole(benches, atOnce).map((t) => t.bench);

describe('benches that share one hole', () => {
  it.each<[string, readonly AtHole[], string[]]>([
    ['the coldest first', [bench('a'), bench('b', { brittleIn: 20 })], ['b', 'a']],
    [
      'of two as far from brittle the colder skin',
      [bench('a', { skin: 640 }), bench('b', { skin: 600 })],
      ['b', 'a'],
    ],
    [
      'of two as cold who is out longest',
      [bench('a'), bench('b', { fire: { what: 'out', since: 50 } })],
      ['b', 'a'],
    ],
    [
      'whoever is in is in',
      [bench('a', { brittleIn: 5 }), bench('b', { fire: { what: 'in', since: 3 } })],
      ['b', 'a'],
    ],
    [
      'of two as cold a flash before a long heat',
      [bench('a', { stays: 60 }), bench('b', { stays: 5 })],
      ['b', 'a'],
    ],
    ['who has no glass yet is not in it', [bench('a'), bench('b', { fire: undefined })], ['a']],
    [
      'nor who wants none and is warm',
      [bench('a'), bench('b', { heatIn: 90, brittleIn: 200 })],
      ['a'],
    ],
    [
      'who is in danger is, whatever the order of work says',
      [bench('a'), bench('b', { heatIn: 300, brittleIn: DANGER - 1 })],
      ['b', 'a'],
    ],
  ])('%s', (_says, benches, expected) => {
    expect(order(benches)).toEqual(expected);
  });

  it('says how long each waits, and who will be brittle before their turn', () => {
    const turns = fairHole([
      bench('in', { fire: { what: 'in', since: 10 }, stays: 15 }),
      bench('first', { brittleIn: 18, stays: 25 }),
      bench('second', { brittleIn: 30 }),
    ]);
    expect(turns.map((t) => [t.bench, t.waits, t.because, t.late])).toEqual([
      ['in', 0, 'in', false],
      ['first', 15, 'cold', false],
      ['second', 40, 'cold', true],
    ]);
    // A hole that takes two has room for the first now.
    expect(
      fairHole(
        [
          bench('in', { fire: { what: 'in', since: 10 }, stays: 15 }),
          bench('first', { brittleIn: 18, stays: 25 }),
        ],
        2,
      )[1]?.waits,
    ).toBe(0);
  });

  /** How late the latest is when they go in one after another. */
  const latest = (line: readonly AtHole[]): number => {
    let at = 0;
    let worst = -Infinity;
    for (const b of line) {
      worst = Math.max(worst, at - (b.brittleIn ?? 0));
      at += b.stays;
    }
    return worst;
  };
  const permutations = <T>(all: readonly T[]): T[][] =>
    all.length < 2
      ? [[...all]]
      : all.flatMap((x, i) =>
          permutations(all.filter((_, k) => k !== i)).map((rest) => [x, ...rest]),
        );

  it('no other order has its latest less late: earliest deadline first (Jackson 1955)', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            brittleIn: fc.integer({ min: 0, max: 120 }),
            stays: fc.integer({ min: 2, max: 60 }),
          }),
          { minLength: 1, maxLength: 5 },
        ),
        (all) => {
          const benches = all.map((b, i) => bench(String(i), b));
          const line = order(benches).map((n) => benches[Number(n)] as AtHole);
          const best = Math.min(...permutations(benches).map(latest));
          expect(latest(line)).toBeCloseTo(best, 9);
        },
      ),
    );
  });

  it('everybody who wants it is in the line once', () => {
    fc.assert(
      fc.property(
        fc.array(fc.option(fc.integer({ min: 0, max: 300 }), { nil: undefined }), {
          maxLength: 12,
        }),
        fc.integer({ min: 1, max: 3 }),
        (cold, atOnce) => {
          const line = order(
            cold.map((brittleIn, i) => bench(String(i), { brittleIn })),
            atOnce,
          );
          expect([...line].sort()).toEqual(cold.map((_, i) => String(i)).sort());
        },
      ),
    );
  });
});

describe('out too long', () => {
  it.each([
    [{ fire: undefined, brittleIn: undefined }, 'good', 'no glass yet'],
    [{ fire: { what: 'in' as const, since: 400 }, brittleIn: 0 }, 'good', 'in the fire'],
    [{ fire: { what: 'out' as const, since: 3 }, brittleIn: 0 }, 'no', 'brittle'],
    [{ fire: { what: 'out' as const, since: 3 }, brittleIn: DANGER }, 'watch', 'brittle soon'],
    [{ fire: { what: 'out' as const, since: LONG_OUT + 1 }, brittleIn: 300 }, 'watch', 'long out'],
    [{ fire: { what: 'out' as const, since: LONG_OUT }, brittleIn: undefined }, 'good', 'out'],
  ])('%o is %s: %s', (b, verdict, says) => {
    expect(outTooLong(b)).toEqual({ verdict, says });
  });
});
