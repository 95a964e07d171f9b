// Outlines of bits in the section: against the shapes they are of.
import type { BitPlace } from '@zanfirico/contract/piece';
import type { BitShape } from './bit';
import { silhouettes } from './silhouette';

const place = (change: Partial<BitPlace> = {}): BitPlace => ({
  height: 0.05,
  out: 0.04,
  around: 0,
  tilt: 0,
  copies: 1,
  ...change,
});
const seen = (shape: BitShape, at: Partial<BitPlace> = {}) =>
  silhouettes({ shape, place: place(at) });
const span = (v: readonly number[]): number => Math.max(...v) - Math.min(...v);
/** Area of an outline, by the shoelace formula. */
const area = ({ x, z }: { readonly x: readonly number[]; readonly z: readonly number[] }): number =>
  Math.abs(
    x.reduce((sum, v, i) => {
      const k = (i + 1) % x.length;
      return sum + v * (z[k] as number) - (x[k] as number) * (z[i] as number);
    }, 0) / 2,
  );

describe('outlines of bits', () => {
  it.each([
    ['a ball is a disc', { kind: 'ball', diameter: 0.02 }, 0.02, 0.02, Math.PI * 1e-4],
    ['a rod is its long section', { kind: 'rod', diameter: 0.01, length: 0.06 }, 0.01, 0.06, 6e-4],
    ['a box is its face', { kind: 'box', x: 0.02, y: 0.05, z: 0.03 }, 0.02, 0.03, 6e-4],
    [
      'an ellipsoid is an ellipse',
      { kind: 'ellipsoid', x: 0.04, y: 0.01, z: 0.02 },
      0.04,
      0.02,
      Math.PI * 0.02 * 0.01,
    ],
  ] as const)('%s', (_name, shape, wide, tall, face) => {
    const [outline, more] = seen(shape);
    if (!outline) throw new Error('a bit must be seen');
    expect(more).toBeUndefined();
    // Facets are made a hair large so that volumes come out exactly: 1.5 % across at most.
    expect(span(outline.x) / wide).toBeCloseTo(1, 1);
    expect(span(outline.z) / tall).toBeCloseTo(1, 1);
    expect(Math.abs(area(outline) / face - 1)).toBeLessThan(0.02);
    expect(outline.behind).toBe(false);
  });

  it('sees a box from its side after a quarter turn, and lying after a quarter tilt', () => {
    const box = { kind: 'box', x: 0.02, y: 0.05, z: 0.03 } as const;
    const [side] = seen(box, { around: Math.PI / 2 });
    const [lying] = seen(box, { tilt: Math.PI / 2 });
    expect(span(side?.x ?? [])).toBeCloseTo(0.05, 6);
    expect(span(lying?.x ?? [])).toBeCloseTo(0.03, 6);
    expect(span(lying?.z ?? [])).toBeCloseTo(0.02, 6);
  });

  it('shows copies on both sides, those past the axis as behind', () => {
    const dots = seen({ kind: 'ball', diameter: 0.01 }, { copies: 4, around: Math.PI / 4 });
    expect(dots.map((d) => d.behind)).toEqual([true, true, false, false]);
    const middle = (v: readonly number[]): number => (Math.max(...v) + Math.min(...v)) / 2;
    expect(dots.map((d) => Math.sign(middle(d.x)))).toEqual([1, -1, -1, 1]);
  });

  it('draws a bent rod as a stroke through its points, where they are put', () => {
    const path = [
      { out: 0, up: 0.02 },
      { out: 0.03, up: 0 },
      { out: 0, up: -0.02 },
    ];
    const [handle] = seen({ kind: 'bent', diameter: 0.008, path });
    expect(handle?.width).toBe(0.008);
    expect(handle?.x[0]).toBeCloseTo(0.04, 9);
    expect(handle?.z[0]).toBeCloseTo(0.07, 9);
    expect(Math.max(...(handle?.x ?? []))).toBeCloseTo(0.07, 3);
    expect(seen({ kind: 'bent', diameter: 0.008, path }, { around: Math.PI })[0]?.x[0]).toBeCloseTo(
      -0.04,
      9,
    );
  });

  it('cuts a wrap into front and back, a run each half turn, joined end to end', () => {
    const runs = seen({ kind: 'wrap', diameter: 0.004, turns: 3, pitch: 0.01 });
    expect(runs).toHaveLength(6);
    expect(runs.map((r) => r.behind)).toEqual([true, false, true, false, true, false]);
    runs.slice(1).forEach((run, i) => {
      const before = runs[i];
      expect(run.x[0]).toBeCloseTo(before?.x[before.x.length - 1] ?? NaN, 2);
    });
    expect(Math.max(...runs.flatMap((r) => r.x))).toBeCloseTo(0.04, 6);
  });
});
