// Handles: round ones carry the outside, square ones on the inside set the wall, small rings pull the tangent.
import type { ProfilePoint } from '@zanfirico/contract/piece';
import { inwardAt } from '@zanfirico/core/edits';
import { bezierSpans, ON_AXIS, type ShapeProblem } from '@zanfirico/core/form';
import { printText } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { useRef, type KeyboardEvent } from 'react';
import { useDisplay } from '../../stores/display';
import { toX, toY, type FittedSheet } from '../outline';
import { apart, nextUnder } from './apart';
import { arrowStep, nudge, useDrag } from '../useDrag';

interface Outer {
  readonly r: readonly number[];
  readonly z: readonly number[];
  readonly knot: readonly number[];
}

/** Where a handle is wanted, m. */
export type HandleTarget =
  | {
      readonly kind: 'point';
      readonly index: number;
      readonly height: number;
      readonly radius: number;
    }
  | { readonly kind: 'wall'; readonly index: number; readonly wall: number }
  | {
      readonly kind: 'pull';
      readonly index: number;
      readonly pull: NonNullable<ProfilePoint['pull']>;
    };

interface Grip {
  readonly kind: HandleTarget['kind'];
  readonly index: number;
  /** For a tangent: span length (m) and which way the ring lies along the line. */
  readonly span?: number;
  readonly way?: 1 | -1;
}

interface Props {
  readonly points: readonly ProfilePoint[];
  readonly outer: Outer | undefined;
  /** Solid work has no walls to pull. */
  readonly solid: boolean;
  readonly problems: readonly ShapeProblem[];
  readonly sheet: FittedSheet;
  readonly selected: number | undefined;
  /** Points chosen to go together with the one in hand. */
  readonly several: readonly number[];
  readonly onSelect: (index: number) => void;
  readonly onChoose: (index: number, how: 'one' | 'through') => void;
  readonly onLetGo: () => void;
  readonly onMove: (target: HandleTarget) => void;
  readonly onBegin: () => void;
  readonly onEnd: () => void;
  readonly onRemove: (index: number) => void;
  readonly onInsertAfter: (index: number) => void;
}

/** How far inside the inner line a wall's handle stands, px. */
const WALL_OFF = 13;

