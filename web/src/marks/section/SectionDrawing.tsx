// The Section: left half cut to show the wall, right half as finished glass, measures in the margin, handles on the wall.
import type { PieceBit, PieceDocument, PiecePoint } from '@zanfirico/contract';
import { printText, type Derived, type ShapeProblem, type WallShare } from '@zanfirico/core';
import { useEffect, useRef, useState, type ReactNode } from 'react';
import { useDisplay } from '../../stores/display';
import { linePath, toX, toY, type Sheet } from '../outline';
import { useSize } from '../useSize';
import { Balloons, type Balloon } from './Balloons';
import { BitHandles } from './BitHandles';
import { BitMark } from './BitMark';
import { FillLine } from './FillLine';
import { fitSheet, marginOf, NARROW, NATURAL_SIZE, type Extent } from './fit';
import { Handles, type HandleTarget } from './Handles';
import { Measures } from './Measures';
import { PartGlass } from './PartGlass';
import { Remarks } from './Remarks';

const CLEAR: readonly WallShare[] = [];

/** What the drawing asks for; the sheet carries it out. */
export interface SectionActions {
  readonly onSelect: (point: number) => void;
  readonly onMove: (target: HandleTarget, reach: number) => void;
  readonly onGestureEnd: () => void;
  readonly onRemove: (index: number) => void;
  readonly onInsertAfter: (index: number) => void;
  readonly onInsertNear: (to: { readonly height: number; readonly radius: number }) => void;
  readonly onTakePart: (part: number) => void;
  readonly onTakeBit: (bit: number) => void;
  /** Raises a part or bit; `reach` is how near a neighbour draws it, m (0 from the keyboard). */
  readonly onRaise: (
    what: { readonly part?: number; readonly bit?: number },
    by: number,
    reach: number,
  ) => void;
  readonly onBit: (change: Partial<PieceBit>) => void;
  readonly onFill: (line: number) => void;
}

interface Props {
  readonly document: PieceDocument;
  readonly derived: Derived;
  readonly part: number;
  readonly bit: number | undefined;
  readonly point: number | undefined;
  readonly actions: SectionActions;
  /** Drawn over the glass, on the same sheet. */
  readonly over?: ((sheet: Sheet) => ReactNode) | undefined;
}

/** A neighbour's skin draws a point to it from this far, px. */
const SNAP_PX = 9;

const letter = (i: number): string =>
  String.fromCharCode(97 + (i % 26)) + (i >= 26 ? String(Math.floor(i / 26)) : '');

export function SectionDrawing(props: Props) {
  const { document, derived, part, bit, point, actions } = props;
  const [ref, size] = useSize<HTMLDivElement>();
  // While a handle is held the board stands still; the drawing is fitted anew when it is let go.
  const [frozen, setFrozen] = useState<Sheet>();
  const units = useDisplay((s) => s.units);
  const points = document.parts[part]?.profile ?? NO_POINTS;
  const bits = document.bits ?? NO_BITS;
  const extent = derived.ok ? wholeExtent(derived) : pointExtent(document);
  const many = document.parts.length + bits.length > 1;
  const fitted = fitSheet(size, extent);
  const sheet = frozen ?? fitted;
  const natural = sheet.scale / NATURAL_SIZE;
  const shape = derived.ok ? derived.parts[part]?.shape : derived.shapes[part];
  const outer = shape?.outer ?? (derived.ok ? undefined : derived.lines[part]);
  const problems: readonly ShapeProblem[] = derived.ok
    ? NO_PROBLEMS
    : derived.problems.filter((p) => p.part === part);
  const remarks = derived.ok ? derived.whole.remarks : NO_REMARKS;
  const svg = useTaking(sheet, part, actions, size.width > 0);
  const freeze = (): void => {
    setFrozen(sheet);
  };
  const thaw = (): void => {
    setFrozen(undefined);
    actions.onGestureEnd();
  };
  const inHand = bit === undefined ? undefined : bits[bit];

  return (
    <div ref={ref} className="relative h-full min-h-[400px] w-full overflow-hidden bg-(--board)">
      {size.width > 0 && (
        <svg
          ref={svg}
          width={size.width}
          height={size.height}
          className="absolute inset-0 touch-none select-none"
          role="group"
          aria-label="Section drawing. Tab to a handle; arrow keys move it by 0.1 mm, with shift by 1 mm."
        >
          <Board size={size} sheet={sheet} />
          {bits.map((b, i) => (
            <BitMark key={i} bit={b} index={i} sheet={sheet} lit={i === bit} />
          ))}
          {document.parts.map((_, i) => {
            const drawn = derived.ok ? derived.parts[i]?.shape : derived.shapes[i];
            const line = derived.ok ? undefined : derived.lines[i];
            if (drawn)
              return (
                <PartGlass
                  key={i}
                  shape={drawn}
                  layers={derived.ok ? (derived.parts[i]?.layers ?? CLEAR) : CLEAR}
                  part={i}
                  sheet={sheet}
                  back={many && (i !== part || bit !== undefined)}
                />
              );
            return (
              line && (
                <path
                  key={i}
                  d={linePath(line, sheet, -1)}
                  fill="none"
                  stroke="var(--color-error)"
                  strokeWidth={1.5}
                  strokeDasharray="6 4"
                />
              )
            );
          })}
          {props.over?.(sheet)}
          <Measures
            points={bit === undefined ? points : NO_POINTS}
            solid={document.parts[part]?.work === 'solid'}
            whole={derived.ok ? derived.whole : undefined}
            sheet={sheet}
            size={size}
            selected={point}
            balloons={many}
          />
          {derived.ok && derived.whole.vessel && derived.whole.fill && (
            <FillLine
              vessel={derived.whole.vessel.shape}
              fill={derived.whole.fill}
              sheet={sheet}
              onBegin={freeze}
              onMove={actions.onFill}
              onEnd={thaw}
            />
          )}
          {many && (
            <Balloons
              balloons={balloonsOf(document, derived, sheet, part, bit)}
              height={size.height}
              scale={sheet.scale}
              onTake={(key) => {
                const index = Number(key.slice(1));
                if (key.startsWith('p')) actions.onTakePart(index);
                else actions.onTakeBit(index);
                setFrozen(sheet);
              }}
              onRaise={(key, by, byKey) => {
                const index = Number(key.slice(1));
                actions.onRaise(
                  key.startsWith('p') ? { part: index } : { bit: index },
                  by,
                  byKey ? 0 : SNAP_PX / sheet.scale,
                );
              }}
              onEnd={thaw}
            />
          )}
          {inHand ? (
            <BitHandles
              bit={inHand}
              sheet={sheet}
              onChange={actions.onBit}
              onBegin={freeze}
              onEnd={thaw}
            />
          ) : (
            <Handles
              points={points}
              outer={outer}
              solid={document.parts[part]?.work === 'solid'}
              problems={problems}
              sheet={sheet}
              selected={point}
              onSelect={actions.onSelect}
              onMove={(target) => {
                actions.onMove(target, SNAP_PX / sheet.scale);
              }}
              onBegin={freeze}
              onEnd={thaw}
              onRemove={actions.onRemove}
              onInsertAfter={actions.onInsertAfter}
            />
          )}
          <Remarks remarks={remarks} sheet={sheet} />
        </svg>
      )}
      <p className="num pointer-events-none absolute top-1.5 left-14 bg-(--board) px-1 text-xs text-(--chalk-dim)">
        {natural >= 1 ? `${natural.toFixed(1)} : 1` : `1 : ${(1 / natural).toFixed(1)}`} on this
        screen · {printText(2 * extent.widest, 'length', units)} ×{' '}
        {printText(extent.height, 'length', units)}
      </p>
    </div>
  );
}

