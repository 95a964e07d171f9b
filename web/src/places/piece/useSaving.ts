// Saving: one at a time, a new revision each, and what to do when someone saved first.
import type { SavedPiece } from '@zanfirico/contract';
import { useCallback, useRef, useState } from 'react';
import { Refused, savePiece, sentenceOf } from '../../api/client';
import { useDraft } from '../../stores/draft';
import { useNotices } from '../../stores/notices';

export interface Saving {
  readonly busy: boolean;
  readonly conflict: SavedPiece | undefined;
  readonly save: () => void;
  readonly clearConflict: () => void;
}

export function useSaving(): Saving {
  const [busy, setBusy] = useState(false);
  const [conflict, setConflict] = useState<SavedPiece>();
  const running = useRef(false);
  const { say, trouble } = useNotices();

  const save = useCallback((): void => {
    const { id, document, saved, baseRevision } = useDraft.getState();
    if (id === undefined || !document || running.current) return;
    if (document === saved) {
      say('Nothing has changed since the last save.');
      return;
    }
    running.current = true;
    setBusy(true);
    savePiece(id, { baseRevision, document })
      .then(
        (piece) => {
          useDraft.getState().markSaved({ ...piece, document });
          say(`Saved as revision ${String(piece.revision)}.`);
        },
        (error: unknown) => {
          if (error instanceof Refused && error.status === 409 && error.body.current)
            setConflict(error.body.current);
          else trouble(`Not saved. ${sentenceOf(error)}`);
        },
      )
      .finally(() => {
        running.current = false;
        setBusy(false);
      });
  }, [say, trouble]);

  const clearConflict = useCallback(() => {
    setConflict(undefined);
  }, []);
  return { busy, conflict, save, clearConflict };
}
