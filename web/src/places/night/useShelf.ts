// The pieces on the shelf as an annealer sees them: glass, walls, and how much room they take.
import type { LoadPiece } from '@zanfirico/core';
import { useEffect, useMemo } from 'react';
import { sentenceOf } from '../../api/client';
import { usePieces } from '../../api/queries';
import { useNotices } from '../../stores/notices';
import { deriveDocument } from '../../derived/deriveDocument';
import { useShelfFacts } from '../../derived/useShelfFacts';

export interface OnShelf {
  readonly id: string;
  readonly name: string;
  /** Undefined while its drawing cannot be made. */
  readonly piece: LoadPiece | undefined;
}

export function useShelf(): readonly OnShelf[] {
  const facts = useShelfFacts();
  const { data: shelf, error } = usePieces(false);
  useEffect(() => {
    if (error) useNotices.getState().trouble(sentenceOf(error));
  }, [error]);
  return useMemo(
    () =>
      (shelf ?? []).map((p): OnShelf => {
        const read = deriveDocument(p.document, facts);
        const d = read?.derived;
        const { name } = p.document;
        if (!read || d?.ok !== true) return { id: p.id, name, piece: undefined };
        const across = 2 * Math.max(...d.parts.map((q) => q.shape.widest));
        return {
          id: p.id,
          name,
          piece: {
            id: p.id,
            name,
            glass: read.glass,
            wall: d.night.wall,
            width: across,
            depth: across,
            height: d.whole.height,
          },
        };
      }),
    [shelf, facts],
  );
}
