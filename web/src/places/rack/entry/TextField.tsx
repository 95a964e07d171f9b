// A field of words: kept on Enter or on leaving it, put back by Escape.
import { tr } from '@zanfirico/core/words';
import { TypedField, type Typed } from '../../../fields/TypedField';

interface Props<T> {
  readonly label: string;
  readonly bare?: boolean;
  /** A name: in the display face. */
  readonly strong?: boolean;
  readonly value: string;
  readonly maxLength: number;
  readonly read?: (text: string) => Typed<T>;
  readonly onCommit: (value: T) => void;
}

export function EntryText<T = string>(props: Props<T>) {
  const { label, bare, strong, value, maxLength, read, onCommit } = props;
  return (
    <TypedField<T>
      label={label}
      bare={bare}
      words={strong === true ? 'name' : 'plain'}
      shown={value}
      read={(text) => {
        const trimmed = text.trim();
        if (trimmed.length > maxLength)
          return {
            ok: false,
            problem: tr`${label}: ${trimmed.length} characters; at most ${maxLength}.`,
          };
        return read ? read(trimmed) : { ok: true, value: trimmed as T };
      }}
      onCommit={onCommit}
    />
  );
}
