import type { ProfilePoint } from '@zanfirico/contract/piece';
import { MOST_POINTS } from '../form/checkProfile';
import {
  copiedPoints,
  moveSeveral,
  pastePoints,
  removeSeveral,
  thickenSeveral,
} from './severalPoints';

const at = (height: number, radius: number, wall = 0.003): ProfilePoint => ({
  height,
  radius,
  wall,
});
/** A tube with a collar: base on the axis, foot, three points of the collar, lip. */
const COLLARED: readonly ProfilePoint[] = [
  at(0, 0),
  at(0, 0.03),
  at(0.05, 0.03),
  { ...at(0.055, 0.036), corner: true },
  { ...at(0.06, 0.03), pull: { radius: 0.1, height: 0.4 } },
  at(0.12, 0.03),
];

describe('several points moved', () => {
  it('go as far as the one that leads, and no other moves', () => {
    const moved = moveSeveral(COLLARED, [2, 3, 4], 3, { height: 0.065, radius: 0.04 });
    expect(moved.map((p) => Math.round(p.height * 1e4))).toEqual([0, 0, 600, 650, 700, 1200]);
    expect(moved.map((p) => Math.round(p.radius * 1e4))).toEqual([0, 300, 340, 400, 340, 300]);
    expect(moved[3]?.corner).toBe(true);
  });

  it('keep to their own bounds: the axis, and the outside of it', () => {
    const moved = moveSeveral(COLLARED, [0, 1, 3], 3, { height: 0.05, radius: -1 });
    expect(moved[0]?.radius).toBe(0);
    // The one that leads stopped half a millimetre from the axis: 35.5 mm in, which the foot cannot go.
    expect(moved[3]?.radius).toBeCloseTo(0.0005, 9);
    expect(moved[1]?.radius).toBeCloseTo(0.0005, 9);
  });

  it('do nothing where the one that leads is not there', () => {
    expect(moveSeveral(COLLARED, [1], 99, { height: 0, radius: 0 })).toEqual(COLLARED);
    expect(thickenSeveral(COLLARED, [1], 99, 0.002)).toEqual(COLLARED);
  });
});

it('several walls grow by the same', () => {
  const thicker = thickenSeveral([at(0, 0, 0.004), at(0.1, 0.03), at(0.2, 0.03)], [0, 1], 1, 0.005);
  expect(thicker.map((p) => Math.round(p.wall * 1e4))).toEqual([60, 50, 30]);
});

describe('several points taken out', () => {
  it('are gone, but for the ends', () => {
    expect(removeSeveral(COLLARED, [0, 2, 3, 4, 5])?.map((p) => p.height)).toEqual([0, 0, 0.12]);
  });
  it('leave three at least', () => {
    const left = removeSeveral(COLLARED, [1, 2, 3, 4]);
    expect(left).toHaveLength(3);
    expect(left && removeSeveral(left, [1])).toBeUndefined();
  });
  it('are none where only ends are chosen', () => {
    expect(removeSeveral(COLLARED, [0, 5])).toBeUndefined();
  });
});

describe('points copied', () => {
  const collar = copiedPoints(COLLARED, [4, 2, 3, 3]);

  it('come from the base up, each once, with their edge and their pull', () => {
    expect(collar.map((p) => p.height)).toEqual([0.05, 0.055, 0.06]);
    expect(collar[1]?.corner).toBe(true);
    expect(collar[2]?.pull).toEqual({ radius: 0.1, height: 0.4 });
  });

  it('put in make a second collar of the same form, and the rest is raised by it', () => {
    const put = pastePoints(COLLARED, 4, collar);
    // Their own mean distance is 5 mm: the copy begins 5 mm above, is 10 mm tall, and the lip goes up by 15.
    expect(put?.points.map((p) => Math.round(p.height * 1e3))).toEqual([
      0, 0, 50, 55, 60, 65, 70, 75, 135,
    ]);
    expect(put?.from).toBe(5);
    expect(put?.points[6]).toEqual({ ...collar[1], height: 0.07 });
  });

  it('go into another profile as well', () => {
    const put = pastePoints([at(0.3, 0), at(0.3, 0.02), at(0.4, 0.02)], 1, collar);
    expect(put?.points.map((p) => Math.round(p.height * 1e3))).toEqual([
      300, 300, 305, 310, 315, 415,
    ]);
  });

  it('one alone goes half a centimetre up', () => {
    const put = pastePoints(COLLARED, 2, [at(0.5, 0.05)]);
    expect(put?.points[3]).toMatchObject({ height: 0.055, radius: 0.05 });
  });

  it('are refused where they would be more than a profile takes, or have no place', () => {
    const many = Array.from({ length: MOST_POINTS - 5 }, (_, i) => at(i * 1e-3, 0.03));
    expect(pastePoints(COLLARED, 2, many)).toBeUndefined();
    expect(pastePoints(COLLARED, 99, collar)).toBeUndefined();
    expect(pastePoints(COLLARED, 2, [])).toBeUndefined();
  });
});
