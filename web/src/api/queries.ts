// What is read from the server, asked once for everyone who shows it, and asked again when it may have changed.
import {
  SHELF_PAGE,
  type RevisionLine,
  type SavedPiece,
  type ShelfLine,
  type TagLine,
} from '@zanfirico/contract';
import type { ShelfFacts } from '@zanfirico/core/piece';
import {
  keepPreviousData,
  QueryClient,
  useInfiniteQuery,
  useQueries,
  useQuery,
  type UseQueryResult,
} from '@tanstack/react-query';
import {
  listRevisions,
  listTags,
  readPiece,
  readRevision,
  shelfLines,
  shelfPage,
  type Chosen,
} from './client';

/** The page's memory of answers. The server is this machine's or the studio's: being offline elsewhere says nothing about it. */
export const answers = new QueryClient({
  defaultOptions: {
    // Looking at the window again is no reason to fetch the whole shelf again.
    queries: { networkMode: 'always', retry: false, refetchOnWindowFocus: false },
  },
});

const SHELF = 'shelf';

/** A piece as the shelf tells it. */
export type OnShelf = ShelfLine<ShelfFacts>;

const ANY = {};

/** The pieces on the shelf, or those put away, whose name holds `find`; page by page as more is asked for. */
export const usePieces = (
  putAway: boolean,
  find: string,
  more: Omit<Chosen, 'putAway' | 'find'> = ANY,
) =>
  useInfiniteQuery({
    queryKey: [SHELF, putAway, find, more],
    queryFn: ({ pageParam }) => shelfPage({ putAway, find, ...more }, pageParam),
    initialPageParam: 0,
    getNextPageParam: (last, all) => {
      const here = all.reduce((n, p) => n + p.lines.length, 0);
      return last.lines.length > 0 && here < last.total ? here : undefined;
    },
    // While a letter's answer is on its way the one before stands.
    placeholderData: keepPreviousData,
  });

/** Named pieces, wherever they stand; those that are gone are not among them. */
export function useNamed(ids: readonly string[]): {
  readonly lines: readonly OnShelf[];
  readonly error: Error | null;
} {
  const sorted = [...new Set(ids)].sort();
  const lots = Array.from({ length: Math.ceil(sorted.length / SHELF_PAGE) }, (_, i) =>
    sorted.slice(i * SHELF_PAGE, (i + 1) * SHELF_PAGE),
  );
  return useQueries({
    queries: lots.map((lot) => ({
      queryKey: [SHELF, 'named', ...lot],
      queryFn: () => shelfLines(lot),
      placeholderData: keepPreviousData,
    })),
    combine: asOne,
  });
}

const asOne = (
  pages: readonly UseQueryResult<{ readonly lines: readonly OnShelf[] }>[],
): ReturnType<typeof useNamed> => ({
  lines: pages.flatMap((p) => p.data?.lines ?? []),
  error: pages.find((p) => p.error)?.error ?? null,
});

/** The tags of what is on the shelf. */
export const useTags = (): readonly TagLine[] =>
  useQuery({ queryKey: [SHELF, 'tags'], queryFn: listTags }).data ?? NO_TAGS;

const NO_TAGS: readonly TagLine[] = [];

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
