// Moves that came with whole pieces: pulled tangents, mirrors, points put on the line, parts raised.
import type { ProfilePoint } from '@zanfirico/contract/piece';
import { tangentAt } from '../form/curve';
import { startingProfile } from '../form/forms';
import { measureShape } from '../form/measure';
import * as fc from 'fast-check';
import {
  insertNear,
  mirrorAfter,
  mirrorUpper,
  movePoint,
  raised,
  setPull,
  setWall,
} from './profile';

const bottle: ProfilePoint[] = startingProfile('bottle').map((p) => ({ ...p }));
const ball: ProfilePoint[] = startingProfile('ball').map((p) => ({ ...p }));
const shape = (points: readonly ProfilePoint[]) => {
  const read = measureShape(points, 0.22);
  if (!read.ok) throw new Error(read.problems[0]?.message);
  return read.shape;
};
const symmetric = (points: readonly ProfilePoint[]): boolean => {
  const about = ((points[0]?.height ?? 0) + (points[points.length - 1]?.height ?? 0)) / 2;
  return points.every((p, i) => {
    const q = points[points.length - 1 - i] as ProfilePoint;
    return (
      Math.abs(p.height + q.height - 2 * about) < 1e-6 &&
      p.radius === q.radius &&
      p.wall === q.wall &&
      (p.pull?.radius ?? 0) === -(q.pull?.radius ?? 0)
    );
  });
};

describe('a pulled tangent', () => {
  it('changes the form at its point only, and let go leaves no trace', () => {
    const pulled = setPull(bottle, 5, { radius: -1.5, height: 0.4 });
    expect(tangentAt(pulled, 5)).toEqual({ radius: -1.5, height: 0.4 });
    expect(tangentAt(pulled, 4)).toEqual(tangentAt(bottle, 4));
    expect(shape(pulled).capacity).not.toBeCloseTo(shape(bottle).capacity, 8);
    expect(setPull(pulled, 5, undefined)).toEqual(bottle);
  });

  it('is kept within what a file takes', () => {
    expect(setPull(bottle, 5, { radius: -900, height: 1e9 })[5]?.pull).toEqual({
      radius: -20,
      height: 20,
    });
  });
});

describe('the mirror', () => {
  it('of any form is symmetric, and stays so through any edit', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: bottle.length - 1 }),
        fc.double({ min: -0.01, max: 0.01, noNaN: true }),
        fc.constantFrom('move', 'wall', 'pull'),
        fc.boolean(),
        (index, by, kind, odd) => {
          const before = mirrorUpper(odd ? bottle : bottle.slice(1));
          if (!symmetric(before)) return false;
          const i = Math.min(index, before.length - 1);
          const p = before[i] as ProfilePoint;
          const edited =
            kind === 'move'
              ? movePoint(before, i, { height: p.height + by, radius: p.radius + by })
              : kind === 'wall'
                ? setWall(before, i, p.wall + by)
                : setPull(before, i, { radius: by * 10, height: 1 });
          const after = mirrorAfter(before, edited, i);
          // The middle point has no partner: its own tangent may lean.
          return symmetric(after) || (kind === 'pull' && 2 * i === before.length - 1);
        },
      ),
    );
  });

  it('leaves a ball, which is its own mirror, as it is', () => {
    const mirrored = mirrorUpper(ball);
    mirrored.forEach((p, i) => {
      expect(p.radius).toBeCloseTo(ball[i]?.radius ?? NaN, 4);
      expect(p.height).toBeCloseTo(ball[i]?.height ?? NaN, 4);
    });
  });
});

describe('a point put on the line', () => {
  it('lies on the drawn curve in its span, and the glass hardly changes', () => {
    const done = insertNear(bottle, { height: 0.11, radius: 0.042 });
    if (!done) throw new Error('there is room for a point');
    expect(done.index).toBe(5);
    expect(done.points).toHaveLength(bottle.length + 1);
    expect(Math.abs(shape(done.points).glassVolume / shape(bottle).glassVolume - 1)).toBeLessThan(
      0.01,
    );
  });

  it('is refused when the profile is full', () => {
    const full = Array.from({ length: 200 }, (_, i): ProfilePoint => ({
      height: i * 1e-3,
      radius: 0.05,
      wall: 0.003,
    }));
    expect(insertNear(full, { height: 0.05, radius: 0.05 })).toBeUndefined();
  });
});

it('raises a whole part and nothing else about it', () => {
  const up = raised(bottle, 0.0123);
  expect(shape(up).glassVolume).toBeCloseTo(shape(bottle).glassVolume, 12);
  expect(shape(up).lowest).toBeCloseTo(0.0123, 9);
});

it('keeps a snapped place to the last digit', () => {
  const to = { height: 0.0123456, radius: 0.0234567 };
  expect(movePoint(bottle, 4, { ...to, exact: true })[4]).toMatchObject(to);
  expect(movePoint(bottle, 4, to)[4]).toMatchObject({ height: 0.0123, radius: 0.0235 });
});