/** Handles of a profile's points and walls. */
export function Handles(props: Props) {
  const { points, outer, sheet, selected, several, problems, onMove, onSelect } = props;
  const units = useDisplay((s) => s.units);
  const text = (v: number): string => printText(v, 'length', units);

  const wasInHand = useRef<number>(undefined);
  const still = useRef(true);
  /** Pressed with a key that chooses: nothing is moved by it. */
  const choosing = useRef(false);
  const grip = useDrag<Grip>({
    onBegin: ({ kind, index }, event) => {
      wasInHand.current = selected;
      still.current = true;
      choosing.current = kind === 'point' && (event.ctrlKey || event.metaKey || event.shiftKey);
      if (choosing.current) {
        props.onChoose(index, event.shiftKey ? 'through' : 'one');
        return;
      }
      if (!several.includes(index)) props.onLetGo();
      onSelect(index);
      props.onBegin();
    },
    onMove: ({ kind, index, span = 1, way = 1 }, x, y) => {
      if (choosing.current) return;
      still.current = false;
      const p = points[index];
      if (!p) return;
      const radius = (sheet.axis - x) / sheet.scale;
      const height = (sheet.table - y) / sheet.scale;
      if (kind === 'point') onMove({ kind, index, height, radius });
      else if (kind === 'pull') {
        const by = (3 * way) / span;
        const pull = { radius: (radius - p.radius) * by, height: (height - p.height) * by };
        onMove({ kind, index, pull });
      } else if (outer) {
        const n = inwardAt(outer, index);
        onMove({
          kind,
          index,
          wall: (radius - p.radius) * n.r + (height - p.height) * n.z,
        });
      }
    },
    onEnd: props.onEnd,
  });

  const key = (event: KeyboardEvent<SVGGElement>, kind: 'point' | 'wall', index: number): void => {
    const p = points[index];
    if (!p) return;
    if ((event.key === 'Delete' || event.key === 'Backspace') && kind === 'point') {
      event.preventDefault();
      props.onRemove(index);
    }
    if (event.key === ' ' && kind === 'point') {
      event.preventDefault();
      props.onChoose(index, 'one');
    }
    if (event.key === 'Escape') props.onLetGo();
    if (event.key === 'Insert' || event.key === '+') {
      event.preventDefault();
      props.onInsertAfter(index);
    }
    const arrow = arrowStep(event.key);
    if (!arrow) return;
    event.preventDefault();
    const by = nudge(event);
    if (kind === 'point')
      onMove({ kind, index, height: p.height + arrow[1] * by, radius: p.radius - arrow[0] * by });
    // Up and towards the axis thicken the wall; down and outwards thin it.
    else onMove({ kind, index, wall: p.wall + (arrow[1] + arrow[0]) * by });
  };

  // Drawn apart where they lie on one another; what they carry is their own place all the same.
  const own = points.map((p) => ({ x: toX(sheet, -1, p.radius), y: toY(sheet, p.height) }));
  const drawn = apart(own);
  return (
    <g>
      {points.map((p, i) => {
        const { x, y } = own[i] as (typeof own)[number];
        const { x: hx, y: hy } = drawn[i] as (typeof own)[number];
        const n = outer ? inwardAt(outer, i) : { r: 0, z: 0 };
        const innerX = toX(sheet, -1, p.radius + n.r * p.wall);
        const innerY = toY(sheet, p.height + n.z * p.wall);
        // The wall's handle stands off the wall, so that a thin wall leaves room for both.
        const wx = innerX - n.r * WALL_OFF;
        const wy = innerY - n.z * WALL_OFF;
        const together = several.includes(i);
        const lit = i === selected || together;
        const bad = problems.some((q) => q.point === i);
        return (
          <g key={i}>
            {outer && !props.solid && (
              <g
                role="button"
                tabIndex={0}
                aria-label={tr`Wall at point ${i + 1}: ${text(p.wall)}`}
                className="cursor-crosshair outline-none focus-visible:[&>rect:last-child]:stroke-[4]"
                {...grip({ kind: 'wall', index: i }, wx, wy)}
                onKeyDown={(e) => {
                  key(e, 'wall', i);
                }}
                onFocus={() => {
                  onSelect(i);
                }}
              >
                <line
                  x1={innerX}
                  y1={innerY}
                  x2={wx}
                  y2={wy}
                  stroke="var(--color-primary)"
                  strokeWidth={1.25}
                />
                <rect x={wx - 12} y={wy - 12} width={24} height={24} fill="transparent" />
                <rect
                  x={wx - 4.5}
                  y={wy - 4.5}
                  width={9}
                  height={9}
                  transform={`rotate(45 ${String(wx)} ${String(wy)})`}
                  fill={lit ? 'var(--color-primary)' : 'var(--board)'}
                  stroke={bad ? 'var(--color-error)' : 'var(--color-primary)'}
                  strokeWidth={1.75}
                />
              </g>
            )}
            <g
              role="button"
              tabIndex={0}
              aria-label={tr`Point ${i + 1}: height ${text(p.height)}, radius ${text(p.radius)}${bad ? tr`, has a problem` : ''}`}
              aria-pressed={together}
              className="cursor-grab outline-none active:cursor-grabbing focus-visible:[&>circle:last-of-type]:stroke-[4]"
              {...grip({ kind: 'point', index: i }, x, y)}
              onClick={() => {
                if (choosing.current || !still.current) return;
                if (together) props.onLetGo();
                // A second click on the one in hand, without moving it, is for what lies beneath.
                else if (wasInHand.current === i) onSelect(nextUnder(own, i));
              }}
              onKeyDown={(e) => {
                key(e, 'point', i);
              }}
              onDoubleClick={(e) => {
                e.stopPropagation();
                props.onInsertAfter(i);
              }}
              onFocus={() => {
                onSelect(i);
              }}
            >
              {Math.hypot(hx - x, hy - y) > 1 && (
                <path
                  d={`M${String(x)} ${String(y)}L${String(hx)} ${String(hy)}`}
                  stroke="var(--chalk)"
                  strokeWidth={1.5}
                />
              )}
              <circle cx={hx} cy={hy} r={13} fill="transparent" />
              {together && (
                <circle
                  cx={hx}
                  cy={hy}
                  r={12.5}
                  fill="none"
                  stroke="var(--color-primary)"
                  strokeWidth={2}
                  strokeDasharray="4 2.5"
                />
              )}
              <circle
                cx={hx}
                cy={hy}
                r={bad ? 11 : 9}
                fill={bad ? 'var(--color-error)' : lit ? 'var(--color-primary)' : 'var(--chalk)'}
                stroke="var(--board)"
                strokeWidth={1.5}
              />
              <text
                x={hx}
                y={hy + 3.8}
                textAnchor="middle"
                fontSize={11}
                fontWeight={700}
                className="num pointer-events-none"
                fill="var(--board)"
              >
                {bad ? '!' : String(i + 1)}
              </text>
            </g>
          </g>
        );
      })}
      {selected !== undefined && outer && (
        <Tangent points={points} index={selected} sheet={sheet} grip={grip} onMove={onMove} />
      )}
    </g>
  );
}

