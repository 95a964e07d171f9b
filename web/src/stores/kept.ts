// Unsaved changes in the browser's storage, so that a closed tab or a dead battery loses nothing.
import { PIECE_FORMAT, PIECE_VERSION, upgradePiece, type PieceDocument } from '@zanfirico/contract';

export interface Kept {
  readonly baseRevision: number;
  readonly document: PieceDocument;
}

const key = (id: string): string => `zanfirico.draft.${id}`;

/** Remembers unsaved changes; a full or forbidden storage is no reason to stop drawing. */
export function keepDraft(id: string, kept: Kept): void {
  try {
    localStorage.setItem(key(id), JSON.stringify(kept));
  } catch {
    // the draft stays in memory
  }
}

export function forgetDraft(id: string): void {
  try {
    localStorage.removeItem(key(id));
  } catch {
    // nothing was kept
  }
}

/** What was kept for a piece, brought to the version of today, if it is still readable. */
export function keptDraft(id: string): Kept | undefined {
  try {
    const value = JSON.parse(localStorage.getItem(key(id)) ?? 'null') as {
      readonly baseRevision: number;
      readonly document?: unknown;
    } | null;
    const document = upgradePiece(value?.document) as
      { readonly format?: unknown; readonly version?: unknown } | undefined;
    return value && document?.format === PIECE_FORMAT && document.version === PIECE_VERSION
      ? { baseRevision: value.baseRevision, document: document as PieceDocument }
      : undefined;
  } catch {
    return undefined;
  }
}
