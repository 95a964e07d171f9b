// The recipe as made: what was done, in its order, as long as it took; a making that went by the plan gives the plan back.
import type { Happened } from './makingState';
import { asMade } from './asMade';
import { makingState } from './makingState';
import type { WorkStep } from '../work/facts';

const PLAN: readonly WorkStep[] = [
  { id: 's1', kind: 'gather', part: 0, seconds: 14 },
  { id: 's2', kind: 'marver', part: 0, seconds: 10 },
  { id: 's3', kind: 'reheat', part: 0, seconds: 30 },
  { id: 's4', kind: 'open', part: 0, seconds: 20 },
  { id: 's5', kind: 'box', part: 0, seconds: 10 },
];
let n = 0;
const id = (): string => `e${String((n += 1)).padStart(4, '0')}`;
const done = (step: string, s: number, what: 'done' | 'skipped' = 'done'): Happened => ({
  kind: 'step',
  what,
  step,
  id: id(),
  at: 1000 * s,
});
const made = (...events: Happened[]): WorkStep[] => asMade(makingState(PLAN, 0, events));

it('gone by the plan, it is the plan', () => {
  const steps = made(
    done('s1', 14),
    done('s2', 24),
    done('s3', 54),
    done('s4', 74),
    done('s5', 84),
  );
  expect(steps).toEqual(PLAN);
});

it('each for as long as it took; what was skipped, or never came, is not in it', () => {
  const steps = made(done('s1', 20), done('s2', 20, 'skipped'), done('s3', 65), done('s4', 71));
  expect(steps.map((s) => [s.kind, s.seconds])).toEqual([
    ['gather', 20],
    ['reheat', 45],
    ['open', 6],
  ]);
});

it('what was put in is in it, where it was', () => {
  const steps = made(
    done('s1', 14),
    {
      kind: 'put in',
      after: 's1',
      step: { id: 'x1', kind: 'block', part: 0, seconds: 12 },
      id: id(),
      at: 15_000,
    },
    done('x1', 30),
    done('s2', 40),
  );
  expect(steps.map((s) => s.kind)).toEqual(['gather', 'block', 'marver']);
  expect(steps[1]?.seconds).toBe(15);
});

it('a heat out of turn is a flash where it was taken', () => {
  const steps = made(
    done('s1', 14),
    { kind: 'fire', what: 'in', id: id(), at: 16_000 },
    { kind: 'fire', what: 'out', id: id(), at: 23_000 },
    done('s2', 33),
  );
  expect(steps.map((s) => [s.kind, s.seconds])).toEqual([
    ['gather', 14],
    ['marver', 12],
    ['flash', 7],
  ]);
  expect(new Set(steps.map((s) => s.id)).size).toBe(3);
});

it('done over it counts once, for all the time it took', () => {
  const steps = made(
    done('s1', 14),
    done('s2', 24),
    { kind: 'step', what: 'again', step: 's2', id: id(), at: 25_000 },
    done('s2', 33),
  );
  expect(steps.filter((s) => s.kind === 'marver')).toMatchObject([{ id: 's2', seconds: 18 }]);
});
