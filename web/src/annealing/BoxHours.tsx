// How long a piece is in the box, for whoever looks along the shelf: the checked night, or that it is being checked.
import { printDuration, type ScheduleInput } from '@zanfirico/core';
import { knownSeconds } from './knownHours';
import { contentOf } from './nights';
import { useNight } from './useNight';

export function BoxHours({ input }: { readonly input: ScheduleInput }) {
  const known = knownSeconds(contentOf(input));
  return known === undefined ? <Hours input={input} /> : <>{printDuration(known)} in the box</>;
}

function Hours({ input }: { readonly input: ScheduleInput }) {
  const night = useNight(input);
  if (night.state === 'guess') return <span className="quiet">night being checked …</span>;
  return (
    <>
      {printDuration(night.schedule.total.value)} in the box
      {night.state === 'failed' && ' (not checked)'}
    </>
  );
}
