// Variants of an order: kept, added, drafted anew. What is put in hand is what is in hand.
import type { PieceStep } from '@zanfirico/contract/order';
import { inHand, redraftedSteps, withSteps, withVariant, type KeptOrder } from './order';

const step = (id: string): PieceStep => ({ id, kind: 'flash', part: 'p1', seconds: 6 });
const order = (chosen: number, ...variants: string[]): KeptOrder => ({
  chosen,
  variants: variants.map((name) => ({ name, steps: [step(name)] })),
});

describe('steps put in the variant in hand', () => {
  // A crew chosen, or helpers switched off, keeps an order that has no variants yet: its steps were lost there.
  it.each([
    ['nothing kept yet', undefined],
    ['helpers or a crew kept, no variant', { chosen: 0, variants: [] }],
    ['a choice of nothing', { chosen: -1, variants: [] }],
    ['a choice past the end', { chosen: 7, variants: [] }],
  ])('%s: they are the first', (_, kept) => {
    expect(withSteps(kept, [step('a'), step('b')])).toEqual({
      chosen: 0,
      variants: [{ name: 'As planned', steps: [step('a'), step('b')] }],
    });
  });

  it.each([
    [0, ['new', 'two']],
    [1, ['one', 'new']],
    [9, ['one', 'new']],
    [-3, ['new', 'two']],
  ])('chosen %p of two: %j', (chosen, ids) => {
    const next = withSteps(order(chosen, 'one', 'two'), [step('new')]);
    expect(next.variants.map((v) => v.steps[0]?.id)).toEqual(ids);
    expect(next.variants[next.chosen]?.steps[0]?.id).toBe('new');
    expect(next.variants.map((v) => v.name)).toEqual(['one', 'two']);
  });
});

describe('another variant', () => {
  it('is taken in hand beside the one that was only drafted', () => {
    const next = withVariant(undefined, [step('drafted')], 'Alone', [step('fresh')]);
    expect(next).toEqual({
      chosen: 1,
      variants: [
        { name: 'As planned', steps: [step('drafted')] },
        { name: 'Alone', steps: [step('fresh')] },
      ],
    });
  });

  it('shares nothing with what it was made from', () => {
    const steps = [step('a')];
    const next = withVariant(order(0, 'one'), steps, 'copy', steps);
    expect(next.variants[1]?.steps[0]).not.toBe(steps[0]);
    expect(next.chosen).toBe(1);
  });
});

describe('drafted anew', () => {
  it('the only variant is let go, so that the draft follows the form', () => {
    expect(redraftedSteps(order(0, 'one'), [step('d')])).toEqual({ chosen: 0, variants: [] });
    expect(redraftedSteps(undefined, [step('d')])).toEqual({ chosen: 0, variants: [] });
  });
  it('of several the one in hand gets the draft, the others stay', () => {
    const next = redraftedSteps(order(1, 'one', 'two'), [step('d')]);
    expect(next.variants.map((v) => v.steps[0]?.id)).toEqual(['one', 'd']);
    expect(inHand(next)).toBe(1);
  });
});
