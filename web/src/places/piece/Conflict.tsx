// Two people changed the same: where both did it is chosen whose stands, and the rest is taken from both; or one goes on and the other is kept.
import type { PieceDocument } from '@zanfirico/contract/piece';
import { clashKey, merged, type Choices } from '@zanfirico/core/edits';
import { tr } from '@zanfirico/core/words';
import { useState } from 'react';
import { createPiece, newKey, savePiece, sentenceOf } from '../../api/client';
import { Dialog } from '../../shell/Dialog';
import { useDraft } from '../../stores/draft';
import { useNotices } from '../../stores/notices';
import { ClashLine } from './ClashLine';
import { DocumentFacts } from './Revisions';
import { saveTogether, type Met } from './useSaving';
import { TroubleLine } from '../../marks/TroubleLine';

interface Props {
  readonly mine: PieceDocument;
  readonly met: Met;
  readonly onClose: () => void;
}

export function Conflict({ mine, met, onClose }: Props) {
  const { theirs, base, clashes, says } = met;
  const [choices, setChoices] = useState<Choices>({});
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
    say(tr`Yours is revision ${piece.revision}; theirs stays as revision ${theirs.revision}.`);
  };
  const together = async (): Promise<void> => {
    if (!base) return;
    const piece = await saveTogether(theirs, merged(base, mine, theirs.document, choices).document);
    say(tr`Both are in revision ${piece.revision}; theirs stays as revision ${theirs.revision}.`);
  };
  const theirsAndCopy = async (): Promise<void> => {
    const copy = await createPiece({ ...mine, name: tr`${mine.name.slice(0, 70)} (mine)` }, key);
    drop();
    open(theirs);
    say(tr`Theirs is on the board; yours is a piece of its own, “${copy.document.name}”.`);
  };
  return (
    <Dialog title={tr`Someone saved first`} leave={tr`Decide later`} wide onClose={onClose}>
      <p className="mt-1">{tr`Nothing is lost: choose which goes on, the other is kept as well.`}</p>
      {says !== undefined && (
        <p className="text-warning mt-2">{tr`Together they cannot be made: ${says}`}</p>
      )}
      {clashes.length > 0 && (
        <section aria-label={tr`Both changed`} className="mt-3">
          <h3 className="text-xl">{tr`Both changed ${clashes.length === 1 ? tr`this` : tr`these`}: whose stands?`}</h3>
          <ul className="max-h-64 overflow-y-auto">
            {clashes.map((c) => (
              <ClashLine
                key={clashKey(c)}
                clash={c}
                document={mine}
                chosen={choices[clashKey(c)] ?? 'mine'}
                onChoose={(whose) => {
                  setChoices((all) => ({ ...all, [clashKey(c)]: whose }));
                }}
              />
            ))}
          </ul>
          <button
            type="button"
            className="btn btn-primary mt-2"
            onClick={() => {
              attempt(together);
            }}
          >
            {tr`Save both together, so`}
          </button>
          <p className="quiet mt-1">{tr`Everything else is taken from both. Or one goes on whole:`}</p>
        </section>
      )}
      <div className="mt-4 grid grid-cols-2 gap-6">
        <section className="flex flex-col items-center" aria-label={tr`Yours`}>
          <h3 className="mb-2 text-xl">{tr`Yours, not saved yet`}</h3>
          <DocumentFacts document={mine} />
          <button
            type="button"
            className={`btn mt-auto ${clashes.length > 0 ? 'btn-outline' : 'btn-primary'}`}
            onClick={() => {
              attempt(mineOnTop);
            }}
          >
            {tr`Save mine on top`}
          </button>
        </section>
        <section className="flex flex-col items-center" aria-label={tr`Theirs`}>
          <h3 className="mb-2 text-xl">{tr`Saved as revision ${theirs.revision}`}</h3>
          <DocumentFacts document={theirs.document} />
          <button
            type="button"
            className="btn btn-outline mt-auto"
            onClick={() => {
              attempt(theirsAndCopy);
            }}
          >
            {tr`Take theirs, keep mine as a copy`}
          </button>
        </section>
      </div>
      {failure !== undefined && <TroubleLine className="mt-3">{failure}</TroubleLine>}
    </Dialog>
  );
}
