// Choosing a glass from the rack, or the piece's own.
import { tr } from '@zanfirico/core/words';
import { useRack } from '../stores/theRack';
import { SelectField } from './SelectField';

/** The glasses one may choose: what is retired only where it is chosen already. */
export function GlassOptions({ value }: { readonly value: string | undefined }) {
  const rack = useRack((s) => s.rack);
  const known = value === undefined || value === '' || rack.glass(value) !== undefined;
  return (
    <>
      {!known && <option value={value}>{tr`${value}, not in the rack`}</option>}
      {rack.lines.map(
        ({ glass, entry }) =>
          glass &&
          (!entry.retired || glass.id === value) && (
            <option key={glass.id} value={glass.id}>
              {glass.name}
            </option>
          ),
      )}
    </>
  );
}

interface Props {
  readonly label: string;
  readonly value: string | undefined;
  /** Said for "no glass of its own"; without it one must be chosen. */
  readonly own?: string;
  readonly onChange: (id: string | undefined) => void;
}

/** A glass of the rack. */
export function GlassField({ label, value, own, onChange }: Props) {
  return (
    <SelectField
      label={label}
      value={value ?? ''}
      onChange={(to) => {
        onChange(to === '' ? undefined : to);
      }}
    >
      {own !== undefined && <option value="">{own}</option>}
      <GlassOptions value={value} />
    </SelectField>
  );
}
