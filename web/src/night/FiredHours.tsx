// How long a piece that is fired in the kiln keeps it: every firing from cold, each down by its checked night.
import type { ScheduleInput } from '@zanfirico/core/night';
import { firingsAsked, hoursInBox, type FiresOf } from '@zanfirico/core/piece';
import { useEffect, useMemo } from 'react';
import { HoursSaid } from './HoursSaid';
import { keepSeconds } from './knownHours';
import { useNight } from './useNight';

interface Props {
  readonly input: ScheduleInput;
  readonly fires: FiresOf;
  /** What it is kept by. */
  readonly content: string;
}

export function FiredHours({ input, fires, content }: Props) {
  const night = useNight(input);
  const asked = useMemo(() => firingsAsked(fires, input).earlier, [fires, input]);
  const before = useNight(asked);
  const state = before && before.state !== 'checked' ? before.state : night.state;
  const seconds = useMemo(
    () =>
      state === 'guess' ? undefined : hoursInBox(input, fires, night.schedule, before?.schedule),
    [state, input, fires, before, night],
  );
  useEffect(() => {
    if (state === 'checked' && seconds !== undefined) keepSeconds(content, seconds);
  }, [content, state, seconds]);
  return <HoursSaid seconds={seconds} failed={state === 'failed'} />;
}
