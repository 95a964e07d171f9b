// What a making comes to: by its events alone, in whatever order they are told, corrected by others.
import type { Happened } from './makingState';
import * as fc from 'fast-check';
import { fireNow, makingState, takenSeconds, type PlannedStep } from './makingState';

const T0 = 1_800_000_000_000;
const at = (s: number): number => T0 + 1000 * s;
const step = (id: string, kind = 'shapeSolid', seconds = 20): PlannedStep => ({
  id,
  kind,
  part: 'p1',
  seconds,
});
const PLAN = [step('s1', 'gather'), step('s2', 'marver'), step('s3', 'reheat'), step('s4')];
let n = 0;
/** An event's id: any that no other has. */
const id = (): string => `00000000-0000-4000-8000-${String((n += 1)).padStart(12, '0')}`;
const done = (of: string, s: number): Happened => ({
  kind: 'step',
  what: 'done',
  step: of,
  id: id(),
  at: at(s),
});
const names = (events: readonly Happened[]): string[] =>
  makingState(PLAN, T0, events).steps.map((l) => `${l.step.id} ${l.state}`);

it('begins with its first step, and each that is done begins the next', () => {
  expect(names([])).toEqual(['s1 now', 's2 to come', 's3 to come', 's4 to come']);
  const state = makingState(PLAN, T0, [done('s1', 14), done('s2', 40)]);
  expect(state.now).toBe(2);
  expect(state.steps[1]).toMatchObject({ begun: at(14), ended: at(40) });
  expect(takenSeconds(state)).toEqual([
    { id: 's1', kind: 'gather', planned: 20, took: 14 },
    { id: 's2', kind: 'marver', planned: 20, took: 26 },
  ]);
});

it('is out of the fire since the heat was done, or as it is tapped', () => {
  const events = [done('s1', 10), done('s2', 20)];
  expect(makingState(PLAN, T0, [events[0] as Happened]).fire).toBeUndefined();
  expect(makingState(PLAN, T0, events).fire).toEqual({ what: 'in', since: at(20) });
  const skipped: Happened = {
    kind: 'step',
    what: 'skipped',
    step: 's3',
    id: id(),
    at: at(22),
  };
  expect(makingState(PLAN, T0, [...events, skipped]).fire).toBeUndefined();
  const heated = [...events, done('s3', 45)];
  expect(makingState(PLAN, T0, heated).fire).toEqual({ what: 'out', since: at(45) });
  const again: Happened[] = [...heated, { kind: 'fire', what: 'in', id: id(), at: at(60) }];
  expect(makingState(PLAN, T0, again).fire).toEqual({ what: 'in', since: at(60) });
});

it('before its first heat is out since it came out of the furnace, on every screen', () => {
  const now = (...events: Happened[]) => fireNow(makingState(PLAN, T0, events));
  expect(now()).toBeUndefined();
  expect(now(done('s1', 10))).toEqual({ what: 'out', since: at(10) });
  expect(now(done('s1', 10), done('s2', 20))).toEqual({ what: 'in', since: at(20) });
  expect(now(done('s1', 10), done('s2', 20), done('s3', 45))).toEqual({
    what: 'out',
    since: at(45),
  });
});

it('skipped, done again, put in', () => {
  const events: Happened[] = [
    done('s1', 10),
    { kind: 'step', what: 'skipped', step: 's2', id: id(), at: at(11) },
    done('s3', 30),
    { kind: 'step', what: 'again', step: 's3', id: id(), at: at(31) },
  ];
  expect(names(events)).toEqual(['s1 done', 's2 skipped', 's3 now', 's4 to come']);
  expect(makingState(PLAN, T0, events).steps[2]?.again).toBe(1);
  const put: Happened[] = [
    done('s1', 10),
    { kind: 'put in', after: 's1', step: step('x1', 'flash', 5), id: id(), at: at(12) },
  ];
  const state = makingState(PLAN, T0, put);
  expect(state.steps.map((l) => l.step.id)).toEqual(['s1', 'x1', 's2', 's3', 's4']);
  expect(state.steps[1]).toMatchObject({ state: 'now', putIn: true });
  expect(state.steps[2]?.state).toBe('to come');
});

