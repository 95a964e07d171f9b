// The piece on the board: the document being changed, what it started from, and undo without limit.
import type { SavedPiece } from '@zanfirico/contract';
import type { PieceBit, PieceDocument, PiecePart, ProfilePoint } from '@zanfirico/contract/piece';
import { withChanges, type Changes } from '@zanfirico/core/edits';
import { castDraft, produce, type Draft } from 'immer';
import { temporal } from 'zundo';
import { create } from 'zustand';
import { forgetDraft, keepDraft, type KeptDraft } from './drafts';
import { useBoard } from './board';
import { useUnsavedName } from './unsaved';

interface DraftState {
  readonly id: string | undefined;
  readonly baseRevision: number;
  readonly savedAt: string;
  readonly saved: PieceDocument | undefined;
  /** The revision of `saved`: changes kept from before may have been drawn on an older one. */
  readonly savedRevision: number;
  readonly document: PieceDocument | undefined;
  /** Puts a saved piece on the board, with the unsaved changes that were kept, if there were any. */
  readonly open: (piece: SavedPiece, kept?: KeptDraft) => void;
  /** After a save: the board's document is now that revision. */
  readonly markSaved: (piece: SavedPiece) => void;
  readonly change: (edit: (document: PieceDocument) => PieceDocument) => void;
  readonly drop: () => void;
}

/** The document on the board, with undo. */
export const useDraft = create<DraftState>()(
  temporal(
    (set, get) => ({
      id: undefined,
      baseRevision: 0,
      savedAt: '',
      saved: undefined,
      savedRevision: 0,
      document: undefined,
      open: (piece, kept) => {
        set({
          id: piece.id,
          baseRevision: kept?.baseRevision ?? piece.revision,
          savedAt: piece.savedAt,
          saved: piece.document,
          savedRevision: piece.revision,
          document: kept?.document ?? piece.document,
        });
        useDraft.temporal.getState().clear();
      },
      markSaved: (piece) => {
        forgetDraft(piece.id);
        set({
          baseRevision: piece.revision,
          savedAt: piece.savedAt,
          saved: piece.document,
          savedRevision: piece.revision,
        });
        const { document } = get();
        if (document && document !== piece.document) {
          if (JSON.stringify(document) === JSON.stringify(piece.document)) set({ saved: document });
          else keepDraft(piece.id, { baseRevision: piece.revision, document });
        }
      },
      change: (edit) => {
        const { document } = get();
        if (document) set({ document: edit(document) });
      },
      drop: () => {
        const { id, saved, savedRevision } = get();
        if (id !== undefined) forgetDraft(id);
        set({ document: saved, baseRevision: savedRevision });
      },
    }),
    {
      partialize: (s) => ({ document: s.document }),
      equality: (a, b) => a.document === b.document,
    },
  ),
);

/** Unsaved changes are kept at each change. What a piece is opened with is there already. */
useDraft.subscribe((s, before) => {
  const name = s.document === s.saved ? undefined : s.document?.name;
  if (useUnsavedName.getState().name !== name) useUnsavedName.setState({ name });
  if (s.document === before.document || s.id !== before.id) return;
  if (s.id === undefined || !s.document) return;
  if (s.document === s.saved) forgetDraft(s.id);
  else keepDraft(s.id, { baseRevision: s.baseRevision, document: s.document });
});

/** Are there changes that no revision holds? */
export const useUnsaved = (): boolean =>
  useDraft((s) => s.document !== undefined && s.document !== s.saved);

/** Changes one part, leaving the others the very same objects. */
export const changePart = (part: number, change: Changes<PiecePart>): void => {
  editPiece(
    produce((d: Draft<PieceDocument>) => {
      const p = d.parts[part];
      if (p) d.parts[part] = castDraft(withChanges<PiecePart>(p, change));
    }),
  );
};

/** Replaces the points of one part. */
export const setProfile = (part: number, profile: readonly ProfilePoint[]): void => {
  changePart(part, { profile });
};

/** Changes one point of a part, leaving the others the very same objects. */
export const changePoint = (part: number, index: number, change: Changes<ProfilePoint>): void => {
  editPiece(
    produce((d: Draft<PieceDocument>) => {
      const profile = d.parts[part]?.profile;
      const p = profile?.[index];
      if (profile && p) profile[index] = withChanges(p, change);
    }),
  );
};

/** Changes how the piece is made. */
export const changeMaking = (change: Changes<PieceDocument['making']>): void => {
  editPiece(
    produce((d: Draft<PieceDocument>) => {
      d.making = withChanges(d.making, change);
    }),
  );
};

/** Changes one bit. */
export const changeBit = (bit: number, change: Changes<PieceBit>): void => {
  editPiece(
    produce((d: Draft<PieceDocument>) => {
      const b = d.bits?.[bit];
      if (d.bits && b) d.bits[bit] = castDraft(withChanges<PieceBit>(b, change));
    }),
  );
};

/** Edits the piece on the board, if there is one: pure edits of the core, from document to document. */
export const editPiece = (edit: (document: PieceDocument) => PieceDocument): void => {
  useDraft.getState().change(edit);
};

/** Sets or, with undefined, leaves out some of the document's own fields. */
export const changePiece = (change: Changes<PieceDocument>): void => {
  useDraft.getState().change((d) => withChanges(d, change));
};

/**
 * Makes many small changes one undo: the first is remembered, the rest ride on it, until `end`.
 * Used while dragging and while a key is held.
 */
export function gesture(): { step(run: () => void): void; end(): void } {
  const { pause, resume } = useDraft.temporal.getState();
  let begun = false;
  return {
    step(run) {
      run();
      if (!begun) {
        begun = true;
        pause();
        useBoard.setState({ moving: true });
      }
    },
    end() {
      resume();
      useBoard.setState({ moving: false });
    },
  };
}
