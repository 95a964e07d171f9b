// How bits look in the section: their outlines seen square to its plane, front or behind.
import { smoothPath, type Bit } from './bit';
import { lipWall, pulledLine } from './pulled';
import { bitMesh, onHelix, placing } from './bitMesh';

/** One outline. `x` runs across the section, right of the axis positive; m. */
export interface Silhouette {
  readonly x: readonly number[];
  readonly z: readonly number[];
  /** Set for a thread or bent rod: the outline is its middle line, this wide. */
  readonly width: number | undefined;
  /** Behind the axis as seen: drawn fainter. */
  readonly behind: boolean;
}

/** Steps per turn of a wound thread. */
const PER_TURN = 48;

/**
 * Outlines of all copies of a bit. Rods, balls, boxes and dots are convex, so the hull of their corners is exact; of an
 * imported mesh it is the hull only. The viewer stands at negative y.
 */
export function silhouettes(bit: Bit): Silhouette[] {
  const { shape, place } = bit;
  return Array.from({ length: place.copies }, (_, k) => {
    const to = placing(place, k);
    if (shape.kind === 'bent') {
      const path = smoothPath(shape.path);
      const at = path.x.map((x, i) => to(x, 0, path.z[i] as number));
      return [stroke(at, shape.diameter, middleY(at) > 1e-9)];
    }
    if (shape.kind === 'pulled') {
      const at = pulledLine(shape, place.out).map((p) => to(p.out, 0, p.up));
      return [stroke(at, lipWall(shape), middleY(at) > 1e-9)];
    }
    if (shape.kind === 'wrap') {
      const n = Math.max(24, Math.ceil(shape.turns * PER_TURN));
      const at = Array.from({ length: n + 1 }, (_, i) =>
        to(...onHelix(shape, place.out, (i / n) * shape.turns)),
      );
      return runs(at).map((run) => stroke(run, shape.diameter, middleY(run) > 1e-9));
    }
    const { positions } = bitMesh({ shape, place: { ...place, copies: 1 } });
    const turn = (2 * Math.PI * k) / place.copies;
    const [c, s] = [Math.cos(turn), Math.sin(turn)];
    const seen: (readonly [number, number])[] = [];
    let y = 0;
    for (let i = 0; i < positions.length; i += 3) {
      const px = positions[i] as number;
      const py = positions[i + 1] as number;
      seen.push([px * c - py * s, positions[i + 2] as number]);
      y += px * s + py * c;
    }
    const line = hull(seen);
    return [
      {
        x: line.map(([x]) => x),
        z: line.map(([, z]) => z),
        width: undefined,
        behind: y > 1e-9 * seen.length,
      },
    ];
  }).flat();
}

type Place = readonly [number, number, number];

const stroke = (at: readonly Place[], width: number, behind: boolean): Silhouette => ({
  x: at.map(([x]) => x),
  z: at.map(([, , z]) => z),
  width,
  behind,
});

const middleY = (at: readonly Place[]): number => at.reduce((sum, [, y]) => sum + y, 0) / at.length;

/** A winding line cut where it passes from front to back; neighbours share the place of the cut. */
function runs(at: readonly Place[]): Place[][] {
  const found: Place[][] = [];
  let run: Place[] = [];
  at.forEach((p, i) => {
    run.push(p);
    const next = at[i + 1];
    if (next && p[1] > -1e-9 !== next[1] > -1e-9) {
      run.push(next);
      found.push(run);
      run = [];
    }
  });
  if (run.length > 1) found.push(run);
  return found;
}

/** Convex hull, anticlockwise (monotone chain; Andrew, Information Processing Letters 9, 1979). */
function hull(points: readonly (readonly [number, number])[]): (readonly [number, number])[] {
  const sorted = [...points].sort((a, b) => a[0] - b[0] || a[1] - b[1]);
  const half = (from: readonly (readonly [number, number])[]): (readonly [number, number])[] => {
    const chain: (readonly [number, number])[] = [];
    for (const p of from) {
      for (;;) {
        const a = chain[chain.length - 2];
        const b = chain[chain.length - 1];
        if (!a || !b || (b[0] - a[0]) * (p[1] - a[1]) - (b[1] - a[1]) * (p[0] - a[0]) > 0) break;
        chain.pop();
      }
      chain.push(p);
    }
    chain.pop();
    return chain;
  };
  return [...half(sorted), ...half([...sorted].reverse())];
}
