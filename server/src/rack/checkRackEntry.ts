// A rack entry beyond its schema: points in order, a composition that adds up, forms of its kind.
import type { FieldProblem } from '@zanfirico/contract';
import type { RackEntry } from '@zanfirico/contract/rack';
import { checkEntry, rackLine } from '@zanfirico/core/rack';
import { tr } from '@zanfirico/core/words';

/** The first thing wrong, or undefined. */
export function entryProblem(entry: RackEntry): FieldProblem | undefined {
  if (entry.kind === 'glass' && entry.family === 'other')
    return { field: 'entry.family', given: '"other"', allowed: tr`"soft" or "hard" for a glass` };
  const [problem] = checkEntry(entry, rackLine(entry, true).spoken);
  return (
    problem && {
      field: `entry.${problem.field}`,
      given: problem.given,
      allowed: problem.message,
    }
  );
}
