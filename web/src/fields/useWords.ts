// Sentences of the core in the units this person reads.
import { inWords } from '@zanfirico/core/units';
import { useCallback } from 'react';
import { useDisplay } from '../stores/display';

/** Turns a sentence's °C, mm, g and kg into what is read here. */
export function useWords(): (text: string) => string {
  const units = useDisplay((s) => s.units);
  return useCallback((text: string) => inWords(text, units), [units]);
}
