// The pot's own heat and level reach the gathers and the order: common practice, no source ("near the bottom a gather is shallow").
import { dipIn } from '../gather/gatherPlan';
import { startingParts } from '../form/forms';
import { draftWork } from '../order/draftWork';
import { derive, NO_SHOP, type ShopFacts } from './derive';
import { glassOf, pieceOf } from './shop.fixture';
import { workOf } from './workPlan';

const soft = glassOf('soft-batch-96');
const bowl = pieceOf('bowl', 'soft-batch-96', startingParts('bowl'));
const read = (shop: Partial<ShopFacts>, pot = 1150) => {
  const piece = { ...bowl, making: { ...bowl.making, potTemperature: pot } };
  const d = derive(piece, soft, { ...NO_SHOP, ...shop });
  if (!d.ok) throw new Error(d.problems[0]?.message);
  const { draft, parts } = workOf(piece, d, d.main.index);
  return {
    plan: d.gathers,
    dips: draftWork(draft).filter((s) => s.kind === 'gather').length,
    onIron: parts[d.main.index]?.gathered.length,
  };
};

describe('a low pot', () => {
  it.each([
    [undefined, 0.07],
    [0.3, 0.07],
    [0.09, 0.07],
    [0.06, 0.04],
    [0.02, 0.01],
  ])('%s m of glass lets an iron %f m deep', (pot, dips) => {
    expect(dipIn(0.07, pot)).toBeCloseTo(dips, 9);
  });
  it('gives more gathers, in the plan, the order and the heat alike, and says so', () => {
    const [deep, low] = [read({ potDepth: 0.3 }), read({ potDepth: 0.04 })];
    expect(deep.plan).toEqual(read({}).plan);
    expect(low.plan?.gathers.length ?? 0).toBeGreaterThan(deep.plan?.gathers.length ?? 0);
    for (const made of [deep, low]) {
      expect(made.dips).toBe(made.plan?.gathers.length);
      expect(made.onIron).toBe(made.plan?.gathers.length);
    }
    expect(low.plan?.verdict).toEqual({
      verdict: 'watch',
      because:
        'The pot is low: an iron dips 20 mm and not 70 mm, so that each gather brings less, cooler and with more seed.',
      remedy: 'Charge the pot before a big piece, or tilt the iron along the surface.',
    });
  });
  it('brings the same glass in all', () => {
    const total = (of: ReturnType<typeof read>): number => of.plan?.gathers.at(-1)?.total ?? 0;
    expect(total(read({ potDepth: 0.04 }))).toBeCloseTo(total(read({})), 9);
  });
});

describe('a cool pot', () => {
  it('at 1000 °C is stiffer: fewer, thicker gathers, and other steps', () => {
    const [hot, cool] = [read({}), read({}, 1000)];
    expect(cool.plan?.gathers.length ?? 0).toBeLessThan(hot.plan?.gathers.length ?? 0);
    expect(cool.dips).toBe(cool.plan?.gathers.length);
  });
});
