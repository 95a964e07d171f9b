// How long a piece is in the box, for whoever looks along the shelf: by checked nights, or that they are being checked.
import type { ScheduleInput } from '@zanfirico/core/night';
import type { FiresOf } from '@zanfirico/core/piece';
import { lazy, Suspense } from 'react';
import { HoursSaid } from './HoursSaid';
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
  const night = contentOf(input);
  const content = fires ? night + JSON.stringify(fires) : night;
  const known = knownSeconds(content);
  if (known !== undefined) return <HoursSaid seconds={known} />;
  return fires ? (
    <Suspense fallback={<HoursSaid />}>
      <FiredHours input={input} fires={fires} content={content} />
    </Suspense>
  ) : (
    <Hours input={input} />
  );
}

function Hours({ input }: Pick<Props, 'input'>) {
  const { state, schedule } = useNight(input);
  return (
    <HoursSaid
      seconds={state === 'guess' ? undefined : schedule.total.value}
      failed={state === 'failed'}
    />
  );
}
