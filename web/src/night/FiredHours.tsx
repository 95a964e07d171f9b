// How long a piece that is fired in the kiln keeps it: every firing from cold, each down by its checked night.
import type { ScheduleInput } from '@zanfirico/core/night';
import { firingsAsked, hoursInBox, type FiresOf } from '@zanfirico/core/piece';
import { printDuration } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { useEffect, useMemo } from 'react';
import { keepSeconds } from './knownHours';
import { contentOf } from './nights';
import { useNight } from './useNight';

interface Props {
  readonly input: ScheduleInput;
  readonly fires: FiresOf;
}

export function FiredHours({ input, fires }: Props) {
  const night = useNight(input);
  const asked = useMemo(() => firingsAsked(fires, input).earlier, [fires, input]);
  const before = useNight(asked);
  const state = before && before.state !== 'checked' ? before.state : night.state;
  const seconds = useMemo(
    () =>
      state === 'guess'
        ? undefined
        : hoursInBox(input, fires, (of) => (before && of !== input ? before : night).schedule),
    [state, input, fires, before, night],
  );
  useEffect(() => {
    if (state === 'checked' && seconds !== undefined)
      keepSeconds(contentOf(input) + JSON.stringify(fires), seconds);
  }, [input, fires, state, seconds]);
  if (seconds === undefined) return <span className="quiet">{tr`night being checked …`}</span>;
  return (
    <>
      {tr`${printDuration(seconds)} in the box`}
      {state === 'failed' && tr` (not checked)`}
    </>
  );
}
