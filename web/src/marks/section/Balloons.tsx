// Balloons in the margin: every part by its number, every bit by its letter. Take one in hand, drag it up or down.
import { tr } from '@zanfirico/core/words';
import type { KeyboardEvent } from 'react';
import { arrowStep, nudge, useDrag } from '../useDrag';
import { spread } from './fit';

/** One balloon: its sign, its name, the place its leader points at (px). */
export interface Balloon {
  readonly key: string;
  readonly sign: string;
  readonly name: string;
  readonly x: number;
  readonly y: number;
  readonly lit: boolean;
  readonly bad: boolean;
}

interface Props {
  readonly balloons: readonly Balloon[];
  readonly height: number;
  /** px per metre. */
  readonly scale: number;
  readonly onTake: (key: string) => void;
  /** Moved up by so many metres since the last call. */
  readonly onRaise: (key: string, by: number, byKey: boolean) => void;
  /** Taken by the pointer, and let go. */
  readonly onBegin: () => void;
  readonly onEnd: () => void;
}

const COLUMN = 24;
const RADIUS = 12;

/** Numbers of parts and bits, to take them by. */
export function Balloons({ balloons, height, scale, onTake, onRaise, onBegin, onEnd }: Props) {
  const places = spread(
    balloons.map((b) => b.y),
    2 * RADIUS + 4,
    RADIUS + 6,
    height - RADIUS - 28,
  );
  const grip = useDrag<{ key: string; y: number }>({
    onBegin: ({ key }) => {
      onTake(key);
      onBegin();
    },
    onMove: (held, _x, y) => {
      onRaise(held.key, (held.y - y) / scale, false);
      held.y = y;
    },
    onEnd,
  });
  const key = (event: KeyboardEvent, b: Balloon): void => {
    if (event.key === 'Enter' || event.key === ' ') {
      event.preventDefault();
      onTake(b.key);
    }
    const arrow = arrowStep(event.key);
    if (!arrow || arrow[1] === 0) return;
    event.preventDefault();
    onRaise(b.key, arrow[1] * nudge(event), true);
  };
  return (
    <g>
      {balloons.map((b, i) => {
        const y = places[i] as number;
        return (
          <g
            key={b.key}
            role="button"
            tabIndex={0}
            aria-pressed={b.lit}
            aria-label={tr`${b.sign}, ${b.name}${b.bad ? tr`, needs a look` : ''}. Up and down arrows move it.`}
            className="cursor-ns-resize outline-none focus-visible:[&>circle]:stroke-[4]"
            {...grip({ key: b.key, y }, COLUMN, y)}
            onKeyDown={(e) => {
              key(e, b);
            }}
          >
            <path
              d={`M${String(COLUMN + RADIUS)} ${String(y)}L${String(b.x)} ${String(b.y)}`}
              stroke={b.lit ? 'var(--color-primary)' : 'var(--chalk-dim)'}
              strokeOpacity={b.lit ? 0.9 : 0.35}
              fill="none"
            />
            <rect x={0} y={y - 16} width={48} height={32} fill="transparent" />
            <circle
              cx={COLUMN}
              cy={y}
              r={RADIUS}
              fill={b.lit ? 'var(--color-primary)' : 'var(--board)'}
              stroke={
                b.bad ? 'var(--color-error)' : b.lit ? 'var(--color-primary)' : 'var(--chalk)'
              }
              strokeWidth={1.5}
            />
            <text
              x={COLUMN}
              y={y + 4.5}
              textAnchor="middle"
              fontSize={13}
              fontWeight={700}
              className="num pointer-events-none"
              fill={b.lit ? 'var(--color-primary-content)' : 'var(--chalk)'}
            >
              {b.sign}
            </text>
          </g>
        );
      })}
    </g>
  );
}
