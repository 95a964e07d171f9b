// Choosing one of many, with its label above: the options are the children.
import type { ReactNode } from 'react';

interface Props<T extends string> {
  readonly label: ReactNode;
  /** The label is for screen readers only. */
  readonly bare?: boolean | undefined;
  /** A number where the options are told by their place. */
  readonly value: T | number;
  readonly onChange: (value: T) => void;
  readonly children: ReactNode;
  readonly className?: string;
}

/** One of a list. */
export function SelectField<T extends string>(props: Props<T>) {
  const { label, bare, value, onChange, children, className = '' } = props;
  return (
    <label className={`flex flex-col ${className}`}>
      <span className={bare === true ? 'sr-only' : 'quiet text-sm'}>{label}</span>
      <select
        className="select"
        value={value}
        onChange={(e) => {
          onChange(e.target.value as T);
        }}
      >
        {children}
      </select>
    </label>
  );
}
