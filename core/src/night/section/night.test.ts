// The night of a section against the one-dimensional night it must become where the section is a plate, a rod, a ball; and against
// itself: finer, mirrored, without expansion, stopped.
import { findGlass } from '../../rack/glasses';
import { packed } from '../../form/packedLine';
import { simulate } from '../simulate';
import type { KilnCurve } from '../relaxing/walkCurve';
import { ballLoop, cornerAt, meshed, ringLoop } from './sections.fixture';
import { MeshProblem } from './mesh';
import { meshOfSection, ORDINARY_STANDING } from './realSection';
import { sectionNight, type SectionNight, type SectionTrial } from './night';

const soft = findGlass('soft-batch-96');
const hard = findGlass('borosilicate-33');
if (!soft || !hard) throw new Error('shipped');

const fall = (from: number, rate: number): KilnCurve => ({
  time: [0, 1800, 1800 + ((from - 50) / rate) * 3600],
  temperature: [from, from, 50],
});
const night = (trial: Partial<SectionTrial> & Pick<SectionTrial, 'mesh'>): SectionNight => {
  const made = sectionNight({
    glass: soft,
    curve: fall(505, 55),
    sees: { outside: 1, under: 1, hollow: 'open' },
    ...trial,
  });
  if (!made) throw new Error('nobody stopped it');
  return made;
};

describe.each([
  ['soft', soft, 505, 55],
  ['hard', hard, 565, 90],
] as const)('%s glass, one dimension', (_, glass, from, rate) => {
  const curve = fall(from, rate);
  it('a ball of 25 mm', () => {
    const two = night({ mesh: meshed(ballLoop(0.0125), { longest: 1.3e-3 }), glass, curve });
    const one = simulate({ glass, curve, walls: [{ body: 'ball', thickness: 0.025 }] });
    expect(Math.abs(two.keeps.stress / (one.kept[0]?.most ?? 0) - 1)).toBeLessThan(0.02);
    expect(two.worst.stress / one.worst.stress).toBeGreaterThan(0.9);
    expect(two.worst.stress / one.worst.stress).toBeLessThan(1.05);
    expect(two.energy).toBeCloseTo(1, 3);
  });
  it('a long cylinder of 25 mm', () => {
    const mesh = meshed(ringLoop(0, 0.0125, 0.12));
    const two = night({ mesh, glass, curve });
    const one = simulate({ glass, curve, walls: [{ body: 'cylinder', thickness: 0.025 }] });
    const middle = two.kept.most[cornerAt(mesh, { r: 0, z: 0.06 })];
    expect(Math.abs(middle / (one.kept[0]?.middle ?? 0) - 1)).toBeLessThan(0.02);
  });
  it('a slab of 25 mm, shut at its rim', () => {
    const mesh = meshed(ringLoop(0, 0.05, 0.025), {}, (p) => (p.r > 0.0499 ? 'under' : 'outside'));
    const two = night({ mesh, glass, curve, sees: { outside: 1, under: 0, hollow: 'open' } });
    const one = simulate({ glass, curve, walls: [{ body: 'slab', thickness: 0.025 }] });
    const middle = two.kept.tt[cornerAt(mesh, { r: 0, z: 0.0125 })];
    expect(Math.abs(middle / (one.kept[0]?.middle ?? 0) - 1)).toBeLessThan(0.02);
    const skin = two.kept.tt[cornerAt(mesh, { r: 0, z: 0.025 })];
    expect(Math.abs(skin / (one.kept[0]?.skin ?? 0) - 1)).toBeLessThan(0.03);
  });
});

describe('against itself', () => {
  const tube = ringLoop(0.02, 0.03, 0.04);
  long('half the step or half the mesh moves what it keeps by less than three in a hundred', () => {
    const plain = night({ mesh: meshed(tube) }).keeps.stress;
    expect(
      Math.abs(night({ mesh: meshed(tube), fineness: 2 }).keeps.stress / plain - 1),
    ).toBeLessThan(0.03);
    const fine = night({ mesh: meshed(tube, { longest: 9e-4, through: 8 }) }).keeps.stress;
    expect(Math.abs(fine / plain - 1)).toBeLessThan(0.03);
  });
  it('a mirrored section keeps the same in the mirror', () => {
    const mesh = meshed(tube);
    const { most } = night({ mesh }).kept;
    const half = (upper: boolean): number =>
      Math.max(...[...most].filter((_, i) => mesh.z[i] > 0.02 === upper));
    expect(Math.abs(half(true) / half(false) - 1)).toBeLessThan(0.03);
  });
  it('glass that does not expand keeps nothing', () => {
    const still = { ...soft, expansion: 0 };
    expect(night({ mesh: meshed(tube), glass: still }).keeps.stress).toBeLessThan(1);
  });
  it('is stopped when it is told to, and tells how far it is', () => {
    const told: number[] = [];
    const stopped = sectionNight({
      mesh: meshed(tube),
      glass: soft,
      curve: fall(505, 55),
      sees: { outside: 1, under: 1, hollow: 'open' },
      onStep: (share) => {
        told.push(share);
        return told.length < 5;
      },
    });
    expect(stopped).toBeUndefined();
    expect(told).toHaveLength(5);
    expect(told).toEqual([...told].sort((a, b) => a - b));
  });
});

it('what cannot be meshed is said with its place', () => {
  const plate = (low: number) => ({
    name: 'plate',
    low,
    high: low + 0.01,
    outer: packed({ r: [0, 0.02, 0.02, 0], z: [low, low, low + 0.01, low + 0.01] }),
    inner: packed({ r: [0, 0], z: [low, low + 0.01] }),
    hollow: false,
  });
  const section = { bodies: [plate(0), plate(0.05)], mouth: 0, widestInside: 0, leavesOut: [] };
  expect(() => meshOfSection(section, ORDINARY_STANDING)).toThrow(MeshProblem);
  expect(() => meshOfSection(section, ORDINARY_STANDING)).toThrow(/do not touch/);
});
