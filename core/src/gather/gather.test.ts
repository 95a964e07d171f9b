// Gathers: the trade's own fact, and how the pot changes them.
import * as fc from 'fast-check';
import { findGlass } from '../rack/glasses';
import { glassOnIron, layerThickness, thicknessFor, viscosityAt, WORKING_SPEED } from './layers';
import { planGathers, type GatherInput } from './gatherPlan';

const soft = findGlass('soft-batch-96') as NonNullable<ReturnType<typeof findGlass>>;
const hard = findGlass('borosilicate-33') as NonNullable<ReturnType<typeof findGlass>>;
const solidIron = { ironDiameter: 0.019, depth: 0.0706 };

const input = (change: Partial<GatherInput> = {}): GatherInput => ({
  glass: soft,
  mass: 0.467,
  allowance: 0,
  potTemperature: 1150,
  dip: solidIron,
  ...change,
});

describe('the layer', () => {
  it('is 9.5 mm at 1150 °C on soft glass (h = √(ηU/ρg), U from memory)', () => {
    const h = layerThickness(viscosityAt(soft, 1150), WORKING_SPEED, soft.moltenDensity);
    expect(h * 1e3).toBeCloseTo(9.5, 0);
  });

  it('is thicker from a cooler pot', () => {
    const at = (t: number): number => planGathers(input({ potTemperature: t })).layer.value;
    expect(at(1100)).toBeGreaterThan(at(1150));
    expect(at(1150)).toBeGreaterThan(at(1200));
  });
});

describe('counting', () => {
  // Common practice, no source: a solid cube 57 mm (2 1/4 in) a side from two gathers on a 19 mm solid iron.
  it('two gathers on a 19 mm iron make a 57 mm cube, 467 g', () => {
    const cube = 0.057 ** 3 * soft.density;
    expect(cube * 1e3).toBeGreaterThan(460);
    expect(cube * 1e3).toBeLessThan(470);
    const plan = planGathers(input({ mass: cube }));
    expect(plan.gathers).toHaveLength(2);
    expect((plan.gathers[1]?.diameter ?? 0) * 1e3).toBeGreaterThan(55);
    expect((plan.gathers[1]?.diameter ?? 0) * 1e3).toBeLessThan(59);
  });

  it('adds up to the piece and its allowance, each gather over the last', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.05, max: 4, noNaN: true }),
        fc.double({ min: 0, max: 0.5, noNaN: true }),
        (mass, allowance) => {
          const { gathers, toGather } = planGathers(input({ mass, allowance }));
          const sum = gathers.reduce((s, g) => s + g.brings, 0);
          const rising = gathers.every(
            (g, i) => i === 0 || g.diameter > (gathers[i - 1]?.diameter ?? 0),
          );
          return Math.abs(sum - toGather.value) < 1e-9 && rising;
        },
      ),
    );
  });

  it('never takes fewer gathers for more glass', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.05, max: 3, noNaN: true }),
        fc.double({ min: 1, max: 2, noNaN: true }),
        (mass, more) =>
          planGathers(input({ mass: mass * more })).gathers.length >=
          planGathers(input({ mass })).gathers.length,
      ),
    );
  });

  it('does not ask for a sliver as a gather of its own', () => {
    const two = planGathers(input());
    const total = two.gathers[0]?.total ?? 0;
    expect(planGathers(input({ mass: total * 1.02 })).gathers).toHaveLength(1);
  });

  it('turns thickness to volume and back', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.0005, max: 0.08, noNaN: true }),
        (h) => Math.abs(thicknessFor(solidIron, glassOnIron(solidIron, h)) - h) < 1e-9,
      ),
    );
  });
});

describe('verdicts', () => {
  it.each([
    [
      'hard glass cannot be gathered from a soft-glass pot',
      { glass: hard, potTemperature: 1150 },
      'no',
      /workable/,
    ],
    ['a ton is no piece', { mass: 1000 }, 'no', /more than 12 gathers/],
    [
      'ten kilos want a second person',
      { mass: 10, dip: { ironDiameter: 0.05, depth: 0.15 } },
      'watch',
      /heavy/,
    ],
    ['a cool pot is a warning', { potTemperature: 1060 }, 'watch', /cool for gathering/],
    ['an ordinary piece is good', {}, 'good', /one person/],
  ] as const)('%s', (_name, change, verdict, because) => {
    const plan = planGathers(input(change));
    expect(plan.verdict.verdict).toBe(verdict);
    expect(plan.verdict.because).toMatch(because);
  });
});
