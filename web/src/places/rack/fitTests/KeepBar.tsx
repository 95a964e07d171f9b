// What a reading says, its lot, and the key that keeps it.
import type { ChipReading, ThreadReading } from '@zanfirico/contract/rack';
import { tr } from '@zanfirico/core/words';
import type { RackLine } from '@zanfirico/core/rack';
import { useState } from 'react';
import { useKeepTest } from './useKeepTest';

interface Props {
  readonly first: RackLine;
  readonly second: RackLine;
  readonly reading: ThreadReading | ChipReading | undefined;
  readonly says: string;
}

export function KeepBar({ first, second, reading, says }: Props) {
  const keep = useKeepTest();
  const [lot, setLot] = useState('');
  const lots = [...first.entry.stock, ...second.entry.stock].flatMap((s) => s.lot ?? []);
  return (
    <div className="mt-4 flex flex-wrap items-end gap-5">
      <p className="font-display min-w-64 flex-1 text-2xl" role="status">
        {says}
      </p>
      <label className="flex w-28 flex-col">
        <span className="quiet text-sm">{tr`Lot`}</span>
        <input
          className="input"
          maxLength={40}
          list="lots"
          value={lot}
          onChange={(e) => {
            setLot(e.target.value);
          }}
        />
        <datalist id="lots">
          {lots.map((l) => (
            <option key={l} value={l} />
          ))}
        </datalist>
      </label>
      <button
        type="button"
        className="btn btn-primary"
        disabled={!reading}
        onClick={() => {
          if (reading)
            keep({
              first: first.entry.id,
              second: second.entry.id,
              ...(lot.trim() !== '' && { lot: lot.trim() }),
              reading,
            });
        }}
      >
        {tr`Keep the test`}
      </button>
    </div>
  );
}
