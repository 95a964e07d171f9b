// One part in the section: left half cut and hatched, right half as finished glass.
import type { WallHole as Hole } from '@zanfirico/contract/piece';
import type { WallShare } from '@zanfirico/core/fit';
import type { Shape } from '@zanfirico/core/form';
import { memo, useId } from 'react';
import { glassPath, halfPath, linePath, toX, toY, type FittedSheet } from '../outline';
import { HoleMark } from './HoleMark';
import { CutBands, sameLayers, SeenGradient } from './ColourBands';

interface Props {
  readonly shape: Shape;
  /** What the wall is made of; nothing while the drawing has a problem. */
  readonly layers: readonly WallShare[];
  readonly holes: readonly Hole[];
  readonly part: number;
  readonly sheet: FittedSheet;
  /** Not in hand: drawn a little back. */
  readonly back: boolean;
}

export const PartGlass = memo(function PartGlass(props: Props) {
  const { shape, layers, holes, part, sheet, back } = props;
  const id = useId();
  const coloured = layers.some((l) => l.colour);
  const right = toX(sheet, 1, shape.widest);
  const innerEnd = shape.inner.r.length - 1;
  const solid = shape.opening === 'solid';
  const lipR = shape.inner.r[innerEnd] as number;
  const lipZ = shape.inner.z[innerEnd] as number;
  const open = shape.opening !== 'closed' && !solid;
  // As seen from outside: the outside line, then across the lip.
  const seen = { r: [...shape.outer.r, lipR], z: [...shape.outer.z, lipZ] };
  return (
    <g aria-hidden="true" data-part={part} opacity={back ? 0.72 : 1} className="cursor-pointer">
      <defs>
        <pattern
          id={`${id}h`}
          width="6"
          height="6"
          patternUnits="userSpaceOnUse"
          patternTransform={`rotate(${String(part % 2 === 0 ? 45 : -45)})`}
        >
          <rect width="6" height="6" fill="var(--glass)" fillOpacity="0.3" />
          <line x1="0" x2="0" y1="0" y2="6" stroke="var(--chalk)" strokeOpacity="0.45" />
        </pattern>
        <linearGradient
          id={`${id}g`}
          gradientUnits="userSpaceOnUse"
          x1={sheet.axis}
          x2={right}
          y1="0"
          y2="0"
        >
          <stop offset="0" stopColor="var(--glass)" stopOpacity="0.14" />
          <stop offset="0.5" stopColor="var(--glass)" stopOpacity="0.24" />
          <stop offset="0.68" stopColor="var(--shine)" stopOpacity="0.55" />
          <stop offset="0.76" stopColor="var(--glass)" stopOpacity="0.3" />
          <stop offset="1" stopColor="var(--glass)" stopOpacity="0.7" />
        </linearGradient>
        {coloured && <SeenGradient id={`${id}l`} shape={shape} layers={layers} sheet={sheet} />}
      </defs>
      {coloured && <path d={halfPath(seen, sheet, 1)} fill={`url(#${id}l)`} fillOpacity={0.85} />}
      <path d={halfPath(seen, sheet, 1)} fill={`url(#${id}g)`} />
      {!solid && (
        <path
          d={linePath(shape.inner, sheet, 1)}
          fill="none"
          stroke="var(--glass)"
          strokeOpacity={0.5}
          strokeDasharray="3 4"
        />
      )}
      <path d={linePath(seen, sheet, 1)} fill="none" stroke="var(--chalk)" strokeWidth={1.5} />
      {open && (
        <line
          x1={sheet.axis}
          x2={toX(sheet, 1, lipR)}
          y1={toY(sheet, lipZ)}
          y2={toY(sheet, lipZ)}
          stroke="var(--chalk)"
          strokeOpacity={0.6}
        />
      )}
      <path
        d={glassPath(shape, sheet, -1)}
        fill={`url(#${id}h)`}
        stroke="var(--chalk)"
        strokeWidth={back ? 1.25 : 1.75}
        strokeLinejoin="round"
      />
      {holes.map((h, i) => (
        <HoleMark key={i} hole={h} shape={shape} sheet={sheet} />
      ))}
      {coloured && <CutBands shape={shape} layers={layers} sheet={sheet} />}
      {open && (
        <line
          x1={toX(sheet, -1, lipR)}
          y1={toY(sheet, lipZ)}
          x2={sheet.axis}
          y2={toY(sheet, lipZ)}
          stroke="var(--chalk)"
          strokeOpacity={0.35}
        />
      )}
    </g>
  );
}, same);

/** A drag of one part leaves the others as they are drawn. */
function same(a: Props, b: Props): boolean {
  return (
    a.shape === b.shape &&
    a.holes === b.holes &&
    a.part === b.part &&
    a.sheet === b.sheet &&
    a.back === b.back &&
    sameLayers(a.layers, b.layers)
  );
}
