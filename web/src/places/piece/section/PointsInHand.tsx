// What can be done with the points chosen together, and putting in those copied before.
import { tr } from '@zanfirico/core/words';
import { ClipboardPaste, Copy, X } from 'lucide-react';
import { useBoard } from '../../../stores/board';
import { useClipboard } from '../../../stores/clipboard';
import { copyPoints, putPoints, takeOut } from './usePointClips';

export function PointsInHand({ part }: { readonly part: string }) {
  const { several, point, letGo } = useBoard();
  const copied = useClipboard((s) => s.points?.length ?? 0);
  const many = several.length;
  if (many === 0 && (copied === 0 || point === undefined)) return null;
  return (
    <div
      role="group"
      aria-label={tr`Points in hand`}
      className="border-primary mt-2 flex flex-wrap items-center gap-x-2 border-l-4 pl-2"
    >
      {many > 0 && (
        <>
          <span>{tr`${many === 1 ? tr`1 point` : tr`${many} points`} together`}</span>
          <button type="button" className="btn btn-ghost btn-sm" onClick={copyPoints}>
            <Copy className="size-4" /> {tr`Copy`}
          </button>
          <button type="button" className="btn btn-ghost btn-sm" onClick={takeOut}>
            <X className="size-4" /> {tr`Take out`}
          </button>
          <button type="button" className="btn btn-ghost btn-sm" onClick={letGo}>
            {tr`Let go`}
          </button>
        </>
      )}
      {copied > 0 && (
        <button
          type="button"
          className="btn btn-ghost btn-sm"
          title={tr`After the point in hand of ${part}`}
          onClick={putPoints}
        >
          <ClipboardPaste className="size-4" />{' '}
          {tr`Put in ${copied === 1 ? tr`1 point` : tr`${copied} points`}`}
        </button>
      )}
    </div>
  );
}
