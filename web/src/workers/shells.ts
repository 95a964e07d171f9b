// Asking the mesh worker: shells for the turning view, and whole files to take away.
import type { Answer, Body, Request, ScreenShell } from './messages';

let worker: Worker | undefined;
let next = 0;
const waiting = new Map<number, (answer: Answer) => void>();

function ask(request: Request): Promise<Answer> {
  if (!worker) {
    worker = new Worker(new URL('./shells.worker.ts', import.meta.url), { type: 'module' });
    worker.onmessage = ({ data }: MessageEvent<{ id: number; answer: Answer }>) => {
      waiting.get(data.id)?.(data.answer);
      waiting.delete(data.id);
    };
    worker.onerror = () => {
      for (const done of waiting.values())
        done({ kind: 'failed', message: 'The mesh could not be made: its worker stopped.' });
      waiting.clear();
      worker = undefined;
    };
  }
  next += 1;
  const id = next;
  return new Promise((done) => {
    waiting.set(id, done);
    worker?.postMessage({ id, request });
  });
}

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
