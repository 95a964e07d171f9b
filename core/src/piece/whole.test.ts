// Several parts and bits taken together: sums, solids, touching, tipping, filling.
import * as fc from 'fast-check';
import { findGlass } from '../rack/glasses';
import type { Profile } from '../form/profile';
import { derive, type PieceInput } from './derive';
import { ORDINARY_FIRING, ORDINARY_MAKING } from './ordinary';
import type { PartInput } from './part';
import type { BitInput } from './bits';

const soft = findGlass('soft-batch-96') as NonNullable<ReturnType<typeof findGlass>>;

const mm = (height: number, radius: number, wall = 3, corner?: true) => ({
  height: height / 1e3,
  radius: radius / 1e3,
  wall: wall / 1e3,
  ...(corner && { corner }),
});
/** A straight-sided solid rod or disc. */
const rod = (from: number, to: number, radius: number): Profile => [
  mm(from, 0),
  mm(from, radius, 3, true),
  mm((from + to) / 2, radius),
  mm(to, radius, 3, true),
  mm(to, 0),
];
const solid = (name: string, profile: Profile): PartInput => ({ name, profile, work: 'solid' });

const piece = (parts: PartInput[], more: Partial<PieceInput> = {}): PieceInput => ({
  form: 'bowl',
  way: 'furnace',
  parts,
  making: ORDINARY_MAKING,
  firing: ORDINARY_FIRING,
  ...more,
});
function good(input: PieceInput) {
  const derived = derive(input, soft);
  if (!derived.ok) throw new Error(derived.problems.map((p) => p.message).join(' '));
  return derived;
}

const cup: Profile = [mm(100, 0, 4), mm(102, 20, 4), mm(120, 34, 3), mm(180, 40, 2.5)];
const goblet = [
  solid('foot', rod(0, 4, 35)),
  solid('stem', rod(4, 100, 5)),
  { name: 'bowl', profile: cup },
];

describe('as what solid work cools', () => {
  const circle = (r: number): Profile =>
    Array.from({ length: 13 }, (_, i) => {
      const a = (Math.PI * i) / 12 - Math.PI / 2;
      return mm(r * (1 + Math.sin(a)), i % 12 === 0 ? 0 : r * Math.cos(a));
    });
  const body = (parts: PartInput[]) => {
    const { wall } = good(piece(parts)).night;
    return [wall.body, Math.round(1000 * wall.thickest)];
  };
  it.each([
    { what: 'a paperweight as a ball', parts: [solid('ball', circle(40))], is: ['ball', 80] },
    { what: 'a bar as a rod', parts: [solid('bar', rod(0, 200, 20))], is: ['cylinder', 40] },
    {
      what: 'a stub as a rod, the safe side',
      parts: [solid('stub', rod(0, 50, 25))],
      is: ['cylinder', 50],
    },
    { what: 'a disc as a plate', parts: [solid('disc', rod(0, 20, 60))], is: ['slab', 20] },
    {
      what: 'a ball on a bar nearly as thick by the bar',
      parts: [
        solid('bar', rod(0, 200, 20)),
        solid(
          'ball',
          circle(24).map((p) => ({ ...p, height: p.height + 0.2 })),
        ),
      ],
      is: ['cylinder', 40],
    },
  ])('$what', ({ parts, is }) => {
    expect(body(parts)).toEqual(is);
  });
});

