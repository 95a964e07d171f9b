// A night that runs, on the studio wall: how hot it is, when the door may open, what went otherwise; to be read from three metres.
import { trNodes } from '../../../words/trNodes';
import type { DeviceNow } from '@zanfirico/contract/boxes';
import { printText } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { format } from 'date-fns';
import { X } from 'lucide-react';
import { useWall } from '../../../night/useWall';
import { useDisplay } from '../../../stores/display';
import { LiveCurve } from './LiveCurve';
import type { RunNow } from './useRun';

interface Props {
  readonly name: string;
  readonly now: DeviceNow;
  readonly going: RunNow;
  readonly onClose: () => void;
}

/** Looked at so often; read longer ago than this it is old, ms. */
const TICK = 5000;
const OLD = 60_000;

export function LiveWall({ name, now, going, onClose }: Props) {
  const units = useDisplay((s) => s.units);
  const { dialog, now: clock } = useWall(TICK);
  const { reading } = now;
  // Cut off from its server or its box, a wall shows its age.
  const stale = reading === undefined || clock.getTime() - reading.at > OLD;
  const last = going.deviations[going.deviations.length - 1];
  return (
    <dialog
      ref={dialog}
      aria-label={tr`${name} on the wall`}
      className="bg-base-100 text-base-content m-0 flex h-dvh max-h-none w-screen max-w-none flex-col p-[2.5vmin]"
      onClose={onClose}
    >
      <div className="flex items-start justify-between">
        <p className="font-display text-[5vmin] leading-none font-semibold">
          {name}: {going.run.sent.name}
        </p>
        <button
          type="button"
          className="btn btn-ghost"
          aria-label={tr`Off the wall`}
          onClick={() => dialog.current?.close()}
        >
          <X />
        </button>
      </div>
      <p className="mt-[1vmin] flex flex-wrap items-baseline gap-x-[6vmin] text-[6vmin] leading-tight">
        <span>
          {trNodes`Now ${(
            <b className="num text-[14vmin] leading-none">
              {reading?.temperature === undefined
                ? '?'
                : printText(reading.temperature, 'temperature', units)}
            </b>
          )}`}
        </span>
        {going.door !== undefined && (
          <span>
            {trNodes`door ${(
              <b className="num text-primary text-[14vmin] leading-none">
                {format(going.momentAt(going.door), 'HH:mm')}
              </b>
            )}`}{' '}
            {format(going.momentAt(going.door), 'EEEE')}
          </span>
        )}
      </p>
      {(stale || !now.answers) && reading && (
        <p className="text-warning text-[4vmin] leading-tight">{tr`Last read ${format(reading.at, 'EEEE HH:mm')}: it does not answer.`}</p>
      )}
      {last?.to === undefined && last !== undefined && (
        <p className="text-warning text-[4vmin] leading-tight">{last.says}</p>
      )}
      <div className="min-h-0 flex-1">
        <LiveCurve going={going} width={1600} height={560} lettering={30} />
      </div>
      <p className="text-[3vmin]">{tr`Leave the door shut until it is time. Power off before reaching in.`}</p>
    </dialog>
  );
}
