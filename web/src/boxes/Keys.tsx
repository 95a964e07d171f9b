// A person's keys to a controller: start, hold, go on, stop; a furnace's heat. The caution stands beside them.
import { LIMITS } from '@zanfirico/contract';
import type { DeviceNow } from '@zanfirico/contract/boxes';
import { printText } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { Pause, Play, Square } from 'lucide-react';
import { useState } from 'react';
import { QuantityField } from '../fields/QuantityField';
import { useDisplay } from '../stores/display';
import { useTelling } from './useDevices';

/** What comes before anything this tells a controller. */
export const DeviceCaution = () => (
  <p className="quiet max-w-prose text-sm leading-snug">{tr`Local codes, the maker’s manual, a licensed electrician and the kiln’s own safety cut-out come first: this plans and records, it protects nobody. It tells a controller nothing that was not told here by a person; without this, or the network, the controller goes on by its own programme.`}</p>
);

export function Keys({ now }: { readonly now: DeviceNow }) {
  const units = useDisplay((s) => s.units);
  const { tell } = useTelling();
  const { id, registers } = now.device;
  const state = now.reading?.state;
  const ready = now.run && now.run.endedAt === undefined && now.run.startedAt === undefined;
  const [heat, setHeat] = useState<number>();
  const asked = heat ?? now.reading?.setPoint ?? 20;
  if (!now.answers) return null;
  return (
    <div className="flex flex-wrap items-end gap-2">
      {ready && state !== 'running' && (
        <button
          type="button"
          className="btn btn-primary"
          onClick={() => {
            tell(id, { what: 'start' });
          }}
        >
          <Play className="size-4" /> {tr`Start it now`}
        </button>
      )}
      {registers.command !== undefined && state === 'running' && (
        <button
          type="button"
          className="btn btn-outline"
          onClick={() => {
            tell(id, { what: 'hold' });
          }}
        >
          <Pause className="size-4" /> {tr`Hold it here`}
        </button>
      )}
      {registers.command !== undefined && state === 'held' && now.device.kind === 'annealer' && (
        <button
          type="button"
          className="btn btn-primary"
          onClick={() => {
            tell(id, { what: 'go on' });
          }}
        >
          <Play className="size-4" /> {tr`Go on`}
        </button>
      )}
      {registers.command !== undefined && (state === 'running' || state === 'held') && (
        <button
          type="button"
          className="btn btn-outline"
          onClick={() => {
            tell(id, { what: 'stop' });
          }}
        >
          <Square className="size-4" /> {tr`Stop: no heat`}
        </button>
      )}
      {registers.standAt !== undefined && now.device.kind === 'furnace' && (
        <>
          <div className="w-32">
            <QuantityField
              label={tr`Hold it at`}
              kind="temperature"
              value={Math.round(asked)}
              within={LIMITS.potTemperature}
              onCommit={setHeat}
            />
          </div>
          <button
            type="button"
            className="btn btn-primary"
            disabled={Math.abs(asked - (now.reading?.setPoint ?? 0)) < 0.5}
            onClick={() => {
              tell(id, { what: 'stand at', celsius: asked });
              setHeat(undefined);
            }}
          >
            {tr`Tell it ${printText(asked, 'temperature', units)}`}
          </button>
        </>
      )}
    </div>
  );
}
