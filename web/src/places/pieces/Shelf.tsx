// The planks with what stands on them: only those in sight are drawn, so that two thousand pieces are as quick as nine.
import { tr } from '@zanfirico/core/words';
import { useWindowVirtualizer } from '@tanstack/react-virtual';
import { useEffect, useMemo } from 'react';
import type { OnShelf } from '../../api/queries';
import { useSize } from '../../marks/useSize';
import { ShelfPiece } from './ShelfPiece';
import { planks, roomOf } from './planks';

const GLYPH_HEIGHT = 250;
const MOST_SCALE = 2200;
/** Of one plank with everything above and below it, px. */
const ROW = 508;

interface Props {
  readonly pieces: readonly OnShelf[];
  /** How many there are, fetched or not. */
  readonly total: number;
  /** Height of the tallest of them, m. */
  readonly tallest: number;
  readonly away: boolean;
  readonly unsaved: ReadonlySet<string>;
  readonly onMove: (piece: OnShelf) => void;
  readonly onCopy: (piece: OnShelf) => void;
  readonly onThrow: (piece: OnShelf) => void;
  /** Asks for more; undefined when all are here or on their way. */
  readonly onMore: (() => void) | undefined;
}

export function Shelf(props: Props) {
  const { pieces, total, tallest, away, unsaved, onMove, onMore } = props;
  const [list, size] = useSize<HTMLUListElement>();
  const scale = Math.min(MOST_SCALE, GLYPH_HEIGHT / Math.max(0.05, tallest));
  const rows = useMemo(() => planks(pieces, scale, size.width), [pieces, scale, size.width]);
  // Planks not fetched yet hold as many as those that are.
  const all = Math.max(rows.length, Math.ceil((rows.length * total) / Math.max(1, pieces.length)));
  const virtual = useWindowVirtualizer({ count: all, estimateSize: () => ROW, overscan: 1 });
  const seen = virtual.getVirtualItems();
  const last = seen.at(-1)?.index ?? 0;
  useEffect(() => {
    if (last >= rows.length - 1) onMore?.();
  }, [last, rows.length, onMore]);
  return (
    <ul
      ref={list}
      className="relative mt-8"
      style={{ height: virtual.getTotalSize() }}
      aria-label={tr`Shelf`}
    >
      {seen.flatMap((item) => {
        const row = rows[item.index];
        if (!row) return [];
        let left = 0;
        const standing = row.map((piece) => {
          const width = roomOf(piece, scale, size.width);
          const at = { left, top: item.start, width };
          left += width;
          return (
            <li key={piece.id} className="absolute flex flex-col" style={at}>
              <ShelfPiece
                piece={piece}
                scale={scale}
                height={GLYPH_HEIGHT}
                away={away}
                unsaved={unsaved.has(piece.id)}
                onMove={() => {
                  onMove(piece);
                }}
                onCopy={() => {
                  props.onCopy(piece);
                }}
                onThrow={() => {
                  props.onThrow(piece);
                }}
              />
            </li>
          );
        });
        return [
          ...standing,
          <li
            key={`plank ${String(item.index)}`}
            aria-hidden="true"
            className="absolute right-0"
            style={{ left, top: item.start + GLYPH_HEIGHT + 8 }}
          >
            <div className="plank" />
          </li>,
        ];
      })}
    </ul>
  );
}
