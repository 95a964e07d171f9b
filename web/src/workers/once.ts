// One long piece of work in a worker of its own: it can tell how far it is, and be stopped at any moment.

/** What a worker sends: how far it is, or what came of it. */
export type FromWorker<Result, Progress> =
  { readonly progress: Progress } | { readonly result: Result } | { readonly failed: string };

/** Work under way. */
export interface Work<Result> {
  /** Undefined when it was stopped. */
  readonly done: Promise<Result | undefined>;
  readonly stop: () => void;
}

/** Starts it. Rejects with a sentence when the worker fails. */
export function once<Request, Result, Progress = never>(
  start: () => Worker,
  request: Request,
  onProgress?: (progress: Progress) => void,
): Work<Result> {
  const worker = start();
  let settle: (value: Result | undefined) => void = () => undefined;
  const done = new Promise<Result | undefined>((yes, no) => {
    settle = yes;
    worker.onmessage = ({ data }: MessageEvent<FromWorker<Result, Progress>>) => {
      if ('progress' in data) onProgress?.(data.progress);
      else {
        worker.terminate();
        if ('result' in data) yes(data.result);
        else no(new Error(data.failed));
      }
    };
    worker.onerror = () => {
      worker.terminate();
      no(new Error('The computation stopped unexpectedly; try again.'));
    };
  });
  worker.postMessage(request);
  return {
    done,
    stop: () => {
      worker.terminate();
      settle(undefined);
    },
  };
}
