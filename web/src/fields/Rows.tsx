// A list one adds to and takes from: each row with its cross, one more below.
import { Plus, X } from 'lucide-react';
import type { ReactNode } from 'react';
import { IconButton } from '../shell/IconButton';

interface Props<T> {
  readonly items: readonly T[];
  readonly most?: number;
  /** Said where there are none. */
  readonly none?: string;
  /** What the cross of a row is called. */
  readonly out: (item: T, i: number) => string;
  /** What one more is called, and what it begins as. */
  readonly more: string;
  readonly fresh: () => T;
  readonly onChange: (items: T[]) => void;
  /** A row's fields; `put` changes it. */
  readonly row: (item: T, i: number, put: (to: T) => void) => ReactNode;
}

export function Rows<T>({
  items,
  most = Infinity,
  none,
  out,
  more,
  fresh,
  onChange,
  row,
}: Props<T>) {
  return (
    <>
      {none !== undefined && items.length === 0 && <p className="quiet text-sm">{none}</p>}
      <ul>
        {items.map((item, i) => (
          <li key={i} className="border-base-300 flex items-end gap-3 border-b py-1">
            {row(item, i, (to) => {
              onChange(items.map((o, k) => (k === i ? to : o)));
            })}
            <IconButton
              small
              label={out(item, i)}
              onClick={() => {
                onChange(items.filter((_, k) => k !== i));
              }}
            >
              <X className="size-4" />
            </IconButton>
          </li>
        ))}
      </ul>
      <button
        type="button"
        className="btn btn-ghost btn-sm mt-1"
        disabled={items.length >= most}
        onClick={() => {
          onChange([...items, fresh()]);
        }}
      >
        <Plus className="size-4" /> {more}
      </button>
    </>
  );
}
