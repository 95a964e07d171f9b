// A piece in small, as numbers few enough to send and keep: what every little drawing of it is drawn from.
import type { Bit } from '../form/bit';
import type { Shape } from '../form/measure';
import { silhouettes } from '../form/silhouette';
import { thinned } from '../form/thinned';

/** A line as x0, z0, x1, z1 … in tenths of a millimetre, whole numbers. */
export type GlyphLine = readonly number[];

/** The lines of a piece. */
export interface Glyph {
  /** Lowest place, height of the whole and widest radius, m. */
  readonly lowest: number;
  readonly height: number;
  readonly widest: number;
  /** Outside and inside of each part, on the right of the axis. */
  readonly parts: readonly { readonly outer: GlyphLine; readonly inner: GlyphLine }[];
  readonly bits: readonly {
    readonly line: GlyphLine;
    /** Set for a thread: the line is its middle, this wide, m. */
    readonly width?: number;
    readonly behind?: true;
  }[];
}

/** Metres in one unit of a line. */
export const GLYPH_UNIT = 1e-4;
/** How far a line may leave its form: under a fifth of a pixel at the size a shelf shows pieces, m. */
const TOLERANCE = 8e-5;

const lineOf = (x: readonly number[], z: readonly number[]): number[] =>
  thinned(x, z, TOLERANCE).flatMap((i) => [
    Math.round((x[i] as number) / GLYPH_UNIT),
    Math.round((z[i] as number) / GLYPH_UNIT),
  ]);

/** Draws a piece's parts and bits in small; `room` is what the whole of it takes. */
export function glyphOf(
  shapes: readonly Pick<Shape, 'outer' | 'inner'>[],
  bits: readonly Bit[],
  room: Pick<Glyph, 'lowest' | 'height' | 'widest'>,
): Glyph {
  const rounded = (m: number): number => Math.round(m / GLYPH_UNIT) * GLYPH_UNIT;
  return {
    lowest: rounded(room.lowest),
    height: rounded(room.height),
    widest: rounded(room.widest),
    parts: shapes.map((s) => ({
      outer: lineOf(s.outer.r, s.outer.z),
      inner: lineOf(s.inner.r, s.inner.z),
    })),
    bits: bits.flatMap(silhouettes).map((s) => ({
      line: lineOf(s.x, s.z),
      ...(s.width !== undefined && { width: rounded(s.width) }),
      ...(s.behind && { behind: true as const }),
    })),
  };
}
