// Joining: whatever was joined to what is joined goes along.
import * as fc from 'fast-check';
import type { WorkStep } from './facts';
import { afterJoins, areOne, eachApart, joinOf, partsTogether, unite } from './joined';

const attach = (part: number, to?: number): WorkStep => ({
  id: `a${String(part)}`,
  kind: 'attach',
  part,
  ...(to !== undefined && { to }),
  seconds: 12,
});

describe('joined parts', () => {
  it('carry everything that hangs on them', () => {
    const groups = eachApart(4);
    unite(groups, 3, 2);
    unite(groups, 2, 0);
    expect(partsTogether(groups, 0)).toEqual([0, 2, 3]);
    expect(partsTogether(groups, 1)).toEqual([1]);
    expect(areOne(groups, 3, 0)).toBe(true);
    expect(areOne(groups, 3, 1)).toBe(false);
  });

  it('leave alone what is not there', () => {
    const groups = eachApart(2);
    unite(groups, 5, 0);
    unite(groups, 0, 5);
    expect(groups).toEqual([0, 1]);
    expect(partsTogether(groups, 7)).toEqual([]);
    expect(areOne(groups, 7, 8)).toBe(false);
  });

  it('are one with each other whatever the order of the joins (an equivalence)', () => {
    const joins = fc.array(fc.tuple(fc.nat(7), fc.nat(7)), { maxLength: 12 });
    fc.assert(
      fc.property(joins, (pairs) => {
        const [there, back] = [eachApart(8), eachApart(8)];
        for (const [a, b] of pairs) unite(there, a, b);
        for (const [a, b] of [...pairs].reverse()) unite(back, b, a);
        for (let a = 0; a < 8; a += 1) {
          expect(partsTogether(there, a)).toEqual(partsTogether(back, a));
          expect(partsTogether(there, a)).toContain(a);
        }
      }),
    );
  });

  it('are read out of an order: only steps that join, and say to what', () => {
    expect(joinOf(attach(1, 0))).toEqual({ part: 1, to: 0 });
    expect(joinOf(attach(1))).toBeUndefined();
    expect(joinOf({ ...attach(1, 0), kind: 'reheat' })).toBeUndefined();
    const groups = afterJoins([attach(2, 1), { ...attach(3, 0), kind: 'flash' }, attach(1, 0)]);
    expect(partsTogether(groups, 2)).toEqual([0, 1, 2]);
    expect(partsTogether(groups, 3)).toEqual([3]);
  });
});
