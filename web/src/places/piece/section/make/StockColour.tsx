// Coloured tubing and rod: what the stock is of throughout, chosen from the colours that are bought so.
import type { Stock } from '@zanfirico/contract/piece';
import { tr } from '@zanfirico/core/words';
import type { Family } from '@zanfirico/core/glass';
import { SelectField } from '../../../../fields/SelectField';
import { useRack } from '../../../../stores/theRack';

interface Props {
  readonly label: string;
  readonly family: Family;
  readonly stock: Stock;
  readonly onChange: (stock: { diameter: number; wall?: number; colour?: string }) => void;
}

export function StockColour({ label, family, stock, onChange }: Props) {
  const rack = useRack((s) => s.rack);
  const { diameter, wall, colour } = stock;
  const forms = wall === undefined ? ['rod', tr`thin rod`, 'bar'] : ['tubing'];
  const offered = rack.lines.filter(
    ({ entry }) =>
      (entry.kind === 'colour' && entry.id === colour) ||
      (entry.kind === 'colour' &&
        !entry.retired &&
        entry.family === family &&
        entry.forms.some((f) => forms.includes(f))),
  );
  // Nothing to choose, nothing to ask.
  if (offered.length === 0 && colour === undefined) return null;
  return (
    <SelectField
      bare
      label={label}
      value={colour ?? ''}
      onChange={(to) => {
        onChange({
          diameter,
          ...(wall !== undefined && { wall }),
          ...(to !== '' && { colour: to }),
        });
      }}
    >
      <option value="">{tr`of the part’s own glass`}</option>
      {colour !== undefined && !offered.some(({ entry }) => entry.id === colour) && (
        <option value={colour}>{tr`of ${colour}, which the rack lacks`}</option>
      )}
      {offered.map(({ entry }) => (
        <option key={entry.id} value={entry.id}>
          {tr`of ${entry.name}`}
        </option>
      ))}
    </SelectField>
  );
}
