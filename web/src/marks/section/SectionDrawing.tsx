// The Section: left half cut to show the wall, right half as finished glass, measures in the margin, handles on the wall.
import type {
  PieceBit,
  PieceDimension,
  PieceDocument,
  ProfilePoint,
} from '@zanfirico/contract/piece';
import type { WallShare } from '@zanfirico/core/fit';
import type { Line, ShapeProblem } from '@zanfirico/core/form';
import { lyingBits, type Derived } from '@zanfirico/core/piece';
import { printText } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { useCallback, useRef, useState, type ReactNode } from 'react';
import { useDisplay } from '../../stores/display';
import { useBoard } from '../../stores/board';
import { linePath, toX, toY, type FittedSheet } from '../outline';
import { useSize } from '../useSize';
import type { SectionActions } from './actions';
import { Balloons } from './Balloons';
import { balloonsOf } from './balloonsOf';
import { BitHandles } from './BitHandles';
import { BitMark } from './BitMark';
import { Board } from './Board';
import { extentOf } from './extent';
import { DimensionMarks } from './DimensionMarks';
import { FillLine } from './FillLine';
import { fitSheet, NATURAL_SIZE } from './fit';
import { SheetGrid } from './Grid';
import { Handles } from './Handles';
import { MeasureTool } from './MeasureTool';
import { Measures } from './Measures';
import { PartGlass } from './PartGlass';
import { ReferenceMark } from './ReferenceMark';
import { Remarks } from './Remarks';
import { useTaking } from './useTaking';
import { useView } from './useView';
import { ViewBar } from './ViewBar';
import { shownNumber } from '../../fields/shown';

const NO_HOLES: NonNullable<PieceDocument['parts'][number]['holes']> = [];
const CLEAR: readonly WallShare[] = [];

interface Props {
  readonly document: PieceDocument;
  readonly derived: Derived;
  readonly part: number;
  readonly bit: number | undefined;
  readonly point: number | undefined;
  readonly actions: SectionActions;
  /** Drawn over the glass, on the same sheet. */
  readonly over?: ((sheet: FittedSheet) => ReactNode) | undefined;
}

/** A neighbour's skin draws a point to it from this far, px. */
const SNAP_PX = 9;

/** A part's glass; only its outline where it cannot be made. */
function PartDrawn({
  part: i,
  document,
  derived,
  sheet,
  back,
}: Pick<Props, 'document' | 'derived'> & {
  readonly part: number;
  readonly sheet: FittedSheet;
  readonly back: boolean;
}) {
  const drawn = derived.ok ? derived.parts[i]?.shape : derived.shapes[i];
  const line = derived.ok ? undefined : derived.lines[i];
  if (drawn)
    return (
      <PartGlass
        shape={drawn}
        layers={derived.ok ? (derived.parts[i]?.layers ?? CLEAR) : CLEAR}
        holes={document.parts[i]?.holes ?? NO_HOLES}
        part={i}
        sheet={sheet}
        back={back}
      />
    );
  return (
    line && (
      <path
        d={linePath(line, sheet, -1)}
        fill="none"
        stroke="var(--color-error)"
        strokeWidth={1.5}
        strokeDasharray="6 4"
      />
    )
  );
}

/** The numbers parts and bits are taken in hand by, and raised. */
function Taking({
  of: { document, derived, part, bit },
  sheet,
  height,
  actions,
  onBegin,
  onEnd,
}: {
  readonly of: Pick<Props, 'document' | 'derived' | 'part' | 'bit'>;
  readonly sheet: FittedSheet;
  readonly height: number;
  readonly actions: SectionActions;
  readonly onBegin: () => void;
  readonly onEnd: () => void;
}) {
  return (
    <Balloons
      balloons={balloonsOf(document, derived, sheet, part, bit)}
      height={height}
      scale={sheet.scale}
      onTake={(key) => {
        const index = Number(key.slice(1));
        if (key.startsWith('p')) actions.onTakePart(index);
        else actions.onTakeBit(index);
      }}
      onRaise={(key, by, byKey) => {
        const index = Number(key.slice(1));
        actions.onRaise(
          key.startsWith('p') ? { part: index } : { bit: index },
          by,
          byKey ? 0 : SNAP_PX / sheet.scale,
        );
      }}
      onBegin={onBegin}
      onEnd={onEnd}
    />
  );
}

/** How large it is drawn, and how large it is. */
function ScaleTold({
  scale,
  extent,
}: {
  readonly scale: number;
  readonly extent: ReturnType<typeof extentOf>;
}) {
  const units = useDisplay((s) => s.units);
  const natural = scale / NATURAL_SIZE;
  return (
    <p className="num pointer-events-none absolute bottom-1.5 left-3 bg-(--board) xl:top-1.5 xl:bottom-auto xl:left-14 px-1 text-xs text-(--chalk-dim)">
      {tr`${natural >= 1 ? `${shownNumber(natural, 1)} : 1` : `1 : ${shownNumber(1 / natural, 1)}`} on this screen · ${printText(2 * extent.widest, 'length', units)} × ${printText(extent.height, 'length', units)}`}
    </p>
  );
}

