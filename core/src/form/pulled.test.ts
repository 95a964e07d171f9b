// A spout pulled from the lip: the wall goes out and keeps its glass; nothing is added, and it goes with its lip.
import { bodyShells } from '../piece/body';
import { lyingBits } from '../piece/followed';
import { outline, pieceOf, shown } from '../piece/shop.fixture';
import type { Bit } from './bit';
import { measureMesh, openEdges } from './mesh';
import { isPulled, pulledLine } from './pulled';

const spout: Bit & { name: string } = {
  name: 'spout',
  shape: { kind: 'pulled', width: 0.04, reach: 0.015, rise: 0.006, drop: 0.03 },
  place: { height: 0.05, out: 0.02, around: 0, tilt: 0, copies: 1 },
};
const jug = (bits: readonly (Bit & { name: string })[]) =>
  pieceOf(
    'bottle',
    'soft-batch-96',
    [{ name: 'jug', profile: outline([0, 0, 4], [0, 34, 4, true], [90, 34, 3], [140, 34, 3]) }],
    { bits },
  );
const made = shown(jug([spout]), true);
const plain = shown(jug([]), true);
const shells = (of: typeof made, bits: readonly (Bit & { name: string })[]) =>
  bodyShells(of.derived.parts, lyingBits(of.derived, bits), { facets: 240, rows: 600 });

describe('a spout pulled from the lip', () => {
  const [mesh] = shells(made, [spout]);
  const [round] = shells(plain, []);
  if (!mesh || !round) throw new Error('the jug has a shell');

  it('is the jug’s own wall: one closed shell, its tip where it was asked for', () => {
    expect(shells(made, [spout])).toHaveLength(1);
    expect(openEdges(mesh.mesh)).toEqual([]);
    const at = Array.from({ length: mesh.mesh.positions.length / 3 }, (_, i) =>
      mesh.mesh.positions.slice(3 * i, 3 * i + 3),
    );
    expect(Math.max(...at.map(([x]) => x ?? 0))).toBeCloseTo(0.034 + 0.015, 4);
    expect(Math.max(...at.map(([, , z]) => z ?? 0))).toBeCloseTo(0.14 + 0.006, 3);
    // Opposite, and under where it begins, nothing moved.
    expect(Math.min(...at.map(([x]) => x ?? 0))).toBeCloseTo(-0.034, 5);
  });
  it('adds no glass, and in its mesh no more than its lip goes out by (2 %)', () => {
    expect(made.derived.whole.mass).toBe(plain.derived.whole.mass);
    const grown = measureMesh(mesh.mesh).volume / measureMesh(round.mesh).volume;
    expect(grown).toBeGreaterThanOrEqual(1);
    expect(grown).toBeLessThan(1.02);
  });
  it('sits at the lip wherever it was put down, and its line ends at the tip', () => {
    const [lying] = lyingBits(made.derived, [spout]);
    if (!lying || !isPulled(lying)) throw new Error('still pulled');
    expect(lying.place).toMatchObject({ height: 0.14, out: 0.034 });
    const line = pulledLine(lying.shape, lying.place.out);
    expect(line[0]).toEqual({ out: expect.closeTo(0, 4) as number, up: -0.03 });
    expect(line.at(-1)?.out).toBeCloseTo(0.015, 6);
    expect(line.at(-1)?.up).toBeCloseTo(0.006, 6);
  });
  it('is a step at the lip with no bit brought for it', () => {
    const kinds = made.steps.map((s) => s.kind);
    expect(kinds).toContain('spout');
    expect(kinds).not.toContain('bringBit');
    expect(made.steps.find((s) => s.kind === 'spout')?.zone).toBe('top');
  });
  it('counts in what the piece reaches to', () => {
    expect(made.derived.whole.widest).toBeCloseTo(0.049, 6);
    expect(made.derived.whole.height).toBeCloseTo(0.146, 6);
  });
  it('a piece without an open lip has nothing to pull: said by name', () => {
    const solid = shown(
      pieceOf(
        'solid',
        'soft-batch-96',
        [{ name: 'egg', work: 'solid', profile: outline([0, 0, 3], [20, 20, 3], [40, 0, 3]) }],
        { bits: [spout] },
      ),
      true,
    );
    expect(solid.derived.whole.remarks.map((r) => r.message).join()).toMatch(
      /^spout is pulled from a lip, and there is no open one; open a part/,
    );
  });
});

describe('a tube stuck on below the lip', () => {
  const tube: Bit & { name: string } = {
    name: 'beak',
    shape: {
      kind: 'bent',
      diameter: 0.014,
      wall: 0.0025,
      path: [
        { out: -0.001, up: 0 },
        { out: 0.02, up: 0.01 },
        { out: 0.035, up: 0.04 },
      ],
    },
    place: { height: 0.06, out: 0.0335, around: 0, tilt: 0, copies: 1 },
  };
  const handle: Bit & { name: string } = {
    name: 'grip',
    shape: {
      kind: 'bent',
      diameter: 0.009,
      path: [
        { out: 0, up: 0.03 },
        { out: 0.03, up: 0.02 },
        { out: 0, up: -0.03 },
      ],
    },
    place: { height: 0.07, out: 0.0335, around: Math.PI, tilt: 0, copies: 1 },
  };
  it('is brought, joined and melted in, before the handle, and is not called pulled', () => {
    const { steps } = shown(jug([handle, tube]), true);
    expect(steps.map((s) => s.kind)).not.toContain('spout');
    const at = (kind: string): number => steps.findIndex((s) => s.kind === kind);
    expect(at('addBit')).toBeGreaterThan(0);
    expect(at('addBit')).toBeLessThan(at('handle'));
  });
});
