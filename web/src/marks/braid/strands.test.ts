// The braid's geometry, and its order as files.
import { heatOfWork, inTurn, SHIPPED_RACK, type WorkStep } from '@zanfirico/core';
import { sequenceCsv, sequenceJson } from '../../exports/sequence';
import { clockText, LANE, strandsOf } from './strands';

const step = (
  id: string,
  kind: WorkStep['kind'],
  part: number,
  seconds: number,
  more: Partial<WorkStep> = {},
): WorkStep => ({
  id,
  kind,
  part,
  seconds,
  ...more,
});
const steps = [
  step('a', 'gather', 1, 12),
  step('b', 'garage', 1, 8),
  step('c', 'gather', 0, 12),
  step('d', 'blow', 0, 60),
  step('e', 'fetch', 1, 12),
  step('f', 'attach', 1, 12, { to: 0 }),
  step('g', 'reheat', 0, 40),
  step('h', 'open', 0, 60),
];
const starts = inTurn(steps);

describe('strands', () => {
  const [main, knop] = strandsOf(2, steps, starts, 216);
  if (!main || !knop) throw new Error('two strands');
  it('begin with their gather and end with the last step of what they became', () => {
    expect([knop.from, knop.to]).toEqual([0, 216]);
    expect([main.from, main.to]).toEqual([20, 216]);
  });
  it('dip in the fire, rise in the garage, and come together at the join', () => {
    expect(main.y(140) - main.y(60)).toBeGreaterThan(10);
    expect(knop.waits).toEqual([[20, 92]]);
    expect(knop.y(60)).toBeLessThan(knop.y(0));
    expect(Math.abs(knop.y(60) - main.y(60))).toBeGreaterThan(LANE / 2);
    expect(Math.abs(knop.y(200) - main.y(200))).toBeLessThan(LANE / 2);
    expect(knop.joins).toEqual([{ at: 116, to: 0 }]);
  });
  it('stand a part that is never begun, and steps of no part', () => {
    const odd = strandsOf(2, [step('x', 'open', 5, 10)], [0], 10);
    expect(odd.every((s) => !(s.to > s.from))).toBe(true);
  });
  it.each([
    [5, '0:05'],
    [65, '1:05'],
    [3725, '1:02:05'],
  ])('%p s is told as %p', (s, text) => {
    expect(clockText(s)).toBe(text);
  });
});

describe('the order as files', () => {
  const glass = SHIPPED_RACK.glass('soft-batch-96');
  if (!glass) throw new Error('no soft glass');
  const parts = ['bowl', 'knop, blown'].map((name) => ({
    name,
    glass,
    zones: [],
    gathered: [1e-4],
  }));
  const order = { steps, starts, parts, heat: heatOfWork(parts, steps, starts) };
  it('is a table of one row a step, names with commas and all', () => {
    const lines = sequenceCsv(order).trim().split('\r\n');
    expect(lines).toHaveLength(9);
    expect(lines[0]).toContain('number,start_s,seconds,step');
    expect(lines[6]).toContain('"knop, blown",bowl');
  });
  it('and JSON that says what it is', () => {
    const file = JSON.parse(sequenceJson(order, 'Goblet')) as {
      format: string;
      steps: { step: string }[];
    };
    expect(file.format).toBe('zanfirico.order');
    expect(file.steps[5]?.step).toBe('Join');
  });
});