it('what is taken back never happened; a taking back can be taken back', () => {
  const first = done('s1', 10);
  const second = done('s2', 20);
  const undo: Happened = { kind: 'taken back', event: second.id, id: id(), at: at(21) };
  expect(names([first, second, undo])).toEqual(['s1 done', 's2 now', 's3 to come', 's4 to come']);
  expect(makingState(PLAN, T0, [first, second, undo]).undoable).toBe(first.id);
  const redo: Happened = { kind: 'taken back', event: undo.id, id: id(), at: at(22) };
  expect(names([first, second, undo, redo])[1]).toBe('s2 done');
});

it('ends in the box, or given up; nothing is now any more', () => {
  const boxed: Happened = { kind: 'boxed', annealer: 'the front box', id: id(), at: at(400) };
  const state = makingState(PLAN, T0, [done('s1', 10), boxed]);
  expect(state.ended).toEqual({ how: 'boxed', at: at(400) });
  expect(state.now).toBeUndefined();
  expect(state.last).toBe(at(400));
  const given: Happened = { kind: 'given up', id: id(), at: at(50) };
  expect(makingState(PLAN, T0, [given]).ended?.how).toBe('given up');
});

it('mishaps, being away and what says nothing of the steps', () => {
  const state = makingState(PLAN, T0, [
    { kind: 'mishap', what: 'off centre', says: 'jacked it', id: id(), at: at(5) },
    { kind: 'away', what: 'gone', id: id(), at: at(6) },
    { kind: 'note', says: 'x', id: id(), at: at(7) },
  ]);
  expect(state.mishaps).toEqual([{ what: 'off centre', at: at(5), says: 'jacked it' }]);
  expect(state.away).toBe(true);
  expect(state.now).toBe(0);
});

it('told twice, or out of order, it is the same; at most one step is ever now, and none is both', () => {
  const event = fc.record({
    what: fc.constantFrom('begun', 'done', 'skipped', 'again' as const),
    step: fc.constantFrom('s1', 's2', 's3', 's4', 'gone'),
    s: fc.integer({ min: 0, max: 600 }),
  });
  fc.assert(
    fc.property(fc.array(event, { maxLength: 25 }), fc.integer(), (list, seed) => {
      const events = list.map(({ what, step: of, s }, i): Happened => ({
        kind: 'step',
        what: what as 'done',
        step: of,
        id: `e${String(i)}`,
        // No two at one moment: those keep the order they were told in.
        at: at(s) + i,
      }));
      const state = makingState(PLAN, T0, events);
      expect(state.steps.filter((l) => l.state === 'now').length).toBeLessThanOrEqual(1);
      const shuffled = [...events, ...events].sort(
        (a, b) => ((a.at * 31 + seed) % 7) - ((b.at * 31 + seed) % 7),
      );
      expect(makingState(PLAN, T0, shuffled)).toEqual(state);
    }),
  );
});

