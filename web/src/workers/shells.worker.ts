// The mesh worker: turns a piece into shells for the screen, and into GLB and STL files.
import { bodyShells } from '@zanfirico/core';
import { glbOf, shellGeometry, stlOf } from '../exports/meshes';
import type { Answer, Request } from './messages';

/** Fineness of the screen's shells and of the files'. */
const SCREEN = { facets: 72, rows: 150 };
const COARSE = { facets: 40, rows: 70 };
const FILE = { facets: 96, rows: 400 };

async function answerTo(request: Request): Promise<Answer> {
  const { body } = request;
  if (request.kind === 'screen')
    return {
      kind: 'screen',
      shells: bodyShells(body.parts, body.bits, request.coarse ? COARSE : SCREEN).map(({ mesh }) =>
        shellGeometry(mesh),
      ),
    };
  const start = performance.now();
  const shells = bodyShells(body.parts, body.bits, FILE);
  const bytes = request.format === 'glb' ? await glbOf(shells) : stlOf(shells);
  return { kind: 'file', bytes, milliseconds: performance.now() - start };
}

self.onmessage = ({ data }: MessageEvent<{ id: number; request: Request }>) => {
  answerTo(data.request).then(
    (answer) => {
      self.postMessage({ id: data.id, answer });
    },
    (error: unknown) => {
      const message = error instanceof Error ? error.message : 'The mesh could not be made.';
      self.postMessage({ id: data.id, answer: { kind: 'failed', message } satisfies Answer });
    },
  );
};
