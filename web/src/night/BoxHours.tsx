// How long a piece is in the box, for whoever looks along the shelf: by checked nights, or that they are being checked.
import type { ScheduleInput } from '@zanfirico/core/night';
import type { FiresOf } from '@zanfirico/core/piece';
import { printDuration } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { lazy, Suspense } from 'react';
import { knownSeconds } from './knownHours';
import { contentOf } from './nights';
import { useNight } from './useNight';

/** What a firing is comes with the first piece that is fired: few are. */
const FiredHours = lazy(async () => ({ default: (await import('./FiredHours')).FiredHours }));

interface Props {
  readonly input: ScheduleInput;
  /** Fired in the kiln, it is there for every firing from cold. */
  readonly fires?: FiresOf | undefined;
}

export function BoxHours({ input, fires }: Props) {
  const content = contentOf(input);
  const known = knownSeconds(fires ? content + JSON.stringify(fires) : content);
  if (known !== undefined) return <>{tr`${printDuration(known)} in the box`}</>;
  return fires ? (
    <Suspense fallback={<Waiting />}>
      <FiredHours input={input} fires={fires} />
    </Suspense>
  ) : (
    <Hours input={input} />
  );
}

const Waiting = () => <span className="quiet">{tr`night being checked …`}</span>;

function Hours({ input }: Pick<Props, 'input'>) {
  const night = useNight(input);
  if (night.state === 'guess') return <Waiting />;
  return (
    <>
      {tr`${printDuration(night.schedule.total.value)} in the box`}
      {night.state === 'failed' && tr` (not checked)`}
    </>
  );
}
