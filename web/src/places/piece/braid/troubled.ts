// How grave the worst thing at each step is.
import type { WorkHeat } from '@zanfirico/core/iron';
import type { Finding } from '@zanfirico/core/order';

/** Steps where something is to be watched or will not do, by id. */
export function troubledSteps(
  heat: Pick<WorkHeat, 'steps'>,
  findings: readonly Finding[],
): ReadonlyMap<string, 'watch' | 'no'> {
  const map = new Map<string, 'watch' | 'no'>();
  const mark = (id: string | undefined, verdict: 'good' | 'watch' | 'no'): void => {
    if (id === undefined || verdict === 'good') return;
    if (map.get(id) !== 'no') map.set(id, verdict);
  };
  for (const h of heat.steps) if (h.verdict) mark(h.id, h.verdict.verdict);
  for (const f of findings) mark(f.step, f.verdict.verdict);
  return map;
}
