// Asking for the heats to be placed.
import type { HeatPart, Placed, Working, WorkStep } from '@zanfirico/core';
import { once, type Work } from './once';

export interface PlaceRequest {
  readonly parts: readonly HeatPart[];
  readonly steps: readonly WorkStep[];
  readonly working: Working;
}

/** What comes back: as `Placed`, the reasons as pairs. */
export type PlaceResult = Omit<Placed, 'reasons'> & {
  readonly reasons: readonly (readonly [string, string])[];
};

export const startPlacing = (request: PlaceRequest): Work<PlaceResult & Placed> =>
  once(
    () => new Worker(new URL('./placing.worker.ts', import.meta.url), { type: 'module' }),
    request,
  );
