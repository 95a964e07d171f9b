// Other screens: the studio's network, who is let in, and who changed what.
import { tr } from '@zanfirico/core/words';
import { useMay } from '../../../stores/me';
import { ChangesMade, DevicesIn } from './DevicesIn';
import { LetIn } from './LetIn';
import { NetworkSwitch, useDoor } from './NetworkSwitch';

export function ScreensSheet() {
  const door = useDoor();
  const lead = useMay('lead');
  if (!lead) return <p className="quiet py-10">{tr`Who is let in is a lead’s to say.`}</p>;
  const address = door.data?.lan.addresses[0];
  return (
    <div className="grid gap-x-14 *:min-w-0 lg:grid-cols-2">
      <div>
        {address !== undefined && <LetIn address={address} />}
        <DevicesIn devices={door.data?.devices ?? []} />
      </div>
      <div>
        <NetworkSwitch />
        <ChangesMade />
      </div>
    </div>
  );
}