describe('solid work', () => {
  it('a rod: volume πr²L, thickness its diameter (closed form)', () => {
    const { whole } = good(piece([solid('rod', rod(0, 200, 10))]));
    expect(whole.volume / (Math.PI * 0.01 ** 2 * 0.2)).toBeCloseTo(1, 6);
    expect(whole.thickest.wall).toBeCloseTo(0.02, 4);
    expect(whole.capacity).toBe(0);
  });

  it('a disc: thickness its height, and no step at its rim', () => {
    const { whole } = good(piece([solid('merese', rod(0, 5, 30))]));
    expect(whole.thickest.wall).toBeCloseTo(0.005, 3);
    expect(whole.step.step).toBeLessThan(0.0015);
  });

  it('a ball: volume within 0.1 % of 4/3πr³, thickness its diameter', () => {
    const profile = Array.from({ length: 13 }, (_, i) => {
      const a = (Math.PI * i) / 12;
      return mm(30 - 30 * Math.cos(a), i === 0 || i === 12 ? 0 : 30 * Math.sin(a));
    });
    const { whole } = good(piece([solid('ball', profile)]));
    expect(Math.abs(whole.volume / ((4 / 3) * Math.PI * 0.03 ** 3) - 1)).toBeLessThan(0.001);
    expect(whole.thickest.wall).toBeCloseTo(0.06, 3);
  });

  // Common practice, no source: a 57 mm cube from two gathers on a 19 mm solid iron, 467 g.
  it('the two-gather cube, drawn as a solid of the same mass', () => {
    const side = 57;
    const { main } = good(
      piece(
        [
          {
            ...solid('cube', rod(0, side, side / Math.sqrt(Math.PI))),
            iron: { diameter: 0.019, depth: 0.0706 },
          },
        ],
        {
          making: { ...ORDINARY_MAKING, allowance: 0 },
        },
      ),
    );
    expect(main.mass * 1e3).toBeGreaterThan(460);
    expect(main.mass * 1e3).toBeLessThan(470);
    expect(main.gathers?.gathers).toHaveLength(2);
  });
});

describe('taken together', () => {
  it('a goblet: mass is the sum of its parts, the bowl is the vessel, and its thick–thin joins are seen', () => {
    const { whole, parts, main } = good(piece(goblet));
    expect(whole.mass).toBeCloseTo(
      parts.reduce((s, p) => s + p.mass, 0),
      12,
    );
    expect(main.name).toBe('bowl');
    expect(whole.remarks).toEqual([]);
    expect(whole.height).toBeCloseTo(0.18, 3);
    expect(whole.footRadius).toBeCloseTo(0.035, 6);
    expect(whole.step.where).toMatch(/meets/);
  });

  it('splitting a part in two changes neither mass nor balance (property)', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 10, max: 90 }),
        fc.integer({ min: 4, max: 30 }),
        (at, radius) => {
          const one = good(piece([solid('a', rod(0, 100, radius))])).whole;
          const two = good(
            piece([solid('a', rod(0, at, radius)), solid('b', rod(at, 100, radius))]),
          ).whole;
          expect(two.mass / one.mass).toBeCloseTo(1, 9);
          expect(two.centreOfMass).toBeCloseTo(one.centreOfMass, 9);
          expect(two.remarks).toEqual([]);
        },
      ),
      { numRuns: 25 },
    );
  });

  it('tips at atan(r/h) of its centre of mass: a rod 40 wide and 100 tall at atan(20/50) (statics)', () => {
    const { whole } = good(piece([solid('rod', rod(0, 100, 20))]));
    expect(whole.tippingAngle).toBeCloseTo(Math.atan(20 / 50), 6);
  });

  it('a handle on one side brings the tipping angle down; two opposite handles do so less', () => {
    const handle = (copies: number): BitInput => ({
      name: 'handle',
      shape: {
        kind: 'bent',
        diameter: 0.012,
        path: [
          { out: 0, up: 0.025 },
          { out: 0.03, up: 0 },
          { out: 0, up: -0.025 },
        ],
      },
      place: { height: 0.05, out: 0.0195, around: 0, tilt: 0, copies },
    });
    const bare = good(piece([solid('rod', rod(0, 100, 20))])).whole;
    const one = good(piece([solid('rod', rod(0, 100, 20))], { bits: [handle(1)] })).whole;
    const two = good(piece([solid('rod', rod(0, 100, 20))], { bits: [handle(2)] })).whole;
    expect(one.remarks).toEqual([]);
    expect(one.offAxis).toBeGreaterThan(0);
    expect(two.offAxis).toBeCloseTo(0, 9);
    expect(one.tippingAngle).toBeLessThan(two.tippingAngle);
    expect(two.tippingAngle).toBeCloseTo(bare.tippingAngle, 2);
  });

  it('a straight cup filled to half holds half of what the brim does, less the round of its base', () => {
    const straight: Profile = [mm(0, 0, 3), mm(0, 30, 3, true), mm(50, 30), mm(100, 30)];
    const full = good(piece([{ profile: straight }])).whole;
    const line = 0.003 + 0.097 / 2;
    const half = good(piece([{ profile: straight }], { fillLine: line })).whole;
    const cylinder = Math.PI * 0.027 ** 2 * (0.097 / 2);
    expect(Math.abs((half.fill?.volume ?? 0) / cylinder - 1)).toBeLessThan(0.001);
    expect(full.fill?.volume).toBeCloseTo(full.capacity, 9);
    expect(half.fill?.centreOfMass).toBeLessThan(half.centreOfMass + 0.02);
  });
});

