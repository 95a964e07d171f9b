// A bench and a hole that are other than ordinary are found out of what was read at them.
import type { MakingEvent } from '@zanfirico/contract/making';
import { heatOfWork } from '../iron/ofWork';
import type { AirExchange } from '../iron/surroundings';
import { benchPlan } from '../making/benchPlan';
import { asDone } from '../making/happened';
import { makingState } from '../making/makingState';
import { pieceOf, shown } from '../piece/shop.fixture';
import { startingParts } from '../form/forms';
import { factsOf } from '../work/facts';
import { fitExchange, type ReadAt } from './exchangeFit';

const tumbler = shown(pieceOf('tumbler', 'soft-batch-96', startingParts('tumbler')), false);
const plan = benchPlan(tumbler.steps, tumbler.starts, tumbler.main, []);
const events = plan.steps.map((s, i): MakingEvent => ({
  kind: 'step',
  what: 'done',
  step: s.id,
  id: `e${String(i).padStart(4, '0')}`,
  at: Math.round(1000 * ((plan.starts[i] as number) + s.seconds)),
}));
const state = makingState(plan.steps, 0, events, plan);
const order = asDone(state, state.last, 0);

/** What a pyrometer reads at some moments in a shop that exchanges heat so. */
function readAt(exchange: AirExchange, moments: readonly number[]): ReadAt[] {
  const { tracks, every } = heatOfWork(tumbler.parts, order.steps, order.starts, {
    ...tumbler.fires,
    exchange,
  });
  const mine = tracks.filter((t) => t.part === tumbler.main);
  return moments.flatMap((s) => {
    const skins = mine.map((t) => t.skin[Math.round(s / every)] as number);
    const value = skins.reduce((a, b) => a + b, 0) / skins.length;
    return Number.isNaN(value) ? [] : [{ at: 1000 * s, value }];
  });
}
const ends = order.steps.flatMap((s, i) =>
  factsOf(s).does === 'heat' ? [(order.starts[i] as number) + s.seconds] : [],
);
const { parts, main, fires } = tumbler;
const say = (readings: readonly ReadAt[]) => fitExchange([{ parts, main, state, fires, readings }]);

it.each([0.8, 1, 1.3])('a bench that cools ×%d is found', (bench) => {
  const readings = readAt(
    { bench },
    ends.map((s) => s + 12),
  );
  const told = say(readings);
  expect(told.bench?.count).toBeGreaterThanOrEqual(2);
  expect(told.bench?.middle).toBeCloseTo(bench, 1);
});

it.each([0.75, 1, 1.25])('a hole that heats ×%d is found', (hole) => {
  const told = say(readAt({ hole }, ends));
  expect(told.hole?.count).toBeGreaterThanOrEqual(1);
  expect(Math.abs((told.hole?.middle ?? 0) - hole)).toBeLessThan(0.06);
});

it('a wild reading says nothing, or moves nothing; no reading tells nothing', () => {
  const readings = readAt(
    { bench: 1.2 },
    ends.flatMap((s) => [s + 10, s + 14]),
  );
  const wild = [...readings, { at: 1000 * ((ends[0] as number) + 12), value: 20 }];
  const [one, other] = [say(readings).bench, say(wild).bench];
  expect(other?.middle).toBeCloseTo(one?.middle ?? NaN, 1);
  expect(say([])).toEqual({});
});

it('both are other than ordinary: each is found beside the other', () => {
  const told = say(
    readAt(
      { bench: 1.15, hole: 0.9 },
      ends.flatMap((s) => [s, s + 12]),
    ),
  );
  expect(Math.abs((told.bench?.middle ?? 0) - 1.15)).toBeLessThan(0.04);
  expect(Math.abs((told.hole?.middle ?? 0) - 0.9)).toBeLessThan(0.04);
});

it('before anything is on the iron nothing is told; how far it is is told to the end', () => {
  const shares: number[] = [];
  const empty = makingState(plan.steps, 0, []);
  const readings = [{ at: -5000, value: 900 }];
  expect(
    fitExchange([{ parts, main, state: empty, fires, readings }], (share) => shares.push(share)),
  ).toEqual({});
  expect(shares.at(-1)).toBe(1);
});
