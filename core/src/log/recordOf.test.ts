// The record of a tumbler made as planned, and of the same gone wrong one way at a time: each way is read off it.
import type { MakingEvent } from '@zanfirico/contract/making';
import { pieceOf, shown } from '../piece/shop.fixture';
import { startingParts } from '../form/forms';
import { benchPlan } from '../making/benchPlan';
import { lookedBack } from '../making/lookedBack';
import { makingState } from '../making/makingState';
import { neckRead, recordOf } from './recordOf';

const tumbler = shown(pieceOf('tumbler', 'soft-batch-96', startingParts('tumbler')), false);
const plan = benchPlan(tumbler.steps, tumbler.starts, tumbler.main, []);

/** Made step by step; before a kind of step somebody stands still so long, s. */
function record(waits: Readonly<Record<string, number>> = {}) {
  let at = 0;
  const events: MakingEvent[] = [];
  plan.steps.forEach((s, i) => {
    const wait = waits[s.kind] ?? 0;
    if (wait > 0) {
      events.push({
        kind: 'away',
        what: 'gone',
        id: `a${String(i).padStart(3, '0')}`,
        at: 1000 * at + 1,
      });
      at += wait;
      events.push({
        kind: 'away',
        what: 'back',
        id: `b${String(i).padStart(3, '0')}`,
        at: 1000 * at,
      });
    }
    at += s.seconds;
    events.push({
      kind: 'step',
      what: 'done',
      step: s.id,
      id: `s${String(i).padStart(3, '0')}`,
      at: 1000 * at,
    });
  });
  const back = lookedBack(tumbler.parts, makingState(plan.steps, 0, events, plan), tumbler.fires);
  if (!back) throw new Error('nothing was done');
  return recordOf(tumbler.parts, tumbler.main, back);
}

it('as planned: nothing was put on, the lip stayed warm, the base was as the trade has it, and it held its form in the box', () => {
  const good = record();
  expect(good.plain).toBe(true);
  expect(good.join).toBeUndefined();
  expect(good.lip?.under).toBe(0);
  expect(good.lip?.above).toBeGreaterThan(30);
  expect(good.punty?.base).toBeGreaterThan(590);
  expect(good.punty?.base).toBeLessThan(700);
  expect(good.boxed).toBeGreaterThan(4.6);
});

it('left out before it was let set, the lip fell under its strain point', () => {
  const cold = record({ letSet: 90 });
  expect(cold.lip?.under).toBeGreaterThan(10);
  expect(cold.lip?.above).toBeLessThan(0);
});

it('left out before the punty, the base was cold', () => {
  expect(record({ punty: 60 }).punty?.base).toBeLessThan((record().punty?.base ?? 0) - 60);
});

it('a length read at the neck is the neck’s, one read elsewhere is not', () => {
  const at = plan.steps.findIndex((s) => s.kind === 'neck');
  const ends = plan.steps.map((_, i) =>
    plan.steps.slice(0, i + 1).reduce((t, s) => t + 1000 * s.seconds, 0),
  );
  const events = plan.steps.map((s, i): MakingEvent => ({
    kind: 'step',
    what: 'done',
    step: s.id,
    id: `n${String(i).padStart(3, '0')}`,
    at: ends[i] ?? 0,
  }));
  const state = makingState(plan.steps, 0, events, plan);
  const during = { at: (ends[at] ?? 0) - 1000, value: 0.027 };
  expect(neckRead(state, [during], 0.025)).toEqual({ neck: 27, pipe: 25 });
  expect(neckRead(state, [{ at: 1000, value: 0.05 }], 0.025)).toBeUndefined();
  expect(neckRead(state, [], 0.025)).toBeUndefined();
});
