// What a piece costs, against sums done by hand; and that nothing is counted twice or lost.
import * as fc from 'fast-check';
import { derive, NO_SHOP } from '../piece/derive';
import { glassOf, pieceOf } from '../piece/shop.fixture';
import { startingParts } from '../form/forms';
import { howMany } from '../night/asked/howMany';
import { givenBack, takesOf } from '../piece/takes';
import { MOST_LOST } from '../log/attempts';
import { benchHour, cheaper, costOf, standingShare, type Attempt, type Prices } from './cost';

const PRICES: Prices = { hour: 40, helper: 20, glass: 3, colour: 60, kwh: 0.25, consumables: 1.5 };
const KWH = 3.6e6;
/** A bowl: 0.9 kg gathered, 0.2 back; half an hour with one helper; eight in the box. */
const BOWL: Attempt = {
  glass: 0.9,
  returned: 0.2,
  colour: 0.05,
  melting: 2 * KWH,
  seconds: 1800,
  helpers: 1,
  burns: 20_000,
  night: 24 * KWH,
  inLoad: 8,
  furnace: { loses: 9000, by: 'kilograms', kilograms: 300, hours: 120 },
};
const PLAIN = { count: 1, lost: 0, margin: 0 };
const money = (a: Attempt, part: string): number =>
  costOf(a, PRICES, PLAIN).lines.find((l) => l.part === part)?.money ?? NaN;

describe('what an attempt costs, by hand', () => {
  // 0.7 × 3; 0.05 × 60; ½ × (40 + 20); 10 kWh × 0.25; 24/8 kWh × 0.25; all worked out on paper.
  it.each([
    ['glass', 2.1],
    ['colour', 3],
    ['hours', 30],
    ['fire', 2.5],
    ['night', 0.75],
    ['used up', 1.5],
  ])('%s', (part, expected) => {
    expect(money(BOWL, part)).toBeCloseTo(expected, 9);
  });
  it('the furnace: 9 kW for 730.5 h at 0.25 is 1643.625 a month; 0.9 of 300 kg of it, and 1.8 kWh to melt', () => {
    expect(money(BOWL, 'furnace')).toBeCloseTo((1643.625 * 0.9) / 300 + 1.8 * 0.25, 6);
    const hours = {
      ...BOWL,
      furnace: { ...(BOWL.furnace as NonNullable<Attempt['furnace']>), by: 'hours' as const },
    };
    expect(money(hours, 'furnace')).toBeCloseTo((1643.625 * 0.5) / 120 + 1.8 * 0.25, 6);
  });
  it('a furnace nobody gathers from is said, not divided by', () => {
    const idle = { loses: 9000, by: 'kilograms' as const, kilograms: 0, hours: 0 };
    expect(standingShare(idle, BOWL, 0.25)).toEqual({
      money: 0,
      how: 'nothing is gathered in a month',
    });
    expect(standingShare({ ...idle, by: 'hours' }, BOWL, 0.25).money).toBe(0);
  });
  it('one in five lost: a good one costs five quarters, and ten good ones take thirteen', () => {
    const { attempt, each, attempts, all, lines } = costOf(BOWL, PRICES, {
      count: 10,
      lost: 0.2,
      margin: 0,
    });
    expect(each).toBeCloseTo(attempt / 0.8, 9);
    expect(attempts).toBe(13);
    expect(all).toBeCloseTo(10 * each, 9);
    expect(lines.find((l) => l.part === 'losses')?.money).toBeCloseTo(attempt / 4, 9);
  });
  it('a margin of 40 of 100 is of what is asked: cost 60, asked 100', () => {
    const { each, ask } = costOf(BOWL, PRICES, { count: 1, lost: 0.1, margin: 0.4 });
    expect(ask * 0.6).toBeCloseTo(each, 9);
  });
  it('an hour at the bench is what the lines say of an hour', () => {
    const hour = { ...BOWL, seconds: 3600 };
    expect(benchHour(PRICES, 1, BOWL.burns)).toBeCloseTo(
      money(hour, 'hours') + money(hour, 'fire'),
      9,
    );
  });
});

