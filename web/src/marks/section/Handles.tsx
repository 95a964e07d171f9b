// Handles: round ones carry the outside, square ones on the inside set the wall. Mouse, finger or arrow keys.
import type { PiecePoint } from '@zanfirico/contract';
import { printText, type Derived, type ShapeProblem } from '@zanfirico/core';
import { useRef, type KeyboardEvent, type PointerEvent } from 'react';
import { useDisplay } from '../../stores/display';
import { toX, toY, type Sheet } from '../outline';
import { inwardAt } from './moves';

type Outer = Extract<Derived, { ok: true }>['shape']['outer'];

/** Where a handle is wanted, m. */
export type HandleTarget =
  | {
      readonly kind: 'point';
      readonly index: number;
      readonly height: number;
      readonly radius: number;
    }
  | { readonly kind: 'wall'; readonly index: number; readonly wall: number };

interface Props {
  readonly points: readonly PiecePoint[];
  readonly outer: Outer | undefined;
  readonly problems: readonly ShapeProblem[];
  readonly sheet: Sheet;
  readonly selected: number | undefined;
  readonly onSelect: (index: number) => void;
  readonly onMove: (target: HandleTarget) => void;
  readonly onBegin: () => void;
  readonly onEnd: () => void;
  readonly onRemove: (index: number) => void;
  readonly onInsertAfter: (index: number) => void;
}

const NUDGE = 1e-4;
/** How far inside the inner line a wall's handle stands, px. */
const WALL_OFF = 13;
const ARROWS: Readonly<Record<string, readonly [number, number]>> = {
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
  ArrowLeft: [1, 0],
  ArrowRight: [-1, 0],
};

export function Handles(props: Props) {
  const { points, outer, sheet, selected, problems, onMove, onSelect } = props;
  const units = useDisplay((s) => s.units);
  const held = useRef<{
    readonly kind: 'point' | 'wall';
    readonly dx: number;
    readonly dy: number;
  }>(undefined);
  const text = (v: number): string => printText(v, 'length', units);

  const down = (
    event: PointerEvent<SVGGElement>,
    kind: 'point' | 'wall',
    index: number,
    x: number,
    y: number,
  ): void => {
    if (event.button !== 0) return;
    event.currentTarget.setPointerCapture(event.pointerId);
    const box = event.currentTarget.ownerSVGElement?.getBoundingClientRect();
    held.current = {
      kind,
      dx: event.clientX - (box?.left ?? 0) - x,
      dy: event.clientY - (box?.top ?? 0) - y,
    };
    onSelect(index);
    props.onBegin();
  };

  const move = (event: PointerEvent<SVGGElement>, index: number): void => {
    const grip = held.current;
    const p = points[index];
    if (!grip || !p) return;
    const box = event.currentTarget.ownerSVGElement?.getBoundingClientRect();
    const x = event.clientX - (box?.left ?? 0) - grip.dx;
    const y = event.clientY - (box?.top ?? 0) - grip.dy;
    const radius = (sheet.axis - x) / sheet.scale;
    const height = (sheet.table - y) / sheet.scale;
    if (grip.kind === 'point') onMove({ kind: 'point', index, height, radius });
    else if (outer) {
      const n = inwardAt(outer, index);
      const wall = (radius - p.radius) * n.r + (height - p.height) * n.z;
      onMove({ kind: 'wall', index, wall });
    }
  };

  const up = (): void => {
    if (!held.current) return;
    held.current = undefined;
    props.onEnd();
  };

  const key = (event: KeyboardEvent<SVGGElement>, kind: 'point' | 'wall', index: number): void => {
    const p = points[index];
    const arrow = ARROWS[event.key];
    if (!p) return;
    if ((event.key === 'Delete' || event.key === 'Backspace') && kind === 'point') {
      event.preventDefault();
      props.onRemove(index);
    }
    if (event.key === 'Insert' || event.key === '+') {
      event.preventDefault();
      props.onInsertAfter(index);
    }
    if (!arrow) return;
    event.preventDefault();
    const by = NUDGE * (event.shiftKey ? 10 : 1);
    if (kind === 'point')
      onMove({
        kind,
        index,
        height: p.height + arrow[1] * by,
        radius: p.radius + arrow[0] * by,
      });
    else {
      // Up and towards the axis thicken the wall; down and outwards thin it.
      const thicker = arrow[1] - arrow[0];
      onMove({ kind, index, wall: p.wall + thicker * by });
    }
  };

  return (
    <g>
      {points.map((p, i) => {
        const x = toX(sheet, -1, p.radius);
        const y = toY(sheet, p.height);
        const n = outer ? inwardAt(outer, i) : { r: 0, z: 0 };
        const innerX = toX(sheet, -1, p.radius + n.r * p.wall);
        const innerY = toY(sheet, p.height + n.z * p.wall);
        // The wall's handle stands off the wall, so that a thin wall leaves room for both.
        const wx = innerX - n.r * WALL_OFF;
        const wy = innerY - n.z * WALL_OFF;
        const lit = i === selected;
        const bad = problems.some((q) => q.point === i);
        return (
          <g key={i}>
            {outer && (
              <g
                role="button"
                tabIndex={0}
                aria-label={`Wall at point ${String(i + 1)}: ${text(p.wall)}`}
                className="cursor-crosshair outline-none focus-visible:[&>rect:last-child]:stroke-[4]"
                onPointerDown={(e) => {
                  down(e, 'wall', i, wx, wy);
                }}
                onPointerMove={(e) => {
                  move(e, i);
                }}
                onPointerUp={up}
                onPointerCancel={up}
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
              aria-label={`Point ${String(i + 1)}: height ${text(p.height)}, radius ${text(p.radius)}${bad ? ', has a problem' : ''}`}
              className="cursor-grab outline-none active:cursor-grabbing focus-visible:[&>circle:nth-child(2)]:stroke-[4]"
              onPointerDown={(e) => {
                down(e, 'point', i, x, y);
              }}
              onPointerMove={(e) => {
                move(e, i);
              }}
              onPointerUp={up}
              onPointerCancel={up}
              onKeyDown={(e) => {
                key(e, 'point', i);
              }}
              onDoubleClick={() => {
                props.onInsertAfter(i);
              }}
              onFocus={() => {
                onSelect(i);
              }}
            >
              <circle cx={x} cy={y} r={13} fill="transparent" />
              <circle
                cx={x}
                cy={y}
                r={bad ? 11 : 9}
                fill={bad ? 'var(--color-error)' : lit ? 'var(--color-primary)' : 'var(--chalk)'}
                stroke="var(--board)"
                strokeWidth={1.5}
              />
              <text
                x={x}
                y={y + 3.8}
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
    </g>
  );
}
