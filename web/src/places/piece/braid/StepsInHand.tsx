// What can be done with the steps chosen together, and putting in those copied before, here or in another piece.
import type { PieceStep } from '@zanfirico/contract/order';
import { byId, byNumber } from '@zanfirico/core/edits';
import { tr } from '@zanfirico/core/words';
import { ClipboardPaste, Copy, X } from 'lucide-react';
import { sentenceOf } from '../../../api/client';
import { giveOut, useCopying } from '../../../shell/useCopying';
import { keepClip, readClip, useClipboard } from '../../../stores/clipboard';
import { useNotices } from '../../../stores/notices';
import type { Braid } from './useBraid';
import type { Walk } from './useWalk';

interface Props {
  readonly braid: Braid;
  readonly walk: Walk;
}

export function StepsInHand({ braid, walk }: Props) {
  const kept = useClipboard((s) => s.steps);
  const { ids } = braid;
  const many = walk.several.length;
  const copy = (): string | undefined => {
    const steps = byId(walk.inHand(), ids);
    if (steps.length === 0) return undefined;
    useNotices
      .getState()
      .say(steps.length === 1 ? tr`One step copied.` : tr`${steps.length} steps copied.`);
    return keepClip({ steps });
  };
  const put = (steps: readonly PieceStep[]): void => {
    if (braid.steps.length + steps.length > 400)
      throw new Error(
        tr`An order takes 400 steps; this one has ${braid.steps.length}, and ${steps.length} were copied.`,
      );
    // Who did it there is nobody here, unless they have the same id in this crew.
    const crew = new Set(braid.sequence?.crew?.map((p) => p.id));
    walk.put(
      byNumber(steps, ids).map(({ who, ...step }) => ({
        ...step,
        ...(who !== undefined && crew.has(who) && { who }),
      })),
    );
  };
  useCopying({
    copy,
    cut: walk.takeOut,
    paste: (text) => {
      const clip = readClip(text);
      if (!clip || !('steps' in clip)) return false;
      put(clip.steps);
      return true;
    },
  });
  if (many === 0 && !kept) return null;
  return (
    <div
      role="group"
      aria-label={tr`Steps in hand`}
      className="order-last flex w-full flex-wrap items-center gap-x-1"
    >
      {many > 0 && (
        <>
          <span className="mr-1">{tr`${many === 1 ? tr`1 step` : tr`${many} steps`} together`}</span>
          <button
            type="button"
            className="btn btn-ghost btn-sm"
            onClick={() => {
              const text = copy();
              if (text !== undefined) giveOut(text);
            }}
          >
            <Copy className="size-4" /> {tr`Copy`}
          </button>
          <button type="button" className="btn btn-ghost btn-sm" onClick={walk.takeOut}>
            <X className="size-4" /> {tr`Take out`}
          </button>
          <button type="button" className="btn btn-ghost btn-sm" onClick={walk.letGo}>
            {tr`Let go`}
          </button>
        </>
      )}
      {kept && (
        <button
          type="button"
          className="btn btn-ghost btn-sm"
          title={tr`After the step in hand`}
          onClick={() => {
            try {
              put(kept);
            } catch (error) {
              useNotices.getState().trouble(sentenceOf(error));
            }
          }}
        >
          <ClipboardPaste className="size-4" />{' '}
          {tr`Put in ${kept.length === 1 ? tr`1 step` : tr`${kept.length} steps`}`}
        </button>
      )}
    </div>
  );
}
