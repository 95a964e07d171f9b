// Laying colour: amounts to thickness, order to layers, and the stack judged along a real wall.
import * as fc from 'fast-check';
import { glassOnIron } from '../gather/layers';
import { findGlass } from '../rack/glasses';
import { derive, type PieceInput } from '../piece/derive';
import { ORDINARY_FIRING, ORDINARY_MAKING } from '../piece/ordinary';
import { startingProfile } from '../form/forms';
import { judgePart } from './along';
import { SHIPPED_RACK } from '../rack/rack';
import { REPRESENTATIVE_COLOURS } from '../rack/colours';
import type { Colour } from './colour';
import { NUMBER_TOLERANCE } from './judgeStack';
import { amountVolume, asFitGlass, layWall, PASS, stackAt, type LaidColour } from './lay';

const found = findGlass('soft-batch-96');
if (!found) throw new Error('the rack has lost its soft batch');
const glass = found;
const colour = (id: string): Colour => {
  const c = SHIPPED_RACK.colour(id);
  if (!c) throw new Error(`no colour ${id}`);
  return c;
};
const dip = { ironDiameter: 0.0254, depth: 0.07 };
const gathered = [8e-5, 2.2e-4, 4e-4];
const lay = (...laid: LaidColour[]) => layWall({ glass, gathered, dip, laid });
const bar = (length: number, diameter: number) => ({ kind: 'bar', length, diameter }) as const;

describe('amounts', () => {
  it.each([
    ['25 mm of 28 mm bar', bar(0.025, 0.028), (Math.PI / 4) * 0.028 ** 2 * 0.025],
    ['20 g at 2600', { kind: 'weight', mass: 0.02 } as const, 0.02 / 2600],
    [
      'two rolls on a square decimetre',
      { kind: 'passes', count: 2 } as const,
      (2 * PASS * 0.01) / 2600,
    ],
    [
      'ten canes of 5 mm, 60 long',
      { kind: 'canes', count: 10, diameter: 0.005, length: 0.06 } as const,
      10 * (Math.PI / 4) * 0.005 ** 2 * 0.06,
    ],
  ] as const)('%s', (_name, amount, volume) => {
    expect(amountVolume(amount, 2600, 0.01)).toBeCloseTo(volume, 15);
  });
});

describe('layers of the wall', () => {
  it('lie where they were laid: under the gathers that follow', () => {
    const shares = lay(
      { colour: colour('sea-mist'), amount: bar(0.02, 0.028), after: 2 },
      { colour: colour('chalk'), amount: { kind: 'weight', mass: 0.02 }, after: 1 },
    );
    expect(shares.map((s) => s.colour?.id ?? 'glass')).toEqual([
      'glass',
      'chalk',
      'glass',
      'sea-mist',
      'glass',
    ]);
    expect(shares.map((s) => s.laid)).toEqual([undefined, 1, undefined, 0, undefined]);
  });

  it('plain glass is one layer, and a colour after the last gather is outermost', () => {
    expect(lay()).toHaveLength(1);
    const [, outer] = lay({ colour: colour('tar'), amount: bar(0.01, 0.02), after: 9 });
    expect(outer?.colour?.id).toBe('tar');
  });

  it('shares come to one, volumes to what was laid, thicknesses to the whole on the iron', () => {
    const anyLaid = fc.record({
      colour: fc.constantFrom(...REPRESENTATIVE_COLOURS),
      after: fc.integer({ min: 1, max: 4 }),
      amount: fc.oneof(
        fc.record({
          kind: fc.constant('bar' as const),
          length: fc.double({ min: 0.002, max: 0.1, noNaN: true }),
          diameter: fc.double({ min: 0.005, max: 0.04, noNaN: true }),
        }),
        fc.record({
          kind: fc.constant('passes' as const),
          count: fc.integer({ min: 1, max: 12 }),
        }),
      ),
    });
    fc.assert(
      fc.property(fc.array(anyLaid, { maxLength: 6 }), (laid) => {
        const shares = layWall({ glass, gathered, dip, laid });
        const share = shares.reduce((sum, s) => sum + s.share, 0);
        const volume = shares.reduce((sum, s) => sum + s.volume, 0);
        const thick = shares.reduce((sum, s) => sum + s.atGather, 0);
        const clear = shares.reduce((sum, s) => sum + (s.colour ? 0 : s.volume), 0);
        return (
          Math.abs(share - 1) < 1e-9 &&
          Math.abs(clear - 4e-4) < 1e-12 &&
          Math.abs(glassOnIron(dip, thick) / volume - 1) < 1e-6
        );
      }),
    );
  });
});

describe('a part judged along its wall', () => {
  const input: PieceInput = {
    form: 'bowl',
    way: 'furnace',
    parts: [{ name: 'bowl', profile: startingProfile('bowl') }],
    making: ORDINARY_MAKING,
    firing: ORDINARY_FIRING,
  };
  const derived = derive(input, glass);
  if (!derived.ok) throw new Error('the bowl should be good');
  const { shape, gathers } = derived.main;
  const volumes = gathers?.gathers.map((g) => g.total / glass.density) ?? [];
  const judge = (...laid: LaidColour[]) =>
    judgePart(
      shape,
      layWall({ glass, gathered: volumes, dip, laid }),
      asFitGlass(glass),
      { tolerance: NUMBER_TOLERANCE },
      40,
    );

  it('of clear alone rests everywhere', () => {
    expect(judge().places.every((p) => p.fit.tension < 1)).toBe(true);
  });

  it('the layers of every place add up to its wall, and no force is left over', () => {
    const laid: LaidColour = { colour: colour('chalk'), amount: bar(0.02, 0.028), after: 1 };
    const shares = layWall({ glass, gathered: volumes, dip, laid: [laid] });
    for (const wall of [0.003, 0.008]) {
      const stack = stackAt(shares, asFitGlass(glass), wall);
      expect(stack.reduce((sum, l) => sum + l.thickness, 0)).toBeCloseTo(wall, 9);
    }
    const { places, worst } = judge(laid);
    expect(places).toHaveLength(40);
    expect(places[worst]?.fit.layers[1]?.tension).toBeGreaterThan(1e6);
    expect(places[worst]?.fit.byNumber.verdict).toBe('good');
  });

  it('hard colour on soft glass is refused at every place', () => {
    const { places } = judge({ colour: colour('hard-deep'), amount: bar(0.01, 0.02), after: 1 });
    expect(places.every((p) => p.fit.verdict.verdict === 'no')).toBe(true);
  });
});

describe('the shipped colours', () => {
  it('lie within the span of the trade, and are marked where food is concerned', () => {
    for (const c of REPRESENTATIVE_COLOURS.filter((k) => k.family !== 'other')) {
      const points = c.expansion * 1e7;
      const [low, high] = c.family === 'hard' ? [30, 36] : [88, 106];
      expect(points).toBeGreaterThanOrEqual(low);
      expect(points).toBeLessThanOrEqual(high);
      expect(c.strainPoint).toBeLessThan(c.softening);
      expect(c.keepOffFood).toBe(c.holds.includes('Pb') || c.holds.includes('Cd'));
    }
    expect(new Set(REPRESENTATIVE_COLOURS.map((c) => c.id)).size).toBe(
      REPRESENTATIVE_COLOURS.length,
    );
  });
});
