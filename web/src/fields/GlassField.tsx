// Choosing a glass from the rack, or the piece's own.
import { REPRESENTATIVE_GLASSES } from '@zanfirico/core';

interface Props {
  readonly label: string;
  readonly value: string | undefined;
  /** Said for "no glass of its own"; without it one must be chosen. */
  readonly own?: string;
  readonly onChange: (id: string | undefined) => void;
}

export function GlassField({ label, value, own, onChange }: Props) {
  return (
    <label className="flex flex-col">
      <span className="quiet text-sm">{label}</span>
      <select
        className="line-field"
        value={value ?? ''}
        onChange={(e) => {
          onChange(e.target.value === '' ? undefined : e.target.value);
        }}
      >
        {own !== undefined && <option value="">{own}</option>}
        {REPRESENTATIVE_GLASSES.map((g) => (
          <option key={g.id} value={g.id}>
            {g.name}
          </option>
        ))}
      </select>
    </label>
  );
}
