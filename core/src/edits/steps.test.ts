// An order edited, step by step.
import { factsOf, type WorkStep } from '../work/facts';
import { changeStep, freshStepId, insertStep, moveStep, removeStep, repeatStep } from './steps';

const step = (more: Partial<WorkStep>): WorkStep => ({
  id: 'a',
  kind: 'blow',
  part: 0,
  seconds: 60,
  ...more,
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
    expect(ids(moveStep(order, from, to))).toBe(is);
  });
  it('a fresh step comes after the one in hand, on its part, with the time of its kind', () => {
    const next = insertStep(order, 1, 'blow', 0);
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
    expect(insertStep(order, 2, 'blow', 0, own)[3]).toMatchObject({
      kind: 'own',
      name: 'Lick the seam',
      like: 'blow',
      seconds: 42,
      part: 2,
    });
  });
  it('with no step at all the first is on the main part', () => {
    expect(insertStep([], -1, 'blow', 3)[0]?.part).toBe(3);
  });
  it('repeated, removed, changed: the others stay as they are', () => {
    expect(repeatStep(order, 1)?.map((s) => s.seconds)).toEqual([10, 20, 20, 30]);
    expect(repeatStep(order, 9)).toBeUndefined();
    expect(ids(removeStep(order, 1))).toBe('ac');
    const next = changeStep(order, 1, { seconds: 7, name: 'x' });
    expect(next[1]).toMatchObject({ id: 'b', seconds: 7, name: 'x' });
    expect(next[0]).toBe(order[0]);
    // What is changed to nothing is gone, not kept as undefined: files have no such thing.
    expect(Object.keys(changeStep(next, 1, { name: undefined })[1] ?? {})).not.toContain('name');
  });
});

describe('ids of steps', () => {
  it('a fresh id is nobody’s', () => {
    const steps = ['n1', 'n3', 'x'].map((id) => step({ id }));
    expect(steps.map((s) => s.id)).not.toContain(freshStepId(steps));
    expect(freshStepId([])).toBe('n1');
    expect(freshStepId([step({ id: 'n2' })])).toBe('n3');
  });
});
