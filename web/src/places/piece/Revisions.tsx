// Revisions: every save, to look at and to bring back.
import type { RevisionLine, SavedPiece } from '@zanfirico/contract';
import { printText } from '@zanfirico/core';
import { format } from 'date-fns';
import { X } from 'lucide-react';
import { useEffect, useRef, useState } from 'react';
import { listRevisions, readRevision, sentenceOf } from '../../api/client';
import { PieceGlyph } from '../../marks/section/PieceGlyph';
import { useDisplay } from '../../stores/display';
import { useDraft } from '../../stores/draft';
import { useNotices } from '../../stores/notices';
import { deriveDocument } from '../../derived/deriveDocument';
import { useShelfFacts } from '../../derived/useShelfFacts';
import { BoxHours } from '../../annealing/BoxHours';

export function Revisions({ onClose }: { readonly onClose: () => void }) {
  const dialog = useRef<HTMLDialogElement>(null);
  const id = useDraft((s) => s.id);
  const [lines, setLines] = useState<readonly RevisionLine[]>([]);
  const [looked, setLooked] = useState<SavedPiece>();
  const [failure, setFailure] = useState<string>();
  const change = useDraft((s) => s.change);
  const say = useNotices((s) => s.say);

  useEffect(() => {
    dialog.current?.showModal();
    if (id === undefined) return;
    listRevisions(id).then(
      async (list) => {
        setLines(list);
        const newest = list[0];
        if (newest) setLooked(await readRevision(id, newest.revision));
      },
      (error: unknown) => {
        setFailure(sentenceOf(error));
      },
    );
  }, [id]);

  const look = (revision: number): void => {
    if (id === undefined) return;
    readRevision(id, revision).then(setLooked, (error: unknown) => {
      setFailure(sentenceOf(error));
    });
  };
  const bringBack = (piece: SavedPiece): void => {
    change(() => piece.document);
    say(
      `Revision ${String(piece.revision)} is on the board. Save to make it the newest; undo puts yours back.`,
    );
    dialog.current?.close();
  };

  return (
    <dialog
      ref={dialog}
      className="bg-base-100 text-base-content m-auto w-[min(46rem,94vw)] p-0 backdrop:bg-black/60"
      aria-labelledby="revisions"
      onClose={onClose}
    >
      <div className="px-7 py-5">
        <div className="flex items-start justify-between">
          <h2 id="revisions" className="text-3xl">
            Revisions
          </h2>
          <button
            type="button"
            className="btn btn-ghost btn-sm btn-square"
            aria-label="Close revisions"
            onClick={() => dialog.current?.close()}
          >
            <X className="size-4" />
          </button>
        </div>
        {failure !== undefined && (
          <p role="alert" className="text-error">
            {failure}
          </p>
        )}
        <div className="mt-3 flex min-h-72 gap-6">
          <ol className="max-h-96 w-64 shrink-0 overflow-y-auto">
            {lines.map((line) => (
              <li key={line.revision}>
                <button
                  type="button"
                  aria-pressed={looked?.revision === line.revision}
                  className={`hover:bg-base-300/40 w-full border-l-3 px-3 py-1.5 text-left ${
                    looked?.revision === line.revision ? 'border-primary' : 'border-base-300'
                  }`}
                  onClick={() => {
                    look(line.revision);
                  }}
                >
                  <span className="num font-semibold">{line.revision}</span>{' '}
                  <span className="quiet">
                    {format(new Date(line.savedAt), 'd MMM yyyy, HH:mm')}
                  </span>
                  <br />
                  {line.name}
                </button>
              </li>
            ))}
          </ol>
          {looked && (
            <Looked
              piece={looked}
              newest={lines[0]?.revision === looked.revision}
              onBringBack={bringBack}
            />
          )}
        </div>
      </div>
    </dialog>
  );
}

function Looked({
  piece,
  newest,
  onBringBack,
}: {
  readonly piece: SavedPiece;
  readonly newest: boolean;
  readonly onBringBack: (piece: SavedPiece) => void;
}) {
  return (
    <div className="flex min-w-0 flex-1 flex-col items-center">
      <DocumentFacts document={piece.document} />
      <button
        type="button"
        className="btn btn-outline mt-4"
        onClick={() => {
          onBringBack(piece);
        }}
      >
        Bring revision {piece.revision} back{newest ? ' (the newest)' : ''}
      </button>
    </div>
  );
}

/** A document as a small section with its facts, for comparing. */
export function DocumentFacts({ document }: { readonly document: SavedPiece['document'] }) {
  const units = useDisplay((s) => s.units);
  const facts = useShelfFacts();
  const now = deriveDocument(document, facts);
  if (now?.derived.ok !== true) return <p>This revision’s drawing needs mending.</p>;
  const { parts, whole, readings, night } = now.derived;
  const scale = Math.min(200 / whole.height, 300 / (2 * whole.widest), 1600);
  return (
    <>
      <PieceGlyph
        shapes={parts.map((p) => p.shape)}
        bits={document.bits}
        extent={whole}
        scale={scale}
        title={`Section of ${document.name}`}
      />
      <p className="mt-2 text-center">
        {document.name} · {now.glass.name}
        <br />
        <span className="num text-sm">
          {printText(readings.mass.value, 'mass', units)} ·{' '}
          {printText(whole.height, 'length', units)} high · <BoxHours input={night} />
        </span>
      </p>
      {document.notes !== '' && <p className="quiet mt-1 text-center">{document.notes}</p>}
    </>
  );
}
