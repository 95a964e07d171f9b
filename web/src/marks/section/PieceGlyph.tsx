// A piece in small: left half cut, right half as finished glass. Used on the shelf and wherever a piece is named.
import { GLYPH_UNIT, type Glyph, type GlyphLine } from '@zanfirico/core/piece';
import { memo, useId } from 'react';
import { glassPath, halfPath, linePath, type FittedSheet } from '../outline';
import { SilhouetteShape } from './BitMark';

interface Props {
  readonly glyph: Glyph;
  /** px per metre; the same for all pieces on a shelf, so that their sizes compare. */
  readonly scale: number;
  readonly title: string;
}

const line = (l: GlyphLine): { readonly r: number[]; readonly z: number[] } => ({
  r: l.filter((_, i) => i % 2 === 0).map((v) => v * GLYPH_UNIT),
  z: l.filter((_, i) => i % 2 === 1).map((v) => v * GLYPH_UNIT),
});

export const PieceGlyph = memo(function PieceGlyph({ glyph, scale, title }: Props) {
  const id = useId();
  const pad = 2;
  const width = 2 * glyph.widest * scale + 2 * pad;
  const height = glyph.height * scale + 2 * pad;
  const sheet: FittedSheet = {
    axis: width / 2,
    table: height - pad + glyph.lowest * scale,
    scale,
  };
  return (
    <svg
      width={width}
      height={height}
      viewBox={`0 0 ${String(width)} ${String(height)}`}
      role="img"
      aria-label={title}
      className="block max-w-full"
    >
      <defs>
        <linearGradient id={id} x1="0" x2="1">
          <stop offset="0" stopColor="var(--glass)" stopOpacity="0.16" />
          <stop offset="0.62" stopColor="var(--glass)" stopOpacity="0.34" />
          <stop offset="0.78" stopColor="var(--shine)" stopOpacity="0.6" />
          <stop offset="0.86" stopColor="var(--glass)" stopOpacity="0.4" />
          <stop offset="1" stopColor="var(--glass)" stopOpacity="0.75" />
        </linearGradient>
      </defs>
      {glyph.bits.map((bit, i) => {
        const { r: x, z } = line(bit.line);
        return (
          <SilhouetteShape
            key={i}
            silhouette={{ x, z, width: bit.width, behind: bit.behind === true }}
            sheet={sheet}
            stroke="var(--chalk)"
          />
        );
      })}
      {glyph.parts.map((part, i) => {
        const shape = { outer: line(part.outer), inner: line(part.inner) };
        return (
          <g key={i}>
            <path d={halfPath(shape.outer, sheet, 1)} fill={`url(#${id})`} />
            <path d={linePath(shape.outer, sheet, 1)} fill="none" stroke="var(--chalk)" />
            <path
              d={glassPath(shape, sheet, -1)}
              fill="var(--glass)"
              fillOpacity="0.55"
              stroke="var(--chalk)"
            />
          </g>
        );
      })}
    </svg>
  );
});