/** The section: one half cut, one as finished glass. */
export function SectionDrawing(props: Props) {
  const { document, derived, part, bit, point, actions } = props;
  const [ref, size] = useSize<HTMLDivElement>();
  const svg = useRef<SVGSVGElement>(null);
  // While a handle is held the board stands still; the drawing is fitted anew when it is let go.
  const [frozen, setFrozen] = useState<FittedSheet>();
  const points = document.parts[part]?.profile ?? NO_POINTS;
  const bits = lyingBits(derived, document.bits ?? NO_BITS);
  const extent = extentOf(derived, document);
  const many = document.parts.length + bits.length > 1;
  const fitted = fitSheet(size, extent);
  const held = points[point ?? -1];
  const looking = useView(
    svg,
    fitted,
    size,
    held && bit === undefined
      ? (s) => ({ x: toX(s, -1, held.radius), y: toY(s, held.height) })
      : undefined,
  );
  const sheet = frozen ?? looking.sheet;
  const { grid, measuring, picking, several, set } = useBoard();
  const leaveOff = useCallback(() => {
    set({ measuring: false, picking: undefined });
  }, [set]);
  const shape = derived.ok ? derived.parts[part]?.shape : derived.shapes[part];
  const outer = shape?.outer ?? (derived.ok ? undefined : derived.lines[part]);
  const problems: readonly ShapeProblem[] = derived.ok
    ? NO_PROBLEMS
    : derived.problems.filter((p) => p.part === part);
  const remarks = derived.ok ? derived.whole.remarks : NO_REMARKS;
  useTaking(svg, sheet, part, actions, size.width > 0);
  const freeze = (): void => {
    setFrozen(sheet);
    actions.onGestureBegin();
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
          viewBox={`0 0 ${String(size.width)} ${String(size.height)}`}
          className={`absolute inset-0 select-none ${looking.view.zoom > 1 ? 'touch-none' : 'touch-pan-y'}`}
          role="group"
          aria-label={tr`Section drawing. Tab to a handle; arrow keys move it by 0.1 mm, with shift by 1 mm; square brackets look closer and further, Home fits it.`}
        >
          {document.reference && <ReferenceMark reference={document.reference} sheet={sheet} />}
          {grid && <SheetGrid sheet={sheet} size={size} />}
          <Board size={size} sheet={sheet} />
          {bits.map((b, i) => (
            <BitMark key={i} bit={b} index={i} sheet={sheet} lit={i === bit} />
          ))}
          {document.parts.map((_, i) => (
            <PartDrawn
              key={i}
              part={i}
              document={document}
              derived={derived}
              sheet={sheet}
              back={many && (i !== part || bit !== undefined)}
            />
          ))}
          {props.over?.(sheet)}
          <Measures
            points={bit === undefined && looking.view.zoom < CLOSE ? points : NO_POINTS}
            solid={document.parts[part]?.work === 'solid'}
            whole={derived.ok ? derived.whole : undefined}
            sheet={sheet}
            size={size}
            selected={point}
            balloons={many}
          />
          {derived.ok && derived.whole.fill && (
            <FillLine
              fill={derived.whole.fill}
              sheet={sheet}
              onBegin={freeze}
              onMove={actions.onFill}
              onEnd={thaw}
            />
          )}
          {many && (
            <Taking
              of={{ document, derived, part, bit }}
              sheet={sheet}
              height={size.height}
              actions={actions}
              onBegin={freeze}
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
              several={several}
              onSelect={actions.onSelect}
              onChoose={actions.onChoose}
              onLetGo={actions.onLetGo}
              onMove={(target) => {
                actions.onMove(target, SNAP_PX / sheet.scale);
              }}
              onBegin={freeze}
              onEnd={thaw}
              onRemove={actions.onRemove}
              onInsertAfter={actions.onInsertAfter}
            />
          )}
          <DimensionMarks
            dimensions={document.dimensions ?? NO_DIMENSIONS}
            sheet={sheet}
            onRemove={actions.onUnmeasure}
          />
          <Remarks remarks={remarks} sheet={sheet} />
          {(measuring || picking !== undefined) && (
            <MeasureTool
              sheet={sheet}
              size={size}
              lines={picking === undefined ? linesOf(derived) : NO_LINES}
              onKeep={picking === undefined ? actions.onMeasured : actions.onPicked}
              onLeave={leaveOff}
            />
          )}
        </svg>
      )}
      <ViewBar looking={looking} />
      <ScaleTold scale={sheet.scale} extent={extent} />
    </div>
  );
}

/** Looked at so close the margin's measures would be of places out of sight: each is said at its handle and in the table. */
const CLOSE = 1.6;

/** Every line drawn, to measure from. */
const linesOf = (derived: Derived): readonly Line[] =>
  derived.ok ? derived.parts.flatMap((p) => [p.shape.outer, p.shape.inner]) : [];

const NO_LINES: readonly Line[] = [];
const NO_DIMENSIONS: PieceDimension[] = [];
const NO_POINTS: ProfilePoint[] = [];
const NO_BITS: PieceBit[] = [];
const NO_PROBLEMS: ShapeProblem[] = [];
const NO_REMARKS: never[] = [];
