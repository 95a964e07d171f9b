// Taking glass on the drawing in hand.
import { useEffect, useRef, type RefObject } from 'react';
import type { FittedSheet } from '../outline';
import type { SectionActions } from './actions';

/** Taking a part or bit by its glass, and a double click on the line in hand for a new point. */
export function useTaking(
  ref: RefObject<SVGSVGElement | null>,
  sheet: FittedSheet,
  part: number,
  actions: SectionActions,
  shown: boolean,
): void {
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
  }, [ref, shown]);
}
