// What is laid on the shelf: sheet, strips, stringers, frit and powder, each a flat shape; from above it is an outline, cut through it is a stack.
import type { Laid, LaidAs, ShelfSpot } from '@zanfirico/contract/kiln';

/** As what it is laid. */
export const LAID_KINDS = ['sheet', 'strip', 'stringer', 'frit', 'powder'] as const;

/**
 * How much of a thing's room is glass: a stringer is round (π/4), frit and powder are heaped loosely (0.55 and 0.5: common practice, no source).
 */
export const SOLID: Readonly<Record<LaidAs, number>> = {
  sheet: 1,
  strip: 1,
  stringer: Math.PI / 4,
  frit: 0.55,
  powder: 0.5,
};

/** A circle is drawn by so many corners; their polygon is as large as the circle. */
const CORNERS = 72;
const SAME_AREA = Math.sqrt((2 * Math.PI) / CORNERS / Math.sin((2 * Math.PI) / CORNERS));

/** A thing's outline where it lies, anticlockwise unless it was drawn the other way. */
export function outlineOf({ shape, x, y, turn, mirrored }: Omit<Laid, 'id' | 'as'>): ShelfSpot[] {
  const own: readonly ShelfSpot[] =
    shape.kind === 'outline'
      ? shape.points
      : shape.kind === 'rect'
        ? [
            [-1, -1],
            [1, -1],
            [1, 1],
            [-1, 1],
          ].map(([a = 0, b = 0]) => ({ x: (a * shape.width) / 2, y: (b * shape.deep) / 2 }))
        : Array.from({ length: CORNERS }, (_, i) => {
            const a = (2 * Math.PI * i) / CORNERS;
            const r = (SAME_AREA * shape.across) / 2;
            return { x: r * Math.cos(a), y: r * Math.sin(a) };
          });
  const [c, s] = [Math.cos(turn), Math.sin(turn)];
  return own.map((p) => {
    const px = mirrored === true ? -p.x : p.x;
    return { x: x + c * px - s * p.y, y: y + s * px + c * p.y };
  });
}

/**
 * Area within an outline, m² (the shoelace); less than nothing where it is drawn clockwise.
 *
 * @example
 * signedArea([{ x: 0, y: 0 }, { x: 0.1, y: 0 }, { x: 0.1, y: 0.2 }]) // 0.01
 */
export function signedArea(outline: readonly ShelfSpot[]): number {
  let twice = 0;
  outline.forEach((p, i) => {
    const q = outline[(i + 1) % outline.length];
    twice += p.x * q.y - q.x * p.y;
  });
  return twice / 2;
}

/**
 * Area within an outline, whichever way it is drawn, m².
 *
 * @example
 * areaOf([{ x: 0, y: 0 }, { x: 0.1, y: 0 }, { x: 0.1, y: 0.1 }, { x: 0, y: 0.1 }]) // 0.01
 */
export const areaOf = (outline: readonly ShelfSpot[]): number => Math.abs(signedArea(outline));

/** How far it reaches. */
export interface OutlineBounds {
  readonly left: number;
  readonly right: number;
  readonly near: number;
  readonly far: number;
}

/** What some outlines reach over together; nothing at all reaches nowhere. */
export const outlineBounds = (outlines: readonly (readonly ShelfSpot[])[]): OutlineBounds =>
  outlines.flat().reduce(
    (b, p) => ({
      left: Math.min(b.left, p.x),
      right: Math.max(b.right, p.x),
      near: Math.min(b.near, p.y),
      far: Math.max(b.far, p.y),
    }),
    { left: Infinity, right: -Infinity, near: Infinity, far: -Infinity },
  );

/** Where a line of one y crosses an outline, x from left to right in pairs (even-odd). */
function crossings(outline: readonly ShelfSpot[], y: number): number[] {
  const found: number[] = [];
  outline.forEach((p, i) => {
    const q = outline[(i + 1) % outline.length];
    if (p.y <= y !== q.y <= y) found.push(p.x + ((y - p.y) / (q.y - p.y)) * (q.x - p.x));
  });
  return found.sort((a, b) => a - b);
}

