// The heat that is really there, by what happened: colder the longer nothing is done, hot again after the fire, in the words of the trade.
import type { Happened } from './makingState';
import { STUDIO_FIRES } from '../iron/surroundings';
import type { HeatPart } from '../iron/hotShop';
import { SIDES, wallZone } from '../iron/zones';
import { SHIPPED_RACK } from '../rack/rack';
import type { WorkStep } from '../work/facts';
import { STEPS } from '../work/steps';
import { asHappened } from './happened';
import { HEAT_AHEAD, heatNow } from './makingHeat';
import { heatWanted } from './heatWanted';
import { lookedBack } from './lookedBack';
import { makingState } from './makingState';
import { REMEDIES } from './remedies';

const glass = SHIPPED_RACK.glass('soft-batch-96');
if (!glass) throw new Error('no soft glass');
const T0 = 1_800_000_000_000;
const cup: HeatPart = {
  name: 'cup',
  glass,
  zones: [wallZone({ name: 'wall', end: 'middle' }, 0.003, SIDES.open, 0.01, glass, 0)],
  gathered: [1e-4],
};
const step = (id: string, kind: WorkStep['kind'], seconds: number): WorkStep => ({
  id,
  kind,
  part: 0,
  seconds,
});
const PLAN = [
  step('g', 'gather', 12),
  step('s', 'shapeSolid', 20),
  step('h', 'reheat', 25),
  step('o', 'open', 40),
];
const done = (of: string, s: number): Happened => ({
  kind: 'step',
  what: 'done',
  step: of,
  id: `e-${of}-${String(s)}`,
  at: T0 + 1000 * s,
});
const now = (events: readonly Happened[], s: number) =>
  heatNow([cup], makingState(PLAN, T0, events), T0 + 1000 * s, STUDIO_FIRES)[0];

it('has no glass before the first gather is done, and hot glass after', () => {
  const gathered = [done('g', 12)];
  expect(now(gathered, 14)?.band).toMatch(/runny|soft/);
  expect(now(gathered, 14)?.mean).toBeGreaterThan(900);
});

it('cools at the bench by the second, and says what it falls to and when; the fire brings it back', () => {
  const shaped = [done('g', 12), done('s', 32)];
  const [early, late] = [now([done('g', 12)], 15), now([done('g', 12)], 50)];
  expect(late?.mean).toBeLessThan((early?.mean ?? 0) - 40);
  expect(early?.falls?.in).toBeGreaterThan(0);
  // What was foretold comes about: at that moment it has the word.
  const { to, in: after } = early?.falls ?? { to: 'runny', in: 0 };
  expect(now([done('g', 12)], 15 + after + 1)?.band).toBe(to);
  const [before, heated] = [now(shaped, 32), now([...shaped, done('h', 60)], 60)];
  expect(heated?.mean).toBeGreaterThan((before?.mean ?? 0) + 50);
});

it('left at the bench a thin cup is brittle within minutes, and is said to be before', () => {
  const events = [done('g', 12), done('s', 32), done('h', 57)];
  const foretold = now(events, 60)?.brittleIn;
  expect(foretold).toBeGreaterThan(20);
  expect(foretold).toBeLessThan(HEAT_AHEAD);
  expect(now(events, 60 + (foretold ?? 0) + 3)?.brittleIn).toBe(0);
});

it('goes on cooling when every step is done and nobody has boxed it', () => {
  const events = [done('g', 12), done('s', 32), done('h', 57), done('o', 90)];
  const state = makingState(PLAN, T0, events);
  expect(state.now).toBeUndefined();
  expect(asHappened(state, T0 + 120_000, 0).steps.at(-1)).toMatchObject({
    id: 'held',
    seconds: 30,
  });
  expect(now(events, 130)?.mean).toBeLessThan((now(events, 95)?.mean ?? 0) - 20);
});

it('rehearsed too slowly, it is said where the piece would have been lost; rehearsed as planned, it is not', () => {
  const plan = [done('g', 12), done('s', 30), done('h', 41), done('o', 50)];
  const of = (events: readonly Happened[]) =>
    lookedBack([cup], makingState(PLAN, T0, events), STUDIO_FIRES)?.lost.filter(
      (l) => l.verdict === 'no',
    ) ?? [];
  // Left at the bench for minutes before it is heated, and opened long after that.
  const slow = [done('g', 12), done('s', 200), done('h', 225), done('o', 420)];
  expect(of(slow).length).toBeGreaterThan(of(plan).length);
  expect(of(slow)[0]?.because).toMatch(/\w/);
});

