// What steps take here: the middle of what they took, one wild entry or not; heats and what was only caught up with left out.
import type { Happened } from './makingState';
import { makingState } from './makingState';
import { ourSeconds } from '../work/durations';
import { paceOf, quantile, tookOf } from './ours';

const T0 = 1_800_000_000_000;
const PLAN = [
  { id: 'g', kind: 'gather', part: 0, seconds: 12 },
  { id: 'm', kind: 'marver', part: 0, seconds: 10 },
  { id: 'h', kind: 'reheat', part: 0, seconds: 30 },
  { id: 'o', kind: 'open', part: 0, seconds: 20 },
];
const done = (step: string, s: number): Happened => ({
  kind: 'step',
  what: 'done',
  step,
  id: `e${step}`,
  at: T0 + 1000 * s,
});
const who = (): string => 'gaffer';

it('quartiles as statisticians have them: 1 2 3 4 by definition 7 are 1.75, 2.5, 3.25', () => {
  expect([0.25, 0.5, 0.75].map((q) => quantile([1, 2, 3, 4], q))).toEqual([1.75, 2.5, 3.25]);
  expect(quantile([7], 0.25)).toBe(7);
});

it('a making tells what its steps took against what is ordinary, not its heats, nor what was caught up with', () => {
  const state = makingState(PLAN, T0, [
    done('g', 18),
    done('m', 19),
    done('h', 70),
    done('o', 100),
  ]);
  expect(tookOf(state, [12, 10, 30, 15], who)).toEqual([
    { kind: 'gather', person: 'gaffer', share: 1.5 },
    { kind: 'open', person: 'gaffer', share: 2 },
  ]);
});

it('the middle is not moved by one wild entry', () => {
  const took = [1.1, 1.2, 1.2, 1.3, 40].map((share) => ({
    kind: 'blow',
    person: undefined,
    share,
  }));
  expect(paceOf(took)).toEqual([
    { kind: 'blow', person: undefined, count: 5, lower: 1.2, median: 1.2, upper: 1.3 },
  ]);
});

it('is told of everybody, and of each who is named', () => {
  const took = ['gaffer', 'second hand', 'gaffer'].map((person, i) => ({
    kind: 'blow',
    person,
    share: 1 + i,
  }));
  expect(paceOf(took).map((p) => [p.person, p.count, p.median])).toEqual([
    [undefined, 3, 2],
    ['gaffer', 2, 2],
    ['second hand', 1, 2],
  ]);
});

it('a draft takes what steps take here; a heat stays as long as the glass asks', () => {
  expect(ourSeconds({ kind: 'blow' }, 15, { blow: 1.4 })).toBe(21);
  expect(ourSeconds({ kind: 'blow' }, 15, undefined)).toBe(15);
  expect(ourSeconds({ kind: 'reheat' }, 30, { reheat: 2 })).toBe(30);
});
