// How stiff glass is, told without colour: marks across its strand, the closer the stiffer.
import type { BandSpan } from '@zanfirico/core/glass';

/** px between two marks across a strand; runny glass has none. */
export const MARKS: Readonly<Record<BandSpan['band'], number>> = {
  runny: Infinity,
  soft: 28,
  workable: 16,
  stiff: 9,
  set: 5,
  brittle: 3,
};

/** Glass at T, by the bands of its own. */
export const bandAt = (spans: readonly BandSpan[], t: number): BandSpan['band'] =>
  spans.find((s) => t > s.from)?.band ?? 'brittle';

/** Where along a strand marks stand: `at` tells the temperature at each px from the left, NaN where there is no glass. */
export function marksAlong(
  px: number,
  at: (x: number) => number,
  spans: readonly BandSpan[],
): number[] {
  const marks: number[] = [];
  let due = 0;
  for (let x = 0; x <= px; x += 1) {
    const t = at(x);
    if (Number.isNaN(t)) continue;
    due += 1 / MARKS[bandAt(spans, t)];
    if (due < 1) continue;
    marks.push(x);
    due -= 1;
  }
  return marks;
}
