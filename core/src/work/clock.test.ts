// The clock of an order, alone and with helpers.
import * as fc from 'fast-check';
import { inTurn, withHelpers } from './clock';
import type { WorkStep } from './facts';
import type { StepId } from './step';

let n = 0;
const step = (kind: StepId, part: number, seconds: number, to?: number): WorkStep => {
  n += 1;
  return { id: `s${String(n)}`, kind, part, seconds, ...(to !== undefined && { to }) };
};
const BOWL = 0;
const STEM = 1;
const FOOT = 2;

describe('with helpers', () => {
  it('glass for a join is made beside, and is ready when it is wanted', () => {
    const starts = withHelpers(
      [
        step('gather', BOWL, 100),
        step('bit', STEM, 25),
        step('blow', BOWL, 40),
        step('attach', STEM, 12, BOWL),
      ],
      BOWL,
    );
    expect(starts).toEqual([0, 115, 100, 140]);
  });

  it('waits for what takes longer than the work before its join', () => {
    const starts = withHelpers(
      [
        step('gather', BOWL, 10),
        step('bit', STEM, 50),
        step('attach', STEM, 12, BOWL),
        step('box', BOWL, 5),
      ],
      BOWL,
    );
    expect(starts).toEqual([0, 0, 50, 62]);
  });

  // The foot is put on the stem apart, then both on the bowl: the punty on the foot comes before the box, not after it.
  it('parts joined to parts already joined are worked in their turn', () => {
    const steps = [
      step('gather', BOWL, 60),
      step('bit', STEM, 25),
      step('bit', FOOT, 25),
      step('attach', FOOT, 12, STEM),
      step('attach', STEM, 12, BOWL),
      step('setBase', FOOT, 20),
      step('punty', FOOT, 10),
      step('transfer', BOWL, 8),
      step('box', BOWL, 10),
    ];
    const starts = withHelpers(steps, BOWL);
    // Made beside, one after another: 62 s, two more than the bowl's own.
    expect(starts).toEqual([0, 0, 25, 50, 62, 74, 94, 104, 112]);
  });

  it('and so is what another was carried to: the stem put under the foot, then on the bowl', () => {
    const steps = [
      step('gather', BOWL, 60),
      step('bit', FOOT, 20),
      step('bit', STEM, 20),
      step('attach', STEM, 12, FOOT),
      step('attach', STEM, 12, BOWL),
      step('punty', FOOT, 10),
      step('box', BOWL, 10),
    ];
    expect(withHelpers(steps, BOWL).slice(-2)).toEqual([72, 82]);
  });

  it('what hangs on the main part may carry a further join itself', () => {
    const steps = [
      step('gather', BOWL, 60),
      step('bit', STEM, 25),
      step('attach', STEM, 12, BOWL),
      step('bit', FOOT, 10),
      step('attach', FOOT, 12, STEM),
      step('punty', FOOT, 10),
    ];
    expect(withHelpers(steps, BOWL)).toEqual([0, 35, 60, 62, 72, 84]);
  });

  it('what is made and never joined comes last', () => {
    const steps = [step('gather', BOWL, 60), step('bit', STEM, 25), step('box', BOWL, 10)];
    expect(withHelpers(steps, BOWL)).toEqual([0, 70, 60]);
  });

  it('never ends later than one after another, and keeps the order of the main part', () => {
    const any = fc.array(
      fc.record({ part: fc.nat(3), seconds: fc.nat(90), joins: fc.boolean(), to: fc.nat(3) }),
      { minLength: 1, maxLength: 14 },
    );
    fc.assert(
      fc.property(any, (rows) => {
        const steps = rows.map(({ part, seconds, joins, to }) =>
          joins ? step('attach', part, seconds, to) : step('marver', part, seconds),
        );
        const starts = withHelpers(steps, 0);
        const ends = starts.map((t, i) => t + (steps[i]?.seconds ?? 0));
        const alone = inTurn(steps);
        const last = Math.max(...alone.map((t, i) => t + (steps[i]?.seconds ?? 0)));
        expect(Math.max(...ends)).toBeLessThanOrEqual(last + 1e-9);
        const mine = starts.filter((_, i) => steps[i]?.part === 0);
        expect([...mine].sort((a, b) => a - b)).toEqual(mine);
      }),
    );
  });
});

describe('alone', () => {
  it('every step waits for the one before; a step of less than nothing takes none', () => {
    expect(inTurn([step('gather', 0, 12), step('blow', 0, -3), step('box', 0, 5)])).toEqual([
      0, 12, 12,
    ]);
  });
});
