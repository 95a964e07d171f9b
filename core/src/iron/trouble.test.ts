// What goes wrong in a step, and how grave: each kind of trouble at its own bounds, in the part and end where it is.
import { consistency } from '../glass/consistency';
import { fitVft, logViscosity, strainPoint, temperatureAtLog } from '../glass/viscosity';
import { SHIPPED_RACK } from '../rack/rack';
import { factsOf, type WorkStep } from '../work/facts';
import { STEPS } from '../work/steps';
import { unite } from '../work/joined';
import { coldShop, type HeatPart, type HeatState } from './hotShop';
import { found, needOf, stiffnessOf, heatTrouble } from './trouble';
import { coldTrouble } from './troubleCold';
import { faces } from './troubleJoins';
import { SIDES, wallZone } from './zones';

const glassOf = (id: string) => {
  const glass = SHIPPED_RACK.glass(id);
  if (!glass) throw new Error(`the rack has lost ${id}`);
  return glass;
};
const soft = glassOf('soft-batch-96');
const hard = glassOf('borosilicate-33');
const part = (name: string, glass = soft): HeatPart => ({
  name,
  glass,
  zones: [
    wallZone({ name: 'base', end: 'base' }, 0.006, SIDES.open, 0.01, glass, 0.01),
    wallZone({ name: 'lip', end: 'top' }, 0.003, SIDES.lip, 0.004, glass, 0),
  ],
  gathered: [1e-4],
});
const PARTS = [part('bowl'), part('foot')];
const stiff = stiffnessOf(PARTS);
/** Formed, off the pipe, every zone of every part at its own heat. */
const at = (...heats: readonly (readonly [base: number, lip: number])[]): HeatState => ({
  ...coldShop(PARTS),
  phase: PARTS.map((_, i) => (heats[i] ? 'formed' : 'absent')),
  opened: PARTS.map(() => true),
  cells: heats.map(([b, l]) => [new Float64Array(8).fill(b), new Float64Array(8).fill(l)]),
});
const step = (kind: WorkStep['kind'], more: Partial<WorkStep> = {}): WorkStep => ({
  id: kind,
  kind,
  part: 0,
  seconds: 10,
  ...more,
});
const trouble = (state: HeatState, s: WorkStep) =>
  heatTrouble(s, PARTS, stiff, found(state, PARTS, s));
const vft = fitVft(soft);
const heatAt = (log: number): number => temperatureAtLog(vft, log);

describe('what a step finds', () => {
  it('is the glass of the end it works: the lip for opening, all of it for blowing', () => {
    const state = at([900, 700]);
    expect(found(state, PARTS, step('open'))).toMatchObject({ hottest: 700, coldest: 700 });
    const all = found(state, PARTS, step('open', { zone: 'all' }));
    expect(all).toMatchObject({ hottest: 900, coldest: 700, coldestZone: 'lip', mean: 800 });
  });
  it('is nothing where there is no glass, or no part', () => {
    expect(found(coldShop(PARTS), PARTS, step('open'))).toBeUndefined();
    expect(found(at([900, 900]), PARTS, step('open', { part: 7 }))).toBeUndefined();
  });
  it('is asked for what its kind wants, unless the step says otherwise', () => {
    expect(needOf(step('open'))).toBe(STEPS.open.needs);
    expect(needOf(step('open', { needs: 'soft' }))).toBe('soft');
    expect(needOf(step('own', { like: 'crackOff' }))).toBe(STEPS.crackOff.needs);
  });
});

describe('too stiff', () => {
  const needs = STEPS.open.needs;
  // Nothing moves from 5.5 on (PHYSICS §1); workable glass stops just short of it.
  const limit = needs === 'soft' ? 4.1 : 5.4;
  it.each([
    [-0.05, undefined],
    [0.3, 'watch'],
    [0.55, 'watch'],
    [0.7, 'no'],
    [3, 'no'],
  ] as const)('by %p in log₁₀ η it is %p', (over, verdict) => {
    const t = heatAt(limit + over);
    const told = trouble(at([1000, t]), step('open'));
    expect(told?.verdict.verdict).toBe(verdict);
    if (told) {
      expect(told.kind).toBe('stiff');
      expect(told.verdict.because).toContain('lip of the bowl');
      expect(told.verdict.because).toContain(consistency(logViscosity(vft, t)));
      expect(told.verdict.because).toContain(`${String(Math.round(t))} °C`);
    }
  });
  it('a heat is never too stiff for itself, and neither is gathering, parking or boxing', () => {
    for (const kind of ['reheat', 'flash', 'gather', 'garage', 'box'] as const)
      expect(trouble(at([560, 540]), step(kind, { needs: 'soft' }))).toBeUndefined();
  });
});

