// The last of a making: into which annealer, and where it stands there.
import { tr } from '@zanfirico/core/words';
import { Check } from 'lucide-react';
import { useState } from 'react';
import { SelectField } from '../../fields/SelectField';

interface Props {
  readonly annealer: string;
  readonly annealers: readonly string[];
  readonly onAnnealer: (name: string) => void;
  readonly onBox: (where: string | undefined) => void;
}

export function BoxIt({ annealer, annealers, onAnnealer, onBox }: Props) {
  const [where, setWhere] = useState('');
  const all = annealers.includes(annealer) ? annealers : [annealer, ...annealers];
  return (
    <section aria-label={tr`Now`}>
      <h2 className="text-5xl">{tr`Every step is done`}</h2>
      <p className="mt-2 text-2xl">{tr`Into ${annealer} with it.`}</p>
      <div className="mt-3 flex flex-wrap items-end gap-4">
        <SelectField label={tr`Annealer`} value={annealer} onChange={onAnnealer}>
          {all.map((a) => (
            <option key={a} value={a}>
              {a}
            </option>
          ))}
        </SelectField>
        <label className="block">
          <span className="quiet block text-sm">{tr`Where it stands`}</span>
          <input
            className="input w-64"
            maxLength={500}
            placeholder={tr`Second shelf, at the back`}
            value={where}
            onChange={(e) => {
              setWhere(e.target.value);
            }}
          />
        </label>
      </div>
      <button
        type="button"
        className="btn btn-primary btn-lg mt-5"
        onClick={() => {
          onBox(where.trim() === '' ? undefined : where.trim());
        }}
      >
        <Check /> {tr`It is in the box`}
      </button>
      <p className="quiet mt-2">{tr`Hot gloves, hot shelf: open no longer than it takes.`}</p>
    </section>
  );
}
