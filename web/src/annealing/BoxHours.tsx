// How long a piece is in the box, for whoever looks along the shelf: the checked night, or that it is being checked.
import { printDuration, type ScheduleInput } from '@zanfirico/core';
import { useNight } from './useNight';

export function BoxHours({ input }: { readonly input: ScheduleInput }) {
  const night = useNight(input);
  if (night.state === 'guess') return <span className="quiet">night being checked …</span>;
  return (
    <>
      {printDuration(night.schedule.total.value)} in the box
      {night.state === 'failed' && ' (not checked)'}
    </>
  );
}
