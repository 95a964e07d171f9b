// What stands beside the step in hand at the bench gets these.
import type { MakingBegin } from '@zanfirico/contract/making';
import type { WorkStep } from '@zanfirico/core/work';

/** A making, and its step in hand. */
export interface StepInHand {
  readonly begin: MakingBegin;
  readonly step: WorkStep;
}
