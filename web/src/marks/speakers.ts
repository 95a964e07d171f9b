// Who gave a value, in words.
import { tr } from '@zanfirico/core/words';
import type { Speaker } from '@zanfirico/core/rack';

/** Whose number it is, in words. */
export const SPEAKER_WORDS: Readonly<Record<Speaker, string>> = {
  measured: tr`measured here`,
  sheet: tr`from the sheet`,
  composition: tr`estimated from its oxides`,
  representative: tr`representative`,
};

/** "+1.3 ± 0.3", in the trade's points. */
export const pointsText = (value: number, error?: number): string => {
  const n = (v: number): string => (Math.abs(v) * 1e7).toFixed(1);
  const sign = value < 0 ? '−' : '+';
  return `${sign}${n(value)}${error === undefined ? '' : ` ± ${n(error)}`}`;
};
