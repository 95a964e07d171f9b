// Heats placed: every step finds its glass, pinned heats stay, what no heat can save is said with its seconds.
import { measureShape } from '../form/measure';
import { startingProfile } from '../form/forms';
import { SHIPPED_RACK } from '../rack/rack';
import type { DraftInput } from '../order/draftInput';
import { draftWork } from '../order/draftWork';
import { factsOf, type WorkStep } from '../work/facts';
import { meanOf } from '../conduction/cells';
import { inTurn, withHelpers } from '../work/clock';
import { heatOfWork } from './ofWork';
import { placeHeats } from './placeHeats';
import { STUDIO_FIRES } from './surroundings';
import { coldShop, integrate, type HeatPart } from './hotShop';
import { beginPart } from './stepEffects';
import { lumpOf, zonesOf, zonesOnPipe } from './zones';

const glass = SHIPPED_RACK.glass('soft-batch-96');
if (!glass) throw new Error('no soft glass');

function vessel(form: 'tumbler' | 'bottle' | 'bowl'): { part: HeatPart; draft: DraftInput } {
  const reading = measureShape(startingProfile(form), glass?.poisson ?? 0.22);
  if (!glass || !reading.ok) throw new Error(`the ${form} should be good`);
  const zones = zonesOf(reading.shape, glass);
  const { glassVolume } = reading.shape;
  return {
    part: {
      name: form,
      glass,
      zones,
      onPipe: zonesOnPipe(zones, glass),
      gathered: [0.5 * glassVolume, 1.15 * glassVolume],
    },
    draft: {
      form,
      way: 'furnace',
      parts: [
        {
          name: form,
          hollow: true,
          closed: false,
          stopper: false,
          gathers: 2,
          colours: [],
          mass: 0.4,
          lowest: 0,
        },
      ],
      joins: [],
      bits: [],
      main: 0,
    },
  };
}
const ALONE = { main: 0, helpers: false } as const;
const isHeat = (s: WorkStep): boolean => factsOf(s).does === 'heat';

describe('placed heats', () => {
  it.each(['tumbler', 'bottle', 'bowl'] as const)(
    'leave a %s without a step that will not do',
    (form) => {
      const { part, draft } = vessel(form);
      const placed = placeHeats([part], draftWork(draft), ALONE);
      expect(placed.ok).toBe(true);
      const heat = heatOfWork([part], placed.steps);
      expect(
        heat.steps.filter((s) => s.verdict?.verdict === 'no').map((s) => s.verdict?.because),
      ).toEqual([]);
      // Each heat that was put in says why.
      for (const s of placed.steps)
        if (isHeat(s) && s.id.startsWith('h')) expect(placed.reasons.get(s.id)).toBeTruthy();
    },
  );

  it('takes nothing away that was pinned, and changes nothing when asked again', () => {
    const { part, draft } = vessel('tumbler');
    const steps = draftWork(draft).map((s, i) =>
      s.kind === 'reheat' && i > 5 ? { ...s, pinned: true } : s,
    );
    const pinned = steps.filter((s) => s.pinned);
    const placed = placeHeats([part], steps, ALONE);
    expect(placed.steps.filter((s) => s.pinned)).toEqual(pinned);
    const again = placeHeats([part], placed.steps, ALONE);
    const shape = (all: readonly WorkStep[]): string[] =>
      all.map((s) => `${s.kind} ${String(s.seconds)}`);
    expect(shape(again.steps)).toEqual(shape(placed.steps));
  });

  it('says which step is too long, and by about how much', () => {
    const { part, draft } = vessel('tumbler');
    const steps = draftWork(draft).map((s) => (s.kind === 'open' ? { ...s, seconds: 400 } : s));
    const placed = placeHeats([part], steps, ALONE);
    expect(placed.ok).toBe(false);
    if (placed.ok) return;
    // Done in goes with heats between, as many as anyone would: each is still too long.
    const goes = placed.steps.filter((s) => s.kind === 'open');
    expect(goes.length).toBeGreaterThan(1);
    const first = goes.find((s) => s.id === placed.step);
    expect(placed.seconds).toBeGreaterThan(10);
    expect(placed.seconds).toBeLessThan(first?.seconds ?? 0);
  });

  it('gives a thin open lip about twenty seconds of work (TRADE 5, common practice): 15 to 30', () => {
    const { part } = vessel('tumbler');
    const lip = part.zones.find((z) => z.name === 'lip');
    if (!lip) throw new Error('a tumbler has a lip');
    const state = { ...coldShop([part]), phase: ['formed' as const], opened: [true] };
    state.cells[0] = part.zones.map((z) => new Float64Array(z.grid.cells).fill(1000));
    let seconds = 0;
    const at = part.zones.indexOf(lip);
    while (meanOf(lip.grid, state.cells[0][at] as Float64Array) > 760 && seconds < 100) {
      integrate(state, [part], [], 1, 1);
      seconds += 1;
    }
    expect(seconds).toBeGreaterThanOrEqual(15);
    expect(seconds).toBeLessThanOrEqual(30);
  });

  it('keeps the long heat straight after the transfer', () => {
    const { part, draft } = vessel('bottle');
    const { steps } = placeHeats([part], draftWork(draft), ALONE);
    const i = steps.findIndex((s) => s.kind === 'transfer');
    expect(steps[i + 1]?.kind).toBe('longReheat');
  });
});

describe('the clock', () => {
  const bit: HeatPart = { name: 'bit', glass, zones: [lumpOf(1e-5, glass)], gathered: [1e-5] };
  const { part } = vessel('tumbler');
  const s = (
    id: string,
    kind: WorkStep['kind'],
    who: number,
    seconds: number,
    to?: number,
  ): WorkStep => ({
    id,
    kind,
    part: who,
    seconds,
    ...(to !== undefined && { to }),
  });
  const steps = [
    s('a', 'gather', 0, 12),
    s('b', 'blow', 0, 15),
    s('c', 'neck', 0, 20),
    s('d', 'bit', 1, 25),
    s('e', 'attach', 1, 12, 0),
  ];
  it('alone has one step after the other', () => {
    expect(inTurn(steps)).toEqual([0, 12, 27, 47, 72]);
  });
  it('with helpers has the bit ready just when it is wanted', () => {
    expect(withHelpers(steps, 0)).toEqual([0, 12, 27, 22, 47]);
  });
  it('costs the bit less heat: it is not kept waiting for', () => {
    const end = (starts: readonly number[]): number =>
      heatOfWork([part, bit], steps, starts).steps[4]?.from ?? NaN;
    expect(end(withHelpers(steps, 0))).toBeGreaterThan(700);
  });
  it('takes a day-long step, a step without a part and no step at all without falling over', () => {
    const odd = [s('x', 'gather', 0, 12), s('y', 'straight', 0, 86400), s('z', 'open', 9, 10)];
    const heat = heatOfWork([part], odd);
    expect(heat.total).toBe(86422);
    expect(heat.samples).toBeLessThan(4100);
    expect(heatOfWork([part], []).total).toBe(0);
    const state = coldShop([part]);
    beginPart(state, [part], s('q', 'open', 9, 10), STUDIO_FIRES);
    expect(state.phase).toEqual(['absent']);
  });
});