it('every mishap a bench can name has an answer, and every answer is a step there is', () => {
  for (const [mishap, steps] of Object.entries(REMEDIES))
    for (const id of steps) expect([mishap, id in STEPS]).toEqual([mishap, true]);
});

describe('the fire where it was, not where the plan had it', () => {
  const fire = (what: 'in' | 'out', s: number): Happened => ({
    kind: 'fire',
    what,
    id: `f-${what}-${String(s)}`,
    at: T0 + 1000 * s,
  });
  const shaped = [done('g', 12), done('s', 32), done('h', 57)];

  it('in the fire while it should be opened it warms, and is said to be there', () => {
    const there = now([...shaped, fire('in', 60)], 80);
    expect(there?.where).toBe('in the fire');
    expect(there?.mean).toBeGreaterThan((now(shaped, 80)?.mean ?? 0) + 50);
  });

  it('out of it while it should be heated it cools', () => {
    const heating = [done('g', 12), done('s', 32)];
    const out = now([...heating, fire('out', 35)], 55);
    expect(out?.where).toBe('in hand');
    expect(out?.mean).toBeLessThan((now(heating, 55)?.mean ?? 0) - 50);
  });

  it('a heat begun anew does not count the time between as in the fire', () => {
    const again: Happened = {
      kind: 'step',
      what: 'again',
      step: 'h',
      id: 'again',
      at: T0 + 120_000,
    };
    const opened = [...shaped, done('o', 100)];
    const reheated = now([...opened, again], 125);
    expect(reheated?.mean).toBeLessThan((now(shaped, 57)?.mean ?? 0) - 20);
  });
});

it('a bit that was put on is told by its own name, colder or hotter than what it hangs on', () => {
  const handled: HeatPart = {
    ...cup,
    bits: [{ name: 'handle', mass: 0.03, thickness: 0.012, copies: 1, contact: 2e-4, at: 0 }],
  };
  const plan = [...PLAN, { ...step('b', 'handle', 20), name: 'handle' }];
  const events = [done('g', 12), done('s', 32), done('h', 57), done('o', 80), done('b', 100)];
  const glass = heatNow([handled], makingState(plan, T0, events), T0 + 102_000, STUDIO_FIRES);
  expect(glass.map((g) => [g.name, g.on])).toEqual(
    expect.arrayContaining([
      ['cup', undefined],
      ['handle', 'cup'],
    ]),
  );
  const [bit, wall] = [glass.find((g) => g.on !== undefined), glass.find((g) => !g.on)];
  expect(bit?.mean).toBeGreaterThan((wall?.mean ?? 0) + 20);
});

describe('how long the heat in the fire should last', () => {
  const open = [
    ...PLAN.slice(0, 2),
    step('w', 'straight', 40),
    ...PLAN.slice(2, 3),
    { ...step('o', 'open', 14), zone: 'all' as const },
  ];
  // Held up a while: it has gone cold.
  const shaped = [done('g', 12), done('s', 32), done('w', 72)];
  const wanted = heatWanted([cup], makingState(open, T0, shaped), STUDIO_FIRES);

  it('so long that what follows can be done: heated for less it cannot, for so long it can', () => {
    expect(wanted?.upTo).toBe('o');
    const verdictAfter = (seconds: number) => {
      const events = [...shaped, done('h', 72 + seconds), done('o', 86 + seconds)];
      return lookedBack([cup], makingState(open, T0, events), STUDIO_FIRES)?.lost.some(
        (l) => l.step === 'o' && l.verdict === 'no',
      );
    };
    const { least = 0, most = 0 } = wanted ?? {};
    expect(least).toBeGreaterThan(5);
    expect(most).toBeGreaterThanOrEqual(least);
    expect(verdictAfter(least)).toBe(false);
    expect(verdictAfter(Math.max(1, least / 3))).toBe(true);
  });

  it('is asked of a heat alone', () => {
    expect(heatWanted([cup], makingState(open, T0, [done('g', 12)]), STUDIO_FIRES)).toBeUndefined();
  });
});
