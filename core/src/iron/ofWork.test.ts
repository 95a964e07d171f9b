// The heat of a whole order: a track a zone from its gather to the box, each step judged where it ends, the same however it is cut.
import { SHIPPED_RACK } from '../rack/rack';
import type { DraftInput } from '../order/draftInput';
import { draftWork } from '../order/draftWork';
import { inTurn, withHelpers } from '../work/clock';
import { factsOf, type WorkStep } from '../work/facts';
import { needOf } from './trouble';
import type { HeatPart } from './hotShop';
import { heatOfWork } from './ofWork';
import { STUDIO_FIRES } from './surroundings';
import { lumpOf, SIDES, wallZone } from './zones';

const glass = SHIPPED_RACK.glass('soft-batch-96');
if (!glass) throw new Error('no soft glass');
const cup: HeatPart = {
  name: 'cup',
  glass,
  zones: [
    wallZone({ name: 'base', end: 'base' }, 0.006, SIDES.open, 0.006, glass, 0.01),
    wallZone({ name: 'wall', end: 'middle' }, 0.003, SIDES.open, 0.02, glass, 0.01),
    wallZone({ name: 'lip', end: 'top' }, 0.0025, SIDES.lip, 0.004, glass, 0),
  ],
  gathered: [0.5e-4, 1e-4],
};
const foot: HeatPart = { name: 'foot', glass, zones: [lumpOf(1e-5, glass)], gathered: [1e-5] };

let n = 0;
const step = (kind: WorkStep['kind'], seconds: number, more: Partial<WorkStep> = {}): WorkStep => {
  n += 1;
  return { id: `${kind}${String(n)}`, kind, part: 0, seconds, ...more };
};
const SHORT = [
  step('gather', 12),
  step('marver', 10),
  step('reheat', 25),
  step('blow', 15),
  step('reheat', 30),
  step('box', 10),
];
const numbers = (track: Float32Array): number[] => [...track].filter((v) => !Number.isNaN(v));

describe('tracks', () => {
  const heat = heatOfWork([cup], SHORT);
  const named = (zone: number) => heat.tracks.find((t) => t.zone === zone);

  it('run from the gather to the box, sampled evenly', () => {
    expect(heat.total).toBe(102);
    expect(heat.every).toBe(1);
    for (const t of heat.tracks) expect(t.mean.length).toBeGreaterThanOrEqual(heat.samples);
    const lump = named(0);
    // It comes at the pot's heat, less what its first second cost.
    expect(lump?.mean[0]).toBeLessThanOrEqual(STUDIO_FIRES.pot);
    expect(lump?.mean[0]).toBeGreaterThan(STUDIO_FIRES.pot - 8);
  });
  it('a form has its zones from the end of the blow on; the thin one follows the fire faster', () => {
    const lip = named(2);
    expect(Number.isNaN(lip?.mean[40])).toBe(true);
    expect(Number.isNaN(lip?.mean[70])).toBe(false);
    const rise = (zone: number): number =>
      (named(zone)?.mean[91] ?? NaN) - (named(zone)?.mean[63] ?? NaN);
    expect(rise(1)).toBeGreaterThan(rise(0));
  });
  it('skins are colder than means on the bench, hotter in the fire', () => {
    const base = named(0);
    if (!base) throw new Error('a track');
    // At the end of the blow, on the bench; near the end of the last heat.
    expect(base.skin[60]).toBeLessThanOrEqual((base.mean[60] as number) + 1e-3);
    expect(base.skin[88]).toBeGreaterThan(base.mean[88] as number);
  });
  it('never leave what the hottest fire and the room can do', () => {
    for (const t of heat.tracks)
      for (const v of [...numbers(t.mean), ...numbers(t.skin)]) {
        expect(v).toBeGreaterThan(20);
        expect(v).toBeLessThanOrEqual(STUDIO_FIRES.gloryHole);
      }
  });
});

