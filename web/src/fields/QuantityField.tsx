// A field for one measure: reads any unit, shows the user's, says what it could not read.
import {
  displayUnit,
  printForField,
  printText,
  readQuantity,
  type DisplayUnits,
  type TypedKind,
} from '@zanfirico/core';
import { useId, useState, type KeyboardEvent } from 'react';
import { useDisplay } from '../stores/display';

interface Props {
  readonly label: string;
  readonly kind: TypedKind;
  readonly value: number;
  readonly min: number;
  readonly max: number;
  /** What an arrow key adds, SI. */
  readonly nudge?: number;
  /** The label is for screen readers only (in tables, where the column says it). */
  readonly bare?: boolean;
  readonly hint?: string;
  readonly onCommit: (value: number) => void;
}

const unitOf = (kind: TypedKind, units: DisplayUnits): string => displayUnit(kind, units).symbol;

/** Text is the person's until Enter or leaving the field; then it is read, checked against the bounds and committed. */
export function QuantityField(props: Props) {
  const { label, kind, value, min, max, nudge, bare, hint, onCommit } = props;
  const units = useDisplay((s) => s.units);
  const [text, setText] = useState<string>();
  const [problem, setProblem] = useState<string>();
  const id = useId();
  const shown = text ?? printForField(value, kind, units);

  const outOfBounds = (v: number): string | undefined =>
    v < min - 1e-12 || v > max + 1e-12
      ? `${label}: given ${printText(v, kind, units)}; allowed ${printText(min, kind, units)} to ${printText(max, kind, units)}.`
      : undefined;

  const commit = (): void => {
    if (text === undefined || text === printForField(value, kind, units)) {
      setText(undefined);
      setProblem(undefined);
      return;
    }
    const reading = readQuantity(text, kind, units);
    const refused = reading.ok ? outOfBounds(reading.value) : `${label}: ${reading.message}`;
    setProblem(refused);
    if (reading.ok && refused === undefined) {
      setText(undefined);
      onCommit(reading.value);
    }
  };

  const onKey = (event: KeyboardEvent<HTMLInputElement>): void => {
    if (event.key === 'Enter') commit();
    if (event.key === 'Escape') {
      setText(undefined);
      setProblem(undefined);
    }
    const direction = event.key === 'ArrowUp' ? 1 : event.key === 'ArrowDown' ? -1 : 0;
    if (direction === 0 || nudge === undefined || text !== undefined) return;
    event.preventDefault();
    const next = value + direction * nudge * (event.shiftKey ? 10 : 1);
    onCommit(Math.min(max, Math.max(min, Number(next.toFixed(6)))));
  };

  return (
    <div className="flex flex-col">
      <label htmlFor={id} className={bare === true ? 'sr-only' : 'quiet text-sm'}>
        {label}
        {bare !== true && kind !== 'ratio' && (
          <span className="num text-xs"> {kind === 'time' ? 'h:min' : unitOf(kind, units)}</span>
        )}
      </label>
      <input
        id={id}
        className="line-field num text-right"
        inputMode="text"
        autoComplete="off"
        value={shown}
        aria-invalid={problem !== undefined}
        aria-describedby={problem !== undefined ? `${id}-p` : hint ? `${id}-h` : undefined}
        onChange={(e) => {
          setText(e.target.value);
        }}
        onFocus={(e) => {
          e.target.select();
        }}
        onBlur={commit}
        onKeyDown={onKey}
      />
      {problem !== undefined && (
        <p id={`${id}-p`} role="alert" className="text-error mt-1 text-sm leading-tight">
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
