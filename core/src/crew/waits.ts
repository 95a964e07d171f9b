// What each step of a plan waits for: the step before it on the same glass, a hand that is still busy, or a station in use.
import { factsOf, type WorkStep } from '../work/facts';
import type { CrewPlan } from './crew';

/** Why a step begins no sooner. */
export interface Waiting {
  /** The step it follows, by id. */
  readonly after: string;
  readonly cause: 'glass' | 'hand' | 'station';
  /** Person by id where it is a hand, the station where it is one. */
  readonly of: string | undefined;
}

/** What the step at `i` waits for; undefined when it could begin at once or was put later only so that hot glass waits less. */
export function waitsFor(
  steps: readonly WorkStep[],
  plan: Pick<CrewPlan, 'starts' | 'hands'>,
  i: number,
): Waiting | undefined {
  const step = steps[i];
  const start = plan.starts[i];
  if (!step || start === undefined || start <= 0) return undefined;
  const people = (k: number): string[] =>
    (plan.hands[k] ?? []).flatMap((h) => (h.person === undefined ? [] : [h.person]));
  let best: Waiting | undefined;
  steps.forEach((before, k) => {
    if (k === i || before.seconds <= 0) return;
    if (Math.abs((plan.starts[k] ?? 0) + before.seconds - start) > 1e-6) return;
    const hand = people(k).find((p) => people(i).includes(p));
    const { station } = factsOf(step);
    // The glass itself is what a maker would name first, then the hand, then the station.
    if (before.part === step.part || before.part === step.to)
      best = { after: before.id, cause: 'glass', of: undefined };
    else if (hand !== undefined && best?.cause !== 'glass')
      best = { after: before.id, cause: 'hand', of: hand };
    else if (station !== undefined && station === factsOf(before).station && !best)
      best = { after: before.id, cause: 'station', of: station };
  });
  return best;
}
