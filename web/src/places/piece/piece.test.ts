// What the piece's sheets choose from: names of steps, kinds of amount, and first amounts.
import {
  amountKindsFor,
  factsOf,
  SHIPPED_RACK,
  STEPS,
  type Colour,
  type WorkStep,
} from '@zanfirico/core';
import { catalogue, kindOf, stepName } from './braid/stepNames';
import { inserted, moved, removed, repeated, stepChanged } from './braid/orderEdits';
import { freshId } from './braid/useBraid';
import { firstAmount, KINDS, kindsOf } from './colour/amounts';

const colours = SHIPPED_RACK.lines.flatMap(({ entry, colour }) =>
  entry.kind === 'colour' ? [colour] : [],
);
const step = (more: Partial<WorkStep>): WorkStep => ({
  id: 'a',
  kind: 'blow',
  part: 0,
  seconds: 60,
  ...more,
});

describe('names of steps', () => {
  it('a kind’s own name, what it is about after a colon, and one’s own as it is called', () => {
    expect(stepName(step({ kind: 'blow' }))).toBe(STEPS.blow.name);
    expect(stepName(step({ kind: 'handle', name: 'left wing' }))).toBe(
      `${STEPS.handle.name}: left wing`,
    );
    expect(stepName(step({ kind: 'own', name: 'Lick the seam', like: 'blow' }))).toBe(
      'Lick the seam',
    );
    expect(stepName(step({ kind: 'own' }))).toBe('A step of our own');
    expect(kindOf(step({ kind: 'own', like: 'blow' }))).toBe('blow');
    expect(kindOf(step({ kind: 'own' }))).toBe('shapeBit');
  });
  it('the catalogue has every kind once', () => {
    const all = catalogue().flatMap(([, ids]) => ids);
    expect(new Set(all).size).toBe(all.length);
    expect([...all].sort()).toEqual(Object.keys(STEPS).sort());
    for (const [, ids] of catalogue()) expect(ids.length).toBeGreaterThan(0);
  });
  it('a fresh id is nobody’s', () => {
    const steps = ['n1', 'n3', 'x'].map((id) => step({ id }));
    expect(steps.map((s) => s.id)).not.toContain(freshId(steps));
    expect(freshId([])).toBe('n1');
    expect(freshId([step({ id: 'n2' })])).toBe('n3');
  });
});

describe('amounts of colour', () => {
  it.each(colours.map((c): [string, Colour] => [c.name, c]))(
    '%s starts with an amount of a kind it comes in',
    (_, colour) => {
      const first = firstAmount(colour);
      expect(amountKindsFor(colour)).toContain(first.kind);
      expect(Object.keys(KINDS)).toContain(first.kind);
    },
  );
  it('leaf and enamel are far thinner than a coat of glass', () => {
    const thickness = (c: Colour): number => {
      const first = firstAmount(c, 'coats');
      if (first.kind !== 'coats') throw new Error('no coat');
      return first.thickness;
    };
    const glass = colours.find((c) => c.family === 'soft' && !c.forms.includes('enamel'));
    const leaf = colours.find((c) => c.family === 'other');
    if (!glass || !leaf) throw new Error('the rack has lost a colour');
    expect(thickness(leaf)).toBeLessThan(thickness(glass) / 100);
    expect(thickness({ ...glass, forms: ['enamel'] })).toBeLessThan(thickness(glass) / 10);
  });
  it('what is chosen stays offered, once', () => {
    const [colour] = colours;
    if (!colour) throw new Error('no colour');
    for (const kind of Object.keys(KINDS) as (keyof typeof KINDS)[]) {
      const offered = kindsOf(colour, kind);
      expect(offered).toContain(kind);
      expect(new Set(offered).size).toBe(offered.length);
    }
  });
});

describe('an order edited', () => {
  const order = ['a', 'b', 'c'].map((id, i) => step({ id, part: i, seconds: 10 * (i + 1) }));
  const ids = (steps: readonly WorkStep[] | undefined): string | undefined =>
    steps?.map((s) => s.id).join('');
  it.each([
    [0, 2, 'bca'],
    [2, 0, 'cab'],
    [1, 1, undefined],
    [0, 3, undefined],
    [0, -1, undefined],
    [5, 0, undefined],
  ])('a step moved from %p to %p gives %p', (from, to, is) => {
    expect(ids(moved(order, from, to))).toBe(is);
  });
  it('a fresh step comes after the one in hand, on its part, with the time of its kind', () => {
    const next = inserted(order, 1, 'blow', 0);
    expect(next).toHaveLength(4);
    expect(next[2]).toMatchObject({
      kind: 'blow',
      part: 1,
      seconds: factsOf({ kind: 'blow' }).seconds,
    });
    expect(new Set(next.map((s) => s.id)).size).toBe(4);
  });
  it('one of the shop’s own keeps its name, its time and what it is like', () => {
    const own = { name: 'Lick the seam', like: 'blow', seconds: 42 };
    expect(inserted(order, 2, 'blow', 0, own)[3]).toMatchObject({
      kind: 'own',
      name: 'Lick the seam',
      like: 'blow',
      seconds: 42,
      part: 2,
    });
  });
  it('with no step at all the first is on the main part', () => {
    expect(inserted([], -1, 'blow', 3)[0]?.part).toBe(3);
  });
  it('repeated, removed, changed: the others stay as they are', () => {
    expect(repeated(order, 1)?.map((s) => s.seconds)).toEqual([10, 20, 20, 30]);
    expect(repeated(order, 9)).toBeUndefined();
    expect(ids(removed(order, 1))).toBe('ac');
    const next = stepChanged(order, 1, { seconds: 7, name: 'x' });
    expect(next[1]).toMatchObject({ id: 'b', seconds: 7, name: 'x' });
    expect(next[0]).toBe(order[0]);
    // What is changed to nothing is gone, not kept as undefined: files have no such thing.
    expect(Object.keys(stepChanged(next, 1, { name: undefined })[1] ?? {})).not.toContain('name');
  });
});
