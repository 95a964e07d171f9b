// What a night does to a piece in one verdict, against what its practice allows.
import {
  CLOSE,
  PRACTICES,
  flowsAt,
  sinks,
  sinksSaid,
  MAY_PASS,
  WORKING_STRESS,
  passesWhere,
  type Outcome,
  type ScheduleInput,
} from '@zanfirico/core/night';
import type { NightMargins } from '@zanfirico/core/night/asked';
import type { Verdict } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';

const mpa = (v: number): string => `${(v / 1e6).toFixed(2)} MPa`;

/** Of what is allowed, so much may be in it when the fall begins, or it was not annealed at all. */
const UNANNEALED = 0.5;

/**
 * Judges what came of a night for a piece: `asked` is what its night was asked with, `margins` what of it may be off and still holds,
 * where that is worked out.
 */
export function verdictOf(
  o: Outcome,
  {
    practice,
    glass,
    gives,
    holding,
  }: Pick<ScheduleInput, 'practice' | 'glass' | 'gives'> & Partial<Pick<ScheduleInput, 'holding'>>,
  margins?: Pick<NightMargins, 'hold' | 'margins'>,
): Verdict {
  const { allows } = PRACTICES[practice];
  const passes = MAY_PASS;
  // It stands at the hold from the first piece in, too.
  const flow = o.flowed + flowsAt(glass, o.hottest, holding ?? 0);
  const sunk = sinks(gives, glass, o.hottest, flow);
  if (sunk.shows)
    return {
      verdict: 'no',
      because: tr`At ${Math.round(o.hottest)} °C ${sinksSaid(sunk)}.`,
      remedy: tr`Hold it nearer its annealing point, ${glass.annealing} °C, or for less long.`,
    };
  // What it carries from the bench is not what a fall does to it: it is not annealed, and nobody can say that it cracks.
  if (o.soaked > UNANNEALED * allows && o.kept > CLOSE * allows)
    return {
      verdict: 'no',
      because: tr`It is not annealed: ${mpa(o.soaked)} from the bench is still in it when the fall begins, and it keeps ${mpa(o.kept)}; the practice allows ${mpa(allows)}.`,
      remedy: tr`Hold it longer, or nearer its annealing point, ${glass.annealing} °C.`,
    };
  if (o.worst.stress > WORKING_STRESS)
    return {
      verdict: 'no',
      because: tr`${mpa(o.worst.stress)} passes ${passesWhere(o.worst)}: it cracks.`,
      remedy: tr`Fall slower below the strain point.`,
    };
  if (o.kept > CLOSE * allows)
    return {
      verdict: o.kept > 2 * allows ? 'no' : 'watch',
      because: tr`It keeps ${mpa(o.kept)}; the practice allows ${mpa(allows)}.`,
      remedy: tr`Fall slower through the annealing range.`,
    };
  if (o.worst.stress > CLOSE * passes)
    return {
      verdict: 'watch',
      because: tr`${mpa(o.worst.stress)} passes ${passesWhere(o.worst)}, more than half of what it bears.`,
      remedy: tr`Fall slower below the strain point.`,
    };
  // What is in hand is said, and how much of what may be off it is good for: a practice is held only if a little may be.
  const inHand = Math.max(0, Math.round(100 * (1 - o.kept / allows)));
  const keeps = tr`It keeps ${mpa(o.kept)} of the ${mpa(allows)} the practice allows (${inHand} % in hand), ${mpa(o.worst.stress)} passes`;
  if (!margins) return { verdict: 'good', because: `${keeps}.` };
  const { hold, margins: all } = margins;
  const of = tr`${hold} in ${all.length} of what may be off`;
  return 2 * hold >= all.length
    ? {
        verdict: 'good',
        because: hold === 1 ? tr`${keeps}; ${of} still holds.` : tr`${keeps}; ${of} still hold.`,
      }
    : {
        verdict: 'watch',
        because: tr`${keeps}, but it stands at the edge: only ${of} would hold.`,
        remedy: tr`Hold more in hand, or measure what uses most: it is under Margins.`,
      };
}
