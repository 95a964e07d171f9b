// The page's side of the workers: one of each kind that stays, and the long searches that can be stopped.
import type {
  DraftInput,
  HeatPart,
  Placed,
  ScheduleInput,
  Shorter,
  Working,
  WorkStep,
} from '@zanfirico/core';
import { proxy } from 'comlink';
import type { AssemblyProgress, braidWork, CrewRequest, CrewResult } from './braidWork';
import type { Body, meshWork } from './meshWork';
import type { nightWork } from './nightWork';
import type { rackWork } from './rackWork';
import { once, standing, type Work } from './remote';

const nightWorker = (): Worker =>
  new Worker(new URL('./night.worker.ts', import.meta.url), { type: 'module' });
const braidWorker = (): Worker =>
  new Worker(new URL('./braid.worker.ts', import.meta.url), { type: 'module' });

export const night = standing<typeof nightWork>(nightWorker);
export const mesh = standing<typeof meshWork>(
  () => new Worker(new URL('./mesh.worker.ts', import.meta.url), { type: 'module' }),
);
export const rack = standing<typeof rackWork>(
  () => new Worker(new URL('./rack.worker.ts', import.meta.url), { type: 'module' }),
);

/** The shortest night; the best so far is told on the way. */
export const startShortest = (
  input: ScheduleInput,
  onBest: (best: Shorter) => void,
): Work<Shorter> =>
  once<typeof nightWork, Shorter>(nightWorker, (w) => w.shortest(input, proxy(onBest)));

/** The heats of an order, placed. */
export const startPlacing = (
  parts: readonly HeatPart[],
  steps: readonly WorkStep[],
  working: Working,
): Work<Placed> =>
  once<typeof braidWork, Placed>(braidWorker, (w) => w.place(parts, steps, working));

/** The crew's plan; progress is the best so far, s. */
export const startCrew = (
  request: CrewRequest,
  onBest: (seconds: number) => void,
): Work<CrewResult> =>
  once<typeof braidWork, CrewResult>(braidWorker, (w) => w.crew(request, proxy(onBest)));

/** Orders of assembly, compared. */
export const startAssembly = (
  input: DraftInput,
  parts: readonly HeatPart[],
  onProgress: (progress: AssemblyProgress) => void,
): Work<AssemblyProgress> =>
  once<typeof braidWork, AssemblyProgress>(braidWorker, (w) =>
    w.assemble(input, parts, proxy(onProgress)),
  );

/** A GLB or STL file of the glass body; rejects with a sentence when it cannot be made. How long it took is left as a measure. */
export async function meshFile(
  body: Body,
  format: 'glb' | 'stl',
): Promise<Uint8Array<ArrayBuffer>> {
  const { bytes, milliseconds } = await mesh((w) => w.file(body, format));
  performance.measure(`${format} in the worker`, { start: 0, duration: milliseconds });
  return bytes;
}
