// A line of words: kept on Enter or on leaving it, put back by Escape.
import { tr } from '@zanfirico/core/words';
import { TypedField, type Typed } from './TypedField';

interface Props<T> {
  readonly label: string;
  /** The label is for screen readers only. */
  readonly bare?: boolean;
  /** A name: in the display face. */
  readonly strong?: boolean;
  readonly value: string;
  /** Letters. */
  readonly most: number;
  /** What an empty one shows. */
  readonly empty?: string;
  /** Emptied, it is as it was. */
  readonly needed?: boolean;
  readonly read?: (text: string) => Typed<T>;
  readonly onCommit: (value: T) => void;
}

export function TextField<T = string>(props: Props<T>) {
  const { label, bare, strong, value, most, empty, needed, read, onCommit } = props;
  return (
    <div className="min-w-0 flex-1">
      <TypedField<T>
        label={label}
        bare={bare}
        words={strong === true ? 'name' : 'plain'}
        shown={value}
        empty={empty}
        read={(text) => {
          const trimmed = text.trim();
          if (trimmed.length > most)
            return {
              ok: false,
              problem: tr`${label}: ${trimmed.length} characters; at most ${most}.`,
            };
          if (needed === true && trimmed === '') return { ok: true, value: value as T };
          return read ? read(trimmed) : { ok: true, value: trimmed as T };
        }}
        onCommit={(v) => {
          if (needed !== true || v !== (value as T)) onCommit(v);
        }}
      />
    </div>
  );
}
