// A programme to a controller by a key: written, read back, compared; it waits to be started.
import type { DeviceNow, SendProgramme } from '@zanfirico/contract/boxes';
import { useState } from 'react';
import { sendProgramme, sentenceOf } from '../api/client';
import { useTelling } from './useDevices';
import { TroubleLine } from '../marks/TroubleLine';

interface Props {
  readonly now: DeviceNow;
  readonly programme: SendProgramme;
  readonly label: string;
  /** What happens afterwards, in a sentence. */
  readonly says: string;
}

/** Nothing where the device takes no programmes, or does not answer. */
export function SendLines({ now, programme, label, says }: Props) {
  const { again } = useTelling();
  const [trouble, setTrouble] = useState<string>();
  const { id, registers } = now.device;
  if (registers.steps === undefined || !now.answers) return null;
  return (
    <div className="mt-2">
      <button
        type="button"
        className="btn btn-outline btn-sm"
        onClick={() => {
          setTrouble(undefined);
          sendProgramme(id, programme).then(again, (error: unknown) => {
            setTrouble(sentenceOf(error));
          });
        }}
      >
        {label}
      </button>{' '}
      <span className="quiet text-sm">{says}</span>
      {trouble !== undefined && <TroubleLine className="mt-2">{trouble}</TroubleLine>}
    </div>
  );
}
