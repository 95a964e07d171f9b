// The Section sheet: the drawing to pull at, and beside it the same profile in numbers, and how it is made.
import { useCallback, useEffect, useRef, useState } from 'react';
import type { HandleTarget } from '../../../marks/section/Handles';
import { insertAfter, movePoint, removePoint, setWall } from '../../../marks/section/moves';
import { SectionDrawing } from '../../../marks/section/SectionDrawing';
import { gesture, setProfile } from '../../../stores/draft';
import { usePiece } from '../usePiece';
import { Making } from './Making';
import { PointTable } from './PointTable';
import { TonightLine } from './TonightLine';

const NO_POINTS: never[] = [];
/** A pause this long between moves ends the gesture for undo, ms. */
const GESTURE_ENDS_MS = 600;

export function SectionSheet() {
  const { document, derived } = usePiece();
  const points = document.parts[0]?.profile ?? NO_POINTS;
  const [selected, setSelected] = useState<number>();
  const latest = useRef(points);
  useEffect(() => {
    latest.current = points;
  }, [points]);
  const current = useRef<ReturnType<typeof gesture>>(undefined);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);

  const endGesture = useCallback(() => {
    clearTimeout(timer.current);
    current.current?.end();
    current.current = undefined;
  }, []);
  useEffect(() => endGesture, [endGesture]);

  const onMove = useCallback(
    (target: HandleTarget) => {
      current.current ??= gesture();
      current.current.step(() => {
        const next =
          target.kind === 'point'
            ? movePoint(latest.current, target.index, target)
            : setWall(latest.current, target.index, target.wall);
        latest.current = next;
        setProfile(next);
      });
      clearTimeout(timer.current);
      timer.current = setTimeout(endGesture, GESTURE_ENDS_MS);
    },
    [endGesture],
  );
  const onRemove = useCallback((index: number) => {
    setProfile(removePoint(latest.current, index));
    setSelected(undefined);
  }, []);
  const onInsertAfter = useCallback((index: number) => {
    setProfile(insertAfter(latest.current, index));
    setSelected(Math.min(index + 1, latest.current.length - 1));
  }, []);

  return (
    <div className="flex h-full flex-col lg:flex-row">
      <div className="flex min-w-0 flex-1 flex-col">
        <div className="min-h-[420px] flex-1">
          <SectionDrawing
            derived={derived}
            points={points}
            selected={selected}
            onSelect={setSelected}
            onMove={onMove}
            onGestureEnd={endGesture}
            onRemove={onRemove}
            onInsertAfter={onInsertAfter}
          />
        </div>
        <TonightLine />
      </div>
      <div className="border-base-300 w-full shrink-0 overflow-y-auto border-l px-5 py-4 lg:h-[calc(100dvh-11.05rem)] lg:w-[25rem]">
        {!derived.ok && (
          <div role="alert" className="border-error mb-4 border-l-4 pl-3">
            <strong className="text-error">This cannot be made yet.</strong>
            <ul>
              {derived.problems.slice(0, 4).map((p) => (
                <li key={p.message}>{p.message}</li>
              ))}
            </ul>
          </div>
        )}
        <PointTable
          points={points}
          selected={selected}
          onSelect={setSelected}
          onRemove={onRemove}
          onInsertAfter={onInsertAfter}
        />
        <Making />
      </div>
    </div>
  );
}
