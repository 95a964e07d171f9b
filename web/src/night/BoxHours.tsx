// How long a piece is in the box, for whoever looks along the shelf: by checked nights, or that they are being checked.
import type { ScheduleInput } from '@zanfirico/core/night';
import { firingsAsked, hoursInBox, type FiresOf } from '@zanfirico/core/piece';
import { printDuration } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { useEffect, useMemo } from 'react';
import { keepSeconds, knownSeconds } from './knownHours';
import { contentOf } from './nights';
import { useNight } from './useNight';

interface Props {
  readonly input: ScheduleInput;
  /** Fired in the kiln, it is there for every firing from cold. */
  readonly fires?: FiresOf | undefined;
}

export function BoxHours({ input, fires }: Props) {
  const known = knownSeconds(contentIn(input, fires));
  return known === undefined ? (
    <Hours input={input} fires={fires} />
  ) : (
    <>{tr`${printDuration(known)} in the box`}</>
  );
}

/** What its hours are made of, as text: its night, and its firings where it has any. */
const contentIn = (input: ScheduleInput, fires: FiresOf | undefined): string =>
  fires ? `${contentOf(input)}${JSON.stringify(fires)}` : contentOf(input);

function Hours({ input, fires }: Props) {
  const night = useNight(input);
  const asked = useMemo(() => fires && firingsAsked(fires, input).earlier, [fires, input]);
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
    if (fires && state === 'checked' && seconds !== undefined)
      keepSeconds(contentIn(input, fires), seconds);
  }, [input, fires, state, seconds]);
  if (seconds === undefined) return <span className="quiet">{tr`night being checked …`}</span>;
  return (
    <>
      {tr`${printDuration(seconds)} in the box`}
      {state === 'failed' && tr` (not checked)`}
    </>
  );
}