describe('too soft', () => {
  it('glass that still runs holds no shape, unless it is to run', () => {
    const running = at([heatAt(2.3), heatAt(2.3)]);
    expect(trouble(running, step('open'))).toMatchObject({
      kind: 'runs',
      verdict: { verdict: 'watch' },
    });
    expect(trouble(running, step('open', { needs: 'runny' }))).toBeUndefined();
  });
  it('what should have set sags: to be watched when nearly set, not to be done when soft', () => {
    const crack = step('crackOff', { needs: 'set', zone: 'all' });
    expect(trouble(at([heatAt(6.5), heatAt(6.5)]), crack)).toBeUndefined();
    expect(trouble(at([heatAt(5.8), heatAt(6.5)]), crack)).toMatchObject({
      kind: 'unset',
      verdict: { verdict: 'watch' },
    });
    expect(trouble(at([heatAt(4.5), heatAt(6.5)]), crack)?.verdict.verdict).toBe('no');
  });
});

describe('too cold beside hot', () => {
  const strain = strainPoint(soft);
  it.each([
    [strain + 120, undefined],
    [strain + 30, 'watch'],
    [strain - 5, 'no'],
  ] as const)('a lip at %p °C under a hot base: %p', (t, verdict) => {
    const told = coldTrouble(at([900, t]), PARTS, stiff);
    expect(told?.verdict.verdict).toBe(verdict);
    if (told) {
      expect(told).toMatchObject({ kind: 'cold', part: 0, end: 'top' });
      expect(told.verdict.because).toContain('lip of the bowl');
    }
  });
  it('is no trouble where all of it is cold together', () => {
    expect(coldTrouble(at([strain, strain - 20]), PARTS, stiff)).toBeUndefined();
  });
  it('is one where a cold part hangs on a hot one, and none while they are apart', () => {
    const state = at([900, 900], [strain - 20, strain - 20]);
    expect(coldTrouble(state, PARTS, stiff)).toBeUndefined();
    unite(state.groups, 1, 0);
    expect(coldTrouble(state, PARTS, stiff)).toMatchObject({ part: 1, verdict: { verdict: 'no' } });
  });
  it('tells the coldest of several', () => {
    const state = at([900, strain + 20], [strain - 60, strain + 10]);
    unite(state.groups, 1, 0);
    expect(coldTrouble(state, PARTS, stiff)).toMatchObject({ part: 1, end: 'base' });
  });
  it('hard glass stands it: it shrinks a third as much', () => {
    const parts = [part('bulb', hard)];
    const state: HeatState = {
      ...coldShop(parts),
      phase: ['formed'],
      opened: [true],
      cells: [[new Float64Array(8).fill(1000), new Float64Array(8).fill(400)]],
    };
    expect(coldTrouble(state, parts, stiffnessOf(parts))).toBeUndefined();
  });
  it('asks for more room where a margin is asked', () => {
    const state = at([900, strain + 60]);
    expect(coldTrouble(state, PARTS, stiff)).toBeUndefined();
    expect(coldTrouble(state, PARTS, stiff, 40)?.verdict.verdict).toBe('watch');
  });
  it('what is boxed is safe', () => {
    const state = at([900, strain - 50]);
    state.phase[0] = 'boxed';
    expect(coldTrouble(state, PARTS, stiff)).toBeUndefined();
  });
});

describe('faces of a join', () => {
  const join = (more: Partial<WorkStep> = {}): WorkStep =>
    step('attach', { part: 1, to: 0, ...more });
  // The foot lies after the bowl: its base meets the bowl's top end.
  const state = (foot: number, bowl: number): HeatState => at([700, bowl], [foot, 700]);
  it.each([
    [850, 800, undefined],
    [1150, 700, 'watch'],
    [1000, 500, 'no'],
    [490, 1000, 'no'],
  ] as const)('a face at %p on one at %p °C: %p', (foot, bowl, verdict) => {
    expect(faces(state(foot, bowl), PARTS, stiff, join())?.verdict.verdict).toBe(verdict);
  });
  it('names the colder one', () => {
    expect(faces(state(1000, 500), PARTS, stiff, join())).toMatchObject({ part: 0 });
    expect(faces(state(490, 1000), PARTS, stiff, join())).toMatchObject({ part: 1 });
  });
  it('a cold seal is meant to break away; a glue bit bears faces far apart, but no cold one', () => {
    expect(faces(state(1000, 500), PARTS, stiff, join({ seal: 'cold' }))).toBeUndefined();
    expect(faces(state(1150, 700), PARTS, stiff, join({ seal: 'glue' }))).toBeUndefined();
    expect(faces(state(1000, 480), PARTS, stiff, join({ seal: 'glue' }))?.verdict.verdict).toBe(
      'no',
    );
  });
  it('is asked of joins only, to parts that are there', () => {
    expect(factsOf(step('open')).does).not.toBe('join');
    expect(faces(state(1000, 500), PARTS, stiff, step('open'))).toBeUndefined();
    expect(faces(state(1000, 500), PARTS, stiff, step('attach', { part: 1 }))).toBeUndefined();
    expect(faces(at([700, 800]), PARTS, stiff, join())).toBeUndefined();
  });
});
