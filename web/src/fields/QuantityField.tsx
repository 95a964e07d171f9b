// A field for one measure: reads any unit, shows the user's, says what it could not read.
import {
  displayUnit,
  printForField,
  printText,
  readQuantity,
  type DisplayUnits,
  type TypedKind,
} from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { useDisplay } from '../stores/display';
import { fieldBounds, type FieldBounds } from './bounds';
import { TypedField } from './TypedField';

interface Props extends FieldBounds {
  readonly label: string;
  readonly kind: TypedKind;
  readonly value: number;
  /** What an arrow key adds, SI. */
  readonly nudge?: number;
  readonly bare?: boolean;
  readonly hint?: string;
  readonly onCommit: (value: number) => void;
}

const unitOf = (kind: TypedKind, units: DisplayUnits): string => displayUnit(kind, units).symbol;

/** A quantity as a person types it, SI inside. */
export function QuantityField(props: Props) {
  const { label, kind, value, nudge, bare, hint, onCommit } = props;
  const { min, max } = fieldBounds(props);
  const units = useDisplay((s) => s.units);
  const outOfBounds = (v: number): string | undefined =>
    v < min - 1e-12 || v > max + 1e-12
      ? tr`${label}: given ${printText(v, kind, units)}; allowed ${printText(min, kind, units)} to ${printText(max, kind, units)}.`
      : undefined;
  return (
    <TypedField
      label={
        <>
          {label}
          {bare !== true && kind !== 'ratio' && (
            <span className="num text-xs">
              {' '}
              {kind === 'time' ? tr`h:min` : unitOf(kind, units)}
            </span>
          )}
        </>
      }
      bare={bare}
      hint={hint}
      shown={printForField(value, kind, units)}
      read={(text) => {
        const reading = readQuantity(text, kind, units);
        if (!reading.ok) return { ok: false, problem: `${label}: ${reading.message}` };
        const problem = outOfBounds(reading.value);
        return problem === undefined ? reading : { ok: false, problem };
      }}
      onCommit={onCommit}
      onStep={
        nudge === undefined
          ? undefined
          : (direction, shift) => {
              const next = value + direction * nudge * (shift ? 10 : 1);
              onCommit(Math.min(max, Math.max(min, Number(next.toFixed(6)))));
            }
      }
    />
  );
}
