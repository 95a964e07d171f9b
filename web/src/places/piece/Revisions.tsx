// Revisions: every save, to look at and to bring back.
import { trNodes } from '../../words/trNodes';
import type { SavedPiece } from '@zanfirico/contract';
import { lyingBits, glyphOf } from '@zanfirico/core/piece';
import { printText } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { format } from 'date-fns';
import { useState } from 'react';
import { sentenceOf } from '../../api/client';
import { useRevision, useRevisions } from '../../api/queries';
import { Dialog } from '../../shell/Dialog';
import { PieceGlyph } from '../../marks/section/PieceGlyph';
import { useDisplay } from '../../stores/display';
import { useDraft } from '../../stores/draft';
import { useNotices } from '../../stores/notices';
import { deriveDocument } from '../../derived/deriveDocument';
import { useRevisionFacts } from '../../derived/useRevisionFacts';
import { BoxHours } from '../../night/BoxHours';
import { Drafts } from './Drafts';
import { TroubleLine } from '../../marks/TroubleLine';

export function Revisions({ onClose }: { readonly onClose: () => void }) {
  const id = useDraft((s) => s.id) ?? '';
  const [chosen, setChosen] = useState<number>();
  const change = useDraft((s) => s.change);
  const say = useNotices((s) => s.say);
  const { data: lines = [], error: noList } = useRevisions(id);
  const { data: looked, error: noRevision } = useRevision(id, chosen ?? lines[0]?.revision);
  const error = noList ?? noRevision;

  const bringBack = (piece: SavedPiece): void => {
    change(() => piece.document);
    say(
      tr`Revision ${piece.revision} is on the board. Save to make it the newest; undo puts yours back.`,
    );
    onClose();
  };

  return (
    <Dialog title={tr`Revisions`} leave={tr`Back to work`} wide onClose={onClose}>
      {error && <TroubleLine>{sentenceOf(error)}</TroubleLine>}
      <Drafts piece={id} onTaken={onClose} />
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
                  setChosen(line.revision);
                }}
              >
                <span className="num font-semibold">{line.revision}</span>{' '}
                <span className="quiet">
                  {format(new Date(line.savedAt), 'd MMM yyyy, HH:mm')}
                  {line.by !== null && line.by !== 'this machine' && `, ${line.by}`}
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
    </Dialog>
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
        {tr`Bring revision ${piece.revision} back${newest ? tr` (the newest)` : ''}`}
      </button>
    </div>
  );
}

/** A document as a small section with its facts, for comparing. */
export function DocumentFacts({ document }: { readonly document: SavedPiece['document'] }) {
  const units = useDisplay((s) => s.units);
  const facts = useRevisionFacts();
  const now = deriveDocument(document, facts);
  if (now?.derived.ok !== true) return <p>{tr`This revision’s drawing needs mending.`}</p>;
  const { parts, whole, readings, night } = now.derived;
  const scale = Math.min(200 / whole.height, 300 / (2 * whole.widest), 1600);
  return (
    <>
      <PieceGlyph
        glyph={glyphOf(
          parts.map((p) => p.shape),
          lyingBits(now.derived, document.bits ?? []),
          whole,
        )}
        scale={scale}
        title={tr`Section of ${document.name}`}
      />
      <p className="mt-2 text-center">
        {document.name} · {now.glass.name}
        <br />
        <span className="num text-sm">
          {printText(readings.mass.value, 'mass', units)} ·{' '}
          {trNodes`${printText(whole.height, 'length', units)} high · ${(<BoxHours input={night} />)}`}
        </span>
      </p>
      {document.notes !== '' && <p className="quiet mt-1 text-center">{document.notes}</p>}
    </>
  );
}
