// Makings side by side: a step of both stands once with both its times; what one of them alone has stands where it was.
import type { MakingEvent } from '@zanfirico/contract/making';
import type { WorkStep } from '../work/facts';
import { makingState } from '../making/makingState';
import { besideSteps, besideSum } from './beside';

const PLAN: readonly WorkStep[] = [
  { id: 's1', kind: 'gather', part: 0, seconds: 14 },
  { id: 's2', kind: 'reheat', part: 0, seconds: 30 },
  { id: 's3', kind: 'open', part: 0, seconds: 20 },
];
let n = 0;
const event = (e: object, s: number): MakingEvent =>
  ({ id: `e${String((n += 1)).padStart(4, '0')}`, at: 1000 * s, ...e }) as MakingEvent;
const done = (step: string, s: number): MakingEvent =>
  event({ kind: 'step', what: 'done', step }, s);
const boxed = (s: number): MakingEvent => event({ kind: 'boxed', annealer: 'the front box' }, s);

const plain = makingState(PLAN, 0, [done('s1', 14), done('s2', 44), done('s3', 64), boxed(70)]);
const other = makingState(PLAN, 0, [
  done('s1', 20),
  event(
    { kind: 'put in', after: 's1', step: { id: 'x1', kind: 'block', part: 0, seconds: 12 } },
    21,
  ),
  done('x1', 33),
  done('s2', 60),
  event({ kind: 'fire', what: 'in' }, 62),
  event({ kind: 'fire', what: 'out' }, 70),
  event({ kind: 'step', what: 'skipped', step: 's3' }, 75),
]);

it('each step once, with what it took in each', () => {
  expect(besideSteps([plain, other]).map((l) => [l.step.kind, ...l.took])).toEqual([
    ['gather', 14, 20],
    ['block', undefined, 12],
    ['reheat', 30, expect.closeTo(28, 0)],
    ['open', 20, undefined],
  ]);
});

it('put in in both they are two steps, for each was its own', () => {
  const kinds = besideSteps([other, other]).map((l) => l.step.kind);
  expect(kinds.filter((k) => k === 'block')).toHaveLength(2);
  expect(kinds.filter((k) => k === 'gather')).toHaveLength(1);
});

it('a making in one line: to the box, heats and the fire, what was put in, done again, skipped', () => {
  expect(besideSum(plain)).toEqual({
    total: 70,
    heats: 1,
    inFire: 30,
    putIn: 0,
    again: 0,
    skipped: 0,
  });
  expect(besideSum(other)).toMatchObject({ total: undefined, heats: 2, putIn: 1, skipped: 1 });
  expect(besideSum(other).inFire).toBeCloseTo(36, 0);
});

it('of none there is nothing', () => {
  expect(besideSteps([])).toEqual([]);
});