/** A kind of stack: what lies on what at some cell, bottom first, by place in the list. */
export type Stacked = readonly number[];

/** Cells a side of the look from above has at most, and the least a cell is, m. */
const MOST_CELLS = 160;
const LEAST_CELL = 0.001;

/** Everything from above on a grid of cells: which stack stands on each. */
export interface FromAbove {
  readonly cell: number;
  readonly columns: number;
  readonly rows: number;
  readonly left: number;
  readonly near: number;
  /** By cell, row by row, which of `stacks`; the first is the bare shelf. */
  readonly at: Uint16Array;
  readonly stacks: readonly Stacked[];
}

/** Lays it all on a grid. */
export function fromAbove(laid: readonly Laid[]): FromAbove {
  const outlines = laid.map(outlineOf);
  const b = outlineBounds(outlines);
  const extent = Math.max(b.right - b.left, b.far - b.near, 0);
  const cell = Math.max(LEAST_CELL, extent / MOST_CELLS);
  const columns = Math.max(1, Math.ceil((b.right - b.left) / cell - 1e-9)) || 1;
  const rows = Math.max(1, Math.ceil((b.far - b.near) / cell - 1e-9)) || 1;
  const at = new Uint16Array(columns * rows);
  const stacks: Stacked[] = [[]];
  const next = new Map<number, number>();
  outlines.forEach((outline, item) => {
    const reach = outlineBounds([outline]);
    const from = Math.max(0, Math.floor((reach.near - b.near) / cell) - 1);
    const to = Math.min(rows - 1, Math.ceil((reach.far - b.near) / cell));
    for (let row = from; row <= to; row += 1) {
      const cuts = crossings(outline, b.near + (row + 0.5) * cell);
      for (let k = 0; k + 1 < cuts.length; k += 2) {
        const first = Math.max(0, Math.ceil((cuts[k] - b.left) / cell - 0.5));
        const last = Math.min(columns - 1, Math.ceil((cuts[k + 1] - b.left) / cell - 0.5) - 1);
        for (let column = first; column <= last; column += 1) {
          const i = row * columns + column;
          const was = at[i];
          const key = was * laid.length + item;
          let is = next.get(key);
          if (is === undefined) {
            // So many different stacks nobody lays: what comes after is left where it is.
            if (stacks.length >= 65_535) continue;
            is = stacks.length;
            stacks.push([...stacks[was], item]);
            next.set(key, is);
          }
          at[i] = is;
        }
      }
    }
  });
  return { cell, columns, rows, left: b.left, near: b.near, at, stacks };
}

/** Glass standing on a cell, m: each thing by how much of it is glass. */
export const standsAt = (laid: readonly Laid[], stack: Stacked): number =>
  stack.reduce((sum, i) => {
    const thing = laid[i];
    return sum + (thing ? thing.thickness * SOLID[thing.as] : 0);
  }, 0);

/** Glass in one thing, m³, by its outline. */
export const glassOf = (l: Laid): number => areaOf(outlineOf(l)) * l.thickness * SOLID[l.as];

/** All its glass, m³. */
export const volumeOf = (laid: readonly Laid[]): number =>
  laid.reduce((sum, l) => sum + glassOf(l), 0);

