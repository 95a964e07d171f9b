// What is measured on a finished piece: its kind of quantity, and its name.
import type { Measure } from '@zanfirico/contract/making';
import { tr } from '@zanfirico/core/words';

/** What kind of quantity a measure is. */
export const KIND = {
  height: 'length',
  lip: 'length',
  wall: 'length',
  ovality: 'length',
  weight: 'mass',
  capacity: 'volume',
} as const satisfies Readonly<Record<Measure, string>>;

/** Measures, in words. */
export const SAYS: Readonly<Record<Measure, string>> = {
  height: tr`height`,
  lip: tr`across the lip`,
  wall: tr`wall`,
  weight: tr`weight`,
  capacity: tr`to the brim`,
  ovality: tr`lip out of round`,
};
