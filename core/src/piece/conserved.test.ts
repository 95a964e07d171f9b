// Glass is neither made nor lost: colour counts in what is gathered or cut, and in what the piece weighs. Conservation of volume.
import { startingParts } from '../form/forms';
import { derive, NO_SHOP } from './derive';
import { shelfFacts } from './shelfFacts';
import { glassOf, pieceOf } from './shop.fixture';

const bar = (mass: number, after = 1) => ({
  colour: 'chalk',
  after,
  amount: { kind: 'weight' as const, mass },
});
const read = (
  glass: string,
  colours: readonly { colour: string; after: number; amount: { kind: 'weight'; mass: number } }[],
) => {
  const d = derive(
    pieceOf(
      'bowl',
      glass,
      startingParts('bowl').map((p) => ({ ...p, colours })),
    ),
    glassOf(glass),
  );
  if (!d.ok) throw new Error(d.problems[0]?.message);
  return d;
};

describe.each([
  ['at the furnace', 'soft-batch-96'],
  ['at the torch', 'borosilicate-33'],
])('%s', (_, glass) => {
  const colour = glass === 'soft-batch-96' ? 'chalk' : 'hard-deep';
  const laid = (mass: number, after = 1) => [{ ...bar(mass, after), colour }];
  it('what comes onto the iron, clear and colour, is the piece and its moil, by volume', () => {
    for (const mass of [0.01, 0.06, 0.15]) {
      const { main } = read(glass, laid(mass));
      const { glassVolume } = main.shape;
      const on = main.layers.reduce((sum, l) => sum + l.volume, 0);
      const allowed = glass === 'soft-batch-96' ? 1.15 : 1;
      expect(on / (glassVolume * allowed)).toBeCloseTo(1, 3);
    }
  });
  it('the more colour, the less clear is wanted', () => {
    const clear = (mass: number): number => {
      const { main } = read(glass, mass > 0 ? laid(mass) : []);
      return main.gathers?.toGather.value ?? main.stock?.mass.value ?? NaN;
    };
    expect(clear(0.05)).toBeLessThan(clear(0));
    expect(clear(0.1)).toBeLessThan(clear(0.05));
    // 100 g of a colour of 2850 kg/m³ stand for 88 g of clear of 2500.
    if (glass === 'soft-batch-96')
      expect(clear(0) - clear(0.1)).toBeCloseTo((0.1 * 2500) / 2850, 3);
  });
  it('weighs what its layers weigh: a denser colour makes it heavier by its share', () => {
    const [plain, coloured] = [read(glass, []), read(glass, laid(0.1))];
    const { main } = coloured;
    const share = main.layers.reduce((sum, l) => sum + (l.laid === undefined ? 0 : l.share), 0);
    const density = main.layers.find((l) => l.colour)?.colour?.density ?? NaN;
    expect(coloured.whole.mass / plain.whole.mass).toBeCloseTo(
      1 - share + (share * density) / main.glass.density,
      6,
    );
    expect(coloured.readings.mass.value).toBe(coloured.whole.mass);
  });
});

describe('however much colour there is', () => {
  it('it is picked up on some clear', () => {
    const { main } = read('soft-batch-96', [bar(5)]);
    expect(main.gathers?.gathers.length).toBeGreaterThan(0);
    expect(main.gathers?.toGather.value).toBeGreaterThan(0);
  });
});

describe('what a piece takes up in a box', () => {
  it('counts its handle: furthest from the axis is furthest', () => {
    const handle = {
      name: 'handle',
      shape: {
        kind: 'bent' as const,
        diameter: 0.009,
        path: [
          { out: 0, up: 0.02 },
          { out: 0.04, up: 0 },
          { out: 0, up: -0.02 },
        ],
      },
      place: { height: 0.05, out: 0.035, around: 0, tilt: 0, copies: 1 },
    };
    const across = (bits: readonly (typeof handle)[]): number => {
      const facts = shelfFacts(
        pieceOf('tumbler', 'soft-batch-96', startingParts('tumbler'), { bits }),
        glassOf('soft-batch-96'),
        NO_SHOP,
      );
      return facts.ok ? facts.across : NaN;
    };
    expect(across([handle])).toBeGreaterThan(across([]) + 0.05);
  });
});
