// What the piece's sheets choose from: names of steps, kinds of amount, and first amounts.
import type { Colour } from '@zanfirico/core/fit';
import { amountKindsFor, SHIPPED_RACK } from '@zanfirico/core/rack';
import { STEPS, type WorkStep } from '@zanfirico/core/work';
import { catalogue, kindOf, stepName } from '../../marks/braid/stepNames';
import { firstAmount, AMOUNT_KINDS, kindsOf } from './colour/amounts';

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
    expect(stepName(step({ kind: 'blow' }))).toBe(STEPS.blow.name());
    expect(stepName(step({ kind: 'handle', name: 'left wing' }))).toBe(
      `${STEPS.handle.name()}: left wing`,
    );
    expect(stepName(step({ kind: 'own', name: 'Lick the seam', like: 'blow' }))).toBe(
      'Lick the seam',
    );
    expect(stepName(step({ kind: 'own' }))).toBe('A step of our own');
    expect(kindOf(step({ kind: 'own', like: 'blow' }))).toBe('blow');
    expect(kindOf(step({ kind: 'own' }))).toBe('shapeBit');
  });
  it.each(['furnace', 'torch'] as const)(
    'the catalogue has every kind once, those of the %s first',
    (way) => {
      const groups = catalogue(way);
      const all = groups.flatMap(([, ids]) => ids);
      expect(new Set(all).size).toBe(all.length);
      expect([...all].sort()).toEqual(Object.keys(STEPS).sort());
      for (const [, ids] of groups) expect(ids.length).toBeGreaterThan(0);
      const places = groups[0]?.[1].map((id) => STEPS[id].place) ?? [];
      expect(places.every((p) => (p === 'torch' || p === 'kiln') === (way === 'torch'))).toBe(true);
    },
  );
});

describe('amounts of colour', () => {
  it.each(colours.map((c): [string, Colour] => [c.name, c]))(
    '%s starts with an amount of a kind it comes in',
    (_, colour) => {
      const first = firstAmount(colour);
      expect(amountKindsFor(colour)).toContain(first.kind);
      expect(Object.keys(AMOUNT_KINDS)).toContain(first.kind);
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
    for (const kind of Object.keys(AMOUNT_KINDS) as (keyof typeof AMOUNT_KINDS)[]) {
      const offered = kindsOf(colour, kind);
      expect(offered).toContain(kind);
      expect(new Set(offered).size).toBe(offered.length);
    }
  });
});
