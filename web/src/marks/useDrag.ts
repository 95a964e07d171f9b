// Dragging a mark of a drawing with mouse or finger: keeps the grip where it was taken.
import { useRef, type PointerEvent } from 'react';

interface Drag<K> {
  readonly onBegin: (key: K, event: PointerEvent<SVGElement>) => void;
  /** The place the mark's middle is wanted at, px in its SVG. */
  readonly onMove: (key: K, x: number, y: number) => void;
  readonly onEnd: () => void;
}

interface Grip {
  readonly onPointerDown: (event: PointerEvent<SVGElement>) => void;
  readonly onPointerMove: (event: PointerEvent<SVGElement>) => void;
  readonly onPointerUp: () => void;
  readonly onPointerCancel: () => void;
}

/** Handlers for any number of marks; each is named by a key and stands at a place (px). */
export function useDrag<K>(drag: Drag<K>): (key: K, x: number, y: number) => Grip {
  const held = useRef<{ readonly key: K; readonly dx: number; readonly dy: number }>(undefined);
  const inSvg = (event: PointerEvent<SVGElement>): readonly [number, number] => {
    const box = event.currentTarget.ownerSVGElement?.getBoundingClientRect();
    return [event.clientX - (box?.left ?? 0), event.clientY - (box?.top ?? 0)];
  };
  const up = (): void => {
    if (!held.current) return;
    held.current = undefined;
    drag.onEnd();
  };
  return (key, x, y) => ({
    onPointerDown: (event) => {
      if (event.button !== 0) return;
      event.stopPropagation();
      event.currentTarget.setPointerCapture(event.pointerId);
      const [px, py] = inSvg(event);
      held.current = { key, dx: px - x, dy: py - y };
      drag.onBegin(key, event);
    },
    onPointerMove: (event) => {
      const grip = held.current;
      if (!grip) return;
      const [px, py] = inSvg(event);
      drag.onMove(grip.key, px - grip.dx, py - grip.dy);
    },
    onPointerUp: up,
    onPointerCancel: up,
  });
}

/** Arrow keys as steps right and up; undefined for any other key. */
export const arrowStep = (key: string): readonly [number, number] | undefined => ARROWS[key];

const ARROWS: Readonly<Record<string, readonly [number, number]>> = {
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
};

/** What an arrow key moves by, m; ten times that with shift. */
export const NUDGE = 1e-4;
/** How far an arrow goes, m: a tenth of a millimetre, with Shift a whole. */
export const nudge = (event: { readonly shiftKey: boolean }): number =>
  NUDGE * (event.shiftKey ? 10 : 1);
