// Looking closer by wheel, two fingers, keys or buttons; a drag on the bare board moves it about.
import { useEffect, useRef, useState, type RefObject } from 'react';
import { FITTED, moved, showing, viewed, zoomed, type View } from './view';
import type { FittedSheet } from '../outline';

interface Size {
  readonly width: number;
  readonly height: number;
}

/** One notch of the wheel, one press of a key. */
const NOTCH = 1.25;
/** What a key moves it by, px. */
const KEY_PX = 60;

/** How the drawing is looked at. */
export interface SectionLooking {
  readonly view: View;
  readonly sheet: FittedSheet;
  readonly closer: () => void;
  readonly further: () => void;
  readonly fit: () => void;
}

/** `inHand` is the point in hand as the fitted sheet has it: looked at closer about it, and kept in sight. */
export function useView(
  svg: RefObject<SVGSVGElement | null>,
  fitted: FittedSheet,
  size: Size,
  place: ((sheet: FittedSheet) => { readonly x: number; readonly y: number }) | undefined,
): SectionLooking {
  const [view, setView] = useState<View>(FITTED);
  const sheet = viewed(fitted, view);
  const middle = { x: size.width / 2, y: size.height / 2 };
  const about = place?.(sheet) ?? middle;
  const by = (factor: number): void => {
    setView((v) => zoomed(v, factor, about));
  };
  const now = useRef({ size, by });
  useEffect(() => {
    now.current = { size, by };
  });
  // What is taken in hand from a table or by Tab comes into sight.
  const shown = place && `${about.x.toFixed(0)} ${about.y.toFixed(0)}`;
  const [was, setWas] = useState(shown);
  if (shown !== was) {
    setWas(shown);
    if (place && view.zoom > 1) setView((v) => showing(v, place(viewed(fitted, v)), size));
  }
  const there = size.width > 0;
  useEffect(() => {
    const element = svg.current;
    if (!element) return undefined;
    const fingers = new Map<number, { x: number; y: number }>();
    const spread = (): number => {
      const [a, b] = [...fingers.values()];
      return a && b ? Math.hypot(a.x - b.x, a.y - b.y) : 0;
    };
    const inside = (e: MouseEvent): { x: number; y: number } => {
      const box = element.getBoundingClientRect();
      return { x: e.clientX - box.left, y: e.clientY - box.top };
    };
    const wheel = (e: WheelEvent): void => {
      e.preventDefault();
      const step = Math.sign(e.deltaY) * Math.min(1, Math.abs(e.deltaY) / 60);
      setView((v) => zoomed(v, NOTCH ** -step, inside(e)));
    };
    const down = (e: PointerEvent): void => {
      const bare = !(e.target as Element).closest(
        '[data-part],[data-bit],[role]:not([role="group"])',
      );
      if (!bare && fingers.size === 0) return;
      fingers.set(e.pointerId, inside(e));
      element.setPointerCapture(e.pointerId);
    };
    const move = (e: PointerEvent): void => {
      const before = fingers.get(e.pointerId);
      if (!before) return;
      const to = inside(e);
      const wide = spread();
      fingers.set(e.pointerId, to);
      if (fingers.size === 2 && wide > 0) {
        const [a, b] = [...fingers.values()] as [typeof to, typeof to];
        setView((v) => zoomed(v, spread() / wide, { x: (a.x + b.x) / 2, y: (a.y + b.y) / 2 }));
      } else setView((v) => moved(v, to.x - before.x, to.y - before.y, now.current.size));
    };
    const up = (e: PointerEvent): void => {
      fingers.delete(e.pointerId);
    };
    const key = (e: KeyboardEvent): void => {
      const move = KEYS[e.key];
      if (e.key === 'Home') setView(FITTED);
      else if (e.key === ']' || e.key === '=') now.current.by(NOTCH);
      else if (e.key === '[' || e.key === '-') now.current.by(1 / NOTCH);
      else if (e.altKey && move)
        setView((v) => moved(v, move[0] * KEY_PX, move[1] * KEY_PX, now.current.size));
      else return;
      e.preventDefault();
      e.stopPropagation();
    };
    element.addEventListener('wheel', wheel, { passive: false });
    element.addEventListener('pointerdown', down);
    element.addEventListener('pointermove', move);
    element.addEventListener('pointerup', up);
    element.addEventListener('pointercancel', up);
    element.addEventListener('keydown', key, true);
    return () => {
      element.removeEventListener('wheel', wheel);
      element.removeEventListener('pointerdown', down);
      element.removeEventListener('pointermove', move);
      element.removeEventListener('pointerup', up);
      element.removeEventListener('pointercancel', up);
      element.removeEventListener('keydown', key, true);
    };
    // The svg appears with the board's size; from then on it stays.
  }, [svg, there]);
  return {
    view,
    sheet,
    closer: () => {
      by(NOTCH ** 2);
    },
    further: () => {
      by(NOTCH ** -2);
    },
    fit: () => {
      setView(FITTED);
    },
  };
}

const KEYS: Readonly<Record<string, readonly [number, number]>> = {
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
  ArrowLeft: [1, 0],
  ArrowRight: [-1, 0],
};
