// A charge's cook to the furnace's controller: up, held until it is free of seed, down to working heat and held there.
import type { DeviceNow } from '@zanfirico/contract';
import { useState } from 'react';
import { sendProgramme, sentenceOf } from '../../api/client';
import { useTelling } from '../../devices/useDevices';

interface Props {
  readonly furnace: DeviceNow;
  readonly name: string;
  /** °C; s at it. */
  readonly at: number;
  readonly clearing: number;
  readonly working: number;
}

/** Then held so long, s, or until it is told otherwise: as long as a controller's minutes reach. */
const ON = 1000 * 3600;

export function SendCook({ furnace, name, at, clearing, working }: Props) {
  const { again } = useTelling();
  const [trouble, setTrouble] = useState<string>();
  const { id, registers } = furnace.device;
  if (registers.steps === undefined || !furnace.answers) return null;
  return (
    <div className="mt-2">
      <button
        type="button"
        className="btn btn-outline btn-sm"
        onClick={() => {
          setTrouble(undefined);
          sendProgramme(id, {
            name: `Cook ${name}`,
            lines: [
              { to: at, hold: clearing },
              { to: working, hold: ON },
            ],
            lastIn: 0,
          }).then(again, (error: unknown) => {
            setTrouble(sentenceOf(error));
          });
        }}
      >
        Send this cook to the furnace
      </button>{' '}
      <span className="quiet text-sm">
        It waits to be started; afterwards it holds working heat until it is told otherwise.
      </span>
      {trouble !== undefined && (
        <p role="alert" className="alert alert-error mt-2">
          {trouble}
        </p>
      )}
    </div>
  );
}
