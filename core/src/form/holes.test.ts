// Holes in a wall: glass taken, how far it holds, and a mesh that stays closed and weighs what is left.
import type { WallHole } from '@zanfirico/contract/piece';
import { bodyShells } from '../piece/body';
import { readPart, type PartInput } from '../piece/part';
import { glassOf, outline } from '../piece/shop.fixture';
import { holeGlass } from './holes';
import { hollowRange } from './measure';
import { measureMesh, openEdges } from './mesh';

const glass = glassOf('soft-batch-96');
const cup = outline([0, 0, 5, true], [0, 40, 5, true], [100, 40, 5, true]);
const hole = (height: number, diameter: number, around = 0.4): WallHole => ({
  height: height / 1e3,
  diameter: diameter / 1e3,
  around,
});
const read = (holes: readonly WallHole[], more: Partial<PartInput> = {}) =>
  readPart({ profile: cup, holes, ...more }, 0, glass);
const part = (holes: readonly WallHole[], more: Partial<PartInput> = {}) => {
  const reading = read(holes, more);
  if (!reading.ok) throw new Error(reading.problems[0]?.message);
  return reading.part;
};

it('takes a plug of the wall, and the piece runs out at its lower edge', () => {
  const [whole, holed] = [part([]), part([hole(60, 12)])];
  const plug = (Math.PI / 4) * 0.012 ** 2 * 0.005;
  expect(holeGlass(whole.shape, hole(60, 12))).toBeCloseTo(plug, 9);
  expect(whole.shape.glassVolume - holed.shape.glassVolume).toBeCloseTo(plug, 9);
  expect(holed.mass).toBeCloseTo(whole.mass - plug * glass.density, 6);
  expect(hollowRange(holed.shape)[1]).toBeCloseTo(0.054, 6);
  // Glass gone above the middle lets the weight sit lower.
  expect(holed.shape.centreOfMass).toBeLessThan(whole.shape.centreOfMass);
});

/** How much less than its circle a round of so many corners has. */
const lacking = (corners: number): number =>
  1 - (corners / (2 * Math.PI)) * Math.sin((2 * Math.PI) / corners);

it.each<[string, readonly WallHole[], Partial<PartInput>, number]>([
  ['one hole', [hole(50, 14)], {}, 8],
  ['three round it', [0, 2.1, 4.2].map((a) => hole(50, 10, a)), {}, 8],
  ['a hole smaller than a facet', [hole(50, 2)], {}, 6],
  [
    'a hole in a flask',
    [hole(50, 12, 1.4)],
    { across: { kind: 'oval', depth: 0.6, square: 2 } },
    8,
  ],
])('%s: the mesh is closed, and so much lighter', (_, holes, more, corners) => {
  const volume = (p: ReturnType<typeof part>): number => {
    const [shell] = bodyShells([p], [], { facets: 96, rows: 400 });
    if (!shell) throw new Error('no shell');
    expect(openEdges(shell.mesh)).toEqual([]);
    return measureMesh(shell.mesh).volume;
  };
  const holed = part(holes, more);
  const gone = volume(part([], more)) - volume(holed);
  const plugs = holes.reduce((sum, h) => sum + holeGlass(holed.shape, h), 0);
  // Its round has so many corners at least; across a bent wall the plug's ends are bent.
  expect(Math.abs(gone / plugs - 1)).toBeLessThan(lacking(corners) + 0.02);
});

it.each<[string, WallHole, RegExp]>([
  ['over the lip', hole(97, 12), /Hole 1: 12 mm across at 97 mm up; there is no wall/],
  ['into the base', hole(6, 8), /there is no wall with a hollow behind it/],
  [
    'wider than the part',
    hole(50, 80),
    /80 mm across; the part is 80 mm wide there, so at most 72 mm/,
  ],
])('%s: is refused with what would do', (_, h, says) => {
  const reading = read([h]);
  expect(reading.ok ? '' : reading.problems[0]?.message).toMatch(says);
});

it('nobody drills into solid work', () => {
  const reading = read([hole(50, 10)], { work: 'solid' });
  expect(reading.ok).toBe(false);
});
