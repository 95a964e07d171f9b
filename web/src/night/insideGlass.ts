// What can be looked at inside glass in its night.
import { tr } from '@zanfirico/core/words';
/** What is shown inside the glass. */
export type Shown = 'stress' | 'temperature' | 'fictive';

/** What can be shown inside the glass, with its words. */
export const SHOWN_INSIDE: readonly {
  readonly value: Shown;
  readonly label: string;
  readonly note?: string;
}[] = [
  { value: 'stress', label: tr`Tension` },
  { value: 'temperature', label: tr`Temperature` },
  { value: 'fictive', label: tr`Structure`, note: tr`fictive temperature` },
];
