// A time of day, "17:30"; the browser's own clock field.
import { useId } from 'react';

interface Props {
  readonly label: string;
  readonly value: string;
  readonly onCommit: (clock: string) => void;
}

export function TimeField({ label, value, onCommit }: Props) {
  const id = useId();
  return (
    <div className="flex flex-col">
      <label htmlFor={id} className="quiet text-sm">
        {label}
      </label>
      <input
        id={id}
        type="time"
        required
        className="line-field num text-right"
        value={value}
        onChange={(e) => {
          if (/^([01]\d|2[0-3]):[0-5]\d$/.test(e.target.value)) onCommit(e.target.value);
        }}
      />
    </div>
  );
}
