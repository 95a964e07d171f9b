// The margins of a checked night as a hook: asked for once it has stood for a moment, kept for whoever shows them.
import type { Margins, ScheduleInput } from '@zanfirico/core';
import { useEffect } from 'react';
import type { Known } from '../derived/answersKept';
import { nightMarginsOf, useKnownMargins } from './nights';

/** A night that stands so long is asked about, ms. */
const REST = 900;

export function useMargins(input: ScheduleInput | undefined): Known<Margins> | undefined {
  const known = useKnownMargins(input);
  useEffect(() => {
    if (!input || known) return undefined;
    const timer = setTimeout(() => {
      // What went wrong is kept, and said where they are shown.
      nightMarginsOf(input).catch(() => undefined);
    }, REST);
    return () => {
      clearTimeout(timer);
    };
  }, [input, known]);
  return known;
}
