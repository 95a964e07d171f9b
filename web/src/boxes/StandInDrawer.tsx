// What can be made to happen to a stand-in: its clock faster, its power away, its door open, its parts failing.
import { tr } from '@zanfirico/core/words';
import type { DeviceHappen, DeviceNow } from '@zanfirico/contract/boxes';
import { useState } from 'react';
import { Choice } from '../fields/Choice';
import { CountField } from '../fields/CountField';
import { useTelling } from './useDevices';

const SPEEDS = ['1', '60', '600', '3600'] as const;
const MINUTE = 60;

/** What can happen, by its key; for so many seconds where it passes. */
const HAPPENINGS: readonly (readonly [string, (seconds: number) => DeviceHappen])[] = [
  [tr`power away`, (seconds) => ({ kind: 'power off', seconds })],
  [tr`door open`, (seconds) => ({ kind: 'door open', seconds })],
  [tr`element weak`, () => ({ kind: 'element ages', left: 0.2 })],
  [tr`thermocouple breaks`, () => ({ kind: 'thermocouple breaks' })],
  [tr`all mended`, () => ({ kind: 'all mended' })],
];

export function StandInDrawer({ now }: { readonly now: DeviceNow }) {
  const { happen } = useTelling();
  const [minutes, setMinutes] = useState(90);
  const { id, of } = now.device;
  // What was chosen shows at once, until the stand-in says it too.
  const [chosen, setChosen] = useState<string>();
  const speed = chosen ?? String(now.speed ?? 1);
  return (
    <details className="mt-3">
      <summary className="cursor-pointer">{tr`It is a stand-in: what happens to it`}</summary>
      <Choice
        legend={tr`The clock of ${of} runs`}
        value={SPEEDS.find((s) => s === speed) ?? '1'}
        options={SPEEDS.map((s) => ({
          value: s,
          label: s === '1' ? tr`as ours` : tr`${s} times faster`,
        }))}
        onChange={(s) => {
          setChosen(s);
          happen(id, { kind: 'speed', times: Number(s) });
        }}
      />
      <div className="flex flex-wrap items-end gap-2">
        <div className="w-24">
          <CountField
            label={tr`Minutes`}
            value={minutes}
            min={1}
            max={1440}
            onCommit={setMinutes}
          />
        </div>
        {HAPPENINGS.map(([says, of]) => (
          <button
            key={says}
            type="button"
            className="btn btn-outline btn-sm"
            onClick={() => {
              happen(id, of(MINUTE * minutes));
            }}
          >
            {says}
          </button>
        ))}
      </div>
    </details>
  );
}
