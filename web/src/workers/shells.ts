// Asking the mesh worker: shells for the turning view, and whole files to take away.
import { asker } from './asking';
import type { Answer, Body, Request, ScreenShell } from './messages';

const ask = asker<Request, Answer>(
  () => new Worker(new URL('./shells.worker.ts', import.meta.url), { type: 'module' }),
  { kind: 'failed', message: 'The mesh could not be made: its worker stopped.' },
);

/** Shells for the turning view, coarse where no graphics hardware draws them. */
export async function screenShells(body: Body, coarse: boolean): Promise<readonly ScreenShell[]> {
  const answer = await ask({ kind: 'screen', body, coarse });
  return answer.kind === 'screen' ? answer.shells : [];
}

/** A GLB or STL file of the glass body; throws a sentence when it cannot be made. How long it took is left as a measure. */
export async function meshFile(
  body: Body,
  format: 'glb' | 'stl',
): Promise<Uint8Array<ArrayBuffer>> {
  const answer = await ask({ kind: 'file', body, format });
  if (answer.kind !== 'file')
    throw new Error(answer.kind === 'failed' ? answer.message : 'The mesh could not be made.');
  performance.measure(`${format} in the worker`, { start: 0, duration: answer.milliseconds });
  return answer.bytes;
}
