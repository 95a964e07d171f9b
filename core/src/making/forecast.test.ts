// The plan timed anew: unchanged where all is on time, moved by exactly what is late, helpers put off with it, waits that are too long told.
import type { Happened } from './makingState';
import * as fc from 'fast-check';
import { wallZone, SIDES } from '../iron/zones';
import type { HeatPart } from '../iron/hotShop';
import { SHIPPED_RACK } from '../rack/rack';
import type { WorkStep } from '../work/facts';
import { forecast } from './forecast';
import { makingState } from './makingState';

const glass = SHIPPED_RACK.glass('soft-batch-96');
if (!glass) throw new Error('no soft glass');
const part = (name: string): HeatPart => ({
  name,
  glass,
  zones: [wallZone({ name: 'wall', end: 'middle' }, 0.004, SIDES.open, 0.01, glass, 0)],
  gathered: [1e-4],
});
const PARTS = [part('bowl'), part('foot')];
const T0 = 1_800_000_000_000;
const step = (id: string, kind: WorkStep['kind'], part: number, seconds: number, to?: number) => ({
  id,
  kind,
  part,
  seconds,
  ...(to !== undefined && { to }),
});
/** A bowl of 12 + 60 + 20 s; its foot gathered and shaped beside it, put on at 92 s, then 10 s more. */
const PLAN: readonly WorkStep[] = [
  step('a', 'gather', 0, 12),
  step('b', 'blow', 0, 60),
  step('h', 'reheat', 0, 20),
  step('c', 'gather', 1, 12),
  step('d', 'shapeSolid', 1, 30),
  step('e', 'attach', 1, 12, 0),
  step('g', 'straight', 0, 10),
];
const STARTS = [0, 12, 72, 50, 62, 92, 104];
const LANES = [0, 0, 0, 1, 1, 0, 0];
const PLANNED = 114;
let n = 0;
const tap = (what: 'done' | 'begun', of: string, s: number): Happened => ({
  kind: 'step',
  what,
  step: of,
  id: `e${String((n += 1)).padStart(4, '0')}`,
  at: T0 + 1000 * s,
});
const at = (events: readonly Happened[], s: number) =>
  forecast(
    makingState(PLAN, T0, events, { lanes: LANES }),
    { starts: STARTS },
    PARTS,
    T0 + 1000 * s,
  );

it('on time it is the plan', () => {
  const told = at([], 0);
  expect(told.starts).toEqual(STARTS);
  expect(told).toMatchObject({ behind: 0, total: PLANNED, held: [] });
  expect(at([tap('done', 'a', 12), tap('done', 'b', 72)], 72).starts).toEqual(STARTS);
});

it('late it moves by what is late, and what the helper has not begun moves with it', () => {
  const events = [tap('done', 'a', 12)];
  // The blowing was to end at 72; at 95 it has not.
  const told = at(events, 95);
  expect(told.behind).toBe(23);
  // Foot: 50 and 62 before; 23 s later now, so that it is not ready before it is wanted. Nobody tapped: it is taken to be on its way.
  expect(told.starts.slice(2)).toEqual([95, 73, 85, 115, 127]);
});

it('a helper who taps begins nothing in the past: the bench waits for them', () => {
  const events = [tap('done', 'a', 12), tap('begun', 'c', 60), tap('done', 'b', 72)];
  // At 75 the foot is still being gathered, in the heat's time: gathered by 75, shaped by 105, joined 13 s late.
  const told = at(events, 75);
  expect(told.starts.slice(3)).toEqual([60, 75, 105, 117]);
  expect(told.behind).toBe(13);
});

it('ahead it is said to be ahead, and the helper is wanted at once', () => {
  const told = at([tap('done', 'a', 6), tap('done', 'b', 30)], 30);
  // The foot takes 42 s, the heat 20: the join waits for the foot, which is wanted now.
  expect(told.starts[3]).toBe(30);
  expect(told.starts[5]).toBe(72);
  expect(told.behind).toBe(-20);
  // One who has begun at 20 is through with it at 62.
  const tapped = at([tap('done', 'a', 6), tap('begun', 'c', 20), tap('done', 'b', 30)], 30);
  expect(tapped.starts.slice(3)).toEqual([20, 32, 62, 74]);
  expect(tapped.behind).toBe(-30);
});

it('a foot made in time for a bowl that is late waits too long, and that is told', () => {
  const events = [
    tap('done', 'a', 12),
    tap('begun', 'c', 50),
    tap('done', 'c', 62),
    tap('begun', 'd', 62),
    tap('done', 'd', 92),
  ];
  const told = at(events, 130);
  // The blowing goes on; heat 20 s: joined at 150, 58 s after the foot was ready.
  expect(told.held).toEqual([
    expect.objectContaining({ part: 1, after: 4, before: 5, since: 92, waits: 58 }),
  ]);
  expect(told.held[0]?.over).toBeGreaterThan(20);
});

it('what a helper who taps nothing parks is parked when it is let go, early or late: nobody is told to hold it', () => {
  const plan = [
    ...PLAN.slice(0, 3),
    step('k', 'knockOff', 0, 8),
    step('p', 'garage', 0, 8),
    step('n', 'gather', 1, 12),
  ];
  const starts = [0, 12, 72, 92, 100, 100];
  const lanes = [0, 0, 0, 0, 1, 0];
  for (const end of [40, 100, 160]) {
    const events = [
      tap('done', 'a', 5),
      tap('done', 'b', 20),
      tap('done', 'h', 30),
      tap('done', 'k', end),
    ];
    const state = makingState(plan, T0, events, { lanes });
    const told = forecast(state, { starts }, PARTS, T0 + 1000 * (end + 60));
    expect(told.starts[4]).toBe(end);
    expect(told.held).toEqual([]);
  }
});

it('what is put in takes its time; what is skipped takes none', () => {
  const put: Happened = {
    kind: 'put in',
    after: 'b',
    step: step('x', 'flash', 0, 15),
    id: 'p',
    at: T0 + 71_000,
  };
  const events = [tap('done', 'a', 12), put, tap('done', 'b', 72)];
  expect(at(events, 72).behind).toBe(15);
  const skip: Happened = { kind: 'step', what: 'skipped', step: 'h', id: 's', at: T0 + 72_000 };
  expect(at([tap('done', 'a', 12), tap('done', 'b', 72), skip], 72).starts[2]).toBeNaN();
});

it('nothing begins in the past, nor before what it follows has ended; the order of each lane is kept', () => {
  const events = fc.array(
    fc.record({
      of: fc.constantFrom('a', 'b', 'h', 'c', 'd', 'e'),
      s: fc.integer({ min: 1, max: 300 }),
    }),
    { maxLength: 6 },
  );
  fc.assert(
    fc.property(events, fc.integer({ min: 0, max: 400 }), (list, now) => {
      const taps = list.filter(({ s }) => s <= now).map(({ of, s }) => tap('done', of, s));
      const state = makingState(PLAN, T0, taps, { lanes: LANES });
      const told = forecast(state, { starts: STARTS }, PARTS, T0 + 1000 * now);
      let lead = 0;
      state.steps.forEach((line, i) => {
        if (line.state !== 'to come') return;
        const tapped = taps.some((e) => e.kind === 'step' && (e.step === 'c' || e.step === 'd'));
        if (line.lane === 0 || tapped) expect(told.starts[i]).toBeGreaterThanOrEqual(now);
        if (line.lane !== 0) return;
        expect(told.starts[i]).toBeGreaterThanOrEqual(lead - 1e-6);
        lead = told.ends[i] as number;
      });
    }),
  );
});
