// A piece in small: left half cut, right half as finished glass. Used on the shelf and wherever a piece is named.
import type { Bit, Shape } from '@zanfirico/core';
import { useId } from 'react';
import { glassPath, halfPath, linePath, type Sheet } from '../outline';
import { BitShapes } from './BitMark';

interface Props {
  readonly shapes: readonly Shape[];
  readonly bits?: readonly Bit[] | undefined;
  /** The room the whole of it takes, m. */
  readonly extent: { readonly lowest: number; readonly height: number; readonly widest: number };
  /** px per metre; the same for all pieces on a shelf, so that their sizes compare. */
  readonly scale: number;
  readonly title: string;
}

export function PieceGlyph({ shapes, bits = [], extent, scale, title }: Props) {
  const id = useId();
  const pad = 2;
  const width = 2 * extent.widest * scale + 2 * pad;
  const height = extent.height * scale + 2 * pad;
  const sheet: Sheet = {
    axis: width / 2,
    table: height - pad + extent.lowest * scale,
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
      {bits.map((bit, i) => (
        <BitShapes key={i} bit={bit} sheet={sheet} stroke="var(--chalk)" />
      ))}
      {shapes.map((shape, i) => (
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
      ))}
    </svg>
  );
}
