// Inside a piece: its name and sheets above, its answers always in sight, the sheet being worked on below.
import { tr } from '@zanfirico/core/words';
import { useCallback, useEffect, useMemo, useState } from 'react';
import { Link, Outlet, useParams } from 'react-router';
import { Refused, sentenceOf } from '../../api/client';
import { useOpened } from '../../api/queries';
import { useBoard } from '../../stores/board';
import { useDraft } from '../../stores/draft';
import { takeDraft } from '../../stores/drafts';
import { useNotices } from '../../stores/notices';
import { useRack } from '../../stores/theRack';
import { useNight } from '../../night/useNight';
import { useFacts } from '../../derived/useFacts';
import { AnswerBand } from './AnswerBand';
import { Conflict } from './Conflict';
import { OthersHere } from './OthersHere';
import { PieceHeader } from './PieceHeader';
import { Revisions } from './Revisions';
import { deriveDocument } from '../../derived/deriveDocument';
import { formed } from '../../derived/formed';
import type { AsRead, OnBoard } from './usePiece';
import { useCarried } from './useCarried';
import { soaksAt, useFirings } from './kiln/useFirings';
import { useSaving, type Saving } from './useSaving';
import type { PieceDocument } from '@zanfirico/contract/piece';
import { useShortcuts } from './useShortcuts';
import { WhyDrawer } from './WhyDrawer';

export function PiecePlace() {
  const { id = '' } = useParams();
  const [showRevisions, setShowRevisions] = useState(false);
  const document = useDraft((s) => (s.id === id ? s.document : undefined));
  const open = useDraft((s) => s.open);
  const say = useNotices((s) => s.say);
  const saving = useSaving();
  useShortcuts(saving.save);

  const opened = useOpened(id);
  useEffect(() => {
    const piece = opened.data;
    if (!piece) return undefined;
    let gone = false;
    void takeDraft(id).then(({ kept, unreadable, others }) => {
      if (gone) return;
      useBoard.getState().takePart(0);
      open(piece, kept);
      if (kept)
        say(tr`Changes you had not saved were kept and are on the board.`, {
          label: tr`Drop them`,
          run: () => {
            if (useDraft.getState().id === id) useDraft.getState().drop();
          },
        });
      else if (unreadable)
        say(tr`Unsaved changes of this piece cannot be put on the board: ${unreadable.says}.`, {
          label: tr`See them`,
          run: () => {
            setShowRevisions(true);
          },
        });
      else if (others.length > 0)
        say(tr`This piece has unsaved changes in another tab as well.`, {
          label: tr`See them`,
          run: () => {
            setShowRevisions(true);
          },
        });
    });
    return () => {
      gone = true;
    };
  }, [id, opened.data, open, say]);
  const failure =
    opened.error instanceof Refused && opened.error.status === 404
      ? tr`There is no such piece on this shelf.`
      : opened.error
        ? sentenceOf(opened.error)
        : undefined;

  const rackHere = useRack((s) => s.loaded);
  const facts = useFacts(document?.making.gatherer, document?.glass);
  const now = useMemo(() => document && deriveDocument(document, facts), [document, facts]);
  const shown = useMemo(() => document && formed(document, now?.derived), [document, now]);
  const guessed = useLastGood(id, now?.derived);
  // Simulated once it is let go: between two moves of a hand the first guess is enough.
  const moving = useBoard((s) => s.moving);
  const night = useNight(guessed?.night, { settled: !moving, onBoard: true });
  const last = useMemo(
    () => guessed && night && { ...guessed, schedule: night.schedule },
    [guessed, night],
  );
  const carried = useCarried(document?.pattern, last);
  // The same for as long as nothing of it is another: what is opened, said or saved beside it redraws no sheet.
  const board = useMemo(
    (): AsRead | undefined =>
      shown &&
      now && {
        document: shown,
        glass: now.glass,
        facts,
        derived: now.derived,
        last,
        night,
        carried,
      },
    [shown, now, facts, last, night, carried],
  );
  const closeRevisions = useCallback(() => {
    setShowRevisions(false);
  }, []);
  const openRevisions = useCallback(() => {
    setShowRevisions(true);
  }, []);

  if (failure !== undefined || (document && !now && rackHere))
    return (
      <div className="mx-auto max-w-2xl px-6 py-20">
        <h1 className="text-4xl">{tr`Not on the board`}</h1>
        <p role="alert" className="my-4 text-xl">
          {failure ?? tr`This piece is of a glass the rack does not have.`}
        </p>
        <Link to="/pieces" className="link">{tr`Back to the pieces`}</Link>
      </div>
    );
  if (!document || !board)
    return <p className="quiet px-6 py-20 text-center">{tr`Fetching the piece …`}</p>;

  return (
    <Opened
      board={board}
      mine={document}
      saving={saving}
      revisions={showRevisions}
      onRevisions={openRevisions}
      onCloseRevisions={closeRevisions}
    />
  );
}

interface OpenedProps {
  readonly board: AsRead;
  /** As it is in the draft. */
  readonly mine: PieceDocument;
  readonly saving: Saving;
  readonly revisions: boolean;
  readonly onRevisions: () => void;
  readonly onCloseRevisions: () => void;
}

function Opened({
  board: asRead,
  mine,
  saving,
  revisions,
  onRevisions,
  onCloseRevisions,
}: OpenedProps) {
  const firings = useFirings(asRead);
  const soaks = soaksAt(asRead, firings);
  const read = asRead.document;
  const document = useMemo(
    () =>
      soaks === undefined
        ? read
        : { ...read, firing: { ...read.firing, firstIn: soaks, lastIn: soaks } },
    [read, soaks],
  );
  const board = useMemo(
    (): OnBoard => ({ ...asRead, document, firings }),
    [asRead, document, firings],
  );
  return (
    <div className="flex flex-1 flex-col">
      <PieceHeader board={board} saving={saving} onRevisions={onRevisions} />
      <OthersHere />
      <AnswerBand board={board} />
      <div className="relative flex min-h-0 flex-1">
        <div className="min-w-0 flex-1">
          <Outlet context={board} />
        </div>
        <WhyDrawer board={board} />
      </div>
      {revisions && <Revisions onClose={onCloseRevisions} />}
      {saving.conflict && (
        <Conflict mine={mine} met={saving.conflict} onClose={saving.clearConflict} />
      )}
    </div>
  );
}

type Good = Extract<OnBoard['derived'], { ok: true }>;

/** The newest derivation of this piece that worked. */
function useLastGood(id: string, derived: OnBoard['derived'] | undefined): Good | undefined {
  const [kept, setKept] = useState<{ id: string; derived: Good | undefined }>({
    id,
    derived: undefined,
  });
  // State set while rendering: React's own way of remembering something of an earlier render.
  if (derived?.ok === true && kept.derived !== derived) setKept({ id, derived });
  return derived?.ok === true ? derived : kept.id === id ? kept.derived : undefined;
}
