// Asking for the orders of assembly to be compared.
import type { Assembly, DraftInput, HeatPart } from '@zanfirico/core';
import { once, type Work } from './once';

export interface AssemblyRequest {
  readonly input: DraftInput;
  readonly parts: readonly HeatPart[];
}

/** How far: all found so far, least risk first, of how many. */
export interface AssemblyProgress {
  readonly found: readonly Assembly[];
  readonly of: number;
}

export const startAssembly = (
  request: AssemblyRequest,
  onProgress: (progress: AssemblyProgress) => void,
): Work<AssemblyProgress> =>
  once(
    () => new Worker(new URL('./assembly.worker.ts', import.meta.url), { type: 'module' }),
    request,
    onProgress,
  );
