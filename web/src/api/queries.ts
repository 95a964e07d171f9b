// What is read from the server, asked once for everyone who shows it, and asked again when it may have changed.
import type { RevisionLine, SavedPiece } from '@zanfirico/contract';
import { QueryClient, useQuery, type UseQueryResult } from '@tanstack/react-query';
import { listPieces, listRevisions, readPiece, readRevision } from './client';

/** The page's memory of answers. The server is this machine's or the studio's: being offline elsewhere says nothing about it. */
export const answers = new QueryClient({
  defaultOptions: {
    // Looking at the window again is no reason to fetch the whole shelf again.
    queries: { networkMode: 'always', retry: false, refetchOnWindowFocus: false },
  },
});

const SHELF = 'shelf';

/** The pieces on the shelf, or those put away. */
export const usePieces = (putAway: boolean): UseQueryResult<SavedPiece[]> =>
  useQuery({ queryKey: [SHELF, putAway], queryFn: () => listPieces(putAway) });

/** Has the shelf read again: a piece was moved, made or saved. */
export const shelfChanged = (): Promise<void> => answers.invalidateQueries({ queryKey: [SHELF] });

/** A piece as it is when its place is opened: read afresh each time, never again while it is on the board. */
export const useOpened = (id: string): UseQueryResult<SavedPiece> =>
  useQuery({
    queryKey: ['piece', id],
    queryFn: () => readPiece(id),
    gcTime: 0,
    staleTime: Infinity,
  });

/** A piece's revisions, newest first. */
export const useRevisions = (id: string): UseQueryResult<RevisionLine[]> =>
  useQuery({ queryKey: ['revisions', id], queryFn: () => listRevisions(id) });

/** One revision: what was kept never changes. */
export const useRevision = (id: string, revision: number | undefined): UseQueryResult<SavedPiece> =>
  useQuery({
    queryKey: ['revision', id, revision],
    queryFn: () => readRevision(id, revision ?? 0),
    enabled: revision !== undefined,
    staleTime: Infinity,
  });
