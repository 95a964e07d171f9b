// Which of the shop's annealers tonight is about.
import { tr } from '@zanfirico/core/words';
import { useTonight } from '../../stores/tonight';
import { useTonightBox } from '../../night/useTonightBox';
import { SelectField } from '../../fields/SelectField';

export function AnnealerChoice() {
  const set = useTonight((s) => s.set);
  const { all, chosen } = useTonightBox();
  return (
    <SelectField
      label={tr`Annealer`}
      value={chosen?.name ?? ''}
      onChange={(to) => {
        set({ annealer: to });
      }}
    >
      {all.map((b) => (
        <option key={b.name} value={b.name}>
          {b.name}
        </option>
      ))}
    </SelectField>
  );
}
