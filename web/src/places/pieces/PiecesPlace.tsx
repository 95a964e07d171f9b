// Pieces: everything the studio has drawn, standing on a shelf to one scale.
import { BODY_LIMIT, type SavedPiece } from '@zanfirico/contract';
import { Archive, ArchiveRestore, FileUp, Plus, Search } from 'lucide-react';
import { lazy, Suspense, useMemo, useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { importPiece, newKey, putAway, sentenceOf } from '../../api/client';
import { shelfChanged, usePieces } from '../../api/queries';
import { useNotices } from '../../stores/notices';
import { deriveDocument } from '../../derived/deriveDocument';
import { ShelfPiece } from './ShelfPiece';
import { useShelfFacts } from '../../derived/useShelfFacts';

const NewPiece = lazy(async () => ({ default: (await import('./NewPiece')).NewPiece }));

const GLYPH_HEIGHT = 250;
const MOST_SCALE = 2200;

export function PiecesPlace() {
  const [away, setAway] = useState(false);
  const { data: pieces, error, refetch } = usePieces(away);
  const [wanted, setWanted] = useState('');
  const [starting, setStarting] = useState(false);
  const file = useRef<HTMLInputElement>(null);
  const navigate = useNavigate();
  const { say, trouble } = useNotices();

  const facts = useShelfFacts();
  const onShelf = useMemo(
    () =>
      (pieces ?? [])
        .filter((p) => p.document.name.toLowerCase().includes(wanted.trim().toLowerCase()))
        .map((piece) => ({ piece, ...deriveDocument(piece.document, facts) })),
    [pieces, wanted, facts],
  );
  const tallest = Math.max(
    0.05,
    ...onShelf.map((p) => (p.derived?.ok === true ? p.derived.whole.height : 0)),
  );
  const scale = Math.min(MOST_SCALE, GLYPH_HEIGHT / tallest);

  const move = async (piece: SavedPiece): Promise<void> => {
    try {
      await putAway(piece.id, !away);
      await shelfChanged();
      say(`“${piece.document.name}” is ${away ? 'back on the shelf' : 'put away'}.`, {
        label: 'Undo',
        run: () => {
          void putAway(piece.id, away).then(shelfChanged);
        },
      });
    } catch (error) {
      trouble(sentenceOf(error));
    }
  };

  const readIn = async (chosen: File | undefined): Promise<void> => {
    if (!chosen) return;
    if (chosen.size > BODY_LIMIT) {
      trouble(
        `“${chosen.name}” is ${String(Math.round(chosen.size / 1e3))} kB; a piece file is at most ${String(BODY_LIMIT / 1000)} kB.`,
      );
      return;
    }
    try {
      const piece = await importPiece(await chosen.text(), newKey());
      await navigate(`/pieces/${piece.id}/section`);
    } catch (error) {
      trouble(`“${chosen.name}” was not read. ${sentenceOf(error)}`);
    }
  };

  return (
    <div className="mx-auto flex w-full max-w-[1500px] flex-col px-6 pt-6 pb-16">
      <div className="flex flex-wrap items-end gap-x-6 gap-y-3">
        <h1 className="text-5xl">{away ? 'Put away' : 'Pieces'}</h1>
        <label className="flex items-center gap-2">
          <Search className="quiet size-4" aria-hidden="true" />
          <span className="sr-only">Find a piece by name</span>
          <input
            className="input w-56"
            placeholder="Find by name"
            value={wanted}
            onChange={(e) => {
              setWanted(e.target.value);
            }}
          />
        </label>
        <div className="ml-auto flex flex-wrap gap-2">
          <button
            type="button"
            className="btn btn-ghost"
            aria-pressed={away}
            onClick={() => {
              setAway(!away);
            }}
          >
            {away ? <ArchiveRestore className="size-4" /> : <Archive className="size-4" />}
            {away ? 'Back to the shelf' : 'Put away'}
          </button>
          <button type="button" className="btn btn-outline" onClick={() => file.current?.click()}>
            <FileUp className="size-4" /> Read a piece file
          </button>
          <input
            ref={file}
            type="file"
            accept=".json,application/json"
            className="hidden"
            aria-label="Piece file"
            onChange={(e) => {
              void readIn(e.target.files?.[0]);
              e.target.value = '';
            }}
          />
          <button
            type="button"
            className="btn btn-primary"
            onClick={() => {
              setStarting(true);
            }}
          >
            <Plus className="size-4" /> New piece
          </button>
        </div>
      </div>

      {error && (
        <p role="alert" className="alert alert-error mt-10 text-lg">
          {sentenceOf(error)}{' '}
          <button
            type="button"
            className="btn btn-sm btn-outline ml-2"
            onClick={() => void refetch()}
          >
            Try again
          </button>
        </p>
      )}
      {pieces?.length === 0 && !error && <Empty away={away} />}
      {pieces !== undefined && pieces.length > 0 && onShelf.length === 0 && (
        <p className="mt-16 text-lg">Nothing on the shelf is called “{wanted}”.</p>
      )}
      <ul className="mt-8 flex flex-wrap items-stretch gap-y-10" aria-label="Shelf">
        {onShelf.map((p) => (
          <ShelfPiece
            key={p.piece.id}
            {...p}
            scale={scale}
            height={GLYPH_HEIGHT}
            away={away}
            onMove={() => void move(p.piece)}
          />
        ))}
        {onShelf.length > 0 && (
          <li className="flex min-w-0 flex-1 flex-col" aria-hidden="true">
            <div style={{ height: GLYPH_HEIGHT + 8 }} />
            <div className="plank" />
          </li>
        )}
      </ul>
      {onShelf.length > 0 && (
        <p className="quiet mt-6 text-sm">
          All to one scale, left half cut, right half as finished glass.
        </p>
      )}
      {starting && (
        <Suspense>
          <NewPiece
            onClose={() => {
              setStarting(false);
            }}
          />
        </Suspense>
      )}
    </div>
  );
}

function Empty({ away }: { readonly away: boolean }) {
  return (
    <div className="mt-16 max-w-xl">
      <div className="plank" aria-hidden="true" />
      <p className="mt-6 text-xl">
        {away
          ? 'Nothing is put away.'
          : 'The shelf is empty. Start a new piece from a form, or read a piece file someone gave you.'}
      </p>
    </div>
  );
}
