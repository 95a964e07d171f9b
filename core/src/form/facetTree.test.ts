// The nearest facet found in a tree is the nearest of all of them; distances to a box and a ball are those of geometry.
import * as fc from 'fast-check';
import { bitMesh } from './bitMesh';
import { FacetTree } from './facetTree';
import type { Mesh } from './mesh';

const place = { height: 0, out: 0, around: 0, tilt: 0, copies: 1 };
const box = bitMesh({ shape: { kind: 'box', x: 0.02, y: 0.04, z: 0.06 }, place });
const ball = bitMesh({ shape: { kind: 'ball', diameter: 0.05 }, place });
const handle = bitMesh({
  shape: {
    kind: 'bent',
    diameter: 0.01,
    path: [
      { out: 0, up: 0 },
      { out: 0.04, up: 0.02 },
      { out: 0.03, up: 0.08 },
    ],
  },
  place: { ...place, out: 0.05 },
});
const coordinate = fc.double({ min: -0.1, max: 0.1, noNaN: true });
const anywhere = fc.tuple(coordinate, coordinate, coordinate);
/** One facet at a time: no tree at all. */
const oneByOne = ({ positions, triangles }: Mesh): FacetTree[] =>
  Array.from(
    { length: triangles.length / 3 },
    (_, f) => new FacetTree({ positions, triangles: triangles.slice(3 * f, 3 * f + 3) }),
  );

describe('distance to a mesh', () => {
  it('to a box is that of geometry, in front of faces, edges and corners', () => {
    const bounds = [0, 1, 2].map((c) => {
      const all = Array.from(box.positions).filter((_, i) => i % 3 === c);
      return [Math.min(...all), Math.max(...all)] as const;
    });
    const tree = new FacetTree(box);
    fc.assert(
      fc.property(anywhere, (at) => {
        const off = at.map((v, c) => {
          const [low, high] = bounds[c] ?? [0, 0];
          return Math.max(low - v, 0, v - high);
        });
        const outside = Math.hypot(...off);
        const inside = Math.min(
          ...at.flatMap((v, c) => [v - (bounds[c]?.[0] ?? 0), (bounds[c]?.[1] ?? 0) - v]),
        );
        expect(tree.distance(at)).toBeCloseTo(outside > 0 ? outside : inside, 9);
      }),
    );
  });
  it('to a ball is to its skin, within what its facets cut off', () => {
    const tree = new FacetTree(ball);
    const middle = [0, 1, 2].map((c) => {
      const all = Array.from(ball.positions).filter((_, i) => i % 3 === c);
      return (Math.min(...all) + Math.max(...all)) / 2;
    });
    fc.assert(
      fc.property(anywhere, (at) => {
        const far = Math.hypot(...at.map((v, c) => v - (middle[c] ?? 0)));
        expect(Math.abs(tree.distance(at) - Math.abs(far - 0.025))).toBeLessThan(2e-4);
      }),
    );
  });
  it('is that of the nearest of all facets, however they are sorted', () => {
    const tree = new FacetTree(handle);
    const all = oneByOne(handle);
    fc.assert(
      fc.property(anywhere, (at) => {
        const least = Math.min(...all.map((t) => t.distance(at)));
        expect(tree.distance(at)).toBeCloseTo(least, 12);
      }),
      { numRuns: 30 },
    );
  });
  it('further off than is asked is told as at least that, and never as more than it is', () => {
    for (const tree of [new FacetTree(box), new FacetTree(handle)])
      fc.assert(
        fc.property(anywhere, fc.double({ min: 1e-4, max: 0.05, noNaN: true }), (at, within) => {
          const exact = tree.distance(at);
          const told = tree.distance(at, within);
          if (exact < within) expect(told).toBeCloseTo(exact, 12);
          else {
            expect(told).toBeGreaterThanOrEqual(within - 1e-12);
            expect(told).toBeLessThanOrEqual(exact + 1e-12);
          }
        }),
      );
  });
  it('to nothing is endless', () => {
    expect(new FacetTree({ positions: [], triangles: [] }).distance([0, 0, 0])).toBe(Infinity);
  });
});
