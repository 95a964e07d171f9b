// The Section: left half cut to show the wall, right half as finished glass, measures in the margin, handles on the wall.
import type { PiecePoint } from '@zanfirico/contract';
import { printText, type Derived, type Shape } from '@zanfirico/core';
import { useId, useState } from 'react';
import { useDisplay } from '../../stores/display';
import { glassPath, halfPath, linePath, toX, toY, type Sheet } from '../outline';
import { useSize } from '../useSize';
import { fitSheet, marginOf, NATURAL_SIZE } from './fit';
import { Handles, type HandleTarget } from './Handles';
import { Measures } from './Measures';

interface Props {
  readonly derived: Derived;
  readonly points: readonly PiecePoint[];
  readonly selected: number | undefined;
  readonly onSelect: (index: number) => void;
  readonly onMove: (target: HandleTarget) => void;
  readonly onGestureEnd: () => void;
  readonly onRemove: (index: number) => void;
  readonly onInsertAfter: (index: number) => void;
}

export function SectionDrawing(props: Props) {
  const { derived, points, selected } = props;
  const [ref, size] = useSize<HTMLDivElement>();
  // While a handle is held the board stands still; the drawing is fitted anew when it is let go.
  const [frozen, setFrozen] = useState<Sheet>();
  const units = useDisplay((s) => s.units);
  const extent = extentOf(points);
  const sheet = frozen ?? fitSheet(size, extent);
  const ready = size.width > 0;
  const natural = sheet.scale / NATURAL_SIZE;
  return (
    <div ref={ref} className="relative h-full min-h-[420px] w-full overflow-hidden bg-(--board)">
      {ready && (
        <svg
          width={size.width}
          height={size.height}
          className="absolute inset-0 touch-none select-none"
          role="group"
          aria-label="Section drawing. Tab to a handle; arrow keys move it by 0.1 mm, with shift by 1 mm."
        >
          <Board size={size} sheet={sheet} />
          {derived.ok ? (
            <Glass shape={derived.shape} sheet={sheet} />
          ) : (
            derived.outer && (
              <path
                d={linePath(derived.outer, sheet, -1)}
                fill="none"
                stroke="var(--color-error)"
                strokeWidth={1.5}
                strokeDasharray="6 4"
              />
            )
          )}
          <Measures
            points={points}
            shape={derived.ok ? derived.shape : undefined}
            sheet={sheet}
            size={size}
            selected={selected}
          />
          <Handles
            points={points}
            outer={derived.ok ? derived.shape.outer : derived.outer}
            problems={derived.ok ? [] : derived.problems}
            sheet={sheet}
            selected={selected}
            onSelect={props.onSelect}
            onMove={props.onMove}
            onBegin={() => {
              setFrozen(sheet);
            }}
            onEnd={() => {
              setFrozen(undefined);
              props.onGestureEnd();
            }}
            onRemove={props.onRemove}
            onInsertAfter={props.onInsertAfter}
          />
        </svg>
      )}
      <p className="num pointer-events-none absolute right-3 bottom-2 text-xs text-(--chalk-dim)">
        {natural >= 1 ? `${natural.toFixed(1)} : 1` : `1 : ${(1 / natural).toFixed(1)}`} on this
        screen · {printText(2 * extent.widest, 'length', units)} ×{' '}
        {printText(extent.height, 'length', units)}
      </p>
    </div>
  );
}

function extentOf(points: readonly PiecePoint[]): {
  readonly height: number;
  readonly lowest: number;
  readonly widest: number;
} {
  const heights = points.map((p) => p.height).filter(Number.isFinite);
  const lowest = Math.min(...heights, 0);
  return {
    lowest,
    height: Math.max(...heights, lowest + 0.01) - lowest,
    widest: Math.max(0.005, ...points.map((p) => p.radius).filter(Number.isFinite)),
  };
}

/** Table line and axis, as chalked before anything else. */
function Board({
  size,
  sheet,
}: {
  readonly size: { readonly width: number; readonly height: number };
  readonly sheet: Sheet;
}) {
  return (
    <g stroke="var(--chalk-dim)" aria-hidden="true">
      <line
        x1={24}
        x2={size.width - marginOf(size.width).right}
        y1={sheet.table}
        y2={sheet.table}
        strokeOpacity={0.5}
      />
      <line
        x1={sheet.axis}
        x2={sheet.axis}
        y1={10}
        y2={size.height - 10}
        strokeDasharray="14 4 2 4"
        strokeOpacity={0.8}
      />
    </g>
  );
}

function Glass({ shape, sheet }: { readonly shape: Shape; readonly sheet: Sheet }) {
  const id = useId();
  const right = toX(sheet, 1, shape.widest);
  const innerEnd = shape.inner.r.length - 1;
  const lipR = shape.inner.r[innerEnd] as number;
  const lip = toY(sheet, shape.inner.z[innerEnd] as number);
  // As seen from outside: the outside line, then across the lip.
  const seen = {
    r: [...shape.outer.r, lipR],
    z: [...shape.outer.z, shape.inner.z[innerEnd] as number],
  };
  return (
    <g aria-hidden="true">
      <defs>
        <pattern
          id={`${id}h`}
          width="6"
          height="6"
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"
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
      </defs>
      <path d={halfPath(seen, sheet, 1)} fill={`url(#${id}g)`} />
      <path
        d={linePath(shape.inner, sheet, 1)}
        fill="none"
        stroke="var(--glass)"
        strokeOpacity={0.5}
        strokeDasharray="3 4"
      />
      <path d={linePath(seen, sheet, 1)} fill="none" stroke="var(--chalk)" strokeWidth={1.5} />
      {shape.opening !== 'closed' && (
        <line
          x1={sheet.axis}
          x2={toX(sheet, 1, lipR)}
          y1={lip}
          y2={lip}
          stroke="var(--chalk)"
          strokeOpacity={0.6}
        />
      )}
      <path
        d={glassPath(shape, sheet, -1)}
        fill={`url(#${id}h)`}
        stroke="var(--chalk)"
        strokeWidth={1.75}
        strokeLinejoin="round"
      />
      {shape.opening !== 'closed' && (
        <line
          x1={toX(sheet, -1, shape.inner.r[innerEnd] as number)}
          x2={sheet.axis}
          y1={toY(sheet, shape.inner.z[innerEnd] as number)}
          y2={toY(sheet, shape.inner.z[innerEnd] as number)}
          stroke="var(--chalk)"
          strokeOpacity={0.35}
        />
      )}
    </g>
  );
}
