// Who else has this piece open, and whether they saved meanwhile: asked every few seconds while somebody looks.
import { tr } from '@zanfirico/core/words';
import type { WhoIsIn } from '@zanfirico/contract';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { readPiece, whoIsIn } from '../../api/client';
import { useDraft } from '../../stores/draft';
import { useNotices } from '../../stores/notices';
import { thisTab } from '../../stores/thisTab';

const EVERY = 5000;

/** Undefined until it is known. What they saved comes onto the board where nothing is unsaved there. */
export function useOthersHere(id: string | undefined): WhoIsIn | undefined {
  const queries = useQueryClient();
  const asked = useQuery({
    queryKey: ['here', id],
    queryFn: async () => whoIsIn(id ?? '', await thisTab()),
    enabled: id !== undefined,
    refetchInterval: EVERY,
    gcTime: 0,
  });
  const { data } = asked;
  const revision = data?.revision ?? 0;
  const by = data?.by;
  useEffect(() => {
    const board = useDraft.getState();
    if (id === undefined || board.id !== id || revision <= board.baseRevision) return;
    // What is drawn here and not saved is merged when it is; a board that only shows follows.
    if (board.document !== board.saved) return;
    readPiece(id).then(
      (piece) => {
        const now = useDraft.getState();
        if (now.id !== id || now.document !== now.saved || piece.revision <= now.baseRevision)
          return;
        now.open(piece);
        queries.setQueryData(['piece', id], piece);
        useNotices
          .getState()
          .say(tr`${by ?? tr`Somebody`} saved revision ${piece.revision}: it is on the board.`);
      },
      () => undefined,
    );
  }, [id, revision, by, queries]);
  return data;
}
