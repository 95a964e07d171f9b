// Who is in the class, in pairs at which bench, and how many the hole takes.
import { LIMITS } from '@zanfirico/contract';
import { tr } from '@zanfirico/core/words';
import { Plus, X } from 'lucide-react';
import { CountField } from '../../../fields/CountField';
import { SelectField } from '../../../fields/SelectField';
import { inPairs } from '../../../class/newClass';
import { IconButton } from '../../../shell/IconButton';
import { useOfClass } from '../ClassPlace';
import { TextField } from '../../../fields/TextField';
import type { ClassChange } from './change';

export function Pairs({ change }: { readonly change: ClassChange }) {
  const { lesson } = useOfClass();
  const { students, benches } = lesson;
  const freshId = (): string => {
    let n = students.length + 1;
    while (students.some((s) => s.id === `s${String(n)}`)) n += 1;
    return `s${String(n)}`;
  };
  return (
    <section aria-label={tr`Who learns it`} className="mt-6">
      <h2 className="text-2xl">{tr`Who learns it`}</h2>
      <ul>
        {students.map((s, i) => (
          <li key={s.id} className="flex items-end gap-3 py-0.5">
            <TextField
              needed
              label={tr`Student ${i + 1}`}
              bare
              value={s.name}
              most={40}
              onCommit={(name) => {
                change({ students: students.map((o) => (o.id === s.id ? { ...o, name } : o)) });
              }}
            />
            <SelectField
              label={tr`Bench of ${s.name}`}
              bare
              value={benches.find((b) => b.pair.includes(s.id))?.name ?? ''}
              onChange={(name) => {
                change({
                  benches: benches.map((b) => {
                    const without = b.pair.filter((id) => id !== s.id);
                    return b.name === name
                      ? { ...b, pair: [...without, s.id].slice(-2) }
                      : { ...b, pair: without };
                  }),
                });
              }}
            >
              <option value="">{tr`no bench`}</option>
              {benches.map((b) => (
                <option key={b.name} value={b.name}>
                  {b.name}
                </option>
              ))}
            </SelectField>
            <IconButton
              small
              label={tr`Take out: ${s.name}`}
              onClick={() => {
                change({
                  students: students.filter((o) => o.id !== s.id),
                  benches: benches.map((b) => ({ ...b, pair: b.pair.filter((id) => id !== s.id) })),
                });
              }}
            >
              <X className="size-4" />
            </IconButton>
          </li>
        ))}
      </ul>
      <div className="mt-1 flex flex-wrap items-end gap-3">
        <button
          type="button"
          className="btn btn-sm"
          disabled={students.length >= 40}
          onClick={() => {
            change({
              students: [...students, { id: freshId(), name: tr`Student ${students.length + 1}` }],
            });
          }}
        >
          <Plus className="size-4" /> {tr`A student`}
        </button>
        <button
          type="button"
          className="btn btn-sm"
          disabled={students.length === 0}
          onClick={() => {
            change({ benches: inPairs(students) });
          }}
        >
          {tr`Put in pairs`}
        </button>
        <div className="w-40">
          <CountField
            label={tr`Pieces the hole takes at once`}
            value={lesson.atOnce}
            within={LIMITS.atOnce}
            onCommit={(atOnce) => {
              change({ atOnce });
            }}
          />
        </div>
      </div>
      <p className="quiet mt-1 text-sm">{tr`Names of your choosing, by a role or an apron: they are shown on the wall. A pair shares a bench; all share the hole, and who is due first goes in first.`}</p>
    </section>
  );
}
