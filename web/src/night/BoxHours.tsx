// How long a piece is in the box, for whoever looks along the shelf: the checked night, or that it is being checked.
import type { ScheduleInput } from '@zanfirico/core/night';
import { printDuration } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { knownSeconds } from './knownHours';
import { contentOf } from './nights';
import { useNight } from './useNight';

interface Props {
  readonly input: ScheduleInput;
  /** What it is there for; in the box among others where left out. */
  readonly says?: string;
}

export function BoxHours({ input, says = tr`in the box` }: Props) {
  const known = knownSeconds(contentOf(input));
  return known === undefined ? (
    <Hours input={input} says={says} />
  ) : (
    <>
      {printDuration(known)} {says}
    </>
  );
}

function Hours({ input, says }: Required<Props>) {
  const night = useNight(input);
  if (night.state === 'guess') return <span className="quiet">{tr`night being checked …`}</span>;
  return (
    <>
      {printDuration(night.schedule.total.value)} {says}
      {night.state === 'failed' && tr` (not checked)`}
    </>
  );
}
