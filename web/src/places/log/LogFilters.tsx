// What the log's list is chosen by; kept in the address.
import type { LogLine } from '@zanfirico/contract/making';
import { causeSays } from '@zanfirico/core/log';
import { tr, trWord } from '@zanfirico/core/words';
import { useMemo } from 'react';
import type { LogAsked } from '../../api/client';
import { daySpan } from '../../clock/days';
import { FindField } from '../../fields/FindField';
import { SelectField } from '../../fields/SelectField';

const OUTCOMES = ['kept', 'second', 'lost', 'waits'] as const;

/** What the address asks for. */
export function askedOf(asks: URLSearchParams): LogAsked {
  const say = (key: string): string | undefined => asks.get(key) ?? undefined;
  const came = say('came');
  const since = daySpan(say('since') ?? '');
  const until = daySpan(say('until') ?? '');
  return {
    find: say('find'),
    outcome: OUTCOMES.find((o) => o === came),
    lead: say('lead'),
    annealer: say('box'),
    cause: say('cause'),
    piece: say('piece'),
    since: since && String(since.since),
    until: until && String(until.until),
  };
}

export function LogFilters({
  asks,
  asked,
  came,
  onPut,
}: {
  readonly asks: URLSearchParams;
  readonly asked: LogAsked;
  readonly came: readonly LogLine[];
  readonly onPut: (change: Readonly<Record<string, string>>) => void;
}) {
  const words = useMemo(() => {
    const of = (say: (l: LogLine) => string | undefined): string[] =>
      [...new Set(came.flatMap((l) => say(l) ?? []))].sort((a, b) => a.localeCompare(b));
    return { lead: of((l) => l.lead), box: of((l) => l.annealer), cause: of((l) => l.cause) };
  }, [came]);
  const choose = (label: string, key: 'lead' | 'box' | 'cause', any: string) => (
    <SelectField
      label={label}
      className="w-36"
      value={asks.get(key) ?? ''}
      onChange={(v) => {
        onPut({ [key]: v });
      }}
    >
      <option value="">{any}</option>
      {words[key].map((w) => (
        <option key={w} value={w}>
          {key === 'cause' ? causeSays(w) : w}
        </option>
      ))}
    </SelectField>
  );
  return (
    <div className="mt-1 flex flex-wrap items-end gap-x-4 gap-y-1">
      <FindField
        label={tr`Find in the log`}
        placeholder={tr`Piece, person, note, colour`}
        wide="w-56"
        value={asked.find ?? ''}
        onChange={(find) => {
          onPut({ find });
        }}
      />
      <SelectField
        label={tr`Came out`}
        className="w-32"
        value={asked.outcome ?? ''}
        onChange={(o) => {
          onPut({ came: o });
        }}
      >
        <option value="">{tr`any way`}</option>
        {OUTCOMES.map((o) => (
          <option key={o} value={o}>
            {o === 'waits' ? tr`not opened yet` : trWord(o)}
          </option>
        ))}
      </SelectField>
      {choose(tr`Led by`, 'lead', tr`anybody`)}
      {choose(tr`In`, 'box', tr`any box`)}
      {choose(tr`Lost to`, 'cause', tr`anything`)}
      {(['since', 'until'] as const).map((key) => (
        <label key={key} className="flex flex-col">
          <span className="quiet text-sm">{key === 'since' ? tr`From` : tr`To`}</span>
          <input
            type="date"
            className="input num w-36"
            value={asks.get(key) ?? ''}
            onChange={(e) => {
              onPut({ [key]: e.target.value });
            }}
          />
        </label>
      ))}
    </div>
  );
}
