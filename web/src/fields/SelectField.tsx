// Choosing one of many, with its label above: the options are the children.
import type { ReactNode } from 'react';

interface Props<T extends string> {
  readonly label: ReactNode;
  readonly value: T;
  readonly onChange: (value: T) => void;
  readonly children: ReactNode;
  readonly className?: string;
}

export function SelectField<T extends string>(props: Props<T>) {
  const { label, value, onChange, children, className = '' } = props;
  return (
    <label className={`flex min-w-0 flex-col ${className}`}>
      <span className="quiet text-sm">{label}</span>
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