/** The outline everything lies in: of the largest thing where it is nearly all of it, else drawn tightly round them all (Andrew 1979). */
export function outlineOfAll(laid: readonly Laid[]): ShelfSpot[] {
  const outlines = laid.map(outlineOf);
  const largest = outlines.reduce<ShelfSpot[]>((a, b) => (areaOf(b) > areaOf(a) ? b : a), []);
  const all = outlines.flat().sort((a, b) => a.x - b.x || a.y - b.y);
  const half = (points: readonly ShelfSpot[]): ShelfSpot[] => {
    const line: ShelfSpot[] = [];
    for (const p of points) {
      for (;;) {
        const [a, b] = [line[line.length - 2], line[line.length - 1]];
        if (!a || !b || (b.x - a.x) * (p.y - a.y) - (b.y - a.y) * (p.x - a.x) > 0) break;
        line.pop();
      }
      line.push(p);
    }
    return line.slice(0, -1);
  };
  const hull = [...half(all), ...half([...all].reverse())];
  return areaOf(hull) <= NEARLY_ALL * areaOf(largest) || everyIn(outlines, largest)
    ? largest
    : hull;
}
const NEARLY_ALL = 1.03;

/** Does all of it lie within one outline, but for a hair? */
const everyIn = (
  outlines: readonly (readonly ShelfSpot[])[],
  within: readonly ShelfSpot[],
): boolean => {
  const b = outlineBounds([within]);
  const slack = 1e-4;
  return outlines.flat().every((p) => {
    if (
      p.x < b.left - slack ||
      p.x > b.right + slack ||
      p.y < b.near - slack ||
      p.y > b.far + slack
    )
      return false;
    return [-slack, 0, slack].some((dy) => {
      const cuts = crossings(within, p.y + dy);
      for (let k = 0; k + 1 < cuts.length; k += 2)
        if (p.x >= cuts[k] - slack && p.x <= cuts[k + 1] + slack) return true;
      return false;
    });
  });
};

/** What stands along a line through the middle, from left to right: columns of glass with their edges. Gaps stand at nothing. */
export interface LaidCut {
  readonly edges: readonly number[];
  readonly high: readonly number[];
}

/** Cut through at a distance from front to back. */
export function cutAt(laid: readonly Laid[], above: FromAbove, y: number): LaidCut {
  const row = Math.min(above.rows - 1, Math.max(0, Math.floor((y - above.near) / above.cell)));
  const edges = Array.from({ length: above.columns + 1 }, (_, i) => above.left + i * above.cell);
  const high = Array.from({ length: above.columns }, (_, i) =>
    standsAt(laid, above.stacks[above.at[row * above.columns + i] ?? 0] ?? []),
  );
  return { edges, high };
}

/** Round about its middle: what stands at each distance from it, by the mean all round. */
export function roundCut(
  laid: readonly Laid[],
  above: FromAbove,
  middle: ShelfSpot,
  radius: number,
): LaidCut {
  const n = Math.max(8, Math.min(80, Math.round(radius / Math.max(above.cell, 0.0015))));
  const sum = new Float64Array(n);
  const cells = new Float64Array(n);
  for (let row = 0; row < above.rows; row += 1)
    for (let column = 0; column < above.columns; column += 1) {
      const r = Math.hypot(
        above.left + (column + 0.5) * above.cell - middle.x,
        above.near + (row + 0.5) * above.cell - middle.y,
      );
      const k = Math.floor((r / radius) * n);
      if (k >= n) continue;
      const stack = above.stacks[above.at[row * above.columns + column]];
      sum[k] = sum[k] + standsAt(laid, stack);
      cells[k] = cells[k] + 1;
    }
  const high = Array.from(sum, (s, k) => s / Math.max(1, cells[k]));
  return { edges: Array.from({ length: n + 1 }, (_, k) => (radius * k) / n), high };
}

/** The middle of an outline, and its radius where it is round to a fiftieth. */
export function asRound(
  outline: readonly ShelfSpot[],
): { readonly middle: ShelfSpot; readonly radius: number } | undefined {
  if (outline.length < 12) return undefined;
  const b = outlineBounds([outline]);
  const middle = { x: (b.left + b.right) / 2, y: (b.near + b.far) / 2 };
  const reach = outline.map((p) => Math.hypot(p.x - middle.x, p.y - middle.y));
  const [least, most] = [Math.min(...reach), Math.max(...reach)];
  return most - least < 0.02 * most
    ? { middle, radius: Math.sqrt(areaOf(outline) / Math.PI) }
    : undefined;
}
