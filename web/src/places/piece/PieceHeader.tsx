// The piece's name, its sheets in working order, and what can be done with the whole of it.
import { tr, trWord } from '@zanfirico/core/words';
import { History, Redo2, Save, Undo2 } from 'lucide-react';
import { useEffect, useMemo } from 'react';
import { useLocation, useNavigate } from 'react-router';
import { useStore } from 'zustand';
import { SheetLinks } from '../../shell/Tabs';
import { titled } from '../../shell/usePageTitle';
import { useOffers, type Command } from '../../stores/commands';
import { useMay } from '../../stores/me';
import { useDraft, useUnsaved } from '../../stores/draft';
import { TakeAway } from './TakeAway';
import type { OnBoard } from './usePiece';
import type { Saving } from './useSaving';

/** Of a piece made in the kiln; a cast one is drawn as any form is. */
const KILN_SHEETS = [
  { to: 'above', name: tr`From above` },
  { to: 'firing', name: tr`Firing` },
  { to: 'cutting', name: tr`Cutting` },
  { to: 'night', name: tr`Its night` },
  { to: 'card', name: tr`Card` },
  { to: 'cost', name: tr`Cost` },
];
const CAST_SHEETS = [
  { to: 'section', name: tr`Section` },
  { to: 'firing', name: tr`Firing` },
  { to: 'night', name: tr`Its night` },
  { to: 'card', name: tr`Card` },
  { to: 'cost', name: tr`Cost` },
];
const SHEETS = [
  { to: 'section', name: tr`Section` },
  { to: 'colour', name: tr`Colour` },
  { to: 'braid', name: tr`Braid` },
  { to: 'night', name: tr`Its night` },
  { to: 'card', name: tr`Card` },
  { to: 'cost', name: tr`Cost` },
];

interface Props {
  readonly board: OnBoard;
  readonly saving: Saving;
  readonly onRevisions: () => void;
}

export function PieceHeader({ board, saving, onRevisions }: Props) {
  const { kiln } = board.document;
  const sheets = !kiln ? SHEETS : kiln.cast ? CAST_SHEETS : KILN_SHEETS;
  const change = useDraft((s) => s.change);
  const revision = useDraft((s) => s.baseRevision);
  const unsaved = useUnsaved();
  const canUndo = useStore(useDraft.temporal, (s) => s.pastStates.length > 0);
  const canRedo = useStore(useDraft.temporal, (s) => s.futureStates.length > 0);
  const { undo, redo } = useDraft.temporal.getState();
  const navigate = useNavigate();
  const { save } = saving;
  const lead = useMay('lead');
  const offers = useMemo(
    (): readonly Command[] => [
      ...sheets.map(({ to, name: sheet }): Command => ({
        says: sheet,
        group: tr`Sheet`,
        run: () => {
          void navigate(to);
        },
      })),
      { says: tr`Save`, group: tr`Piece`, keys: 'Ctrl S', run: save },
      {
        says: tr`Undo`,
        group: tr`Piece`,
        keys: 'Ctrl Z',
        run: () => {
          undo();
        },
      },
      {
        says: tr`Redo`,
        group: tr`Piece`,
        keys: 'Ctrl Shift Z',
        run: () => {
          redo();
        },
      },
      { says: tr`Revisions`, group: tr`Piece`, run: onRevisions },
    ],
    [navigate, save, undo, redo, onRevisions, sheets],
  );
  useOffers('piece', offers);
  const { name } = board.document;
  const { pathname } = useLocation();
  const sheet = sheets.find(({ to }) => pathname.endsWith(`/${to}`))?.name;
  useEffect(() => {
    document.title = titled(name, sheet);
  }, [name, sheet]);
  return (
    <div className="no-print flex flex-wrap items-center gap-x-5 gap-y-1 px-5 pt-2">
      <h1 className="sr-only">{name}</h1>
      <input
        className="input font-display !w-72 !border-transparent text-2xl font-semibold hover:!border-(--steel) focus:!border-(--color-primary)"
        aria-label={tr`Name of the piece`}
        maxLength={80}
        value={name}
        onChange={(e) => {
          const typed = e.target.value;
          change((d) => ({ ...d, name: typed }));
        }}
        onBlur={() => {
          if (name.trim() === '') change((d) => ({ ...d, name: tr`New ${trWord(d.form)}` }));
        }}
      />
      <SheetLinks
        label={tr`Sheets`}
        links={sheets}
        className="max-w-full flex-nowrap overflow-x-auto *:whitespace-nowrap"
      />
      <div className="ml-auto flex flex-wrap items-center gap-1">
        <button
          type="button"
          className="btn btn-ghost btn-sm btn-square"
          aria-label={tr`Undo`}
          title={tr`Undo (Ctrl Z)`}
          disabled={!canUndo}
          onClick={() => {
            undo();
          }}
        >
          <Undo2 className="size-4" />
        </button>
        <button
          type="button"
          className="btn btn-ghost btn-sm btn-square"
          aria-label={tr`Redo`}
          title={tr`Redo (Ctrl Shift Z)`}
          disabled={!canRedo}
          onClick={() => {
            redo();
          }}
        >
          <Redo2 className="size-4" />
        </button>
        <button type="button" className="btn btn-ghost btn-sm" onClick={onRevisions}>
          <History className="size-4" /> {tr`Revision ${revision}`}
        </button>
        <TakeAway board={board} />
        <button
          type="button"
          className={`btn btn-sm ${unsaved ? 'btn-primary' : 'btn-outline'}`}
          disabled={saving.busy || !lead}
          title={lead ? tr`Save (Ctrl S)` : tr`Saving a piece is for a lead.`}
          onClick={saving.save}
        >
          <Save className="size-4" />
          {saving.busy ? tr`Saving` : unsaved ? tr`Save` : tr`Saved`}
        </button>
      </div>
    </div>
  );
}
