// The default order of work, against the rules every shop keeps (common practice, no source).
import { FORMS } from '../shape/forms';
import { draftOrder } from './order';
import type { StepId } from './step';
import { STEPS } from './steps';

const ids = (form: (typeof FORMS)[number], gathers: number): StepId[] =>
  draftOrder({ form, way: 'furnace', gathers }).map((s) => s.id);

describe('an order of work', () => {
  it.each(FORMS)(
    'for a %s warms the iron first, sets the bubble before each further gather, ends in the box',
    (form) => {
      const order = ids(form, 3);
      expect(order[0]).toBe('warmIron');
      expect(order[order.length - 1]).toBe('box');
      expect(order.filter((s) => s === 'gather')).toHaveLength(3);
      order.forEach((s, i) => {
        if (s === 'gather' && order.indexOf('gather') < i) expect(order[i - 1]).toBe('setBubble');
      });
    },
  );

  it.each(['tumbler', 'bowl', 'bottle', 'plate'] as const)(
    'for a %s: tip chilled before blowing, neck before punty, base set before punty, the long heat straight after transfer, scar polished',
    (form) => {
      const order = ids(form, 2);
      const at = (s: StepId): number => order.indexOf(s);
      expect(at('chillTip')).toBeLessThan(at('blow'));
      expect(at('neck')).toBeLessThan(at('punty'));
      expect(at('setBase')).toBe(at('punty') - 1);
      expect(at('longReheat')).toBe(at('transfer') + 1);
      expect(at('crackOff')).toBeGreaterThan(at('firePolish'));
    },
  );

  it('a closed ball has no punty and no lip, and its hole is sealed', () => {
    const order = ids('ball', 2);
    expect(order).not.toContain('punty');
    expect(order).not.toContain('trim');
    expect(order).toContain('sealMark');
  });

  it('at the torch nothing is gathered, and the torch is lit and closed by the maker’s instructions', () => {
    const order = draftOrder({ form: 'tumbler', way: 'torch', gathers: 0 });
    expect(order.map((s) => s.id)).not.toContain('gather');
    for (const s of order.filter((o) => o.id === 'torchOn' || o.id === 'torchOff'))
      expect(s.caution).toMatch(/instructions and local code/);
  });

  it('numbers and names its gathers', () => {
    const gathers = draftOrder({ form: 'bowl', way: 'furnace', gathers: 9 }).filter(
      (s) => s.id === 'gather',
    );
    expect(gathers.map((s) => s.which).slice(0, 2)).toEqual(['First', 'Second']);
    expect(gathers[8]?.which).toBe('No. 9');
  });

  it.each(['gather', 'transfer', 'crackOff', 'box', 'longReheat', 'torchOn', 'openTorch'] as const)(
    'carries a caution where it can hurt: %s',
    (id) => {
      expect(STEPS[id].caution).toBeTruthy();
    },
  );
});
