// A wall on the bench: slab, rod or ball cut into cells of equal breadth.
//
// Cells from the inside out; every face passes k·A/Δx times the difference of its neighbours. A skin passes exactly the heat its
// law gives at the end of the step.
import { tr } from '../words/tr';
import { scratchFor, stepChain, type Chain, type End, type Scratch } from './chain';

/** The wall's form: flat, a rod or a ball about its middle. */
export type WallKind = 'slab' | 'rod' | 'ball';

/** A wall cut into cells. Per square metre of its outer skin. */
export interface CellGrid {
  readonly cells: number;
  /** m³ per m² of outer skin. */
  readonly volume: Float64Array;
  /** The cells and the faces between them, per m² of outer skin. */
  readonly chain: Chain;
  /** Half a cell to the outer and to the inner skin, W/K per m² of outer skin. */
  readonly toOuter: number;
  readonly toInner: number;
}

/**
 * Cuts a wall so thick (m; of a rod or ball the radius) into cells of equal breadth. Conductivity W/(m·K), capacity J/(m³·K).
 * Throws for no thickness.
 */
export function cellGrid(
  kind: WallKind,
  thickness: number,
  cells: number,
  conductivity: number,
  capacity: number,
): CellGrid {
  if (!(thickness > 0)) throw new RangeError(tr`A wall needs a thickness to carry heat.`);
  const dx = thickness / cells;
  const power = kind === 'slab' ? 0 : kind === 'rod' ? 1 : 2;
  const face = (i: number): number => ((i * dx) / thickness) ** power;
  const inside = (i: number): number => (thickness / (power + 1)) * (i / cells) ** (power + 1);
  const volume = new Float64Array(cells);
  const link = new Float64Array(cells - 1);
  for (let i = 0; i < cells; i += 1) {
    volume[i] = inside(i + 1) - inside(i);
    if (i < cells - 1) link[i] = (conductivity * (power === 0 ? 1 : face(i + 1))) / dx;
  }
  return {
    cells,
    volume,
    chain: { capacity: volume.map((v) => v * capacity), link },
    toOuter: (2 * conductivity) / dx,
    toInner: power === 0 ? (2 * conductivity) / dx : 0,
  };
}

/** Heat leaving a skin at T (°C): q = `loss` at `at`, rising by `slope` a kelvin. W/m², W/(m²·K). */
export interface SkinLaw {
  at: number;
  loss: number;
  slope: number;
}

/** A skin that passes nothing. */
export const SHUT: SkinLaw = { at: 0, loss: 0, slope: 0 };

/** Temperature of a skin that passes so much: where half a cell's conductance meets the skin's law. */
const skin = (cell: number, half: number, law: SkinLaw): number =>
  half <= 0 ? cell : (half * cell - law.loss + law.slope * law.at) / (half + law.slope);

/** A skin seen from the cell behind it: half a cell's glass, then the law. Written into `end`. */
function setEnd(end: End, half: number, law: Readonly<SkinLaw>): void {
  const share = half > 0 ? half / (half + law.slope) : 0;
  end.slope = share * law.slope;
  end.pull = share * (law.slope * law.at - law.loss);
}

/** What a wall's steps are worked out in; one will do for all walls of as many cells. */
export interface CellScratch extends Scratch {
  readonly inner: End;
  readonly outer: End;
}

/** Scratch for walls of at most so many cells. */
export const cellScratch = (cells: number): CellScratch => ({
  ...scratchFor(cells),
  inner: { slope: 0, pull: 0 },
  outer: { slope: 0, pull: 0 },
});

/**
 * One implicit step of `dt` seconds; temperatures (°C) are changed in place. `source` is heat into the whole wall, W per m² of
 * outer skin. Returns the heat that left by the outer skin, J per m².
 */
export function conduct(
  grid: CellGrid,
  scratch: CellScratch,
  t: Float64Array,
  dt: number,
  outer: Readonly<SkinLaw>,
  inner: Readonly<SkinLaw>,
  source: number,
): number {
  setEnd(scratch.inner, grid.toInner, inner);
  setEnd(scratch.outer, grid.toOuter, outer);
  stepChain(grid.chain, scratch, t, t, dt, scratch.inner, scratch.outer, source);
  const s = skin(t[grid.cells - 1], grid.toOuter, outer);
  return dt * (outer.loss + outer.slope * (s - outer.at));
}

/** Mean temperature of the wall, °C. */
export function meanOf(grid: CellGrid, t: Float64Array): number {
  let sum = 0;
  let whole = 0;
  for (let i = 0; i < grid.cells; i += 1) {
    sum += volume(grid, i) * t[i];
    whole += volume(grid, i);
  }
  return sum / whole;
}
const volume = (grid: CellGrid, i: number): number => grid.volume[i];

/** Heat in the wall above 0 °C, J per m² of outer skin. */
export function heatIn(grid: CellGrid, t: Float64Array): number {
  let sum = 0;
  for (let i = 0; i < grid.cells; i += 1) sum += grid.chain.capacity[i] * t[i];
  return sum;
}
