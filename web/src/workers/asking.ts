// Asking a worker: one worker a kind of work, started when first asked, every question answered once.

/** A worker that stopped has no answer; the next question starts another. */
export function asker<Request, Answer>(
  start: () => Worker,
  stopped: Answer,
): (request: Request) => Promise<Answer> {
  let worker: Worker | undefined;
  let next = 0;
  const waiting = new Map<number, (answer: Answer) => void>();
  return (request) => {
    if (!worker) {
      worker = start();
      worker.onmessage = ({ data }: MessageEvent<{ id: number; answer: Answer }>) => {
        waiting.get(data.id)?.(data.answer);
        waiting.delete(data.id);
      };
      worker.onerror = () => {
        for (const done of waiting.values()) done(stopped);
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
  };
}
