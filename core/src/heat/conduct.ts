// Heat through a wall: one dimension, slab, rod or ball, by finite volumes and implicit steps.
//
// Cells from the inside out; every face passes k·A/Δx times the difference of its neighbours (Carslaw & Jaeger, *Conduction
// of Heat in Solids*, the equation; Patankar 1980, the volumes). Each step is implicit, so any length of it is stable; a skin
// passes exactly the heat its law gives at the end of the step, so no heat is lost or made.

/** The wall's form: flat, a rod or a ball about its middle. */
export type WallKind = 'slab' | 'rod' | 'ball';

/** A wall cut into cells. Per square metre of its outer skin. */
export interface Grid {
  readonly cells: number;
  /** m³ per m² of outer skin. */
  readonly volume: Float64Array;
  /** Conductance of the face outside each cell but the last, W/K per m² of outer skin. */
  readonly between: Float64Array;
  /** Half a cell to the outer and to the inner skin, W/K per m² of outer skin. */
  readonly toOuter: number;
  readonly toInner: number;
  /** J/(m³·K). */
  readonly capacity: number;
}

/**
 * Cuts a wall so thick (m; of a rod or ball the radius) into cells of equal breadth. Conductivity W/(m·K), capacity J/(m³·K).
 * Throws for no thickness.
 */
export function gridOf(
  kind: WallKind,
  thickness: number,
  cells: number,
  conductivity: number,
  capacity: number,
): Grid {
  if (!(thickness > 0)) throw new RangeError('A wall needs a thickness to carry heat.');
  const dx = thickness / cells;
  const power = kind === 'slab' ? 0 : kind === 'rod' ? 1 : 2;
  const face = (i: number): number => ((i * dx) / thickness) ** power;
  const inside = (i: number): number => (thickness / (power + 1)) * (i / cells) ** (power + 1);
  const volume = new Float64Array(cells);
  const between = new Float64Array(cells - 1);
  for (let i = 0; i < cells; i += 1) {
    volume[i] = inside(i + 1) - inside(i);
    if (i < cells - 1) between[i] = (conductivity * (power === 0 ? 1 : face(i + 1))) / dx;
  }
  return {
    cells,
    volume,
    between,
    toOuter: (2 * conductivity) / dx,
    toInner: power === 0 ? (2 * conductivity) / dx : 0,
    capacity,
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

const lower = new Float64Array(64);
const diagonal = new Float64Array(64);
const right = new Float64Array(64);

/** Temperature of a skin that passes so much: where half a cell's conductance meets the skin's law. */
const skin = (cell: number, half: number, law: SkinLaw): number =>
  half <= 0 ? cell : (half * cell - law.loss + law.slope * law.at) / (half + law.slope);

/**
 * One implicit step of `dt` seconds; temperatures (°C) are changed in place. `source` is heat into every cell, W per m² of
 * outer skin. Returns the heat that left by the outer skin, J per m².
 */
export function conduct(
  grid: Grid,
  t: Float64Array,
  dt: number,
  outer: SkinLaw,
  inner: SkinLaw,
  source: number,
): number {
  const { cells: n, volume, between, toOuter, toInner, capacity } = grid;
  // Heat from the last cell through half a cell and the skin: (T − T₀)·g + q·g/slope …, linear in T.
  const outShare = toOuter / (toOuter + outer.slope);
  const inShare = toInner > 0 ? toInner / (toInner + inner.slope) : 0;
  let whole = 0;
  for (let i = 0; i < n; i += 1) whole += volume[i] as number;
  for (let i = 0; i < n; i += 1) {
    const heat = (capacity * (volume[i] as number)) / dt;
    const up = i < n - 1 ? (between[i] as number) : 0;
    const down = i > 0 ? (between[i - 1] as number) : 0;
    let d = heat + up + down;
    let r = heat * (t[i] as number) + (source * (volume[i] as number)) / whole;
    if (i === n - 1) {
      d += outShare * outer.slope;
      r += outShare * (outer.slope * outer.at - outer.loss);
    }
    if (i === 0) {
      d += inShare * inner.slope;
      r += inShare * (inner.slope * inner.at - inner.loss);
    }
    lower[i] = -down;
    diagonal[i] = d;
    right[i] = r;
  }
  // Thomas: the matrix is symmetric, so the upper diagonal is the next row's lower one.
  for (let i = 1; i < n; i += 1) {
    const w = (lower[i] as number) / (diagonal[i - 1] as number);
    diagonal[i] = (diagonal[i] as number) - w * (lower[i] as number);
    right[i] = (right[i] as number) - w * (right[i - 1] as number);
  }
  t[n - 1] = (right[n - 1] as number) / (diagonal[n - 1] as number);
  for (let i = n - 2; i >= 0; i -= 1)
    t[i] =
      ((right[i] as number) - (lower[i + 1] as number) * (t[i + 1] as number)) /
      (diagonal[i] as number);
  const s = skin(t[n - 1] as number, toOuter, outer);
  return dt * (outer.loss + outer.slope * (s - outer.at));
}

/** Temperature of the outer skin under a law, °C. */
export const outerSkin = (grid: Grid, t: Float64Array, law: SkinLaw): number =>
  skin(t[grid.cells - 1] as number, grid.toOuter, law);

/** Mean temperature of the wall, °C. */
export function meanOf(grid: Grid, t: Float64Array): number {
  let sum = 0;
  let whole = 0;
  for (let i = 0; i < grid.cells; i += 1) {
    sum += volume(grid, i) * (t[i] as number);
    whole += volume(grid, i);
  }
  return sum / whole;
}
const volume = (grid: Grid, i: number): number => grid.volume[i] as number;

/** Heat in the wall above 0 °C, J per m² of outer skin. */
export function heatIn(grid: Grid, t: Float64Array): number {
  let sum = 0;
  for (let i = 0; i < grid.cells; i += 1) sum += volume(grid, i) * (t[i] as number);
  return sum * grid.capacity;
}
