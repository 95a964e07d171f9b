// A small button that is only a sign: its name is said to screen readers and on hovering.
import type { ReactNode } from 'react';

export function IconButton({
  label,
  onClick,
  small = false,
  children,
}: {
  readonly label: string;
  readonly onClick: () => void;
  /** Where a row has no room for the ordinary size. */
  readonly small?: boolean;
  readonly children: ReactNode;
}) {
  return (
    <button
      type="button"
      className={`btn btn-ghost btn-square ${small ? 'btn-xs' : 'btn-sm'}`}
      aria-label={label}
      title={label}
      onClick={onClick}
    >
      {children}
    </button>
  );
}
