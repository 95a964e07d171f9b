// A field to write on: the text is the person's until Enter or leaving it; then it is read, or said why it cannot be.
import { useId, useState, type ReactNode } from 'react';

/** What was typed, read; or a sentence. */
export type Typed<T> =
  { readonly ok: true; readonly value: T } | { readonly ok: false; readonly problem: string };

interface Props<T> {
  /** Said above the field, and by screen readers. */
  readonly label: ReactNode;
  /** The label is for screen readers only (in tables, where the column says it). */
  readonly bare?: boolean | undefined;
  /** The value as text. */
  readonly shown: string;
  /** Said where nothing is written. */
  readonly empty?: string | undefined;
  readonly hint?: string | undefined;
  readonly inputMode?: 'text' | 'numeric';
  /** Words instead of a number: a name, or plain text. */
  readonly words?: 'name' | 'plain';
  readonly read: (text: string) => Typed<T>;
  readonly onCommit: (value: T) => void;
  /** Arrow up (1) or down (−1) while nothing is half typed; left out, arrows do nothing. */
  readonly onStep?: ((direction: 1 | -1, shift: boolean) => void) | undefined;
}

const LOOK = {
  number: 'num text-right',
  plain: 'w-full',
  name: 'font-display w-full text-2xl font-semibold',
} as const;

/** A field that is read when it is left. */
export function TypedField<T>(props: Props<T>) {
  const {
    label,
    bare,
    shown,
    empty,
    hint,
    inputMode = 'text',
    words,
    read,
    onCommit,
    onStep,
  } = props;
  const [text, setText] = useState<string>();
  const [problem, setProblem] = useState<string>();
  const id = useId();

  const asBefore = (): void => {
    setText(undefined);
    setProblem(undefined);
  };
  const commit = (): void => {
    if (text === undefined || text === shown) {
      asBefore();
      return;
    }
    const typed = read(text);
    if (!typed.ok) {
      setProblem(typed.problem);
      return;
    }
    asBefore();
    onCommit(typed.value);
  };

  return (
    <div className="flex flex-col">
      <label htmlFor={id} className={bare === true ? 'sr-only' : 'quiet text-sm'}>
        {label}
      </label>
      <input
        id={id}
        className={`input ${LOOK[words ?? 'number']}`}
        inputMode={inputMode}
        autoComplete="off"
        placeholder={empty}
        data-typed={text === undefined || text === shown ? 'no' : 'half'}
        value={text ?? shown}
        aria-invalid={problem !== undefined}
        aria-describedby={
          problem !== undefined ? `${id}-p` : hint === undefined ? undefined : `${id}-h`
        }
        onChange={(e) => {
          setText(e.target.value);
        }}
        onFocus={(e) => {
          e.target.select();
        }}
        onBlur={commit}
        onKeyDown={(e) => {
          if (e.key === 'Enter') commit();
          if (e.key === 'Escape') asBefore();
          const direction = e.key === 'ArrowUp' ? 1 : e.key === 'ArrowDown' ? -1 : 0;
          if (direction === 0 || !onStep || text !== undefined) return;
          e.preventDefault();
          onStep(direction, e.shiftKey);
        }}
      />
      {problem !== undefined && (
        <p id={`${id}-p`} role="alert" className="alert alert-error mt-1 text-sm leading-tight">
          {problem}
        </p>
      )}
      {problem === undefined && hint !== undefined && (
        <p id={`${id}-h`} className="quiet mt-0.5 text-xs">
          {hint}
        </p>
      )}
    </div>
  );
}
