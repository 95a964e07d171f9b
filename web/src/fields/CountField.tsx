// A field for a bare number: so many, no unit.
import { useId, useState } from 'react';

interface Props {
  readonly label: string;
  readonly value: number;
  readonly min: number;
  readonly max: number;
  /** Whole numbers unless said otherwise. */
  readonly step?: number;
  readonly onCommit: (value: number) => void;
}

export function CountField({ label, value, min, max, step = 1, onCommit }: Props) {
  const [text, setText] = useState<string>();
  const [problem, setProblem] = useState<string>();
  const id = useId();
  const commit = (): void => {
    if (text === undefined) return;
    const n = Number(text.trim().replace(',', '.'));
    const good = text.trim() !== '' && Number.isInteger(n / step) && n >= min && n <= max;
    setProblem(
      good
        ? undefined
        : `${label}: given “${text}”; allowed ${step === 1 ? 'whole numbers' : `steps of ${String(step)}`} from ${String(min)} to ${String(max)}.`,
    );
    if (!good) return;
    setText(undefined);
    if (n !== value) onCommit(n);
  };
  return (
    <div className="flex flex-col">
      <label htmlFor={id} className="quiet text-sm">
        {label}
      </label>
      <input
        id={id}
        className="line-field num text-right"
        inputMode="numeric"
        autoComplete="off"
        value={text ?? String(value)}
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
          const by = e.key === 'ArrowUp' ? 1 : e.key === 'ArrowDown' ? -1 : 0;
          if (by === 0 || text !== undefined) return;
          e.preventDefault();
          onCommit(Math.min(max, Math.max(min, value + by * step)));
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
