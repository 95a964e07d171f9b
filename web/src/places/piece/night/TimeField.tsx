// A time of day in the shop's 24 hours: reads "17:30", "1730", "5.30 pm".
import { useId, useState } from 'react';
import { readClock } from './readClock';

interface Props {
  readonly label: string;
  readonly value: string;
  readonly onCommit: (clock: string) => void;
}

export function TimeField({ label, value, onCommit }: Props) {
  const id = useId();
  const [text, setText] = useState<string>();
  const [problem, setProblem] = useState<string>();
  const commit = (): void => {
    if (text === undefined) return;
    const clock = readClock(text);
    if (clock === undefined) {
      setProblem(`${label}: "${text}" is not a time of day. Type for example 17:30 or 5.30 pm.`);
      return;
    }
    setProblem(undefined);
    setText(undefined);
    onCommit(clock);
  };
  return (
    <div className="flex flex-col">
      <label htmlFor={id} className="quiet text-sm">
        {label}
      </label>
      <input
        id={id}
        className="line-field num text-right"
        autoComplete="off"
        value={text ?? value}
        aria-invalid={problem !== undefined}
        aria-describedby={problem === undefined ? undefined : `${id}-p`}
        onChange={(e) => {
          setText(e.target.value);
        }}
        onFocus={(e) => {
          e.target.select();
        }}
        onBlur={commit}
        onKeyDown={(e) => {
          if (e.key === 'Enter') commit();
          if (e.key === 'Escape') {
            setText(undefined);
            setProblem(undefined);
          }
        }}
      />
      {problem !== undefined && (
        <p id={`${id}-p`} role="alert" className="text-error mt-1 text-sm leading-tight">
          {problem}
        </p>
      )}
    </div>
  );
}
