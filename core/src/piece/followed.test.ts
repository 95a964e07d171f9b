// Wraps lie on the glass they are wound round, as far from it as they were drawn, and weigh what they then are.
import { woundAt, woundLength, bitVolume, type Bit } from '../form/bit';
import { bitMesh } from '../form/bitMesh';
import { measureMesh } from '../form/mesh';
import { startingParts } from '../form/forms';
import { derive } from './derive';
import { lyingBits } from './followed';
import { glassOf, outline, pieceOf } from './shop.fixture';

const soft = glassOf('soft-batch-96');
/** A cone: 20 mm at the base, 60 mm at 120 mm. */
const cone = outline([0, 0, 4], [0, 20, 4, true], [120, 60, 3]);
const wrap = (
  height: number,
  out: number,
  turns: number,
  pitch: number,
): Bit & { name: string } => ({
  name: 'thread',
  shape: { kind: 'wrap', diameter: 0.003, turns, pitch },
  place: { height, out, around: 0, tilt: 0, copies: 1 },
});
const derived = (bits: readonly (Bit & { name: string })[]) => {
  const d = derive(
    pieceOf('tumbler', 'soft-batch-96', [{ name: 'cone', profile: cone }], { bits }),
    soft,
  );
  if (!d.ok) throw new Error(d.problems[0]?.message);
  return d;
};

describe('a thread round a cone', () => {
  const thread = wrap(0.06, 0.0415, 6, 0.012);
  const d = derived([thread]);
  const [lying] = lyingBits(d, [thread]);
  if (lying?.shape.kind !== 'wrap') throw new Error('still a wrap');
  const { shape } = lying;

  it('is as far from the wall at every height as it was where it was drawn', () => {
    const off = 0.0415 - 0.04;
    for (const up of [-0.03, -0.015, 0, 0.015, 0.03]) {
      const wall = 0.02 + 0.04 * ((0.06 + up) / 0.12);
      expect(woundAt(shape, up, 0.0415)).toBeCloseTo(wall + off, 3);
    }
  });
  it('its mesh lies there too, closed, and weighs what is told (1 %)', () => {
    const mesh = bitMesh(lying);
    for (let i = 0; i < mesh.positions.length; i += 3) {
      const [x, y, z] = mesh.positions.slice(i, i + 3) as [number, number, number];
      const wall = 0.02 + 0.04 * (z / 0.12);
      expect(Math.abs(Math.hypot(x, y) - wall)).toBeLessThan(0.004);
    }
    expect(measureMesh(mesh).volume / bitVolume(shape, 0.0415)).toBeCloseTo(1, 2);
    expect(d.bits[0]?.measure.volume).toBeCloseTo(bitVolume(shape, 0.0415), 12);
  });
  it('on a cone its length is the straight thread’s at the mean radius, and the slope’s (2 %)', () => {
    const rise = 6 * 0.012;
    const mean = 6 * Math.hypot(2 * Math.PI * 0.0415, 0.012);
    const slope = Math.hypot(rise, rise / 3) / rise;
    expect(woundLength(shape, 0.0415) / mean).toBeGreaterThan(0.98);
    expect(woundLength(shape, 0.0415) / mean).toBeLessThan(1.02 * slope);
  });
  it('hangs in no air: nothing is said of it', () => {
    expect(
      d.whole.remarks.map((r) => JSON.stringify(r)).filter((r) => r.includes('thread')),
    ).toEqual([]);
  });
  it('beyond the wall’s end keeps the last radius', () => {
    const long = lyingBits(derived([wrap(0.115, 0.06, 4, 0.01)]), [wrap(0.115, 0.06, 4, 0.01)])[0];
    if (long?.shape.kind !== 'wrap') throw new Error('still a wrap');
    expect(woundAt(long.shape, 0.02, 0.06)).toBeCloseTo(woundAt(long.shape, 0.006, 0.06), 3);
  });
});

describe('what is no wrap, or has no wall beside it', () => {
  it('stays as it is drawn', () => {
    const dot: Bit & { name: string } = {
      name: 'dot',
      shape: { kind: 'dot', diameter: 0.01, rise: 0.003 },
      place: { height: 0.05, out: 0.04, around: 0, tilt: 0, copies: 3 },
    };
    const high = wrap(0.5, 0.04, 2, 0.01);
    const d = derived([dot]);
    expect(lyingBits(d, [dot])[0]).toBe(dot);
    expect(lyingBits(d, [high])[0]?.shape).toEqual(high.shape);
  });
  it('a drawing that cannot be made shows its bits as drawn', () => {
    const bits = [wrap(0.05, 0.04, 2, 0.01)];
    expect(lyingBits({ ok: false }, bits)).toBe(bits);
    expect(startingParts('tumbler')).toHaveLength(1);
  });
});
