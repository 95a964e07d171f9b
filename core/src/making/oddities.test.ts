// What makes no sense in a making's events is said, event by event's kind; an ordinary making has nothing to say.

import type { Happened } from './makingState';
import { oddities } from './oddities';

const T0 = 1_800_000_000_000;
const MIN = 60_000;
const PLAN = [{ id: 's1', kind: 'gather', part: 0, seconds: 12 }];
const done = (id: string, step: string, at: number): Happened => ({
  kind: 'step',
  what: 'done',
  step,
  id,
  at,
});
const says = (list: readonly Happened[], now = T0 + 60 * MIN) => oddities(PLAN, T0, list, now);

it('nothing of an ordinary making, put in steps and clocks a little apart included', () => {
  const put: Happened = {
    kind: 'put in',
    step: { id: 'x1', kind: 'flash', part: 0, seconds: 5 },
    id: 'p',
    at: T0 + MIN,
  };
  const list = [done('a', 's1', T0 - MIN), put, done('b', 'x1', T0 + 2 * MIN)];
  expect(says(list)).toEqual([]);
  expect(says([...list, { kind: 'taken back', event: 'b', id: 'c', at: T0 + 3 * MIN }])).toEqual(
    [],
  );
});

it.each<[string, Happened, RegExp]>([
  ['a step that is not there', done('a', 'gone', T0 + MIN), /^One event of steps this making does/],
  [
    'what never was is taken back',
    { kind: 'taken back', event: 'never', id: 'a', at: T0 + MIN },
    /^One event taken back that never was/,
  ],
  ['from before it', done('a', 's1', T0 - 60 * MIN), /before it was begun/],
  ['from the future', done('a', 's1', T0 + 65 * MIN), /time that has not come/],
])('%s', (_, event, sentence) => {
  expect(says([event])).toEqual([expect.stringMatching(sentence)]);
});

it('a day later', () => {
  const at = T0 + 25 * 60 * MIN;
  expect(says([done('a', 's1', at)], at)).toEqual([expect.stringMatching(/more than a day after/)]);
  // The box is opened the next morning, or the piece comes back after a year.
  expect(says([{ kind: 'opened', what: 'kept', id: 'b', at }], at)).toEqual([]);
});
