// From a form's lines (m) to SVG paths (px): the glass of one half, the hollow, the silhouette.
interface Line {
  readonly r: readonly number[];
  readonly z: readonly number[];
}

/** Where the drawing stands on the sheet: axis and table in px, px per metre. */
export interface FittedSheet {
  readonly axis: number;
  readonly table: number;
  readonly scale: number;
}

/** The cut half or the other. */
export type AxisSide = -1 | 1;

/** A radius on the sheet, px. */
export const toX = (sheet: FittedSheet, side: AxisSide, r: number): number =>
  sheet.axis + side * r * sheet.scale;
/** A height on the sheet, px. */
export const toY = (sheet: FittedSheet, z: number): number => sheet.table - z * sheet.scale;

const points = (line: Line, sheet: FittedSheet, side: AxisSide): string[] =>
  line.r.map(
    (r, i) => `${toX(sheet, side, r).toFixed(2)} ${toY(sheet, line.z[i] as number).toFixed(2)}`,
  );

/** An open line on one side. */
export const linePath = (line: Line, sheet: FittedSheet, side: AxisSide): string =>
  `M${points(line, sheet, side).join('L')}`;

/** The cut glass on one side: outside, lip, inside. */
export const glassPath = (
  shape: { readonly outer: Line; readonly inner: Line },
  sheet: FittedSheet,
  side: AxisSide,
): string =>
  `M${[...points(shape.outer, sheet, side), ...points(shape.inner, sheet, side).reverse()].join('L')}Z`;

/** One half of the silhouette, closed along the axis. */
export const halfPath = (line: Line, sheet: FittedSheet, side: AxisSide): string => {
  const first = toY(sheet, line.z[0] as number).toFixed(2);
  const last = toY(sheet, line.z[line.z.length - 1] as number).toFixed(2);
  const axis = sheet.axis.toFixed(2);
  return `M${axis} ${first}L${points(line, sheet, side).join('L')}L${axis} ${last}Z`;
};
