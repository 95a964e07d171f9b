// Rows of the shop's lists: what every list has in common.
import { tr } from '@zanfirico/core/words';
import { X } from 'lucide-react';
import type { TypedKind } from '@zanfirico/core/units';
import type { ReactNode } from 'react';
import type { FieldBounds } from '../../../fields/bounds';
import { QuantityField } from '../../../fields/QuantityField';

/** One row with its cross. */
export function Item({
  name,
  gone,
  below,
  children,
}: {
  readonly name: string;
  readonly gone: () => void;
  /** What is told of it under the row. */
  readonly below?: ReactNode;
  readonly children: ReactNode;
}) {
  return (
    <li className="border-base-300 border-b py-1">
      <div className="flex items-end gap-2 max-sm:flex-wrap">
        {children}
        <Gone name={name} onClick={gone} />
      </div>
      {below}
    </li>
  );
}

export const Gone = ({
  name,
  onClick,
}: {
  readonly name: string;
  readonly onClick: () => void;
}) => (
  <button
    type="button"
    className="btn btn-ghost btn-sm btn-square"
    aria-label={tr`Remove ${name}`}
    title={tr`Remove ${name}`}
    onClick={onClick}
  >
    <X className="size-4" />
  </button>
);

/** A name kept when the field is left; an empty one is put back. */
export function Name({
  value,
  onCommit,
}: {
  readonly value: string;
  readonly onCommit: (name: string) => void;
}) {
  return (
    <input
      key={value}
      className="input min-w-32 flex-1"
      aria-label={tr`Name`}
      maxLength={40}
      defaultValue={value}
      onBlur={(e) => {
        const typed = e.target.value.trim();
        if (typed === '') e.target.value = value;
        else if (typed !== value) onCommit(typed);
      }}
      onKeyDown={(e) => {
        if (e.key === 'Enter') e.currentTarget.blur();
      }}
    />
  );
}

/** A measure in a row, a length unless said otherwise, its label only for those who hear it. */
export function MeasureField({
  label,
  shows,
  value,
  kind = 'length',
  onCommit,
  ...bounds
}: {
  readonly kind?: TypedKind;
  readonly label: string;
  readonly shows: string;
  readonly value: number;
  readonly onCommit: (v: number) => void;
} & FieldBounds) {
  return (
    <div className="flex w-24 shrink-0 items-end gap-1">
      <span className="quiet pb-1 text-sm" aria-hidden="true">
        {shows}
      </span>
      <QuantityField bare label={label} kind={kind} value={value} {...bounds} onCommit={onCommit} />
    </div>
  );
}
