// Glass by the kilogram, where somebody weighs in grams otherwise.
import type { Limits } from '@zanfirico/contract';
import { CountField } from '../../fields/CountField';
import { QuantityField } from '../../fields/QuantityField';
import { useDisplay } from '../../stores/display';

interface Props {
  readonly label: string;
  /** kg */
  readonly value: number;
  readonly within: Limits;
  readonly onCommit: (kg: number) => void;
}

export function HeavyField({ label, value, within, onCommit }: Props) {
  const metric = useDisplay((s) => s.units.mass === 'g');
  return metric ? (
    <CountField
      label={`${label}, kg`}
      value={Math.round(100 * value) / 100}
      step={0.01}
      within={within}
      onCommit={onCommit}
    />
  ) : (
    <QuantityField label={label} kind="mass" value={value} within={within} onCommit={onCommit} />
  );
}
