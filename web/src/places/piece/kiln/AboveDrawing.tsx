// The shelf from above: what is laid on a grid in mm, each thing to be moved by hand or arrow; where its outline will be when it has been fired.
import type { ShelfSpot } from '@zanfirico/contract/kiln';
import type { Laid } from '@zanfirico/contract/kiln';
import { outlineBounds, outlineOf, type FiredPiece } from '@zanfirico/core/kiln';
import { printText } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { useMemo, useRef } from 'react';
import { arrowStep, useDrag } from '../../../marks/useDrag';
import { useSize } from '../../../marks/useSize';
import { gesture } from '../../../stores/draft';
import { useDisplay } from '../../../stores/display';
import { changeLaid } from './changeKiln';

interface Props {
  readonly laid: readonly Laid[];
  readonly looks: readonly string[];
  readonly names: readonly string[];
  readonly fired: FiredPiece | undefined;
  readonly chosen: string | undefined;
  /** The shelf of the kiln it goes into, m. */
  readonly shelf: { readonly width: number; readonly depth: number } | undefined;
  readonly onChoose: (id: string | undefined) => void;
}

/** Half of what is seen at least, m, and a border round it. */
const LEAST = 0.08;
const BORDER = 1.18;
/** A grid line every so much, m, and a stronger one every so many. */
const GRID = 0.01;
const STRONG = 5;
const snap = (v: number): number => Number((Math.round(v / 0.001) * 0.001).toFixed(4));

export function AboveDrawing({ laid, looks, names, fired, chosen, shelf, onChoose }: Props) {
  const [ref, { width, height }] = useSize<SVGSVGElement>();
  const units = useDisplay((s) => s.units);
  const outlines = useMemo(() => laid.map((l) => outlineOf(l)), [laid]);
  const reach = useMemo(() => {
    const b = outlineBounds([...outlines, ...(fired ? [fired.outlineAfter] : [])]);
    const half = (a: number, c: number): number =>
      Number.isFinite(a) ? Math.max(Math.abs(a), Math.abs(c), LEAST) : LEAST;
    return { x: BORDER * half(b.left, b.right), y: BORDER * half(b.near, b.far) };
  }, [outlines, fired]);
  const scale = Math.max(1, Math.min(width / (2 * reach.x), height / (2 * reach.y)));
  const px = (x: number): number => width / 2 + x * scale;
  const py = (y: number): number => height / 2 - y * scale;
  const move = useRef<ReturnType<typeof gesture>>(undefined);
  const grip = useDrag<string>({
    onBegin: (id) => {
      onChoose(id);
      move.current = gesture();
    },
    onMove: (id, x, y) => {
      move.current?.step(() => {
        changeLaid(id, { x: snap((x - width / 2) / scale), y: snap((height / 2 - y) / scale) });
      });
    },
    onEnd: () => {
      move.current?.end();
    },
  });
  const path = (points: readonly ShelfSpot[]): string =>
    `M${points.map((p) => `${px(p.x).toFixed(1)} ${py(p.y).toFixed(1)}`).join('L')}Z`;
  const lines = (half: number): number[] => {
    const n = Math.floor(half / GRID);
    return Array.from({ length: 2 * n + 1 }, (_, i) => i - n);
  };
  return (
    <svg
      ref={ref}
      className="h-full w-full bg-(--board)"
      role="group"
      aria-label={tr`What is laid, from above`}
      onPointerDown={() => {
        onChoose(undefined);
      }}
    >
      {width > 0 && (
        <>
          <g stroke="var(--chalk-dim)">
            {lines(width / scale / 2).map((i) => (
              <line
                key={`x${String(i)}`}
                x1={px(i * GRID)}
                x2={px(i * GRID)}
                y1={0}
                y2={height}
                opacity={i % STRONG === 0 ? 0.28 : 0.1}
              />
            ))}
            {lines(height / scale / 2).map((i) => (
              <line
                key={`y${String(i)}`}
                y1={py(i * GRID)}
                y2={py(i * GRID)}
                x1={0}
                x2={width}
                opacity={i % STRONG === 0 ? 0.28 : 0.1}
              />
            ))}
          </g>
          {shelf && (
            <rect
              x={px(-shelf.width / 2)}
              y={py(shelf.depth / 2)}
              width={shelf.width * scale}
              height={shelf.depth * scale}
              fill="none"
              stroke="var(--steel)"
              strokeWidth={2}
            />
          )}
          {laid.map((l, i) => {
            const step = grip(l.id, px(l.x), py(l.y));
            return (
              <path
                key={l.id}
                d={path(outlines[i] ?? [])}
                fill={looks[i]}
                fillOpacity={l.as === 'frit' || l.as === 'powder' ? 0.75 : 0.55}
                stroke={l.id === chosen ? 'var(--color-primary)' : 'var(--chalk)'}
                strokeWidth={l.id === chosen ? 3 : 1}
                strokeDasharray={l.as === 'frit' || l.as === 'powder' ? '2 3' : undefined}
                role="button"
                tabIndex={0}
                aria-pressed={l.id === chosen}
                aria-label={tr`${names[i] ?? ''}; arrows move it`}
                className="cursor-move"
                onFocus={() => {
                  onChoose(l.id);
                }}
                onKeyDown={(e) => {
                  const by = arrowStep(e.key);
                  if (!by) return;
                  e.preventDefault();
                  const far = e.shiftKey ? 0.01 : 0.001;
                  changeLaid(l.id, { x: snap(l.x + by[0] * far), y: snap(l.y + by[1] * far) });
                }}
                {...step}
              />
            );
          })}
          {fired && Math.abs(fired.firings.at(-1)?.went ?? 0) > 3e-4 && (
            <path
              d={path(fired.outlineAfter)}
              fill="none"
              stroke="var(--color-primary)"
              strokeWidth={2}
              strokeDasharray="7 5"
            />
          )}
          <g fill="var(--chalk)" className="num text-[13px]">
            <line
              x1={16}
              x2={16 + 0.05 * scale}
              y1={height - 16}
              y2={height - 16}
              stroke="var(--chalk)"
              strokeWidth={2}
            />
            <text x={16} y={height - 23}>
              {printText(0.05, 'length', units)}
            </text>
          </g>
        </>
      )}
    </svg>
  );
}
