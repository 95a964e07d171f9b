// Lines packed and unpacked: near themselves everywhere, and few.
import * as fc from 'fast-check';
import { packed, unpacked } from './packedLine';
import type { Line } from './profile';

/** How far a place lies from a line, m. */
const off = ({ r, z }: Line, pr: number, pz: number): number => {
  let least = Infinity;
  for (let i = 0; i + 1 < r.length; i += 1) {
    const [ar, az] = [r[i] as number, z[i] as number];
    const [er, ez] = [(r[i + 1] as number) - ar, (z[i + 1] as number) - az];
    const square = er * er + ez * ez;
    const t = square > 0 ? Math.min(1, Math.max(0, ((pr - ar) * er + (pz - az) * ez) / square)) : 0;
    least = Math.min(least, Math.hypot(ar + t * er - pr, az + t * ez - pz));
  }
  return least;
};

it('a straight line is its ends, a circle some dozens of points', () => {
  const straight = { r: [0, 0.01, 0.02, 0.04], z: [0, 0.01, 0.02, 0.04] };
  expect(packed(straight)).toBe('0 0 40000 40000');
  const round = {
    r: Array.from({ length: 400 }, (_, i) => 0.03 * Math.cos((Math.PI * i) / 399)),
    z: Array.from({ length: 400 }, (_, i) => 0.03 * Math.sin((Math.PI * i) / 399)),
  };
  expect(unpacked(packed(round)).r.length).toBeGreaterThan(20);
  expect(unpacked(packed(round)).r.length).toBeLessThan(100);
});

it('corners stay, and a line may be closed', () => {
  const box = { r: [0, 0.02, 0.02, 0, 0], z: [0, 0, 0.05, 0.05, 0] };
  expect(unpacked(packed(box)).r.map((v) => Math.round(1e6 * v))).toEqual([0, 20000, 20000, 0, 0]);
});

it('no point is further than two hundredths of a millimetre and a micron from what is unpacked; ends stay', () => {
  const v = fc.double({ min: 0, max: 0.1, noNaN: true });
  fc.assert(
    fc.property(fc.array(fc.tuple(v, v), { minLength: 2, maxLength: 60 }), (points) => {
      const line = { r: points.map((p) => p[0]), z: points.map((p) => p[1]) };
      const again = unpacked(packed(line));
      points.forEach(([r, z]) => {
        // The tolerance, and half a micron of rounding either way at both ends.
        expect(off(again, r, z)).toBeLessThan(2.2e-5);
      });
      expect(again.r[0]).toBeCloseTo(line.r[0] as number, 5);
      expect(again.z.at(-1)).toBeCloseTo(line.z.at(-1) as number, 5);
    }),
  );
});
