// The pieces of the shelf as an annealer sees them: glass, walls, and how much room they take. Those found by name, and those meant already.
import type { LoadPiece } from '@zanfirico/core';
import { useEffect, useMemo, useState } from 'react';
import { sentenceOf } from '../../api/client';
import { useNamed, usePieces, type OnShelf } from '../../api/queries';
import { useNotices } from '../../stores/notices';

export interface ForBox {
  readonly id: string;
  readonly name: string;
  /** Undefined while its drawing cannot be made. */
  readonly piece: LoadPiece | undefined;
}

export interface ShelfForBox {
  /** Those found, and after them those meant that are not among them. */
  readonly pieces: readonly ForBox[];
  /** How many more are called so. */
  readonly more: number;
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
  const pieces = useMemo(() => {
    const lines = first?.lines ?? [];
    const there = new Set(lines.map((l) => l.id));
    return [...lines, ...named.lines.filter((l) => !there.has(l.id))].map(forBox);
  }, [first, named.lines]);
  return { pieces, more: (first?.total ?? 0) - (first?.lines.length ?? 0), find, setFind };
}

function forBox({ id, name, facts }: OnShelf): ForBox {
  if (!facts.ok) return { id, name, piece: undefined };
  const { across, night, glyph } = facts;
  return {
    id,
    name,
    piece: {
      id,
      name,
      glass: night.glass,
      wall: night.wall,
      gives: night.gives,
      width: across,
      depth: across,
      height: glyph.height,
    },
  };
}
