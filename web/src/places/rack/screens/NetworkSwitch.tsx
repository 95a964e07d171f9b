// The switch that opens the studio to its own network: what it means, the address, the certificate's mark.
import { trNodes } from '../../../words/trNodes';
import { tr } from '@zanfirico/core/words';
import type { LanState } from '@zanfirico/contract/door';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { format } from 'date-fns';
import { openLan, readDoor } from '../../../api/door';
import { Qr } from '../../../marks/Qr';
import { useMay, useMe } from '../../../stores/me';
import { troubled } from '../../../stores/troubled';
import { TroubleLine } from '../../../marks/TroubleLine';

/** What the door is asked under. */
export const DOOR_QUESTION = ['door'];

/** Asked so often while it is looked at, ms. */
export const EVERY_MS = 4000;

/** Whether the studio is open, and who is in. */
export const useDoor = () =>
  useQuery({
    queryKey: DOOR_QUESTION,
    queryFn: readDoor,
    refetchInterval: EVERY_MS,
    enabled: useMay('lead'),
  });

export function NetworkSwitch() {
  const door = useDoor();
  const asked = useQueryClient();
  const here = useMe((s) => s.me?.here ?? true);
  const turn = useMutation({
    mutationFn: openLan,
    onSuccess: () => asked.invalidateQueries({ queryKey: DOOR_QUESTION }),
    onError: troubled,
  });
  const lan = door.data?.lan;
  if (!lan) return null;
  return (
    <section aria-label={tr`The studio’s network`} className="mt-7">
      <div className="flex flex-wrap items-baseline gap-x-3">
        <h2 className="text-2xl">{tr`The studio’s network`}</h2>
        <label className="flex items-center gap-2">
          <input
            type="checkbox"
            className="toggle"
            checked={lan.open}
            disabled={turn.isPending || (lan.open && !here)}
            onChange={(e) => {
              turn.mutate(e.target.checked);
            }}
          />
          {lan.open ? tr`open to devices that are let in` : tr`shut: this machine alone`}
        </label>
      </div>
      <p className="mt-1">{tr`Open, other screens on this network find the pairing page, and nothing else until a lead lets them in.`}</p>
      <p className="quiet">{tr`The first time each asks whether to trust this studio: the certificate is its own, compare its mark. Do not open it on a network that guests use.`}</p>
      {lan.trouble !== undefined && <TroubleLine className="mt-2">{lan.trouble}</TroubleLine>}
      {lan.open && <Address lan={lan} />}
    </section>
  );
}

function Address({ lan }: { readonly lan: LanState }) {
  const [first, ...others] = lan.addresses;
  if (first === undefined) return null;
  return (
    <div className="mt-3 flex flex-wrap gap-x-6 gap-y-3">
      <Qr text={`${first}/enter`} label={tr`${first}, for a phone to read`} className="size-36" />
      <div className="min-w-0 flex-1">
        <p className="num text-2xl break-all">{first}</p>
        {others.length > 0 && <p className="quiet num break-all">{tr`or ${others.join(', ')}`}</p>}
        {lan.anew !== undefined && <p className="text-warning mt-1">{lan.anew}</p>}
        {lan.guessed && (
          <p className="text-warning mt-1">
            {lan.guessed.times === 1
              ? tr`A wrong code was`
              : tr`${lan.guessed.times} wrong codes were`}{' '}
            {tr`tried, the last at ${format(lan.guessed.last, 'HH:mm')}.`}
          </p>
        )}
        <details className="mt-1">
          <summary className="quiet cursor-pointer">
            {tr`the certificate’s mark, good until ${lan.until === undefined ? '' : format(lan.until, 'd MMM yyyy')}`}
          </summary>
          <p className="num text-sm break-all">{trNodes`SHA-256 ${lan.fingerprint}`}</p>
        </details>
      </div>
    </div>
  );
}
