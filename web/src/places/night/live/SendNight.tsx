// The checked night to the controller of its annealer: written, read back, compared; begun at the box by a person.
import type { Practice } from '@zanfirico/contract/piece';
import { trNodes } from '../../../words/trNodes';
import type { SendProgramme } from '@zanfirico/contract/boxes';
import { stepsOf } from '@zanfirico/core/boxes';
import type { Schedule } from '@zanfirico/core/night';
import { tr } from '@zanfirico/core/words';
import { useQueryClient } from '@tanstack/react-query';
import { Send } from 'lucide-react';
import { useState } from 'react';
import { sendProgramme, sentenceOf } from '../../../api/client';
import { asSent } from '../../../boxes/asSent';
import { useDevices } from '../../../boxes/useDevices';
import { TroubleLine } from '../../../marks/TroubleLine';

interface Props {
  readonly annealer: string;
  readonly name: string;
  readonly schedule: Schedule;
  readonly night: {
    readonly inBox: Readonly<Record<string, number>>;
    readonly practice: Practice;
    readonly inHand: number;
    readonly hold: number | undefined;
    readonly door: number;
  };
  readonly onLive: () => void;
}

/** A night as it is sent. */
export function programmeOf(
  schedule: Schedule,
  name: string,
  { hold, inBox, ...night }: Props['night'],
): SendProgramme {
  return {
    name: name.slice(0, 200),
    lines: asSent(stepsOf(schedule.rows)),
    lastIn: Math.max(0, -(schedule.curve[0]?.time ?? 0)),
    night: { ...night, inBox: { ...inBox }, ...(hold !== undefined && { hold }) },
  };
}

/** Nothing where the annealer has no controller that can be asked. */
export function SendNight({ annealer, name, schedule, night, onLive }: Props) {
  const queries = useQueryClient();
  const { devices } = useDevices();
  const [sending, setSending] = useState(false);
  const [trouble, setTrouble] = useState<string>();
  const now = devices.find((d) => d.device.kind === 'annealer' && d.device.of === annealer);
  if (!now) return null;
  const programme = programmeOf(schedule, name, night);
  const { run } = now;
  const there =
    run !== undefined &&
    run.endedAt === undefined &&
    JSON.stringify(run.sent.lines) === JSON.stringify(programme.lines);
  return (
    <div className="mt-3" role="group" aria-label={tr`The controller of ${annealer}`}>
      <div className="flex flex-wrap items-center gap-3">
        {there ? (
          <p>
            {trNodes`${(<b>{annealer}</b>)} holds this night: ${programme.lines.length} steps, read back the same${run.startedAt === undefined ? tr`; it was not started` : ''}.`}
          </p>
        ) : (
          <button
            type="button"
            className="btn btn-primary"
            disabled={sending || !now.answers || now.reading?.state === 'running'}
            onClick={() => {
              setSending(true);
              setTrouble(undefined);
              sendProgramme(now.device.id, programme)
                .then(() => queries.invalidateQueries({ queryKey: ['devices'] }))
                .catch((error: unknown) => {
                  setTrouble(sentenceOf(error));
                })
                .finally(() => {
                  setSending(false);
                });
            }}
          >
            <Send className="size-4" /> {tr`Send this night to ${annealer}`}
          </button>
        )}
        <button type="button" className="btn btn-ghost btn-sm" onClick={onLive}>
          {tr`See it at the box`}
        </button>
      </div>
      {trouble !== undefined && <TroubleLine className="mt-2">{trouble}</TroubleLine>}
      {!now.answers && <p className="text-warning">{now.says}</p>}
      {now.answers && now.reading?.state === 'running' && !there && (
        <p className="quiet">{tr`It runs another programme: hold or stop that first.`}</p>
      )}
    </div>
  );
}
