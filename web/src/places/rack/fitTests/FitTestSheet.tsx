// Tests of pairs: a thread pulled, or a chip looked at between crossed polarisers; what they say is kept to the pair.
import { tr, trWord } from '@zanfirico/core/words';
import { useMemo } from 'react';
import { useSearchParams } from 'react-router';
import { useRack } from '../../../stores/theRack';
import { Choice } from '../../../fields/Choice';
import { ChipForm } from './ChipForm';
import { TestList } from './FitTestList';
import { ThreadForm } from './ThreadForm';
import { SelectField } from '../../../fields/SelectField';
import { TroubleLine } from '../../../marks/TroubleLine';

export function TestsSheet() {
  const rack = useRack((s) => s.rack);
  const [params, setParams] = useSearchParams();
  const offered = useMemo(
    () =>
      rack.lines
        .filter((l) => l.entry.family !== 'other' && !l.entry.retired)
        .sort((a, b) => a.entry.name.localeCompare(b.entry.name)),
    [rack],
  );
  const first = rack.line(params.get('first') ?? '') ?? rack.line('chalk') ?? offered[0];
  const asked = rack.line(params.get('second') ?? '');
  const second =
    asked && asked !== first
      ? asked
      : (['soft-batch-96', 'borosilicate-33']
          .map((id) => rack.line(id))
          .find((l) => l && l !== first && l.entry.family === first?.entry.family) ??
        offered.find((l) => l.entry.family === first?.entry.family && l !== first));
  const how = params.get('how') === 'chip' ? 'chip' : 'thread';
  const set = (patch: Record<string, string>): void => {
    setParams(
      (old) => {
        const next = new URLSearchParams(old);
        for (const [k, v] of Object.entries(patch)) next.set(k, v);
        return next;
      },
      { replace: true },
    );
  };
  const pick = (label: string, which: 'first' | 'second', value: string) => (
    <SelectField
      label={label}
      value={value}
      onChange={(to) => {
        set({ [which]: to });
      }}
    >
      {offered.map((l) => (
        <option key={l.entry.id} value={l.entry.id}>
          {l.entry.name}
        </option>
      ))}
    </SelectField>
  );
  if (!first || !second)
    return <p className="py-10">{tr`A test takes two glasses of one family.`}</p>;
  return (
    <div className="mt-4 grid gap-x-10 gap-y-6 lg:grid-cols-[1fr_26rem]">
      <section aria-label={tr`A test`}>
        <div className="flex flex-wrap items-end gap-5">
          {pick(tr`First glass`, 'first', first.entry.id)}
          {pick(tr`Second glass`, 'second', second.entry.id)}
          <Choice
            legend={tr`Tested by`}
            options={[
              { value: 'thread', label: tr`a thread` },
              { value: 'chip', label: tr`a chip and polarisers` },
            ]}
            value={how}
            onChange={(next) => {
              set({ how: next });
            }}
          />
        </div>
        {first.entry.family !== second.entry.family ? (
          <TroubleLine className="mt-4">
            {tr`${first.entry.name} is ${trWord(first.entry.family)}, ${second.entry.name} ${trWord(second.entry.family)}: soft and hard glass never join; there is nothing to test.`}
          </TroubleLine>
        ) : how === 'thread' ? (
          <ThreadForm key={`${first.entry.id} ${second.entry.id}`} first={first} second={second} />
        ) : (
          <ChipForm key={`${first.entry.id} ${second.entry.id}`} first={first} second={second} />
        )}
      </section>
      <TestList />
    </div>
  );
}
