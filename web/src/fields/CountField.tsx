// A field for a bare number: so many, no unit.
import { tr } from '@zanfirico/core/words';
import { fieldBounds, type FieldBounds } from './bounds';
import { useDisplay } from '../stores/display';
import { TypedField } from './TypedField';

interface Props extends FieldBounds {
  readonly label: string;
  readonly value: number;
  /** The label is for screen readers only. */
  readonly bare?: boolean;
  /** Whole numbers unless said otherwise. */
  readonly step?: number;
  readonly onCommit: (value: number) => void;
}

/** A whole number. */
export function CountField({ label, bare, value, step = 1, onCommit, ...bounds }: Props) {
  const { min, max } = fieldBounds(bounds);
  const decimal = useDisplay((s) => s.units.decimal ?? '.');
  return (
    <TypedField
      label={label}
      bare={bare}
      inputMode="numeric"
      shown={String(value).replace('.', decimal)}
      read={(text) => {
        const n = Number(text.trim().replace(',', '.'));
        if (
          text.trim() !== '' &&
          Math.abs(n / step - Math.round(n / step)) < 1e-6 &&
          n >= min &&
          n <= max
        )
          return { ok: true, value: n };
        const allowed = step === 1 ? tr`whole numbers` : tr`steps of ${step}`;
        return {
          ok: false,
          problem: tr`${label}: given “${text}”; allowed ${allowed} from ${min} to ${max}.`,
        };
      }}
      onCommit={onCommit}
      onStep={(direction) => {
        onCommit(Math.min(max, Math.max(min, Number((value + direction * step).toFixed(6)))));
      }}
    />
  );
}
