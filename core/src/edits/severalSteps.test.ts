import type { WorkStep } from '../work/facts';
import { NO_PART } from './order';
import { copiedSteps, moveSteps, pasteSteps, removeSteps } from './severalSteps';

const step = (id: string, more: Partial<WorkStep> = {}): WorkStep => ({
  id,
  kind: 'reheat',
  part: 0,
  seconds: 20,
  ...more,
});
const ORDER: readonly WorkStep[] = ['a', 'b', 'c', 'd', 'e'].map((id) => step(id));
const ids = (steps: readonly WorkStep[] | undefined): string | undefined =>
  steps?.map((s) => s.id).join('');

it('several steps go together', () => {
  expect(ids(removeSteps(ORDER, [1, 3, 9]))).toBe('ace');
});

it('several steps are moved side by side, and stop at the ends', () => {
  expect(ids(moveSteps(ORDER, [1, 2], -1))).toBe('bcade');
  expect(ids(moveSteps(ORDER, [2, 1], 1))).toBe('adbce');
  expect(ids(moveSteps(ORDER, [0, 3], 1))).toBe('baced');
  expect(moveSteps(ORDER, [0, 3], -1)).toBeUndefined();
  expect(moveSteps(ORDER, [3, 4], 1)).toBeUndefined();
  expect(moveSteps(ORDER, [], 1)).toBeUndefined();
});

describe('steps copied', () => {
  const copied = copiedSteps(ORDER, [3, 1, 1]);

  it('come in their order, each once', () => {
    expect(ids(copied)).toBe('bd');
  });

  it('are put in after a place, each with an id no other has', () => {
    const put = pasteSteps(ORDER, 0, copied, 0);
    expect(put).toHaveLength(7);
    expect(new Set(put.map((s) => s.id)).size).toBe(7);
    expect(ids([...put.slice(0, 1), ...put.slice(3)])).toBe('abcde');
    expect(put[1]?.seconds).toBe(20);
  });

  it('of a part that is not here are of the part they come after, and joined to none', () => {
    const alien = step('x', { part: NO_PART, to: NO_PART, seal: 'hot' });
    const [, put] = pasteSteps([step('a', { part: 2 })], 0, [alien], 1);
    expect(put).toMatchObject({ part: 2, seal: 'hot' });
    expect(put).not.toHaveProperty('to');
    expect(pasteSteps([], 5, [alien], 1)[0]?.part).toBe(1);
  });

  it('keep what they are joined to where it is here', () => {
    expect(pasteSteps(ORDER, 4, [step('x', { part: 1, to: 0 })], 0)[5]).toMatchObject({
      part: 1,
      to: 0,
    });
  });
});
