// The margins of a checked night as a hook: asked for once it has stood for a moment, kept for whoever shows them.
import type { CheckedNight, ScheduleInput } from '@zanfirico/core/night';
import type { NightMargins } from '@zanfirico/core/night/asked';
import { useEffect, useMemo } from 'react';
import type { Known } from '../derived/answersKept';
import { nightMarginsOf, useKnownMargins } from './nights';

/** A night that stands so long is asked about, ms. */
const REST = 900;

/** The margins of a night, worked out in the worker. */
export function useMargins(
  input: ScheduleInput,
  checked: CheckedNight | undefined,
): Known<NightMargins> | undefined {
  const of = useMemo(() => checked && { input, checked }, [input, checked]);
  const known = useKnownMargins(of);
  useEffect(() => {
    if (!of || known) return undefined;
    const timer = setTimeout(() => {
      // What went wrong is kept, and said where they are shown.
      nightMarginsOf(of).catch(() => undefined);
    }, REST);
    return () => {
      clearTimeout(timer);
    };
  }, [of, known]);
  return known;
}
