// What steps take in this shop: of all that was done here, by kind and by person, against what is ordinary for glass of that size.
import type { StepPace } from '@zanfirico/contract/making';
import { FACTS, factsOf } from '../work/facts';
import type { StepId } from '../work/step';
import { ranFor, type MakingState, type PlannedStep } from './makingState';

/** One step somebody did: what it took, against what is ordinary. */
export interface TookOnce {
  readonly kind: string;
  /** By name; undefined where nobody is named for it. */
  readonly person: string | undefined;
  /** Of what is ordinary. */
  readonly share: number;
}

/** What was tapped on at once was caught up with, not done, s. */
const CAUGHT_UP = 1.5;

/** What a making has to tell: its steps that were begun and ended by somebody, heats left out, for those last as long as the glass asks. */
export function tookOf(
  state: MakingState<PlannedStep & { readonly kind: string }>,
  ordinary: readonly number[] | undefined,
  who: (step: string) => string | undefined,
): TookOnce[] {
  return state.steps.flatMap((line): TookOnce[] => {
    const usual = ordinary?.[line.place ?? -1] ?? line.step.seconds;
    const { kind } = line.step;
    if (line.state !== 'done' || line.assumed || line.again > 0 || usual <= 0) return [];
    if (!(kind in FACTS) || factsOf({ kind: kind as StepId }).does === 'heat') return [];
    const took = ranFor(line.runs);
    return took < CAUGHT_UP ? [] : [{ kind, person: who(line.step.id), share: took / usual }];
  });
}

/**
 * A quantile of sorted numbers, between neighbours in proportion (Hyndman & Fan 1996, definition 7).
 *
 * @example
 * quantile([1, 2, 3, 4, 5], 0.5) // 3
 */
export function quantile(sorted: readonly number[], q: number): number {
  const at = q * (sorted.length - 1);
  const i = Math.floor(at);
  const low = sorted[i] as number;
  return low + (at - i) * ((sorted[i + 1] ?? low) - low);
}

/** By kind, and by kind and person where several are known; the most often done first. */
export function paceOf(all: readonly TookOnce[]): StepPace[] {
  const groups = new Map<string, { kind: string; person: string | undefined; shares: number[] }>();
  const put = (kind: string, person: string | undefined, share: number): void => {
    const key = JSON.stringify([kind, person]);
    const group = groups.get(key) ?? { kind, person, shares: [] };
    group.shares.push(share);
    groups.set(key, group);
  };
  for (const { kind, person, share } of all) {
    put(kind, undefined, share);
    if (person !== undefined) put(kind, person, share);
  }
  return [...groups.values()]
    .map(({ kind, person, shares }) => {
      const sorted = [...shares].sort((a, b) => a - b);
      return {
        kind,
        person,
        count: sorted.length,
        lower: quantile(sorted, 0.25),
        median: quantile(sorted, 0.5),
        upper: quantile(sorted, 0.75),
      };
    })
    .sort((a, b) => b.count - a.count || (a.kind < b.kind ? -1 : 1));
}