const NO_POINTS: PiecePoint[] = [];
const NO_BITS: PieceBit[] = [];
const NO_PROBLEMS: ShapeProblem[] = [];
const NO_REMARKS: never[] = [];

/** Taking a part or bit by its glass, and a double click on the line in hand for a new point. */
function useTaking(sheet: Sheet, part: number, actions: SectionActions, shown: boolean) {
  const ref = useRef<SVGSVGElement>(null);
  const now = useRef({ sheet, part, actions });
  useEffect(() => {
    now.current = { sheet, part, actions };
  });
  useEffect(() => {
    const element = ref.current;
    if (!element) return undefined;
    const down = (event: Event): void => {
      const mark = (event.target as Element).closest('[data-part],[data-bit]');
      if (!(mark instanceof SVGElement)) return;
      const { part: p, bit: b } = mark.dataset;
      if (b !== undefined) now.current.actions.onTakeBit(Number(b));
      else if (p !== undefined && Number(p) !== now.current.part)
        now.current.actions.onTakePart(Number(p));
    };
    const twice = (event: MouseEvent): void => {
      const { sheet: s, part: p } = now.current;
      const mark = (event.target as Element).closest('[data-part]');
      if (mark instanceof SVGElement && Number(mark.dataset['part']) !== p) return;
      const box = element.getBoundingClientRect();
      const radius = Math.abs(event.clientX - box.left - s.axis) / s.scale;
      const height = (s.table - (event.clientY - box.top)) / s.scale;
      if (mark) now.current.actions.onInsertNear({ radius, height });
    };
    element.addEventListener('pointerdown', down);
    element.addEventListener('dblclick', twice);
    return () => {
      element.removeEventListener('pointerdown', down);
      element.removeEventListener('dblclick', twice);
    };
    // The svg appears with the board's size; from then on it stays.
  }, [shown]);
  return ref;
}

function balloonsOf(
  document: PieceDocument,
  derived: Derived,
  sheet: Sheet,
  part: number,
  bit: number | undefined,
): Balloon[] {
  const remarks = derived.ok ? derived.whole.remarks : [];
  const problems = derived.ok ? [] : derived.problems;
  return [
    ...document.parts.map((p, i): Balloon => {
      const heights = p.profile.map((q) => q.height);
      const middle = (Math.min(...heights) + Math.max(...heights)) / 2;
      const near = p.profile.reduce((a, b) =>
        Math.abs(b.height - middle) < Math.abs(a.height - middle) ? b : a,
      );
      return {
        key: `p${String(i)}`,
        sign: String(i + 1),
        name: p.name,
        x: toX(sheet, -1, near.radius),
        y: toY(sheet, near.height),
        lit: bit === undefined && i === part,
        bad: problems.some((q) => q.part === i) || remarks.some((r) => r.part === i),
      };
    }),
    ...(document.bits ?? []).map((b, i): Balloon => {
      const at = b.place.out * Math.cos(b.place.around);
      return {
        key: `b${String(i)}`,
        sign: letter(i),
        name: b.name,
        x: toX(sheet, 1, at),
        y: toY(sheet, b.place.height),
        lit: i === bit,
        bad: problems.some((q) => q.bit === i) || remarks.some((r) => r.bit === i),
      };
    }),
  ];
}

const wholeExtent = (derived: Extract<Derived, { ok: true }>): Extent => ({
  lowest: derived.whole.lowest,
  height: Math.max(0.01, derived.whole.height),
  widest: Math.max(0.005, derived.whole.widest),
});

function pointExtent(document: PieceDocument): Extent {
  const points = document.parts.flatMap((p) => p.profile);
  const heights = points.map((p) => p.height).filter(Number.isFinite);
  const lowest = Math.min(...heights);
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
        x1={size.width < NARROW ? 12 : 64}
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
