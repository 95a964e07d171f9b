// Saving: one at a time, a new revision each. Where somebody saved first both are put together, as far as they do not touch.
import type { SavedPiece } from '@zanfirico/contract';
import type { PieceDocument } from '@zanfirico/contract/piece';
import { merged, type Clash } from '@zanfirico/core/edits';
import { tr } from '@zanfirico/core/words';
import { useCallback, useRef, useState } from 'react';
import { readRevision, Refused, savePiece, sentenceOf } from '../../api/client';
import { useDraft } from '../../stores/draft';
import { useNotices } from '../../stores/notices';

/** Somebody saved first, and it touches what is drawn here, or the two together cannot be made. */
export interface Met {
  readonly theirs: SavedPiece;
  /** What both began from; undefined where it cannot be had. */
  readonly base: PieceDocument | undefined;
  readonly clashes: readonly Clash[];
  /** Why the two together were refused, where they were. */
  readonly says: string | undefined;
}

/** How saving stands. */
export interface Saving {
  readonly busy: boolean;
  readonly conflict: Met | undefined;
  readonly save: () => void;
  readonly clearConflict: () => void;
}

/** Both put together are a revision of their own, and one step of undo on the board. */
export async function saveTogether(
  theirs: SavedPiece,
  together: PieceDocument,
): Promise<SavedPiece> {
  const piece = await savePiece(theirs.id, {
    baseRevision: theirs.revision,
    document: together,
  });
  const { change, markSaved } = useDraft.getState();
  change(() => together);
  markSaved({ ...piece, document: together });
  return piece;
}

/** Puts together what can be; what cannot is what was met. */
async function meet(
  id: string,
  baseRevision: number,
  mine: PieceDocument,
  theirs: SavedPiece,
): Promise<Met | SavedPiece> {
  const base = await readRevision(id, baseRevision).then(
    (r) => r.document,
    () => undefined,
  );
  if (!base) return { theirs, base, clashes: [], says: undefined };
  const { document, clashes } = merged(base, mine, theirs.document);
  if (clashes.length > 0) return { theirs, base, clashes, says: undefined };
  try {
    return await saveTogether(theirs, document);
  } catch (error) {
    // Apart each can be made, together not: a person looks at both.
    if (error instanceof Refused && error.status === 422)
      return { theirs, base, clashes, says: sentenceOf(error) };
    throw error;
  }
}

/** Saves what is on the board, and says what came of it. */
export function useSaving(): Saving {
  const [busy, setBusy] = useState(false);
  const [conflict, setConflict] = useState<Met>();
  const running = useRef(false);
  const { say, trouble } = useNotices();

  const save = useCallback((): void => {
    const { id, document, saved, baseRevision } = useDraft.getState();
    if (id === undefined || !document || running.current) return;
    if (document === saved) {
      say(tr`Nothing has changed since the last save.`);
      return;
    }
    running.current = true;
    setBusy(true);
    savePiece(id, { baseRevision, document })
      .then(
        (piece) => {
          useDraft.getState().markSaved({ ...piece, document });
          say(tr`Saved as revision ${piece.revision}.`);
        },
        async (error: unknown) => {
          const theirs =
            error instanceof Refused && error.status === 409 ? error.body.current : undefined;
          if (!theirs) throw error;
          const met = await meet(id, baseRevision, document, theirs);
          if ('clashes' in met) setConflict(met);
          else
            say(
              tr`Somebody saved revision ${theirs.revision} meanwhile. Nothing touched: both are in revision ${met.revision}.`,
            );
        },
      )
      .catch((error: unknown) => {
        trouble(tr`Not saved. ${sentenceOf(error)}`);
      })
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
