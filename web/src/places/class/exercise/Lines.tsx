// A list of sentences one writes: emptied, a line is gone.
import { tr } from '@zanfirico/core/words';
import { Plus } from 'lucide-react';
import { TextField } from '../../../fields/TextField';

export function Lines({
  label,
  values,
  most,
  onChange,
}: {
  readonly label: string;
  readonly values: readonly string[];
  readonly most: number;
  readonly onChange: (values: string[]) => void;
}) {
  return (
    <>
      <ul>
        {values.map((v, i) => (
          <li key={i} className="flex items-end gap-3 py-0.5">
            <TextField
              label={`${label} ${String(i + 1)}`}
              bare
              value={v}
              most={most}
              onCommit={(says) => {
                onChange(
                  values.flatMap((o, k) => (k !== i ? [o] : says.trim() === '' ? [] : [says])),
                );
              }}
            />
          </li>
        ))}
      </ul>
      <button
        type="button"
        className="btn btn-ghost btn-sm"
        disabled={values.length >= 20}
        onClick={() => {
          onChange([...values, tr`one more thing`]);
        }}
      >
        <Plus className="size-4" /> {tr`One more`}
      </button>
    </>
  );
}