describe('what is marked on the drawing', () => {
  it('parts that do not touch, with the gap', () => {
    const apart = [solid('foot', rod(0, 4, 35)), solid('stem', rod(9, 100, 5))];
    const [remark] = good(piece(apart)).whole.remarks;
    expect(remark).toMatchObject({ part: 1 });
    expect(remark?.message).toContain('5 mm away');
  });

  it('parts that run into each other, with the depth', () => {
    const deep = [solid('foot', rod(0, 10, 35)), solid('stem', rod(4, 100, 5))];
    const [remark] = good(piece(deep)).whole.remarks;
    expect(remark?.message).toMatch(/runs 4 mm into foot/);
  });

  it('bits in the air, with the gap', () => {
    const dot: BitInput = {
      name: 'Dot',
      shape: { kind: 'ball', diameter: 0.006 },
      place: { height: 0.05, out: 0.033, around: 0, tilt: 0, copies: 1 },
    };
    const [remark] = good(piece([solid('rod', rod(0, 100, 20))], { bits: [dot] })).whole.remarks;
    expect(remark).toMatchObject({ bit: 0 });
    expect(remark?.message).toContain('10 mm from the nearest part');
  });

  it('a problem names its part and its point', () => {
    const bad = derive(
      piece([
        ...goblet.slice(0, 2),
        { profile: [mm(100, 0, 4), mm(102, 20, 4), mm(140, 30, 40), mm(180, 40, 2)] },
      ]),
      soft,
    );
    if (bad.ok) throw new Error('a closed hollow must be refused');
    expect(bad.problems[0]).toMatchObject({ part: 2, point: 2, field: 'wall' });
    expect(bad.lines[0]).toBeDefined();
  });
});

describe('closing the mouth', () => {
  const bottle: Profile = [mm(0, 0, 4), mm(0, 30, 4, true), mm(40, 32), mm(70, 13), mm(110, 14)];
  const plug = (from: number, low: number, high: number): Profile => [
    mm(from, 0),
    mm(from, low, 3, true),
    mm(from + 30, high),
    mm(from + 36, high + 6),
    mm(from + 44, 0),
  ];
  const closed = (profile: Profile, ovality = 0) =>
    good(
      piece([{ profile: bottle }, { name: 'stopper', role: 'stopper', work: 'solid', profile }], {
        closure: { ovality },
      }),
    ).closures[0]?.fit;

  it('a tapered stopper seats in the neck', () => {
    const fit = closed(plug(85, 9.6, 11.2));
    expect(fit?.verdict.verdict).not.toBe('no');
    expect(fit?.depth).toBeGreaterThan(0.02);
  });
  it('3 mm out of round is a reject (common practice, no source: ⅛ in)', () => {
    expect(closed(plug(85, 9.6, 11.2), 0.0029)?.verdict.verdict).not.toBe('no');
    expect(closed(plug(85, 9.6, 11.2), 0.003)?.verdict).toMatchObject({ verdict: 'no' });
  });
  it('wider than the mouth does not go in; narrower everywhere falls through', () => {
    expect(closed(plug(85, 14, 16))?.verdict.because).toMatch(/wider/);
    const thin: Profile = rod(85, 125, 5);
    expect(closed(thin)?.verdict.because).toMatch(/falls through/);
  });
  it('a cork squeezes in', () => {
    const { closures } = good(
      piece([{ profile: bottle }], {
        closure: { ovality: 0, cork: { small: 0.02, large: 0.026, length: 0.03 } },
      }),
    );
    expect(closures[0]?.fit.verdict.verdict).toBe('good');
  });
});
