// What a night does to a piece in one verdict, against what its practice allows.
import {
  CLOSE,
  PRACTICES,
  flowsAt,
  sinks,
  sinksSaid,
  SAFETY,
  WORKING_STRESS,
  type Outcome,
  type ScheduleInput,
  type Verdict,
} from '@zanfirico/core';

const mpa = (v: number): string => `${(v / 1e6).toFixed(2)} MPa`;

/** Judges what came of a night for a piece: `asked` is what its night was asked with. */
export function verdictOf(
  o: Outcome,
  {
    practice,
    glass,
    gives,
    holding,
  }: Pick<ScheduleInput, 'practice' | 'glass' | 'gives'> & Partial<Pick<ScheduleInput, 'holding'>>,
): Verdict {
  const { allows } = PRACTICES[practice];
  const passes = WORKING_STRESS / SAFETY;
  // It stands at the hold from the first piece in, too.
  const flow = o.flowed + flowsAt(glass, o.hottest, holding ?? 0);
  const sunk = sinks(gives, glass, o.hottest, flow);
  if (sunk.shows)
    return {
      verdict: 'no',
      because: `At ${String(Math.round(o.hottest))} °C ${sinksSaid(sunk)}.`,
      remedy: `Hold it nearer its annealing point, ${String(glass.annealing)} °C, or for less long.`,
    };
  if (o.worst.stress > WORKING_STRESS)
    return {
      verdict: 'no',
      because: `${mpa(o.worst.stress)} passes through its ${o.worst.at}: it cracks.`,
      remedy: 'Fall slower below the strain point.',
    };
  if (o.kept > CLOSE * allows)
    return {
      verdict: o.kept > 2 * allows ? 'no' : 'watch',
      because: `It keeps ${mpa(o.kept)}; the practice allows ${mpa(allows)}.`,
      remedy: 'Fall slower through the annealing range.',
    };
  if (o.worst.stress > CLOSE * passes)
    return {
      verdict: 'watch',
      because: `${mpa(o.worst.stress)} passes through its ${o.worst.at}, more than half of what it bears.`,
      remedy: 'Fall slower below the strain point.',
    };
  // What is in hand is said: a programme made to a practice uses nearly all of it, and glass bears far more.
  const inHand = Math.max(0, Math.round(100 * (1 - o.kept / allows)));
  return {
    verdict: 'good',
    because: `It keeps ${mpa(o.kept)} of the ${mpa(allows)} the practice allows (${String(inHand)} % in hand), ${mpa(o.worst.stress)} passes.`,
  };
}
