// Walking and changing the steps of an order, by pointer and by keys.
import type { OwnStep } from '@zanfirico/contract';
import {
  changeStep,
  insertStep,
  moveStep,
  removeStep,
  repeatStep,
  type StepId,
  type WorkStep,
} from '@zanfirico/core';
import { useEffect, useRef, useState, type RefObject } from 'react';
import type { Braid } from './useBraid';

/** The step in hand, and what can be done about steps. */
export interface Walk {
  readonly at: number | undefined;
  readonly take: (i: number) => void;
  readonly change: (i: number, patch: Partial<WorkStep>) => void;
  readonly move: (from: number, to: number) => void;
  /** A step of a kind after the one in hand; at the end when none is. */
  readonly insert: (kind: StepId, own?: OwnStep) => void;
  readonly repeat: (i: number) => void;
  readonly remove: (i: number) => void;
}

/**
 * Arrows walk, with Alt they move the step in hand; plus and minus change its seconds, Delete takes it out. Keys count wherever
 * the focus is inside `sheet`, but in fields.
 */
export function useWalk(braid: Braid, sheet: RefObject<HTMLElement | null>): Walk {
  const { steps } = braid;
  const [at, setAt] = useState<number>();
  const put = (next: readonly WorkStep[], take?: number): void => {
    braid.change(next);
    if (take !== undefined) setAt(Math.max(0, Math.min(next.length - 1, take)));
  };
  const change = (i: number, patch: Partial<WorkStep>): void => {
    put(changeStep(steps, i, patch));
  };
  const move = (from: number, to: number): void => {
    const next = moveStep(steps, from, to);
    if (next) put(next, to);
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
  const walk = (e: KeyboardEvent): void => {
    if (
      (e.target as Element).closest('input, select, textarea') ||
      !sheet.current?.contains(e.target as Node)
    )
      return;
    const by = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 }[e.key];
    if (by !== undefined) {
      e.preventDefault();
      if (e.altKey && at !== undefined) move(at, at + by);
      else setAt(Math.max(0, Math.min(steps.length - 1, (at ?? -1) + by)));
    }
    if (e.key === 'Delete' && at !== undefined) remove(at);
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
  return { at, take: setAt, change, move, insert, repeat, remove };
}