interface TangentProps {
  readonly points: readonly ProfilePoint[];
  readonly index: number;
  readonly sheet: FittedSheet;
  readonly grip: (key: Grip, x: number, y: number) => object;
  readonly onMove: (target: HandleTarget) => void;
}

/** The tangent of the point in hand: two rings on a line through it, a third of the way to its neighbours. */
function Tangent({ points, index, sheet, grip, onMove }: TangentProps) {
  const p = points[index];
  if (!p || p.corner === true || p.radius < ON_AXIS) return null;
  const spans = bezierSpans(points);
  const rings = ([1, -1] as const).flatMap((way) => {
    const span = spans[way === 1 ? index : index - 1];
    const control = span?.[way === 1 ? 1 : 2];
    const [a, , , b] = span ?? [];
    if (!control || !a || !b) return [];
    return [
      {
        way,
        span: Math.hypot(b[0] - a[0], b[1] - a[1]),
        x: toX(sheet, -1, control[0]),
        y: toY(sheet, control[1]),
        at: control,
      },
    ];
  });
  const x0 = toX(sheet, -1, p.radius);
  const y0 = toY(sheet, p.height);
  return (
    <g>
      {rings.map(({ way, span, x, y, at }) => (
        <g
          key={way}
          role="button"
          tabIndex={0}
          aria-label={tr`Tangent at point ${index + 1}, ${way === 1 ? 'onwards' : 'backwards'}`}
          className="cursor-grab outline-none active:cursor-grabbing focus-visible:[&>circle:last-child]:stroke-[4]"
          {...grip({ kind: 'pull', index, span, way }, x, y)}
          onKeyDown={(event) => {
            const arrow = arrowStep(event.key);
            if (!arrow) return;
            event.preventDefault();
            const by = nudge(event);
            const k = (3 * way) / span;
            onMove({
              kind: 'pull',
              index,
              pull: {
                radius: (at[0] - arrow[0] * by - p.radius) * k,
                height: (at[1] + arrow[1] * by - p.height) * k,
              },
            });
          }}
        >
          <line
            x1={x0}
            y1={y0}
            x2={x}
            y2={y}
            stroke="var(--color-accent)"
            strokeWidth={1.25}
            strokeDasharray={p.pull ? undefined : '2 3'}
          />
          <circle cx={x} cy={y} r={12} fill="transparent" />
          <circle
            cx={x}
            cy={y}
            r={5}
            fill={p.pull ? 'var(--color-accent)' : 'var(--board)'}
            stroke="var(--color-accent)"
            strokeWidth={2}
          />
        </g>
      ))}
    </g>
  );
}
