// The night of an input as a hook: the first guess at once, the checked one as soon as it is there.
import type { ScheduleInput } from '@zanfirico/core';
import { useEffect, useMemo } from 'react';
import { asNight, checkedNight, useKnownNight, type Night } from './nights';

/** Changes closer together than this are one, ms. */
const REST = 220;

/**
 * The night as it stands. `settled` is false while a hand is still moving what it is made of: the guess is enough then. Undefined
 * without an input.
 */
export function useNight(input: ScheduleInput, settled?: boolean): Night;
export function useNight(input: ScheduleInput | undefined, settled?: boolean): Night | undefined;
export function useNight(input: ScheduleInput | undefined, settled = true): Night | undefined {
  const known = useKnownNight(input);
  useEffect(() => {
    if (!input || !settled || known) return undefined;
    const timer = setTimeout(() => {
      // What went wrong is kept with the night, and said there.
      checkedNight(input).catch(() => undefined);
    }, REST);
    return () => {
      clearTimeout(timer);
    };
  }, [input, settled, known]);
  return useMemo(() => input && asNight(input, known), [input, known]);
}