describe('steps', () => {
  const heat = heatOfWork([cup], SHORT);

  it('each is told from its start to its end; a heat ends hotter, the bench colder', () => {
    expect(heat.steps.map((s) => s.id)).toEqual(SHORT.map((s) => s.id));
    const by = (kind: string) => heat.steps.find((s) => s.id.startsWith(kind));
    expect(by('reheat')?.to).toBeGreaterThan(by('reheat')?.from ?? Infinity);
    expect(by('marver')?.to).toBeLessThan(by('marver')?.from ?? -Infinity);
  });
  it('one after the other they hang together: a step begins where the last on the same glass ended', () => {
    const [marver, reheat] = [heat.steps[1], heat.steps[2]];
    expect(reheat?.from).toBeCloseTo(marver?.to ?? NaN, 6);
  });
  it('of glass that is not there have no heat and no verdict', () => {
    const cold = heatOfWork([cup], [step('marver', 10), step('open', 10, { part: 9 })]);
    for (const s of cold.steps) {
      expect(Number.isNaN(s.to)).toBe(true);
      expect(s.verdict).toBeUndefined();
    }
  });
  it('left too long the lip is too stiff to open; flashed before, it is not', () => {
    const open = (...before: readonly WorkStep[]) =>
      heatOfWork(
        [cup],
        [step('gather', 12), step('blow', 15), step('reheat', 60), ...before, step('open', 14)],
      ).steps.at(-1);
    const late = open(step('straight', 90));
    expect(late?.trouble?.kind).toMatch(/stiff|cold/);
    expect(late?.verdict?.verdict).toBe('no');
    const flashed = open(step('straight', 90), step('longReheat', 60));
    expect(flashed?.verdict?.verdict).not.toBe('no');
  });
});

describe('a drafted order', () => {
  const input: DraftInput = {
    form: 'stemmed',
    way: 'furnace',
    parts: [
      {
        name: 'cup',
        hollow: true,
        closed: false,
        stopper: false,
        gathers: 2,
        colours: [],
        mass: 0.2,
        lowest: 0.02,
      },
      {
        name: 'foot',
        hollow: false,
        closed: false,
        stopper: false,
        gathers: 1,
        colours: [],
        mass: 0.03,
        lowest: 0,
      },
    ],
    joins: [[0, 1]],
    bits: [],
    main: 0,
  };
  const parts = [cup, foot];
  const steps = draftWork(input);

  it('is the same heat for the same clock, and another where helpers work beside', () => {
    const alone = heatOfWork(parts, steps, inTurn(steps));
    expect(heatOfWork(parts, steps)).toEqual(alone);
    const beside = heatOfWork(parts, steps, withHelpers(steps, 0));
    expect(beside.total).toBeLessThan(alone.total);
    expect(beside.steps.map((s) => s.id)).toEqual(steps.map((s) => s.id));
  });
  it('every step that wants a consistency is told which the glass has', () => {
    const heat = heatOfWork(parts, steps);
    steps.forEach((s, i) => {
      const told = heat.steps[i];
      if (needOf(s) === undefined || told === undefined || Number.isNaN(told.to)) return;
      expect(told.band).toBeDefined();
    });
  });
  it('joined, the foot goes where the cup goes: in the fire it is heated too', () => {
    const join = steps.findIndex((s) => factsOf(s).does === 'join');
    const clock = inTurn(steps);
    const after = steps.findIndex(
      (s, i) => i > join && factsOf(s).does === 'heat' && s.part === 0 && s.seconds > 20,
    );
    if (after < 0) return;
    const heat = heatOfWork(parts, steps);
    const track = heat.tracks.find((t) => t.part === 1 && t.zone === 0);
    const at = (t: number): number => track?.mean[Math.round(t / heat.every)] ?? NaN;
    const from = clock[after] ?? 0;
    expect(at(from + (steps[after]?.seconds ?? 0))).toBeGreaterThan(at(from));
  });
});
