// What a night does to a piece in one verdict, against what its practice allows.
import {
  CLOSE,
  PRACTICES,
  sags,
  SAFETY,
  WORKING_STRESS,
  type Glass,
  type Outcome,
  type Practice,
  type Verdict,
} from '@zanfirico/core';

const mpa = (v: number): string => `${(v / 1e6).toFixed(2)} MPa`;

export function verdictOf(o: Outcome, practice: Practice, glass: Glass): Verdict {
  const { allows } = PRACTICES[practice];
  const passes = WORKING_STRESS / SAFETY;
  if (sags(glass, o.hottest))
    return {
      verdict: 'no',
      because: `At ${String(Math.round(o.hottest))} °C the piece slumps.`,
      remedy: `Hold it nearer its annealing point, ${String(glass.annealing)} °C.`,
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
  return { verdict: 'good', because: `It keeps ${mpa(o.kept)}, ${mpa(o.worst.stress)} passes.` };
}
