// Walking and changing the steps of an order, by pointer and by keys.
import type { OwnStep } from '@zanfirico/contract/shop';
import {
  changeStep,
  copiedSteps,
  insertStep,
  moveStep,
  moveSteps,
  pasteSteps,
  removeStep,
  removeSteps,
  repeatStep,
  type Changes,
} from '@zanfirico/core/edits';
import type { StepId, WorkStep } from '@zanfirico/core/work';
import { useEffect, useRef, useState, type RefObject } from 'react';
import { chosenWith, NONE } from '../../../stores/chosen';
import type { Braid } from './useBraid';

/** The step in hand, and what can be done about steps. */
export interface Walk {
  readonly at: number | undefined;
  /** Steps chosen to be moved, copied or taken out together; none when only one is in hand. */
  readonly several: readonly number[];
  readonly take: (i: number) => void;
  /** Chooses a step with those already chosen, or all from the one in hand to it. */
  readonly choose: (i: number, how: 'one' | 'through') => void;
  /** The steps in hand, for the clipboard. */
  readonly inHand: () => WorkStep[];
  readonly put: (copied: readonly WorkStep[]) => void;
  readonly takeOut: () => void;
  readonly letGo: () => void;
  readonly change: (i: number, patch: Changes<WorkStep>) => void;
  readonly move: (from: number, to: number) => void;
  /** A step of a kind after the one in hand; at the end when none is. */
  readonly insert: (kind: StepId, own?: OwnStep) => void;
  readonly repeat: (i: number) => void;
  readonly remove: (i: number) => void;
}

/**
 * Arrows walk, with Shift they choose, with Alt they move what is in hand; plus and minus change its seconds, Delete takes it out. Keys count wherever
 * the focus is inside `sheet`, but in fields.
 */
export function useWalk(braid: Braid, sheet: RefObject<HTMLElement | null>): Walk {
  const { steps } = braid;
  const [at, setAt] = useState<number>();
  const [several, setSeveral] = useState<readonly number[]>(NONE);
  const letGo = (): void => {
    setSeveral(NONE);
  };
  const take = (i: number): void => {
    setAt(i);
    letGo();
  };
  const chosen = several.length > 0 ? several : at === undefined ? NONE : [at];
  const put = (next: readonly WorkStep[], take?: number): void => {
    braid.change(next);
    letGo();
    if (take !== undefined) setAt(Math.max(0, Math.min(next.length - 1, take)));
  };
  const change = (i: number, patch: Changes<WorkStep>): void => {
    put(changeStep(steps, i, patch));
  };
  const move = (from: number, to: number): void => {
    const next = moveStep(steps, from, to);
    if (next) put(next, to);
  };
  const choose = (i: number, how: 'one' | 'through'): void => {
    setSeveral(chosenWith(several, at, i, how));
    setAt(i);
  };
  const insert = (kind: StepId, own?: OwnStep): void => {
    const i = at ?? steps.length - 1;
    put(insertStep(steps, i, kind, braid.main, own), i + 1);
  };
  const repeat = (i: number): void => {
    const next = repeatStep(steps, i);
    if (next) put(next, i + 1);
  };
  const remove = (i: number): void => {
    put(removeStep(steps, i), i);
  };
  const takeOut = (): void => {
    if (chosen.length > 0) put(removeSteps(steps, chosen), Math.min(...chosen));
  };
  const moveChosen = (by: -1 | 1): void => {
    const next = moveSteps(steps, several, by);
    if (!next) return;
    put(next, at === undefined ? undefined : at + by);
    setSeveral(several.map((i) => i + by));
  };
  const walk = (e: KeyboardEvent): void => {
    if (
      (e.target as Element).closest('input, select, textarea') ||
      !sheet.current?.contains(e.target as Node)
    )
      return;
    const by = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 }[e.key];
    if (by !== undefined) {
      e.preventDefault();
      const next = Math.max(0, Math.min(steps.length - 1, (at ?? -1) + by));
      if (e.altKey && several.length > 1) moveChosen(by < 0 ? -1 : 1);
      else if (e.altKey && at !== undefined) move(at, at + by);
      else if (e.shiftKey) choose(next, 'through');
      else take(next);
    }
    if (e.key === 'Escape') letGo();
    if (e.key === 'Delete') takeOut();
    if ((e.key === '+' || e.key === '-') && at !== undefined) {
      const step = steps[at];
      if (step) change(at, { seconds: Math.max(1, step.seconds + (e.key === '+' ? 1 : -1)) });
    }
  };
  // Keys work from the drawing, the table and the step's own buttons alike.
  const walking = useRef(walk);
  useEffect(() => {
    walking.current = walk;
  });
  useEffect(() => {
    const listen = (e: KeyboardEvent): void => {
      walking.current(e);
    };
    window.addEventListener('keydown', listen);
    return () => {
      window.removeEventListener('keydown', listen);
    };
  }, []);
  return {
    at,
    several,
    take,
    choose,
    inHand: () => copiedSteps(steps, chosen),
    put: (copied) => {
      const after = chosen.length > 0 ? Math.max(...chosen) : steps.length - 1;
      put(pasteSteps(steps, after, copied, braid.main), after + copied.length);
      setSeveral(copied.map((_, i) => after + 1 + i));
    },
    takeOut,
    letGo,
    change,
    move,
    insert,
    repeat,
    remove,
  };
}
