// What holds, and how much: a mouth of its own, a neck on a shut body, a tube stuck on; by closed forms.
import { outline, pieceOf } from './shop.fixture';
import { derive, type PieceInput } from './derive';
import { glassOf } from './shop.fixture';
import type { Whole } from './whole';

/** A ball of 40 mm outside and 4 mm wall, from 20 mm up, shut. */
const ball = {
  name: 'body',
  profile: outline(
    ...Array.from({ length: 17 }, (_, i): [number, number, number] => {
      const a = (Math.PI * i) / 16;
      return [20 + 40 * (1 - Math.cos(a)), i % 16 === 0 ? 0 : 40 * Math.sin(a), 4];
    }),
  ),
};
/** A tube of 12 mm outside radius and 4 mm wall, standing where the ball is as wide. */
const foot = 60 + Math.sqrt(40 ** 2 - 12 ** 2);
const neck = {
  name: 'neck',
  profile: outline([foot, 12, 4, true], [foot + 25, 12, 4, true], [foot + 50, 12, 4, true]),
};
const inBall = (4 / 3) * Math.PI * 0.036 ** 3;
const inNeck = Math.PI * 0.008 ** 2 * 0.05;

const whole = (parts: PieceInput['parts'], more: Partial<PieceInput> = {}): Whole => {
  const derived = derive(pieceOf('bottle', 'soft-batch-96', parts, more), glassOf('soft-batch-96'));
  if (!derived.ok) throw new Error(derived.problems[0]?.message);
  return derived.whole;
};

it('a shut body holds nothing one could fill', () => {
  expect(whole([ball]).capacity).toBe(0);
  expect(whole([ball]).fill).toBeUndefined();
});

it('a hollow neck joined onto it is its opening: body and neck hold, to the neck’s brim', () => {
  const { capacity, fill, vessel } = whole([ball, neck]);
  expect(vessel?.name).toBe('body');
  expect(Math.abs(capacity / (inBall + inNeck) - 1)).toBeLessThan(2e-3);
  expect(fill?.to).toBeCloseTo((foot + 50) / 1e3, 4);
  expect(fill?.radius).toBeCloseTo(0.008, 4);
  // Half full of the ball: its middle, where the surface is as wide as the ball is inside.
  const half = whole([ball, neck], { fillLine: 0.06 }).fill;
  expect(Math.abs((half?.volume ?? 0) / (inBall / 2) - 1)).toBeLessThan(2e-3);
  expect(half?.radius).toBeCloseTo(0.036, 3);
});

it('a neck that does not touch is none', () => {
  const above = { ...neck, profile: neck.profile.map((p) => ({ ...p, height: p.height + 0.02 })) };
  expect(whole([ball, above]).capacity).toBe(0);
});

it('a tube stuck on is the opening of a shut body: it fills to the tube’s mouth', () => {
  const spout = (tip: number) => ({
    name: 'spout',
    shape: {
      kind: 'bent' as const,
      diameter: 0.012,
      wall: 0.002,
      path: [
        { out: -0.002, up: 0 },
        { out: 0.03, up: tip },
      ],
    },
    place: { height: 0.06, out: 0.038, around: 0, tilt: 0, copies: 1 },
  });
  // Its mouth as high as the middle: half the ball.
  const half = whole([ball], { bits: [spout(0)] });
  expect(Math.abs(half.capacity / (inBall / 2) - 1)).toBeLessThan(2e-3);
  // Higher than the ball: all of it.
  expect(Math.abs(whole([ball], { bits: [spout(0.05)] }).capacity / inBall - 1)).toBeLessThan(2e-3);
});
