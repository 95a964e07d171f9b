// What the drawing's handles do to the piece: moving, snapping, mirroring, each drag one step of undo.
import type { PieceBit, PiecePart, ProfilePoint } from '@zanfirico/contract/piece';
import {
  insertAfter,
  insertNear,
  mirrorAfter,
  moveSeveral,
  raisedPart,
  removePoint,
  removeSeveral,
  setPull,
  thickenSeveral,
  uprighted,
} from '@zanfirico/core/edits';
import { type Line, restOn, snapTo } from '@zanfirico/core/form';
import { useCallback, useEffect, useMemo, useRef } from 'react';
import type { HandleTarget } from '../../../marks/section/Handles';
import type { SectionActions } from '../../../marks/section/actions';
import { useBoard } from '../../../stores/board';
import { NONE } from '../../../stores/chosen';
import {
  changeBit,
  changePart,
  changePiece,
  gesture,
  setProfile,
  useDraft,
} from '../../../stores/draft';
import type { OnBoard } from '../usePiece';

/** A pause this long between presses of keys ends the gesture for undo, ms. A pointer's lasts until it is let go. */
const GESTURE_ENDS_MS = 600;

const partNow = (index: number): PiecePart | undefined =>
  useDraft.getState().document?.parts[index];

/** The points after a handle was moved, its mirrored partner with it. */
function afterMove(
  part: PiecePart,
  target: HandleTarget,
  together: readonly number[],
  neighbours: readonly Line[],
  reach: number,
): ProfilePoint[] {
  const before = part.profile;
  let after: ProfilePoint[];
  if (target.kind === 'wall') after = thickenSeveral(before, together, target.index, target.wall);
  else if (target.kind === 'pull') after = setPull(before, target.index, target.pull);
  else {
    const snapped = snapTo(target, neighbours, reach);
    const to = snapped ? { ...snapped, exact: true } : target;
    after = moveSeveral(before, together, target.index, to);
  }
  if (part.mirror !== true) return after;
  return [...new Set([...together, target.index])].reduce(
    (all, i) => mirrorAfter(before, all, i),
    after,
  );
}

/** How far more to move a part so that it rests on or under a neighbour within reach; 0 when none is near. */
function pullToRest(mine: Line, neighbours: readonly Line[], reach: number): number {
  let best = 0;
  let least = reach;
  for (const other of neighbours)
    for (const above of [true, false]) {
      const by = restOn(mine, other, above);
      if (by !== 0 && Math.abs(by) < least) {
        least = Math.abs(by);
        best = by;
      }
    }
  return best;
}