it('the lines add up to what a good piece costs, whatever it is', () => {
  const positive = (max: number) => fc.double({ min: 0, max, noNaN: true });
  fc.assert(
    fc.property(
      fc.record({
        glass: positive(50),
        returned: positive(50),
        colour: positive(5),
        melting: positive(1e7),
        seconds: positive(1e5),
        helpers: fc.integer({ min: 0, max: 5 }),
        burns: positive(1e5),
        night: positive(1e9),
        inLoad: fc.integer({ min: 1, max: 60 }),
      }),
      positive(2),
      (a, lost) => {
        const cost = costOf({ ...a, furnace: BOWL.furnace }, PRICES, {
          count: 3,
          lost,
          margin: 0.3,
        });
        const sum = cost.lines.reduce((s, l) => s + l.money, 0);
        expect(sum).toBeCloseTo(cost.each, 6);
        expect(cost.lines.every((l) => l.money >= 0)).toBe(true);
        expect(cost.each).toBeLessThanOrEqual(cost.attempt / (1 - MOST_LOST) + 1e-6);
      },
    ),
  );
});

it('what would make it cheaper: the most first, and nothing that does not', () => {
  const found = cheaper(BOWL, PRICES, 0.2, [
    { says: 'two more in the box', attempt: { inLoad: 10 } },
    { says: 'half as many lost', lost: 0.1 },
    { says: 'slower', attempt: { seconds: 3600 } },
  ]);
  expect(found.map((c) => c.says)).toEqual(['half as many lost', 'two more in the box']);
  // 24 kWh by ten instead of eight: 0.15 less an attempt, by 0.8.
  expect(found[1]?.saves).toBeCloseTo(0.15 / 0.8, 6);
});

describe('what a drawn piece takes', () => {
  const glass = glassOf('soft-batch-96');
  const bowl = (colours: readonly object[]) => {
    const parts = startingParts('bowl').map((p) => ({ ...p, colours }));
    const d = derive(pieceOf('bowl', 'soft-batch-96', parts as never), glass, NO_SHOP);
    if (!d.ok) throw new Error('the bowl cannot be made');
    return d;
  };
  it('what the gathers bring; what is over the finished piece is cut off, and its share goes back', () => {
    const plain = bowl([]);
    const takes = takesOf(plain);
    const gathered = plain.parts.reduce((s, p) => s + (p.gathers?.toGather.value ?? 0), 0);
    expect(takes.taken).toBeCloseTo(gathered, 9);
    expect(takes.stays).toBeCloseTo(plain.whole.mass, 9);
    expect(givenBack(takes, 0.5)).toBeCloseTo((takes.taken - takes.stays) / 2, 9);
  });
  it('colour is weighed as it is laid, and coloured scrap never goes back into the pot', () => {
    const takes = takesOf(
      bowl([{ colour: 'chalk', amount: { kind: 'weight', mass: 0.03 }, after: 1 }]),
    );
    expect(takes.colour).toBeCloseTo(0.03, 6);
    expect(Object.keys(takes.colours)).toEqual(['chalk']);
    expect(givenBack(takes, 0.5)).toBe(0);
  });
});

it('as many stand in a box as rows of them fit: 100 mm with 20 round each, three by three in 400', () => {
  const cup = {
    id: 'c',
    name: 'c',
    glass: glassOf('soft-batch-96'),
    wall: {
      thickest: 0.005,
      thinnest: 0.004,
      stepThick: 0.005,
      stepThin: 0.005,
      body: 'slab' as const,
    },
    width: 0.1,
    depth: 0.1,
    height: 0.1,
  };
  expect(howMany(cup, { width: 0.4, depth: 0.4, height: 0.3 })).toBe(9);
  expect(howMany(cup, { width: 0.4, depth: 0.4, height: 0.1 })).toBe(0);
});
