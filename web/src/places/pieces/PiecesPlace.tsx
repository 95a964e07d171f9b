// Pieces: everything the studio has drawn, standing on a shelf to one scale.
import { trNodes } from '../../words/trNodes';
import { tr } from '@zanfirico/core/words';
import { useQuery } from '@tanstack/react-query';
import { Archive, ArchiveRestore, FileDown, FileUp, Plus } from 'lucide-react';
import { lazy, Suspense, useCallback, useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import { createAgain, putAway, readPiece, sentenceOf, throwAway } from '../../api/client';
import { shelfChanged, usePieces, type OnShelf } from '../../api/queries';
import { FindField } from '../../fields/FindField';
import { FileButton } from '../../shell/FileButton';
import { TakeBundle } from '../../shell/TakeBundle';
import { draftsOf } from '../../stores/drafts';
import { useMay } from '../../stores/me';
import { useNotices } from '../../stores/notices';
import { Shelf } from './Shelf';
import { NO_CHOICE, ShelfChoice, type ShelfChosen } from './ShelfChoice';
import { useReadingIn } from './useReadingIn';
import { TroubleLine } from '../../marks/TroubleLine';

const FirstPiece = lazy(async () => ({ default: (await import('./FirstPiece')).FirstPiece }));
const NewPiece = lazy(async () => ({ default: (await import('./NewPiece')).NewPiece }));

/** What is done with a piece on the shelf; what can be taken back says so. */
function useShelfDeeds(away: boolean) {
  const navigate = useNavigate();
  const { say, trouble } = useNotices();
  /** Changes something on the shelf and shows it; says why not. */
  const changed = async (does: () => Promise<void>): Promise<boolean> => {
    try {
      await does();
      await shelfChanged();
      return true;
    } catch (error) {
      trouble(sentenceOf(error));
      return false;
    }
  };
  const undoable = async (
    does: () => Promise<void>,
    says: string,
    undoes: () => Promise<void>,
  ): Promise<void> => {
    if (await changed(does)) say(says, { label: tr`Undo`, run: () => void changed(undoes) });
  };
  const move = ({ id, name }: OnShelf): Promise<void> =>
    undoable(
      () => putAway(id, !away),
      tr`“${name}” is ${away ? tr`back on the shelf` : tr`put away`}.`,
      () => putAway(id, away),
    );
  const discard = ({ id, name }: OnShelf): Promise<void> =>
    undoable(
      () => throwAway(id, true),
      tr`“${name}” is thrown away, with its revisions.`,
      () => throwAway(id, false),
    );

  /** The same once more, as it was last saved. */
  const copy = async (piece: OnShelf): Promise<void> => {
    try {
      const { document } = await readPiece(piece.id);
      const made = await createAgain(document);
      await shelfChanged();
      say(tr`“${made.document.name}” is on the shelf.`, {
        label: tr`Open it`,
        run: () => void navigate(`/pieces/${made.id}/section`),
      });
    } catch (error) {
      trouble(sentenceOf(error));
    }
  };
  return { move, discard, copy };
}

/** What is put away, all of it as a file, one read in, a new one. */
function ShelfKeys({
  away,
  onAway,
  any,
  onTake,
  onStart,
}: {
  readonly away: boolean;
  readonly onAway: (away: boolean) => void;
  /** Is there anything to take away? */
  readonly any: boolean;
  readonly onTake: () => void;
  readonly onStart: () => void;
}) {
  const lead = useMay('lead');
  const readIn = useReadingIn();
  return (
    <div className="ml-auto flex flex-wrap gap-2">
      <button
        type="button"
        className="btn btn-ghost"
        aria-pressed={away}
        onClick={() => {
          onAway(!away);
        }}
      >
        {away ? <ArchiveRestore className="size-4" /> : <Archive className="size-4" />}
        {away ? tr`Back to the shelf` : tr`Put away`}
      </button>
      {lead && (
        <>
          {any && (
            <button
              type="button"
              className="btn btn-ghost"
              title={tr`Every piece, put away or not, with its rack entries, and what was made of it, in one file`}
              onClick={onTake}
            >
              <FileDown className="size-4" /> {tr`Take all away`}
            </button>
          )}
          <FileButton
            className="btn btn-outline"
            label={tr`Piece file`}
            accept=".json,.zip,application/json,application/zip"
            onFile={(chosen) => void readIn([chosen])}
          >
            <FileUp className="size-4" /> {tr`Read a file`}
          </FileButton>
          <button type="button" className="btn btn-primary" onClick={onStart}>
            <Plus className="size-4" /> {tr`New piece`}
          </button>
        </>
      )}
    </div>
  );
}

export function PiecesPlace() {
  const [away, setAway] = useState(false);
  const [wanted, setWanted] = useState('');
  const find = wanted.trim();
  const [choice, setChoice] = useState<ShelfChosen>(NO_CHOICE);
  const { data, error, refetch, fetchNextPage, hasNextPage, isFetching, isPlaceholderData } =
    usePieces(away, find, choice);
  const [starting, setStarting] = useState(false);
  // A file is held over the shelf.
  const [over, setOver] = useState(false);
  const pieces = useMemo(() => data?.pages.flatMap((p) => p.lines) ?? [], [data]);
  const newest = data?.pages.at(-1);
  const more = useCallback(() => void fetchNextPage(), [fetchNextPage]);
  const unsaved = useDrafted();
  const none = newest?.total === 0 && !isPlaceholderData && !error;

  const { move, discard, copy } = useShelfDeeds(away);
  const readIn = useReadingIn();
  const [taking, setTaking] = useState(false);

  return (
    // Files are let go on it by the pointer; by keys there is the button.
    // eslint-disable-next-line jsx-a11y/no-static-element-interactions
    <div
      className={`mx-auto flex w-full max-w-[1840px] flex-1 flex-col px-6 pt-6 pb-16 ${over ? 'outline-primary outline-2 -outline-offset-8 outline-dashed' : ''}`}
      onDragOver={(e) => {
        if (!e.dataTransfer.types.includes('Files')) return;
        e.preventDefault();
        setOver(true);
      }}
      onDragLeave={() => {
        setOver(false);
      }}
      onDrop={(e) => {
        e.preventDefault();
        setOver(false);
        void readIn([...e.dataTransfer.files]);
      }}
    >
      <div className="flex flex-wrap items-end gap-x-6 gap-y-3">
        <h1 className="text-5xl">{away ? tr`Put away` : tr`Pieces`}</h1>
        <FindField
          label={tr`Find a piece by name`}
          placeholder={tr`Find by name`}
          value={wanted}
          onChange={setWanted}
          wide="w-36"
        />
        <ShelfChoice choice={choice} onChange={setChoice} />
        <ShelfKeys
          away={away}
          onAway={setAway}
          any={pieces.length > 0}
          onTake={() => {
            setTaking(true);
          }}
          onStart={() => {
            setStarting(true);
          }}
        />
      </div>

      {error && (
        <TroubleLine className="mt-10 text-lg">
          {sentenceOf(error)}{' '}
          <button
            type="button"
            className="btn btn-sm btn-outline ml-2"
            onClick={() => void refetch()}
          >
            {tr`Try again`}
          </button>
        </TroubleLine>
      )}
      {none &&
        find === '' &&
        choice === NO_CHOICE &&
        (away ? (
          <p className="mt-16 text-xl">{tr`Nothing is put away.`}</p>
        ) : (
          <Suspense>
            <FirstPiece />
          </Suspense>
        ))}
      {none && (find !== '' || choice !== NO_CHOICE) && (
        <p className="mt-16 text-lg">
          {tr`Nothing ${away ? tr`put away` : tr`on the shelf`} is ${find !== '' ? tr`called “${find}”` : tr`made so`}`}
          {find !== '' && choice !== NO_CHOICE ? tr` and made so` : ''}.
        </p>
      )}
      {pieces.length > 0 && newest && (
        <>
          <Shelf
            pieces={pieces}
            total={newest.total}
            tallest={newest.tallest}
            away={away}
            unsaved={unsaved}
            onMove={(piece) => void move(piece)}
            onCopy={(piece) => void copy(piece)}
            onThrow={(piece) => void discard(piece)}
            onMore={hasNextPage && !isFetching ? more : undefined}
          />
          <p className="quiet mt-6 text-sm">
            {trNodes`${newest.total > 1 && tr`${newest.total} pieces. `}All to one scale, left half cut, right half as finished glass.`}
          </p>
        </>
      )}
      {taking && (
        <TakeBundle
          name={`pieces.${today()}`}
          onClose={() => {
            setTaking(false);
          }}
        />
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

const NO_DRAFTS: ReadonlySet<string> = new Set();

/** The pieces with changes in this browser that no revision holds, as the shelf is opened. */
function useDrafted(): ReadonlySet<string> {
  const { data } = useQuery({
    queryKey: ['drafted'],
    queryFn: async () => new Set((await draftsOf()).map((d) => d.piece)),
    gcTime: 0,
  });
  return data ?? NO_DRAFTS;
}

/** The day, as a file's name says it. */
const today = (): string => new Date().toISOString().slice(0, 10);
