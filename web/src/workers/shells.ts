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

/** Shells for the turning view. */
export async function screenShells(body: Body): Promise<readonly ScreenShell[]> {
  const answer = await ask({ kind: 'screen', body });
  return answer.kind === 'screen' ? answer.shells : [];
}

/** A GLB or STL file of the glass body; throws a sentence when it cannot be made. */
export async function meshFile(
  body: Body,
  format: 'glb' | 'stl',
): Promise<{ readonly bytes: Uint8Array<ArrayBuffer>; readonly milliseconds: number }> {
  const answer = await ask({ kind: 'file', body, format });
  if (answer.kind === 'file') return answer;
  throw new Error(answer.kind === 'failed' ? answer.message : 'The mesh could not be made.');
}
