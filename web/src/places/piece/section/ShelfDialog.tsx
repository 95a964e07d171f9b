// A part of another piece: find the piece, choose the part; it comes with its form, its glass and its colours.
import type { PiecePart } from '@zanfirico/contract/piece';
import { measurePart } from '@zanfirico/core/form';
import { glyphOf } from '@zanfirico/core/piece';
import { printText } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { useState } from 'react';
import { sentenceOf } from '../../../api/client';
import { useOpened, usePieces } from '../../../api/queries';
import { FindField } from '../../../fields/FindField';
import { PieceGlyph } from '../../../marks/section/PieceGlyph';
import { Dialog } from '../../../shell/Dialog';
import { useDisplay } from '../../../stores/display';
import { useRack } from '../../../stores/theRack';
import { TroubleLine } from '../../../marks/TroubleLine';

/** A part as it comes: with the glass it was of, where that is not this piece's; its id is given anew. */
type Taken = Omit<PiecePart, 'id'>;

interface Props {
  /** The glass of the piece it comes into. */
  readonly glass: string;
  readonly onTake: (part: Taken) => void;
  readonly onClose: () => void;
}

export function ShelfDialog({ glass, onTake, onClose }: Props) {
  const [find, setFind] = useState('');
  const [id, setId] = useState<string>();
  const found = usePieces(false, find.trim());
  const lines = found.data?.pages[0]?.lines ?? [];
  return (
    <Dialog title={tr`A part of another piece`} wide onClose={onClose}>
      <div className="mt-4 grid gap-8 sm:grid-cols-2">
        <div>
          <FindField
            label={tr`Find a piece`}
            placeholder={tr`Find a piece by name`}
            value={find}
            onChange={setFind}
          />
          {found.error && <TroubleLine className="mt-2">{sentenceOf(found.error)}</TroubleLine>}
          <ul aria-label={tr`Pieces`} className="mt-2 max-h-80 overflow-y-auto">
            {lines.map((line) => (
              <li key={line.id}>
                <button
                  type="button"
                  className={`hover:bg-base-300 w-full border-l-4 px-3 py-1 text-left ${line.id === id ? 'border-primary' : 'border-transparent'}`}
                  aria-pressed={line.id === id}
                  onClick={() => {
                    setId(line.id);
                  }}
                >
                  {line.name}
                </button>
              </li>
            ))}
          </ul>
          {found.data && lines.length === 0 && (
            <p className="quiet py-2">{tr`Nothing on the shelf is called “${find}”.`}</p>
          )}
        </div>
        {id === undefined ? (
          <p className="quiet">{tr`Choose a piece; its parts are shown here.`}</p>
        ) : (
          <Parts key={id} id={id} glass={glass} onTake={onTake} onClose={onClose} />
        )}
      </div>
    </Dialog>
  );
}

function Parts({ id, glass, onTake, onClose }: Props & { readonly id: string }) {
  const units = useDisplay((s) => s.units);
  const rack = useRack((s) => s.rack);
  const opened = useOpened(id);
  if (opened.error) return <TroubleLine>{sentenceOf(opened.error)}</TroubleLine>;
  if (!opened.data) return <p className="quiet">{tr`Fetching the piece …`}</p>;
  const { document } = opened.data;
  return (
    <ul aria-label={tr`Parts of ${document.name}`} className="max-h-96 overflow-y-auto">
      {document.parts.map((part) => {
        const own = part.glass ?? document.glass;
        const read = measurePart(part);
        return (
          <li key={part.id} className="border-base-300 border-b">
            <button
              type="button"
              className="hover:bg-base-300 flex w-full items-center gap-4 px-2 py-2 text-left"
              onClick={() => {
                onTake({ ...part, ...(own !== glass && { glass: own }) });
                onClose();
              }}
            >
              <span className="flex h-16 w-20 items-end justify-center">
                {read.ok && (
                  <PieceGlyph
                    glyph={glyphOf([read.shape], [], read.shape)}
                    scale={Math.min(60 / read.shape.height, 40 / read.shape.widest)}
                    title={tr`${part.name}, section`}
                  />
                )}
              </span>
              <span className="flex-1">
                <b>{part.name}</b>
                <span className="quiet block text-sm">
                  {read.ok &&
                    tr`${printText(2 * read.shape.widest, 'length', units)} wide, ${printText(read.shape.height, 'length', units)} high`}
                  {own !== glass && tr`, of ${rack.glass(own)?.name ?? own}`}
                </span>
              </span>
            </button>
          </li>
        );
      })}
    </ul>
  );
}