describe('with helpers', () => {
  /** A bowl; its foot beside it, joined to it; then the bowl goes on. */
  const of = (
    id: string,
    kind: string,
    part: string,
    seconds: number,
    to?: string,
  ): PlannedStep => ({
    id,
    kind,
    part,
    seconds,
    ...(to !== undefined && { to }),
  });
  const SHARED = [
    of('a', 'gather', 'p1', 12),
    of('b', 'blow', 'p1', 60),
    of('c', 'gather', 'p2', 12),
    of('d', 'shapeSolid', 'p2', 30),
    of('e', 'attach', 'p2', 12, 'p1'),
    of('f', 'straight', 'p1', 10),
  ];
  const beside = { lanes: [0, 0, 1, 1, 0, 0], starts: [0, 12, 28, 40, 72, 84] };
  const state = (events: readonly Happened[]) => makingState(SHARED, T0, events, beside);
  const tap = (what: 'begun' | 'done', step: string, s: number): Happened => ({
    kind: 'step',
    what,
    step,
    id: id(),
    at: at(s),
  });

  it('the lead’s next passes over what a helper does; the helper’s tap leaves the lead’s step alone', () => {
    const lead = [done('a', 14), done('b', 80)];
    expect(state(lead).now).toBe(4);
    const both = state([done('a', 14), tap('begun', 'c', 30)]);
    expect([both.now, both.beside]).toEqual([1, [2]]);
    expect(state([done('a', 14), tap('begun', 'c', 30), tap('done', 'c', 45)]).beside).toEqual([]);
  });

  it('what nobody tapped was done, as long before it as planned, when what it is for is done', () => {
    const after = state([done('a', 14), done('b', 80), done('e', 95)]);
    expect(after.steps.slice(2, 4)).toMatchObject([
      // Joined from 80 on, where 72 was planned: the foot 8 s later than planned.
      { state: 'done', assumed: true, begun: at(36), ended: at(48) },
      { state: 'done', assumed: true, begun: at(48), ended: at(78) },
    ]);
    expect(takenSeconds(after).map((t) => t.id)).toEqual(['a', 'b', 'e']);
  });

  it('what was tapped stays as it was tapped; what came before it in the same hands was done', () => {
    const late = state([done('a', 14), tap('begun', 'd', 60), done('b', 80), done('e', 95)]);
    expect(late.steps[3]).toMatchObject({ begun: at(60), state: 'done', assumed: true });
    expect(late.steps[2]).toMatchObject({ state: 'done', assumed: true, begun: at(48) });
  });

  it('two who tap at once begin and end it once', () => {
    const twice = state([
      tap('begun', 'c', 30),
      tap('begun', 'c', 30.2),
      tap('done', 'c', 45),
      tap('done', 'c', 45.4),
    ]);
    expect(twice.steps[2]).toMatchObject({ begun: at(30), ended: at(45), again: 0 });
    const next = state([done('a', 14), done('a', 14.3)]);
    expect([next.now, next.steps[0]?.ended]).toEqual([1, at(14)]);
  });
});

it('a step gone on with after another came between has two runs; begun anew it is told so', () => {
  const put: Happened = { kind: 'put in', step: step('x1', 'flash', 5), id: id(), at: at(12) };
  const on = makingState(PLAN, T0, [put, done('x1', 17), done('s1', 20)]);
  expect(on.steps.find((l) => l.step.id === 's1')?.runs).toEqual([
    { from: at(0), to: at(12), over: false },
    { from: at(17), to: at(20), over: false },
  ]);
  expect(takenSeconds(on).find((t) => t.id === 's1')?.took).toBe(15);
  const again: Happened = { kind: 'step', what: 'again', step: 's1', id: id(), at: at(8) };
  expect(makingState(PLAN, T0, [again]).steps[0]?.runs).toEqual([
    { from: at(0), to: at(8), over: false },
    { from: at(8), to: undefined, over: true },
  ]);
});

it('the fire is told apart where a step does not say it: in while there is none, out while there is one', () => {
  const fire = (what: 'in' | 'out', s: number): Happened => ({
    kind: 'fire',
    what,
    id: id(),
    at: at(s),
  });
  // In during the marver, out of it by the heat that follows.
  expect(makingState(PLAN, T0, [done('s1', 10), fire('in', 15), done('s2', 30)]).spans).toEqual([
    { what: 'in', from: at(15), to: at(30) },
  ]);
  expect(
    makingState(PLAN, T0, [done('s1', 10), done('s2', 20), fire('out', 25), fire('in', 31)]).spans,
  ).toEqual([{ what: 'out', from: at(25), to: at(31) }]);
  expect(makingState(PLAN, T0, [fire('out', 4)]).spans).toEqual([]);
});
