// Who is let in: each can be called otherwise, may more or less, or be put out at once.
import { tr, trWord } from '@zanfirico/core/words';
import { MAY, type May, type SessionLine } from '@zanfirico/contract/door';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { format } from 'date-fns';
import { changeDevice, putDeviceOut, readChanges } from '../../../api/door';
import { SelectField } from '../../../fields/SelectField';
import { useMe } from '../../../stores/me';
import { troubled } from '../../../stores/troubled';
import { DOOR_QUESTION, EVERY_MS } from './NetworkSwitch';

const moment = (ms: number): string => format(ms, 'd MMM, HH:mm');

export function DevicesIn({ devices }: { readonly devices: readonly SessionLine[] }) {
  const asked = useQueryClient();
  const mine = useMe((s) => s.me?.session);
  const onSuccess = () => asked.invalidateQueries({ queryKey: DOOR_QUESTION });
  const change = useMutation({
    mutationFn: ({ id, name, may }: { id: string; name: string; may: May }) =>
      changeDevice(id, name, may),
    onSuccess,
    onError: troubled,
  });
  const out = useMutation({ mutationFn: putDeviceOut, onSuccess, onError: troubled });
  return (
    <section aria-label={tr`Let in`} className="mt-8">
      <h2 className="text-2xl">{tr`Let in`}</h2>
      {devices.length === 0 ? (
        <p className="quiet mt-1">{tr`Nobody yet: other screens see the pairing page.`}</p>
      ) : (
        <ul className="mt-1">
          {devices.map((d) => (
            <li
              key={d.id}
              className="border-base-300 flex flex-wrap items-center gap-x-4 gap-y-1 border-b py-2"
            >
              <span className="min-w-40 text-lg">
                {d.name}
                {d.id === mine && <span className="quiet">{tr` (this screen)`}</span>}
              </span>
              <SelectField
                label={tr`${d.name} may`}
                bare
                value={d.may}
                onChange={(may: May) => {
                  change.mutate({ id: d.id, name: d.name, may });
                }}
              >
                {MAY.map((m) => (
                  <option key={m} value={m}>
                    {trWord(m)}
                  </option>
                ))}
              </SelectField>
              <span className="quiet flex-1">
                {tr`${d.device}, let in ${moment(d.madeAt)}, ${d.asleep ? tr`asleep until its PIN is said` : tr`seen ${moment(d.seenAt)}`}`}
              </span>
              <button
                type="button"
                className="btn btn-sm"
                aria-label={tr`Put out: ${d.name}, ${d.device}`}
                onClick={() => {
                  out.mutate(d.id);
                }}
              >
                {tr`Put out`}
              </button>
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}

/** "saved a piece (1a2b)": the deed in the language that is spoken. */
const changeWords = (what: string): string => {
  const [deed = '', ...of] = what.split(/ (?=\()/);
  return [trWord(deed), ...of].join(' ');
};

/** What was changed, by whom: the newest first. */
export function ChangesMade() {
  const changes = useQuery({
    queryKey: ['changes'],
    queryFn: readChanges,
    refetchInterval: EVERY_MS,
  });
  const lines = changes.data ?? [];
  if (lines.length === 0) return null;
  return (
    <details className="mt-8">
      <summary className="cursor-pointer text-2xl">{tr`Who changed what`}</summary>
      <ul aria-label={tr`Who changed what`} className="mt-1">
        {lines.map((c) => (
          <li key={c.id} className="border-base-300 flex gap-4 border-b py-0.5">
            <span className="quiet min-w-40">{moment(c.at)}</span>
            <span className="min-w-32">{trWord(c.by)}</span>
            <span>{changeWords(c.what)}</span>
          </li>
        ))}
      </ul>
    </details>
  );
}
