// Two people saved: both revisions side by side, and two ways on that lose neither.
import type { PieceDocument, SavedPiece } from '@zanfirico/contract';
import { useState } from 'react';
import { createPiece, newKey, savePiece, sentenceOf } from '../../api/client';
import { Dialog } from '../../shell/Dialog';
import { useDraft } from '../../stores/draft';
import { useNotices } from '../../stores/notices';
import { DocumentFacts } from './Revisions';

interface Props {
  readonly mine: PieceDocument;
  readonly theirs: SavedPiece;
  readonly onClose: () => void;
}

export function Conflict({ mine, theirs, onClose }: Props) {
  const [failure, setFailure] = useState<string>();
  const [key] = useState(newKey);
  const say = useNotices((s) => s.say);
  const { markSaved, open, drop } = useDraft.getState();
  const attempt = (work: () => Promise<void>): void => {
    work().then(onClose, (error: unknown) => {
      setFailure(sentenceOf(error));
    });
  };
  const mineOnTop = async (): Promise<void> => {
    const piece = await savePiece(theirs.id, { baseRevision: theirs.revision, document: mine });
    markSaved({ ...piece, document: mine });
    say(
      `Yours is revision ${String(piece.revision)}; theirs stays as revision ${String(theirs.revision)}.`,
    );
  };
  const theirsAndCopy = async (): Promise<void> => {
    const copy = await createPiece({ ...mine, name: `${mine.name.slice(0, 70)} (mine)` }, key);
    drop();
    open(theirs);
    say(`Theirs is on the board; yours is a piece of its own, “${copy.document.name}”.`);
  };
  return (
    <Dialog title="Someone saved first" leave="Decide later" wide onClose={onClose}>
      <p className="mt-1">Nothing is lost: choose which goes on, the other is kept as well.</p>
      <div className="mt-4 grid grid-cols-2 gap-6">
        <section className="flex flex-col items-center" aria-label="Yours">
          <h3 className="mb-2 text-xl">Yours, not saved yet</h3>
          <DocumentFacts document={mine} />
          <button
            type="button"
            className="btn btn-primary mt-auto"
            onClick={() => {
              attempt(mineOnTop);
            }}
          >
            Save mine on top
          </button>
        </section>
        <section className="flex flex-col items-center" aria-label="Theirs">
          <h3 className="mb-2 text-xl">Saved as revision {theirs.revision}</h3>
          <DocumentFacts document={theirs.document} />
          <button
            type="button"
            className="btn btn-outline mt-auto"
            onClick={() => {
              attempt(theirsAndCopy);
            }}
          >
            Take theirs, keep mine as a copy
          </button>
        </section>
      </div>
      {failure !== undefined && (
        <p role="alert" className="alert alert-error mt-3">
          {failure}
        </p>
      )}
    </Dialog>
  );
}
