// The pieces of the shelf as an annealer sees them: glass, walls, and how much room they take. Those found by name, and those meant already.
import { annealed, type LoadPiece } from '@zanfirico/core/night/asked';
import type { FiresOf } from '@zanfirico/core/piece';
import { useEffect, useMemo, useState } from 'react';
import { sentenceOf } from '../../api/client';
import { useNamed, usePieces, type OnShelf } from '../../api/queries';
import { useNotices } from '../../stores/notices';

/** A piece as the box asks for it. */
export interface ForBox {
  readonly id: string;
  readonly name: string;
  /** Undefined while its drawing cannot be made. */
  readonly piece: LoadPiece | undefined;
  /** What is fired in the kiln, from cold. */
  readonly fires?: FiresOf | undefined;
}

/** The pieces that are meant for the box. */
export interface ShelfForBox {
  /** Those asked for, in the order they were. */
  readonly meant: readonly ForBox[];
  /** Those found by name, or the newest, that are not meant already. */
  readonly found: readonly ForBox[];
  /** How many more are called so. */
  readonly more: number;
  /** Nothing is called so, meant or not. */
  readonly none: boolean;
  readonly find: string;
  readonly setFind: (find: string) => void;
}

/** `meant` are the ids of pieces that are asked for wherever they stand. */
export function useShelf(meant: readonly string[]): ShelfForBox {
  const [find, setFind] = useState('');
  const found = usePieces(false, find);
  const named = useNamed(meant);
  const error = found.error ?? named.error;
  useEffect(() => {
    if (error) useNotices.getState().trouble(sentenceOf(error));
  }, [error]);
  const first = found.data?.pages[0];
  return useMemo(() => {
    const lines = first?.lines ?? [];
    const all = new Map([...lines, ...named.lines].map((l) => [l.id, l]));
    const ids = new Set(meant);
    return {
      meant: meant.flatMap((id) => {
        const line = all.get(id);
        return line ? [forBox(line)] : [];
      }),
      found: lines.filter((l) => !ids.has(l.id)).map(forBox),
      more: (first?.total ?? 0) - lines.length,
      none: first?.total === 0,
      find,
      setFind,
    };
  }, [first, named.lines, meant, find]);
}

/** So many of a piece, as one says it. */
export const soMany = (count: number, name: string): string =>
  count === 1 ? name : `${String(count)} × ${name}`;

/** How many of each there are. */
export const counted = (ids: readonly string[]): Readonly<Record<string, number>> =>
  Object.fromEntries(ids.map((id) => [id, ids.filter((other) => other === id).length]));

/** A list of ids told by name, each kind once with how many of it there are. */
export const manyNamed = (ids: readonly string[], nameOf: (id: string) => string): string =>
  Object.entries(counted(ids))
    .map(([id, count]) => soMany(count, nameOf(id)))
    .join(', ');

function forBox({ id, name, facts }: OnShelf): ForBox {
  if (!facts.ok) return { id, name, piece: undefined };
  const { across, night, glyph, kiln } = facts;
  return {
    id,
    name,
    fires: kiln?.fires,
    piece: {
      id,
      name,
      ...annealed(night),
      width: across,
      depth: across,
      height: glyph.height,
    },
  };
}
