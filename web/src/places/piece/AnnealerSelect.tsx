// Which of the shop's boxes the piece on the board goes into.
import { withChanges } from '@zanfirico/core/edits';
import { tr } from '@zanfirico/core/words';
import { useAnnealers } from '../../night/useTonightBox';
import { SelectField } from '../../fields/SelectField';
import { editPiece } from '../../stores/draft';

interface Props {
  readonly label: string;
  readonly value: string | undefined;
}

export function AnnealerSelect({ label, value }: Props) {
  const all = useAnnealers();
  return (
    <SelectField
      label={label}
      value={value ?? ''}
      onChange={(chosen) => {
        const annealer = chosen === '' ? undefined : chosen;
        editPiece((d) => ({ ...d, firing: withChanges(d.firing, { annealer }) }));
      }}
    >
      <option value="">{tr`a studio box`}</option>
      {all.map((a) => (
        <option key={a.name} value={a.name}>
          {a.name}
        </option>
      ))}
      {value !== undefined && !all.some((a) => a.name === value) && (
        <option value={value}>{tr`${value} (gone from the shop)`}</option>
      )}
    </SelectField>
  );
}
