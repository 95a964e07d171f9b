// What a break asks of the plan: the change is there, of the right kind, at the right place; and the record of the changed order speaks less for it.
import { shown, pieceOf } from '../piece/shop.fixture';
import { startingParts } from '../form/forms';
import { factsOf, type WorkStep } from '../work/facts';
import { CAUSES } from './breaks';
import { planChange, type ChangeablePlan } from './change';

const tumbler = shown(pieceOf('tumbler', 'soft-batch-96', startingParts('tumbler')), false);
const NOW: ChangeablePlan = {
  steps: tumbler.steps,
  main: tumbler.main,
  firing: { practice: 'studio', holdTemperature: null, doorTemperature: 50 },
  annealingPoint: 516,
  coloured: true,
};
const places = (steps: readonly WorkStep[], kind: string): number[] =>
  steps.flatMap((s, i) => (s.kind === kind ? [i] : []));
const stepsOf = (cause: Parameters<typeof planChange>[0], now = NOW): readonly WorkStep[] => {
  const change = planChange(cause, now);
  if (change.of !== 'steps') throw new Error(`${cause} changes no steps: ${change.says}`);
  return change.steps;
};

it.each(CAUSES.map((c) => c.id))('%s: one sentence, and no step is lost or named twice', (id) => {
  const change = planChange(id, NOW);
  expect(change.says).toMatch(/^[A-Z].*\.$/);
  if (change.of !== 'steps') return;
  const ids = change.steps.map((s) => s.id);
  expect(new Set(ids).size).toBe(ids.length);
  for (const s of NOW.steps) expect(ids).toContain(s.id);
});

it('a cold punty: a flash stands right before the punty, on the same part', () => {
  const steps = stepsOf('cold punty');
  const punty = steps.findIndex((s) => factsOf(s).does === 'punty');
  expect(steps[punty - 1]).toMatchObject({ kind: 'flash', part: steps[punty]?.part });
  expect(steps).toHaveLength(NOW.steps.length + 1);
});

it('a fused punty: the base sets ten seconds longer, or sets at all', () => {
  const [at = -1] = places(NOW.steps, 'setBase');
  const steps = stepsOf('fused punty');
  if (at >= 0) expect(steps[at]?.seconds).toBe((NOW.steps[at]?.seconds ?? 0) + 10);
  const without = { ...NOW, steps: NOW.steps.filter((s) => s.kind !== 'setBase') };
  const put = stepsOf('fused punty', without);
  const punty = put.findIndex((s) => factsOf(s).does === 'punty');
  expect(put[punty - 1]?.kind).toBe('setBase');
});

it('a cold lip: no stretch out of the fire after the long heat is as long as the longest was', () => {
  const longest = (steps: readonly WorkStep[]): number => {
    let [most, run] = [0, 0];
    for (const s of steps.slice(steps.findIndex((x) => x.kind === 'longReheat') + 1)) {
      if (factsOf(s).does === 'heat' || factsOf(s).does === 'release') run = 0;
      else if (factsOf(s).off === undefined) run += s.seconds;
      most = Math.max(most, run);
    }
    return most;
  };
  const cold: readonly WorkStep[] = [
    ...NOW.steps.slice(0, places(NOW.steps, 'longReheat')[0] ?? 0),
    { id: 'h', kind: 'longReheat', part: 0, seconds: 50 },
    { id: 'a', kind: 'open', part: 0, seconds: 20 },
    { id: 'b', kind: 'measure', part: 0, seconds: 15 },
    { id: 'c', kind: 'open', part: 0, seconds: 20 },
    { id: 'd', kind: 'lastFlash', part: 0, seconds: 3 },
    { id: 'e', kind: 'knockOff', part: 0, seconds: 8 },
    { id: 'f', kind: 'box', part: 0, seconds: 10 },
  ];
  const steps = stepsOf('cold lip', { ...NOW, steps: cold });
  expect(longest(cold)).toBe(55);
  expect(longest(steps)).toBeLessThanOrEqual(35);
});

it('a cold join: flashed first, and its notch melted in where it was not', () => {
  const bitten: readonly WorkStep[] = [
    { id: 'a', kind: 'gather', part: 0, seconds: 12 },
    { id: 'b', kind: 'handle', part: 0, seconds: 20 },
    { id: 'c', kind: 'box', part: 0, seconds: 10 },
  ];
  expect(stepsOf('cold join', { ...NOW, steps: bitten }).map((s) => s.kind)).toEqual([
    'gather',
    'flash',
    'handle',
    'meltNotch',
    'box',
  ]);
  expect(planChange('cold join', { ...NOW, steps: [bitten[0] as WorkStep] }).of).toBe('nothing');
});

it('nights: more in hand first, then a finer practice, then nothing more', () => {
  expect(planChange('fast night', NOW)).toMatchObject({ of: 'firing', firing: { inHand: 0.3 } });
  const held = { ...NOW, firing: { ...NOW.firing, inHand: 0.3 } };
  expect(planChange('fast night', held)).toMatchObject({ firing: { practice: 'fine' } });
  const finest = { ...held, firing: { ...held.firing, practice: 'fine' as const } };
  expect(planChange('fast night', finest).of).toBe('nothing');
  expect(planChange('left stress', NOW)).toMatchObject({ firing: { practice: 'fine' } });
});

it('a door that opened hot opens cooler, never under the room; one that cannot is said not to', () => {
  expect(planChange('thermal shock', NOW)).toMatchObject({ firing: { doorTemperature: 30 } });
  const cold = { ...NOW, firing: { ...NOW.firing, doorTemperature: 30 } };
  expect(planChange('thermal shock', cold).of).toBe('nothing');
});

it('boxed soft: held ten kelvin under what it was, or under the annealing point', () => {
  expect(planChange('boxed soft', NOW)).toMatchObject({ firing: { holdTemperature: 506 } });
});

it('a misfit asks for half the colour; a clear piece for nothing', () => {
  expect(planChange('misfit', NOW)).toMatchObject({ of: 'colour', share: 0.5 });
  expect(planChange('misfit', { ...NOW, coloured: false }).of).toBe('nothing');
});
