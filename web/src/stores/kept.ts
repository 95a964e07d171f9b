// Unsaved changes in the browser's storage, so that a closed tab or a dead battery loses nothing.
import type { PieceDocument } from '@zanfirico/contract';

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

/** What was kept for a piece, if it is still readable and of this version. */
export function keptDraft(id: string): Kept | undefined {
  try {
    const value = JSON.parse(localStorage.getItem(key(id)) ?? 'null') as Kept | null;
    return value?.document.format === 'zanfirico.piece' && value.document.version === 1
      ? value
      : undefined;
  } catch {
    return undefined;
  }
}
