// The lines of a recipe as they are typed: only those in sight are drawn, and a letter draws its own line again.
import type { RecipeLine } from '@zanfirico/contract/shop';
import { tr } from '@zanfirico/core/words';
import { useVirtualizer } from '@tanstack/react-virtual';
import { X } from 'lucide-react';
import { memo, useRef } from 'react';
import { QuantityField } from '../fields/QuantityField';
import { IconButton } from '../shell/IconButton';
import { ALL_ROWS, usePaper } from '../shell/paper';

/** What a line is made of. */
const LINE_FIELDS = [
  { id: 'to', label: tr`To`, kind: 'temperature', max: 1200, nudge: 1 },
  { id: 'rate', label: tr`At`, kind: 'rate', max: 10 },
  { id: 'hold', label: tr`Then held`, kind: 'time', max: 31622400, nudge: 600 },
] as const;

/** Room of a line, px, and how many are in sight before they scroll. */
const ROW = 66;
const IN_SIGHT = 8;

interface Props {
  readonly lines: readonly RecipeLine[];
  /** Stays the same function from one drawing to the next. */
  readonly put: (line: number, patch: Partial<RecipeLine>) => void;
  readonly takeOut: (line: number) => void;
}

export function RecipeLines({ lines, put, takeOut }: Props) {
  const box = useRef<HTMLDivElement>(null);
  // The virtualiser keeps functions of its own; nothing here is memoised by the compiler.
  const paper = usePaper((s) => s.on);
  const virtual = useVirtualizer({
    count: lines.length,
    getScrollElement: () => box.current,
    estimateSize: () => ROW,
    overscan: paper ? ALL_ROWS : 3,
  });
  return (
    <div
      ref={box}
      className="mt-2 overflow-y-auto"
      style={{ height: ROW * Math.min(IN_SIGHT, lines.length) }}
    >
      <ol className="relative" style={{ height: virtual.getTotalSize() }} aria-label={tr`Lines`}>
        {virtual.getVirtualItems().map(({ index, start }) => {
          const line = lines[index];
          return (
            line && (
              <Line
                key={index}
                index={index}
                count={lines.length}
                top={start}
                line={line}
                put={put}
                takeOut={takeOut}
              />
            )
          );
        })}
      </ol>
    </div>
  );
}

const Line = memo(function Line({
  index,
  count,
  top,
  line,
  put,
  takeOut,
}: Pick<Props, 'put' | 'takeOut'> & {
  readonly index: number;
  readonly count: number;
  readonly top: number;
  readonly line: RecipeLine;
}) {
  return (
    <li
      className="border-base-300 absolute inset-x-0 flex items-end gap-3 border-b py-1"
      style={{ top, height: ROW }}
      aria-posinset={index + 1}
      aria-setsize={count}
    >
      <span className="num quiet w-9 pb-1 text-right">{index + 1}</span>
      {LINE_FIELDS.map(({ id, ...field }) => (
        <div key={id} className="w-32">
          <QuantityField
            {...field}
            value={line[id] ?? 0}
            min={0}
            onCommit={(v) => {
              // No speed and no hold are left out; a line always goes somewhere.
              put(index, { [id]: id === 'to' || v > 0 ? v : undefined });
            }}
          />
        </div>
      ))}
      <IconButton
        label={tr`Take line ${index + 1} out`}
        onClick={() => {
          takeOut(index);
        }}
      >
        <X className="size-4" />
      </IconButton>
    </li>
  );
});
