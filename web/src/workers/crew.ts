// Asking for the crew to be planned.
import type { CrewPlan, HeatPart, Person, Stations, Working, WorkStep } from '@zanfirico/core';
import { once, type Work } from './once';

export interface CrewRequest {
  readonly steps: readonly WorkStep[];
  readonly parts: readonly HeatPart[];
  readonly people: readonly Person[];
  readonly working: Working;
  readonly stations: Stations;
}

export interface CrewResult {
  readonly plan: CrewPlan;
  /** With the one who has least to do left out. */
  readonly fewer: CrewPlan | undefined;
  readonly without: string | undefined;
  readonly alone: CrewPlan | undefined;
  /** With one more glory hole, where that keeps waits that are not kept otherwise. */
  readonly holes: { readonly plan: CrewPlan; readonly count: number } | undefined;
}

/** Progress is the best so far, s. */
export const startCrew = (
  request: CrewRequest,
  onBest: (seconds: number) => void,
): Work<CrewResult> =>
  once(
    () => new Worker(new URL('./crew.worker.ts', import.meta.url), { type: 'module' }),
    request,
    onBest,
  );