/** The actions of the Section's drawing; they stay the same for as long as the sheet is open. */
export function useSectionActions(board: OnBoard): SectionActions {
  const last = useRef(board.last);
  /** The document the newest form was derived from: a hand can be ahead of the drawing. */
  const drawn = useRef(board.document);
  useEffect(() => {
    last.current = board.last;
    if (board.derived.ok) drawn.current = board.document;
  }, [board]);
  const current = useRef<ReturnType<typeof gesture>>(undefined);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  const held = useRef(false);
  /** Where a part stood when it was taken, and how far the hand has moved since. */
  const raise = useRef<{ part: number; from: readonly ProfilePoint[]; hand: number }>(undefined);

  const endGesture = useCallback(() => {
    clearTimeout(timer.current);
    held.current = false;
    current.current?.end();
    current.current = undefined;
    raise.current = undefined;
  }, []);
  useEffect(() => endGesture, [endGesture]);

  return useMemo((): SectionActions => {
    const step = (run: () => void): void => {
      current.current ??= gesture();
      current.current.step(run);
      clearTimeout(timer.current);
      if (!held.current) timer.current = setTimeout(endGesture, GESTURE_ENDS_MS);
    };
    const neighboursOf = (part: number): Line[] =>
      (last.current?.parts ?? []).filter((p) => p.index !== part).map((p) => p.outline);
    const takePoint = useBoard.getState().takePoint;
    const inHand = (): number => useBoard.getState().part;

    const raisePart = (index: number, by: number, reach: number): void => {
      const part = partNow(index);
      if (!part) return;
      if (raise.current?.part !== index)
        raise.current = { part: index, from: part.profile, hand: 0 };
      raise.current.hand += by;
      const { from, hand } = raise.current;
      const mine = last.current?.parts[index]?.outline;
      const stands = part.profile[0]?.height ?? 0;
      const free = (from[0]?.height ?? 0) + hand - stands;
      let more = 0;
      if (mine && reach > 0 && useBoard.getState().snap) {
        const lags = stands - (drawn.current.parts[index]?.profile[0]?.height ?? stands);
        const there = { r: mine.r, z: mine.z.map((z) => z + lags + free) };
        more = pullToRest(there, neighboursOf(index), reach);
      }
      changePart(index, raisedPart(part, free + more));
    };

    return {
      onSelect: takePoint,
      onChoose: useBoard.getState().choose,
      onLetGo: useBoard.getState().letGo,
      onMove: (target, reach) => {
        step(() => {
          const part = partNow(inHand());
          if (!part) return;
          const near = useBoard.getState().snap ? neighboursOf(inHand()) : [];
          const { several } = useBoard.getState();
          const together = several.includes(target.index) ? several : NONE;
          setProfile(inHand(), afterMove(part, target, together, near, reach));
        });
      },
      onGestureBegin: () => {
        endGesture();
        held.current = true;
      },
      onGestureEnd: endGesture,
      onRemove: (index) => {
        const part = partNow(inHand());
        if (!part) return;
        const { several } = useBoard.getState();
        const left = several.includes(index)
          ? removeSeveral(part.profile, several)
          : removePoint(part.profile, index);
        if (left) setProfile(inHand(), left);
        useBoard.getState().letGo();
        takePoint(undefined);
      },
      onInsertAfter: (index) => {
        const part = partNow(inHand());
        if (!part) return;
        setProfile(inHand(), insertAfter(part.profile, index));
        useBoard.getState().letGo();
        takePoint(Math.min(index + 1, part.profile.length - 1));
      },
      onInsertNear: (to) => {
        const part = partNow(inHand());
        const done = part && insertNear(part.profile, to);
        if (!done) return;
        setProfile(inHand(), done.points);
        useBoard.getState().letGo();
        takePoint(done.index);
      },
      onTakePart: (part) => {
        useBoard.getState().takePart(part);
      },
      onTakeBit: (bit) => {
        useBoard.getState().takeBit(bit);
      },
      onRaise: ({ part, bit }, by, reach) => {
        step(() => {
          if (part !== undefined) raisePart(part, by, reach);
          const taken = bit === undefined ? undefined : useDraft.getState().document?.bits?.[bit];
          if (taken && bit !== undefined)
            changeBit(bit, {
              place: { ...taken.place, height: Number((taken.place.height + by).toFixed(6)) },
            });
        });
      },
      onBit: (change: Partial<PieceBit>) => {
        step(() => {
          const { bit } = useBoard.getState();
          if (bit !== undefined) changeBit(bit, change);
        });
      },
      onFill: (line) => {
        step(() => {
          changePiece({ fillLine: Math.round(line * 1e4) / 1e4 });
        });
      },
      onMeasured: (dimension) => {
        const before = useDraft.getState().document?.dimensions ?? [];
        changePiece({ dimensions: [...before, dimension] });
      },
      onPicked: ({ from, to }) => {
        const board = useBoard.getState();
        const reference = useDraft.getState().document?.reference;
        if (board.picking === 'upright' && reference)
          changePiece({ reference: uprighted(reference, from, to) });
        board.set({
          picking: undefined,
          pair: board.picking === 'scale' ? { from, to } : undefined,
        });
      },
      onUnmeasure: (index) => {
        const left = (useDraft.getState().document?.dimensions ?? []).filter((_, i) => i !== index);
        changePiece({ dimensions: left.length > 0 ? left : undefined });
      },
    };
  }, [endGesture]);
}
